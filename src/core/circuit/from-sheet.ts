import {
  drawnSpec,
  electrodeNode,
  LINE,
  sectionSpecs,
  windingName,
  type Component,
  type Join,
  type Sheet,
} from "../model";
import { tubeType, type TubeType } from "../tubes";
import { SILICON } from "./laws/diode";
import { GERMANIUM_PNP, SILICON_NPN, type TransistorModel } from "./laws/transistor";
import type { SupplyModel } from "./laws/supply";
import type { Conditions } from "./compile";
import { GROUND, type Element, type Net } from "./net";
import { diodeModel, tubeModel } from "./tube-model";

/** The parts of a sheet that make its circuit. */
export type CircuitSheet = Pick<
  Sheet,
  | "supply"
  | "lineVolts"
  | "supplyRms"
  | "rectifier"
  | "chart"
  | "dialect"
  | "tubes"
  | "components"
  | "windings"
  | "points"
> & { net?: readonly Join[] | undefined };

/** In which state a set is solved. */
export type SetState = {
  /** line or battery volts; without them those of the chart */
  line?: number;
  /** values that are fitted or were measured, by designator: Ω, F or H */
  values?: ReadonlyMap<string, number>;
  conditions?: Conditions;
  /** tubes that are out of their sockets */
  out?: ReadonlySet<string>;
};

/** All tubes cold: none of them draws. */
export const coldTubes = ({ tubes }: Pick<CircuitSheet, "tubes">): Conditions =>
  Object.fromEntries(tubes.map(({ position }) => [position, { strength: 0, gas: 0 }]));

/** What stands between the sheet and a net that can be solved, each with the row that it belongs to. */
export type NetRemark = { part: string; text: string; problem: boolean };
export type BuiltNet = { net: Net; remarks: NetRemark[] };

/** The word of the row that joins the supply: from its minus to its plus. */
export const SUPPLY = "supply";
/** A row without a part: two nodes that are one, `wire V4.screen`. */
export const WIRE = /^wire\b/i;
/** Another supply, from its minus to its plus, with what it has in series: `source 210 V`, `source 25 V 10k`. */
export const SOURCE = /^source\s+([\d.]+)\s*(k?)V(?:\s+([\d.]+)\s*(k?)\s*(?:Ω|ohms?)?)?$/i;
/** A piece of wire or a closed contact, Ω. */
const WIRE_OHMS = 0.02;
/** A battery or a bench supply has little of its own, Ω. */
const BATTERY_OHMS = 0.1;
/** Coils whose inductance no chart gives, H: it matters at signal alone. Shop's estimates. */
const USUAL_HENRIES: readonly [RegExp, number][] = [
  [/choke|field/i, 10],
  [/output.*prim/i, 8],
  [/output.*sec/i, 5e-3],
  [/./, 1e-3],
];

const designatorOf = (part: string) => /^([A-Z]{1,3}\d{1,3}[A-Z]?)(?:\/(\d))?$/.exec(part);

/** Value of a part or of one of its sections in base units; undefined where none can be read. */
export function valueOf(sheet: CircuitSheet, part: string, values?: SetState["values"]): number | undefined {
  const known = values?.get(part);
  if (known !== undefined) return known;
  const [, designator = "", section] = designatorOf(part) ?? [];
  const component = sheet.components.find((one) => one.designator === designator);
  if (!component) return undefined;
  if (section) return sectionSpecs(component)[Number(section) - 1]?.spec?.sections[0];
  return drawnSpec(sheet, component)?.sections[0];
}

const windingOf = ({ windings }: CircuitSheet, part: string) =>
  windings.find((one) => one.winding === part) ?? windings.find((one) => windingName(one) === part);

/** Source resistance of the rectifier: a half of the HT winding, and the primary as it is seen through the ratio. */
function supplyOhms(sheet: CircuitSheet, rms: number, surge: number): number {
  const halves = sheet.windings.filter(({ winding }) => /\bht\b|high.?voltage|plate winding/i.test(winding));
  // A winding that the net joins to a stage is not that of the mains.
  const joined = new Set(sheet.net?.map(({ part }) => part));
  const primary = sheet.windings.find(
    ({ winding }) => /primary/i.test(winding) && !/output|if\b/i.test(winding) && !joined.has(winding),
  );
  const half = halves.length > 0 ? halves.reduce((sum, { ohms }) => sum + ohms, 0) / halves.length : 0;
  const seen = primary && sheet.supply !== "live-chassis" ? primary.ohms * (rms / sheet.lineVolts) ** 2 : 0;
  return half + seen + surge;
}

/** Position and type of the set's rectifier. */
const rectifierOfSheet = ({ tubes }: CircuitSheet): { position: string; type: TubeType } | undefined =>
  tubes.flatMap(({ position, type }) => {
    const known = tubeType(type);
    return known?.rectifier ? [{ position, type: known }] : [];
  })[0];

