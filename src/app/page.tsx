import { Board } from "@/features/board/Board";
import { database } from "@/db/client";
import { setsInShop } from "@/db/summaries";
import { enter } from "@/server/access/page";

export default async function BoardPage() {
  await enter("/");
  const files = await setsInShop(database());
  return (
    <main className="p-4">
      <h1 className="sr-only">Board</h1>
      <Board files={files} now={new Date().toISOString()} />
    </main>
  );
}
