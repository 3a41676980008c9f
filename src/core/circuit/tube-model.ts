import { hasVapour, type OperatingPoint, type TubeKind, type TubeType } from "../tubes";
import { perveanceOf, type DiodeModel } from "./laws/diode";
import { sigmoid, softplus } from "./laws/law";
import { plateTakes, spaceAt, type PentodeModel, type SpaceModel, type TriodeModel } from "./laws/tube";

/**
 * Models out of the tube table: a model passes through the published operation of its type (plate and screen
 * current, transconductance, amplification factor or plate resistance as far as the sheet gives them), and has the shape
 * of its class where the sheet says nothing.
 */

/**
 * What a class of tubes has in common, from published curves of many types: exponent, sharpness of cutoff, rounding (V²),
 * knee (V), perveance of the grid (A/V^1.5), transconductance for each ampere (S/A) and amplification factor.
 */
type Shape = { ex: number; kp: number; kvb: number; knee: number; grid: number; gmPerAmp: number; mu: number };
const TRIODE: Shape = { ex: 1.4, kp: 200, kvb: 300, knee: 0, grid: 3e-4, gmPerAmp: 0.3, mu: 20 };
const POWER_TRIODE: Shape = { ex: 1.4, kp: 100, kvb: 300, knee: 0, grid: 1e-3, gmPerAmp: 0.1, mu: 8 };
const SHARP: Shape = { ex: 1.4, kp: 60, kvb: 10, knee: 12, grid: 3e-4, gmPerAmp: 0.5, mu: 25 };
const REMOTE: Shape = { ex: 1.4, kp: 14, kvb: 10, knee: 14, grid: 3e-4, gmPerAmp: 0.25, mu: 18 };
const POWER: Shape = { ex: 1.35, kp: 45, kvb: 10, knee: 14, grid: 1e-3, gmPerAmp: 0.13, mu: 9 };

const SHAPES: Partial<Record<TubeKind, Shape>> = {
  triode: TRIODE,
  "double triode": TRIODE,
  "diode triode": TRIODE,
  "power triode": POWER_TRIODE,
  tetrode: { ...SHARP, knee: 30 },
  "variable tetrode": { ...REMOTE, knee: 30 },
  pentode: SHARP,
  "variable pentode": REMOTE,
  "diode pentode": SHARP,
  "triode pentode": SHARP,
  "power pentode": POWER,
  "diode power pentode": POWER,
  beam: POWER,
  converter: REMOTE,
};

/** What a model was made of, for the page of its type. */
export type ModelSource = { point: OperatingPoint; assumed: string[] };
export type TubeModel =
  | { law: "triode"; model: TriodeModel; source: ModelSource }
  | { law: "pentode"; model: PentodeModel; source: ModelSource };

/** Halves an interval where a rising function crosses a value. */
function rising(f: (x: number) => number, from: number, to: number, target: number): number {
  let [low, high] = [Math.log(from), Math.log(to)];
  for (let step = 0; step < 60; step += 1) {
    const middle = (low + high) / 2;
    if (f(Math.exp(middle)) < target) low = middle;
    else high = middle;
  }
  return Math.exp((low + high) / 2);
}

/** gm over current, 1/V, of a space model at a point: it does not depend on kg. */
const steepness = (model: SpaceModel, pull: number, grid: number): number => {
  const { amps, byGrid } = spaceAt(model, pull, grid);
  return amps > 0 ? byGrid / amps : Number.POSITIVE_INFINITY;
};
/** Scales a model to a current at a point. */
function scaled<M extends SpaceModel>(model: M, pull: number, grid: number, amps: number): M {
  const { amps: now } = spaceAt(model, pull, grid);
  return { ...model, kg: (model.kg * now) / amps };
}

/** Sharpness of a triode's cutoff for each unit of its amplification factor, as in Koren's own fits (4 to 11). */
const KP_BY_MU = 5;

/**
 * A triode with a steepness gm/I and an amplification factor at a point. The steepness fixes how far the point lies from
 * cutoff; what the amplification factor then asks for beyond the grid's own volts is contact potential.
 */
function fitTriode(
  shape: Shape,
  { plate, grid }: OperatingPoint,
  steep: number,
  mu: number,
  amps: number,
): TriodeModel {
  const s = Math.sqrt(shape.kvb + plate * plate);
  const kp = KP_BY_MU * mu;
  // In z alone: steepness is ex·kp·σ(z)/(s·softplus(z)); it falls from ex·kp/s to nothing as z grows.
  const steepAt = (ex: number, z: number) => (ex * kp * sigmoid(z)) / (s * softplus(z));
  const ex = steepAt(shape.ex, -8) < steep * 1.05 ? (steep * 1.05 * s) / kp : shape.ex;
  let [low, high] = [-8, 400];
  for (let step = 0; step < 80; step += 1) {
    const middle = (low + high) / 2;
    if (steepAt(ex, middle) > steep) low = middle;
    else high = middle;
  }
  const z = (low + high) / 2;
  const open = sigmoid(z);
  const offset = ((softplus(z) / kp - (plate * open) / (s * mu)) * s ** 3) / (plate * plate * open);
  const inverse = z / kp - offset / s;
  const model = {
    // Where a sheet's figures do not fit together, the amplification factor is the one that gives way.
    mu: inverse > 1 / (20 * mu) ? 1 / inverse : mu,
    ex,
    kg: 1,
    kp,
    kvb: shape.kvb,
    contact: inverse > 1 / (20 * mu) ? offset - grid : (z / kp - 1 / mu) * s - grid,
    gridPerveance: shape.grid,
  };
  return scaled(model, plate, grid, amps);
}

