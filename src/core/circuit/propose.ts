import { drawnSpec, LINE, railPoints, type Component, type Join } from "../model";
import { tubeType } from "../tubes";
import { SUPPLY, valueOf, type CircuitSheet } from "./from-sheet";
import { GROUND } from "./net";

/**
 * A net out of what the sheet says already: roles, stages, line-up, resistance chart. Each row has its reason; what cannot
 * be placed is listed. Nobody should have to type a net, but somebody has to look at it.
 */
export type Proposed = Join & { reason: string };
export type Proposal = { rows: Proposed[]; left: { part: string; why: string }[] };

const words = (text: string) =>
  text
    .toLowerCase()
    .split(/[^a-z0-9]+/)
    .filter((word) => word.length > 1 && !["and", "the", "of", "tube", "stage"].includes(word));

/** How well a stage's name fits to what a tube does. */
const fits = (stage: string, work: string): number => {
  const [one, other] = [words(stage), words(work)];
  return one.filter((word) => other.includes(word)).length / Math.max(1, one.length);
};

const isTransistor = (position: string) => /^(Q|TR)/.test(position);

class Places {
  readonly rows: Proposed[] = [];
  readonly left: { part: string; why: string }[] = [];
  private readonly done = new Set<string>();
  constructor(readonly sheet: CircuitSheet) {}

  put(part: string, from: string, to: string, reason: string, more: Partial<Join> = {}): void {
    if (this.done.has(part)) return;
    this.done.add(part);
    this.rows.push({ part, from, to, ...more, reason });
  }
  leave(part: string, why: string): void {
    if (this.done.has(part)) return;
    this.done.add(part);
    this.left.push({ part, why });
  }
  has = (part: string) => this.done.has(part);

  /** The tube or transistor that does the work of a stage. */
  tubeOf(stage: string | undefined): CircuitSheet["tubes"][number] | undefined {
    if (!stage) return undefined;
    const ranked = this.sheet.tubes
      .map((tube) => ({ tube, fit: tube.position.toLowerCase() === stage.toLowerCase() ? 2 : fits(stage, tube.work) }))
      .filter(({ fit }) => fit > 0)
      .sort((a, b) => b.fit - a.fit);
    return ranked[0]?.tube;
  }
}

/** Watts of a resistor as the sheet has them. */
const wattsOf = (sheet: CircuitSheet, component: Component): number => drawnSpec(sheet, component)?.watts ?? 0;

const VALUE = (places: Places, part: string) => valueOf(places.sheet, part) ?? 0;

/** Names of the rails, from the reservoir on: those of the chart, and Reservoir where the chart has one less. */
function railNames({ points }: CircuitSheet, count: number): string[] {
  const chart = railPoints(points).map(({ point }) =>
    point.replace(/^b ?\+ ?(\d*)$/i, (_, n: string) => (n ? `B+ ${n}` : "B+")),
  );
  const own = points.some(({ point }) => /^reservoir$/i.test(point)) ? ["Reservoir"] : [];
  const named = [...own, ...chart];
  if (named.length >= count) return named.slice(0, count);
  const rest = ["Reservoir", "B+", "B+ 2", "B+ 3", "B+ 4"].filter((name) => !named.includes(name));
  return count === named.length + 1 && named[0] === "B+"
    ? ["Reservoir", ...named]
    : [...named, ...rest].slice(0, count);
}

