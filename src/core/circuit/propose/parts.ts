import type { Component, Role, Tube } from "../../model";
import { tubeType } from "../../tubes";
import { GROUND } from "../net";
import { isTransistor, type Places } from "./places";

/** A part with what its sheet says around it. */
type Spot = {
  places: Places;
  part: string;
  stage: string | undefined;
  tube: Tube;
  /** position of the tube */
  at: string;
  plate: string;
  grid: string;
  cathode: string;
  /** the rail that feeds its stage, and the last of the set */
  rail: string;
  last: string;
  /** the stage has a rail of its own */
  ownRail: boolean;
};

const placeBias = ({ places, part, stage, at, cathode, rail }: Spot): void => {
  if (!isTransistor(at)) return places.put(part, cathode, GROUND, `Cathode bias of ${at}.`);
  // Of a divider the larger one goes to the rail, and one of a kilohm or so is the emitter’s.
  const own = places
    .inStage(stage, "bias", "R")
    .sort((a, b) => places.valueOf(b.designator) - places.valueOf(a.designator));
  const rank = own.findIndex(({ designator }) => designator === part);
  if (rank === 0)
    return places.put(part, rail, `${at}.base`, "The largest of the stage’s bias resistors feeds the base.");
  if (rank === own.length - 1 && own.length > 2)
    return places.put(part, `${at}.emitter`, GROUND, "The smallest of them is the emitter’s.");
  return places.put(part, `${at}.base`, GROUND, "With the one to the rail it is the divider at the base.");
};

const placeGridLeak = ({ places, part, stage = "", at, grid }: Spot): void =>
  /oscillator|indicator|avc|detector/i.test(stage) && !/audio/i.test(stage)
    ? places.leave(part, `Which electrode of ${at} it serves is to be traced.`)
    : places.put(part, grid, GROUND, `Grid leak of ${at}.`);

const placeScreen = ({ places, part, stage, at, last }: Spot): void => {
  const [first] = places.inStage(stage, "screen", "R");
  if (first?.designator === part) places.put(part, last, `${at}.screen`, `It feeds the screen of ${at} from ${last}.`);
  else places.put(part, `${at}.screen`, GROUND, `With ${first?.designator} it is the divider of the screen.`);
};

const placeDecoupling = ({ places, part, stage, tube, at, rail, ownRail }: Spot): void => {
  const screened = tubeType(tube.type)?.points.some(({ screen }) => screen !== undefined) ?? false;
  if (screened && (!ownRail || places.inStage(stage, "screen", "R").length > 0))
    return places.put(part, `${at}.screen`, GROUND, `It bypasses the screen of ${at}.`);
  if (ownRail) return places.put(part, rail, GROUND, `It decouples ${rail}.`);
  return places.leave(part, `${at} has neither a screen nor a rail of its own: what it bypasses is to be traced.`);
};

const placeCoupling = ({ places, part, stage, tube, at, grid }: Spot): void => {
  const order = places.sheet.tubes.filter(
    ({ type }) => !tubeType(type)?.rectifier && !/indicator/.test(tubeType(type)?.kind ?? ""),
  );
  const before = order[order.findIndex(({ position }) => position === at) - 1];
  const word = grid.split(".")[1];
  const detects = /detector|\bif\b|mixer/i.test(before?.work ?? "") && !/audio/i.test(before?.work ?? "");
  if (before && !detects && !/detector/i.test(tube.work)) {
    const from = isTransistor(before.position) ? "collector" : "plate";
    return places.put(part, `${before.position}.${from}`, grid, `From the ${from} before to the ${word} of ${at}.`);
  }
  const control = places.inStage(stage, "control", "VR").length > 0;
  if (control && places.inStage(stage, "grid-leak", "R").length === 0)
    return places.put(part, "detector", "volume", "From the detector to the volume control.");
  return places.put(part, control ? "volume" : "detector", grid, `From the detector to the ${word} of ${at}.`);
};

const placeControl = ({ places, part, stage, tube, at, grid }: Spot): void => {
  if (!/audio|\baf\b/i.test(`${stage} ${tube.work}`))
    return places.leave(part, "A control: its three ends are to be traced.");
  if (places.inStage(stage, "grid-leak", "R").length > 0)
    return places.put(part, "detector", GROUND, "The volume control is the detector’s load.", { tap: "volume", at: 0 });
  return places.put(part, "volume", GROUND, `The volume control is the grid leak of ${at}.`, { tap: grid, at: 0 });
};

