import { plateTakes, spaceAt } from "./laws/tube";
import type { TubeModel } from "./tube-model";

/** Plate current against plate voltage at one grid voltage, V and A. */
export type PlateCurve = { grid: number; points: { volts: number; amps: number }[] };

/** Plate current of a model, A. Volts against its cathode; of a pentode at the screen volts of its published operation. */
export function plateAmps(one: TubeModel, plate: number, grid: number, screen?: number): number {
  if (one.law === "triode") return spaceAt(one.model, plate, grid).amps;
  const { point } = one.source;
  return spaceAt(one.model, screen ?? point.screen ?? point.plate, grid).amps * plateTakes(one.model, plate).share;
}

const LINES = 7;
const POINTS = 60;
/** A family of curves shows the tube up to this much of its published plate volts and current. */
const BEYOND = 1.6;

/** The round step (0.5, 1, 2, 5, 10 … V) that is nearest to one of which so many cover a range. */
function roundStep(range: number, count: number): number {
  const raw = range / count;
  const power = 10 ** Math.floor(Math.log10(raw));
  const far = (factor: number) => Math.abs(Math.log((factor * power) / raw));
  return [1, 2, 5, 10].reduce((a, b) => (far(b) < far(a) ? b : a)) * power;
}

/** The family of plate curves of a type, from no grid volts to cutoff at the published plate volts. */
export function plateCurves(one: TubeModel): { curves: PlateCurve[]; mostVolts: number; mostAmps: number } {
  const { point } = one.source;
  const mostVolts = point.plate * BEYOND;
  const mostAmps = Math.max(point.amps ?? 0, 1e-4) * BEYOND * 1.6;
  // The grid volts at which a twentieth of the published current is left.
  let cutoff = Math.min(point.grid, 0) - 0.5;
  while (plateAmps(one, point.plate, cutoff) > (point.amps ?? 0) / 20 && cutoff > -400) cutoff *= 1.15;
  const step = roundStep(-cutoff, LINES - 1);
  const curves = Array.from({ length: LINES }, (_, at): PlateCurve => {
    const grid = at === 0 ? 0 : -at * step;
    return {
      grid,
      points: Array.from({ length: POINTS }, (_p, k) => {
        const volts = (mostVolts * k) / (POINTS - 1);
        return { volts, amps: plateAmps(one, volts, grid) };
      }),
    };
  });
  // Curves that lie on the axis say nothing.
  const seen = curves.filter(({ points }) => (points.at(-1)?.amps ?? 0) > mostAmps / 50);
  return { curves: seen, mostVolts, mostAmps };
}
