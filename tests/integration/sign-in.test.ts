import { eq } from "drizzle-orm";
import { v7 } from "uuid";
import { afterAll, beforeAll, beforeEach, describe, expect, it, vi } from "vitest";
import { TOLD_DAYS, WRONG_PINS } from "@/core/access";
import { POST } from "@/app/api/entries/route";
import { signInAccount, signInSession, signInUser, writingTurn } from "@/db/access-schema";
import { entriesOfSet } from "@/db/entries";
import { events } from "@/db/events";
import { changePerson, people } from "@/db/people";
import { person } from "@/db/schema";
import { endSessionsOf, lockSession, sessionsOf, setPassword, setPin } from "@/db/sessions";
import { turnById } from "@/db/turns";
import { auth } from "@/server/access/auth";
import { hashOf, hashOfPin, newPassword, weakness } from "@/server/access/passwords";
import { signInWith, signOutOf, takeOverWith } from "@/server/access/signing";
import { standing } from "@/server/access/standing";
import { proofOf } from "@/server/access/writer";
import { device, newDevice } from "./device";
import { draftNote, freshDatabase, openShop, PASSWORD, signedIn, type Shop } from "./shop";

let held: Awaited<ReturnType<typeof freshDatabase>>;
let shop: Shop;

vi.mock("next/headers", async () => (await import("./device")).nextHeaders);

const standingSession = (here: Awaited<ReturnType<typeof standing>>) => {
  if (here.kind === "nobody") throw new Error("nobody is signed in");
  return here;
};
const happened = async () => (await events(held.db, 50)).map(({ what }) => what);

beforeAll(async () => {
  held = await freshDatabase();
  shop = await openShop(held.db);
  vi.stubEnv("DATABASE_URL", held.url);
  for (const id of [shop.wren, shop.tomasz]) await signedIn(id);
});
afterAll(async () => {
  vi.unstubAllEnvs();
  await held.close();
});
beforeEach(() => newDevice());

