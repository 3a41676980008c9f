import { LINE } from "../model";
import { netOfSheet, SOURCE, SUPPLY, type CircuitSheet, type NetRemark } from "./from-sheet";
import { GROUND, nodesOf, type Element } from "./net";

/**
 * Joins of nodes that carry direct current, as groups.
 * @param end a node that is reached and not gone through: two ways that meet at chassis are not one
 */
function groups(net: readonly Element[], carries: (element: Element) => boolean, end?: string): Map<string, string> {
  const parent = new Map<string, string>();
  const root = (node: string): string => {
    const up = parent.get(node) ?? node;
    if (up === node) return node;
    const top = root(up);
    parent.set(node, top);
    return top;
  };
  for (const element of net) {
    const nodes = nodesOf(element);
    for (const node of nodes) if (!parent.has(node)) parent.set(node, node);
    if (!carries(element)) continue;
    const [first, ...rest] = nodes.filter((node) => node !== end);
    for (const node of rest) parent.set(root(node), root(first ?? node));
  }
  return new Map([...parent.keys()].map((node) => [node, root(node)]));
}

/**
 * What is wrong with the net of a sheet, each beside its row: a node that nothing feeds, a plate without a way to B+, a
 * capacitor across nothing, a part that stands in it twice, one that has no value.
 */
export function checkNet(sheet: CircuitSheet): NetRemark[] {
  const joins = sheet.net ?? [];
  const { net, remarks } = netOfSheet(sheet);
  const found: NetRemark[] = [...remarks];
  const problem = (part: string, text: string) => void found.push({ part, text, problem: true });
  const times = new Map<string, number>();
  for (const { part } of joins) times.set(part, (times.get(part) ?? 0) + 1);
  for (const [part, count] of times) if (count > 1) problem(part, `${part} stands in the net ${count} times.`);
  for (const { part, from, to } of joins)
    if (from === to)
      problem(
        part,
        /^C/.test(part) ? `${part} lies across nothing: both ends are ${from}.` : `Both ends of ${part} are ${from}.`,
      );

  // By way of parts that pass direct current, without tubes.
  const passes = (element: Element) =>
    element.kind === "resistor" || element.kind === "inductor" || element.kind === "diode";
  const supply = joins.find(({ part }) => part === SUPPLY);
  // The end of the supply that is not chassis: a divider from it to chassis joins nobody else to it.
  const rail = supply && (supply.to === GROUND ? supply.from : supply.to);
  const way = groups(net, passes, GROUND);
  // Whatever gives plus against chassis is a rail too.
  const rails = [rail, ...joins.filter(({ part, from }) => SOURCE.test(part) && from === GROUND).map(({ to }) => to)];
  const fed = (node: string) => rail === undefined || rails.some((one) => way.get(node) === way.get(one ?? rail));
  const anyDevice = groups(net, ({ kind }) => kind !== "capacitor" && kind !== "amps");
  const chassis = anyDevice.get(GROUND);
  for (const element of net) {
    if ((element.kind === "triode" || element.kind === "pentode") && !fed(element.plate))
      problem(element.name, `The plate of ${element.name} has no way to ${rail}.`);
    if (element.kind === "pentode" && !fed(element.screen))
      problem(element.name, `The screen of ${element.name} has no way to ${rail}.`);
  }
  const ends = new Map<string, string[]>();
  for (const { part, from, to, tap } of joins)
    for (const node of [from, to, ...(tap ? [tap] : [])]) ends.set(node, [...(ends.get(node) ?? []), part]);
  for (const [node, parts] of ends) {
    if (node === GROUND || node === LINE) continue;
    const [only] = parts;
    const joined = net.some((element) => nodesOf(element).includes(node));
    if (!joined || only === undefined) continue;
    if (anyDevice.get(node) !== chassis)
      found.push({ part: only, text: `${node} floats: no direct current can reach it.`, problem: false });
  }
  return found;
}
