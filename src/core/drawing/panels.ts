import { SUPPLY, type CircuitSheet } from "../circuit";
import { CHASSIS, electrodeNode, LINE } from "../model";
import { tubeType } from "../tubes";
import { drawnPart, type DrawnPart } from "./parts";

/** A tube or a transistor, or a section of one, with the nodes at those of its electrodes that the net names. */
export type Device = { key: string; position: string; type: string; electrodes: Map<string, string> };

/** What is drawn together: a device and the parts around it, or the supply with its rails. */
export type Group = {
  id: string;
  title: string;
  device?: Device;
  parts: DrawnPart[];
  /** nodes that belong here, with how far along the signal they lie: before the grid below zero */
  ranks: Map<string, number>;
};

export type Groups = {
  groups: Group[];
  rails: ReadonlySet<string>;
  /** the group that a node belongs to */
  home: ReadonlyMap<string, string>;
  left: string[];
};

export const SUPPLY_PANEL = "supply";
const REST_PANEL = "rest";
const RAIL = /^(b ?\+|b ?[-−]|reservoir|battery|rail|supply|ht\b)/i;
/** Electrodes that the signal comes in at. */
const LEFT = ["grid", "base", "gate", "diode"];

const rectifierPositions = ({ tubes }: CircuitSheet): Set<string> =>
  new Set(tubes.filter(({ type }) => tubeType(type)?.rectifier).map(({ position }) => position));

/** Nodes by their neighbours, by way of parts; chassis joins nobody. */
function neighbours(parts: readonly DrawnPart[], ends: ReadonlySet<string>): Map<string, string[]> {
  const found = new Map<string, string[]>();
  const join = (one: string, other: string) => {
    if (ends.has(one) || ends.has(other) || one === other) return;
    found.set(one, [...(found.get(one) ?? []), other]);
    found.set(other, [...(found.get(other) ?? []), one]);
  };
  for (const { a, b, tap } of parts) {
    join(a, b);
    if (tap) {
      join(a, tap);
      join(b, tap);
    }
  }
  return found;
}

/** How many parts lie between some nodes and all others. */
function distances(from: readonly string[], near: ReadonlyMap<string, string[]>, wall?: ReadonlySet<string>) {
  const far = new Map(from.map((node) => [node, 0]));
  const queue = [...from];
  for (let at = 0; at < queue.length; at++) {
    const node = queue[at] as string;
    for (const next of near.get(node) ?? []) {
      if (far.has(next) || wall?.has(next)) continue;
      far.set(next, (far.get(node) ?? 0) + 1);
      queue.push(next);
    }
  }
  return far;
}

/** Rails: what is named as one, what the supply gives, and what is fed from a rail and smoothed without any device at it. */
function railsOf(parts: readonly DrawnPart[], supply: { a: string; b: string } | undefined): Set<string> {
  const nodes = new Set(parts.flatMap(({ a, b }) => [a, b]));
  const rails = new Set([...nodes, ...(supply ? [supply.a, supply.b] : [])].filter((node) => RAIL.test(node)));
  for (const end of supply ? [supply.a, supply.b] : []) if (end !== CHASSIS) rails.add(end);
  const feeds = (symbol: DrawnPart["symbol"]) => /resistor|coil|diode|wire|switch/.test(symbol);
  for (let grown = true; grown;) {
    grown = false;
    for (const node of nodes) {
      if (rails.has(node) || node === CHASSIS || electrodeNode(node)) continue;
      const at = parts.filter(({ a, b, tap }) => [a, b, tap].includes(node));
      const fed = at.some(({ symbol, a, b }) => feeds(symbol) && rails.has(a === node ? b : a));
      const smoothed = at.some(
        ({ symbol, a, b }) => /capacitor|polarised/.test(symbol) && (a === node ? b : a) === CHASSIS,
      );
      if (fed && smoothed) {
        rails.add(node);
        grown = true;
      }
    }
  }
  return rails;
}

