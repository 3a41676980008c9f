import type { PartState } from "./part-state";
import type { Policy, Switches } from "../policy";
import { drawnSpec, drawnText, roleWord, type Component, type Role, type Sheet, ELECTROLYTIC_ROLES } from "../model";
import { format, parsePart, quantityOfDesignator, type PartSpec } from "../quantity";
import { UNMARKED_PART_TOLERANCE } from "../readings";
import { dissipation } from "./dissipation";
import { hotSpot, resistorSchool, type PartJudgement } from "./judge";
import {
  ELECTROLYTIC_YEARS,
  LAST_PAPER_YEAR,
  MAINS_ROLES,
  ruleFor,
  type Kind,
  type RoleRule,
  type Rules,
} from "./rules";
import { largestReservoir, loadedRail, lowRail, noLoadPeak, stageBias, tubeOfStage, type Volts } from "./supply";

export const PLAN_ACTIONS = ["keep", "test", "replace", "restuff", "done"] as const;
export type PlanAction = (typeof PLAN_ACTIONS)[number];
export const PLAN_ACTION_WORDS: Record<PlanAction, string> = {
  keep: "keep",
  test: "test first",
  replace: "replace",
  restuff: "restuff",
  done: "done",
};
/** Actions that a technician may choose for a line. */
export const CHOICES = ["keep", "test", "replace", "restuff"] as const;

/** What has to go in. */
export type PlanNeed = {
  /** the place, with a letter where one part gives way to several */
  designator: string;
  quantity: "capacitance" | "resistance";
  /** the value aimed at, F or Ω */
  value: number;
  window: [number, number];
  /** least rating, V or W, and where it comes from */
  volts?: number;
  voltsFrom?: string;
  watts?: number;
  kind: Kind;
  orientation: string;
  /** only a safety-rated part may go here */
  mains: boolean;
};

export type PlanLine = {
  designator: string;
  role: Role;
  stage?: string;
  /** as drawn, in print where it reads in one way */
  drawn: string;
  spec?: PartSpec;
  action: PlanAction;
  /** what the rules say, where the technician decided otherwise */
  proposed: PlanAction;
  override?: string;
  reason: string;
  rule: string;
  needs: PlanNeed[];
  cautions: string[];
  /** dissipation over wattage of a resistor, where the chart tells it */
  hot?: number;
};

/** What the log says of a place. */
export type PlaceHistory = {
  state?: PartState;
  /** what sits there now, as markings */
  fitted?: readonly string[];
  /** years since it was fitted */
  age?: number;
  /** last measurement, judged */
  verdict?: PartJudgement;
  /** what the technician decided for this visit */
  decided?: { action: (typeof CHOICES)[number]; why: string };
};

export type PlanInput = {
  sheet: Sheet;
  year: number | null;
  policy: Policy;
  switches: Switches;
  rules: Rules;
};

type Made = "paper" | "electrolytic" | "film" | "mica" | "ceramic";

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
    default:
      return undefined;
  }
}

