import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { asBuilt, differences, openPoints, timeline } from ".";
import { settle, type Entry } from "../kinds";
import { upTo } from "../log";
import {
  amend,
  atOf,
  correct,
  entry,
  idOf,
  note,
  replace,
  resistance,
  says,
  SET,
  SHEET,
  symptom,
  VISIT,
  withdraw,
  work,
} from "../fixtures";

const END = atOf(100_000);
const texts = (entries: Entry[]) =>
  settle(entries).settled.map(({ content }) => (content?.kind === "note" ? content.payload.text : null));

describe("what had happened up to a moment", () => {
  it("is all that lies at it or before it, in whatever order it came and however many share an hour", () => {
    const hours = fc.array(fc.integer({ min: 0, max: 20 }), { maxLength: 40 });
    fc.assert(
      fc.property(hours, fc.integer({ min: -1, max: 21 }), (moments, until) => {
        const { settled } = settle(moments.map((hour, index) => ({ ...entry(index, note("x")), at: atOf(hour) })));
        expect(upTo(settled, atOf(until))).toEqual(
          settled.filter(({ at }) => Date.parse(at) <= Date.parse(atOf(until))),
        );
      }),
    );
  });
});

describe("amendments", () => {
  const first = entry(1, note("B+ is at pin 3"));

  it("correct what an entry says and keep the original in reach", () => {
    const { settled } = settle([first, amend(2, first.id, correct(note("that was the screen, not B+")))]);
    expect(says(settled)).toEqual([expect.objectContaining({ text: "that was the screen, not B+" })]);
    expect(settled[0]?.entry.payload).toMatchObject({ text: "B+ is at pin 3" });
    expect(settled[0]?.inForce?.reason).toBe("mistyped");
  });

  it("withdraw an entry, and the last one in force wins", () => {
    expect(texts([first, amend(2, first.id, withdraw())])).toEqual([null]);
    expect(texts([first, amend(2, first.id, withdraw()), amend(3, first.id, correct(note("after all")))])).toEqual([
      "after all",
    ]);
  });

  it("withdrawing an amendment lets the entry stand as before it", () => {
    const once = amend(2, first.id, correct(note("first correction")));
    const twice = amend(3, first.id, correct(note("second correction")));
    expect(texts([first, once, twice, amend(4, twice.id, withdraw())])).toEqual(["first correction"]);
    expect(texts([first, once, amend(4, once.id, withdraw())])).toEqual(["B+ is at pin 3"]);
  });

  it("correcting an amendment replaces what it says; withdrawing that correction restores it", () => {
    const once = amend(2, first.id, withdraw());
    const twice = amend(3, once.id, correct(note("kept after all")));
    expect(texts([first, once, twice])).toEqual(["kept after all"]);
    expect(texts([first, once, twice, amend(4, twice.id, withdraw())])).toEqual([null]);
  });

  it("move an entry to when it really happened", () => {
    const later = entry(5, note("later"));
    const { settled } = settle([first, later, amend(6, later.id, correct(note("in truth earlier"), atOf(0)))]);
    expect(settled.map((item) => item.at)).toEqual([atOf(0), atOf(1)]);
  });

  it("wait for an entry that has not arrived, and take effect when it does", () => {
    const early = amend(2, first.id, withdraw());
    expect(settle([early])).toEqual({ settled: [], waiting: [early] });
    expect(settle([early, first]).waiting).toEqual([]);
    expect(texts([early, first])).toEqual([null]);
  });
});