function devicesOf(sheet: CircuitSheet, parts: readonly DrawnPart[], rectifiers: ReadonlySet<string>) {
  const found = new Map<string, Device>();
  const left: string[] = [];
  for (const node of new Set(parts.flatMap(({ a, b, tap }) => [a, b, ...(tap ? [tap] : [])]))) {
    const one = electrodeNode(node);
    if (!one || rectifiers.has(one.device)) continue;
    const key = `${one.device}${one.section}`;
    const tube = sheet.tubes.find(({ position }) => position === one.device);
    const device = found.get(key) ?? {
      key,
      position: one.device,
      type: tube?.type ?? "",
      electrodes: new Map<string, string>(),
    };
    device.electrodes.set(one.electrode, node);
    found.set(key, device);
  }
  const order = (key: string) => {
    const at = sheet.tubes.findIndex(({ position }) => position === key.replace(/[ab]$/, ""));
    return at < 0 ? sheet.tubes.length : at;
  };
  const devices = [...found.values()].sort((a, b) => order(a.key) - order(b.key) || (a.key < b.key ? -1 : 1));
  for (const { position, work } of sheet.tubes)
    if (!rectifiers.has(position) && !devices.some((one) => one.position === position))
      left.push(`${position}${work ? ` (${work})` : ""} is not joined to anything.`);
  return { devices, left };
}

/** Ranks of the nodes around a device: before its grid below zero, after its plate above. */
function ranksAround({ electrodes }: Device, mine: ReadonlySet<string>, near: ReadonlyMap<string, string[]>) {
  const [inputs, outputs] = [[] as string[], [] as string[]];
  for (const [electrode, node] of electrodes) (LEFT.includes(electrode) ? inputs : outputs).push(node);
  const within = (node: string) => mine.has(node);
  const before = distances(inputs.filter(within), near, new Set(outputs));
  const after = distances(outputs.filter(within), near, new Set(inputs));
  const ranks = new Map<string, number>();
  for (const node of mine) {
    const [b, a] = [before.get(node) ?? Infinity, after.get(node) ?? Infinity];
    ranks.set(node, b <= a && b < Infinity ? -1 - b : a < Infinity ? 1 + a : 0);
  }
  return ranks;
}

