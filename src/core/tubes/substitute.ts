import { format, formatDeviation } from "../quantity";
import { cathodeBias, type Bias } from "./bias";
import { electrodeWord, rewiring, type Rewiring } from "./rewire";
import { HEATER_TOLERANCE, settleString, STRING_TOLERANCE, type Lamp, type StringHeater } from "./string";
import { nominalGm, pointNear, rectifies, tubeTypes, type Heater, type TubeKind, type TubeType } from "./table";

/** How a position's heater is fed. */
export type Feed =
  | {
      wiring: "parallel";
      volts: number;
      /** what the winding gives and what all its tubes take now, A; without a rating the original line-up stands for it */
      ratedAmps?: number | undefined;
      loadAmps: number;
    }
  | { wiring: "series"; line: number; dropperOhms: number; others: readonly StringHeater[]; lamp?: Lamp | undefined };

/** The place where a tube is to be found for. Volts, amps, ohms, farad. */
export type Place = {
  position: string;
  original: TubeType;
  feed: Feed;
  /** what the set puts on the plate and the screen, where the chart says it */
  plateVolts?: number | undefined;
  screenVolts?: number | undefined;
  cathodeOhms?: number | undefined;
  /** a stage at radio or intermediate frequency: capacitances count */
  rf?: boolean | undefined;
  /** of a rectifier: its plate supply, the load, the first capacitor, and what every capacitor on B+ is rated */
  supplyRms?: number | undefined;
  loadAmps?: number | undefined;
  bplus?: number | undefined;
  firstFarads?: number | undefined;
  capacitors?: readonly { designator: string; volts?: number | undefined }[] | undefined;
};

export const ANSWERS = ["drop-in", "caution", "rewiring", "no"] as const;
export type SubstituteVerdict = (typeof ANSWERS)[number];
export const ANSWER_WORDS: Record<SubstituteVerdict, string> = {
  "drop-in": "drop-in",
  caution: "drop-in, with a caution",
  rewiring: "needs rewiring",
  no: "no",
};

export type CompareLine = { what: string; was: string; would: string; verdict: SubstituteVerdict; note?: string };

export type Substitute = {
  candidate: TubeType;
  answer: SubstituteVerdict;
  lines: CompareLine[];
  rewiring: Rewiring;
  bias?: Bias;
};

/** A cathode resistor within this fraction of what the new tube wants is left in. Shop rule. */
const BIAS_SLACK = 0.15;
/** Transconductance and amplification within these fractions are alike. Shop rule. */
const GM_SLACK = 0.25;

/** Kinds that do one another's work, with what has to be minded; anything else is no. */
const KIN: [TubeKind, TubeKind, "drop-in" | "caution", string?][] = [
  [
    "pentode",
    "variable pentode",
    "caution",
    "Sharp against remote cut-off: AVC acts differently, strong signals cross-modulate.",
  ],
  ["tetrode", "variable tetrode", "caution", "Sharp against remote cut-off: AVC acts differently."],
  ["tetrode", "pentode", "caution", "A pentode for a tetrode: the suppressor goes to the cathode."],
  ["variable tetrode", "variable pentode", "caution", "A pentode for a tetrode: the suppressor goes to the cathode."],
  ["beam", "power pentode", "caution", "Beam tetrode against pentode: much alike, another load suits it best."],
  ["triode", "power triode", "caution", "A power triode for a small one, or the reverse: look at the current."],
  ["triode", "double triode", "caution", "One system of two is used; ground the grid of the other."],
  ["full-wave rectifier", "rectifier doubler", "caution", "Separate cathodes: join them."],
];

function kinship(from: TubeKind, to: TubeKind): { verdict: SubstituteVerdict; note?: string } {
  if (from === to) return { verdict: "drop-in" };
  const found = KIN.find(([a, b]) => (a === from && b === to) || (a === to && b === from));
  return found ? { verdict: found[2], ...(found[3] ? { note: found[3] } : {}) } : { verdict: "no" };
}

const print = {
  heater: (heater: Heater | undefined) =>
    heater ? `${format(heater.volts, "voltage")} ${format(heater.amps, "current")}` : "none",
  volts: (value: number | undefined) => (value === undefined ? "–" : format(value, "voltage")),
  watts: (value: number | undefined) => (value === undefined ? "–" : format(value, "power")),
};

