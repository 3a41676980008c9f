import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { applyDifferences, asBuilt, differences } from "./as-built";
import {
  draftSchema,
  readBody,
  type Content,
  type Entry,
  loansOut,
  modificationsOf,
  pendingLines,
  settle,
  type ModState,
} from "../kinds";
import { amend, atOf, entry, idOf, note, replace, SHEET, voltage, withdraw, work } from "../fixtures";
import { openPoints } from "./open-points";
import { originality } from "./originality";
import { historyOf } from "./history-of";
import { seriesOf } from "./series";

const mod = (state: ModState, extra: Partial<Extract<Content, { kind: "modification" }>["payload"]> = {}): Content => ({
  kind: "modification",
  payload: {
    v: 1,
    name: "Audio outlet",
    state,
    what: "a socket at the volume control",
    needs: [],
    parts: [
      { designator: "J901", text: "phono socket" },
      { designator: "C14", text: "0.1/630" },
    ],
    taps: [],
    chassis: "existing-hole",
    steps: [],
    verify: ["level at the outlet"],
    recalibrate: ["dial check"],
    reversible: true,
    undo: "unsolder the socket",
    ...(state === "dropped" ? { remark: "not wanted" } : {}),
    ...extra,
  },
});
const tick = (
  about: string,
  list: "verify" | "recalibrate",
  key: string,
  state: "done" | "skipped" = "done",
): Content => ({
  kind: "tick",
  payload: {
    v: 1,
    about,
    list,
    key,
    text: "x",
    state,
    ...(state === "skipped" ? { why: "the owner does it" } : { saw: "seen" }),
  },
});
const folded = (...entries: Entry[]) => settle(entries).settled;
const late = atOf(900);

describe("a modification over its entries", () => {
  it("stands as its last entry says, and keeps its first as its name", () => {
    const settled = folded(
      entry(1, mod("planned")),
      entry(2, mod("fitted", { about: idOf(1) })),
      entry(3, tick(idOf(1), "verify", "1")),
    );
    const [one] = modificationsOf(settled);
    expect(one).toMatchObject({ id: idOf(1), state: "fitted", changes: [{ state: "planned" }, { state: "fitted" }] });
    expect(one && pendingLines(one).map(({ list, text }) => [list, text])).toEqual([["recalibrate", "dial check"]]);
  });

  it("makes open points that block until each is done or waived, and no closing note waives them at once", () => {
    const base = [entry(1, mod("fitted"))];
    const texts = (...more: Entry[]) =>
      openPoints(folded(...base, ...more), late)
        .filter(({ blocks }) => blocks)
        .map(({ text }) => text);
    expect(texts()).toEqual(["Audio outlet: level at the outlet", "Audio outlet: dial check"]);
    expect(
      texts(entry(2, tick(idOf(1), "verify", "1")), entry(3, tick(idOf(1), "recalibrate", "1", "skipped"))),
    ).toEqual([]);
    expect(texts(entry(2, note("all fine", { closes: [idOf(1)] })))).toHaveLength(2);
  });

  it("asks again for what was ticked before it was fitted anew", () => {
    const settled = folded(
      entry(1, mod("fitted")),
      entry(2, tick(idOf(1), "verify", "1")),
      entry(3, mod("undone", { about: idOf(1) })),
      entry(4, mod("fitted", { about: idOf(1) })),
    );
    expect(modificationsOf(settled).flatMap(pendingLines)).toHaveLength(2);
  });

  it("is refused where a drilled hole is to be reversible, or nobody says how it is put back", () => {
    const draft = (content: Content) => draftSchema.safeParse({ ...entry(1, content) });
    expect(draft(mod("fitted")).success).toBe(true);
    expect(draft(mod("fitted", { chassis: "drilled" })).error?.issues[0]?.message).toContain("cannot be undone");
    expect(draft(mod("fitted", { undo: undefined })).error?.issues[0]?.message).toContain("put it back");
    expect(draft(mod("dropped", { remark: undefined })).success).toBe(false);
    expect(
      draft(
        mod("found", {
          parts: [
            { designator: "C1", text: "1n" },
            { designator: "C1", text: "2n" },
          ],
        }),
      ).success,
    ).toBe(false);
  });
});

