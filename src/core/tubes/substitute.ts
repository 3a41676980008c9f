import { format, keepsTo } from "../quantity";
import { cathodeBias, type Bias } from "./bias";
import {
  ANSWERS,
  limitLine,
  print,
  type CompareLine,
  type Place,
  type Substitute,
  type SubstituteVerdict,
} from "./compared";
import { functionalPinout, otherSections } from "./functions";
import { heaterLine, onHalves } from "./heater-line";
import { kinship } from "./kinship";
import { rectifierLines } from "./rectifiers";
import { electrodeWord, rewiring, type Rewiring } from "./rewire";
import { nominalGm, pointNear, rectifies, tubeTypes, type TubeType } from "./table";

/** A cathode resistor within this fraction of what the new tube wants is left in. Shop rule. */
const BIAS_SLACK = 0.15;
/**
 * Transconductance and amplification within these fractions are alike. Shop rule.
 * @example 4.1 against 3.7 mA/V is alike; 9 is not
 */
const GM_SLACK = 0.25;
/**
 * Regulators of this much the same voltage are alike, as a fraction: 0B2 has 108 V, 0C3 105 V. Shop rule.
 * @example 0A2 and 0D3 at 150 V are alike; 0B2 for 0C3 is no
 */
const REGULATED_ALIKE = 0.02;

function biasLine(place: Place, candidate: TubeType): { lines: CompareLine[]; bias?: Bias } {
  const was = pointNear(place.original, place.plateVolts);
  const would = pointNear(candidate, place.plateVolts);
  if (!was || !would || rectifies(candidate)) return { lines: [] };
  const show = (grid: number) => format(grid, "voltage");
  const line = { what: "grid bias", was: show(was.grid), would: show(would.grid) };
  if (!would.amps || would.grid >= 0 || was.grid >= 0) {
    const alike = Math.abs(would.grid - was.grid) < 0.5;
    return { lines: [{ ...line, verdict: alike ? "drop-in" : "caution" }] };
  }
  const input = { grid: would.grid, amps: would.amps, screenAmps: would.screenAmps, gm: would.gm };
  const bias = cathodeBias(input, place.margins);
  const usual = was.amps ? cathodeBias({ grid: was.grid, amps: was.amps, screenAmps: was.screenAmps }).ohms : undefined;
  const there = place.cathodeOhms ?? usual;
  if (!there) return { lines: [{ ...line, verdict: "caution" }], bias };
  const off = bias.ohms / there - 1;
  if (Math.abs(off) <= BIAS_SLACK) return { lines: [{ ...line, verdict: "drop-in" }], bias };
  // Without the set's own resistor only two data sheets are compared: that is to be measured, not rewired.
  const rewire = place.cathodeOhms !== undefined && Math.abs(off) > 2 * BIAS_SLACK;
  const note = `Wants ${format(bias.ohms, "resistance")} at the cathode, ${place.cathodeOhms ? "there is" : "the original has"} ${format(there, "resistance")}: fit ${format(bias.preferred.ohms, "resistance")}, ${format(bias.rated, "power", 2)} or more.`;
  return { lines: [{ ...line, verdict: rewire ? "rewiring" : "caution", note }], bias };
}

/** µ of the first typical operation that has one. */
const nominalMu = (tube: TubeType) => tube.points.find(({ mu }) => mu !== undefined)?.mu;
const isTriode = ({ kind }: TubeType) => /triode/.test(kind) && !/pentode/.test(kind);

