import type { Component } from "../model";
import { candidatesOf, type Candidate, type Way } from "./candidates";
import type { Change } from "./dc";
import type { Solved } from "./expect";

/**
 * What explains these readings: each part open, shorted, drifted, leaking, each tube weak or dead, one at a time, with its
 * severity fitted. Readings are compared on a scale that is a logarithm for large volts and straight for small ones, with
 * a covariance from the tolerances of all parts, so that a B+ that is low everywhere is one surprise and not ten.
 */

/** A reading at a node, with what the meter is to the circuit, V and Ω. */
export type NodeReading = { id: string; node: string; volts: number; meterOhms?: number };

/** How far good parts are from what is written on them, as one standard deviation of their logarithm. */
export type Spread = { parts: number; tubes: number; line: number; meter: number };
export const USUAL_SPREAD: Spread = { parts: 0.06, tubes: 0.1, line: 0.02, meter: 0.015 };

export type Explanation = {
  key: string;
  part: string;
  way: Way;
  /** Ω of the leak or of the part as it is now, share of the current of a weak tube; undefined where it has none */
  severity?: number;
  unit: Candidate["unit"];
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
  next?: { node: string; bits: number; says: { key: string; volts: number }[] };
  /** readings that no cause explains */
  strange: string[];
};

/**
 * Of the sets whose volts are read, in so many nothing is wrong that volts could show: beside all causes together. Shop’s
 * estimate.
 */
const NOTHING = 0.5;
/** One reading in so many is a slip: another point, another range. Shop’s estimate. */
const SLIP = 0.03;
/** How sure a slip is of its figure: hardly at all, on the scale of the readings. */
const SLIP_WIDE = 3;
/** Steps of a severity. */
const STEPS = 9;
const FINE = 6;
/** Below this, volts are told apart in volts and not in shares, V. */
const STRAIGHT = 0.5;
/** However small the volts, a reading is no better than this, V. */
const LAST_DIGIT = 0.08;
/** A meter that pulls its point down by less than this share does so in a straight line. */
const STRAIGHT_LOAD = 0.03;
/** A meter of more than 100 MΩ is none, S. */
const HARDLY_LOADS = 1e-8;
/** Causes whose readings lie closer to each other than this, in standard deviations, are twins. */
const TWIN = 1.2;

const scale = (volts: number) => Math.asinh(volts / STRAIGHT);

/** Cholesky of a small symmetric matrix, row by row. */
function cholesky(m: readonly Float64Array[]): Float64Array[] {
  const n = m.length;
  const l = m.map(() => new Float64Array(n));
  for (let i = 0; i < n; i += 1)
    for (let j = 0; j <= i; j += 1) {
      let sum = (m[i] as Float64Array)[j] as number;
      for (let k = 0; k < j; k += 1)
        sum -= ((l[i] as Float64Array)[k] as number) * ((l[j] as Float64Array)[k] as number);
      (l[i] as Float64Array)[j] =
        i === j ? Math.sqrt(Math.max(sum, 1e-12)) : sum / ((l[j] as Float64Array)[j] as number);
    }
  return l;
}

/** The square of a difference in the measure of a covariance, and the logarithm of its determinant. */
function distance(l: readonly Float64Array[], d: ArrayLike<number>): number {
  const n = l.length;
  const y = new Float64Array(n);
  let sum = 0;
  for (let i = 0; i < n; i += 1) {
    let rest = d[i] as number;
    for (let k = 0; k < i; k += 1) rest -= ((l[i] as Float64Array)[k] as number) * (y[k] as number);
    const one = rest / ((l[i] as Float64Array)[i] as number);
    y[i] = one;
    sum += one * one;
  }
  return sum;
}
const logDeterminant = (l: readonly Float64Array[]) => l.reduce((sum, row, i) => sum + Math.log(row[i] as number), 0);

