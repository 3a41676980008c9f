import { afterAll, expect, it, vi } from "vitest";
import { GET } from "@/app/api/sets/[id]/changes/route";
import { append } from "@/db/entries";
import { stopListening } from "@/server/changes";
import { draftNote, openedShop } from "./shop";

const app = openedShop();
afterAll(stopListening);

const listen = async (setId: string) => {
  const answer = await GET(
    new Request(`http://127.0.0.1:3000/api/sets/${setId}/changes`, { headers: { cookie: app.cookie } }),
    {
      params: Promise.resolve({ id: setId }),
    },
  );
  const reader = answer.body?.getReader();
  const heard: string[] = [];
  void (async () => {
    for (let piece = await reader?.read(); piece && !piece.done; piece = await reader?.read())
      heard.push(new TextDecoder().decode(piece.value));
  })();
  return { answer, heard, stop: () => reader?.cancel() };
};
const changes = (heard: readonly string[]) => heard.filter((text) => text.startsWith("data:")).length;

it("tells an open page at once that its set's log has grown, and nothing of other sets or of what was written", async () => {
  const [mine, other] = [await listen(app.shop.set), await listen(app.shop.visit)];
  expect(mine.answer.headers.get("content-type")).toBe("text/event-stream");
  await vi.waitFor(() => expect(mine.heard.length).toBeGreaterThan(0));
  // The line to the database is open once the first change is heard.
  await vi.waitFor(
    async () => {
      await append(app.held.db, draftNote(app.shop, "a secret of the owner"), app.shop.wren, Date.now());
      await new Promise((resolve) => setTimeout(resolve, 50));
      expect(changes(mine.heard)).toBeGreaterThan(0);
    },
    { timeout: 5000, interval: 50 },
  );
  expect(changes(other.heard)).toBe(0);
  expect(mine.heard.join("")).not.toContain("secret");
  await mine.stop();
  await other.stop();
});

it("is for people of the shop", async () => {
  app.cookie = "";
  expect((await listen(app.shop.set)).answer.status).toBe(401);
});