/** How strong another tube is. A triode's gain goes with its µ, a pentode's with its transconductance. */
function strengthLines(original: TubeType, candidate: TubeType): CompareLine[] {
  const triodes = isTriode(original) && isTriode(candidate);
  const lines: CompareLine[] = [];
  const [wasMu, wouldMu] = [nominalMu(original), nominalMu(candidate)];
  if (triodes && wasMu && wouldMu) {
    const ratio = wouldMu / wasMu;
    const alike = keepsTo(Math.abs(ratio - 1), GM_SLACK);
    const note = ratio > 1 ? "More gain: mind instability and overload." : "Less gain.";
    const line = { what: "amplification factor", was: String(wasMu), would: String(wouldMu) };
    lines.push({ ...line, verdict: alike ? "drop-in" : "caution", ...(alike ? {} : { note }) });
  }
  const [was, would] = [nominalGm(original), nominalGm(candidate)];
  if (!was || !would) return lines;
  const show = (gm: number) => `${Number((gm * 1e3).toPrecision(3))} mA/V`;
  const ratio = would / was;
  const alike = keepsTo(Math.abs(ratio - 1), GM_SLACK);
  const gain = ratio > 1 ? "More gain: mind instability and overload." : "Less gain.";
  const drive = ratio > 1 ? "A lower plate resistance." : "A higher plate resistance: it drives less.";
  const line = { what: "transconductance", was: show(was), would: show(would) };
  const note = triodes && wasMu && wouldMu ? drive : gain;
  return [...lines, { ...line, verdict: alike ? "drop-in" : "caution", ...(alike ? {} : { note }) }];
}

const worst = (lines: readonly CompareLine[]): SubstituteVerdict =>
  lines.reduce<SubstituteVerdict>(
    (found, { verdict }) => (ANSWERS.indexOf(verdict) > ANSWERS.indexOf(found) ? verdict : found),
    "drop-in",
  );

/** What stands on an electrode: by the chart; else by the most in the set, where the old tube was made for that. */
const standsAt = (chart: number | undefined, highest: number | undefined, limit: number | undefined) =>
  chart ?? (highest !== undefined && limit !== undefined && limit >= highest ? highest : undefined);

/** The electrodes that the new tube has nowhere, and that something was wired to. */
function missingFrom(pins: Rewiring, original: TubeType, candidate: TubeType): string[] {
  const sections = otherSections(original, candidate);
  return pins.missing.filter(
    (electrode) => electrode !== "h" && electrode !== "k" && !(sections === "fewer" && electrode.endsWith("B")),
  );
}

function socketLine(original: TubeType, candidate: TubeType, pins: Rewiring, related: boolean): CompareLine {
  const socket = ({ pinout }: TubeType) => `${pinout.base}, ${pinout.name}`;
  const line = { what: "base and pins", was: socket(original), would: socket(candidate) };
  if (pins.unknown)
    return {
      ...line,
      verdict: pins.otherSocket ? "rewiring" : "caution",
      note: "The table does not have the pins of one of them: compare the data sheets, pin by pin.",
    };
  const missing = missingFrom(pins, original, candidate);
  if (missing.length > 0 && related)
    return { ...line, verdict: "no", note: `Has no ${missing.map(electrodeWord).join(", no ")}.` };
  const verdict = pins.otherSocket || pins.moves.length > 0 ? "rewiring" : "drop-in";
  const extra = pins.extra.map(electrodeWord).join(" and a ");
  const note = pins.otherSocket ? "Another socket, or an adapter." : extra ? `Has a ${extra} besides.` : "";
  return { ...line, verdict, ...(note ? { note } : {}) };
}

/** What the table says of the new tube alone: what has to be minded, and what nobody is sure of. */
function remarkLines(original: TubeType, candidate: TubeType): CompareLine[] {
  if (candidate === original) return [];
  const mind = candidate.remark && !candidate.unsure && candidate.remark !== original.remark;
  return [
    ...(mind
      ? [{ what: "to mind", was: "–", would: "–", verdict: "caution" as const, note: `${candidate.remark}.` }]
      : []),
    ...[original, candidate].flatMap(({ type, unsure }) =>
      unsure
        ? [
            {
              what: "not sure",
              was: "–",
              would: "–",
              verdict: "caution" as const,
              note: `The table is not sure of the ${type}: ${unsure}. Look at its data sheet.`,
            },
          ]
        : [],
    ),
  ];
}

