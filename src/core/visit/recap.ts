import {
  judgeResistor,
  recapPlan,
  resistorSchool,
  rulesOf,
  toleranceOf,
  type PartJudgement,
  type PlaceHistory,
  type PlanInput,
  type PlanLine,
} from "../components";
import { asBuilt, type Position } from "../history";
import { ofKind, type Settled } from "../kinds";
import { drawnSpec } from "../model";
import { visitPolicy } from "./power-run";
import type { VisitInput } from "./run-sheet";

const YEAR_MS = 365.25 * 86_400_000;

/** What a plan is made with, from a visit. */
export function planInput(input: VisitInput): PlanInput {
  const { policy, switches } = visitPolicy(input.settled, input.visitId);
  return {
    sheet: input.sheet,
    year: input.year,
    policy,
    switches,
    rules: input.rules ?? rulesOf(),
    ...(input.circuit ? { circuit: input.circuit } : {}),
  };
}

type Judged = { at: string; judgement: PartJudgement };

/** The last measurement of every component, judged: its own tests, and resistors read with a meter. */
function lastMeasured(settled: readonly Settled[], plan: PlanInput): Map<string, Judged> {
  const last = new Map<string, Judged>();
  const later = (designator: string, one: Judged) => {
    const before = last.get(designator);
    if (!before || Date.parse(before.at) <= Date.parse(one.at)) last.set(designator, one);
  };
  for (const { content, at, judged } of ofKind(settled, "component-test"))
    later(content.payload.designator, { at, judgement: judged });
  const school = plan.switches.resistors ?? resistorSchool(plan.policy);
  for (const { content, at } of ofKind(settled, "reading")) {
    const { designator, quantity, measured, inCircuit } = content.payload;
    const component = plan.sheet.components.find((one) => one.designator === designator);
    const spec = component ? drawnSpec(plan.sheet, component) : undefined;
    const [nominal] = spec?.sections ?? [];
    if (!designator || quantity !== "resistance" || !nominal) continue;
    const where = inCircuit ? "in-circuit" : "lifted";
    later(designator, {
      at,
      judgement: judgeResistor({ ohms: measured.value, where }, nominal, toleranceOf(spec), school),
    });
  }
  return last;
}

/** What the log says of each place, for the plan of a visit. */
function histories(input: VisitInput, plan: PlanInput): (designator: string) => PlaceHistory {
  const { settled, visitId, sheet, now } = input;
  const places = new Map(asBuilt(settled, sheet, now).map((place) => [place.designator, place]));
  const measured = lastMeasured(settled, plan);
  const decisions = new Map(
    ofKind(settled, "plan-line")
      .filter(({ entry }) => entry.visitId === visitId)
      .map(({ content, at }) => [content.payload.designator, { ...content.payload, at }] as const),
  );
  const since = (place: Position | undefined, at: string) =>
    !place?.lastWorkAt || Date.parse(at) >= Date.parse(place.lastWorkAt);
  return (designator) => {
    const place = places.get(designator);
    const test = measured.get(designator);
    const decision = decisions.get(designator);
    const servedBy = place?.servedBy ? places.get(place.servedBy) : undefined;
    const fitted = (servedBy ?? place)?.parts.map(({ text }) => text) ?? [];
    return {
      ...(place ? { state: place.state } : {}),
      ...(fitted.length > 0 ? { fitted } : {}),
      ...(place?.lastWorkAt ? { age: (Date.parse(now) - Date.parse(place.lastWorkAt)) / YEAR_MS } : {}),
      // What was measured before the last work says nothing of the part that sits there now.
      ...(test && since(place, test.at) ? { verdict: test.judgement } : {}),
      ...(decision && since(place, decision.at) ? { decided: { action: decision.action, why: decision.why } } : {}),
    };
  };
}

/** The sheet with the values that were chosen in place of the drawn ones, for this visit's plan. */
function withChosen(input: VisitInput, plan: PlanInput): PlanInput {
  const chosen = new Map(
    ofKind(input.settled, "plan-line").flatMap(({ entry, content: { payload } }) =>
      entry.visitId === input.visitId && payload.value ? [[payload.designator, payload.value.text] as const] : [],
    ),
  );
  if (chosen.size === 0) return plan;
  const components = plan.sheet.components.map((one) => {
    const drawn = chosen.get(one.designator);
    // The rating behind the drawn value stays what it was.
    const rating = one.rating ?? /(?:\/|\s)(\d+\s*V?)\s*$/i.exec(one.drawn)?.[1];
    return drawn ? { ...one, drawn, ...(rating ? { rating } : {}) } : one;
  });
  return { ...plan, sheet: { ...plan.sheet, components } };
}

/** The recap plan of a visit, from the model's sheet, the visit's policy, the shop's rules and the log. */
export function recapOf(input: VisitInput): PlanLine[] {
  const plan = withChosen(input, planInput(input));
  return recapPlan(plan, histories(input, plan));
}

/** The order in which a plan is worked through: stage by stage as the sheet names them, the mains first. */
export function workOrder<T extends Pick<PlanLine, "stage" | "role" | "designator">>(
  lines: readonly T[],
): { stage: string; lines: T[] }[] {
  const stages = new Map<string, T[]>();
  for (const line of lines) {
    const stage = line.stage ?? "elsewhere";
    stages.set(stage, [...(stages.get(stage) ?? []), line]);
  }
  return [...stages].map(([stage, group]) => ({ stage, lines: group }));
}

/** Lines of a plan that differ between two sets of rules: what changing a rule would do to it. */
export function planDifferences(
  before: readonly PlanLine[],
  after: readonly PlanLine[],
): { designator: string; text: string }[] {
  const essence = (line: PlanLine) => line.needs.map(({ window, volts, watts }) => [window, volts ?? 0, watts ?? 0]);
  const old = new Map(before.map((line) => [line.designator, line]));
  return after.flatMap((line) => {
    const was = old.get(line.designator);
    if (!was || line.action === "done") return [];
    const changed: string[] = [];
    if (was.action !== line.action) changed.push(`${was.action} becomes ${line.action}`);
    if (JSON.stringify(essence(was)) !== JSON.stringify(essence(line))) changed.push("another window or rating");
    return changed.length > 0 ? [{ designator: line.designator, text: changed.join(", ") }] : [];
  });
}
