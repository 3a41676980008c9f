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
  | { kind: "pinned" }
  | { kind: "here"; days: number };

/** Something to do next: a set, and the steps of it that follow each other. */
export type Next = { visit: string; steps: Placed[]; minutes: number; from: Placed["from"]; reasons: Reason[] };

/** Steps that share their instruments: it saves setting them up twice. */
const SAME_TOOLS: readonly Step[] = ["align"];

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
  return reasons;
}

/** The next things for somebody, in the order of the plan, each with its reasons. */
export function nextFor(input: PlanInput, outlook: Outlook, person: string, most = 3): Next[] {
  const runs = runsOf(outlook.placed, person);
  return runs.slice(0, most).flatMap((run, index): Next[] => {
    const [first] = run;
    if (!first) return [];
    return [
      {
        visit: first.visit,
        steps: run,
        minutes: run.reduce((sum, { minutes }) => sum + minutes, 0),
        from: first.from,
        reasons: reasonsFor(run, runs[index - 1], person, input, outlook),
      },
    ];
  });
}
