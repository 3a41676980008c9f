import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { settle, type Content, type Entry } from "../kinds";
import { entry, VISIT } from "../fixtures";
import { driftOf, soakOf } from "./soak";

const RULES = { warmMinutes: 15, driftVolts: 0.03, driftAmps: 0.05, driftOther: 0.1 };
const soak = (n: number, at: string, state: "start" | "pause" | "resume" | "end", hours = 4): Entry => ({
  ...entry(n, { kind: "soak", payload: { v: 1, state, ...(state === "start" ? { hours, lineVolts: 230 } : {}) } }),
  at,
});
const reads = (n: number, at: string, value: number): Entry => ({
  ...entry(n, {
    kind: "reading",
    payload: { v: 1, phase: "soak", point: "B+", quantity: "voltage", measured: { text: String(value), value } },
  } as Content),
  at,
});
const of = (entries: Entry[], now: string) => soakOf(settle(entries).settled, VISIT, now, RULES);

describe("a soak", () => {
  it("counts the time under power, pauses left out", () => {
    const entries = [
      soak(1, "2026-03-01T10:00:00Z", "start"),
      soak(2, "2026-03-01T11:00:00Z", "pause"),
      soak(3, "2026-03-02T09:00:00Z", "resume"),
    ];
    expect(of(entries, "2026-03-02T09:30:00Z")).toMatchObject({
      state: "running",
      elapsedMinutes: 90,
      leftMinutes: 150,
      lineVolts: 230,
    });
    expect(of([...entries, soak(4, "2026-03-02T12:00:00Z", "end")], "2026-03-09T00:00:00Z")).toMatchObject({
      state: "ended",
      elapsedMinutes: 240,
      leftMinutes: 0,
    });
    expect(of([], "2026-03-02T09:30:00Z")).toBeUndefined();
  });

  it("is not moved by summer time: instants are UTC (29 March 2026, 01:00 UTC)", () => {
    const entries = [soak(1, "2026-03-29T00:30:00+01:00", "start")];
    expect(of(entries, "2026-03-29T04:30:00+02:00")?.elapsedMinutes).toBe(180);
  });

  it("counts nothing for a stretch over which a clock was set back, and says so", () => {
    const entries = [
      soak(1, "2026-03-01T10:00:00Z", "start"),
      soak(2, "2026-03-01T09:00:00Z", "pause"),
      soak(3, "2026-03-01T09:10:00Z", "resume"),
    ];
    expect(of(entries, "2026-03-01T09:40:00Z")).toMatchObject({ clockWentBack: true, elapsedMinutes: 30 });
    expect(of([soak(1, "2026-03-01T10:00:00Z", "start")], "2026-03-01T09:00:00Z")).toMatchObject({
      elapsedMinutes: 0,
      leftMinutes: 240,
    });
  });

  it("begins anew with its last start: readings before it belong to the one before", () => {
    const entries = [
      soak(1, "2026-03-01T10:00:00Z", "start"),
      reads(2, "2026-03-01T10:30:00Z", 250),
      soak(3, "2026-03-01T11:00:00Z", "end"),
      soak(4, "2026-03-01T12:00:00Z", "start", 1),
      reads(5, "2026-03-01T12:20:00Z", 240),
    ];
    expect(of(entries, "2026-03-01T12:30:00Z")).toMatchObject({
      hours: 1,
      elapsedMinutes: 30,
      drifts: [{ taken: [{ value: 240, minutes: 20 }] }],
    });
  });

  it("never counts more than the clock on the wall, and pauses only take away", () => {
    const states = ["pause", "resume", "end"] as const;
    fc.assert(
      fc.property(
        fc.array(fc.tuple(fc.constantFrom(...states), fc.integer({ min: 0, max: 300 })), { maxLength: 8 }),
        (steps) => {
          let minutes = 0;
          const entries = [soak(1, new Date(0).toISOString(), "start")];
          for (const [index, [state, after]] of steps.entries()) {
            minutes += after;
            entries.push(soak(index + 2, new Date(minutes * 60_000).toISOString(), state));
          }
          const one = of(entries, new Date((minutes + 10) * 60_000).toISOString());
          expect(one?.elapsedMinutes).toBeGreaterThanOrEqual(0);
          expect(one?.elapsedMinutes).toBeLessThanOrEqual(minutes + 10);
          expect(one?.clockWentBack).toBe(false);
        },
      ),
    );
  });
});

