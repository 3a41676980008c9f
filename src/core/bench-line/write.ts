import { format } from "../quantity";
import type { Amendment, Content, ContentOf, OldPart } from "../history";
import { STEP_NAMES } from "../model";
import { clause, escaped } from "./clauses";
import { writeApproved, writeEstimate, writeLabour, writeLoan, writeMod, writeSoak, writeTick } from "./job-line";
import { writeMeasure } from "./measure-line";
import { writePlan } from "./plan-line";
import { writePower } from "./power-line";
import { writeSafe } from "./safe-line";
import { writeFinding, writeSearch } from "./search-line";
import { writeSetup } from "./setup-line";
import { writeTakeIn } from "./take-in-line";
import { writeTube } from "./tube-line";

const OLD: Record<OldPart, string> = {
  bag: "old in bag",
  kept: "old kept",
  discarded: "old discarded",
  "in-shell": "old in shell",
};

const join = (...parts: (string | false | undefined)[]): string => parts.filter(Boolean).join(" ");

function writeReading(payload: ContentOf<"reading">["payload"]): string {
  if (payload.designator)
    return join(
      payload.designator,
      payload.expected?.text,
      "=",
      payload.measured.text,
      payload.quantity === "resistance" && !payload.inCircuit && "lifted",
      payload.remark,
    );
  return join(
    payload.point,
    payload.measured.text,
    payload.lineVolts !== undefined && `@ ${format(payload.lineVolts, "voltage", 4)}`,
    payload.meter && `with ${payload.meter}`,
    // What belongs to a soak says so; any other phase follows from what was done so far.
    payload.phase === "soak" && "soak",
  );
}

function writeWork(work: ContentOf<"part-work">["payload"]): string {
  const [first] = work.designators;
  const own = (designator: string) => work.now.length > 1 || designator !== first;
  const now = work.now
    .map((part) =>
      join(own(part.designator) && part.designator, part.text, part.note, part.stock && `from ${part.stock.code}`),
    )
    .join(" + ");
  const line = join(
    work.designators.join("+"),
    work.was,
    !work.measured && work.found,
    work.measured && `= ${work.measured.text}`,
    work.measured && work.found,
    work.action !== "replaced" && work.action,
    now && `-> ${now}`,
  );
  return join(line + (work.why ? `: ${work.why}` : ""), work.oldPart && OLD[work.oldPart]);
}

function writeTest(payload: ContentOf<"test-result">["payload"]): string {
  const setup = payload.setup && `on ${payload.setup}`;
  if (payload.designator)
    return join(
      payload.designator,
      payload.test,
      `${payload.measured.text}/${payload.nominal?.text ?? ""}`,
      payload.unit,
      setup,
    );
  const limit = payload.nominal && `${payload.sense === "at-most" ? "max" : "min"} ${payload.nominal.text}`;
  return join(
    "test",
    payload.test,
    payload.condition && `at ${payload.condition}`,
    payload.measured.text,
    payload.unit,
    limit,
    setup,
  );
}

/**
 * Writes an entry as the bench line that makes it. The forms show it, so that using them teaches the line.
 * @param numberOf the number on the tape of an entry that this one refers to
 */
export function writeLine(content: Content, numberOf: (id: string) => number | undefined = () => undefined): string {
  const { kind, payload } = content;
  switch (kind) {
    case "take-in":
      return writeTakeIn(payload);
    case "symptom": {
      const n = payload.about ? numberOf(payload.about) : undefined;
      return join(payload.state === "present" ? "?" : payload.state, n !== undefined && `#${n}`, payload.what);
    }
    case "reading":
      return writeReading(payload);
    case "part-work":
      return writeWork(payload);
    case "test-result":
      return writeTest(payload);
    case "component-test":
      return writeMeasure(payload);
    case "tube-test":
      return writeTube(payload);
    case "plan-line":
      return writePlan(payload);
    case "fault-test":
      return writeSearch(payload);
    case "finding":
      return writeFinding(payload, numberOf);
    case "note": {
      const [closes] = payload.closes;
      const n = closes ? numberOf(closes) : undefined;
      if (n !== undefined) return `settled #${n} ${payload.text}`;
      if (payload.waits) return `wait ${payload.waits} ${payload.text}`;
      return `${payload.open ? "todo" : "note"} ${payload.text}`;
    }
    case "step":
      return `${payload.state === "passed" ? "done" : "pass"} ${STEP_NAMES[payload.step].toLowerCase()}${payload.reason ? `: ${payload.reason}` : ""}`;
    case "check":
      return writeSafe(payload);
    case "power-step":
      return writePower(payload);
    case "setup":
      return writeSetup(payload, numberOf);
    case "hand-back":
      return (
        `hand back: ${escaped(payload.summary)}` +
        clause("left", payload.left) +
        clause("watch", payload.watch) +
        `; old parts ${payload.oldParts}` +
        clause("next", payload.nextService) +
        (payload.warrantyMonths === undefined ? "" : `; warranty ${payload.warrantyMonths}`) +
        clause("use", payload.instructions)
      );
    case "modification":
      return writeMod(payload, numberOf);
    case "tick":
      return writeTick(payload, numberOf);
    case "loan":
      return writeLoan(payload, numberOf);
    case "soak":
      return writeSoak(payload);
    case "labour":
      return writeLabour(payload);
    case "estimate":
      return writeEstimate(payload);
    case "approval":
      return writeApproved(payload);
    case "unknown":
      return `note an entry of a kind “${payload.kind}”`;
  }
}

/**
 * The line that makes an amendment again.
 * @param n number of the amended entry on the tape @param numberOf number of an entry by its id
 */
export const writeAmendment = (
  amendment: Amendment,
  n: number,
  numberOf?: (id: string) => number | undefined,
): string =>
  amendment.action === "withdraw"
    ? `withdraw #${n} because ${amendment.reason}`
    : `amend #${n} ${writeLine(amendment.content, numberOf)} because ${amendment.reason}`;