/** Which parts are drawn together. */
export function groupsOf(sheet: CircuitSheet): Groups {
  const joins = sheet.net ?? [];
  const supplyRow = joins.find(({ part }) => part === SUPPLY);
  const supply = supplyRow && { a: supplyRow.from, b: supplyRow.to };
  const seen = new Set<string>();
  const parts = joins.flatMap((join): DrawnPart[] => {
    // A part that stands twice is drawn once; the check of the net says so.
    if (join.part === SUPPLY || seen.has(join.part) || join.from === join.to) return [];
    seen.add(join.part);
    return [drawnPart(sheet, join)];
  });
  const rectifiers = rectifierPositions(sheet);
  const rails = railsOf(parts, supply);
  const { devices, left } = devicesOf(sheet, parts, rectifiers);
  const ends = new Set([CHASSIS, ...rails]);
  const near = neighbours(parts, ends);

  const home = new Map<string, string>();
  const atSupply = (node: string) =>
    rails.has(node) || node === LINE || rectifiers.has(electrodeNode(node)?.device ?? "");
  const reached = devices.map((device) => distances([...device.electrodes.values()], near));
  for (const node of new Set(parts.flatMap(({ a, b, tap }) => [a, b, ...(tap ? [tap] : [])]))) {
    if (node === CHASSIS) continue;
    if (atSupply(node)) {
      home.set(node, SUPPLY_PANEL);
      continue;
    }
    // The nearest device; of two that are as near the later one: a coupling capacitor belongs to the grid behind it.
    let best: { key: string; far: number } | undefined;
    devices.forEach(({ key, electrodes }, at) => {
      const own = [...electrodes.values()].includes(node);
      const far = own ? -1 : (reached[at]?.get(node) ?? Infinity);
      if (far < Infinity && (best === undefined || far <= best.far)) best = { key, far };
    });
    home.set(node, best?.key ?? REST_PANEL);
  }

  // What hangs on the supply alone belongs to it.
  const supplied = distances(
    [...home].flatMap(([node, key]) => (key === SUPPLY_PANEL ? [node] : [])),
    neighbours(parts, new Set([CHASSIS])),
    new Set([...home].flatMap(([node, key]) => (key === SUPPLY_PANEL || key === REST_PANEL ? [] : [node]))),
  );
  for (const [node, key] of home) if (key === REST_PANEL && supplied.has(node)) home.set(node, SUPPLY_PANEL);

  const index = (key: string) => devices.findIndex((device) => device.key === key);
  /** A part between two groups is drawn where it brings the signal in. */
  const groupOf = ({ a, b, tap }: DrawnPart): string => {
    const homes = [
      ...new Set([a, b, ...(tap ? [tap] : [])].filter((node) => node !== CHASSIS && !rails.has(node))),
    ].map((node) => ({ node, key: home.get(node) ?? REST_PANEL }));
    if (homes.length === 0) return SUPPLY_PANEL;
    const ofDevices = homes.filter(({ key }) => index(key) >= 0);
    const input = ofDevices.find(({ node }) => LEFT.includes(electrodeNode(node)?.electrode ?? ""));
    return (
      input?.key ??
      ofDevices.sort((one, other) => index(other.key) - index(one.key))[0]?.key ??
      homes.find(({ key }) => key === SUPPLY_PANEL)?.key ??
      REST_PANEL
    );
  };
  const byGroup = new Map<string, DrawnPart[]>();
  for (const part of parts) byGroup.set(groupOf(part), [...(byGroup.get(groupOf(part)) ?? []), part]);
  const nodesIn = (id: string) => new Set([...home].flatMap(([node, key]) => (key === id ? [node] : [])));
  const groups: Group[] = devices.map((device) => {
    const tube = sheet.tubes.find(({ position }) => position === device.position);
    const mine = nodesIn(device.key);
    return {
      id: device.key,
      title: [`${device.key} ${device.type}`.trim(), tube?.work].filter(Boolean).join(", "),
      device,
      parts: byGroup.get(device.key) ?? [],
      ranks: ranksAround(device, mine, near),
    };
  });
  const rest = byGroup.get(REST_PANEL) ?? [];
  if (rest.length > 0) {
    const mine = nodesIn(REST_PANEL);
    const first = [...mine][0];
    groups.push({
      id: REST_PANEL,
      title: "Parts with no tube",
      parts: rest,
      ranks: first === undefined ? new Map() : new Map([...mine].map((node, at) => [node, at])),
    });
  }
  const ofSupply = byGroup.get(SUPPLY_PANEL) ?? [];
  if (supply || ofSupply.length > 0) {
    const tube = sheet.tubes.find(({ position }) => rectifiers.has(position));
    const mine = nodesIn(SUPPLY_PANEL);
    if (supply) for (const end of [supply.a, supply.b]) if (end !== CHASSIS) mine.add(end);
    const plus = supply && (supply.b === CHASSIS ? supply.a : supply.b);
    const far = distances(plus ? [plus] : [...mine].slice(0, 1), neighbours(ofSupply, new Set([CHASSIS])));
    groups.push({
      id: SUPPLY_PANEL,
      title: tube ? `Supply, ${tube.position} ${tube.type}` : "Supply",
      parts: ofSupply,
      ranks: new Map([...mine].map((node) => [node, node === LINE ? -2 : (far.get(node) ?? -1)])),
    });
    for (const node of mine) home.set(node, SUPPLY_PANEL);
  }
  return { groups, rails, home, left };
}
