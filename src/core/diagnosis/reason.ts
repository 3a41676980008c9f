import type { System, Test } from "./types";

const percent = (share: number) => `${Math.round(100 * share)} %`;

/** Why a test comes first, in one sentence. */
export function reasonFor(test: Test, { faults }: System, share: Float64Array): string {
  const touched = faults.reduce((sum, _, index) => sum + (test.response[index] ? (share[index] ?? 0) : 0), 0);
  const where = test.stage?.name ?? "the set";
  switch (test.act) {
    case "inject":
      return `Splits the set: ${percent(touched)} of what is left lies from ${where} on, with its supplies.`;
    case "trace":
      return `Splits the set: ${percent(touched)} of what is left lies up to ${where}, with its supplies.`;
    case "check":
      return `${percent(touched)} of what is left points at this part, and it is soon made sure of.`;
    case "volts":
    case "rail":
    case "line":
      return `${percent(touched)} of what is left would move this reading.`;
    case "swap":
      return `${percent(touched)} of what is left would go with it.`;
    case "look":
      return `${percent(touched)} of what is left can be seen.`;
    case "tap":
      return `${percent(touched)} of what is left answers to a tap.`;
    default:
      return `${percent(touched)} of what is left shows in it, and it takes hardly any time.`;
  }
}

/** Why one listens to all of it, where no test tells anything of what is left. */
export const BEFORE_IT_GOES_HOME =
  "What was measured has its cause. Listen to all of the set once, before it goes home: what else is wrong shows here.";
/** Why one listens a second time. */
export const HEARD_ONCE = "It was heard once as the set is now. One hearing in ten errs, so listen once more.";
/** Why a part that its check called bad is looked at once more. */
export const makesSure = (p: number) =>
  `A check has shown a part bad, and ${percent(p)} say so. This makes sure before a part is changed.`;