/** Least rating of a role here, V, with its sum in words. */
export function leastVolts(
  rule: RoleRule,
  input: PlanInput,
  component: Component,
  spec?: PartSpec,
): { volts: number; from: string } | undefined {
  if (rule.ratedFrom === "mains") return undefined;
  const base = ratedFrom(rule, input, component, spec);
  const reckoned = base ? rule.factor * base.volts : 0;
  const volts = Math.max(reckoned, rule.least);
  if (!(volts > 0)) return undefined;
  const sum = base
    ? `${rule.factor === 1 ? "" : `${rule.factor} × `}${format(base.volts, "voltage")} (${base.from})`
    : "";
  return {
    volts,
    from: reckoned >= rule.least && base ? sum : `at least ${format(rule.least, "voltage")}${sum ? `; ${sum}` : ""}`,
  };
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

function capacitorNeed(
  component: Component,
  designator: string,
  role: Role,
  spec: PartSpec,
  farads: number,
  input: PlanInput,
): PlanNeed {
  const rule = ruleFor(input.rules, role);
  const mains = MAINS_ROLES.includes(role);
  const rating = leastVolts(rule, input, { ...component, role }, spec);
  const largest = role === "reservoir" ? largestReservoir(input.sheet)?.farads : undefined;
  const high = farads * (1 + rule.high);
  const electrolytic = madeOf(spec, role, input.year) === "electrolytic";
  // A role with a film rule may hold an electrolytic on the drawing: its successor is one too, except where it couples.
  const kind =
    rule.kind === "film" && electrolytic && role !== "coupling" && spec.construction ? "electrolytic" : rule.kind;
  return {
    designator,
    quantity: "capacitance",
    value: farads,
    window: [
      farads * (1 + rule.low),
      largest === undefined ? high : Math.max(Math.min(high, largest), farads * (1 + rule.low)),
    ],
    ...(rating ? { volts: rating.volts, voltsFrom: rating.from } : {}),
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
    return sections.flatMap((section, index) => {
      const parsed = parsePart(section.drawn, {
        quantity: "capacitance",
        electrolytic: ELECTROLYTIC_ROLES.includes(section.role),
      });
      const [farads = 0] = parsed.ok ? parsed.value.sections : [];
      return parsed.ok && farads > 0
        ? [capacitorNeed(component, letter(index), section.role, parsed.value, farads, input)]
        : [];
    });
  if (!spec) return [];
  if (spec.quantity === "resistance") {
    const [ohms = 0] = spec.sections;
    if (!(ohms > 0)) return [];
    const watts = dissipation(component, ohms, input.sheet);
    const { resistorWindow, wattMargin } = input.rules;
    const least = Math.max(watts === undefined ? 0 : wattMargin * watts, spec.watts ?? 0);
    return [
      {
        designator,
        quantity: "resistance",
        value: ohms,
        window: [ohms * (1 - resistorWindow), ohms * (1 + resistorWindow)],
        ...(least > 0 ? { watts: least } : {}),
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

/** Actions that take the old part out. */
const OUT: readonly PlanAction[] = ["replace", "restuff"];

const rolesOf = ({ sections, role }: Component): Role[] =>
  sections?.length ? sections.map((section) => section.role) : [role];

/** Does a capacitor sit between the line and the chassis, or across the line, with any of its sections? */
export const mainsCapacitor = (component: Component): boolean =>
  quantityOfDesignator(component.designator) === "capacitance" &&
  rolesOf(component).some((role) => MAINS_ROLES.includes(role));

/** What may be decided for a place: in a mains role an ordinary capacitor goes out in any case. */
export const choicesFor = (component: Component): readonly (typeof CHOICES)[number][] =>
  mainsCapacitor(component) ? ["replace", "restuff"] : CHOICES;

type Said = { action: PlanAction; reason: string; rule: string };

const isSafe = (marking: string): boolean => {
  const parsed = parsePart(marking, { quantity: "capacitance" });
  return parsed.ok && parsed.value.safety !== undefined;
};

function sayOfCapacitor(component: Component, made: Made, input: PlanInput, history: PlaceHistory): Said {
  const { policy } = input;
  const museum = policy === "museum";
  const put: PlanAction = museum ? "restuff" : "replace";
  const mains = mainsCapacitor(component);
  const fitted = history.state === "replaced" || history.state === "restuffed" || history.state === "substituted";
  if (mains) {
    const rule = "Mains roles take safety-rated parts only";
    if (fitted && (history.fitted ?? []).length > 0 && history.fitted?.every(isSafe))
      return { action: "done", reason: "A safety-rated part sits there.", rule };
    return {
      action: put,
      reason: fitted
        ? "An ordinary capacitor was fitted here: it fails short, onto the chassis or the line."
        : "An ordinary capacitor in a mains role: when it fails it puts the line where hands are.",
      rule,
    };
  }
  if (history.verdict?.verdict === "bad")
    return {
      action: put,
      reason: history.verdict.reasons[0] ?? "Measured bad.",
      rule: "A part that measures bad goes",
    };
  if (fitted && history.state !== "substituted") {
    if (made === "electrolytic" && (history.age ?? 0) >= ELECTROLYTIC_YEARS)
      return {
        action: "test",
        reason: `Fitted ${Math.floor(history.age ?? 0)} years ago.`,
        rule: `An electrolytic is looked at again after ${ELECTROLYTIC_YEARS} years`,
      };
    return { action: "done", reason: "A new part sits there.", rule: "Work on record" };
  }
  if (history.verdict?.verdict === "good" && policy !== "reliability")
    return {
      action: "keep",
      reason: history.verdict.reasons[0] ?? "Measured good.",
      rule: "Test and keep what is good",
    };
  if (made === "mica" || made === "ceramic" || made === "film") {
    return {
      action: "keep",
      reason: `${made === "mica" ? "Mica" : made === "ceramic" ? "Ceramic" : "Plastic film"}: keeps for decades.`,
      rule: "Kept within tolerance",
    };
  }
  const what = made === "electrolytic" ? "Electrolytic, dries out" : "Paper, takes up damp and leaks";
  if (policy === "reliability") return { action: "replace", reason: `${what}.`, rule: "Replace on sight" };
  if (museum) return { action: "restuff", reason: `${what}; the shell stays in sight.`, rule: "Restuff" };
  return { action: "test", reason: `${what}.`, rule: "Test and keep what is good" };
}

function sayOfResistor(input: PlanInput, history: PlaceHistory): Said {
  const school = input.switches.resistors ?? resistorSchool(input.policy);
  const rule = {
    nominal: "Replace all beyond their tolerance",
    twice: "Replace beyond twice the tolerance",
    keep: "Leave those that work",
  }[school];
  if (history.verdict?.verdict === "bad")
    return { action: "replace", reason: history.verdict.reasons[0] ?? "Drifted.", rule };
  if (history.state === "replaced" || history.state === "restuffed")
    return { action: "done", reason: "A new part sits there.", rule: "Work on record" };
  if (history.verdict && history.verdict.verdict !== "none")
    return { action: "keep", reason: history.verdict.reasons[0] ?? "Measured good.", rule };
  return school === "keep"
    ? { action: "keep", reason: "Not measured; left while the set works.", rule }
    : { action: "test", reason: "Not measured yet: high in circuit is proof, low is none.", rule };
}

/** Things to mind when this part is worked on. */
function cautionsOf(
  component: Component,
  input: PlanInput,
  made: Made | "resistor",
  history: PlaceHistory,
  hot?: number,
): string[] {
  const mains = mainsCapacitor(component);
  const year = input.year ?? 0;
  return [
    ...(mains
      ? [
          `Mains part: unplugged, and only ${component.role === "mains-to-chassis" ? "Y" : "X or Y"} class goes in. Local electrical code first.`,
        ]
      : []),
    ...(component.role === "reservoir" || component.role === "smoothing"
      ? ["Discharge through a resistor and measure before you touch it."]
      : []),
    ...(made === "electrolytic" ? ["Polarity. Eye protection on first power."] : []),
    ...(component.role === "coupling" && made === "electrolytic"
      ? ["An electrolytic in a coupling role leaks by its nature: question the drawing, fit film."]
      : []),
    ...(component.role === "tuned" ? ["Another part here means aligning this circuit."] : []),
    ...(hot !== undefined && hotSpot(hot, 1).hot
      ? ["A hot spot: keep it clear of wax and leads, and stand it off the board."]
      : []),
    ...(made === "paper" && year > 1930 && (component.role === "mains" || component.role === "mains-to-chassis")
      ? ["Old oil-filled capacitors may hold PCB: gloves, and do not open the can."]
      : []),
    ...(history.fitted?.length && mains && !history.fitted.every(isSafe) && history.state !== "original"
      ? [`${component.designator} holds an ordinary part in a mains role: do not power it until that is changed.`]
      : []),
    ...(component.note ? [component.note] : []),
  ];
}

/**
 * The plan's line for one component.
 * @returns undefined for parts that are neither capacitor nor resistor (controls, lamps, windings)
 */
export function propose(component: Component, input: PlanInput, history: PlaceHistory = {}): PlanLine | undefined {
  const quantity = quantityOfDesignator(component.designator);
  const control = component.role === "control";
  if (control || (quantity !== "capacitance" && quantity !== "resistance")) return undefined;
  // A trimmer or gang is no capacitor to be replaced by value.
  if (/^(TC|VC)/.test(component.designator)) return undefined;
  const spec = drawnSpec(input.sheet, component);
  const needs = needsOf(component, input);
  const made = quantity === "capacitance" ? madeOf(spec, component.role, input.year) : "resistor";
  const [need] = needs;
  const watts = quantity === "resistance" && need ? dissipation(component, need.value, input.sheet) : undefined;
  const hot = watts !== undefined && spec?.watts ? watts / spec.watts : undefined;
  const said: Said =
    needs.length === 0
      ? {
          action: "test",
          reason: `“${drawnText(component)}” cannot be read as a value: look at the part itself.`,
          rule: "A value that is not known is measured",
        }
      : made === "resistor"
        ? sayOfResistor(input, history)
        : sayOfCapacitor(component, made, input, history);
  const weak = weakest(history, needs);
  // The technician's decision wins over the rules until the work is done. In a mains role the rule wins: an ordinary
  // capacitor goes out there, whatever was decided; how it goes out may be chosen.
  const mustGo = mainsCapacitor(component) && OUT.includes(said.action);
  const refused = history.decided && mustGo && !OUT.includes(history.decided.action) ? history.decided : undefined;
  const decided = said.action === "done" || refused ? undefined : history.decided;
  const action = decided?.action ?? said.action;
  const largest = component.role === "reservoir" ? largestReservoir(input.sheet) : undefined;
  return {
    designator: component.designator,
    role: component.role,
    ...(component.stage ? { stage: component.stage } : {}),
    drawn: drawnText(component),
    ...(spec ? { spec } : {}),
    action,
    proposed: said.action,
    ...(decided ? { override: decided.why } : {}),
    reason: said.action === "done" && weak ? weak : said.reason,
    rule: said.rule,
    needs,
    cautions: [
      ...cautionsOf(component, input, made, history, hot),
      ...(largest ? [`The ${largest.type} takes ${format(largest.farads, "capacitance")} at most.`] : []),
      ...(refused
        ? [
            `The decision “${PLAN_ACTION_WORDS[refused.action]}: ${refused.why}” does not hold here: in a mains role only a safety-rated part may stay.`,
          ]
        : []),
    ],
    ...(hot === undefined ? {} : { hot }),
  };
}

/** What is said of a fitted part that stands less than what is asked for; undefined when it stands it. */
function weakest(history: PlaceHistory, needs: readonly PlanNeed[]): string | undefined {
  const [need] = needs;
  if (!need?.volts || need.quantity !== "capacitance" || needs.length > 1) return undefined;
  const rated = (history.fitted ?? []).flatMap((text) => {
    const parsed = parsePart(text, { quantity: "capacitance" });
    return parsed.ok && parsed.value.volts ? [parsed.value.volts] : [];
  });
  const least = Math.min(...rated);
  return rated.length > 0 && least < need.volts * (1 - 1e-9)
    ? `A new part sits there, rated ${format(least, "voltage")}: less than the ${format(need.volts, "voltage")} asked for here.`
    : undefined;
}

/** Tolerance of a part as drawn; the usual one of the time where the marking has none. */
export const toleranceOf = (spec: PartSpec | undefined): number => spec?.tolerance ?? UNMARKED_PART_TOLERANCE;

/** The role in words, for a line of the plan. */
export const roleText = (line: Pick<PlanLine, "role" | "stage">): string =>
  [roleWord(line.role), line.stage].filter(Boolean).join(", ");

/** The whole plan: a line for every capacitor and resistor of the model. */
export function recapPlan(input: PlanInput, history: (designator: string) => PlaceHistory): PlanLine[] {
  return input.sheet.components.flatMap((component) => propose(component, input, history(component.designator)) ?? []);
}