/** A random logbook: notes, work and readings, then amendments of anything before them. */
const logbook = fc
  .array(
    fc.record({
      kind: fc.integer({ min: 0, max: 7 }),
      target: fc.nat(),
      hours: fc.nat({ max: 12 }),
      part: fc.constantFrom("C14", "C1", "R7", "C99"),
    }),
    { minLength: 1, maxLength: 25 },
  )
  .map((plan) => {
    const entries: Entry[] = [];
    for (const [n, { kind, target, hours, part }] of plan.entries()) {
      const about = entries[target % Math.max(1, entries.length)]?.id;
      const made =
        kind >= 6 && about
          ? amend(n, about, kind === 6 ? withdraw() : correct(replace(part, "47n/630")))
          : entry(
              n,
              [
                note("open", { open: true }),
                replace(part, "47n/630"),
                work([part], "left", { why: "sound" }),
                resistance(part, 600e3, 470e3),
                symptom("hum"),
                work([part], "removed"),
              ][kind % 6] ?? note("x"),
            );
      // Several entries share a time, as they do when two people write at once.
      entries.push({ ...made, at: atOf(hours) });
    }
    return entries;
  });

describe("the order of arrival", () => {
  const known = (entries: Entry[]) => {
    const { settled, waiting } = settle(entries);
    return {
      settled,
      waiting,
      built: asBuilt(settled, SHEET, END),
      open: openPoints(settled, END),
      changes: differences(settled, SHEET, atOf(3), atOf(9)),
    };
  };

  it("never changes the result, and an entry that arrives twice counts once", () => {
    fc.assert(
      fc.property(
        logbook.chain((entries) =>
          fc.tuple(
            fc.constant(entries),
            fc.shuffledSubarray(entries, { minLength: entries.length }),
            fc.subarray(entries),
          ),
        ),
        ([entries, shuffled, again]) => {
          expect(known([...shuffled, ...again])).toEqual(known(entries));
        },
      ),
    );
  });

  it("loses nothing: every entry is settled or in an amendment list", () => {
    fc.assert(
      fc.property(logbook, (entries) => {
        const { settled, waiting } = settle(entries);
        const seen = [...settled.flatMap((item) => [item.entry, ...item.amendments]), ...waiting].map((e) => e.id);
        expect([...seen].sort()).toEqual(entries.map((e) => e.id).sort());
      }),
    );
  });

  it("withdrawing the newest amendment always restores what was known before it", () => {
    fc.assert(
      fc.property(logbook, (entries) => {
        const root = entries.find((e) => e.kind !== "amendment");
        if (!root) return;
        const extra = { ...amend(200, root.id, withdraw()), at: atOf(50) };
        const undo = { ...amend(201, extra.id, withdraw()), at: atOf(51) };
        expect(says(settle([...entries, extra, undo]).settled)).toEqual(says(settle(entries).settled));
      }),
    );
  });
});

describe("a long dispute", () => {
  it("of many thousand amendments, each of the one before, is settled: an even number of withdrawals undoes itself", () => {
    for (const length of [2000, 30_001]) {
      const chain = Array.from({ length }, (_, n) => amend(n + 2, idOf(n + 1), withdraw()));
      const [item] = settle([entry(1, note("x")), ...chain.toReversed()]).settled;
      expect(item?.content === null).toBe(length % 2 === 1);
      expect(item?.amendments).toHaveLength(length);
    }
  });
});

describe("timeline", () => {
  it("groups by visit and knows when one was handed back", () => {
    const handBack = entry(3, { kind: "hand-back", payload: { v: 1, summary: "Plays.", oldParts: "returned" } });
    const visits = [{ id: VISIT, setId: SET, job: 7, openedAt: atOf(0) }];
    const open = timeline(settle([entry(1, note("x"))]).settled, visits);
    expect(open[0]?.closedAt).toBeUndefined();
    const closed = timeline(settle([entry(1, note("x")), handBack]).settled, visits);
    expect(closed[0]).toMatchObject({ job: 7, closedAt: atOf(3), items: [{ at: atOf(1) }, { at: atOf(3) }] });
    const reopened = timeline(settle([handBack, amend(4, idOf(3), withdraw())]).settled, visits);
    expect(reopened[0]?.closedAt).toBeUndefined();
  });
});