/** Reservoir, choke or resistors, smoothing: the chain of rails. Returns them in order. */
function placeSupply(places: Places): string[] {
  const { sheet } = places;
  const caps = sheet.components.filter(
    ({ role, designator }) => /^C/.test(designator) && (role === "reservoir" || role === "smoothing"),
  );
  const reservoir = caps.find(({ role }) => role === "reservoir");
  const smoothing = caps.filter((one) => one !== reservoir);
  const choke = sheet.windings.find(({ winding }) => /choke|field/i.test(winding));
  const droppers = sheet.components
    .filter(({ role, designator }) => /^R/.test(designator) && role === "dropper")
    .sort((a, b) => VALUE(places, b.designator) - VALUE(places, a.designator));
  const live = sheet.supply === "live-chassis";
  const rectifier = sheet.tubes.find(({ type }) => tubeType(type)?.rectifier);
  const battery = sheet.supply === "battery" || sheet.supply === "low-voltage";
  if (battery) {
    const [rail = "Battery"] = railPoints(sheet.points).map(({ point }) => point);
    const name = sheet.points.some(({ point }) => point === "Battery") ? "Rail" : rail;
    const negative = sheet.points.some(({ expected, point }) => /^(Q|TR)/.test(point) && expected < 0);
    places.put(
      SUPPLY,
      negative ? name : GROUND,
      negative ? GROUND : name,
      negative ? "The chart has negative volts: plus is chassis." : "Minus is chassis.",
    );
    for (const cap of sheet.components.filter(
      ({ role, designator }) => /^C/.test(designator) && ["rail", "reservoir", "smoothing"].includes(role),
    ))
      places.put(cap.designator, name, GROUND, `A ${cap.role} capacitor lies from its rail to chassis.`);
    return [name];
  }
  // On a live chassis the dropper of the most watts feeds the heaters, the smallest is the surge resistor.
  let inLine = droppers;
  if (live) {
    const heaters = [...droppers].sort((a, b) => wattsOf(sheet, b) - wattsOf(sheet, a))[0];
    const surge = droppers.filter((one) => one !== heaters).at(-1);
    if (heaters && droppers.length > 1)
      places.leave(heaters.designator, "It drops the line for the heater string: no direct current of B+ flows in it.");
    inLine = droppers.filter((one) => one !== heaters && one !== surge);
    if (surge && surge !== heaters && rectifier)
      places.put(
        surge.designator,
        LINE,
        `${rectifier.position}.plate`,
        "The smallest dropper of a live chassis is the surge resistor before the rectifier.",
      );
  }
  const steps = Math.max(
    choke || inLine.length > 0 ? 1 : 0,
    Math.min(smoothing.length, (choke ? 1 : 0) + inLine.length),
  );
  const rails = railNames(sheet, 1 + steps);
  const [first = "B+"] = rails;
  places.put(SUPPLY, GROUND, first, "The rectifier fills the first rail.");
  if (reservoir) places.put(reservoir.designator, first, GROUND, "The reservoir lies behind the rectifier.");
  rails.slice(1).forEach((rail, at) => {
    const before = rails[at] ?? first;
    const capacitor = smoothing[at];
    if (choke && at === 0)
      places.put(
        choke.winding,
        before,
        rail,
        /field/i.test(choke.winding) ? "The field coil is the choke." : "The choke smooths.",
      );
    else {
      const resistor = inLine[at - (choke ? 1 : 0)];
      if (resistor) places.put(resistor.designator, before, rail, "A dropper between two rails.");
    }
    if (capacitor) places.put(capacitor.designator, rail, GROUND, "Smoothing lies behind the choke or resistor.");
  });
  return rails;
}

/** The ends of windings that the resistance chart names: an electrode, or the far end of another part. */
function placeWindings(places: Places, rails: readonly string[]): void {
  const { sheet } = places;
  const last = rails.at(-1) ?? "B+";
  const hot = (label: string): string | undefined => {
    const row = places.rows.find(({ part }) => part === label);
    if (row) return row.to === GROUND || /^R/.test(label) === false ? row.from : row.to;
    const rail = rails.find((one) => one.toLowerCase() === label.toLowerCase());
    return rail ?? (/^b ?\+/i.test(label) ? last : /^avc$/i.test(label) ? "AVC" : undefined);
  };
  for (const { winding, from, to } of sheet.windings) {
    if (places.has(winding)) continue;
    if (/\bht\b|primary$|secondary$|heater/i.test(winding) && !/plate|grid|avc/i.test(`${from} ${to}`)) {
      places.leave(winding, "It carries no direct current of the stages.");
      continue;
    }
    const other = [from, to].find((label) => sheet.components.some(({ designator }) => designator === label));
    const ofPart = places.tubeOf(sheet.components.find(({ designator }) => designator === other)?.stage);
    const output = /output/i.test(winding);
    const tube = output
      ? places.tubeOf("output")
      : (ofPart ?? places.tubeOf(winding.replace(/primary|secondary|^[LT]\d+/gi, "")));
    const end = (label: string): string | undefined =>
      /^(plate|anode)$/i.test(label) && tube
        ? `${tube.position}.plate`
        : /^grid$/i.test(label)
          ? gridBehind(places, winding)
          : hot(label);
    const [a, b] = [end(from), end(to)];
    if (a && b) places.put(winding, b, a, "Its ends as the resistance chart names them.");
    else places.leave(winding, `Where ${a ? to : from} is joined is not known.`);
  }
}

/** An IF secondary feeds the grid of the tube that its name speaks of, or of the one behind the mixer. */
function gridBehind(places: Places, winding: string): string | undefined {
  const tubes = places.sheet.tubes.filter(({ type }) => !tubeType(type)?.rectifier);
  const mixer = tubes.findIndex(({ work }) => /mixer|converter/i.test(work));
  const next = /first|\bif\b/i.test(winding) ? tubes[mixer + 1] : undefined;
  return next && `${next.position}.grid`;
}

