import { tunes, type TrimmerPlace, type Tuned } from "./oscillator";

/** A band as its gang tunes it. Hz and F. */
export type Band = {
  from: number;
  to: number;
  /** first intermediate frequency */
  mid: number;
  side: "above" | "below";
  gangMin: number;
  gangMax: number;
  place: TrimmerPlace;
};

/** The angles of the three points where both circuits agree: 30°, 90° and 150°. Trade use (equal error at the ends and between). @example cos 30° = 0.866 */
const ANGLES = [150, 90, 30] as const;

/**
 * The three tracking points of a band by the usual choice: the middle, and 0.866 of the half band on either side of it,
 * a fifteenth of the band in from its ends. Lowest first, Hz.
 * @example trackingPoints(550e3, 1600e3) // 620, 1075 and 1530 kHz
 */
export const trackingPoints = (from: number, to: number): [number, number, number] =>
  ANGLES.map((degrees) => (from + to) / 2 + ((to - from) / 2) * Math.cos((degrees * Math.PI) / 180)) as [
    number,
    number,
    number,
  ];

/** Frequency of the oscillator for a signal, Hz. */
export const oscillatorFor = (signal: number, { mid, side }: Pick<Band, "mid" | "side">): number =>
  side === "above" ? signal + mid : signal - mid;

/** Frequency that is received at one of the oscillator, Hz. */
export const signalFor = (oscillator: number, { mid, side }: Pick<Band, "mid" | "side">): number =>
  side === "above" ? oscillator - mid : oscillator + mid;

/**
 * The signal circuit of a band: coil and trimmer with which the gang tunes from one end to the other.
 * (C_max + C_t)/(C_min + C_t) = (f_max/f_min)².
 * @returns undefined where the gang cannot cover the band
 * @example signalCircuit({ from: 550e3, to: 1600e3, gangMin: 12e-12, gangMax: 450e-12 }) // 169 µH, 46.7 pF
 */
export function signalCircuit({
  from,
  to,
  gangMin,
  gangMax,
}: Pick<Band, "from" | "to" | "gangMin" | "gangMax">): Tuned | undefined {
  const ratio = (to / from) ** 2;
  const trimmer = (gangMax - ratio * gangMin) / (ratio - 1);
  if (!(trimmer > 0)) return undefined;
  const l = 1 / ((2 * Math.PI * from) ** 2 * (gangMax + trimmer));
  return { l, trimmer, place: "coil" };
}

/** Solves three equations in three unknowns by Cramer's rule. */
function solve3(rows: readonly (readonly [number, number, number, number])[]): [number, number, number] | undefined {
  const det = (m: readonly (readonly number[])[]) => {
    const [[a = 0, b = 0, c = 0] = [], [d = 0, e = 0, f = 0] = [], [g = 0, h = 0, i = 0] = []] = m;
    return a * (e * i - f * h) - b * (d * i - f * g) + c * (d * h - e * g);
  };
  const all = det(rows.map((row) => row.slice(0, 3)));
  if (all === 0 || !Number.isFinite(all)) return undefined;
  const at = (column: number) =>
    det(rows.map((row) => [0, 1, 2].map((n) => (n === column ? row[3] : (row[n] ?? 0))))) / all;
  return [at(0), at(1), at(2)];
}

export type Design = {
  signal: Tuned;
  oscillator: Tuned;
  /** where both agree, Hz */
  points: [number, number, number];
  /** tracking error over the band: how far the oscillator puts the signal off the signal circuit, Hz */
  curve: { signal: number; off: number }[];
};
export type DesignTrouble = "upside-down" | "if-inside" | "gang" | "no-padder";

/** Points of the drawn error curve. */
const CURVE = 61;

/**
 * Coil, trimmer and padder of an oscillator that tracks its signal circuit at three points: the published theory of
 * three-point tracking. With y = 1/ω², the circuit is y = A − B/(C + P); at the three points that is linear in A, P and
 * B − A·P, and so solved at once, for either place of the trimmer.
 *
 * @param points other tracking points, Hz, lowest first, all inside the band
 * @returns the design, or why there is none
 * @example 550–1600 kHz, IF 465 kHz, gang 12–450 pF: 78 µH, 65 pF, 547 pF; error at most 6.1 kHz, at the lower end
 */
export function designTracking(
  band: Band,
  points: [number, number, number] = trackingPoints(band.from, band.to),
): { ok: true; design: Design } | { ok: false; trouble: DesignTrouble } {
  const { from, to, mid, place, gangMin, gangMax } = band;
  if (!(from < to)) return { ok: false, trouble: "upside-down" };
  if (mid >= from && mid <= to) return { ok: false, trouble: "if-inside" };
  const signal = signalCircuit(band);
  if (!signal) return { ok: false, trouble: "gang" };
  const gangOf = (hertz: number) => 1 / ((2 * Math.PI * hertz) ** 2 * signal.l) - signal.trimmer;
  // In picofarad and in units of the first point's y: figures near one, which Cramer's rule wants.
  const scale = (2 * Math.PI * oscillatorFor(points[0], band)) ** 2;
  const rows = points.map((hertz): [number, number, number, number] => {
    const c = gangOf(hertz) * 1e12;
    const y = scale / (2 * Math.PI * oscillatorFor(hertz, band)) ** 2;
    return [c, -y, -1, y * c];
  });
  const solved = solve3(rows);
  if (!solved) return { ok: false, trouble: "no-padder" };
  const [a, p, d] = solved;
  const b = d + a * p;
  const oscillator: Tuned =
    place === "coil"
      ? { l: (b / p ** 2 / scale) * 1e12, trimmer: ((a * p ** 2) / b - p) * 1e-12, padder: p * 1e-12, place }
      : { l: (a ** 2 / b / scale) * 1e12, trimmer: (p - b / a) * 1e-12, padder: (b / a) * 1e-12, place };
  const sound = [oscillator.l, oscillator.trimmer, oscillator.padder ?? 0].every(
    (one) => one > 0 && Number.isFinite(one),
  );
  if (!sound) return { ok: false, trouble: "no-padder" };
  const curve = Array.from({ length: CURVE }, (_, n) => {
    const hertz = from + ((to - from) * n) / (CURVE - 1);
    const gang = Math.min(gangMax, Math.max(gangMin, gangOf(hertz)));
    return { signal: hertz, off: signalFor(tunes(oscillator, gang), band) - hertz };
  });
  return { ok: true, design: { signal, oscillator, points, curve } };
}
