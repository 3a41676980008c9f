import type { Policy, Switches } from "../policy";
import type { Role } from "../model";
import { format, formatDeviation } from "../quantity";
import { judge } from "../readings";
import { electrolyticLeakage } from "../thumb";
import { HOT_SHARE } from "./rules";

export type PartVerdict = "good" | "watch" | "bad" | "none";
export type PartJudgement = { verdict: PartVerdict; reasons: string[] };

/** tan δ of an electrolytic that is still good, at 100 or 120 Hz, where its rating is not known. Data sheets: 0.15 to 0.25. */
export const ELECTROLYTIC_TAN = 0.2;
/** The same by rating: the lower the voltage, the more the data sheets allow. Up to so many volts, tan δ. */
const TAN_BY_RATING: readonly (readonly [volts: number, tan: number])[] = [
  [16, 0.25],
  [160, 0.2],
  [Infinity, 0.15],
];
/** tan δ of a film capacitor above which it is lossy, at 1 kHz. Shop rule, from film data sheets at 0.01. */
export const FILM_TAN = 0.02;
/** Frequency at which ESR is judged where nobody says another, Hz. */
export const ESR_HZ = 100;
/** A next grid may be shifted by these shares of its bias by a leaky coupling capacitor. Shop rules. */
export const SHIFT_WATCH = 0.03;
export const SHIFT_BAD = 0.1;
/**
 * Insulation of a film or paper capacitor outside coupling, Ω. Shop rules.
 * @example 200 V over 4 µA is 50 MΩ: good; over 20 µA 10 MΩ: the last that is not bad
 */
export const INSULATION_WATCH = 50e6;
export const INSULATION_BAD = 10e6;
/** So many times the leakage of a new electrolytic, after reforming, is its end. Shop rule. */
export const LEAKAGE_BAD = 5;
/** Leakage measured below this share of the working voltage does not prove a capacitor good. Shop rule. */
export const WORKING_SHARE = 0.8;

/** tan δ that an electrolytic of a rating may have. @param volts its rating, where it is known */
export const tanLimit = (volts?: number): number =>
  volts === undefined ? ELECTROLYTIC_TAN : (TAN_BY_RATING.find(([most]) => volts <= most)?.[1] ?? ELECTROLYTIC_TAN);

/** Greatest ESR of an electrolytic: tan δ/(2π·f·C). C above 0 F, f above 0 Hz. */
export const esrLimit = (farads: number, hertz = ESR_HZ, tan = ELECTROLYTIC_TAN): number =>
  tan / (2 * Math.PI * hertz * farads);

/** What a leaky coupling capacitor puts on the next grid: V_plate · R_g/(R_g + R_leak). Volts and ohms, above zero. */
export function gridShift(plateVolts: number, gridOhms: number, leakOhms: number): number {
  if (!(gridOhms > 0) || !(leakOhms > 0)) throw new RangeError("resistances above zero are needed");
  return (plateVolts * gridOhms) / (gridOhms + leakOhms);
}

export type MeasuredCapacitor = {
  farads?: number | undefined;
  esr?: number | undefined;
  tan?: number | undefined;
  hertz?: number | undefined;
  leakAmps?: number | undefined;
  /** at which voltage the leakage was measured */
  atVolts?: number | undefined;
};

export type CapacitorPlace = {
  role: Role;
  /** drawn value, F */
  nominal?: number | undefined;
  /** window of the value in this role, as fractions */
  low: number;
  high: number;
  electrolytic: boolean;
  /** rating, V: it decides how lossy an electrolytic may be */
  ratedVolts?: number | undefined;
  /** what it works at in the set, V */
  workingVolts?: number | undefined;
  /** of a coupling capacitor: the stage that it feeds */
  next?: NextStage | undefined;
};

/** The stage behind a coupling capacitor: the plate that drives it, its grid leak, its bias. V and Ω. */
export type NextStage = {
  plateVolts: number;
  gridOhms: number;
  bias: number;
  name: string;
  /** which of it is not the sheet's, as a sentence */
  assumed?: string | undefined;
};

/** A grid leak where the sheet has none, Ω. Shop rule: what output and audio stages usually have. */
export const USUAL_GRID_LEAK = 470e3;
/**
 * A bias where neither chart nor tube table tells it, V. Shop rule: an output stage's, the one that is hurt most.
 * @example 62.5 MΩ from 250 V on 470 kΩ: 1.87 V, 19 % of 10 V: bad
 */
