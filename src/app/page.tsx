import { Board } from "@/features/board/Board";
import { database } from "@/db/client";
import { boardCards } from "@/db/summaries";
import { enter } from "@/server/access/page";

export default async function BoardPage() {
  await enter("/");
  const cards = await boardCards(database());
  return (
    <main className="p-4">
      <h1 className="sr-only">Board</h1>
      <Board cards={cards} now={new Date().toISOString()} />
    </main>
  );
}
