import type { Policy, Switches } from "../policy";
import { drawnSpec, ELECTROLYTIC_ROLES, sectionSpecs, tapsOf, type Component, type Role, type Sheet } from "../model";
import { noLoadPeak, type Volts } from "../power";
import { format, quantityOfDesignator, type PartSpec } from "../quantity";
import { dissipation } from "./dissipation";
import { LAST_PAPER_YEAR, MAINS_ROLES, ruleFor, type Kind, type RoleRule, type Rules } from "./rules";
import { largestReservoir, loadedRail, lowRail, stageBias, tubeOfStage } from "./supply";
import { lineOf, mostByTouch } from "./touch-current";

/** A limit that the drawn value is above, and what sets it. */
export type Limit = { farads: number; by: "rectifier" | "touch"; of: string };

/** What has to go in. */
export type PlanNeed = {
  /** the place, with a letter where one part gives way to several */
  designator: string;
  quantity: "capacitance" | "resistance";
  /** the value aimed at, F or Ω */
  value: number;
  window: [number, number];
  /** the drawn value is above this, which holds in its place */
  limit?: Limit;
  /** least rating, V or W, and where it comes from */
  volts?: number;
  voltsFrom?: string;
  /** what it stands at in the set, V, without the margin of the rating */
  works?: number;
  /** rating of the original, V */
  drawnVolts?: number;
  watts?: number;
  wattsFrom?: string;
  kind: Kind;
  orientation: string;
  /** only a safety-rated part may go here */
  mains: boolean;
};

/** What the set's circuit says of a part: V across it as it plays and at most, W in it. */
export type InCircuit = { works: number; highest: number; watts: number };

export type PlanInput = {
  sheet: Sheet;
  year: number | null;
  policy: Policy;
  switches: Switches;
  rules: Rules;
  /** by the name of the part in the net, where the model has one; a section of a can as `C3/2` */
  circuit?: ReadonlyMap<string, InCircuit>;
};

export type Made = "paper" | "electrolytic" | "film" | "mica" | "ceramic";

/** What an original capacitor is made of, from its marking, its role and its year. */
export function madeOf(spec: PartSpec | undefined, role: Role, year: number | null): Made {
  const word = spec?.construction?.toLowerCase() ?? "";
  if (/mica/.test(word)) return "mica";
  if (/ceramic|c0g/.test(word)) return "ceramic";
  if (/film|poly/.test(word)) return "film";
  if (/paper|wax/.test(word)) return "paper";
  if (/electrolytic|tantalum/.test(word) || ELECTROLYTIC_ROLES.includes(role)) return "electrolytic";
  if (role === "tuned") return "mica";
  const [farads = 0] = spec?.sections ?? [];
  if (farads > 0 && farads < 1e-9) return "mica";
  return year !== null && year > LAST_PAPER_YEAR ? "film" : "paper";
}

/** The voltage that a role's rating is reckoned from; undefined where the sheet cannot say. */
function ratedFrom(rule: RoleRule, input: PlanInput, component: Component, spec?: PartSpec): Volts | undefined {
  const { sheet } = input;
  // A low-voltage set has one rail: whatever sits in it is rated from that.
  if (sheet.supply === "low-voltage" && ["no-load", "b-plus"].includes(rule.ratedFrom)) return lowRail(sheet);
  switch (rule.ratedFrom) {
    case "no-load":
      return noLoadPeak(sheet);
    case "b-plus":
      return loadedRail(sheet);
    case "bias":
      return stageBias(sheet, component.stage);
    case "rail":
      return lowRail(sheet);
    case "original":
      return spec?.volts ? { volts: spec.volts, from: "the original" } : undefined;
    case "mains": {
      const volts = Math.max(...tapsOf(sheet));
      return { volts, from: "the line, alternating" };
    }
    case "fixed":
      return undefined;
  }
}

type Rating = { volts: number; from: string; works?: number };

const sumOf = (factor: number, { volts, from }: Volts) =>
  `${factor === 1 ? "" : `${factor} × `}${format(volts, "voltage")} (${from})`;

