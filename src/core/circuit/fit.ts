import type { Candidate, Way } from "./candidates";
import type { Change } from "./change";
import { logSum } from "./likelihood";

/** A part and how it fails. */
export type Fault = {
  part: string;
  way: Way;
  /** Ω of the leak or of the part as it is now, share of the current of a weak tube; undefined where it has none */
  severity?: number;
  unit: Candidate["unit"];
};

/** What would be read, and volts of all nodes. */
export type Predicted = { y: Float64Array; x: Float64Array };
export type Predict = (change: Change, start: Float64Array) => Predicted | undefined;
export type Fitted = Predicted & { candidate: Candidate; severity: number; log: number };

/** Steps of a severity, and steps between two of them. */
const STEPS = 9;
const FINE = 6;

/** Fits the severity of a cause; its likelihood is the mean over all severities. @param steps of the severity */
export function fit(
  candidate: Candidate,
  predict: Predict,
  from: Float64Array,
  likelihood: (y: ArrayLike<number>) => number,
  steps = STEPS,
): Fitted | undefined {
  const ratio = candidate.to / candidate.from;
  const grid =
    ratio === 1
      ? [candidate.from]
      : Array.from({ length: steps }, (_, k) => candidate.from * ratio ** (k / (steps - 1)));
  let start = from;
  const points = grid.flatMap((severity) => {
    const here = predict(candidate.change(severity), start);
    if (!here) return [];
    start = here.x;
    return [{ severity, ...here, log: likelihood(here.y) }];
  });
  // Between two steps the volts go smoothly: the likelihood is summed on a finer grid of straight lines.
  const fine = points.flatMap((a, k) => {
    const b = points[k + 1];
    const between = b
      ? Array.from({ length: FINE - 1 }, (_, f) => {
          const t = (f + 1) / FINE;
          const y = a.y.map((v, i) => v + t * ((b.y[i] as number) - v));
          return { log: likelihood(y), severity: a.severity * (b.severity / a.severity) ** t };
        })
      : [];
    return [{ log: a.log, severity: a.severity }, ...between];
  });
  const [first, ...rest] = points;
  if (!first) return undefined;
  const best = rest.reduce((a, b) => (b.log > a.log ? b : a), first);
  const top = fine.reduce((a, b) => (b.log > a.log ? b : a));
  const log = logSum(fine.map((one) => one.log)) - Math.log(fine.length);
  return { candidate, severity: top.severity, log, y: best.y, x: best.x };
}
