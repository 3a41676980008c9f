/** A reading with the moment at which it came, ms. */
export type Timed = { at: number; value: number };

/** When a reading stands still: so many of them, over so long, within so much of each other. */
export type Criterion = {
  /** at least so many readings */
  least: number;
  /** over at least so long, ms */
  over: number;
  /** they lie within this share of their middle of each other … */
  share: number;
  /** … or within so much, in the unit: near zero a share says nothing */
  within: number;
};

/**
 * Usual for a hand that holds a probe. Shop rule.
 * @example four readings over 0.8 s, within 0.5 % or 10 mV: 248.1, 248.3, 248.2, 248.2 V
 */
export const USUAL_STEADY: Criterion = { least: 4, over: 800, share: 0.005, within: 0.01 };

/**
 * Has a reading come to stand still?
 * @param readings in the order in which they came @returns the middle of those that agree, or how many of them do
 */
export function steadyOf(
  readings: readonly Timed[],
  { least, over, share, within }: Criterion,
): { value?: number; agree: number } {
  const last = readings.at(-1);
  if (!last) return { agree: 0 };
  let [low, high, from] = [last.value, last.value, readings.length - 1];
  for (let index = readings.length - 2; index >= 0; index -= 1) {
    const { value } = readings[index] as Timed;
    const [down, up] = [Math.min(low, value), Math.max(high, value)];
    if (up - down > Math.max(within, share * Math.abs((up + down) / 2))) break;
    [low, high, from] = [down, up, index];
  }
  const agreeing = readings.slice(from);
  const agree = agreeing.length;
  const long = last.at - (agreeing[0]?.at ?? last.at);
  if (agree < least || long < over) return { agree };
  const sorted = agreeing.map(({ value }) => value).sort((a, b) => a - b);
  return { value: sorted[Math.floor((agree - 1) / 2)] as number, agree };
}
