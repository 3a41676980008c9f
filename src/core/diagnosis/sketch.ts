import type { Hazard, TestNeed } from "./data/faults";
import type { Fault, OutcomeFacts, Shows, Test, TestAct } from "./types";

/** What a fault does in a test: an outcome and how surely; undefined where the test does not touch it. */
export type Effect = { outcome: string; share: number } | undefined;

export type Sketch = Omit<Test, "response" | "effects" | "outcomes" | "slip"> & {
  outcomes: readonly OutcomeFacts[];
  slip?: number;
  effect: (fault: Fault) => Effect;
};

/** Results that are wrong whatever the set does, by act. Shop's estimates. */
const SLIPS: Partial<Record<TestAct, number>> = {
  inject: 0.05,
  trace: 0.05,
  volts: 0.04,
  rail: 0.03,
  line: 0.04,
  look: 0.06,
  tap: 0.08,
  swap: 0.08,
};
const USUAL_SLIP = 0.06;
/** A fault of one band, or one that warmth changes, is not there each time that one listens. Shop's estimates. */
const SHOWS_ON_OTHER_BANDS = 0.6;
const SHOWS_WHEN_COLD = 0.75;

const SIGNAL_OUTCOME = { weak: "weak", distorted: "distorted", dead: "dead" } as const;

/** Turns a sketch into a test: the few different effects, and for each fault which one it has. */
export function finish({ effect, outcomes, slip, ...sketch }: Sketch, faults: readonly Fault[]): Test {
  const effects: Test["effects"][number][] = [{ outcome: 0, share: 0 }];
  const response = Uint8Array.from(faults, (fault) => {
    const seen = effect(fault);
    const outcome = seen ? outcomes.findIndex(({ key }) => key === seen.outcome) : 0;
    if (!seen || outcome <= 0 || seen.share <= 0) return 0;
    const share = Math.round(seen.share * 20) / 20;
    const known = effects.findIndex((one) => one.outcome === outcome && one.share === share);
    return known >= 0 ? known : effects.push({ outcome, share }) - 1;
  });
  return { ...sketch, outcomes, slip: slip ?? SLIPS[sketch.act] ?? USUAL_SLIP, response, effects };
}

/** How surely a fault shows at a given moment: less so as far as it is one of a band, or of warmth. */
export const showing = ({ shows }: Fault["mode"], share: number) =>
  share * (1 - (1 - SHOWS_ON_OTHER_BANDS) * (shows.band ?? 0)) * (1 - (1 - SHOWS_WHEN_COLD) * (shows.warm ?? 0));

export const signalIn =
  (stages: ReadonlySet<string>) =>
  ({ stage, mode }: Fault): Effect =>
    mode.signal && stages.has(stage.id)
      ? { outcome: SIGNAL_OUTCOME[mode.signal.effect], share: showing(mode, mode.signal.share) }
      : undefined;

export const showsIn =
  (show: Shows, outcome: string, stages: ReadonlySet<string>) =>
  ({ stage, mode }: Fault): Effect => {
    const share = mode.shows[show];
    return share && stages.has(stage.id) ? { outcome, share } : undefined;
  };

export const either =
  (...effects: ((fault: Fault) => Effect)[]) =>
  (fault: Fault): Effect => {
    for (const one of effects) {
      const seen = one(fault);
      if (seen) return seen;
    }
    return undefined;
  };

export type Live = { probe: Hazard; open: readonly TestNeed[] };
export const liveOf = (volts: number): Live => ({
  probe: volts <= 60 ? 1 : volts > 600 ? 3 : 2,
  open: ["open", "power"],
});