/** Everything of one set that explanations need and that no reading changes. */
export function explainer(solved: Solved, components: readonly Component[], spread: Spread = USUAL_SPREAD) {
  const { compiled, solver, x: sound } = solved;
  const candidates = candidatesOf(compiled, components);
  const at = (node: string) => compiled.index.get(node) ?? -1;

  /** Parts that are not quite what is written on them: a change of one standard deviation each. */
  const drifts: Change[] = compiled.net.flatMap((element): Change[] => {
    if (element.kind === "resistor" && element.ohms > 0.5) {
      const g = 1 / element.ohms;
      return [{ shunts: [{ a: at(element.a), b: at(element.b), siemens: g * (Math.exp(-spread.parts) - 1) }] }];
    }
    const law = compiled.lawNames.indexOf(element.name);
    const tube = element.kind === "triode" || element.kind === "pentode" || element.kind === "supply";
    return tube ? [{ strength: new Map([[law, Math.exp(-spread.tubes)]]) }] : [];
  });

  return (readings: readonly NodeReading[], unmeasured: readonly string[] = compiled.nodes): Explained => {
    const known = readings.filter(({ node }) => at(node) >= 0);
    const n = known.length;
    const places = known.map(({ node }) => at(node));
    // Each meter loads its own point: by what that point is fed through. One that hardly loads it is left out.
    const loads = known.flatMap(({ meterOhms }, k) => {
      const siemens = meterOhms && Number.isFinite(meterOhms) ? 1 / meterOhms : 0;
      return siemens > HARDLY_LOADS ? [{ k, node: places[k] as number, siemens }] : [];
    });

    /** Volts at the readings' nodes with a change; undefined where nothing settles. */
    const predict = (change: Change, start: Float64Array): { y: Float64Array; x: Float64Array } | undefined => {
      const plain = solver.solve(change, start);
      if (!plain.ok) return undefined;
      const y = Float64Array.from(places, (node) => plain.x[node] as number);
      if (loads.length > 0)
        solver
          .sourceOhms(
            change,
            plain.x,
            loads.map(({ node }) => node),
          )
          .forEach((ohms, which) => {
            const { k, node, siemens } = loads[which] as (typeof loads)[number];
            const share = ohms * siemens;
            // What hardly moves moves in a straight line; the rest is solved with the meter in place.
            const loaded =
              share > STRAIGHT_LOAD &&
              solver.solve({ ...change, shunts: [...(change.shunts ?? []), { a: node, b: -1, siemens }] }, plain.x);
            y[k] = loaded && loaded.ok ? (loaded.x[node] as number) : (y[k] as number) / (1 + share);
          });
      return { y, x: plain.x };
    };

    const read = Float64Array.from(known, ({ volts }) => scale(volts));
    const base = predict({}, sound);
    if (!base || n === 0) return { causes: [], nothing: 1, twins: [], strange: [] };

    /** Covariance about a solution, from all parts at once. */
    const covariance = (change: Change, about: { y: Float64Array; x: Float64Array }): Float64Array[] => {
      const columns = drifts.flatMap((drift) => {
        const moved = predict(
          {
            shunts: [...(change.shunts ?? []), ...(drift.shunts ?? [])],
            strength: joined(change.strength, drift.strength),
          },
          about.x,
        );
        return moved ? [moved.y.map((v, k) => scale(v) - scale(about.y[k] as number))] : [];
      });
      const m = Array.from({ length: n }, () => new Float64Array(n));
      for (let i = 0; i < n; i += 1)
        for (let j = 0; j < n; j += 1) {
          let sum = 0;
          for (const column of columns) sum += (column[i] as number) * (column[j] as number);
          // The line moves all volts alike.
          const [ti, tj] = [Math.tanh(Math.abs(about.y[i] as number)), Math.tanh(Math.abs(about.y[j] as number))];
          sum += spread.line ** 2 * ti * tj;
          if (i === j) {
            const own = Math.abs(about.y[i] as number);
            // An error of the meter is a share of the volts, and never less than its last digit.
            const slope = 1 / Math.hypot(own, STRAIGHT);
            sum += (spread.meter * own * slope) ** 2 + (LAST_DIGIT * slope) ** 2;
          }
          (m[i] as Float64Array)[j] = sum;
        }
      return m;
    };

    /** Logarithm of the likelihood: all readings right, or one of them a slip. */
    const likelihoodOf = (m: readonly Float64Array[]) => {
      const whole = cholesky(m);
      const wholeLog = logDeterminant(whole);
      const without = known.map((_, skip) => {
        const rest = m
          .filter((_row, i) => i !== skip)
          .map((row) => Float64Array.from([...row].filter((_v, j) => j !== skip)));
        const l = cholesky(rest);
        return { l, log: logDeterminant(l) };
      });
      return (y: ArrayLike<number>): number => {
        const d = read.map((one, k) => one - scale(y[k] as number));
        const all = Math.log(1 - SLIP) * n - distance(whole, d) / 2 - wholeLog - (n * Math.log(2 * Math.PI)) / 2;
        let most = all;
        const parts = [all];
        without.forEach(({ l, log }, skip) => {
          const rest = [...d].filter((_v, k) => k !== skip);
          const one =
            Math.log(SLIP / (2 * SLIP_WIDE)) +
            Math.log(1 - SLIP) * (n - 1) -
            distance(l, rest) / 2 -
            log -
            ((n - 1) * Math.log(2 * Math.PI)) / 2;
          parts.push(one);
          most = Math.max(most, one);
        });
        return most + Math.log(parts.reduce((sum, one) => sum + Math.exp(one - most), 0));
      };
    };
    const soundCovariance = covariance({}, base);
    const quick = likelihoodOf(soundCovariance);

    type Fitted = { candidate: Candidate; log: number; severity: number; y: Float64Array; x: Float64Array };
    const fitted: Fitted[] = [];
    for (const candidate of candidates) {
      const grid =
        candidate.from === candidate.to
          ? [candidate.from]
          : Array.from(
              { length: STEPS },
              (_, k) => candidate.from * (candidate.to / candidate.from) ** (k / (STEPS - 1)),
            );
      let start: Float64Array = base.x;
      const points = grid.flatMap((severity) => {
        const here = predict(candidate.change(severity), start);
        if (!here) return [];
        start = here.x;
        return [{ severity, ...here, log: quick(here.y) }];
      });
      const best = points.reduce((a, b) => (b.log > a.log ? b : a), points[0] as (typeof points)[number]);
      if (!best) continue;
      // Between two steps the volts go smoothly: the likelihood is summed on a finer grid of straight lines.
      let sum = 0;
      let count = 0;
      let top = { log: best.log, severity: best.severity };
      const add = (log: number, severity: number) => {
        sum += Math.exp(log - best.log - 50);
        count += 1;
        if (log > top.log) top = { log, severity };
      };
      for (let k = 0; k < points.length; k += 1) {
        const a = points[k] as (typeof points)[number];
        const b = points[k + 1];
        add(a.log, a.severity);
        if (!b) continue;
        for (let f = 1; f < FINE; f += 1) {
          const t = f / FINE;
          const y = a.y.map((v, i) => v + t * ((b.y[i] as number) - v));
          add(quick(y), a.severity * (b.severity / a.severity) ** t);
        }
      }
      fitted.push({
        candidate,
        log: Math.log(sum / count) + best.log + 50,
        severity: top.severity,
        y: best.y,
        x: best.x,
      });
    }
    // For those that lead, the tolerances are counted where they are: with a tube that is dead others matter.
    const weigh = ({ candidate, log }: Fitted) => log + Math.log(candidate.often);
    fitted.sort((a, b) => weigh(b) - weigh(a));
    for (const one of fitted.slice(0, LEADERS)) {
      const change = one.candidate.change(one.severity);
      const here = predict(change, one.x);
      if (!here) continue;
      const own = likelihoodOf(covariance(change, here));
      // The share that the severity's uncertainty costs stays as it was summed.
      const spent = one.log - quick(here.y);
      one.log = own(here.y) + Math.min(0, spent);
      one.y = here.y;
      one.x = here.x;
    }
    fitted.sort((a, b) => weigh(b) - weigh(a));
    const everything = fitted.reduce((sum, { candidate }) => sum + candidate.often, 0);
    const nothing = quick(base.y) + Math.log(NOTHING * everything);
    const most = Math.max(nothing, ...fitted.map(weigh));
    const total = Math.exp(nothing - most) + fitted.reduce((sum, one) => sum + Math.exp(weigh(one) - most), 0);
    const sigma = known.map((_, k) => Math.sqrt((soundCovariance[k] as Float64Array)[k] as number));
    const causes = fitted.slice(0, SHOWN).map((one): Explanation => ({
      key: one.candidate.key,
      part: one.candidate.part,
      way: one.candidate.way,
      ...(one.candidate.unit === "none" ? {} : { severity: one.severity }),
      unit: one.candidate.unit,
      probability: Math.exp(weigh(one) - most) / total,
      fits: known.map(({ id }, k) => ({
        id,
        volts: one.y[k] as number,
        off: ((read[k] as number) - scale(one.y[k] as number)) / (sigma[k] as number),
      })),
      x: one.x,
    }));
    const [first] = causes;
    const shape = cholesky(soundCovariance);
    const apart = (one: Explanation, other: Explanation) =>
      Math.sqrt(
        distance(
          shape,
          one.fits.map(({ volts }, k) => scale(volts) - scale(other.fits[k]?.volts ?? 0)),
        ),
      );
    const twins = first
      ? causes
          .slice(1)
          .filter(
            (one) => one.part !== first.part && one.probability > first.probability / 20 && apart(one, first) < TWIN,
          )
          .map(({ key }) => key)
      : [];
    const measured = new Set(known.map(({ node }) => node));
    return {
      causes,
      nothing: Math.exp(nothing - most) / total,
      twins,
      ...nextPoint(
        causes,
        unmeasured.filter((node) => !measured.has(node)),
        at,
      ),
      strange: first ? first.fits.filter(({ off }) => Math.abs(off) > 4).map(({ id }) => id) : [],
    };
  };
}

