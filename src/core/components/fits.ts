import type { Component, Sheet } from "../model";
import { partRules } from "../model";
import { format, formatDeviation, parsePart, type PartSpec } from "../quantity";
import { pairOf, type Piece } from "./combine";
import type { PlanNeed } from "./needs";
import { KIND_WORDS } from "./rules";

/** What a part lacks for its place. `unknown`: its marking does not say, so the part itself must be looked at. */
export type Lack = { what: "class" | "volts" | "watts" | "value" | "count" | "unknown"; text: string };

type Asked = Pick<PlanNeed, "quantity" | "value" | "window" | "volts" | "watts" | "mains" | "kind">;

/** Room for the noise of binary fractions, so that a value on the edge of a window lies in it. */
const EDGE = 1e-9;

function classLack({ mains, kind }: Asked, { safety }: PartSpec): Lack[] {
  if (!mains) return [];
  if (!safety)
    return [{ what: "class", text: `an ordinary capacitor in a mains role; ${KIND_WORDS[kind]} goes in here` }];
  if (kind === "Y" && !safety.startsWith("Y"))
    return [{ what: "class", text: `class ${safety} between the mains and the chassis; only Y1 or Y2 goes in here` }];
  return [];
}

function voltsLack({ volts, mains }: Asked, { volts: marked, direct }: PartSpec): Lack[] {
  if (volts === undefined) return [];
  // A direct rating says nothing about how much alternating voltage the part bears.
  const rated = mains && direct ? undefined : marked;
  const unit = mains ? " of alternating voltage" : "";
  const asked = `${format(volts, "voltage")}${unit}`;
  if (rated === undefined)
    return [{ what: "unknown", text: `its rating is not on record; ${asked} or more is needed` }];
  return rated >= volts * (1 - EDGE)
    ? []
    : [{ what: "volts", text: `rated ${format(rated, "voltage")}${unit}: less than the ${asked} needed here` }];
}

function wattsLack({ watts }: Asked, rated: number | undefined): Lack[] {
  if (watts === undefined) return [];
  if (rated === undefined)
    return [{ what: "unknown", text: `its wattage is not on record; ${format(watts, "power")} or more is needed` }];
  return rated >= watts * (1 - EDGE)
    ? []
    : [{ what: "watts", text: `rated ${format(rated, "power")}: less than the ${format(watts, "power")} needed here` }];
}

function valueLack({ quantity, value, window: [low, high], mains }: Asked, fitted: number): Lack[] {
  const shown = format(fitted, quantity);
  const off = `${shown} (${formatDeviation(fitted / value - 1)} of ${format(value, quantity)})`;
  if (fitted > high * (1 + EDGE))
    return [{ what: "value", text: `${off} is above the ${format(high, quantity)} allowed here` }];
  // Across the line a smaller capacitor filters less and harms nobody.
  if (fitted < low * (1 - EDGE) && !mains)
    return [{ what: "value", text: `${off} is below the ${format(low, quantity)} needed here` }];
  return [];
}

/**
 * What a part lacks for a place, by the rules that it would be chosen by: safety class, alternating or direct rating,
 * wattage, value. Nothing lacking: it may go in, and it may stay.
 */
export function lacks(need: Asked, spec: Omit<PartSpec, "sections">, value: number): Lack[] {
  const full = { ...spec, sections: [value] };
  return [
    ...classLack(need, full),
    ...voltsLack(need, full),
    ...wattsLack(need, spec.watts),
    ...valueLack(need, value),
  ];
}

type Unit = { spec: PartSpec; value: number };

const unitsOf = (specs: readonly PartSpec[]): Unit[] =>
  specs.flatMap((spec) => spec.sections.map((value) => ({ spec, value })));