function heaterLine(place: Place, candidate: TubeType): CompareLine {
  const { feed, original } = place;
  const was = original.heaters[0];
  const base = { what: "heater", was: print.heater(was) };
  if (candidate.heaters.length === 0 || !was) {
    const alike = candidate.heaters.length === 0 && !was;
    return { ...base, would: print.heater(candidate.heaters[0]), verdict: alike ? "drop-in" : "no" };
  }
  if (feed.wiring === "parallel") {
    const fits = candidate.heaters.find(({ volts }) => Math.abs(volts / feed.volts - 1) <= HEATER_TOLERANCE.receiving);
    if (!fits)
      return {
        ...base,
        would: print.heater(candidate.heaters[0]),
        verdict: "no",
        note: `The winding gives ${format(feed.volts, "voltage")}.`,
      };
    const usual = original.heaters.find(({ volts }) => Math.abs(volts / feed.volts - 1) <= HEATER_TOLERANCE.receiving);
    const more = fits.amps - (usual ?? was).amps;
    const would = print.heater(fits);
    if (more <= 1e-9) return { ...base, would, verdict: "drop-in" };
    const load = feed.loadAmps + more;
    const budget = feed.ratedAmps ?? feed.loadAmps;
    const note = `${format(more, "current")} more: ${format(load, "current")} from a winding that ${feed.ratedAmps ? "gives" : "feeds"} ${format(budget, "current")}${feed.ratedAmps ? "" : " with the drawn tubes"}.`;
    return { ...base, would, verdict: load > budget * 1.001 ? "caution" : "drop-in", note };
  }
  // In a string every tube has the current of the others; the sheet's first heater that has it is the one to wire.
  const wanted = feed.others[0]?.heater.amps ?? was.amps;
  const fits = candidate.heaters.find(({ amps }) => Math.abs(amps / wanted - 1) <= STRING_TOLERANCE);
  const heater = fits ?? candidate.heaters[0];
  if (!heater) return { ...base, would: "none", verdict: "no" };
  const here = { position: place.position, type: candidate.type, heater };
  const settled = settleString(feed.line, feed.dropperOhms, [...feed.others, here], feed.lamp);
  const would = print.heater(heater);
  if (!fits) {
    const own = settled.each.at(-1);
    return {
      ...base,
      would,
      verdict: "no",
      note: `The string runs at ${format(wanted, "current")}: this heater would get ${format(own?.volts ?? 0, "voltage")} instead of ${format(heater.volts, "voltage")}, and the string ${format(settled.amps, "current")}.`,
    };
  }
  const off = settled.amps / wanted - 1;
  const change = (was.volts - heater.volts) / wanted;
  if (Math.abs(heater.volts / was.volts - 1) < 0.01) return { ...base, would, verdict: "drop-in" };
  const note = `The string settles at ${format(settled.amps, "current")} (${formatDeviation(off)}). ${change > 0 ? "Add" : "Take"} ${format(Math.abs(change), "resistance")} ${change > 0 ? "to" : "from"} the dropper to put it right.`;
  return { ...base, would, verdict: Math.abs(off) <= STRING_TOLERANCE ? "caution" : "rewiring", note };
}

/** A limit of the candidate against what the set puts on it, or against the original's own limit. */
function limitLine(
  what: string,
  asked: number | undefined,
  was: number | undefined,
  would: number | undefined,
  show: (value: number | undefined) => string,
): CompareLine[] {
  if (was === undefined && asked === undefined) return [];
  const line = { what, was: show(was), would: show(would) };
  if (would === undefined)
    return [{ ...line, verdict: "caution", note: "The table has no limit for it: look at its data sheet." }];
  if (asked !== undefined && asked > would)
    return [{ ...line, verdict: "no", note: `The set puts ${show(asked)} there.` }];
  if (asked !== undefined && (was === undefined || would >= was || asked <= 0.9 * would))
    return [{ ...line, verdict: "drop-in" }];
  const less = was !== undefined && would < was;
  const note = less
    ? `Stands less than the original${asked === undefined ? ": measure what the set puts there" : ""}.`
    : "";
  return [{ ...line, verdict: less ? "caution" : "drop-in", ...(note ? { note } : {}) }];
}

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
  const bias = cathodeBias(input);
  const usual = was.amps ? cathodeBias({ grid: was.grid, amps: was.amps, screenAmps: was.screenAmps }).ohms : undefined;
  const there = place.cathodeOhms ?? usual;
  if (!there) return { lines: [{ ...line, verdict: "caution" }], bias };
  const off = bias.ohms / there - 1;
  if (Math.abs(off) <= BIAS_SLACK) return { lines: [{ ...line, verdict: "drop-in" }], bias };
  const note = `Wants ${format(bias.ohms, "resistance")} at the cathode, ${place.cathodeOhms ? "there is" : "the original has"} ${format(there, "resistance")}: fit ${format(bias.preferred.ohms, "resistance")}, ${format(bias.rated, "power", 2)} or more.`;
  return { lines: [{ ...line, verdict: Math.abs(off) <= 2 * BIAS_SLACK ? "caution" : "rewiring", note }], bias };
}