/** A part on a rail bears the no-load peak too, for as long as the tubes are cold: without a margin, but not less. */
function coldFloor(rule: RoleRule, { sheet }: PlanInput): Volts | undefined {
  if (rule.ratedFrom !== "b-plus" || sheet.supply === "low-voltage") return undefined;
  const { volts, from } = noLoadPeak(sheet);
  return { volts, from: `${from}, until the tubes draw` };
}

/**
 * No rating by the circuit is below this, V, unless the original's was: where a part stands at next to nothing, what
 * happens beside it sets its rating, not its own millivolts. Shop rule.
 * @example
 * FLOOR_BY_CIRCUIT // 50: a coupling capacitor behind a volume control works at some millivolts
 */
export const FLOOR_BY_CIRCUIT = 50;

/** By the set's circuit: the rule's margin on what the part works at, and not less than the most it sees. */
function byCircuit(rule: RoleRule, { works, highest }: InCircuit, drawn?: number): Rating {
  const { factor } = rule;
  const least = Math.max(rule.least, Math.min(FLOOR_BY_CIRCUIT, drawn ?? FLOOR_BY_CIRCUIT));
  const reckoned = factor * works;
  const volts = Math.max(reckoned, highest, least);
  const net = "by the set's net";
  const from =
    volts === least
      ? `at least ${format(least, "voltage")}; ${format(highest, "voltage", 3)} at most ${net}`
      : volts === highest
        ? `line high, tubes cold, ${net}`
        : sumOf(factor, { volts: works, from: `across it ${net}` });
  return { volts, from, works };
}

/**
 * Least rating of a role here, V, with its sum in words, and what the part stands at without the rule's margin.
 * @param part its name in the net
 */
export function leastVolts(
  rule: RoleRule,
  input: PlanInput,
  component: Component,
  spec?: PartSpec,
  part = component.designator,
): Rating | undefined {
  const known = input.circuit?.get(part);
  if (known && !MAINS_ROLES.includes(rule.role)) return byCircuit(rule, known, spec?.volts);
  const base = ratedFrom(rule, input, component, spec);
  const cold = coldFloor(rule, input);
  const reckoned = base ? rule.factor * base.volts : 0;
  const volts = Math.max(reckoned, rule.least, cold?.volts ?? 0);
  if (!(volts > 0)) return undefined;
  const sum = base ? sumOf(rule.factor, base) : "";
  const floor = `at least ${format(rule.least, "voltage")}${sum ? `; ${sum}` : ""}`;
  const from = cold && cold.volts >= volts ? sumOf(1, cold) : reckoned >= rule.least && base ? sum : floor;
  return { volts, from, ...(base ? { works: base.volts } : {}) };
}

/** Outer foil or polarity, with the stage's own names. */
function orientationOf(rule: RoleRule, component: Component, sheet: Sheet): string {
  if (rule.role === "coupling" && component.stage) {
    const tube = tubeOfStage(sheet, component.stage);
    return tube ? `${rule.orientation}, the other lead to the grid of ${tube.position}` : rule.orientation;
  }
  if (rule.role === "rail" && sheet.points.some(({ expected }) => expected < 0))
    return "the rail is negative: plus to ground";
  return rule.orientation;
}

/** What no part in a role may exceed whatever was drawn: the rectifier's limit, and what may flow through a person. */
function ceilingOf(role: Role, sheet: Sheet): Limit | undefined {
  if (role === "reservoir") {
    const largest = largestReservoir(sheet);
    return largest ? { farads: largest.farads, by: "rectifier", of: largest.type } : undefined;
  }
  if (role !== "mains-to-chassis") return undefined;
  const line = lineOf(sheet);
  return {
    farads: mostByTouch(line),
    by: "touch",
    of: `${format(line.volts, "voltage")} ${format(line.hertz, "frequency")}`,
  };
}

