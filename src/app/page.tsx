import { may } from "@/core/access";
import { Board } from "@/features/board/Board";
import { database } from "@/db/client";
import { planFacts } from "@/db/plan";
import { boardCards } from "@/db/summaries";
import { enter } from "@/server/access/page";
import { Tag } from "@/ui/Tag";

export default async function BoardPage() {
  const { person } = await enter("/");
  const db = database();
  const cards = await boardCards(db);
  const facts = await planFacts(db, cards);
  const tags = Object.fromEntries(
    cards.map(({ job, model, owner, state }) => [
      job,
      <Tag
        key={job}
        job={job}
        model={model}
        owner={owner}
        complaint={state.complaint}
        href={`/bench/${job}`}
        compact
      />,
    ]),
  );
  return (
    <main className="p-4">
      <h1 className="sr-only">Board</h1>
      <Board
        cards={cards}
        tags={tags}
        facts={facts}
        now={new Date().toISOString()}
        me={{ id: person.id, name: person.name, works: may(person.access, "bench") }}
      />
    </main>
  );
}