/** Two parts in one place count as one: beside each other or in a row, whichever makes the value. */
function asPair(need: PlanNeed, [a, b]: readonly [Unit, Unit]): Unit {
  const piece = ({ spec, value }: Unit): Piece => ({ value, volts: spec.volts, watts: spec.watts });
  const ways = (["parallel", "series"] as const).map((way) => pairOf(need.quantity, way, piece(a), piece(b)));
  const off = ({ value }: { value: number }) => Math.abs(Math.log(value / need.value));
  const pair = ways.reduce((best, one) => (off(one) < off(best) ? one : best));
  const { volts: _volts, watts: _watts, safety, ...spec } = a.spec;
  return {
    value: pair.value,
    spec: {
      ...spec,
      sections: [pair.value],
      ...(pair.volts === undefined ? {} : { volts: pair.volts }),
      ...(pair.watts === undefined ? {} : { watts: pair.watts }),
      ...(safety && b.spec.safety ? { safety } : {}),
      ...(b.spec.direct ? { direct: true } : {}),
    },
  };
}

/** The fitted unit that lacks least of what a need asks for. */
function bestFor(need: PlanNeed, units: readonly Unit[]): { unit: Unit; lack: Lack[] } | undefined {
  const all = units.map((unit) => ({ unit, lack: lacks(need, unit.spec, unit.value) }));
  const off = ({ unit }: { unit: Unit }) => (unit.value > 0 ? Math.abs(Math.log(unit.value / need.value)) : Infinity);
  return all.sort((a, b) => a.lack.length - b.lack.length || off(a) - off(b))[0];
}

export type Lacking = { designator: string; lack: Lack };

/**
 * Holds parts against what a place needs: every need by the part, or the section, that suits it best. Two parts in the
 * place of one count as a pair.
 * @returns what is lacking, with the designator of the section; nothing where all fits
 */
export function lacksOfParts(needs: readonly PlanNeed[], parts: readonly PartSpec[]): Lacking[] {
  const [need] = needs;
  const [one, two] = parts;
  const left = unitsOf(parts);
  const [first, second] = left;
  if (needs.length === 1 && need && one && two && first && second && parts.length === 2 && left.length === 2) {
    const pair = asPair(need, [first, second]);
    return lacks(need, pair.spec, pair.value).map((lack) => ({ designator: need.designator, lack }));
  }
  // The most demanding place takes its part first; a part that fits a place is not taken for one that it does not fit.
  const order = [...needs].sort((a, b) => (b.volts ?? 0) - (a.volts ?? 0));
  const served = new Set<PlanNeed>();
  const take = (asked: PlanNeed, unit: Unit) => {
    served.add(asked);
    left.splice(left.indexOf(unit), 1);
  };
  for (const asked of order) {
    const best = bestFor(asked, left);
    if (best && best.lack.length === 0) take(asked, best.unit);
  }
  return order
    .filter((asked) => !served.has(asked))
    .flatMap((asked): Lacking[] => {
      const best = bestFor(asked, left);
      if (!best)
        return [
          { designator: asked.designator, lack: { what: "count", text: "no part is on record for this section" } },
        ];
      take(asked, best.unit);
      return best.lack.map((lack) => ({ designator: asked.designator, lack }));
    });
}

/** The same for parts that were written down as markings. A bare figure at an electrolytic's place is read as one. */
export function lacksOf(
  component: Component,
  sheet: Pick<Sheet, "dialect">,
  needs: readonly PlanNeed[],
  markings: readonly string[],
): Lacking[] {
  if (needs.length === 0 || markings.length === 0) return [];
  const rules = partRules({ ...sheet, components: [component] }, component.designator);
  const read = markings.map((text) => ({ text, parsed: parsePart(text, rules) }));
  const strange = read.find(({ parsed }) => !parsed.ok);
  if (strange)
    return [
      {
        designator: component.designator,
        lack: { what: "unknown", text: `“${strange.text}” does not say what sits there; look at the part` },
      },
    ];
  return lacksOfParts(
    needs,
    read.flatMap(({ parsed }) => (parsed.ok ? [parsed.value] : [])),
  );
}
