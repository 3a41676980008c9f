import { Hourglass, Wrench } from "lucide-react";
import { Link } from "@/ui/Link";
import { WAITS, type Wait } from "@/core/kinds";
import type { BoardState } from "@/core/visit";
import type { BoardCard as Card } from "@/db/summaries";
import { Empty } from "@/ui/Empty";
import { Tag } from "@/ui/Tag";
import { since } from "@/ui/dates";

const WAIT_LABELS: Record<Wait, string> = { parts: "Parts", owner: "Owner", process: "Time" };

/** How far a visit is, in words and as marks: one a step, filled when done, hollow when passed over. */
function Progress({ state }: { state: BoardState }) {
  const count = (wanted: string) => state.sheet.filter((item) => item.state === wanted).length;
  const passed = count("overridden");
  const words = `${count("done")} of ${state.sheet.length} done${passed > 0 ? `, ${passed} passed` : ""}`;
  return (
    <span className="flex items-center gap-0.5 whitespace-nowrap" role="img" aria-label={`Steps: ${words}`}>
      <span className="dim mr-1 text-sm">{words}</span>
      {state.sheet.map((item) => (
        <span
          key={item.step}
          title={`${item.name}: ${item.state}`}
          className={`h-2.5 w-2 rounded-sm border ${
            item.state === "done"
              ? "border-primary bg-primary"
              : item.state === "overridden"
                ? "border-primary"
                : "border-base-300 bg-base-100"
          }`}
        />
      ))}
    </span>
  );
}

function BoardCard({ card, now }: { card: Card; now: string }) {
  const { model, owner, state, job } = card;
  return (
    <li className="rounded-box border border-base-300 bg-base-200 p-2.5">
      <Tag job={job} model={model} owner={owner} complaint={state.complaint} href={`/bench/${job}`} compact />
      <div className="mt-1.5 flex items-center justify-between gap-3 px-1">
        <span className="flex items-center gap-1.5 font-bold whitespace-nowrap">
          <Wrench size={16} aria-hidden="true" /> {state.step}
        </span>
        <Progress state={state} />
      </div>
      <p className="dim flex justify-between gap-3 px-1 text-sm">
        <span className="truncate">{owner}</span>
        <span className="whitespace-nowrap">
          {since(card.openedAt, now)} here{state.open > 0 ? ` · ${state.open} open` : ""}
        </span>
      </p>
      {state.waits.map((wait) => (
        <p key={wait.text} className="mt-1.5 flex gap-1.5 px-1 text-warning">
          <Hourglass size={18} className="mt-0.5 shrink-0" aria-hidden="true" />
          <span>
            <strong>{WAIT_LABELS[wait.for]}:</strong> {wait.text}
          </span>
        </p>
      ))}
    </li>
  );
}

function Section({ title, hint, cards, now }: { title: string; hint: string; cards: readonly Card[]; now: string }) {
  if (cards.length === 0) return null;
  return (
    <section>
      <h2 className="mb-2 text-lg font-bold">
        {title}{" "}
        <span className="dim text-base font-normal">
          · {cards.length} · {hint}
        </span>
      </h2>
      <ul className="grid gap-2.5 md:grid-cols-2 xl:grid-cols-3">
        {cards.map((card) => (
          <BoardCard key={card.job} card={card} now={now} />
        ))}
      </ul>
    </section>
  );
}

/** The sets in the shop: which one can move now, and what blocks the rest. */
export function Board({ cards, now }: { cards: readonly Card[]; now: string }) {
  if (cards.length === 0)
    return (
      <Empty title="No set is in the shop.">
        <Link href="/sets/new" className="btn btn-primary mt-3">
          Take one in
        </Link>
      </Empty>
    );
  const waitOf = (card: Card) => WAITS.indexOf(card.state.waits[0]?.for ?? "parts");
  const waiting = cards.filter((card) => card.state.waits.length > 0).sort((a, b) => waitOf(a) - waitOf(b));
  return (
    <div className="flex flex-col gap-3">
      <Section
        title="Can move now"
        hint="longest in the shop first"
        cards={cards.filter((card) => card.state.waits.length === 0)}
        now={now}
      />
      <Section title="Waits" hint="for parts, for an answer, for time" cards={waiting} now={now} />
    </div>
  );
}
