import { circuitOf, KINDS } from "../diagnosis";
import { asBuilt, openPoints } from "../history";
import {
  isThere,
  modificationsOf,
  ofKind,
  tickOf,
  type ModBody,
  type Modification,
  type Settled,
  type Tick,
} from "../kinds";
import { SUPPLY_WORDS } from "../model";
import { format } from "../quantity";
import { printMeasured } from "../readings";
import { heaterBudget, inSeries, tubePlaces, typeIn, visitPolicy, type VisitInput } from "../visit";

/** Whether the set can take it: worked out, or left to be looked at. */
export type LineVerdict = "fits" | "does-not" | "look";

/** One thing that has to be so, with what the tool worked out of it. */
export type SuitLine = { key: string; text: string; verdict: LineVerdict; reason: string };

type Body = Pick<ModBody, "needs" | "taps" | "parts" | "chassis" | "reversible">;

/** Heaters of one winding lie within this share of its volts. */
const SAME_WINDING = 0.1;

const fits = (key: string, text: string, reason: string): SuitLine => ({ key, text, verdict: "fits", reason });
const doesNot = (key: string, text: string, reason: string): SuitLine => ({ key, text, verdict: "does-not", reason });
const look = (key: string, text: string, reason: string): SuitLine => ({ key, text, verdict: "look", reason });

function needLines(body: Body, input: VisitInput): SuitLine[] {
  const { sheet } = input;
  const { circuit } = circuitOf(sheet);
  return body.needs.map((need, index): SuitLine => {
    const key = String(index + 1);
    const { text } = need;
    switch (need.kind) {
      case "stages": {
        const missing = need.stages.filter((kind) => !circuit.stages.some((stage) => stage.kind === kind));
        const name = (kind: (typeof need.stages)[number]) =>
          /^[A-Z]{2}/.test(KINDS[kind].name) ? KINDS[kind].name : KINDS[kind].name.toLowerCase();
        if (missing.length > 0 && !sheet.circuit && sheet.tubes.length === 0)
          return look(key, text, "The sheet lists no tubes, so its stages are not known: look at the set.");
        return missing.length === 0
          ? fits(key, text, `The set has them: ${need.stages.map(name).join(", ")}.`)
          : doesNot(key, text, `The set's stages have no ${missing.map(name).join(", no ")}.`);
      }
      case "supply":
        return need.supplies.includes(sheet.supply)
          ? fits(key, text, `${SUPPLY_WORDS[sheet.supply]}, as it should be.`)
          : doesNot(key, text, `This set is: ${SUPPLY_WORDS[sheet.supply].toLowerCase()}.`);
      case "works": {
        const open = openPoints(input.settled, input.now).filter(({ kind }) =>
          ["symptom", "reading", "stop"].includes(kind),
        );
        return open.length === 0
          ? look(key, text, "Nothing is open against it in the log; hear it play before it is changed.")
          : doesNot(key, text, `Still open: ${open.map((point) => point.text).join("; ")}.`);
      }
      case "board":
        return look(
          key,
          text,
          `Read on the board itself: ${need.board}${need.level ? `, ${need.level} or later` : ""}.`,
        );
      case "firmware":
        return look(key, text, `Read on the set itself: ${need.level} or later.`);
      case "look":
        return look(key, text, "To be looked at.");
    }
  });
}

/** Current that a modification draws from a heater winding of so many volts, A: its heater taps, else its own tubes. */
function heaterLoads(body: Body): { volts: number; amps: number; what: string }[] {
  const taps = body.taps.flatMap(({ kind, low, draws, at }) =>
    kind === "heater" && draws ? [{ volts: low ?? 6.3, amps: draws, what: at }] : [],
  );
  if (taps.length > 0) return taps;
  return body.parts.flatMap(({ designator, text }) => {
    const heater = typeIn(text)?.heaters[0];
    return heater ? [{ ...heater, what: `${designator} ${text}` }] : [];
  });
}