/** Where a part of a role goes, at the tube of its stage. */
const BY_ROLE: Partial<Record<Role, (spot: Spot) => void>> = {
  "anode-load": ({ places, part, at, plate, rail }) =>
    places.put(part, rail, plate, `The load of ${at}, from ${rail} to its ${plate.split(".")[1]}.`),
  bias: placeBias,
  "cathode-bypass": ({ places, part, at, cathode }) =>
    places.put(part, cathode, GROUND, `It lies across the ${cathode.split(".")[1]} resistor of ${at}.`),
  "grid-leak": placeGridLeak,
  screen: placeScreen,
  decoupling: placeDecoupling,
  coupling: placeCoupling,
  tone: ({ places, part, at, plate }) =>
    places.put(part, plate, GROUND, `It takes treble from the ${plate.split(".")[1]} of ${at}.`),
  control: placeControl,
};

/** Roles that lie beside the direct current of the stages, with the reason. */
const BESIDE: Partial<Record<Role, string>> = {
  mains: "On the side of the line.",
  "mains-to-chassis": "On the side of the line.",
  "vibrator-buffer": "On the side of the line.",
  tuned: "A tuned circuit: no direct current.",
};

/** The AVC line: its capacitors and resistors go to chassis. @returns whether the part belongs to it */
function placeAvc(places: Places, { designator, role, stage }: Component): boolean {
  const capacitor = /^C/.test(designator);
  if (role !== "avc" && !(/^(avc|agc)$/i.test(stage ?? "") && /^R/.test(designator))) return false;
  if (capacitor) places.put(designator, "AVC", GROUND, "The AVC line’s capacitor lies to chassis.");
  else if (role === "avc") places.leave(designator, "Which ends of the AVC line it joins is to be traced.");
  else places.put(designator, "AVC", GROUND, "Without a signal the AVC line stands at chassis.");
  return true;
}

/** A resistor that decouples makes a rail of its own for its stage; a winding at its end has its foot there. */
export function placeStageRails(places: Places, last: string): Map<string | undefined, string> {
  const railOf = new Map<string | undefined, string>();
  for (const stage of new Set(places.sheet.components.map((one) => one.stage))) {
    const [resistor] = places.inStage(stage, "decoupling", "R");
    const tube = places.tubeOf(stage);
    if (!resistor || !tube) continue;
    const rail = `${last} ${tube.position}`;
    railOf.set(stage, rail);
    places.put(resistor.designator, last, rail, `It decouples ${tube.position} from ${last}.`);
  }
  return railOf;
}

/** Places the parts of the stages, each by its role. */
export function placeParts(places: Places, last: string, railOf: ReadonlyMap<string | undefined, string>): void {
  for (const component of places.sheet.components) {
    const { designator: part, role, stage, sections = [] } = component;
    if (places.has(part)) continue;
    if (sections.length > 1) {
      sections.forEach((_, index) =>
        places.leave(`${part}/${index + 1}`, "Where a section of this can is joined is to be traced."),
      );
      continue;
    }
    const beside = BESIDE[role];
    if (beside) {
      places.leave(part, beside);
      continue;
    }
    if (placeAvc(places, component)) continue;
    const tube = places.tubeOf(stage);
    if (!tube) {
      places.leave(part, stage ? `No tube of the line-up does “${stage}”.` : "It has no stage.");
      continue;
    }
    const at = tube.position;
    const [plate, grid, cathode] = isTransistor(at) ? ["collector", "base", "emitter"] : ["plate", "grid", "cathode"];
    const place = BY_ROLE[role];
    if (!place) {
      places.leave(part, `The role “${role}” does not say where it goes.`);
      continue;
    }
    place({
      places,
      part,
      stage,
      tube,
      at,
      plate: `${at}.${plate}`,
      grid: `${at}.${grid}`,
      cathode: `${at}.${cathode}`,
      rail: railOf.get(stage) ?? last,
      last,
      ownRail: railOf.has(stage),
    });
  }
}