function strengthLine(original: TubeType, candidate: TubeType): CompareLine[] {
  const was = nominalGm(original);
  const would = nominalGm(candidate);
  if (!was || !would) return [];
  const show = (gm: number) => `${Number((gm * 1e3).toPrecision(3))} mA/V`;
  const ratio = would / was;
  const line = { what: "transconductance", was: show(was), would: show(would) };
  if (Math.abs(ratio - 1) <= GM_SLACK) return [{ ...line, verdict: "drop-in" }];
  const note = ratio > 1 ? "More gain: mind instability and overload." : "Less gain.";
  return [{ ...line, verdict: "caution", note }];
}

/** Drop of a rectifier at a load, V: the sheet's drop scaled with the current; a vapour's hardly moves. */
export function dropAt(tube: TubeType, amps: number): number {
  const drop = tube.rectifier?.drop;
  if (!drop) return 0;
  const vapour = tube.traits.some((trait) => /vapour|xenon/.test(trait));
  // A vacuum diode follows the three-halves law, so its drop goes with the two-thirds power of the current.
  return vapour ? drop.volts : drop.volts * (amps / drop.amps) ** (2 / 3);
}

const heatsFast = (tube: TubeType) =>
  tube.pinout.pins.some(({ electrodes }) => electrodes.includes("f")) && tube.heaters.length > 0;

function rectifierLines(place: Place, candidate: TubeType): CompareLine[] {
  const was = place.original.rectifier;
  const would = candidate.rectifier;
  if (!was || !would) return [];
  const amps = (value: number) => format(value, "current");
  const lines: CompareLine[] = [];
  const load = place.loadAmps;
  lines.push({
    what: "current",
    was: amps(was.amps),
    would: amps(would.amps),
    verdict:
      load !== undefined && load > would.amps
        ? "no"
        : would.amps < was.amps
          ? load === undefined
            ? "caution"
            : "drop-in"
          : "drop-in",
    ...(load !== undefined ? { note: `The set draws ${amps(load)}.` } : {}),
  });
  const peak = place.supplyRms ? 2 * Math.SQRT2 * place.supplyRms : undefined;
  lines.push(...limitLine("peak inverse", peak, was.peakInverse, would.peakInverse, print.volts));
  const first = place.firstFarads;
  const largest = would.largestCapacitor;
  if (largest !== undefined) {
    const over = first !== undefined && first > largest * 1.001;
    lines.push({
      what: "largest first capacitor",
      was: was.largestCapacitor ? format(was.largestCapacitor, "capacitance") : "–",
      would: format(largest, "capacitance"),
      verdict: over ? "rewiring" : "drop-in",
      ...(over
        ? {
            note: `The set has ${format(first, "capacitance")}: the switch-on surge wears the cathode. Fit ${format(largest, "capacitance")} or less.`,
          }
        : {}),
    });
  }
  const current = load ?? Math.min(was.amps, would.amps) * 0.6;
  const move = dropAt(place.original, current) - dropAt(candidate, current);
  const bplus = place.bplus;
  const after = bplus === undefined ? undefined : bplus + move;
  const share = bplus ? Math.abs(move / bplus) : Math.abs(move) / 300;
  // More B+ than a capacitor is rated for is no, whatever the tube.
  const beyond = (place.capacitors ?? []).filter(
    ({ volts }) => after !== undefined && volts !== undefined && after > volts,
  );
  const over = beyond.map(({ designator, volts }) => ` ${designator} is rated ${print.volts(volts)}.`).join("");
  lines.push({
    what: `drop at ${amps(current)}`,
    was: print.volts(dropAt(place.original, current)),
    would: print.volts(dropAt(candidate, current)),
    verdict: over ? "no" : share > 0.05 ? "caution" : "drop-in",
    note: `B+ ${move < 0 ? "falls" : "rises"} by ${format(Math.abs(move), "voltage", 2)}${after === undefined ? "" : `, to about ${format(after, "voltage")}`}.${over}`,
  });
  const fast = heatsFast(candidate);
  const slow = !heatsFast(place.original);
  if (fast && slow) lines.push(noLoadLine(place, "warm-up", "slow cathode", "filament, at once"));
  return lines;
}

