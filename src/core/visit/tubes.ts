import { electrodeVolts, loadedRail, marginsOf, type PartState } from "../components";
import { asBuilt, type Position } from "../history";
import { ofKind, printPart, type Settled } from "../kinds";
import { drawnSpec, tapsOf, type Sheet, type Tube } from "../model";
import { noLoadPeak } from "../power";
import { parsePart } from "../quantity";
import type { TestVerdict } from "../readings";
import { freeOf, type StockItem } from "../stock";
import { heaterOf, heatersOf, tubeType, type Feed, type Place, type StringHeater, type TubeType } from "../tubes";
import type { VisitInput } from "./run-sheet";

/** A test of a tube, whatever kind of entry holds it. */
export type TubeRecord = {
  id: string;
  at: string;
  what: string;
  /** share of nominal, where there was one */
  ratio?: number;
  verdict: TestVerdict;
  text: string;
  tester?: string;
  /** the tube that sits there now was tested, not one before it */
  current: boolean;
};

export type TubePlace = {
  position: string;
  work: string;
  /** as the sheet has it */
  drawn: string;
  /** what sits there now, as it is written */
  fitted: string;
  /** its type, where the table knows it */
  type?: TubeType;
  state: PartState;
  why?: string;
  records: TubeRecord[];
};

