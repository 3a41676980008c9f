import { v7 } from "uuid";
import { describe, expect, it } from "vitest";
import { MADE_UP_SETS, sealOf, type Act } from "@/core/practice";
import { classExercises, classRuns, closeExercise, endedBy, exerciseById, runById, runsOf } from "@/db/practice";
import { logEntry, model, set as setTable, visit } from "@/db/schema";
import { stockMove } from "@/db/stock-schema";
import { act } from "@/server/practice/act";
import { begin, courseExercise, drawExercise, faultsToHide, hideExercise } from "@/server/practice/make";
import { choices } from "@/server/practice/sets";
import { viewOf } from "@/server/practice/view";
import { planFacts } from "@/db/plan";
import { openedShop } from "./shop";

const opened = openedShop();
const db = () => opened.held.db;
const NOW = "2026-11-27T10:00:00.000Z";
const about = (fields = {}) => ({ by: opened.shop.wren, now: NOW, advice: "asked" as const, ...fields });

async function made(answer: Promise<{ ok: true; id: string } | { ok: false; message: string }>): Promise<string> {
  const done = await answer;
  if (!done.ok) throw new Error(done.message);
  return done.id;
}
async function doing(run: string, ...acts: Act[]) {
  let last: Awaited<ReturnType<typeof act>> | undefined;
  for (const one of acts) last = await act(db(), run, opened.shop.tomasz, one, NOW);
  return last;
}
const LEAKY = "output.coupling-leaky@C7";

