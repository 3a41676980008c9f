import { type CircuitSheet, SUPPLY } from "../circuit";
import { CHASSIS, electrodeNode, RECTIFIER_WORDS } from "../model";
import {
  deviceBlock,
  flagBlock,
  lyingBlock,
  nodeBlock,
  NOTHING_HUNG,
  ownNodes,
  sliderBlock,
  supplyBlock,
  type Block,
  type Hung,
} from "./blocks";
import { symbolOf } from "./device";
import { SUPPLY_PANEL, type Group, type Groups } from "./panels";
import type { DrawnPart } from "./parts";

/** A wire between the ports of two blocks. */
export type Wire = { id: string; from: string; to: string; node: string };
/** What is laid out: blocks with ports on their edges, and wires between them. */
export type Graph = { id: string; title: string; blocks: Block[]; wires: Wire[] };

/** The supply in a few words. */
function supplyWords(sheet: CircuitSheet): { battery: boolean; words: string[] } {
  const battery = sheet.supply === "battery" || sheet.supply === "low-voltage";
  if (battery) return { battery, words: ["Supply", `${sheet.lineVolts} V`] };
  const circuit = sheet.rectifier ?? (sheet.supply === "live-chassis" ? "half-wave" : "full-wave");
  const volts =
    sheet.supply === "live-chassis" || sheet.supplyRms === undefined
      ? `${sheet.lineVolts} V line`
      : `${circuit === "full-wave" ? "2 × " : ""}${sheet.supplyRms} V`;
  return { battery, words: ["Supply", RECTIFIER_WORDS[circuit], volts] };
}

