import type { Component } from "../model";
import { candidatesOf } from "./candidates";
import { joined, type Change } from "./change";
import type { Solved } from "./expect";
import { cholesky, distance, likelihoodOf, logSum, scale, STRAIGHT, type Matrix } from "./likelihood";
import { fit, type Fault, type Fitted, type Predict, type Predicted } from "./fit";
import { nextPoint, type NextPoint } from "./next-point";
import { pairsOf, type Pair } from "./pairs";

/**
 * What explains these readings: each part open, shorted, drifted, leaking, each tube weak or dead, with its severity
 * fitted; one at a time, and in pairs where none explains them alone. The readings’ covariance comes from the tolerances of
 * all parts, so that a B+ that is low everywhere is one surprise and not ten.
 */

/** A reading at a node, with what the meter is to the circuit, V and Ω. */
export type NodeReading = { id: string; node: string; volts: number; meterOhms?: number };

/** How far good parts are from what is written on them, as one standard deviation of their logarithm. */
export type Spread = { parts: number; tubes: number; line: number; meter: number };
export const USUAL_SPREAD: Spread = { parts: 0.06, tubes: 0.1, line: 0.02, meter: 0.015 };

export type Explanation = Fault & {
  key: string;
  /** a second part, where one alone does not explain what was read */
  also?: Fault;
  probability: number;
  /** of each reading: what would be read with it, and how far that is off, in standard deviations */
  fits: { id: string; volts: number; off: number }[];
  /** volts of every node with it, for what is not measured yet */
  x: Float64Array;
};

export type Explained = {
  /** likeliest first */
  causes: Explanation[];
  /** nothing is wrong that these readings could show */
  nothing: number;
  /** causes that these readings cannot tell from the first one */
  twins: string[];
  /** the next point that best tells the leading causes apart */
  next?: NextPoint;
  /** readings that no cause explains */
  strange: string[];
  /** of every cause: how many times likelier the readings are with it than with nothing wrong */
  times: [key: string, times: number][];
};

/**
 * Of the sets whose volts are read, in so many nothing is wrong that volts could show: beside all causes together. Shop's
 * estimate.
 * @example of three sets that are measured, one has nothing wrong that a voltmeter could find
 */
const NOTHING = 0.5;
/** A meter that pulls its point down by less than this share does so in a straight line. */
const STRAIGHT_LOAD = 0.03;
/** However small the volts, a reading is no better than this, V. */
const LAST_DIGIT = 0.08;
/** A meter of more than 100 MΩ is none, S. */
const HARDLY_LOADS = 1e-8;
/** Causes whose readings lie closer to each other than this, in standard deviations, are twins … */
const TWIN = 1.2;
/** … where the less likely one has at least this share of the other. */
const TWIN_SHARE = 0.05;
/** Beyond so many standard deviations a reading is strange. */
const STRANGE = 4;
/** However far off, readings are no stronger evidence than this, as a logarithm: a probe may slip. */
const MOST_TELLING = Math.log(1e6);
/** Causes that are weighed with tolerances of their own, and causes that are given back. */
const LEADERS = 8;
const SHOWN = 12;

/** Parts that are not quite what is written on them: a change of one standard deviation each. */
function driftsOf({ compiled }: Solved, spread: Spread): Change[] {
  const at = (node: string) => compiled.index.get(node) ?? -1;
  return compiled.net.flatMap((element): Change[] => {
    if (element.kind === "resistor" && element.ohms > 0.5) {
      const siemens = (Math.exp(-spread.parts) - 1) / element.ohms;
      return [{ shunts: [{ a: at(element.a), b: at(element.b), siemens }] }];
    }
    const spreads = element.kind === "triode" || element.kind === "pentode" || element.kind === "supply";
    const law = compiled.lawNames.indexOf(element.name);
    return spreads ? [{ strength: new Map([[law, Math.exp(-spread.tubes)]]) }] : [];
  });
}

/** What the meters of some readings would show: each loads its own point, by what that point is fed through. */
function predictor({ compiled, solver }: Solved, readings: readonly NodeReading[]): Predict {
  const places = readings.map(({ node }) => compiled.index.get(node) ?? -1);
  const loads = readings.flatMap(({ meterOhms }, k) => {
    const siemens = meterOhms && Number.isFinite(meterOhms) ? 1 / meterOhms : 0;
    return siemens > HARDLY_LOADS ? [{ k, node: places[k] as number, siemens }] : [];
  });
  const loaded = loads.map(({ node }) => node);
  return (change, start) => {
    const plain = solver.solve(change, start);
    if (!plain.ok) return undefined;
    const y = Float64Array.from(places, (node) => plain.x[node] as number);
    if (loads.length === 0) return { y, x: plain.x };
    solver.sourceOhms(change, plain.x, loaded).forEach((ohms, which) => {
      const { k, node, siemens } = loads[which] as (typeof loads)[number];
      const share = ohms * siemens;
      // What hardly moves moves in a straight line; the rest is solved with the meter in place.
      const pulled =
        share > STRAIGHT_LOAD &&
        solver.solve({ ...change, shunts: [...(change.shunts ?? []), { a: node, b: -1, siemens }] }, plain.x);
      y[k] = pulled && pulled.ok ? (pulled.x[node] as number) : (y[k] as number) / (1 + share);
    });
    return { y, x: plain.x };
  };
}