/**
 * The value aimed at and its window: that of the role around the drawn value, cut at the limit. Where the drawn value
 * itself is above the limit, the limit takes its place and the window hangs below it: it never closes.
 */
function aimedAt(rule: RoleRule, role: Role, farads: number, sheet: Sheet) {
  const limit = ceilingOf(role, sheet);
  const value = limit ? Math.min(farads, limit.farads) : farads;
  const high = Math.min(value * (1 + rule.high), limit?.farads ?? Infinity);
  const window: [number, number] = [value * (1 + rule.low), high];
  return { value, window, limit: limit && farads > limit.farads * (1 + 1e-9) ? limit : undefined };
}

function capacitorNeed(
  component: Component,
  designator: string,
  role: Role,
  spec: PartSpec,
  farads: number,
  input: PlanInput,
  part = component.designator,
): PlanNeed {
  const rule = ruleFor(input.rules, role);
  const mains = MAINS_ROLES.includes(role);
  const rating = leastVolts(rule, input, { ...component, role }, spec, part);
  const { value, window, limit } = aimedAt(rule, role, farads, input.sheet);
  const electrolytic = madeOf(spec, role, input.year) === "electrolytic";
  // A role with a film rule may hold an electrolytic on the drawing: its successor is one too, except where it couples.
  const kind =
    rule.kind === "film" && electrolytic && role !== "coupling" && spec.construction ? "electrolytic" : rule.kind;
  return {
    designator,
    quantity: "capacitance",
    value,
    window,
    ...(limit ? { limit } : {}),
    ...(rating ? { volts: rating.volts, voltsFrom: rating.from } : {}),
    ...(rating?.works === undefined ? {} : { works: rating.works }),
    ...(spec.volts === undefined ? {} : { drawnVolts: spec.volts }),
    kind,
    orientation: orientationOf(rule, component, input.sheet),
    mains,
  };
}

/** What has to go in for a component: one need a section. */
export function needsOf(component: Component, input: PlanInput): PlanNeed[] {
  const spec = drawnSpec(input.sheet, component);
  const { designator, role, sections } = component;
  const letter = (index: number) => `${designator}${String.fromCharCode(65 + index)}`;
  if (sections && sections.length > 1)
    return sectionSpecs(component).flatMap(({ section, spec: one }, index) => {
      const [farads = 0] = one?.sections ?? [];
      return one && farads > 0
        ? [capacitorNeed(component, letter(index), section.role, one, farads, input, `${designator}/${index + 1}`)]
        : [];
    });
  if (!spec) return [];
  if (spec.quantity === "resistance") {
    const [ohms = 0] = spec.sections;
    if (!(ohms > 0)) return [];
    const known = input.circuit?.get(designator)?.watts;
    const watts = known ?? dissipation(component, ohms, input.sheet);
    const { resistorWindow, wattMargin } = input.rules;
    const least = Math.max(watts === undefined ? 0 : wattMargin * watts, spec.watts ?? 0);
    return [
      {
        designator,
        quantity: "resistance",
        value: ohms,
        window: [ohms * (1 - resistorWindow), ohms * (1 + resistorWindow)],
        ...(least > 0 ? { watts: least } : {}),
        ...(known === undefined ? {} : { wattsFrom: `${wattMargin} × ${format(known, "power", 2)} by the set's net` }),
        kind: "resistor",
        orientation: "",
        mains: false,
      },
    ];
  }
  if (spec.quantity !== "capacitance") return [];
  return spec.sections.flatMap((farads, index) =>
    farads > 0
      ? [capacitorNeed(component, spec.sections.length > 1 ? letter(index) : designator, role, spec, farads, input)]
      : [],
  );
}

export const rolesOf = ({ sections, role }: Component): Role[] =>
  sections?.length ? sections.map((section) => section.role) : [role];

/** Does a capacitor sit between the line and the chassis, or across the line, with any of its sections? */
export const mainsCapacitor = (component: Component): boolean =>
  quantityOfDesignator(component.designator) === "capacitance" &&
  rolesOf(component).some((role) => MAINS_ROLES.includes(role));