export const USUAL_BIAS = 10;

/** What is known of the next stage, and usual figures for the rest, with the sentence that says so. */
export function nextStage(known: Partial<NextStage> & { plateVolts: number }): NextStage {
  const assumed = [
    known.gridOhms ? "" : `a usual grid leak of ${format(USUAL_GRID_LEAK, "resistance")}`,
    known.bias ? "" : `a usual bias of ${format(USUAL_BIAS, "voltage")}`,
  ].filter(Boolean);
  return {
    plateVolts: known.plateVolts,
    gridOhms: known.gridOhms || USUAL_GRID_LEAK,
    bias: known.bias || USUAL_BIAS,
    name: known.name ?? "the next stage",
    ...(assumed.length > 0 ? { assumed: `Reckoned with ${assumed.join(" and ")}: the sheet has none.` } : {}),
  };
}

const RANK: PartVerdict[] = ["none", "good", "watch", "bad"];

function judgeLeakage(measured: MeasuredCapacitor, place: CapacitorPlace): PartJudgement {
  const { leakAmps, atVolts } = measured;
  if (leakAmps === undefined) return { verdict: "none", reasons: [] };
  if (!atVolts)
    return { verdict: "none", reasons: ["At which voltage was the leakage measured? Without it nothing follows."] };
  const ohms = leakAmps > 0 ? atVolts / leakAmps : Infinity;
  const reasons: string[] = [];
  let verdict: PartVerdict = "good";
  const { nominal, electrolytic, workingVolts } = place;
  if (place.role === "coupling") {
    const next = place.next ?? nextStage({ plateVolts: workingVolts ?? atVolts });
    const shift = ohms === Infinity ? 0 : gridShift(next.plateVolts, next.gridOhms, ohms);
    const share = shift / next.bias;
    verdict = share > SHIFT_BAD ? "bad" : share > SHIFT_WATCH ? "watch" : "good";
    reasons.push(
      `${ohms === Infinity ? "No leakage" : `${format(ohms, "resistance")} of leakage`} lifts the grid of ${next.name} by ${format(shift, "voltage")}, ${format(share, "percent", 2)} of its ${format(next.bias, "voltage")} bias.`,
      ...(next.assumed ? [next.assumed] : []),
    );
  } else if (electrolytic && nominal) {
    const limit = electrolyticLeakage(nominal, atVolts);
    verdict = leakAmps > LEAKAGE_BAD * limit ? "bad" : leakAmps > limit ? "watch" : "good";
    const end = verdict === "bad" ? "beyond reforming" : verdict === "watch" ? "reform it and measure again" : "as new";
    reasons.push(
      `Leaks ${format(leakAmps, "current")} at ${format(atVolts, "voltage")}, limit ${format(limit, "current")}: ${end}.`,
    );
  } else {
    verdict = ohms < INSULATION_BAD ? "bad" : ohms < INSULATION_WATCH ? "watch" : "good";
    if (ohms !== Infinity)
      reasons.push(`Insulation ${format(ohms, "resistance")} (good from ${format(INSULATION_WATCH, "resistance")}).`);
  }
  if (workingVolts && atVolts < WORKING_SHARE * workingVolts && verdict !== "bad") {
    reasons.push(
      `Measured at ${format(atVolts, "voltage")}; it works at ${format(workingVolts, "voltage")}: leakage counts at working voltage.`,
    );
    verdict = "watch";
  }
  return { verdict, reasons };
}

/**
 * Judges a capacitor by what was measured: value in the window of its role, loss, leakage at its working voltage.
 * @returns the worst of the three, with the reason of each; `none` when nothing was measured that says something
 */