/** What a rectifier that is there before the tubes draw puts on every capacitor. */
function noLoadLine(place: Place, what: string, was: string, would: string): CompareLine {
  const peak = place.supplyRms ? Math.SQRT2 * place.supplyRms : undefined;
  const short = (place.capacitors ?? []).filter(
    ({ volts }) => peak !== undefined && volts !== undefined && volts < peak,
  );
  const unknown = (place.capacitors ?? []).filter(({ volts }) => volts === undefined);
  const beyond = short.map(({ designator, volts }) => `${designator} (${print.volts(volts)})`).join(", ");
  const level = peak === undefined ? "the no-load peak" : `${format(peak, "voltage")} without load`;
  return {
    what,
    was,
    would,
    verdict: short.length > 0 ? "no" : "caution",
    note: `Before the tubes draw, every capacitor on B+ stands at ${level}.${beyond ? ` Beyond their rating: ${beyond}.` : peak !== undefined && unknown.length === 0 ? " All are rated for it." : ""}`,
  };
}

const worst = (lines: readonly CompareLine[]): SubstituteVerdict =>
  lines.reduce<SubstituteVerdict>(
    (found, { verdict }) => (ANSWERS.indexOf(verdict) > ANSWERS.indexOf(found) ? verdict : found),
    "drop-in",
  );

/**
 * Holds one candidate against a position of a set.
 * @returns the answer, with every line that was compared; the worst line decides
 */
export function judgeSubstitute(place: Place, candidate: TubeType): Substitute {
  const { original } = place;
  const kin = kinship(original.kind, candidate.kind);
  const pins = rewiring(original.pinout, candidate.pinout);
  const socket = (tube: TubeType) => `${tube.pinout.base}, ${tube.pinout.name}`;
  const extra = pins.extra.map(electrodeWord);
  const rewired = pins.otherSocket || pins.moves.length > 0;
  const missing = pins.missing.filter((electrode) => !(electrode === "h" || electrode === "k"));
  const lines: CompareLine[] = [
    {
      what: "function",
      was: original.kind,
      would: candidate.kind,
      verdict: kin.verdict,
      ...(kin.note ? { note: kin.note } : {}),
    },
    {
      what: "base and pins",
      was: socket(original),
      would: socket(candidate),
      verdict: missing.length > 0 && kin.verdict !== "no" ? "no" : rewired ? "rewiring" : "drop-in",
      ...(missing.length > 0
        ? { note: `Has no ${missing.map(electrodeWord).join(", no ")}.` }
        : pins.otherSocket
          ? { note: "Another socket, or an adapter." }
          : extra.length > 0
            ? { note: `Has a ${extra.join(" and a ")} besides.` }
            : {}),
    },
    heaterLine(place, candidate),
  ];
  if (kin.verdict === "no") return { candidate, answer: "no", lines, rewiring: pins };
  if (rectifies(original)) lines.push(...rectifierLines(place, candidate));
  else {
    lines.push(
      ...limitLine("plate volts, most", place.plateVolts, original.limits.plate, candidate.limits.plate, print.volts),
      ...limitLine(
        "screen volts, most",
        place.screenVolts,
        original.limits.screen,
        candidate.limits.screen,
        print.volts,
      ),
      ...limitLine(
        "plate dissipation",
        undefined,
        original.limits.plateWatts,
        candidate.limits.plateWatts,
        print.watts,
      ),
      ...strengthLine(original, candidate),
    );
  }
  if (original.regulator && candidate.regulator) {
    const off = Math.abs(candidate.regulator.volts / original.regulator.volts - 1);
    lines.push({
      what: "regulated voltage",
      was: print.volts(original.regulator.volts),
      would: print.volts(candidate.regulator.volts),
      verdict: off < 0.02 ? "drop-in" : "no",
    });
  }
  const { lines: biasLines, bias } = biasLine(place, candidate);
  lines.push(...biasLines);
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

/** Silicon diodes in place of a tube rectifier: no drop, no warm-up, and what that does to the set. */
export function silicon(place: Place): CompareLine[] {
  const { original, loadAmps, bplus, supplyRms } = place;
  if (!original.rectifier) return [];
  const current = loadAmps ?? original.rectifier.amps * 0.6;
  const move = dropAt(original, current) - 1;
  const diode = supplyRms ? 2 * Math.SQRT2 * supplyRms : original.rectifier.peakInverse;
  return [
    {
      what: `drop at ${format(current, "current")}`,
      was: print.volts(dropAt(original, current)),
      would: "about 1 V",
      verdict: "caution",
      note: `B+ rises by ${format(move, "voltage", 2)}${bplus ? `, to about ${format(bplus + move, "voltage")}` : ""}.`,
    },
    noLoadLine(place, "warm-up", heatsFast(original) ? "filament" : "slow cathode", "at once"),
    {
      what: "peak inverse",
      was: print.volts(original.rectifier.peakInverse),
      would: `${format(1.5 * diode, "voltage", 2)} or more`,
      verdict: "rewiring",
      note: "Each diode wants half as much again as it sees, and a resistor against the surge.",
    },
  ];
}