function heaterLines(body: Body, input: VisitInput): SuitLine[] {
  const loads = heaterLoads(body);
  if (loads.length === 0) return [];
  const { sheet } = input;
  const text = "The heater supply carries the extra load";
  if (inSeries(sheet))
    return [
      doesNot("heater", text, "The heaters are one series string: a tube more changes the current of every other."),
    ];
  if (sheet.tubes.length === 0)
    return [
      look("heater", text, "The sheet lists no tubes, so the load is not known: look at the set and its windings."),
    ];
  const groups = heaterBudget(tubePlaces(input), sheet);
  return loads.map(({ volts, amps, what }, index): SuitLine => {
    const key = index === 0 ? "heater" : `heater-${index + 1}`;
    const group = groups.find((one) => Math.abs(one.volts / volts - 1) < SAME_WINDING);
    if (!group)
      return doesNot(key, text, `No winding of ${format(volts, "voltage")} feeds a heater of this set (${what}).`);
    const sum = group.now + amps;
    const rated = volts > 5.9 && volts < 6.6 ? sheet.heaterAmps : undefined;
    const said = `${format(group.now, "current")} now, ${format(sum, "current")} with ${format(amps, "current")} for ${what}`;
    if (!rated)
      return look(
        key,
        text,
        `${said}. What the winding gives is not in the sheet: read the transformer's plate, or measure its volts under load.`,
      );
    return sum <= rated
      ? fits(key, text, `${said}, of ${format(rated, "current")}.`)
      : doesNot(
          key,
          text,
          `${said}: ${format(sum - rated, "current")} above the ${format(rated, "current")} that the winding gives.`,
        );
  });
}

/** Volts at a tap point: what was read there last, else what the chart has. */
function voltsAt(at: string, { settled, sheet }: Pick<VisitInput, "settled" | "sheet">) {
  const same = (point: string) => point.trim().toLowerCase() === at.trim().toLowerCase();
  const read = ofKind(settled, "reading").findLast(
    ({ content: { payload } }) => payload.quantity === "voltage" && payload.phase !== "cold" && same(payload.point),
  );
  if (read) return { volts: read.content.payload.measured.value, from: "as it was read last" };
  const charted = sheet.points.find(({ point, quantity }) => quantity === "voltage" && same(point));
  return charted ? { volts: charted.expected, from: "by the chart" } : undefined;
}

function tapLines(body: Body, input: VisitInput): SuitLine[] {
  return body.taps.flatMap((tap, index): SuitLine[] => {
    if (tap.kind === "ground" || tap.kind === "heater" || tap.low === undefined) return [];
    const high = tap.high ?? tap.low;
    const key = `tap-${index + 1}`;
    const range = `${printMeasured(tap.low, "voltage")} to ${printMeasured(high, "voltage")}`;
    const text = `${tap.at} gives ${range}`;
    const found = voltsAt(tap.at, input);
    if (!found) return [look(key, text, "Not in the chart and never read: measure it where it is tapped.")];
    const said = `${tap.at} has ${printMeasured(found.volts, "voltage")} ${found.from}`;
    return [
      found.volts >= tap.low && found.volts <= high
        ? fits(key, text, `${said}${tap.draws ? `; ${format(tap.draws, "current")} is drawn there` : ""}.`)
        : doesNot(key, text, `${said}: outside ${range}.`),
    ];
  });
}

/** What a visit's policy allows where it has not chosen for itself. */
const ALLOWED = { museum: "none", original: "reversible", reliability: "free" } as const;
const ALLOWED_WORDS = {
  none: "keeps the set unmodified",
  reversible: "takes only what can be undone",
  free: "modifies freely",
};

function policyLine(body: Body, input: VisitInput): SuitLine {
  const { policy, switches } = visitPolicy(input.settled, input.visitId);
  const allowed = switches.modify ?? ALLOWED[policy];
  const text = body.chassis === "drilled" ? "The visit's policy allows a drilled hole" : "The visit's policy allows it";
  const said = `This visit ${ALLOWED_WORDS[allowed]}`;
  const ok = allowed === "free" || (allowed === "reversible" && body.reversible && body.chassis !== "drilled");
  if (ok) return fits("policy", text, `${said}.`);
  return doesNot(
    "policy",
    text,
    `${said}${allowed === "none" ? "" : body.chassis === "drilled" ? ": a drilled hole stays" : ": this cannot be undone"}.`,
  );
}