describe("the set as built with modifications", () => {
  const places = (entries: Entry[], moment = late) => asBuilt(folded(...entries), SHEET, moment);

  it("has its parts while it is in, at new places and over old ones", () => {
    const built = places([entry(1, mod("fitted"))]);
    expect(built.find(({ designator }) => designator === "C14")).toMatchObject({
      state: "modified",
      modification: { name: "Audio outlet", found: false },
    });
    expect(built.find(({ designator }) => designator === "J901")).toMatchObject({
      role: "modification",
      stage: "Audio outlet",
    });
    expect(places([entry(1, mod("planned"))]).some(({ designator }) => designator === "J901")).toBe(false);
    expect(places([entry(1, mod("found"))]).find(({ designator }) => designator === "J901")?.modification?.found).toBe(
      true,
    );
  });

  it("keeps work on a part of it that came after it was fitted", () => {
    const built = places([entry(1, mod("fitted")), entry(2, replace("C14", "0.22/630"))]);
    expect(built.find(({ designator }) => designator === "C14")).toMatchObject({
      state: "replaced",
      parts: [{ text: "0.22/630" }],
    });
  });

  const anyWork = fc.array(
    fc.oneof(
      fc.constantFrom("C14", "C1", "R7", "R9", "V4").map((name) => replace(name, "1n/630")),
      fc.constantFrom("C14", "R7").map((name) => work([name], "cleaned")),
      fc.constantFrom("C1", "R9").map((name) => work([name], "left", { why: "good" })),
    ),
    { maxLength: 8 },
  );

  it("is after undoing as it was before", () => {
    fc.assert(
      fc.property(anyWork, (before) => {
        const past = before.map((content, index) => entry(index + 1, content));
        const n = past.length + 1;
        const done = [...past, entry(n, mod("fitted")), entry(n + 1, mod("undone", { about: idOf(n) }))];
        expect(places(done)).toEqual(places(past));
        const withdrawn = [...past, entry(n, mod("fitted")), amend(n + 1, idOf(n), withdraw())];
        expect(places(withdrawn)).toEqual(places(past));
      }),
    );
  });

  it("is on the later day what the earlier one is with the differences made to it", () => {
    const step = fc.oneof(
      fc.constantFrom("C14", "C1", "R7", "V4", "C99").map((name) => replace(name, "1n/630")),
      fc.constant(mod("fitted")),
      fc.constant(work(["R7"], "cleaned")),
    );
    fc.assert(
      fc.property(fc.array(step, { maxLength: 10 }), fc.nat(10), fc.nat(10), fc.boolean(), (steps, a, b, undo) => {
        const entries = steps.map((content, index) => entry(index + 1, content));
        const first = entries.find(({ kind }) => kind === "modification");
        if (undo && first) entries.push(entry(entries.length + 1, mod("undone", { about: first.id })));
        const settled = folded(...entries);
        const [from, to] = [Math.min(a, b), Math.max(a, b)].map(atOf);
        const changes = differences(settled, SHEET, from ?? "", to ?? "");
        const after = applyDifferences(asBuilt(settled, SHEET, from ?? ""), changes);
        const byName = (list: typeof after) => new Map(list.map((place) => [place.designator, place]));
        expect(byName(after)).toEqual(byName(asBuilt(settled, SHEET, to ?? "")));
      }),
    );
  });

  it("tells a place that a modification took away again", () => {
    const settled = folded(entry(1, mod("fitted")), entry(5, mod("undone", { about: idOf(1) })));
    const changes = differences(settled, SHEET, atOf(2), atOf(6));
    const socket = changes.find(({ designator }) => designator === "J901");
    expect(socket?.before).toBeDefined();
    expect(socket?.after).toBeUndefined();
  });
});

describe("how original a set is", () => {
  it("counts places: serviced and left are original, restuffed looks so, added ones are told apart", () => {
    const built = asBuilt(
      folded(
        entry(1, work(["C14"], "restuffed", { now: [{ designator: "C14", text: "47n/630" }] })),
        entry(2, replace("C1", "22µ/450")),
        entry(3, work(["R7"], "left", { why: "good" })),
        entry(4, mod("fitted", { parts: [{ designator: "J901", text: "socket" }] })),
      ),
      SHEET,
      late,
    );
    expect(originality(built)).toMatchObject({ places: 5, original: 3, looksOriginal: 4, added: 1, share: 0.6 });
    expect(originality(built).text).toBe(
      "3 of 5 places hold their original part (60 %); 1 more looks so, restuffed inside the old shell; modifications added 1 part, not counted",
    );
    expect(originality([])).toMatchObject({ share: 1, looksShare: 1 });
  });

  it("never grows by replacing a part", () => {
    fc.assert(
      fc.property(fc.subarray(["C14", "C1", "R7", "R9", "V4"]), (names) => {
        const built = asBuilt(
          folded(...names.map((name, index) => entry(index + 1, replace(name, "1n/630")))),
          SHEET,
          late,
        );
        expect(originality(built).original).toBe(5 - names.length);
      }),
    );
  });
});