describe("signing in", () => {
  it("takes name and password, whatever the case of the name, and keeps hashes alone", async () => {
    expect(await signInWith(device(), " wren  OKAFOR ", PASSWORD)).toEqual({ ok: true, mustChange: false });
    const who = await standing(device());
    expect(who).toMatchObject({ kind: "here", person: { name: "Wren Okafor" } });
    const rows = await held.db.select().from(signInAccount);
    expect(rows.every(({ password }) => password && !password.includes(PASSWORD))).toBe(true);
    const [session] = await sessionsOf(held.db, shop.wren);
    // What the shop's own proxy wrote, not what a stranger put before it.
    expect(session?.address).toBe("192.168.1.20");
  });

  it("says one sentence for a wrong name, a wrong password and somebody who has left, and notes each", async () => {
    const left = { id: v7(), name: "Pim Gone", access: "technician" as const, retired: true };
    await held.db.insert(person).values(left);
    await setPassword(held.db, { ...left, username: "pim gone" }, await hashOf(PASSWORD), false);
    const said = [];
    for (const [name, password] of [
      ["Wren Okafor", "wrong wrong wrong"],
      ["Nobody At All", PASSWORD],
      ["Pim Gone", PASSWORD],
    ] as const)
      said.push(await signInWith(device("192.168.1.21"), name, password));
    expect(new Set(said.map((one) => JSON.stringify(one))).size).toBe(1);
    expect(said[0]).toMatchObject({ ok: false, message: "The name or the password is wrong." });
    expect((await events(held.db, 3)).map(({ what, about, address }) => [what, about, address])).toEqual([
      ["sign-in-failed", "Pim Gone", "192.168.1.21"],
      ["sign-in-failed", "Nobody At All", "192.168.1.21"],
      ["sign-in-failed", "Wren Okafor", "192.168.1.21"],
    ]);
  });

  it("waits after ten wrong tries from one place, also for the right password, and not elsewhere", async () => {
    for (let n = 0; n < 10; n += 1) await signInWith(device("192.168.1.66"), `guess ${n}`, "not the password");
    const refused = await signInWith(device("192.168.1.66"), "Tomasz Bielak", PASSWORD);
    expect(refused).toMatchObject({ ok: false, message: expect.stringContaining("Too many tries") });
    expect(await signInWith(device("192.168.1.67"), "Tomasz Bielak", PASSWORD)).toMatchObject({ ok: true });
  });

  it("ends with signing out, and nothing of the session is left", async () => {
    await signInWith(device(), "Tomasz Bielak", PASSWORD);
    const kept = device();
    await signOutOf(kept);
    expect(await standing(kept)).toEqual({ kind: "nobody" });
  });

  it("ends at once for somebody who is retired or whose sessions are ended", async () => {
    await signInWith(device(), "Tomasz Bielak", PASSWORD);
    await held.db.update(person).set({ retired: true }).where(eq(person.id, shop.tomasz));
    expect((await standing(device())).kind).toBe("nobody");
    await held.db.update(person).set({ retired: false }).where(eq(person.id, shop.tomasz));
    expect((await standing(device())).kind).toBe("here");
    await endSessionsOf(held.db, shop.tomasz);
    expect((await standing(device())).kind).toBe("nobody");
  });

  it("lasts for thirty days and no longer, however often it is used; what has run out is forgotten", async () => {
    await signInWith(device(), "Wren Okafor", PASSWORD);
    const mine = standingSession(await standing(device()));
    const early = new Date(Date.now() + 5 * 86_400_000);
    const away = new Date(Date.now() - 3 * 86_400_000);
    await held.db
      .update(signInSession)
      .set({ expiresAt: early, updatedAt: away })
      .where(eq(signInSession.id, mine.sessionId));
    expect(await standing(device())).toMatchObject({ kind: "here" });
    const row = () => held.db.select().from(signInSession).where(eq(signInSession.id, mine.sessionId));
    expect((await row())[0]?.expiresAt).toEqual(early);
    // The list of one's devices says when each was used last.
    await vi.waitFor(async () => expect((await row())[0]?.updatedAt.getTime()).toBeGreaterThan(away.getTime()));

    await held.db.update(signInSession).set({ expiresAt: away }).where(eq(signInSession.id, mine.sessionId));
    expect(await standing(device())).toEqual({ kind: "nobody" });
    await held.db
      .update(writingTurn)
      .set({ beganAt: "2024-01-01T00:00:00Z" })
      .where(eq(writingTurn.id, mine.turnId ?? ""));
    newDevice();
    await signInWith(device(), "Wren Okafor", PASSWORD);
    expect(device().get("cookie")).not.toBe("");
    expect(await row()).toEqual([]);
    expect(await turnById(held.db, mine.turnId ?? "")).toBeUndefined();
    // The turn of somebody who is signed in is kept, however old.
    const now = standingSession(await standing(device()));
    await held.db
      .update(writingTurn)
      .set({ beganAt: "2024-01-01T00:00:00Z" })
      .where(eq(writingTurn.id, now.turnId ?? ""));
    await signedIn(shop.tomasz);
    expect(await turnById(held.db, now.turnId ?? "")).toBeDefined();
  });

  it("with a password that was told too long ago is refused, until a new one is told", async () => {
    const password = await newPassword(shop.tomasz);
    const told = (days: number) =>
      held.db
        .update(signInUser)
        .set({ updatedAt: new Date(Date.now() - days * 86_400_000) })
        .where(eq(signInUser.id, shop.tomasz));
    await told(TOLD_DAYS + 1);
    expect(await signInWith(device("192.168.1.41"), "Tomasz Bielak", password)).toMatchObject({
      ok: false,
      message: expect.stringContaining("good no more"),
    });
    expect(await signInWith(device("192.168.1.41"), "Tomasz Bielak", "wrong wrong wrong")).toMatchObject({
      ok: false,
      message: "The name or the password is wrong.",
    });
    await told(TOLD_DAYS - 1);
    expect(await signInWith(device("192.168.1.41"), "Tomasz Bielak", password)).toMatchObject({ ok: true });
  });

  it("with a password that somebody else has seen asks for one of one's own first", async () => {
    const password = await newPassword(shop.tomasz);
    expect(password).toMatch(/^([a-z2-9]{4}-){3}[a-z2-9]{4}$/);
    expect(await signInWith(device(), "Tomasz Bielak", password)).toEqual({ ok: true, mustChange: true });
    const answer = await POST(
      new Request("http://127.0.0.1:3000/api/entries", {
        method: "POST",
        body: JSON.stringify(draftNote(shop, "too early")),
        headers: device(),
      }),
      { params: Promise.resolve({}) },
    );
    expect(answer.status).toBe(403);
    await setPassword(
      held.db,
      { id: shop.tomasz, name: "Tomasz Bielak", username: "tomasz bielak" },
      await hashOf(PASSWORD),
      false,
    );
  });
});

