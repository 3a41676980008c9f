import type { Act } from "./acts";

/** What was dangerous, in a sentence that says what belongs there instead. */
export const DANGERS = {
  "ohms live": "Ohms on a set that is on: switch off, unplug, discharge and measure that it is.",
  "hands live": "Hands inside a set that is on: switch off, unplug, discharge and measure that it is.",
  "not discharged": "Hands inside with the capacitors charged: discharge through a resistor, then measure.",
  "no clip": "A probe held by hand at 500 V or more: off, discharged and measured, clip on, hands away, on.",
  "not isolated": "A chassis that can stand at the line, without an isolating transformer.",
  "short live": "Switched on again from the wall with a short in it: on the lamp, or cold, until the short is found.",
} as const;
export type Danger = keyof typeof DANGERS;

/** Something that was done, and what came of it. */
export type Done = {
  act: Act;
  /** when, by the clock on the wall */
  at: string;
  /** bench minutes that it took */
  minutes: number;
  /** what was done, and what came of it, in words */
  what: string;
  said: string;
  /** the test of the search that it speaks for, and what came of it */
  test?: string;
  outcome?: string;
  /** what an instrument showed: V or Ω, and what a sound set shows; null is more than it can show */
  read?: { value: number | null; unit: "V" | "Ω"; verdict?: "good" | "high" | "low" };
  dangers?: Danger[];
  /** the chassis was opened for it */
  opened?: true;
  /** of an exchange that was done: was it the culprit? */
  cured?: boolean;
};

/** Was something put right? Hands that stay out of a set that is on put nothing right. */
export const wasExchanged = ({ act, cured }: Pick<Done, "act" | "cured">): boolean =>
  act.do === "exchange" && cured !== undefined;

/** Where things stand at the bench. */
export type BenchState = {
  on: boolean;
  through: "line" | "lamp" | "isolated";
  discharged: boolean;
  opened: boolean;
  minutes: number;
  /** checks whose parts were exchanged */
  exchanged: string[];
  advised: number;
  ended: "found" | "given up" | undefined;
};

/** The state from what was done. A set comes in unplugged, with nothing in its capacitors. */
export function stateOf(run: readonly Done[]): BenchState {
  const state: BenchState = {
    ...{ on: false, through: "line", discharged: true, opened: false, minutes: 0 },
    ...{ exchanged: [], advised: 0, ended: undefined },
  };
  for (const { act, minutes, cured, opened } of run) {
    state.minutes += minutes;
    if (opened) state.opened = true;
    if (act.do === "on") Object.assign(state, { on: true, through: act.through, discharged: false });
    if (act.do === "off") state.on = false;
    if (act.do === "discharge") state.discharged = true;
    if (act.do === "advice") state.advised += 1;
    if (act.do === "give-up") state.ended = "given up";
    if (act.do === "exchange" && cured !== undefined) {
      state.exchanged.push(act.check);
      if (cured) state.ended = "found";
    }
  }
  return state;
}