/** The supply of a sheet, at a line voltage. */
function supplyOfSheet(sheet: CircuitSheet, line: number, surge = 0): SupplyModel | { battery: number } {
  if (sheet.supply === "battery" || sheet.supply === "low-voltage") return { battery: line };
  const live = sheet.supply === "live-chassis";
  const nominal = live || sheet.supplyRms === undefined ? sheet.lineVolts : sheet.supplyRms;
  const rms = (nominal * line) / sheet.lineVolts;
  const tube = rectifierOfSheet(sheet);
  return {
    rectifier: sheet.rectifier ?? (live ? "half-wave" : "full-wave"),
    rms,
    ohms: Math.max(1, supplyOhms(sheet, nominal, surge)),
    diode: (tube && diodeModel(tube.type)) ?? SILICON,
  };
}

/** The electrodes that rows name, by device and section. */
function electrodesNamed(joins: readonly Join[]): Map<string, Set<string>> {
  const named = new Map<string, Set<string>>();
  for (const node of joins.flatMap(({ from, to, tap }) => [from, to, ...(tap ? [tap] : [])])) {
    const one = electrodeNode(node);
    if (!one) continue;
    const key = `${one.device}${one.section}`;
    named.set(key, (named.get(key) ?? new Set()).add(one.electrode));
  }
  return named;
}

/**
 * The model of a transistor by the word for its type: `germanium`, `silicon PNP`. American and Japanese numbers say its
 * polarity seldom, European ones never: without a word germanium is PNP and silicon NPN, as most of them are.
 */
export function transistorModel(type: string): TransistorModel {
  const germanium = /germanium|^(OC|A[CDFS])\d?/i.test(type);
  const word = /\b(npn|pnp)\b/i.exec(type)?.[1]?.toLowerCase();
  const polarity = word === "npn" || word === "pnp" ? word : germanium || /^2S[AB]/i.test(type) ? "pnp" : "npn";
  return { ...(germanium ? GERMANIUM_PNP : SILICON_NPN), polarity };
}

/** A tube or a transistor as far as the rows join it. */
function devices(sheet: CircuitSheet, joins: readonly Join[], state: SetState, remarks: NetRemark[]): Element[] {
  const problem = (part: string, text: string) => void remarks.push({ part, text, problem: true });
  return [...electrodesNamed(joins)].flatMap(([key, electrodes]): Element[] => {
    const position = key.replace(/[ab]$/, "");
    const tube = sheet.tubes.find((one) => one.position === position);
    if (state.out?.has(position)) return [];
    if (!tube) {
      problem(key, `${position} is not in the line-up.`);
      return [];
    }
    const at = (electrode: string, otherwise: string) =>
      electrodes.has(electrode) ? `${key}.${electrode}` : otherwise;
    if (/^(Q|TR)/.test(position)) {
      if (!electrodes.has("base") || !electrodes.has("emitter")) {
        problem(key, `${key} needs its base and its emitter joined.`);
        return [];
      }
      const model = transistorModel(tube.type);
      return [
        {
          kind: "transistor",
          name: key,
          collector: at("collector", GROUND),
          base: at("base", GROUND),
          emitter: at("emitter", GROUND),
          model,
        },
      ];
    }
    const type = tubeType(tube.type);
    if (type?.rectifier || type?.regulator) {
      if (type.regulator && electrodes.has("plate"))
        return [
          {
            kind: "gas",
            name: key,
            a: `${key}.plate`,
            b: at("cathode", GROUND),
            model: { volts: type.regulator.volts, ohms: 80 },
          },
        ];
      return [];
    }
    const model = type && tubeModel(type);
    if (!model) {
      problem(key, `${tube.type}: no data to make a model of. What hangs on ${key} is computed without it.`);
      return [];
    }
    if (!electrodes.has("plate")) {
      problem(key, `The plate of ${key} is joined to nothing.`);
      return [];
    }
    if (model.law === "pentode" && !electrodes.has("screen")) {
      problem(key, `The screen of ${key} is joined to nothing.`);
      return [];
    }
    if (!electrodes.has("cathode"))
      remarks.push({ part: key, text: `The cathode of ${key} is taken as joined to chassis.`, problem: false });
    const ends = {
      name: key,
      type: tube.type,
      plate: `${key}.plate`,
      grid: at("grid", GROUND),
      cathode: at("cathode", GROUND),
    };
    return model.law === "triode"
      ? [{ kind: "triode", ...ends, model: model.model }]
      : [{ kind: "pentode", ...ends, screen: `${key}.screen`, model: model.model }];
  });
}

