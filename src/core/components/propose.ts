import { drawnSpec, drawnText, roleWord, type Component, type Role } from "../model";
import { format, quantityOfDesignator, type PartSpec } from "../quantity";
import { UNMARKED_PART_TOLERANCE } from "../readings";
import { cautionsOf } from "./cautions";
import { dissipation } from "./dissipation";
import { lacksOf, type Lacking } from "./fits";
import { resistorSchool, type PartJudgement } from "./judge";
import { madeOf, mainsCapacitor, needsOf, type Made, type PlanInput, type PlanNeed } from "./needs";
import type { PartState } from "./part-state";
import { CHOICES, PLAN_ACTION_WORDS, type PlanAction } from "./plan-actions";
import { ELECTROLYTIC_YEARS } from "./rules";

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

/** Actions that take the old part out. */
const OUT: readonly PlanAction[] = ["replace", "restuff"];

/** What may be decided for a place: in a mains role an ordinary capacitor goes out in any case. */
export const choicesFor = (component: Component): readonly (typeof CHOICES)[number][] =>
  mainsCapacitor(component) ? ["replace", "restuff"] : CHOICES;

type Said = { action: PlanAction; reason: string; rule: string };

/** States in which something else than the original sits at a place, put there by somebody's choice of a part. */
const FITTED: readonly (PartState | undefined)[] = ["replaced", "restuffed", "substituted"];

const FITTED_RULE = "What is fitted is held to what would be chosen";

/** What a new part lacks for its place, as a line of the plan; undefined where nothing is lacking. */
function sayOfLack(lacking: readonly Lacking[], put: PlanAction): Said | undefined {
  if (lacking.length === 0) return undefined;
  const wrong = lacking.filter(({ lack }) => lack.what !== "unknown");
  const [said] = wrong.length > 0 ? wrong : lacking;
  const several = new Set(lacking.map(({ designator }) => designator)).size > 1;
  const where = several && said ? `${said.designator}: ` : "";
  return {
    action: wrong.length > 0 ? put : "test",
    reason: `${where}a new part sits there: ${said?.lack.text ?? ""}.`.replace(/^a/, "A"),
    rule: FITTED_RULE,
  };
}

/** An original electrolytic that stands above its own rating is worn out by it, however it measures on the bench. */
function sayOfStrain(needs: readonly PlanNeed[], made: Place["made"], put: PlanAction): Said | undefined {
  if (made !== "electrolytic") return undefined;
  const strained = needs.find(({ works, drawnVolts }) => works && drawnVolts && drawnVolts < works * (1 - 1e-9));
  return strained?.drawnVolts && strained.works
    ? {
        action: put,
        reason: `Rated ${format(strained.drawnVolts, "voltage")}, and it stands at ${format(strained.works, "voltage")}.`,
        rule: "No electrolytic above its rating",
      }
    : undefined;
}

type Place = { component: Component; made: Made | "resistor"; needs: readonly PlanNeed[]; lacking: Lacking[] };

function sayOfCapacitor(place: Place, input: PlanInput, history: PlaceHistory): Said {
  const { component, made, needs, lacking } = place;
  const { policy } = input;
  const museum = policy === "museum";
  const put: PlanAction = museum ? "restuff" : "replace";
  const mains = mainsCapacitor(component);
  const fitted = FITTED.includes(history.state);
  if (mains) {
    const rule = "Mains roles take safety-rated parts only";
    if (fitted && (history.fitted ?? []).length > 0)
      return (
        sayOfLack(lacking, put) ?? {
          action: "done",
          reason: "A safety-rated part of the right class sits there.",
          rule,
        }
      );
    return {
      action: put,
      reason: "An ordinary capacitor in a mains role: when it fails it puts the line where hands are.",
      rule,
    };
  }
  if (history.verdict?.verdict === "bad")
    return {
      action: put,
      reason: history.verdict.reasons[0] ?? "Measured bad.",
      rule: "A part that measures bad goes",
    };
  const wrong = fitted ? sayOfLack(lacking, put) : sayOfStrain(needs, made, put);
  if (wrong) return wrong;
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

function sayOfResistor({ lacking }: Place, input: PlanInput, history: PlaceHistory): Said {
  const school = input.switches.resistors ?? resistorSchool(input.policy);
  const rule = {
    nominal: "Replace all beyond their tolerance",
    twice: "Replace beyond twice the tolerance",
    keep: "Leave those that work",
  }[school];
  if (history.verdict?.verdict === "bad")
    return { action: "replace", reason: history.verdict.reasons[0] ?? "Drifted.", rule };
  const wrong = FITTED.includes(history.state) ? sayOfLack(lacking, "replace") : undefined;
  if (wrong) return wrong;
  if (history.state === "replaced" || history.state === "restuffed")
    return { action: "done", reason: "A new part sits there.", rule: "Work on record" };
  if (history.verdict && history.verdict.verdict !== "none")
    return { action: "keep", reason: history.verdict.reasons[0] ?? "Measured good.", rule };
  return school === "keep"
    ? { action: "keep", reason: "Not measured; left while the set works.", rule }
    : { action: "test", reason: "Not measured yet: high in circuit is proof, low is none.", rule };
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
  const lacking = lacksOf(component, input.sheet, needs, history.fitted ?? []);
  const place: Place = { component, made, needs, lacking };
  const said: Said =
    needs.length === 0
      ? {
          action: "test",
          reason: `“${drawnText(component)}” cannot be read as a value: look at the part itself.`,
          rule: "A value that is not known is measured",
        }
      : made === "resistor"
        ? sayOfResistor(place, input, history)
        : sayOfCapacitor(place, input, history);
  // The technician's decision wins over the rules until the work is done. In a mains role the rule wins: an ordinary
  // capacitor goes out there, whatever was decided; how it goes out may be chosen.
  const mustGo = mainsCapacitor(component) && OUT.includes(said.action);
  const refused = history.decided && mustGo && !OUT.includes(history.decided.action) ? history.decided : undefined;
  const decided = said.action === "done" || refused ? undefined : history.decided;
  const action = decided?.action ?? said.action;
  return {
    designator: component.designator,
    role: component.role,
    ...(component.stage ? { stage: component.stage } : {}),
    drawn: drawnText(component),
    ...(spec ? { spec } : {}),
    action,
    proposed: said.action,
    ...(decided ? { override: decided.why } : {}),
    reason: said.reason,
    rule: said.rule,
    needs,
    cautions: [
      ...cautionsOf({
        component,
        sheet: input.sheet,
        year: input.year,
        made,
        needs,
        fitted: history.fitted ?? [],
        lacking,
        hot,
      }),
      ...(refused
        ? [
            `The decision “${PLAN_ACTION_WORDS[refused.action]}: ${refused.why}” does not hold here: in a mains role only a safety-rated part may stay.`,
          ]
        : []),
    ],
    ...(hot === undefined ? {} : { hot }),
  };
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
