import type { Graph } from "./graph";
import { moved, type Panel, type Point, type Shape } from "./scene";

/** Where a layout has put the blocks of a graph, and the way of its wires. */
export type Placed = {
  width: number;
  height: number;
  at: Record<string, Point>;
  wires: Record<string, { ways: Point[][]; junctions: Point[] }>;
};

/** Lays a graph out; a library does it. */
export type Layout = (graph: Graph) => Promise<Placed>;

/** The panel of a graph that was laid out. */
export function panelOf({ id, title, blocks, wires }: Graph, placed: Placed): Panel {
  const lines = wires.flatMap(({ id: wire, node }): Shape[] => {
    const { ways, junctions } = placed.wires[wire] ?? { ways: [], junctions: [] };
    return [
      ...ways.map((points): Shape => ({ kind: "wire", points, node })),
      ...junctions.map(({ x, y }): Shape => ({ kind: "dot", x, y, node })),
    ];
  });
  const shapes = blocks.flatMap((block) => {
    const { x, y } = placed.at[block.id] ?? { x: 0, y: 0 };
    return block.shapes.map((shape) => moved(shape, x, y));
  });
  return { id, title, width: Math.ceil(placed.width), height: Math.ceil(placed.height), shapes: [...lines, ...shapes] };
}