/** Regulators by volts and by the current that they hold: too little starves them, too much ends them. */
function regulatorLines({ original, loadAmps }: Place, candidate: TubeType): CompareLine[] {
  const [was, would] = [original.regulator, candidate.regulator];
  if (!was || !would) return [];
  const off = Math.abs(would.volts / was.volts - 1);
  const range = ({ least, most }: { least: number; most: number }) =>
    `${format(least, "current")} to ${format(most, "current")}`;
  const outside = loadAmps !== undefined && (loadAmps > would.most || loadAmps < would.least);
  const narrower = would.most < was.most || would.least > was.least;
  return [
    {
      what: "regulated voltage",
      was: print.volts(was.volts),
      would: print.volts(would.volts),
      verdict: keepsTo(off, REGULATED_ALIKE) ? "drop-in" : "no",
    },
    {
      what: "current",
      was: range(was),
      would: range(would),
      verdict: outside ? "no" : narrower ? "caution" : "drop-in",
      ...(outside
        ? { note: `The set has ${format(loadAmps, "current")} there.` }
        : narrower
          ? { note: "Holds a narrower current: measure what flows with the load off and on." }
          : {}),
    },
  ];
}

function sectionLines(original: TubeType, candidate: TubeType): CompareLine[] {
  const sections = otherSections(original, candidate);
  if (!sections) return [];
  const note =
    sections === "fewer"
      ? `The ${original.type} has two systems, the ${candidate.type} one. Are both used? Only where one is, it can be wired in.`
      : `The ${candidate.type} has two systems: one is used, the grid of the other goes to chassis.`;
  const count = (tube: TubeType) => (tube.kind === "double triode" ? "two" : "one");
  return [
    {
      what: "systems",
      was: count(original),
      would: count(candidate),
      verdict: sections === "fewer" ? "rewiring" : "caution",
      note,
    },
  ];
}

/**
 * Holds one candidate against a position of a set.
 * @returns the answer, with every line that was compared; the worst line decides
 */
export function judgeSubstitute(place: Place, candidate: TubeType): Substitute {
  const { original } = place;
  const kin = kinship(original.kind, candidate.kind);
  const pins = rewiring(functionalPinout(original, candidate), functionalPinout(candidate, original), {
    from: onHalves(place.feed, original),
    to: onHalves(place.feed, candidate),
  });
  const lines: CompareLine[] = [
    {
      what: "function",
      was: original.kind,
      would: candidate.kind,
      verdict: kin.verdict,
      ...(kin.note ? { note: kin.note } : {}),
    },
    socketLine(original, candidate, pins, kin.verdict !== "no"),
    heaterLine(place, candidate),
  ];
  if (kin.verdict === "no") return { candidate, answer: "no", lines, rewiring: pins };
  const { limits: was } = original;
  const { limits: would } = candidate;
  if (rectifies(original)) lines.push(...rectifierLines(place, candidate));
  else {
    const plate = standsAt(place.plateVolts, place.highestVolts, was.plate);
    const screen = standsAt(place.screenVolts, place.highestVolts, was.screen);
    lines.push(
      ...limitLine("plate volts, most", plate, was.plate, would.plate, print.volts),
      ...limitLine("screen volts, most", screen, was.screen, would.screen, print.volts),
      ...limitLine("plate dissipation", undefined, was.plateWatts, would.plateWatts, print.watts),
      ...strengthLines(original, candidate),
    );
  }
  const { lines: biasLines, bias } = biasLine(place, candidate);
  lines.push(
    ...regulatorLines(place, candidate),
    ...sectionLines(original, candidate),
    ...biasLines,
    ...remarkLines(original, candidate),
  );
  if (place.rf && candidate.type !== original.type)
    lines.push({
      what: "capacitances",
      was: "–",
      would: "–",
      verdict: "caution",
      note: "Not in the table: at radio frequency touch up the alignment of this stage, with its shield on.",
    });
  return { candidate, answer: worst(lines), lines, rewiring: pins, ...(bias ? { bias } : {}) };
}

/** Every candidate of the table for a position, the best answer first; those of another function are left out. */
export function substitutes(place: Place): Substitute[] {
  const lost = ({ lines }: Substitute) => lines.reduce((sum, { verdict }) => sum + ANSWERS.indexOf(verdict), 0);
  return tubeTypes()
    .filter((tube) => tube !== place.original && kinship(place.original.kind, tube.kind).verdict !== "no")
    .map((tube) => judgeSubstitute(place, tube))
    .sort(
      (a, b) =>
        ANSWERS.indexOf(a.answer) - ANSWERS.indexOf(b.answer) ||
        lost(a) - lost(b) ||
        a.candidate.type.localeCompare(b.candidate.type),
    );
}
