import { oscillatorFor, signalFor, type Band } from "./design";
import { leastSquares } from "./least-squares";
import { gangAt, tunes, type Tuned } from "./oscillator";

/** One place of the dial: what it shows and what is received there, Hz. */
export type DialPoint = { dial: number; truth: number };

/** Parts of an oscillator that decide where the dial stands. */
export const TRACKING_PARTS = ["l", "trimmer", "padder"] as const;
export type TrackingPart = (typeof TRACKING_PARTS)[number];
export const TRACKING_PART_WORDS: Record<TrackingPart, string> = { l: "coil", trimmer: "trimmer", padder: "padder" };

/** How well a dial is read, as a share of its frequency. Shop rule. @example 3 kHz at 1 MHz */
export const DIAL_READING = 0.003;
/** Readings within so many of their own uncertainties are explained. Trade use (95 of 100). @example ±6 kHz at 1 MHz */
const EXPLAINED = 2;

export type PartChange = {
  part: TrackingPart;
  /** what it is by the drawing or the design, and by the dial; F or H */
  drawn: number;
  now: number;
  /** (now − drawn)/drawn */
  change: number;
  /** the change is known to within this share, either way */
  within: number;
};

/** One way in which the errors come about. */
export type Explanation = {
  changes: PartChange[];
  /** dial error that it does not explain, a share of the frequency, at each point */
  left: number[];
  /** the largest of them in uncertainties of the reading */
  worst: number;
};

export type DialFit = {
  points: (DialPoint & { error: number })[];
  /** is the dial right to within the reading at all points? */
  right: boolean;
  /** the simplest ways that explain the points, best first; none where not even all three parts do */
  explanations: Explanation[];
  /** why the answer is not one answer */
  open?: "points" | "one-end" | "alike" | "none";
  /** places of the dial that the drawn circuit cannot tune */
  outside: DialPoint[];
};

const subsets = (parts: readonly TrackingPart[]): TrackingPart[][] =>
  parts
    .reduce<TrackingPart[][]>((sets, part) => [...sets, ...sets.map((set) => [...set, part])], [[]])
    .filter((set) => set.length > 0)
    .sort((a, b) => a.length - b.length);

const withChanges = (drawn: Tuned, parts: readonly TrackingPart[], logs: readonly number[]): Tuned =>
  parts.reduce<Tuned>((tuned, part, n) => ({ ...tuned, [part]: (tuned[part] ?? 0) * Math.exp(logs[n] ?? 0) }), drawn);

/** Points that span less of the band than this say little about what changes along it. Shop rule. @example 600 to 800 kHz of 550–1600 */
const LEAST_SPAN = 0.35;
/** A change whose bounds are wider than this is not known. Shop rule. @example +5 % within 40 % */
const KNOWN_WITHIN = 0.35;

/**
 * Which part of the oscillator makes the dial's errors: coil, trimmer, padder, one or more of them, by least squares.
 * The gang's capacity at each place of the dial follows from the drawn circuit; the parts are changed until the circuit
 * receives there what was received. A constant error in per cent is the coil; one that grows to the high end the
 * trimmer; one that grows to the low end the padder.
 *
 * @param drawn the circuit for which the dial was printed
 * @param reading how well the dial was read, a share of its frequency, above 0
 * @returns every simplest way that explains all points to within the reading
 */
export function fitDial(
  drawn: Tuned,
  band: Pick<Band, "mid" | "side" | "from" | "to">,
  points: readonly DialPoint[],
  reading: number = DIAL_READING,
): DialFit {
  const placed = points.map((point) => ({ ...point, gang: gangAt(drawn, oscillatorFor(point.dial, band)) }));
  const inside = placed.filter((point): point is DialPoint & { gang: number } => point.gang !== undefined);
  const outside = placed.filter(({ gang }) => gang === undefined).map(({ dial, truth }) => ({ dial, truth }));
  const shown = inside.map(({ dial, truth }) => ({ dial, truth, error: (dial - truth) / truth }));
  const right = shown.every(({ error }) => Math.abs(error) <= EXPLAINED * reading);
  const base = { points: shown, outside };
  if (inside.length === 0) return { ...base, right: false, explanations: [], open: "points" };
  if (right) return { ...base, right, explanations: [] };

  const residuals = (tuned: Tuned) =>
    inside.map(({ gang, truth }) => (signalFor(tunes(tuned, gang), band) - truth) / (truth * reading));
  const explain = (parts: TrackingPart[]): Explanation => {
    const least = leastSquares(
      (logs) => residuals(withChanges(drawn, parts, logs)),
      parts.map(() => 0),
    );
    return {
      changes: parts.map((part, n) => ({
        part,
        drawn: drawn[part] ?? 0,
        now: (drawn[part] ?? 0) * Math.exp(least.at[n] ?? 0),
        change: Math.exp(least.at[n] ?? 0) - 1,
        within: Math.expm1(EXPLAINED * (least.spread[n] ?? Number.POSITIVE_INFINITY)),
      })),
      left: least.residuals.map((one) => one * reading),
      worst: Math.max(...least.residuals.map(Math.abs)),
    };
  };
  const parts = TRACKING_PARTS.filter((part) => drawn[part] !== undefined && (drawn[part] ?? 0) > 0);
  const all = subsets(parts)
    .filter((set) => set.length <= inside.length)
    .map(explain);
  const enough = all.filter(({ worst }) => worst <= EXPLAINED);
  const fewest = Math.min(...enough.map(({ changes }) => changes.length));
  const explanations = enough.filter(({ changes }) => changes.length === fewest).sort((a, b) => a.worst - b.worst);
  const places = inside.map(({ dial }) => dial);
  const span = (Math.max(...places) - Math.min(...places)) / Math.abs(band.to - band.from);
  const unknown = explanations[0]?.changes.some(({ within }) => !(within < KNOWN_WITHIN)) ?? false;
  const open = (): DialFit["open"] => {
    const few = inside.length < parts.length;
    // Fewer points than parts: two parts together always explain them too.
    if (few) return "points";
    if (explanations.length === 0) return "none";
    if (span < LEAST_SPAN) return "one-end";
    return explanations.length === 1 && !unknown ? undefined : "alike";
  };
  const why = open();
  return { ...base, right: false, explanations, ...(why ? { open: why } : {}) };
}