/** Proposes a net. */
export function proposeNet(sheet: CircuitSheet): Proposal {
  const places = new Places(sheet);
  const rails = placeSupply(places);
  const last = rails.at(-1) ?? "B+";
  const inStage = (stage: string | undefined, role: Component["role"], letter: string) =>
    sheet.components.filter((one) => one.stage === stage && one.role === role && one.designator.startsWith(letter));
  const stages = [...new Set(sheet.components.map(({ stage }) => stage))];

  // A resistor that decouples makes a rail of its own for its stage; with a winding at its end it is the winding’s foot.
  const railOf = new Map<string | undefined, string>();
  for (const stage of stages) {
    const [resistor] = inStage(stage, "decoupling", "R");
    const tube = places.tubeOf(stage);
    if (!resistor || !tube) continue;
    const rail = `${last} ${tube.position}`;
    railOf.set(stage, rail);
    places.put(resistor.designator, last, rail, `It decouples ${tube.position} from ${last}.`);
  }

  for (const component of sheet.components) {
    const { designator, role, stage } = component;
    if (places.has(designator)) continue;
    const tube = places.tubeOf(stage);
    const at = tube?.position ?? "";
    const solid = tube !== undefined && isTransistor(at);
    const [plate, grid, cathode] = solid ? ["collector", "base", "emitter"] : ["plate", "grid", "cathode"];
    const rail = railOf.get(stage) ?? last;
    const capacitor = /^C/.test(designator);
    const type = tube && tubeType(tube.type);
    const screened = type !== undefined && type.points.some(({ screen }) => screen !== undefined);
    if (component.sections && component.sections.length > 1 && !places.has(`${designator}/1`)) {
      component.sections.forEach((_, index) =>
        places.leave(`${designator}/${index + 1}`, "Where a section of this can is joined is to be traced."),
      );
      continue;
    }
    if (["mains", "mains-to-chassis", "tuned", "vibrator-buffer"].includes(role)) {
      places.leave(designator, role === "tuned" ? "A tuned circuit: no direct current." : "On the side of the line.");
      continue;
    }
    if (role === "avc") {
      if (capacitor) places.put(designator, "AVC", GROUND, "The AVC line’s capacitor lies to chassis.");
      else places.leave(designator, "Which ends of the AVC line it joins is to be traced.");
      continue;
    }
    if (/^(avc|agc)$/i.test(stage ?? "") && /^R/.test(designator)) {
      places.put(designator, "AVC", GROUND, "Without a signal the AVC line stands at chassis.");
      continue;
    }
    if (!tube) {
      places.leave(designator, stage ? `No tube of the line-up does “${stage}”.` : "It has no stage.");
      continue;
    }
    switch (role) {
      case "anode-load":
        places.put(designator, rail, `${at}.${plate}`, `The load of ${at}, from ${rail} to its ${plate}.`);
        break;
      case "bias":
        if (solid) {
          // Of a divider the larger one goes to the rail, and one of a kilohm or so is the emitter’s.
          const own = inStage(stage, "bias", "R").sort(
            (a, b) => VALUE(places, b.designator) - VALUE(places, a.designator),
          );
          const rank = own.findIndex((one) => one.designator === designator);
          if (rank === 0)
            places.put(designator, rail, `${at}.base`, "The largest of the stage’s bias resistors feeds the base.");
          else if (rank === own.length - 1 && own.length > 2)
            places.put(designator, `${at}.emitter`, GROUND, "The smallest of them is the emitter’s.");
          else places.put(designator, `${at}.base`, GROUND, "With the one to the rail it is the divider at the base.");
        } else places.put(designator, `${at}.cathode`, GROUND, `Cathode bias of ${at}.`);
        break;
      case "cathode-bypass":
        places.put(designator, `${at}.${cathode}`, GROUND, `It lies across the ${cathode} resistor of ${at}.`);
        break;
      case "grid-leak":
        if (/oscillator|indicator|avc|detector/i.test(stage ?? "") && !/audio/i.test(stage ?? ""))
          places.leave(designator, `Which electrode of ${at} it serves is to be traced.`);
        else places.put(designator, `${at}.${grid}`, GROUND, `Grid leak of ${at}.`);
        break;
      case "screen": {
        const own = inStage(stage, "screen", "R");
        const first = own[0]?.designator === designator;
        if (first) places.put(designator, last, `${at}.screen`, `It feeds the screen of ${at} from ${last}.`);
        else
          places.put(designator, `${at}.screen`, GROUND, `With ${own[0]?.designator} it is the divider of the screen.`);
        break;
      }
      case "decoupling":
        if (screened && !railOf.has(stage))
          places.put(designator, `${at}.screen`, GROUND, `It bypasses the screen of ${at}.`);
        else if (screened && inStage(stage, "screen", "R").length > 0)
          places.put(designator, `${at}.screen`, GROUND, `It bypasses the screen of ${at}.`);
        else if (railOf.has(stage)) places.put(designator, rail, GROUND, `It decouples ${rail}.`);
        else
          places.leave(
            designator,
            `${at} has neither a screen nor a rail of its own: what it bypasses is to be traced.`,
          );
        break;
      case "coupling": {
        const order = sheet.tubes.filter(
          ({ type: one }) => !tubeType(one)?.rectifier && !/indicator/.test(tubeType(one)?.kind ?? ""),
        );
        const here = order.findIndex(({ position }) => position === at);
        const before = order[here - 1];
        const detects = /detector|\bif\b|mixer/i.test(before?.work ?? "") && !/audio/i.test(before?.work ?? "");
        if (!before || /detector/i.test(tube.work) || detects) {
          const [control] = inStage(stage, "control", "VR");
          const [leak] = inStage(stage, "grid-leak", "R");
          if (control && !leak)
            places.put(designator, "detector", "volume", "From the detector to the volume control.");
          else
            places.put(
              designator,
              control ? "volume" : "detector",
              `${at}.${grid}`,
              `From the detector to the ${grid} of ${at}.`,
            );
        } else {
          const from = isTransistor(before.position) ? "collector" : "plate";
          places.put(
            designator,
            `${before.position}.${from}`,
            `${at}.${grid}`,
            `From the ${from} before to the ${grid} of ${at}.`,
          );
        }
        break;
      }
      case "tone":
        places.put(designator, `${at}.${plate}`, GROUND, `It takes treble from the ${plate} of ${at}.`);
        break;
      case "control": {
        const [leak] = inStage(stage, "grid-leak", "R");
        if (!/audio|\baf\b/i.test(`${stage} ${tube.work}`)) {
          places.leave(designator, "A control: its three ends are to be traced.");
          break;
        }
        places.put(
          designator,
          leak ? "detector" : "volume",
          GROUND,
          leak ? "The volume control is the detector’s load." : `The volume control is the grid leak of ${at}.`,
          { tap: leak ? "volume" : `${at}.${grid}`, at: 0 },
        );
        break;
      }
      default:
        places.leave(designator, `The role “${role}” does not say where it goes.`);
    }
  }
  placeWindings(places, rails);
  placeRest(places, last, railOf);
  return { rows: places.rows, left: places.left };
}

