/** The circuit as a drawing: which parts are drawn together, with what symbols, and what is laid out. */
import type { CircuitSheet } from "../circuit";
import { panelOf, type Layout } from "./draw";
import { graphOf, type Graph } from "./graph";
import { groupsOf } from "./panels";
import type { Drawing, Panel } from "./scene";

export type { Layout, Placed } from "./draw";
export type { Graph, Wire } from "./graph";
export type { Block, Port } from "./blocks";
export type { Anchor, Drawing, Panel, Point, Shape } from "./scene";
export { LONG, SYMBOLS, type SymbolName } from "./symbols";
export { flagPath, railMark, svgOfDrawing, svgOfPanel, type Words } from "./svg";
export { nodeLines, sayNode, spoken, STATE_SIGNS, type AtNode } from "./words";

/** More than this around one tube is no drawing that anybody reads, and takes long to lay out. */
const MOST_BLOCKS = 120;

/** Draws the net of a sheet, stage by stage. What is too large for one panel is said, not drawn. */
export async function drawCircuit(sheet: CircuitSheet, layout: Layout): Promise<Drawing> {
  const all = groupsOf(sheet);
  const graphs = all.groups.map((group) => graphOf(sheet, group, all));
  const fits = ({ blocks }: Graph) => blocks.length <= MOST_BLOCKS;
  const panels: Panel[] = [];
  for (const graph of graphs.filter(fits)) panels.push(panelOf(graph, await layout(graph)));
  return {
    panels,
    left: [
      ...all.left,
      ...graphs
        .filter((graph) => !fits(graph))
        .map(({ title, blocks }) => `${title}: ${blocks.length} pieces hang together here, more than can be drawn.`),
    ],
  };
}