/** One row as elements; a sentence where it cannot be. */
function partOf(sheet: CircuitSheet, join: Join, values: SetState["values"]): Element[] | string {
  const { part, from: a, to: b, tap, at } = join;
  const winding = windingOf(sheet, part);
  const [, designator = ""] = designatorOf(part) ?? [];
  const component: Component | undefined = sheet.components.find((one) => one.designator === designator);
  if (winding) {
    const henries = USUAL_HENRIES.find(([word]) => word.test(part))?.[1] ?? 1e-3;
    return [{ kind: "inductor", name: part, a, b, henries, ohms: values?.get(part) ?? winding.ohms }];
  }
  const source = SOURCE.exec(part);
  if (source) {
    const [, volts = "", thousands, series, kilo] = source;
    if (![volts, series ?? "0"].every((text) => Number.isFinite(Number(text))))
      return `${part}: its volts or its ohms are no number.`;
    const ohms = series === undefined ? BATTERY_OHMS : Number(series) * (kilo ? 1e3 : 1);
    return [
      { kind: "volts", name: part, a: `${part} inside`, b: a, volts: Number(volts) * (thousands ? 1e3 : 1) },
      { kind: "resistor", name: `${part} ohms`, a: `${part} inside`, b, ohms: Math.max(BATTERY_OHMS, ohms) },
    ];
  }
  if (WIRE.test(part)) return [{ kind: "resistor", name: part, a, b, ohms: WIRE_OHMS }];
  if (/^S\d/.test(designator)) return at === 0 ? [] : [{ kind: "resistor", name: part, a, b, ohms: WIRE_OHMS }];
  if (/^D\d/.test(designator)) return [{ kind: "diode", name: part, a, b, model: SILICON }];
  if (!component) return `${part} is neither in the table of parts nor in the resistance chart.`;
  const value = valueOf(sheet, part, values);
  if (value === undefined) return `${part} has no value that can be read: it is left out.`;
  if (/^C/.test(designator)) return [{ kind: "capacitor", name: part, a, b, farads: value }];
  if (/^L/.test(designator)) return [{ kind: "inductor", name: part, a, b, henries: value, ohms: 1 }];
  if (tap) {
    const share = Math.min(0.999, Math.max(0.001, at ?? 0.5));
    return [
      { kind: "resistor", name: `${part} above`, a, b: tap, ohms: value * share },
      { kind: "resistor", name: `${part} below`, a: tap, b, ohms: value * (1 - share) },
    ];
  }
  return [{ kind: "resistor", name: part, a, b, ohms: value }];
}

/**
 * The net of a set, in a state: rows of the sheet's net with their values, its tubes by their models, its supply.
 * What cannot be placed is left out and said.
 */
export function netOfSheet(sheet: CircuitSheet, state: SetState = {}): BuiltNet {
  const joins = sheet.net ?? [];
  const remarks: NetRemark[] = [];
  const rectifier = rectifierOfSheet(sheet);
  const line = state.line ?? sheet.chart?.lineVolts ?? sheet.lineVolts;
  const onLine = (node: string) =>
    node === LINE || (rectifier !== undefined && electrodeNode(node)?.device === rectifier.position);
  let surge = 0;
  const net: Element[] = [];
  for (const join of joins) {
    if (join.part === SUPPLY) continue;
    const ends = [join.from, join.to];
    if (ends.some(onLine)) {
      // Between the line and the rectifier: it belongs to the supply.
      const ohms = ends.every(onLine) ? (valueOf(sheet, join.part, state.values) ?? 0) : 0;
      if (/^R/.test(join.part)) surge += ohms;
      continue;
    }
    const made = partOf(sheet, join, state.values);
    if (typeof made === "string") remarks.push({ part: join.part, text: made, problem: true });
    else net.push(...made);
  }
  const supply = joins.find(({ part }) => part === SUPPLY);
  const rectifierOut = rectifier !== undefined && (state.out?.has(rectifier.position) ?? false);
  if (supply && !rectifierOut) {
    const made = supplyOfSheet(sheet, line, surge);
    if ("battery" in made)
      net.push(
        { kind: "volts", name: SUPPLY, a: `${SUPPLY} inside`, b: supply.from, volts: made.battery },
        { kind: "resistor", name: `${SUPPLY} ohms`, a: `${SUPPLY} inside`, b: supply.to, ohms: BATTERY_OHMS },
      );
    else net.push({ kind: "supply", name: SUPPLY, a: supply.to, b: supply.from, model: made });
  } else if (!supply)
    remarks.push({ part: SUPPLY, text: "No row joins the supply: no point has volts.", problem: true });
  net.push(
    ...devices(
      sheet,
      joins.filter((join) => join.part !== SUPPLY && ![join.from, join.to].some(onLine)),
      state,
      remarks,
    ),
  );
  return { net, remarks };
}