describe("a PIN", () => {
  beforeEach(async () => {
    await setPin(held.db, shop.tomasz, await hashOfPin(shop.tomasz, "40711"));
    await held.db.update(signInUser).set({ pinWrong: 0 });
  });

  it("changes the person on a device that is known, and nowhere else", async () => {
    expect(await takeOverWith(device(), shop.tomasz, "40711")).toMatchObject({ ok: false });
    await signInWith(device(), "Wren Okafor", PASSWORD);
    const before = device();
    expect(await takeOverWith(device(), shop.tomasz, "40711")).toMatchObject({ ok: true });
    expect(await standing(device())).toMatchObject({ kind: "here", person: { name: "Tomasz Bielak" } });
    // Who was there before is there no more.
    expect((await standing(before)).kind).toBe("nobody");
    expect(await happened()).toContain("took-over");
  });

  it("opens a locked screen without a new session", async () => {
    await signInWith(device(), "Tomasz Bielak", PASSWORD);
    const here = await standing(device());
    if (here.kind === "nobody") throw new Error("not signed in");
    await lockSession(held.db, here.sessionId, true);
    expect((await standing(device())).kind).toBe("locked");
    expect(await takeOverWith(device(), shop.tomasz, "11111")).toMatchObject({ ok: false });
    expect((await standing(device())).kind).toBe("locked");
    expect(await takeOverWith(device(), shop.tomasz, "40711")).toEqual({ ok: true });
    expect(await standing(device())).toMatchObject({ kind: "here", sessionId: here.sessionId });
  });

  it("is locked after five wrong ones, also when they come all at once, until the password is typed", async () => {
    await signInWith(device(), "Wren Okafor", PASSWORD);
    const tries = await Promise.all(
      Array.from({ length: 8 }, (_, n) => takeOverWith(device(), shop.tomasz, `9999${n}`)),
    );
    expect(tries.every(({ ok }) => !ok)).toBe(true);
    const right = await takeOverWith(device(), shop.tomasz, "40711");
    expect(right).toMatchObject({ ok: false, message: expect.stringContaining(`${WRONG_PINS} wrong PINs`) });
    expect((await happened()).filter((what) => what === "pin-locked")).toHaveLength(1);
    expect(await signInWith(device(), "Tomasz Bielak", PASSWORD)).toMatchObject({ ok: true });
    await signInWith(device(), "Wren Okafor", PASSWORD);
    expect(await takeOverWith(device(), shop.tomasz, "40711")).toMatchObject({ ok: true });
  });

  it("cannot be tried by somebody who has the database and not the secret of the machine", async () => {
    const hash = await hashOfPin(shop.tomasz, "40711");
    const { verify } = (await auth().$context).password;
    expect(await verify({ password: "40711", hash })).toBe(false);
  });
});

describe("passwords that are refused", () => {
  it.each(["password12", "qwertyuiop", "1234567890", "letmein2024", "aaaaaaaaaaaa", "iloveyou11"])("%s", (password) =>
    expect(weakness(password, ["Wren Okafor"])).toBeDefined(),
  );
  it.each([PASSWORD, "kettle drum ladder 9", "R7vw2mKq0z"])("%s is taken", (password) =>
    expect(weakness(password, ["Wren Okafor"])).toBeUndefined(),
  );
});

