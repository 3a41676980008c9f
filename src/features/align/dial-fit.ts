import { drawnSpec, type ModelBand, type Sheet } from "@/core/model";
import {
  DIAL_READING,
  drawnCircuit,
  fitDial,
  type DialFit,
  type DialPoint,
  type Drawn,
  type DesignTrouble,
} from "@/core/tracking";
import { bandOfPoints } from "@/core/visit";

/** The circuit for which a band's dial was printed, with the drawn padder where the parts list has one. */
export function circuitOfBand(
  sheet: Sheet,
  band: ModelBand,
): { padder?: number; made: ReturnType<typeof drawnCircuit> } {
  const part = sheet.components.find(({ designator }) => designator === band.padder);
  const [padder] = part ? (drawnSpec(sheet, part)?.sections ?? []) : [];
  return { ...(padder === undefined ? {} : { padder }), made: drawnCircuit(band, padder) };
}

/** Bands whose oscillator is tuned by a gang: a crystal has no dial of its own. */
export const tunedBands = (sheet: Pick<Sheet, "bands">): ModelBand[] =>
  (sheet.bands ?? []).filter(({ crystal }) => crystal === undefined);

export type DialReading = {
  band: ModelBand;
  padder?: number;
  made: { ok: true; drawn: Drawn } | { ok: false; trouble: DesignTrouble };
  fit?: DialFit;
};

/** What points of a dial say of the band that they lie in. @param chosen a band that was chosen by hand */
export function readDial(
  sheet: Sheet,
  points: readonly DialPoint[],
  { chosen = "", reading = DIAL_READING }: { chosen?: string; reading?: number } = {},
): DialReading | undefined {
  const bands = tunedBands(sheet);
  const band = bands.find(({ name }) => name === chosen) ?? bandOfPoints(bands, points) ?? bands[0];
  if (!band) return undefined;
  const { made, ...known } = circuitOfBand(sheet, band);
  const fit =
    made.ok && points.length > 0
      ? fitDial(made.drawn.tuned, made.drawn.band, points, reading > 0 ? reading : DIAL_READING)
      : undefined;
  return { band, ...known, made, ...(fit ? { fit } : {}) };
}
