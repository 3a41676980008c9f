import { scale } from "./likelihood";

/** A cause with its share, and what every node would read with it. */
type Leader = { key: string; probability: number; x: Float64Array };

export type NextPoint = { node: string; bits: number; says: { key: string; volts: number }[] };

/** Standard deviation of a point that was not measured yet, on the scale of the readings. */
const UNMEASURED = 0.08;
/** Causes that are told apart; less likely ones are left. */
const LEADERS = 8;
const LEAST_SHARE = 0.01;
/** A point that tells less than this is not worth a probe, bits. */
const LEAST_BITS = 0.05;

/**
 * The point that tells the leading causes apart: the information of a mixture of bells, by the distance of each pair
 * (Kolchinsky and Tracey, 2017, with the Bhattacharyya distance), bits.
 * @param nodes that were not measured, with their places in the solutions
 */
export function nextPoint(
  causes: readonly Leader[],
  nodes: readonly { node: string; at: number }[],
): NextPoint | undefined {
  const leaders = causes.filter(({ probability }) => probability > LEAST_SHARE).slice(0, LEADERS);
  const sum = leaders.reduce((all, { probability }) => all + probability, 0);
  let best: NextPoint | undefined;
  for (const { node, at } of nodes) {
    const y = leaders.map(({ x }) => scale(x[at] as number));
    let bits = 0;
    leaders.forEach(({ probability }, i) => {
      const like = leaders.reduce((all, other, j) => {
        const apart = (y[i] as number) - (y[j] as number);
        return all + (other.probability / sum) * Math.exp(-(apart ** 2) / (8 * UNMEASURED ** 2));
      }, 0);
      bits -= (probability / sum) * Math.log2(like);
    });
    if (bits > (best?.bits ?? LEAST_BITS))
      best = { node, bits, says: leaders.map(({ key, x }) => ({ key, volts: x[at] as number })) };
  }
  return best;
}