function fitPentode(shape: Shape, point: OperatingPoint, amps: number, screenAmps: number, gm: number): PentodeModel {
  const { plate, grid, screen = plate, plateOhms } = point;
  const all = amps + screenAmps;
  let space: SpaceModel = {
    mu: shape.mu,
    ex: shape.ex,
    kg: 1,
    kp: shape.kp,
    kvb: shape.kvb,
    contact: 0,
    gridPerveance: shape.grid,
  };
  const steep = gm / amps;
  const steepFor = (kp: number) => (mu: number) => steepness({ ...space, kp, mu }, screen, grid);
  // A remote tail that is too soft for the sheet's transconductance is made sharper.
  let kp = shape.kp;
  while (steepFor(kp)(400) < steep && kp < 4000) kp *= 1.3;
  // One that is steeper than the sheet however large its reach has a lower exponent.
  if (steepFor(kp)(1.5) > steep) space = { ...space, ex: (space.ex * steep) / steepFor(kp)(1.5) };
  space = { ...space, kp, mu: rising(steepFor(kp), 1.5, 400, steep) };
  space = scaled(space, screen, grid, all);
  const share = amps / all;
  const knees = (knee: number) => knee / (knee * knee + plate * plate) / Math.atan(plate / knee);
  // Plate resistance fixes how much the share still rises at the published plate volts.
  let plateKnee = plateOhms ? rising(knees, 0.2, plate, 1 / (plateOhms * amps)) : Math.min(shape.knee, plate / 6);
  // No more than the whole current can go to the plate.
  const most = plate / Math.tan((Math.PI / 2) * Math.min(0.999, share + 0.001));
  plateKnee = Math.min(plateKnee, Math.max(most, 0.2));
  const one = plateTakes({ ...space, plateShare: 1, plateKnee }, plate).share;
  return { ...space, plateShare: share / one, plateKnee };
}

/** The operation that a model goes through: not a class C one, with a current; the first of the sheet. */
const pointOf = ({ points }: TubeType): OperatingPoint | undefined =>
  points.find(({ classC, amps, momentary }) => !classC && !momentary && (amps ?? 0) > 0) ??
  points.find(({ amps }) => (amps ?? 0) > 0);

/** Kinds that are triodes to the plate. */
const TRIODES: ReadonlySet<TubeKind> = new Set([
  "triode",
  "double triode",
  "diode triode",
  "power triode",
  "indicator",
]);

/**
 * The model of a type.
 * @returns undefined where the table has no operation to go by, or the type is no amplifier (see `diodeModel`)
 */
export function tubeModel(type: TubeType): TubeModel | undefined {
  const point = pointOf(type);
  const shape = SHAPES[type.kind] ?? (type.kind === "indicator" ? TRIODE : undefined);
  if (!point || !shape) return undefined;
  const amps = point.amps ?? 0;
  const assumed: string[] = [];
  if (TRIODES.has(type.kind) && point.screen === undefined) {
    const mu = point.mu ?? (point.gm && point.plateOhms ? point.gm * point.plateOhms : undefined) ?? shape.mu;
    if (point.mu === undefined && !(point.gm && point.plateOhms)) assumed.push("amplification factor");
    const gm = point.gm ?? (point.plateOhms ? mu / point.plateOhms : amps * shape.gmPerAmp);
    if (point.gm === undefined && !point.plateOhms) assumed.push("transconductance");
    return { law: "triode", model: fitTriode(shape, point, gm / amps, mu, amps), source: { point, assumed } };
  }
  if (point.screen === undefined && TRIODES.has(type.kind)) return undefined;
  const screenAmps = point.screenAmps ?? SCREEN_SHARE * amps;
  if (point.screenAmps === undefined) assumed.push("screen current");
  // What a converter's sheet gives is its conversion transconductance: that of the tube itself is some three times that.
  const gm = type.kind === "converter" ? (point.gm ?? 0) * CONVERSION : (point.gm ?? 0);
  const known = gm > 0 ? gm : amps * shape.gmPerAmp;
  if (!(point.gm ?? 0)) assumed.push("transconductance");
  return {
    law: "pentode",
    model: fitPentode(shape, { ...point, screen: point.screen ?? point.plate }, amps, screenAmps, known),
    source: { point, assumed },
  };
}

/** A screen takes about this share of the plate's current, where a sheet does not say. */
const SCREEN_SHARE = 0.2;
/** Transconductance of a converter against its conversion transconductance (E. W. Herold, 1942: 0.28 to 0.35). */
const CONVERSION = 3;

/** Drop of a small detector diode, V at A: 5 V at 2 mA, as most diode sections have it. */
const DETECTOR = perveanceOf(5, 2e-3);
/**
 * A rectifier whose sheet gives no drop drops this much at its rated current, V. Shop's estimate.
 * @example a rectifier of 100 mA without a published drop: 25 V at 100 mA
 */
const USUAL_DROP = 25;

/** The drop of a vapour hardly moves: by this for an e-fold of current, V. */
const VAPOUR_KNEE = 0.5;

/** The model of one diode of a type: a rectifier by its published drop, a detector by the usual one. */
export function diodeModel(type: TubeType): DiodeModel | undefined {
  const { kind, rectifier } = type;
  if (rectifier) {
    const { volts, amps } = rectifier.drop ?? { volts: USUAL_DROP, amps: rectifier.amps };
    if (hasVapour(type))
      return { law: "junction", saturation: amps * Math.exp(-volts / VAPOUR_KNEE), knee: VAPOUR_KNEE };
    return { law: "vacuum", perveance: perveanceOf(volts, amps) };
  }
  return /diode/.test(kind) ? { law: "vacuum", perveance: DETECTOR } : undefined;
}