/** How far good sets with a change read from one another: covariance about what is predicted. */
function covarianceOf(
  predict: Predict,
  drifts: readonly Change[],
  spread: Spread,
  change: Change,
  about: Predicted,
): Matrix {
  const columns = drifts.flatMap((drift) => {
    const moved = predict(joined(change, drift), about.x);
    return moved ? [moved.y.map((v, k) => scale(v) - scale(about.y[k] as number))] : [];
  });
  const volts = [...about.y].map(Math.abs);
  return volts.map((own, i) =>
    Float64Array.from(volts, (other, j) => {
      let sum = columns.reduce((all, column) => all + (column[i] as number) * (column[j] as number), 0);
      // The line moves all volts alike.
      sum += spread.line ** 2 * Math.tanh(own) * Math.tanh(other);
      if (i !== j) return sum;
      // An error of the meter is a share of the volts, and never less than its last digit.
      const slope = 1 / Math.hypot(own, STRAIGHT);
      return sum + (spread.meter * own * slope) ** 2 + (LAST_DIGIT * slope) ** 2;
    }),
  );
}

/** Everything of one set that explanations need and that no reading changes. */
export function explainer(solved: Solved, components: readonly Component[], spread: Spread = USUAL_SPREAD) {
  const { compiled } = solved;
  const candidates = candidatesOf(compiled, components);
  const drifts = driftsOf(solved, spread);

  return (readings: readonly NodeReading[], unmeasured: readonly string[] = compiled.nodes): Explained => {
    const known = readings.filter(({ node }) => compiled.index.has(node));
    const predict = predictor(solved, known);
    const base = predict({}, solved.x);
    if (!base || known.length === 0) return { causes: [], nothing: 1, twins: [], strange: [], times: [] };
    const read = Float64Array.from(known, ({ volts }) => scale(volts));
    const covariance = covarianceOf(predict, drifts, spread, {}, base);
    const likelihood = likelihoodOf(read, covariance);

    const fitted = candidates.flatMap((candidate) => fit(candidate, predict, base.x, likelihood) ?? []);
    const weight = ({ candidate, log }: Fitted) => log + Math.log(candidate.often);
    const byWeight = (a: Fitted, b: Fitted) => weight(b) - weight(a);
    fitted.sort(byWeight);
    // For those that lead, the tolerances are counted where they are: with a tube that is dead others matter.
    const leaders = fitted.slice(0, LEADERS).map((one): Fitted => {
      const change = one.candidate.change(one.severity);
      const here = predict(change, one.x);
      if (!here) return one;
      const own = likelihoodOf(read, covarianceOf(predict, drifts, spread, change, here));
      // The share that the severity’s uncertainty costs stays as it was summed.
      const spent = Math.min(0, one.log - likelihood(here.y));
      return { ...one, ...here, log: own(here.y) + spent };
    });
    const singles = [...leaders, ...fitted.slice(LEADERS)].sort(byWeight);
    const often = singles.reduce((sum, { candidate }) => sum + candidate.often, 0);
    const sigma = covariance.map((row, k) => Math.sqrt(row[k] as number));
    const offOf = ({ y }: Predicted) =>
      known.map((_, k) => ((read[k] as number) - scale(y[k] as number)) / (sigma[k] as number));
    const [best] = singles;
    // One reading that does not fit is a slip of the probe sooner than a second fault.
    const unexplained = best !== undefined && offOf(best).filter((off) => Math.abs(off) > STRANGE).length > 1;
    const pairs = unexplained ? pairsOf(singles, candidates, { predict, likelihood, often }) : [];
    const all: (Fitted & Partial<Pair>)[] = [...singles, ...pairs].sort(byWeight);
    const sound = likelihood(base.y);
    const nothing = sound + Math.log(NOTHING * often);
    const total = logSum([nothing, ...all.map(weight)]);

    const causes = all.slice(0, SHOWN).map((one): Explanation => {
      const { key, part, way, unit } = one.candidate;
      const off = offOf(one);
      const fits = known.map(({ id }, k) => ({ id, volts: one.y[k] as number, off: off[k] as number }));
      const severity = unit === "none" ? {} : { severity: one.severity };
      const also = one.also ? { also: one.also } : {};
      return { key, part, way, ...severity, unit, ...also, probability: Math.exp(weight(one) - total), fits, x: one.x };
    });
    const [first, ...others] = causes;
    const shape = cholesky(covariance);
    const isTwin = (one: Explanation, other: Explanation) =>
      one.part !== other.part &&
      one.probability > TWIN_SHARE * other.probability &&
      distance(
        shape,
        one.fits.map(({ volts }, k) => scale(volts) - scale(other.fits[k]?.volts ?? 0)),
      ) <
        TWIN ** 2;
    const measured = new Set(known.map(({ node }) => node));
    const open = unmeasured.flatMap((node) => {
      const at = compiled.index.get(node);
      return at === undefined || measured.has(node) ? [] : [{ node, at }];
    });
    const next = nextPoint(causes, open);
    return {
      causes,
      nothing: Math.exp(nothing - total),
      twins: first ? others.filter((one) => isTwin(one, first)).map(({ key }) => key) : [],
      ...(next ? { next } : {}),
      times: singles.map(({ candidate, log }) => [candidate.key, Math.exp(Math.min(MOST_TELLING, log - sound))]),
      strange: first ? first.fits.filter(({ off }) => Math.abs(off) > STRANGE).map(({ id }) => id) : [],
    };
  };
}