describe("people", () => {
  it("keep an owner: the last one is neither retired nor made something else", async () => {
    const wren = { id: shop.wren, name: "Wren Okafor" };
    for (const change of [
      { access: "lead" as const, retired: false },
      { access: "owner" as const, retired: true },
    ])
      expect(await changePerson(held.db, { ...wren, ...change })).toMatchObject({
        ok: false,
        message: expect.stringContaining("the only owner"),
      });
  });

  it("are renamed, and sign in by the new name; two of one name there are not", async () => {
    const tomasz = { id: shop.tomasz, access: "technician" as const, retired: false };
    expect(await changePerson(held.db, { ...tomasz, name: "wren okafor" })).toMatchObject({ ok: false });
    expect(await changePerson(held.db, { ...tomasz, name: "Tomasz B. Bielak" })).toMatchObject({ ok: true });
    expect(await signInWith(device("192.168.1.90"), "tomasz b. bielak", PASSWORD)).toMatchObject({ ok: true });
    await changePerson(held.db, { ...tomasz, name: "Tomasz Bielak" });
    expect((await people(held.db)).map(({ name }) => name)).toContain("Tomasz Bielak");
  });
});

describe("an entry that waited on the device while the person changed", () => {
  const send = (draft: object, headers: Record<string, string>) => {
    const all = device();
    for (const [name, value] of Object.entries(headers)) all.set(name, value);
    return POST(
      new Request("http://127.0.0.1:3000/api/entries", { method: "POST", body: JSON.stringify(draft), headers: all }),
      { params: Promise.resolve({}) },
    );
  };
  const writerOf = async (id: string) => (await entriesOfSet(held.db, shop.set)).find((one) => one.id === id)?.by;

  it("keeps its writer by the proof of their turn; without it, or with another text, it is not taken", async () => {
    await setPin(held.db, shop.tomasz, await hashOfPin(shop.tomasz, "40711"));
    await signInWith(device(), "Wren Okafor", PASSWORD);
    const wren = await standing(device());
    const turn = wren.kind === "here" && wren.turnId ? await turnById(held.db, wren.turnId) : undefined;
    if (!turn) throw new Error("no turn");
    const [mine, forged] = [draftNote(shop, "written by Wren"), draftNote(shop, "not written by Wren")];
    const proof = proofOf(turn.key, Buffer.from(JSON.stringify(mine)));
    await takeOverWith(device(), shop.tomasz, "40711");
    expect((await send(forged, { "x-turn": turn.id, "x-proof": proof })).status).toBe(403);
    expect((await send(mine, { "x-turn": turn.id })).status).toBe(403);
    expect((await send(mine, { "x-turn": v7(), "x-proof": proof })).status).toBe(403);
    expect((await send(mine, { "x-turn": turn.id, "x-proof": proof })).status).toBe(200);
    expect(await writerOf(mine.id)).toBe(shop.wren);
    const own = draftNote(shop, "written by Tomasz");
    await send(own, {});
    expect(await writerOf(own.id)).toBe(shop.tomasz);
  });
});

describe("what a role may write", () => {
  const write = async (role: "desk" | "reader" | "apprentice" | "technician", kind: string, payload: object) => {
    const cookie = await signedIn(shop.tomasz, role);
    const draft = { ...draftNote(shop, ""), kind, payload };
    const answer = await POST(
      new Request("http://127.0.0.1:3000/api/entries", {
        method: "POST",
        body: JSON.stringify(draft),
        headers: { cookie },
      }),
      { params: Promise.resolve({}) },
    );
    return { status: answer.status, body: (await answer.json()) as { entry?: { payload: object } } };
  };
  const check = { v: 1, list: "make-safe", key: "lead", text: "The lead", state: "done" };

  it("is asked entry by entry", async () => {
    const note = { v: 1, text: "the owner rang", open: false, closes: [] };
    expect((await write("desk", "note", note)).status).toBe(200);
    expect((await write("desk", "check", check)).status).toBe(422);
    expect((await write("reader", "note", note)).status).toBe(422);
    expect((await write("apprentice", "hand-back", { v: 1, summary: "plays", oldParts: "none" })).status).toBe(422);
    expect((await write("technician", "confirmed", { v: 1, entries: [v7()] })).status).toBe(422);
  });

  it("marks what an apprentice ticks for safety, and nobody sets or takes away the mark by hand", async () => {
    expect((await write("apprentice", "check", check)).body.entry?.payload).toMatchObject({ waits: true });
    expect((await write("technician", "check", { ...check, waits: true })).body.entry?.payload).not.toHaveProperty(
      "waits",
    );
  });
});