/** Causes that are weighed with tolerances of their own, and causes that are given back. */
const LEADERS = 8;
const SHOWN = 12;

function joined(
  a: ReadonlyMap<number, number> | undefined,
  b: ReadonlyMap<number, number> | undefined,
): Map<number, number> {
  const all = new Map(a ?? []);
  for (const [law, share] of b ?? []) all.set(law, (all.get(law) ?? 1) * share);
  return all;
}

/** Standard deviation of a point that was not measured yet, on the scale of the readings. */
const UNMEASURED = 0.08;

/**
 * The point that tells the leading causes apart: the information of a mixture of bells, by the distance of each pair
 * (Kolchinsky and Tracey, 2017, with the Bhattacharyya distance), bits.
 */
function nextPoint(
  causes: readonly Explanation[],
  nodes: readonly string[],
  at: (node: string) => number,
): Pick<Explained, "next"> {
  const leaders = causes.filter(({ probability }) => probability > 0.01).slice(0, LEADERS);
  const sum = leaders.reduce((all, { probability }) => all + probability, 0);
  let best: Explained["next"];
  for (const node of nodes) {
    const k = at(node);
    if (k < 0) continue;
    const y = leaders.map(({ x }) => scale(x[k] as number));
    let bits = 0;
    leaders.forEach(({ probability }, i) => {
      let like = 0;
      leaders.forEach((other, j) => {
        like +=
          (other.probability / sum) * Math.exp(-(((y[i] as number) - (y[j] as number)) ** 2) / (8 * UNMEASURED ** 2));
      });
      bits -= (probability / sum) * Math.log2(like);
    });
    if (bits > (best?.bits ?? 0.05))
      best = { node, bits, says: leaders.map(({ key, x }) => ({ key, volts: x[k] as number })) };
  }
  return best ? { next: best } : {};
}
