import { designatorsIn, type Settled } from "../kinds";

/** Everything that was said of one designator, in order; of a tube also its electrodes' readings. */
export function historyOf(settled: readonly Settled[], designator: string): Settled[] {
  return settled.filter(({ content }) => {
    if (!content) return false;
    if (designatorsIn(content).includes(designator)) return true;
    return content.kind === "reading" && content.payload.point.toUpperCase().startsWith(`${designator} `);
  });
}
