import { handBackRules, USUAL_TERMS, type Terms } from "../handback";
import { asBuilt } from "../history";
import { phaseInView, underPower } from "../kinds";
import type { Step } from "../model";
import { PHASES, type Phase } from "../readings";
import { limitsOfModel, SHIPPED, type TestSheet } from "../sheets";
import type { LineContext } from "../shorthand";
import {
  coldRows,
  lastWorkAt,
  pointRows,
  runInHand,
  runSheet,
  setupFor,
  takenIn,
  tapInForce,
  visitPolicy,
  type VisitInput,
} from "../visit";

/** What the shop works by, and its currency: they tell what a visit comes to. */
type Works = { terms: Terms; currency: string; sheets?: readonly TestSheet[] };

/** Which phase a reading belongs to where no step is in view: baseline until something was changed, proof afterwards. */
const phaseNow = ({ settled, visitId }: VisitInput): Phase =>
  lastWorkAt(settled, visitId) === undefined ? "baseline" : "prove";

/**
 * Why a reading under power is asked about: make safe is not done, and its plate is in sight or nothing was read under
 * power yet.
 */
function unsafe(input: VisitInput, step: Step | undefined): string | undefined {
  const safe = runSheet(input).find((one) => one.step === "make-safe");
  if (safe?.state !== "lacking") return undefined;
  if (step === "make-safe") return "Make safe is not done, and its plate is open.";
  const powered = input.settled.some(
    ({ entry, content }) =>
      entry.visitId === input.visitId &&
      (content?.kind === "power-step" || (content?.kind === "reading" && underPower(content.payload.quantity))),
  );
  return powered ? undefined : "Make safe is not done.";
}

/**
 * What the bench line is read against, from the set's log and its model.
 * @param step the step whose plate is in sight, where there is one: it decides what a reading is for
 */
export function lineContext(
  input: VisitInput,
  works: Works = { terms: USUAL_TERMS, currency: "EUR" },
  step?: Step,
): LineContext {
  const { sheet, year, settled, visitId, now } = input;
  const places = asBuilt(settled, sheet, now);
  const setups = PHASES.flatMap((phase) => {
    const setup = setupFor(settled, visitId, phase);
    return setup ? [[phase, setup] as const] : [];
  });
  const measured = takenIn(settled, visitId, "baseline").size > 0;
  const listed = sheet.components.length + sheet.tubes.length > 0;
  const { policy, switches } = visitPolicy(settled, visitId);
  const notSafe = unsafe(input, step);
  const tap = tapInForce(settled, visitId, sheet);
  const phase = phaseNow(input);
  const sheets = works.sheets ?? SHIPPED;
  const run = runInHand(settled, visitId, phaseInView({ step, phase }), sheets);
  return {
    sheet,
    year,
    bench: input.line ?? { volts: sheet.lineVolts, hz: sheet.lineHz ?? 50 },
    ...(tap === undefined ? {} : { tap }),
    policy,
    switches,
    ...(input.rules ? { rules: input.rules } : {}),
    ...(input.stock ? { stock: input.stock } : {}),
    setups: Object.fromEntries(setups),
    ...(measured ? {} : { warning: "Nothing is measured yet: without a baseline nobody can say what this did." }),
    ...(notSafe ? { unsafe: notSafe } : {}),
    handBack: handBackRules(input, works.terms, works.currency),
    points: [...pointRows(sheet, year, settled, visitId), ...coldRows(sheet)],
    // A model without a parts list has nothing to check a designator against.
    known: new Set(
      listed
        ? [
            ...places.flatMap((place) => [place.designator, ...place.parts.map((part) => part.designator)]),
            ...sheet.windings.flatMap(({ winding }) => /^[A-Z]{1,3}\d{1,3}[A-Z]?(?=\s|$)/.exec(winding)?.[0] ?? []),
          ]
        : [],
    ),
    phase,
    sheets,
    limitsOf: (key) => limitsOfModel(sheet, key),
    ...(run ? { run } : {}),
    ...(step ? { step } : {}),
    today: now.slice(0, 10),
    currency: works.currency,
    tape: settled.map((item, index) => ({ n: index + 1, id: item.entry.id, content: item.content })),
  };
}

/** What a context is worked out from: the log, what the shop works by, and the step whose plate is in sight. */
export type LineState = { input: VisitInput; works: Works; step: Step };

const known = new WeakMap<LineState, LineContext>();

/** The context of a state, worked out once however many parts of a page ask for it. */
export function contextFor(state: LineState): LineContext {
  const context = known.get(state) ?? lineContext(state.input, state.works, state.step);
  known.set(state, context);
  return context;
}