describe("practice on the server", () => {
  it("hides a fault behind a seal: no page has it before the end, and the end has the text of the seal", async () => {
    const id = await made(hideExercise(db(), "fjord", LEAKY, about({ forClass: true, notice: "Read the grid." })));
    const run = await begin(db(), id, opened.shop.tomasz);
    const before = JSON.stringify(viewOf(...(await both(run))));
    expect(before).not.toContain("leaky");
    expect(before).not.toContain("Read the grid");
    const { hidden, salt } = (await exerciseById(db(), id))!;
    expect(before).not.toContain(salt);
    expect(before).toContain(sealOf(hidden, salt));
    const end = await doing(
      run,
      { do: "on", through: "isolated" },
      { do: "volts", point: "V4 grid", clip: false },
      { do: "off" },
      { do: "discharge" },
      { do: "exchange", check: "check:C7" },
    );
    expect(end).toMatchObject({ ok: true, view: { end: { notice: "Read the grid.", review: { ended: "found" } } } });
    const sealed = end?.ok ? (end.view.end?.sealed ?? "") : "";
    expect(sealed).toContain(`${salt} ${LEAKY}`);
    expect(await endedBy(db(), opened.shop.tomasz)).toMatchObject([{ kind: "capacitor", found: true }]);
    expect(await classRuns(db(), id)).toMatchObject([{ who: "Tomasz Bielak", found: true, acts: 2 }]);
    expect((await classExercises(db()))[0]).toMatchObject({ runs: 1, ended: 1, closed: false });
    // One try for each: whoever comes again meets the end of it.
    expect(await begin(db(), id, opened.shop.tomasz)).toBe(run);
    expect(await doing(run, { do: "off" })).toMatchObject({ ok: false, message: "This practice has ended." });
    expect(await closeExercise(db(), id)).toBe(true);
    expect(await closeExercise(db(), v7())).toBe(false);
  });

  it("lets an owner say nothing that the set does not do", async () => {
    for (let times = 0; times < 5; times += 1) {
      const words = "Voices are rough, as if it had a cold.";
      const id = await made(hideExercise(db(), "fjord", LEAKY, about(), words));
      expect(await exerciseById(db(), id)).toMatchObject({
        complaint: words,
        told: [{ test: "play", outcome: "distorted" }],
      });
    }
    expect(await hideExercise(db(), "fjord", LEAKY, about(), "The fuse is blown.")).toMatchObject({
      ok: false,
      message: expect.stringMatching(/does not do what “The fuse is blown.” says. Its owner would say: “.+” Change/),
    });
    expect(await drawExercise(db(), "fjord", { kind: "capacitor", words: "The fuse is blown." }, about())).toEqual(
      expect.objectContaining({ ok: true }),
    );
    // What nobody can read stands beside what the set shows.
    const odd = await made(hideExercise(db(), "fjord", LEAKY, about(), "Bring me my slippers."));
    const kept = await exerciseById(db(), odd);
    expect(kept?.complaint).toMatch(/^Bring me my slippers\. \S/);
    expect(kept?.told.length).toBeGreaterThan(0);
  });

  it("gives a run to nobody but its person, and loses nothing of two tabs", async () => {
    const run = await begin(db(), await made(drawExercise(db(), "lantern", {}, about())), opened.shop.tomasz);
    expect(await act(db(), run, opened.shop.wren, { do: "off" }, NOW)).toMatchObject({ ok: false });
    const both = await Promise.all([
      act(db(), run, opened.shop.tomasz, { do: "volts", point: "B+", clip: false }, NOW),
      act(db(), run, opened.shop.tomasz, { do: "on", through: "line" }, NOW),
    ]);
    expect(both.filter(({ ok }) => ok).length).toBeGreaterThanOrEqual(1);
    const { run: kept } = (await runById(db(), run))!;
    expect(kept.done).toHaveLength(both.filter(({ ok }) => ok).length);
    expect(await doing(run, { do: "ohms", point: "no such point" })).toMatchObject({ ok: false });
  });

  it("advises when it is asked, and never where there is none", async () => {
    const asked = await begin(db(), await made(courseExercise(db(), "supply", 0, about())), opened.shop.tomasz);
    const view = await doing(asked, { do: "advice" });
    expect(view?.ok && view.view.now?.next.length).toBeGreaterThan(0);
    const after = await doing(asked, { do: "on", through: "line" });
    expect(after?.ok && after.view.now).toBeUndefined();
    const silent = await begin(
      db(),
      await made(drawExercise(db(), "regent", {}, about({ advice: "off" }))),
      opened.shop.tomasz,
    );
    expect(await doing(silent, { do: "advice" })).toMatchObject({ ok: false });
    const [first] = await runsOf(db(), opened.shop.tomasz);
    expect(first).toMatchObject({ was: null, endedAt: null });
  });

  it("takes any model with a net, and says what cannot be practised on", async () => {
    const own = v7();
    const { sheet } = MADE_UP_SETS.fjord!;
    await db().insert(model).values({ id: own, maker: "Norrvik", designation: "U50", year: 1950, sheet });
    const names = (await choices(db())).map(({ name }) => name);
    expect(names).toContain("Norrvik U50");
    // The shop's Lantern has no net here, and the shipped one stands there once.
    expect(names.filter((name) => name.includes("Lantern"))).toHaveLength(1);
    expect((await faultsToHide(db(), own, NOW)).length).toBeGreaterThan(50);
    expect(await drawExercise(db(), own, { kind: "capacitor" }, about())).toMatchObject({ ok: true });
    expect(await drawExercise(db(), opened.shop.model, {}, about())).toMatchObject({ ok: false });
    expect(await drawExercise(db(), "constructor", {}, about())).toMatchObject({ ok: false });
    expect(await hideExercise(db(), "fjord", "output.none@C99", about())).toMatchObject({ ok: false });
    expect(await courseExercise(db(), "supply", 9, about())).toMatchObject({ ok: false });
  });

  it("stands in nothing of the shop: no set, no job, no entry, nothing in the plan", async () => {
    const count = async () => [
      JSON.stringify({ ...(await planFacts(db())), now: "" }),
      ...(await Promise.all([logEntry, setTable, visit, stockMove].map((table) => db().$count(table)))),
    ];
    const before = await count();
    const run = await begin(db(), await made(drawExercise(db(), "skipper", {}, about())), opened.shop.tomasz);
    await doing(run, { do: "give-up" });
    expect(await count()).toEqual(before);
  });
});

async function both(run: string): Promise<Parameters<typeof viewOf>> {
  const found = (await runById(db(), run))!;
  return [found.run, found.exercise];
}
