import { describe, expect, it } from "vitest";
import { entry, powerStep, SHEET, VISIT } from "../fixtures";
import { settle, type Content, type ContentOf, type Entry } from "../kinds";
import { powerPlan } from "../power";
import { poweredUp, powerProgress, powerRecords, stoppedAt, visitPolicy } from "./power-run";

const OTHER = "01890000-0000-7000-8000-0000000000aa";
type Step = ContentOf<"power-step">["payload"];
const settled = (...contents: Content[]) => settle(contents.map((one, at) => entry(at + 1, one))).settled;
const SMOKE = { seen: ["smoke"] as Step["seen"] };

describe("a power-up", () => {
  it("is through at full line with everything in, whichever rectifier is in", () => {
    expect(poweredUp(settled(powerStep()), VISIT)).toBe(true);
    expect(poweredUp(settled(powerStep({ stage: "rectifier-in" })), VISIT)).toBe(true);
    expect(poweredUp(settled(powerStep({ fraction: 0.97 })), VISIT)).toBe(true);
  });

  it.each<[string, Partial<Step>]>([
    ["a needle's width more below full line", { fraction: 0.96 }],
    ["with the rectifier out", { stage: "rectifier-out" }],
    ["with a lamp in series", { lamp: "dim" }],
    ["that was stopped", SMOKE],
  ])("is not through %s", (_how, extra) => expect(poweredUp(settled(powerStep(extra)), VISIT)).toBe(false));

  it("that was stopped has to be gone through again", () => {
    expect(poweredUp(settled(powerStep(), powerStep(SMOKE)), VISIT)).toBe(false);
    expect(poweredUp(settled(powerStep(), powerStep(SMOKE), powerStep({ fraction: 0.5 })), VISIT)).toBe(false);
    expect(poweredUp(settled(powerStep(SMOKE), powerStep()), VISIT)).toBe(true);
  });

  it("of another visit says nothing of this one", () => {
    const other: Entry = { ...entry(1, powerStep()), visitId: OTHER };
    const all = settle([other]).settled;
    expect(powerRecords(all, VISIT)).toEqual([]);
    expect(poweredUp(all, VISIT)).toBe(false);
    expect(poweredUp(all, OTHER)).toBe(true);
  });

  it("stands stopped until something was read after it", () => {
    expect(stoppedAt(settled(), VISIT)).toBeUndefined();
    expect(stoppedAt(settled(powerStep()), VISIT)).toBeUndefined();
    expect(stoppedAt(settled(powerStep(), powerStep(SMOKE)), VISIT)?.payload.seen).toEqual(["smoke"]);
    expect(stoppedAt(settled(powerStep(SMOKE), powerStep()), VISIT)).toBeUndefined();
  });
});

describe("how far its plan is", () => {
  const plan = powerPlan({
    sheet: SHEET,
    policy: "original",
    method: "variac",
    tap: 230,
    line: { volts: 230, hz: 50 },
  });
  /** A record of each step of the plan, as far as it goes. */
  const records = plan.steps.map(({ stage, fraction, measures }) =>
    powerStep({ stage, fraction, ...(measures.includes("lamp") ? { lamp: "dim" as const } : {}) }),
  );
  const states = (...contents: Content[]) =>
    powerProgress(plan, settled(...contents), VISIT).steps.map(({ state }) => state);

  it("begins with its first step", () => {
    expect(new Set(states())).toEqual(new Set(["to-do"]));
    expect(powerProgress(plan, [], VISIT).next?.stage).toBe(plan.steps[0]?.stage);
  });

  it("goes on step by step, and is through after the last one", () => {
    for (let done = 1; done < records.length; done++) {
      const all = settled(...records.slice(0, done));
      const { steps, next } = powerProgress(plan, all, VISIT);
      expect(steps.filter(({ state }) => state === "done")).toHaveLength(done);
      expect(next).toMatchObject({ stage: plan.steps[done]?.stage, fraction: plan.steps[done]?.fraction });
    }
    expect(powerProgress(plan, settled(...records), VISIT).next).toBeUndefined();
  });

  it("takes the last record of a step, and a share within three hundredths for the step's own", () => {
    const [first] = plan.steps;
    if (!first) throw new Error("a plan has steps");
    const near = powerStep({ stage: first.stage, fraction: first.fraction + 0.02, remark: "second" });
    expect(powerProgress(plan, settled(records[0]!, near), VISIT).steps[0]?.record?.payload.remark).toBe("second");
    expect(states(powerStep({ stage: first.stage, fraction: first.fraction + 0.04 }))[0]).toBe("to-do");
  });

  it("goes through the whole stage again after a stop, and leaves earlier stages as they are", () => {
    const at = plan.steps.length - 1;
    const stopped = powerStep({ ...(records[at]!.payload as Step), ...SMOKE });
    const now = states(...records.slice(0, at), stopped);
    const stage = plan.steps[at]?.stage;
    expect(now).toEqual(
      plan.steps.map((one, index) => (index === at ? "stopped" : one.stage === stage ? "before-stop" : "done")),
    );
    const first = plan.steps.findIndex((one) => one.stage === stage);
    const again = states(...records.slice(0, at), stopped, records[first]!);
    expect(again[first]).toBe("done");
  });
});

describe("how power comes on in a visit", () => {
  const takeIn = (extra: Partial<ContentOf<"take-in">["payload"]>): Content => ({
    kind: "take-in",
    payload: { v: 1, complaint: "hums", policy: "museum", received: [], missing: [], ...extra },
  });
  it("is said at its take-in, and by the last one that was written", () => {
    expect(visitPolicy([], VISIT)).toEqual({ policy: "original", method: undefined, switches: {} });
    expect(visitPolicy(settled(takeIn({})), VISIT)).toEqual({ policy: "museum", method: undefined, switches: {} });
    const chosen = settled(takeIn({}), takeIn({ policy: "reliability", switches: { power: "lamp" } }));
    expect(visitPolicy(chosen, VISIT)).toEqual({ policy: "reliability", method: "lamp", switches: { power: "lamp" } });
    expect(visitPolicy(chosen, OTHER).policy).toBe("original");
  });
});
