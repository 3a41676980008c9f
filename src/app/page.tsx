import { Board } from "@/features/board/Board";
import { database } from "@/db/client";
import { setsPerhapsInShop } from "@/db/sets";

export default async function BoardPage() {
  const files = await setsPerhapsInShop(database());
  return (
    <main className="p-4">
      <h1 className="sr-only">Board</h1>
      <Board files={files} now={new Date().toISOString()} />
    </main>
  );
}
