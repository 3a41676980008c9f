/** A logarithmic sweep: Hz, seconds, samples a second. */
export type Sweep = { from: number; to: number; seconds: number; rate: number };

/** The sweep that is played. Shop rule. @example 20 Hz to 16 kHz in ten seconds: an octave a second */
export const SWEEP: Sweep = { from: 20, to: 16_000, seconds: 10, rate: 48_000 };

/** The ends are faded over this time, s: a click would be heard as sound of every frequency. */
const FADE = 0.02;
/** Full scale is left alone: players add gain. */
const LEVEL = 0.7;

/**
 * A sine whose frequency grows by the same factor in the same time: sin(2π·f₁·T/ln(f₂/f₁)·(e^(t·ln(f₂/f₁)/T) − 1))
 * (A. Farina, 2000).
 */
export function sweepSamples({ from, to, seconds, rate }: Sweep): Float64Array {
  const count = Math.round(seconds * rate);
  const growth = Math.log(to / from);
  const turns = (from * seconds) / growth;
  return Float64Array.from({ length: count }, (_, n) => {
    const t = n / rate;
    const edge = Math.min(1, t / FADE, (seconds - t) / FADE);
    return LEVEL * edge * Math.sin(2 * Math.PI * turns * (Math.exp((t * growth) / seconds) - 1));
  });
}