/** A fixed part that is so far from its drawn value has changed, or is the wrong one. Shop rule. @example a padder of 360 pF for 450 pF */
export const FAR_OFF = 0.1;

/** Is it surely far off: by more than the bounds leave open? */
export const surelyOff = ({ change, within }: PartChange): boolean =>
  Math.abs(change) > FAR_OFF && Math.abs(change) > within;

export type Move = { part: TrackingPart; from: number; to: number; change: number };
export type Advice = {
  moves: Move[];
  /** dial error that will remain at each point, a share of the frequency */
  remains: number[];
  worst: number;
};

/** How far a dial may be off after alignment. Shop rule. @example 5 kHz at 1 MHz */
export const DIAL_GOAL = 0.005;

/**
 * How far to move what can be moved, so that the dial's errors are least, and what will remain at every point.
 * @param now the circuit as the dial says it is
 * @param movable which parts can be moved: the others stay as they are now
 */
export function adviseMoves(
  drawn: Tuned,
  now: Tuned,
  band: Pick<Band, "mid" | "side">,
  places: readonly number[],
  movable: readonly TrackingPart[],
): Advice {
  const gangs = places.map((dial) => gangAt(drawn, oscillatorFor(dial, band)) ?? Number.NaN);
  const errors = (tuned: Tuned) =>
    gangs.map((gang, n) => {
      const truth = signalFor(tunes(tuned, gang), band);
      return ((places[n] ?? 0) - truth) / truth;
    });
  const parts = movable.filter((part) => now[part] !== undefined);
  const least = leastSquares(
    (logs) => errors(withChanges(now, parts, logs)).map((error) => error / DIAL_READING),
    parts.map(() => 0),
  );
  const then = withChanges(now, parts, least.at);
  const remains = errors(then);
  return {
    moves: parts.map((part, n) => {
      const from = now[part] ?? 0;
      return { part, from, to: from * Math.exp(least.at[n] ?? 0), change: Math.expm1(least.at[n] ?? 0) };
    }),
    remains,
    worst: Math.max(...remains.map(Math.abs)),
  };
}

/** The circuit as an explanation has it. */
export const circuitNow = (drawn: Tuned, { changes }: Pick<Explanation, "changes">): Tuned =>
  changes.reduce<Tuned>((tuned, { part, now }) => ({ ...tuned, [part]: now }), drawn);

/** What another coil or loop does to every place of the dial: what is received there then, Hz. */
export const dialWithCoil = (
  drawn: Tuned,
  band: Pick<Band, "mid" | "side">,
  places: readonly number[],
  factor: number,
): DialPoint[] =>
  places.flatMap((dial) => {
    const gang = gangAt(drawn, oscillatorFor(dial, band));
    return gang === undefined ? [] : [{ dial, truth: signalFor(tunes({ ...drawn, l: drawn.l * factor }, gang), band) }];
  });

/**
 * The circuit with another coil, trimmed so that one place of the dial is right again.
 * @param factor the new inductance over the old one, above 0 @param hertz the place, where the circuit is to tune as before
 * @returns undefined where the trimmer would have to be below nothing
 * @example a coil of 95 % at 1600 kHz wants a trimmer larger by 5.3 % of all that lies across it there
 */
export function trimmedFor(drawn: Tuned, factor: number, hertz: number): Tuned | undefined {
  const across = 1 / ((2 * Math.PI * hertz) ** 2 * drawn.l);
  const trimmer = drawn.trimmer + across * (1 / factor - 1);
  return trimmer > 0 ? { ...drawn, l: drawn.l * factor, trimmer } : undefined;
}