/** The type that a text begins with: `26A6 on an adapter` is a 26A6. */
export function typeIn(text: string): TubeType | undefined {
  return tubeType(text) ?? tubeType(text.trim().split(/[\s,(]/)[0] ?? "");
}

function recordsOf(settled: readonly Settled[], place: Position): TubeRecord[] {
  const since = (at: string) =>
    !place.lastWorkAt || place.parts.length === 0 || Date.parse(at) >= Date.parse(place.lastWorkAt);
  const tests = ofKind(settled, "tube-test")
    .filter(({ content }) => content.payload.designator === place.designator)
    .map(({ entry, at, judged, content: { payload } }): TubeRecord => {
      const { verdict, ratio, reasons } = judged;
      return {
        id: entry.id,
        at,
        what: payload.strength?.test ?? "shorts",
        ...(ratio === undefined ? {} : { ratio }),
        verdict,
        text: reasons.join(" "),
        ...(payload.tester ? { tester: payload.tester } : {}),
        current: since(at),
      };
    });
  const plain = ofKind(settled, "test-result")
    .filter(({ content }) => content.payload.designator === place.designator && content.payload.sense === "share")
    .map(({ entry, at, judged, content: { payload } }): TubeRecord => {
      const { verdict, ratio, reasons } = judged;
      return {
        id: entry.id,
        at,
        what: payload.test,
        ...(ratio === undefined ? {} : { ratio }),
        verdict,
        text: reasons.join(" "),
        ...(payload.setup ? { tester: payload.setup } : {}),
        current: since(at),
      };
    });
  return [...tests, ...plain].sort((a, b) => Date.parse(a.at) - Date.parse(b.at));
}

/** Is it a tube, and no transistor? */
const isTube = ({ position, type }: Tube) => /^V\d/i.test(position) || tubeType(type) !== undefined;

/** Every tube of the set with what sits there now and all its tests. */
export function tubePlaces(input: VisitInput): TubePlace[] {
  const places = new Map(asBuilt(input.settled, input.sheet, input.now).map((place) => [place.designator, place]));
  return input.sheet.tubes.filter(isTube).map((tube): TubePlace => {
    const place = places.get(tube.position) ?? { designator: tube.position, state: "original", parts: [], work: [] };
    const [part] = place.parts;
    const fitted = part ? printPart(part.text, tube.position) : tube.type;
    const type = typeIn(fitted);
    return {
      position: tube.position,
      work: tube.work,
      drawn: tube.type,
      fitted,
      ...(type ? { type } : {}),
      state: place.state,
      ...(place.why ? { why: place.why } : {}),
      records: recordsOf(input.settled, place),
    };
  });
}

/** The heater of what sits in a place: the table's, or the sheet's own figures for the drawn type. */
function heaterAt(place: TubePlace, sheet: Pick<Sheet, "tubes">) {
  const drawn = sheet.tubes.find(({ position }) => position === place.position);
  return place.fitted === place.drawn && drawn ? heaterOf(drawn) : place.type?.heaters[0];
}

/** The heaters as they sit in the set now, in the order of the sheet. */
export const fittedHeaters = (places: readonly TubePlace[], sheet: Pick<Sheet, "tubes">): StringHeater[] =>
  places.flatMap((place) => {
    const heater = heaterAt(place, sheet);
    return heater ? [{ position: place.position, type: place.fitted, heater }] : [];
  });

/** Is the set wired as a series string? By its drawn tubes: one wrong tube does not rewire it. */
export const inSeries = (sheet: Pick<Sheet, "supply" | "tubes">): boolean =>
  heatersOf(sheet.supply, sheet.tubes).wiring === "series";

/** The dropper of the string: the largest of the sheet's by its wattage, else what its drawn heaters ask for. */
export function dropperOhms(sheet: Sheet): number {
  const droppers = sheet.components
    .filter(({ role }) => role === "dropper")
    .flatMap((component) => {
      const spec = drawnSpec(sheet, component);
      const [ohms] = spec?.sections ?? [];
      return ohms ? [{ ohms, watts: spec?.watts ?? 0 }] : [];
    })
    .sort((a, b) => b.watts - a.watts);
  const heaters = heatersOf(sheet.supply, sheet.tubes);
  const asked = heaters.wiring === "series" ? (Math.max(...tapsOf(sheet)) - heaters.volts) / heaters.amps : 0;
  return droppers[0]?.ohms ?? Math.max(asked, 0);
}

function feedOf(place: TubePlace, places: readonly TubePlace[], sheet: Sheet): Feed {
  const own = heaterOf({ type: place.drawn }) ?? { volts: 6.3, amps: 0 };
  if (inSeries(sheet)) {
    // The others as they were drawn: a second wrong tube is another matter.
    const others = sheet.tubes
      .filter(({ position }) => position !== place.position)
      .flatMap((tube) => {
        const heater = heaterOf(tube);
        return heater ? [{ position: tube.position, type: tube.type, heater }] : [];
      });
    return { wiring: "series", line: Math.max(...tapsOf(sheet)), dropperOhms: dropperOhms(sheet), others };
  }
  // Tubes on the same winding: heaters of the same voltage. A double triode can be wired for either of its two.
  const shared = sheet.tubes.flatMap((tube) => {
    const heaters = tubeType(tube.type)?.heaters ?? [heaterOf(tube)];
    const here = heaters.find((heater) => heater && Math.abs(heater.volts / own.volts - 1) < 0.1);
    return here ? [here.amps] : [];
  });
  const loadAmps = shared.reduce((sum, amps) => sum + amps, 0);
  const rated = own.volts > 5.9 && own.volts < 6.6 ? sheet.heaterAmps : undefined;
  return { wiring: "parallel", volts: own.volts, loadAmps, ...(rated ? { ratedAmps: rated } : {}) };
}

const RF_WORK = /\bRF\b|\bIF\b|mixer|oscillator|converter|BFO|PA\b|driver/i;

/** Rating of what sits at a capacitor's place now, V. */
function ratingAt(place: Position | undefined, drawn: number | undefined): number | undefined {
  const parts = place?.parts.map(({ text }) => parsePart(text, { quantity: "capacitance" })) ?? [];
  const volts = parts.flatMap((parsed) => (parsed.ok && parsed.value.volts ? [parsed.value.volts] : []));
  return volts.length > 0 ? Math.min(...volts) : drawn;
}

/** A position as a place to find a substitute for; undefined where the table does not know the drawn type. */
export function substitutePlace(input: VisitInput, position: string): Place | undefined {
  const { sheet } = input;
  const places = tubePlaces(input);
  const place = places.find((one) => one.position === position);
  const original = place ? tubeType(place.drawn) : undefined;
  if (!place || !original) return undefined;
  const built = new Map(asBuilt(input.settled, sheet, input.now).map((one) => [one.designator, one]));
  const plateVolts = electrodeVolts(sheet, position, "plate");
  const screenVolts = electrodeVolts(sheet, position, "screen");
  const bias = sheet.components.find(
    ({ role, stage }) => role === "bias" && stage?.toLowerCase() === place.work.toLowerCase(),
  );
  const cathodeOhms = bias ? drawnSpec(sheet, bias)?.sections[0] : undefined;
  const onRail = sheet.components.filter(({ role }) =>
    ["reservoir", "smoothing", "coupling", "decoupling"].includes(role),
  );
  const first = sheet.components.find(({ role }) => role === "reservoir");
  const firstSpec = first ? drawnSpec(sheet, first) : undefined;
  const firstFitted = first ? built.get(first.designator)?.parts[0]?.text : undefined;
  const fittedSpec = firstFitted ? parsePart(firstFitted, { quantity: "capacitance", electrolytic: true }) : undefined;
  const firstFarads = (fittedSpec?.ok ? fittedSpec.value : firstSpec)?.sections[0];
  return {
    position,
    original,
    feed: feedOf(place, places, sheet),
    ...(plateVolts === undefined ? {} : { plateVolts: Math.abs(plateVolts) }),
    ...(screenVolts === undefined ? {} : { screenVolts: Math.abs(screenVolts) }),
    ...(cathodeOhms ? { cathodeOhms } : {}),
    rf: RF_WORK.test(place.work),
    highestVolts: sheet.highestVolts,
    ...(input.rules ? { margins: marginsOf(input.rules) } : {}),
    ...(sheet.supplyRms ? { supplyRms: sheet.supplyRms } : {}),
    ...(sheet.rectifier ? { rectifier: sheet.rectifier } : {}),
    peakVolts: noLoadPeak(sheet).volts,
    bplus: loadedRail(sheet).volts,
    ...(firstFarads ? { firstFarads } : {}),
    capacitors: onRail.map((component) => {
      const drawn = drawnSpec(sheet, component);
      return { designator: component.designator, volts: ratingAt(built.get(component.designator), drawn?.volts) };
    }),
  };
}

/** Tubes in stock of a type under any of its names, that can still be taken; a shorted one goes into no set. */
export const stockedTubes = (stock: readonly StockItem[], type: TubeType): StockItem[] =>
  stock.filter(
    (item) =>
      item.kind === "tube" &&
      freeOf(item) > 0 &&
      tubeType(item.marking) === type &&
      item.tests.at(-1)?.shorts !== "found",
  );