describe("loans", () => {
  const loan = (state: "in" | "out", about?: string): Content => ({
    kind: "loan",
    payload: { v: 1, what: "spare board", state, ...(about ? { about } : {}) },
  });
  const swap: Content = {
    kind: "fault-test",
    payload: { v: 1, test: "swap:pa", outcome: "cured", what: "Another tube in the PA", says: "it is cured" },
  };

  it("are out until somebody says that they came out; a swap made to search is one", () => {
    expect(loansOut(folded(entry(1, loan("in")), entry(2, swap))).map(({ id }) => id)).toEqual([idOf(1), idOf(2)]);
    expect(
      loansOut(
        folded(entry(1, loan("in")), entry(2, swap), entry(3, loan("out", idOf(1))), entry(4, loan("out", idOf(2)))),
      ),
    ).toEqual([]);
    expect(openPoints(folded(entry(1, loan("in"))), late)).toMatchObject([{ kind: "loan", blocks: true }]);
  });
});

describe("entries of a newer version", () => {
  it("are kept as they came; what is broken in a known kind is still refused", () => {
    expect(readBody("spectrum", { v: 3, peaks: [1, 2] })).toMatchObject({
      ok: true,
      body: { kind: "unknown", payload: { kind: "spectrum", payload: { v: 3 } } },
    });
    expect(readBody("note", { v: 2, words: "x" })).toMatchObject({ ok: true, body: { kind: "unknown" } });
    expect(readBody("note", { v: 1 })).toMatchObject({ ok: false });
    expect(readBody("note", null)).toMatchObject({ ok: false });
  });

  it("are never written here", () => {
    const draft = { ...entry(1, { kind: "unknown", payload: { v: 1, kind: "spectrum", payload: {} } }) };
    expect(draftSchema.safeParse(draft).success).toBe(false);
  });
});

describe("what was said of a part, and of a point over the years", () => {
  const reading = (n: number, point: string, value: number) => entry(n, voltage(point, value, 250));

  it("gathers work, electrodes and findings of a designator", () => {
    const settled = folded(
      entry(1, replace("C14", "1n/630")),
      reading(2, "V4 grid", 3),
      entry(3, {
        kind: "finding",
        payload: {
          v: 1,
          fault: "output.coupling-leaky@C14",
          cause: "C14 leaks",
          state: "found",
          evidence: [],
          work: [],
          gone: [],
        },
      }),
      entry(4, replace("C1", "1n/630")),
    );
    expect(historyOf(settled, "C14").map(({ entry: { id } }) => id)).toEqual([idOf(1), idOf(3)]);
    expect(historyOf(settled, "V4").map(({ entry: { id } }) => id)).toEqual([idOf(2)]);
  });

  it("draws what was measured twice, with the limits of its last expectation", () => {
    const settled = folded(reading(1, "B+", 240), reading(2, "B+", 261), reading(3, "AVC", 3));
    expect(seriesOf(settled)).toMatchObject([
      { name: "B+", low: 200, high: 300, taken: [{ value: 240 }, { value: 261 }] },
    ]);
  });

  it("keeps a test under another condition apart", () => {
    const test = (n: number, condition: string, value: number) =>
      entry(n, {
        kind: "test-result",
        payload: {
          v: 1,
          phase: "prove",
          test: "output",
          condition,
          measured: { text: String(value), value },
          unit: "W",
          nominal: { text: "50", value: 50 },
          sense: "at-least",
        },
      });
    const settled = folded(test(1, "80 m", 47), test(2, "40 m", 46), test(3, "80 m", 61));
    expect(seriesOf(settled)).toMatchObject([
      { name: "output at 80 m", unit: "W", low: 50, taken: [{ value: 47 }, { value: 61 }] },
    ]);
  });
});