/** A screen up to so many volts is not joined to B+ without a resistor. */
const LOW_SCREEN = 150;

/** Electrodes that no part of the sheet joins: a plate by a coil that the sheet does not have, a screen beside another one. */
function placeRest(places: Places, last: string, railOf: ReadonlyMap<string | undefined, string>): void {
  const { sheet, rows } = places;
  const named = (node: string) => rows.some(({ from, to, tap }) => from === node || to === node || tap === node);
  const amplifies = sheet.tubes.flatMap(({ position, type, work }) => {
    const known = tubeType(type);
    const none = !known || known.rectifier || known.regulator || /indicator|^diodes$/.test(known.kind);
    return none || isTransistor(position) ? [] : [{ position, known, work }];
  });
  for (const { position, known, work } of amplifies) {
    const plate = `${position}.plate`;
    const rail = [...railOf].find(([stage]) => stage && fits(stage, work) > 0)?.[1] ?? last;
    if (!named(plate) && ["screen", "cathode", "grid"].some((one) => named(`${position}.${one}`)))
      places.put(
        `wire ${plate}`,
        rail,
        plate,
        `No part of the sheet joins the plate of ${position}: its coil counts as a wire.`,
      );
    const screen = `${position}.screen`;
    // A capacitor alone feeds no screen.
    const fed = rows.some(({ part, from, to }) => !/^C/.test(part) && (from === screen || to === screen));
    if (!known.points.some((point) => point.screen !== undefined) || fed || !named(plate)) continue;
    const low =
      (known.limits.screen ?? 0) <= LOW_SCREEN || known.points.every((point) => (point.screen ?? 0) <= LOW_SCREEN);
    const beside = amplifies.find(
      (one) => one.position !== position && rows.some(({ to }) => to === `${one.position}.screen`),
    );
    if (low && beside)
      places.put(
        `wire ${screen}`,
        `${beside.position}.screen`,
        screen,
        `No resistor of its own: it shares the one of ${beside.position}.`,
      );
    else
      places.put(
        `wire ${screen}`,
        last,
        screen,
        `No resistor feeds the screen of ${position}: it is joined to ${last}.`,
      );
  }
}
