/** Arithmetic of two parts together: values, ratings, and what each bears. All in base units. */
export type Piece = {
  value: number;
  /** rating, V */
  volts?: number | undefined;
  /** rating, W */
  watts?: number | undefined;
};
export type Way = "series" | "parallel";
export type Quantity2 = "capacitance" | "resistance";

const positive = (...values: number[]) => {
  if (!values.every((value) => value > 0 && Number.isFinite(value)))
    throw new RangeError("values above zero are needed");
};

const added = (a: number, b: number) => a + b;
const shared = (a: number, b: number) => (a * b) / (a + b);

/** Two values together: resistors add in series, capacitors in parallel. */
export function combined(quantity: Quantity2, way: Way, a: number, b: number): number {
  positive(a, b);
  return (quantity === "resistance") === (way === "series") ? added(a, b) : shared(a, b);
}

export type Pair = {
  way: Way;
  value: number;
  /** what the pair stands, V or W; undefined when a part does not say */
  volts?: number;
  watts?: number;
  /** share of the volts (in series) or of the watts that each part bears, as fractions */
  shares: [number, number];
};

/**
 * Two parts as one: value, rating, and each part's share.
 *
 * In series the volts divide with the resistances, or against the capacitances (for direct voltage only with
 * equalising resistors); in parallel both bear all of them. The watts of resistors divide with the resistance in
 * series and against it in parallel. The pair stands what it can before the first part is at its own limit.
 */
export function pairOf(quantity: Quantity2, way: Way, a: Piece, b: Piece): Pair {
  const value = combined(quantity, way, a.value, b.value);
  const shareOfA =
    (quantity === "resistance") === (way === "series") ? a.value / (a.value + b.value) : b.value / (a.value + b.value);
  const shares: [number, number] = [shareOfA, 1 - shareOfA];
  const limit = (first: number | undefined, second: number | undefined, divided: boolean) => {
    if (first === undefined || second === undefined) return undefined;
    return divided ? Math.min(first / shares[0], second / shares[1]) : Math.min(first, second);
  };
  const volts = limit(a.volts, b.volts, way === "series");
  const watts = quantity === "resistance" ? limit(a.watts, b.watts, true) : undefined;
  return { way, value, shares, ...(volts === undefined ? {} : { volts }), ...(watts === undefined ? {} : { watts }) };
}

/** Time constant, s, and the frequency at which R and C are equal, Hz. */
export function timeConstant(ohms: number, farads: number): { seconds: number; hertz: number } {
  positive(ohms, farads);
  return { seconds: ohms * farads, hertz: 1 / (2 * Math.PI * ohms * farads) };
}

export type Wanted = {
  quantity: Quantity2;
  value: number;
  /** window of the value, in the same unit */
  window: readonly [number, number];
  /** least rating */
  volts?: number | undefined;
  watts?: number | undefined;
};

/** So many neighbours by value are tried before a part is given up as one of a pair: ratings may rule out the nearest. */
const NEIGHBOURS = 6;

/**
 * The best pairs of stocked parts that make a value: inside its window, with the rating asked for, the closest first.
 * A part may be taken twice only where `stock` says that there are two.
 *
 * @param stock parts with their values above zero and how many there are
 * @param most so many pairs
 */
export function findPairs<T extends Piece & { count: number }>(
  wanted: Wanted,
  stock: readonly T[],
  most = 3,
): { a: T; b: T; pair: Pair; off: number }[] {
  const { quantity, value, window, volts, watts } = wanted;
  positive(value);
  const parts = stock.filter((part) => part.value > 0 && part.count > 0).sort((a, b) => a.value - b.value);
  const values = parts.map((part) => part.value);
  const found: { a: T; b: T; pair: Pair; off: number }[] = [];
  // An insertion keeps the list as short as it is asked for.
  const keep = (entry: (typeof found)[number]) => {
    const at = found.findIndex(({ off }) => entry.off < off);
    if (at < 0 && found.length >= most) return;
    found.splice(at < 0 ? found.length : at, 0, entry);
    if (found.length > most) found.pop();
  };
  for (const way of ["parallel", "series"] as const) {
    const adds = (quantity === "resistance") === (way === "series");
    for (let i = 0; i < parts.length; i += 1) {
      const a = parts[i] as T;
      // The partner that would make the value exactly.
      if (adds ? a.value >= window[1] : a.value <= window[0]) continue;
      const partner = adds ? value - a.value : (value * a.value) / (a.value - value);
      const around = partner > 0 && Number.isFinite(partner) ? lowerBound(values, partner) : adds ? 0 : parts.length;
      for (let step = 0; step < NEIGHBOURS; step += 1) {
        // 0, −1, +1, −2 …: outwards from the nearest.
        const j = around + (step % 2 === 0 ? step / 2 : -(step + 1) / 2);
        // Each pair once: the partner is not below the first.
        if (j < i || j >= parts.length) continue;
        const b = parts[j] as T;
        if (i === j && a.count < 2) continue;
        const together = combined(quantity, way, a.value, b.value);
        if (together < window[0] || together > window[1]) continue;
        const off = Math.abs(together / value - 1);
        const last = found[most - 1];
        if (last && off >= last.off) continue;
        const pair = pairOf(quantity, way, a, b);
        if (volts !== undefined && !((pair.volts ?? 0) >= volts)) continue;
        if (watts !== undefined && quantity === "resistance" && !((pair.watts ?? 0) >= watts)) continue;
        keep({ a, b, pair, off });
      }
    }
  }
  return found;
}

function lowerBound(sorted: readonly number[], wanted: number): number {
  let low = 0;
  let high = sorted.length;
  while (low < high) {
    const middle = (low + high) >> 1;
    if ((sorted[middle] ?? 0) < wanted) low = middle + 1;
    else high = middle;
  }
  return low;
}
