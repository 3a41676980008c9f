import ELK, { type ElkNode } from "elkjs/lib/elk.bundled.js";
import { createHash } from "node:crypto";
import { drawCircuit, type Drawing, type Graph, type Layout, type Placed } from "@/core/drawing";
import type { Sheet } from "@/core/model";

/** Signal from left to right, wires at right angles, straight where they can be. */
const OPTIONS = {
  "elk.algorithm": "layered",
  "elk.direction": "RIGHT",
  "elk.edgeRouting": "ORTHOGONAL",
  "elk.layered.nodePlacement.strategy": "NETWORK_SIMPLEX",
  "elk.layered.spacing.nodeNodeBetweenLayers": "12",
  "elk.layered.spacing.edgeNodeBetweenLayers": "8",
  "elk.spacing.nodeNode": "18",
  "elk.spacing.edgeNode": "12",
  "elk.spacing.edgeEdge": "10",
  "elk.padding": "[top=8,left=8,bottom=8,right=8]",
};

const SIDES = { left: "WEST", right: "EAST" } as const;

function toElk({ blocks, wires }: Graph): ElkNode {
  return {
    id: "panel",
    layoutOptions: OPTIONS,
    children: blocks.map(({ id, width, height, ports }) => ({
      id: `block ${id}`,
      width,
      height,
      layoutOptions: { "elk.portConstraints": "FIXED_POS" },
      ports: ports.map(({ id: port, x, y, side }) => ({
        id: port,
        x,
        y,
        width: 0,
        height: 0,
        layoutOptions: { "elk.port.side": SIDES[side] },
      })),
    })),
    edges: wires.map(({ id, from, to }) => ({ id: `wire ${id}`, sources: [from], targets: [to] })),
  };
}

const elk = new ELK();

/** Lays a panel out with the Eclipse Layout Kernel. */
export const layout: Layout = async (graph) => {
  const { width = 0, height = 0, children = [], edges = [] } = await elk.layout(toElk(graph));
  const whole = ({ x, y }: { x: number; y: number }) => ({ x: Math.round(x), y: Math.round(y) });
  const placed: Placed = { width, height, at: {}, wires: {} };
  for (const { id, x = 0, y = 0 } of children) placed.at[id.slice("block ".length)] = whole({ x, y });
  for (const { id, sections = [], junctionPoints = [] } of edges)
    placed.wires[id.slice("wire ".length)] = {
      ways: sections.map(({ startPoint, bendPoints = [], endPoint }) =>
        [startPoint, ...bendPoints, endPoint].map(whole),
      ),
      junctions: junctionPoints.map(whole),
    };
  return placed;
};

/** Drawings that are kept, by what they are made of: a sheet changes seldom and is looked at often. */
const kept = new Map<string, Promise<Drawing>>();
const MOST_KEPT = 100;

/** The drawing of a sheet’s net. */
export function drawingOf({ net, tubes, components, windings, supply, lineVolts, ...sheet }: Sheet): Promise<Drawing> {
  const { supplyRms, rectifier, dialect, points, chart } = sheet;
  const drawn = { net, tubes, components, windings, supply, lineVolts, supplyRms, rectifier, dialect };
  const key = createHash("sha256").update(JSON.stringify(drawn)).digest("base64");
  const known = kept.get(key);
  if (known) return known;
  const made = drawCircuit({ ...drawn, points, chart }, layout);
  kept.set(key, made);
  made.catch(() => kept.delete(key));
  const [oldest] = kept.keys();
  if (kept.size > MOST_KEPT && oldest !== undefined) kept.delete(oldest);
  return made;
}
