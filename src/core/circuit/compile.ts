import { diodeLaw } from "./laws/diode";
import { gasLaw } from "./laws/gas";
import { lampLaw } from "./laws/lamp";
import type { Law } from "./laws/law";
import { supplyLaw } from "./laws/supply";
import { transistorLaw } from "./laws/transistor";
import { NEW, pentodeLaw, triodeLaw, type Condition } from "./laws/tube";
import { GROUND, nodesOf, type Element, type Net } from "./net";

/** A part of no resistance has this much, Ω: the solver divides by it. */
export const LEAST_OHMS = 1e-3;

export const conductance = (ohms: number): number => 1 / Math.max(LEAST_OHMS, ohms);

/** A net with its nodes numbered. The unknowns are the volts of the nodes, then the currents of ideal sources. */
export type Compiled = {
  net: Net;
  nodes: readonly string[];
  index: ReadonlyMap<string, number>;
  /** nodes and sources */
  size: number;
  /** of each ideal source, by name: its row */
  branch: ReadonlyMap<string, number>;
  laws: readonly Law[];
  /** names of the elements that the laws belong to */
  lawNames: readonly string[];
};

/** How tubes are, by position: both sections of `V4` are in one bulb. A section may have a word of its own, `V4a`. */
export type Conditions = Readonly<Record<string, Condition>>;

/** The condition of a tube or of a section of one. */
export const conditionOf = (conditions: Conditions, name: string): Condition =>
  conditions[name] ?? conditions[name.replace(/[ab]$/, "")] ?? NEW;

/** The law of a device; undefined for what is linear. */
export function lawOf(
  element: Element,
  index: ReadonlyMap<string, number>,
  condition: Condition = NEW,
): Law | undefined {
  const nodes = nodesOf(element).map((node) => index.get(node) ?? -1);
  switch (element.kind) {
    case "diode":
      return diodeLaw(nodes, element.model);
    case "lamp":
      return lampLaw(nodes, element.model);
    case "gas":
      return gasLaw(nodes, element.model);
    case "supply":
      return supplyLaw(nodes, element.model);
    case "triode":
      return triodeLaw(nodes, element.model, condition);
    case "pentode":
      return pentodeLaw(nodes, element.model, condition);
    case "transistor":
      return transistorLaw(nodes, element.model);
    default:
      return undefined;
  }
}

/**
 * Numbers the nodes of a net.
 * @param conditions of tubes, by position: how strong they are, how gassy
 */
export function compile(net: Net, conditions: Conditions = {}): Compiled {
  const index = new Map<string, number>();
  for (const element of net)
    for (const node of nodesOf(element)) if (node !== GROUND && !index.has(node)) index.set(node, index.size);
  const branch = new Map<string, number>();
  for (const element of net) if (element.kind === "volts") branch.set(element.name, index.size + branch.size);
  const devices = net.flatMap((element): [string, Law][] => {
    const law = lawOf(element, index, conditionOf(conditions, element.name));
    return law ? [[element.name, law]] : [];
  });
  return {
    net,
    nodes: [...index.keys()],
    index,
    size: index.size + branch.size,
    branch,
    laws: devices.map(([, law]) => law),
    lawNames: devices.map(([name]) => name),
  };
}

/** Adds a conductance between two nodes to a matrix; -1 is chassis. */
export function addConductance(m: Float64Array, size: number, a: number, b: number, siemens: number): void {
  if (a >= 0) m[a * size + a] = (m[a * size + a] as number) + siemens;
  if (b >= 0) m[b * size + b] = (m[b * size + b] as number) + siemens;
  if (a < 0 || b < 0) return;
  m[a * size + b] = (m[a * size + b] as number) - siemens;
  m[b * size + a] = (m[b * size + a] as number) - siemens;
}

/** The part of the equations at DC that no voltage changes: matrix and right side. */
export function linearPart({ net, index, size, branch }: Compiled): { m: Float64Array; b: Float64Array } {
  const m = new Float64Array(size * size);
  const b = new Float64Array(size);
  const at = (node: string) => index.get(node) ?? -1;
  const add = (one: { a: string; b: string }, siemens: number) =>
    addConductance(m, size, at(one.a), at(one.b), siemens);
  for (const element of net)
    switch (element.kind) {
      case "resistor":
        add(element, conductance(element.ohms));
        break;
      case "capacitor":
        if (element.leakOhms) add(element, 1 / element.leakOhms);
        break;
      case "inductor":
        add(element, conductance(element.ohms));
        break;
      case "transformer":
        for (const winding of element.windings) add(winding, conductance(winding.ohms));
        break;
      case "volts": {
        const row = branch.get(element.name) as number;
        const [plus, minus] = [at(element.a), at(element.b)];
        if (plus >= 0) m[plus * size + row] = m[row * size + plus] = 1;
        if (minus >= 0) m[minus * size + row] = m[row * size + minus] = -1;
        b[row] = element.volts;
        break;
      }
      case "amps": {
        const [from, to] = [at(element.a), at(element.b)];
        if (from >= 0) b[from] = (b[from] as number) - element.amps;
        if (to >= 0) b[to] = (b[to] as number) + element.amps;
        break;
      }
      default:
    }
  return { m, b };
}
