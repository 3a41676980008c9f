import type { Step } from "../model";
import type { Outlook, Placed } from "./outlook";
import type { PlanInput } from "./problem";

/** Why something comes next. */
export type Reason =
  | { kind: "danger"; day: string; kept: number }
  | { kind: "promised"; day: string }
  | { kind: "frees"; job: number }
  | { kind: "soak" }
  | { kind: "other"; person: string }
  | { kind: "open" }
  | { kind: "same-tools"; step: Step }
  | { kind: "same-opening"; things: number }
  | { kind: "pinned" }
  | { kind: "here"; days: number };

/** Something to do next: a set, and the steps of it that follow each other. */
export type Next = { visit: string; steps: Placed[]; minutes: number; from: Placed["from"]; reasons: Reason[] };

/** Steps that share their instruments: it saves setting them up twice. */
const SAME_TOOLS: readonly Step[] = ["align"];

/** Steps for which the chassis is out of its cabinet. */
const OPENED: readonly Step[] = ["find", "fix", "modify", "align"];

/** The work of a person in the order of the plan; steps of a set that follow each other are one thing. */
function runsOf(placed: readonly Placed[], person: string): Placed[][] {
  const mine = placed
    .filter((one) => one.person === person)
    .sort((a, b) => a.from.day.localeCompare(b.from.day) || a.from.minute - b.from.minute);
  const runs: Placed[][] = [];
  for (const one of mine) {
    const last = runs.at(-1);
    if (last?.[0]?.visit === one.visit) last.push(one);
    else runs.push([one]);
  }
  return runs;
}

function reasonsFor(
  run: readonly Placed[],
  before: readonly Placed[] | undefined,
  person: string,
  input: PlanInput,
  { placed, sets }: Outlook,
): Reason[] {
  const visit = run[0]?.visit ?? "";
  const set = input.sets.find((one) => one.visit === visit);
  const outlook = sets.find((one) => one.visit === visit);
  const last = run.at(-1);
  const reasons: Reason[] = [];
  if (run.some(({ pinned }) => pinned)) reasons.push({ kind: "pinned" });
  if (outlook?.promised)
    reasons.push(
      outlook.standing === "kept"
        ? { kind: "promised", day: outlook.promised }
        : { kind: "danger", day: outlook.promised, kept: outlook.kept ?? 0 },
    );
  // Another set waits for this one.
  for (const other of input.sets)
    if (other.left.waits.some(({ job }) => job === set?.job)) reasons.push({ kind: "frees", job: other.job });
  const follows = placed
    .filter(
      (one) =>
        one.visit === visit &&
        last !== undefined &&
        (one.from.day > last.to.day || (one.from.day === last.to.day && one.from.minute >= last.to.minute)),
    )
    .sort((a, b) => a.from.day.localeCompare(b.from.day) || a.from.minute - b.from.minute)[0];
  if (follows?.by === "shop") reasons.push({ kind: "soak" });
  else if (follows?.person && follows.person !== person) reasons.push({ kind: "other", person: follows.person });
  if (set?.holder === person) reasons.push({ kind: "open" });
  const tools = run.find(({ step }) => SAME_TOOLS.includes(step));
  if (tools && before?.some(({ step }) => step === tools.step)) reasons.push({ kind: "same-tools", step: tools.step });
  if (reasons.length === 0 && set) {
    const days = Math.max(
      0,
      Math.round((Date.parse(`${input.today}T12:00:00Z`) - Date.parse(set.openedAt)) / 86_400_000),
    );
    reasons.push({ kind: "here", days });
  }
  const things = run.filter(({ step }) => OPENED.includes(step)).length;
  if (things > 1) reasons.push({ kind: "same-opening", things });
  return reasons;
}

/** What speaks for a thing more than for another: a promise, then what lets others go on, then what stands open here. */
const WEIGHT: Record<Reason["kind"], number> = {
  danger: 0,
  promised: 1,
  pinned: 1,
  frees: 2,
  soak: 2,
  other: 2,
  open: 3,
  "same-tools": 3,
  "same-opening": 3,
  here: 4,
};
const weightOf = (reasons: readonly Reason[]): number => Math.min(...reasons.map(({ kind }) => WEIGHT[kind]));

/** Could this be begun now? Nothing of its set lies before it. */
const ready = (run: readonly Placed[], { placed }: Outlook): boolean =>
  !placed.some(
    (one) =>
      one.visit === run[0]?.visit &&
      (one.from.day < (run[0]?.from.day ?? "") ||
        (one.from.day === run[0]?.from.day && one.from.minute < run[0].from.minute)),
  );

/** Runs of the first day on which there are any: those that can be begun now by what speaks for them, the rest as planned. */
function inOrder(runs: readonly Placed[][], reasons: ReadonlyMap<Placed[], Reason[]>, outlook: Outlook): Placed[][] {
  const day = runs[0]?.[0]?.from.day;
  const now = runs.filter((run) => run[0]?.from.day === day && ready(run, outlook));
  const first = [...now].sort((a, b) => weightOf(reasons.get(a) ?? []) - weightOf(reasons.get(b) ?? []));
  return [...first, ...runs.filter((run) => !now.includes(run))];
}

/** The next things for somebody, each with its reasons: what was promised first, then what others wait for. */
export function nextFor(input: PlanInput, outlook: Outlook, person: string, most = 3): Next[] {
  const planned = runsOf(outlook.placed, person);
  const reasons = new Map(
    planned.map((run, index) => [run, reasonsFor(run, planned[index - 1], person, input, outlook)]),
  );
  const runs = inOrder(planned, reasons, outlook);
  return runs.slice(0, most).flatMap((run): Next[] => {
    const [first] = run;
    if (!first) return [];
    return [
      {
        visit: first.visit,
        steps: run,
        minutes: run.reduce((sum, { minutes }) => sum + minutes, 0),
        from: first.from,
        reasons: reasons.get(run) ?? [],
      },
    ];
  });
}