export function judgeCapacitor(measured: MeasuredCapacitor, place: CapacitorPlace): PartJudgement {
  const said: PartJudgement[] = [];
  const { farads, esr, tan, hertz = ESR_HZ } = measured;
  const { nominal, low, high, electrolytic } = place;
  if (farads !== undefined && nominal) {
    const off = farads / nominal - 1;
    const inside = off >= low - 1e-9 && off <= high + 1e-9;
    const window = inside ? "" : `, outside ${formatDeviation(low)} to ${formatDeviation(high)}`;
    const readsHigh = !electrolytic && off > 0.2;
    said.push({
      verdict: inside ? "good" : "bad",
      reasons: [
        `${format(farads, "capacitance")} is ${formatDeviation(off)}${window}.`,
        ...(readsHigh ? ["A paper capacitor that reads high usually leaks: measure that."] : []),
      ],
    });
  }
  const value = farads ?? nominal;
  if (electrolytic && esr !== undefined && value) {
    const allowed = tanLimit(place.ratedVolts);
    const limit = esrLimit(value, hertz, allowed);
    said.push({
      verdict: esr > 2 * limit ? "bad" : esr > limit ? "watch" : "good",
      reasons: [
        `ESR ${format(esr, "resistance")}, limit ${format(limit, "resistance")} (tan δ ${allowed}${place.ratedVolts ? ` for ${format(place.ratedVolts, "voltage")}` : ""} at ${format(hertz, "frequency")}).`,
      ],
    });
  }
  if (tan !== undefined) {
    const limit = electrolytic ? tanLimit(place.ratedVolts) : FILM_TAN;
    said.push({
      verdict: tan > 2 * limit ? "bad" : tan > limit ? "watch" : "good",
      reasons: [`tan δ ${Number(tan.toPrecision(2))}, limit ${limit}.`],
    });
  }
  said.push(judgeLeakage(measured, place));
  // The reason that decides comes first.
  said.sort((a, b) => RANK.indexOf(b.verdict) - RANK.indexOf(a.verdict));
  const verdict = said[0]?.verdict ?? "none";
  const reasons = said.flatMap((one) => one.reasons);
  if (measured.leakAmps === undefined && verdict === "good" && !electrolytic)
    reasons.push("Its leakage at working voltage was not measured: that is what paper fails on.");
  return { verdict, reasons };
}

type ResistorSchool = NonNullable<Switches["resistors"]>;

/** Which school a policy follows for resistors, where the visit has not chosen for itself. */
export const resistorSchool = (policy: Policy): ResistorSchool =>
  (({ reliability: "nominal", original: "twice", museum: "keep" }) as const)[policy];

export type MeasuredResistor = { ohms: number; where: "in-circuit" | "lifted" | "out" };

/**
 * Judges a resistor under a school. In circuit a reading above tolerance proves drift, one below proves nothing.
 * @param nominal Ω, above zero @param tolerance fraction
 */
export function judgeResistor(
  measured: MeasuredResistor,
  nominal: number,
  tolerance: number,
  school: ResistorSchool,
): PartJudgement {
  const expected = { value: nominal, tolerance };
  const first = judge({
    quantity: "resistance",
    measured: measured.ohms,
    expected,
    inCircuit: measured.where === "in-circuit",
  });
  if (first.verdict === "no-proof" || first.verdict === "none") return { verdict: "none", reasons: first.reasons };
  if (first.verdict === "good") return { verdict: "good", reasons: first.reasons };
  const off = Math.abs(measured.ohms / nominal - 1);
  const limit = format(2 * tolerance, "percent");
  if (school === "nominal")
    return { verdict: "bad", reasons: [...first.reasons, "Beyond its tolerance: replaced under this school."] };
  if (school === "twice")
    return off > 2 * tolerance + 1e-9
      ? { verdict: "bad", reasons: [...first.reasons, `Beyond twice its tolerance (±${limit}).`] }
      : { verdict: "watch", reasons: [...first.reasons, `Within twice its tolerance (±${limit}): stays, noted.`] };
  return off > 0.5 || measured.ohms >= 10 * nominal
    ? { verdict: "bad", reasons: [...first.reasons, "Half its value off: it no longer does its work."] }
    : { verdict: "watch", reasons: [...first.reasons, "Left while the set works, and noted."] };
}

/** How hot a resistor is run: dissipation over wattage. From half of its wattage on it is a hot spot. */
export function hotSpot(dissipated: number, watts: number): { share: number; hot: boolean } {
  if (!(dissipated >= 0) || !(watts > 0)) throw new RangeError("a dissipation and a wattage above zero are needed");
  const share = dissipated / watts;
  return { share, hot: share > HOT_SHARE + 1e-9 };
}