/** The blocks and wires of one panel. */
export function graphOf(sheet: CircuitSheet, group: Group, all: Groups): Graph {
  const { device, ranks, id } = group;
  const ofSupply = id === SUPPLY_PANEL;
  const inside = (node: string) => ranks.has(node);
  const isEnd = (node: string) => node === CHASSIS || (!ofSupply && all.rails.has(node));
  const rank = (node: string) => ranks.get(node) ?? 0;
  const symbol = device && symbolOf(device);

  const hung = new Map<string, Hung>();
  const series: DrawnPart[] = [];
  const sliders: DrawnPart[] = [];
  for (const part of group.parts) {
    const { a, b, tap } = part;
    if (tap) sliders.push(part);
    else if (isEnd(a) !== isEnd(b)) {
      const [node, end] = isEnd(a) ? [b, a] : [a, b];
      const at = hung.get(node) ?? NOTHING_HUNG;
      hung.set(node, end === CHASSIS ? { ...at, downs: [...at.downs, part] } : { ...at, ups: [...at.ups, part] });
    } else series.push(part);
  }
  const hungOn = (node: string) => hung.get(node) ?? NOTHING_HUNG;

  const { upper, lower } = device ? ownNodes(device) : {};
  const own = [upper, lower].filter((node) => node !== undefined);
  const wires: Wire[] = [];
  const wire = (from: string, to: string, node: string) => void wires.push({ id: `${from} > ${to}`, from, to, node });

  // Parts on the wrong side of a node that is drawn with its device stand beside it.
  const beside = own.filter((node) => (node === upper ? hungOn(node).downs : hungOn(node).ups).length > 0);
  for (const node of beside) wire(`${node} right`, `${node} more left`, node);
  const right = (node: string) => (beside.includes(node) ? `${node} more right` : `${node} right`);
  const left = (node: string) => (own.includes(node) ? right(node) : `${node} left`);

  if (device && symbol)
    for (const { electrode, way } of symbol.leads) {
      const node = device.electrodes.get(electrode);
      if (node === undefined || way === "up" || way === "down") continue;
      if (way === "left") wire(right(node), `${device.key} ${electrode}`, node);
      else wire(`${device.key} ${electrode}`, left(node), node);
    }

  const blocks: Block[] = [];
  const flags = new Set<string>();
  const flag = (node: string, text: string, side: "left" | "right", panel: string | undefined): string => {
    const key = `flag ${side} ${node} ${text}`;
    if (!flags.has(key)) blocks.push(flagBlock(key, text, node, side, panel));
    flags.add(key);
    return `${key} port`;
  };
  const words = (node: string) => node.replace(".", " ");

  for (const part of series) {
    const [a, b] = [part.a, part.b];
    if (inside(a) && inside(b)) {
      const [first, second] = rank(a) <= rank(b) ? [a, b] : [b, a];
      blocks.push(lyingBlock(part, first));
      wire(right(first), `${part.part} left`, first);
      wire(`${part.part} right`, left(second), second);
      continue;
    }
    const [mine, other] = inside(a) ? [a, b] : [b, a];
    if (rank(mine) < 0) {
      blocks.push(lyingBlock(part, other));
      wire(flag(other, words(other), "left", all.home.get(other)), `${part.part} left`, other);
      wire(`${part.part} right`, left(mine), mine);
    } else {
      blocks.push(lyingBlock(part, mine));
      wire(right(mine), `${part.part} left`, mine);
      wire(`${part.part} right`, flag(other, words(other), "right", all.home.get(other)), other);
    }
  }
  for (const part of sliders) {
    blocks.push(sliderBlock(part, (node) => isEnd(node) || node === CHASSIS));
    for (const [node, port] of [
      [part.a, "a"],
      [part.b, "b"],
    ] as const) {
      if (isEnd(node)) continue;
      if (inside(node)) wire(right(node), `${part.part} ${port}`, node);
      else wire(flag(node, words(node), "left", all.home.get(node)), `${part.part} ${port}`, node);
    }
    const tap = part.tap ?? "";
    if (inside(tap)) wire(`${part.part} tap`, left(tap), tap);
    else if (!isEnd(tap)) wire(`${part.part} tap`, flag(tap, words(tap), "right", all.home.get(tap)), tap);
    else wire(`${part.part} tap`, flag(tap, tap === CHASSIS ? "chassis" : tap, "right", undefined), tap);
  }
  // What goes on elsewhere.
  for (const other of all.groups)
    if (other.id !== id && !ofSupply)
      for (const { part, a, b, tap } of other.parts)
        for (const node of [a, b, ...(tap ? [tap] : [])])
          if (inside(node)) {
            const before = rank(node) < 0;
            const text = `${/^wire/i.test(part) ? "" : `${part.split(" ")[0] ?? part}, `}${other.device?.key ?? other.title}`;
            if (before) wire(flag(node, text, "left", other.id), left(node), node);
            else wire(right(node), flag(node, text, "right", other.id), node);
          }

  const supply = sheet.net?.find(({ part }) => part === SUPPLY);
  if (ofSupply && supply) {
    const [hot, cold] = supply.to === CHASSIS ? [supply.from, supply.to] : [supply.to, supply.from];
    const { battery, words: lines } = supplyWords(sheet);
    blocks.push(supplyBlock(battery, lines, hot, cold));
    wire("supply hot", left(hot), hot);
    if (cold !== CHASSIS) wire("supply other", left(cold), cold);
    const plate = [...ranks.keys()].find((node) => electrodeNode(node)?.electrode === "plate");
    if (plate && !battery) wire(right(plate), "supply line", plate);
  }

  const used = new Set(wires.flatMap(({ from, to }) => [from, to]));
  for (const node of ranks.keys()) if (!own.includes(node)) blocks.push(nodeBlock(node, hungOn(node), used));
  for (const node of beside)
    blocks.push(
      nodeBlock(
        node,
        node === upper ? { ups: [], downs: hungOn(node).downs } : { ups: hungOn(node).ups, downs: [] },
        used,
        false,
      ),
    );
  if (device) blocks.push(deviceBlock(device, hungOn, used));
  return { id, title: group.title, blocks, wires };
}