/** Is the same thing in the set already? Ordering it again would be for the drawer. */
function fittedLine(body: Body, name: string, input: VisitInput, self?: string): SuitLine {
  const key = "fitted";
  const text = "It is not fitted already";
  const there = modificationsOf(input.settled).find(
    (one) => one.id !== self && isThere(one) && one.payload.name.trim().toLowerCase() === name.trim().toLowerCase(),
  );
  if (there)
    return doesNot(key, text, `${there.payload.name} is in this set since ${there.at.slice(0, 10)} (${there.state}).`);
  const wanted = new Set(body.parts.map(({ designator }) => designator));
  const taken = asBuilt(input.settled, input.sheet, input.now).filter(
    ({ designator, modification }) => modification && modification.id !== self && wanted.has(designator),
  );
  return taken.length > 0
    ? doesNot(
        key,
        text,
        `${taken.map(({ designator, modification }) => `${designator} belongs to “${modification?.name ?? ""}”`).join(", ")}.`,
      )
    : fits(key, text, "The log knows of none in this set.");
}

/**
 * Whether a modification suits a set as it stands: topology, supply, heaters, taps, policy, and that it is not fitted
 * already. What only eyes can tell is left to be looked at.
 * @param self the modification on this set that is looked at, so that it does not stand in its own way
 */
export function suitability(body: Body, name: string, input: VisitInput, self?: string): SuitLine[] {
  return [
    fittedLine(body, name, input, self),
    policyLine(body, input),
    ...needLines(body, input),
    ...heaterLines(body, input),
    ...tapLines(body, input),
  ];
}

/** A prerequisite with the last word on it. What was worked out and fits stands by itself; all else is looked at. */
export type Prerequisite = SuitLine & { tick?: Tick; state: "met" | "open" | "unmet" };

export function prerequisites(modification: Modification, input: VisitInput): Prerequisite[] {
  const { payload, id } = modification;
  const looked = new Set(["board", "firmware", "look", "works"]);
  return suitability(payload, payload.name, input, id).map((line) => {
    const tick = tickOf(modification, "prerequisite", line.key);
    const need = payload.needs[Number(line.key) - 1];
    const byEye = need !== undefined && looked.has(need.kind);
    const state = tick?.state === "unmet" ? "unmet" : tick ? "met" : line.verdict === "fits" && !byEye ? "met" : "open";
    return { ...line, ...(tick ? { tick } : {}), state };
  });
}

/** Every prerequisite is confirmed or does not apply: now its parts may be ordered and it may be fitted. */
export const readyToOrder = (lines: readonly Prerequisite[]): boolean => lines.every(({ state }) => state === "met");

/** Other open points that ask for the same sub-assembly to be off, by its words. */
export function together(opens: string, settled: readonly Settled[], now: string, self?: string): string[] {
  const words = opens.trim().toLowerCase();
  if (!words) return [];
  const points = openPoints(settled, now)
    .filter(({ id, text }) => id !== self && text.toLowerCase().includes(words))
    .map(({ text }) => text);
  const others = modificationsOf(settled)
    .filter(({ id, state }) => id !== self && state === "planned")
    .filter(({ payload }) => payload.steps.some((step) => step.opens?.toLowerCase() === words))
    .map(({ payload }) => `${payload.name} needs it off too`);
  return [...new Set([...points, ...others])];
}

/** Screws and other hardware by the ticks of a modification's steps: taken out, put back. */
export function hardware({ ticks }: Pick<Modification, "ticks">): { out: number; back: number } {
  const all = [...ticks.values()];
  const sum = (pick: (tick: Tick) => number | undefined) => all.reduce((total, tick) => total + (pick(tick) ?? 0), 0);
  return { out: sum(({ out }) => out), back: sum(({ back }) => back) };
}
