import { sql } from "drizzle-orm";
import { describe, expect, it, vi } from "vitest";
import { entriesOfSet } from "@/db/entries";
import { POST } from "@/app/api/entries/route";
import { draftNote, openedShop, signedIn } from "./shop";

const app = openedShop();

const post = async (body: string, headers: Record<string, string> = {}) => {
  const request = new Request("http://127.0.0.1:3000/api/entries", {
    method: "POST",
    body,
    headers: { host: "127.0.0.1:3000", cookie: app.cookie, ...headers },
  });
  const answer = await POST(request, { params: Promise.resolve({}) });
  return {
    status: answer.status,
    body: (await answer.json()) as { entry?: { by: string }; problems?: { message: string }[] },
  };
};
const message = (answer: Awaited<ReturnType<typeof post>>) => answer.body.problems?.[0]?.message;

describe("the append route", () => {
  it("writes in the name of the person who is signed in, and for nobody else", async () => {
    const tomasz = `jumelle-theme=cellar; ${await signedIn(app.shop.tomasz)}`;
    expect((await post(JSON.stringify(draftNote(app.shop, "a")), { cookie: tomasz })).body.entry?.by).toBe(
      app.shop.tomasz,
    );
    expect((await post(JSON.stringify(draftNote(app.shop, "b")))).body.entry?.by).toBe(app.shop.wren);
    for (const stranger of ["", "jumelle-person=x", app.cookie.replace(/.$/, "x")])
      expect((await post(JSON.stringify(draftNote(app.shop, "c")), { cookie: stranger })).status).toBe(401);
  });

  it("takes entries from its own pages only", async () => {
    const draft = JSON.stringify(draftNote(app.shop, "from elsewhere"));
    expect(await post(draft, { origin: "http://elsewhere.example" })).toMatchObject({ status: 403 });
    expect(await post(draft, { origin: "null" })).toMatchObject({ status: 403 });
    expect(await post(draft, { origin: "http://127.0.0.1:3000" })).toMatchObject({ status: 200 });
  });

  it("answers what is no entry with a sentence", async () => {
    expect(await post("{half")).toMatchObject({ status: 400 });
    expect(await post(JSON.stringify(draftNote(app.shop, "")))).toMatchObject({ status: 422 });
    expect(message(await post(JSON.stringify(draftNote(app.shop, ""))))).toContain("The note is empty");
    expect(await post("null")).toMatchObject({ status: 422 });
    expect(await post(JSON.stringify(draftNote(app.shop, "x".repeat(300_000))))).toMatchObject({ status: 413 });
  });

  it("keeps markup as it is written", async () => {
    const markup = "<script>alert(1)</script>";
    await post(JSON.stringify(draftNote(app.shop, markup)));
    const texts = (await entriesOfSet(app.held.db, app.shop.set)).map((entry) =>
      entry.kind === "note" ? entry.payload.text : "",
    );
    expect(texts).toContain(markup);
  });

  it("logs an unexpected failure as one JSON line, and shows its reference", async () => {
    const lines: string[] = [];
    const quiet = vi.spyOn(console, "error").mockImplementation((line: string) => void lines.push(line));
    await app.held.db.execute(sql`alter table log_chain rename to log_chain_away`);
    const answer = await post(JSON.stringify(draftNote(app.shop, "a secret of the owner")));
    await app.held.db.execute(sql`alter table log_chain_away rename to log_chain`);
    quiet.mockRestore();
    expect(answer.status).toBe(500);
    expect(lines.join()).toContain("log_chain");
    expect(lines.join()).not.toContain("a secret");
    const { level, reference, where } = JSON.parse(lines[0] ?? "{}") as Record<string, string>;
    expect([level, where]).toEqual(["error", "append"]);
    expect(message(answer)).toContain(`Reference ${reference}`);
  });
});