describe("drift", () => {
  const at = (minutes: number, value: number) => ({ minutes, value, entry: String(minutes) });

  it("is taken from the first warm reading, and judged by the one that lies furthest off", () => {
    const drift = driftOf("B+", "voltage", [at(3, 270), at(20, 250), at(60, 258), at(120, 252)], RULES);
    expect(drift).toMatchObject({ reference: { value: 250 }, verdict: "drifts" });
    expect(drift.worst).toBeCloseTo(0.032);
    expect(drift.share).toBeCloseTo(0.008);
    expect(driftOf("B+", "voltage", [at(3, 270), at(20, 250), at(60, 256)], RULES).verdict).toBe("steady");
  });

  it("has a limit for each quantity", () => {
    expect(driftOf("line", "current", [at(20, 1), at(60, 1.04)], RULES)).toMatchObject({
      limit: 0.05,
      verdict: "steady",
    });
    expect(driftOf("R", "resistance", [at(20, 1), at(60, 1.2)], RULES)).toMatchObject({
      limit: 0.1,
      verdict: "drifts",
    });
  });

  it("says that one warm reading is too few", () => {
    expect(driftOf("B+", "voltage", [at(3, 270), at(20, 250)], RULES).verdict).toBe("too-few");
    expect(driftOf("B+", "voltage", [], RULES).verdict).toBe("too-few");
  });

  it("is the same in whatever unit it is read", () => {
    fc.assert(
      fc.property(
        fc.array(fc.double({ min: 1, max: 500, noNaN: true }), { minLength: 2, maxLength: 6 }),
        fc.double({ min: 0.001, max: 1000, noNaN: true }),
        (values, scale) => {
          const taken = values.map((value, index) => at(20 + index, value));
          const scaled = taken.map((one) => ({ ...one, value: one.value * scale }));
          expect(driftOf("x", "voltage", scaled, RULES).worst).toBeCloseTo(
            driftOf("x", "voltage", taken, RULES).worst ?? 0,
            6,
          );
        },
      ),
    );
  });
});

describe("at the edges", () => {
  const at = (minutes: number, value: number) => ({ minutes, value, entry: String(minutes) });
  it("a reading in the very minute of warm-up counts as warm, one before it does not", () => {
    expect(driftOf("B+", "voltage", [at(14.9, 270), at(15, 250), at(60, 250)], RULES).reference?.value).toBe(250);
    expect(driftOf("B+", "voltage", [at(15, 250), at(60, 240)], RULES).verdict).toBe("drifts");
  });
  it("a drift of exactly the limit is still steady", () =>
    expect(driftOf("R", "resistance", [at(15, 1), at(60, 1.1 - 1e-12)], RULES).verdict).toBe("steady"));
  it("a fall counts like a rise: the one that lies furthest off is told with its sign", () => {
    const drift = driftOf("B+", "voltage", [at(20, 250), at(40, 255), at(60, 240), at(80, 250)], RULES);
    expect(drift.worst).toBeCloseTo(-0.04);
    expect(drift.share).toBeCloseTo(0);
  });
  it("a reference of zero gives no share", () => {
    const drift = driftOf("bias", "voltage", [at(20, 0), at(60, 1)], RULES);
    expect(drift).toMatchObject({ verdict: "too-few", reference: { value: 0 } });
    expect(drift).not.toHaveProperty("share");
  });
  it("volts of either sort have the same limit", () =>
    expect(driftOf("heaters", "ac-voltage", [at(20, 6.3), at(60, 6.5)], RULES)).toMatchObject({
      limit: 0.03,
      verdict: "drifts",
    }));
});

describe("of a visit", () => {
  const START = "2026-03-01T10:00:00Z";
  it("only readings of the soak itself are taken, in the order of the time under power", () => {
    const proof = { ...reads(5, "2026-03-01T10:40:00Z", 999) };
    if (proof.kind === "reading") proof.payload = { ...proof.payload, phase: "prove" };
    const elsewhere = { ...reads(6, "2026-03-01T10:40:00Z", 888), visitId: "01890000-0000-7000-8000-00000000ffff" };
    const one = of(
      [
        soak(1, START, "start"),
        reads(2, "2026-03-01T11:00:00Z", 251),
        reads(3, "2026-03-01T10:20:00Z", 250),
        proof,
        elsewhere,
      ],
      "2026-03-01T12:00:00Z",
    );
    expect(one?.drifts).toHaveLength(1);
    expect(one?.drifts[0]?.taken.map(({ value, minutes }) => [value, minutes])).toEqual([
      [250, 20],
      [251, 60],
    ]);
    expect(one?.drifts[0]).toMatchObject({ verdict: "steady", reference: { value: 250 } });
  });
  it("a pause stops the clock of the readings, too, and a second start word does not begin a stretch of its own", () => {
    const one = of(
      [
        soak(1, START, "start"),
        soak(2, "2026-03-01T10:30:00Z", "pause"),
        reads(3, "2026-03-01T10:45:00Z", 250),
        soak(4, "2026-03-01T11:00:00Z", "resume"),
        soak(5, "2026-03-01T11:10:00Z", "resume"),
        reads(6, "2026-03-01T11:30:00Z", 250),
      ],
      "2026-03-01T11:30:00Z",
    );
    expect(one).toMatchObject({ state: "running", elapsedMinutes: 60, startedAt: START, clockWentBack: false });
    expect(one?.drifts[0]?.taken.map(({ minutes }) => minutes)).toEqual([30, 60]);
  });
  it("is paused where that was the last word, and of another visit it is none", () => {
    const entries = [soak(1, START, "start"), soak(2, "2026-03-01T10:30:00Z", "pause")];
    expect(of(entries, "2026-03-02T10:00:00Z")).toMatchObject({
      state: "paused",
      elapsedMinutes: 30,
      leftMinutes: 210,
    });
    const elsewhere = entries.map((one) => ({ ...one, visitId: "01890000-0000-7000-8000-00000000ffff" }));
    expect(of(elsewhere, "2026-03-02T10:00:00Z")).toBeUndefined();
  });
});
