import type { ModelBand } from "../model";
import { designTracking, oscillatorFor, signalCircuit, type Band, type DesignTrouble } from "./design";
import { leastSquares } from "./least-squares";
import { tunes, type TrimmerPlace, type Tuned } from "./oscillator";

/** A gang whose capacity nobody has written down, F. Trade use. @example 12 to 450 pF a section */
export const USUAL_GANG = { least: 12e-12, most: 450e-12 } as const;

export type Drawn = {
  tuned: Tuned;
  band: Band;
  /** what is not known of the set and was taken as usual */
  assumed: ("gang" | "padder")[];
};

/**
 * The circuit for which a band's dial was printed: by three-point tracking from band, IF and gang; with the drawn
 * padder, where the parts list has one, coil and trimmer are those that track best with it. A band without conversion
 * is its own signal circuit.
 * @param padder drawn value, F
 */
export function drawnCircuit(
  { from, to, side, mid, gangMin, gangMax }: ModelBand,
  padder?: number,
  place: TrimmerPlace = "coil",
): { ok: true; drawn: Drawn } | { ok: false; trouble: DesignTrouble } {
  const assumed: Drawn["assumed"] = gangMin === undefined || gangMax === undefined ? ["gang"] : [];
  const gang = { gangMin: gangMin ?? USUAL_GANG.least, gangMax: gangMax ?? USUAL_GANG.most };
  const band: Band = {
    from,
    to,
    mid: side === "none" ? 0 : (mid ?? 0),
    side: side === "below" ? "below" : "above",
    place,
    ...gang,
  };
  if (side === "none" || mid === undefined) {
    const tuned = signalCircuit(band);
    return tuned ? { ok: true, drawn: { tuned, band, assumed } } : { ok: false, trouble: "gang" };
  }
  const made = designTracking(band);
  if (!made.ok) return made;
  const { oscillator, signal, curve } = made.design;
  if (padder === undefined) return { ok: true, drawn: { tuned: oscillator, band, assumed: [...assumed, "padder"] } };
  const places = curve.map((point) => ({
    gang: 1 / ((2 * Math.PI * point.signal) ** 2 * signal.l) - signal.trimmer,
    wanted: oscillatorFor(point.signal, band),
  }));
  const best = leastSquares(
    ([l = 0, trimmer = 0]) => {
      const tuned = {
        ...oscillator,
        padder,
        l: oscillator.l * Math.exp(l),
        trimmer: oscillator.trimmer * Math.exp(trimmer),
      };
      return places.map(({ gang: c, wanted }) => (tunes(tuned, c) - wanted) / (wanted * 1e-3));
    },
    [0, 0],
  );
  const [l = 0, trimmer = 0] = best.at;
  const tuned: Tuned = {
    place,
    padder,
    l: oscillator.l * Math.exp(l),
    trimmer: oscillator.trimmer * Math.exp(trimmer),
  };
  return { ok: true, drawn: { tuned, band, assumed } };
}
