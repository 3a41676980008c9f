import type { Component } from "../model";
import type { Compiled } from "./compile";
import type { Change, Shunt } from "./dc";
import { GROUND, type Element } from "./net";

/** How a part fails, as the circuit feels it. */
export const WAYS = [
  "leaks",
  "shorted",
  "open",
  "high",
  "low",
  "weak",
  "dead",
  "heater to cathode",
  "gas",
  "to case",
] as const;
export type Way = (typeof WAYS)[number];

/** One thing that may be wrong, as a change of the circuit by its severity. */
export type Candidate = {
  key: string;
  part: string;
  way: Way;
  /** share of a thousand faults found, before anything was measured */
  often: number;
  /** severities that are tried, evenly in their logarithm; one where it has none */
  from: number;
  to: number;
  /** Ω of a leak or of the part as it is now; share of current of a weak tube */
  unit: "Ω" | "share" | "none";
  change: (severity: number) => Change;
};

/**
 * How often parts fail so, in a thousand faults. Shop's estimates, as in the search’s table of faults.
 * @example of a thousand faults sixteen are a given coupling capacitor that leaks, and four one that is shorted
 */
const OFTEN = {
  leak: 9,
  couplingLeak: 16,
  capacitorShort: 4,
  resistorHigh: 9,
  resistorOpen: 5,
  resistorLow: 1,
  windingOpen: 5,
  tubeWeak: 14,
  tubeDead: 5,
  heaterCathode: 3,
  gas: 5,
  whiskers: 4,
} as const;

/** An open end still leaks a little, and a short is no superconductor, S. */
const OPEN = 1e-10;
const SHORT = 1;

/** Everything that may be wrong with the parts of a net, one thing at a time. */
export function candidatesOf(compiled: Compiled, components: readonly Component[]): Candidate[] {
  const at = (node: string) => compiled.index.get(node) ?? -1;
  const roleOf = (name: string) => components.find(({ designator }) => designator === name.split(/[ /]/)[0])?.role;
  const shunt = (element: { a: string; b: string }, siemens: number): Change => ({
    shunts: [{ a: at(element.a), b: at(element.b), siemens }] satisfies Shunt[],
  });
  const one = (
    element: Element,
    way: Way,
    often: number,
    change: Candidate["change"],
    range?: [number, number],
    unit: Candidate["unit"] = range ? "Ω" : "none",
  ): Candidate => ({
    key: `${element.name} ${way}`,
    part: element.name,
    way,
    often,
    from: range?.[0] ?? 1,
    to: range?.[1] ?? 1,
    unit,
    change,
  });
  const ofResistor = (element: Element & { a: string; b: string }, ohms: number, winding: boolean): Candidate[] => {
    const g = 1 / ohms;
    const open = one(element, "open", winding ? OFTEN.windingOpen : OFTEN.resistorOpen, () => shunt(element, OPEN - g));
    if (winding) return [open];
    return [
      open,
      one(element, "high", OFTEN.resistorHigh, (now) => shunt(element, 1 / now - g), [ohms * 1.25, ohms * 12]),
      one(element, "low", OFTEN.resistorLow, (now) => shunt(element, 1 / now - g), [ohms / 12, ohms / 1.3]),
    ];
  };
  return compiled.net.flatMap((element): Candidate[] => {
    switch (element.kind) {
      case "resistor":
        return element.ohms < 0.5 || / (ohms|inside)$/.test(element.name)
          ? []
          : ofResistor(element, element.ohms, false);
      case "inductor":
        return element.ohms < 0.5 ? [] : ofResistor(element, element.ohms, true);
      case "capacitor": {
        const coupling = roleOf(element.name) === "coupling";
        return [
          one(
            element,
            "leaks",
            coupling ? OFTEN.couplingLeak : OFTEN.leak,
            (ohms) => shunt(element, 1 / ohms),
            coupling ? [3e4, 5e7] : [5e3, 5e6],
          ),
          one(element, "shorted", OFTEN.capacitorShort, () => shunt(element, SHORT)),
        ];
      }
      case "triode":
      case "pentode": {
        const law = compiled.lawNames.indexOf(element.name);
        const strength = (share: number): Change => ({ strength: new Map([[law, share]]) });
        const heater =
          element.cathode === GROUND
            ? []
            : [
                one(
                  element,
                  "heater to cathode",
                  OFTEN.heaterCathode,
                  (ohms) => ({ shunts: [{ a: at(element.cathode), b: -1, siemens: 1 / ohms }] }),
                  [30, 3e4],
                ),
              ];
        const grid = at(element.grid);
        const gas =
          grid < 0
            ? []
            : // Ions drive the grid up as a leak from the plate does.
              [
                one(
                  element,
                  "gas",
                  OFTEN.gas,
                  (ohms) => ({ shunts: [{ a: at(element.plate), b: grid, siemens: 1 / ohms }] }),
                  [1e6, 1e8],
                ),
              ];
        return [
          one(element, "weak", OFTEN.tubeWeak, strength, [0.2, 0.72], "share"),
          one(element, "dead", OFTEN.tubeDead, () => strength(1e-6)),
          ...heater,
          ...gas,
        ];
      }
      case "transistor": {
        const law = compiled.lawNames.indexOf(element.name);
        return [
          // A junction makes up for any share of its current with a little more voltage: open is nothing at all.
          one(element, "dead", OFTEN.tubeDead, () => ({ strength: new Map([[law, 1e-30]]) })),
          one(element, "shorted", OFTEN.tubeDead, () => ({
            shunts: [{ a: at(element.collector), b: at(element.emitter), siemens: 0.1 }],
          })),
          // Whiskers grow from the can of germanium types, which lies at chassis.
          ...(element.model.leakage > 0 && element.base !== GROUND
            ? [
                one(
                  element,
                  "to case",
                  OFTEN.whiskers,
                  (ohms) => ({ shunts: [{ a: at(element.base), b: -1, siemens: 1 / ohms }] }),
                  [50, 2e4],
                ),
              ]
            : []),
        ];
      }
      case "supply": {
        const law = compiled.lawNames.indexOf(element.name);
        return [
          one(
            element,
            "weak",
            OFTEN.tubeWeak,
            (share) => ({ strength: new Map([[law, share]]) }),
            [0.25, 0.8],
            "share",
          ),
          one(element, "dead", OFTEN.tubeDead, () => ({ strength: new Map([[law, 1e-9]]) })),
        ];
      }
      default:
        return [];
    }
  });
}
