import type { Law } from "./laws/law";

/** Room for the largest device: four ends. */
const ENDS = 4;
/** Volts that a law moves by less than this were not held back, V. */
const MOVED = 1e-6;

/**
 * Writes devices into the equations, straightened about a point: each end of a law is a row, and no device is a special
 * case. It remembers where each device stood, for those that may climb only so far in one step.
 */
export function stamperOf(laws: readonly Law[]) {
  const before = laws.map(() => new Float64Array(ENDS));
  const v = new Float64Array(ENDS);
  const asked = new Float64Array(ENDS);
  const amps = new Float64Array(ENDS);
  const slope = new Float64Array(ENDS * ENDS);
  /**
   * @param x volts of the nodes @param m matrix of `size` rows @param right right side
   * @param strength share of a device's currents, by its place
   * @param first the point is a new one: what was before it counts for nothing
   * @returns whether a device was held back: what is solved is then not yet what was asked
   */
  return (
    x: Float64Array,
    m: Float64Array,
    right: Float64Array,
    size: number,
    first: boolean,
    strength?: ReadonlyMap<number, number>,
  ): boolean => {
    let heldBack = false;
    for (let index = 0; index < laws.length; index += 1) {
      const law = laws[index] as Law;
      const last = before[index] as Float64Array;
      const ends = law.nodes.length;
      for (let end = 0; end < ends; end += 1) {
        const node = law.nodes[end] as number;
        v[end] = node < 0 ? 0 : (x[node] as number);
        asked[end] = v[end] as number;
      }
      if (law.limit && !first) {
        law.limit(v, last);
        for (let end = 0; end < ends; end += 1)
          if (Math.abs((v[end] as number) - (asked[end] as number)) > MOVED) heldBack = true;
      }
      for (let end = 0; end < ends; end += 1) last[end] = v[end] as number;
      law.at(v, amps, slope);
      const share = strength?.get(index) ?? 1;
      for (let row = 0; row < ends; row += 1) {
        const node = law.nodes[row] as number;
        if (node < 0) continue;
        let constant = -(amps[row] as number);
        for (let column = 0; column < ends; column += 1) {
          const g = slope[row * ends + column] as number;
          constant += g * (v[column] as number);
          const other = law.nodes[column] as number;
          if (other >= 0) m[node * size + other] = (m[node * size + other] as number) + share * g;
        }
        right[node] = (right[node] as number) + share * constant;
      }
    }
    return heldBack;
  };
}
