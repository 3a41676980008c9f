import { scaleBand } from "d3";
import type { Circuit, PathKey, Stage } from "@/core/model";
import { KINDS } from "@/core/diagnosis";

/** The ways of the signal, as a row of the strip is called. */
const PATH_NAMES: Record<PathKey, string> = {
  receive: "Receive",
  fm: "FM",
  transmit: "Transmit",
  modulation: "Modulation",
};

/** Sizes of the strip, px. A node is a target for a finger and holds a name of two lines. */
export const NODE = { width: 92, height: 54, gapX: 12, gapY: 18 } as const;

export type Placed = { stage: Stage; x: number; y: number };
export type Joined = { kind: "signal" | "supply" | "control"; path: string; from: string; to: string };
export type Layout = {
  nodes: Placed[];
  links: Joined[];
  width: number;
  height: number;
  rows: { name: string; y: number }[];
};

const rowsOf = <T>(items: readonly T[], most: number): T[][] =>
  Array.from({ length: Math.ceil(items.length / most) }, (_, row) => items.slice(row * most, (row + 1) * most));

/**
 * Lays the stages out as a strip: the signal from left to right, wrapped where the plate is narrow; what controls it
 * above, near what it controls; what feeds it below.
 * @param width of the plate, px
 */
export function layoutStrip(circuit: Circuit, width: number): Layout {
  const most = Math.max(3, Math.floor((width + NODE.gapX) / (NODE.width + NODE.gapX)));
  const byId = new Map(circuit.stages.map((stage) => [stage.id, stage]));
  const drawn = new Set<string>();
  const chainRows: { name: string; ids: string[] }[] = [];
  for (const { key, chain } of circuit.paths) {
    const fresh = chain.filter((id) => !drawn.has(id));
    fresh.forEach((id) => drawn.add(id));
    const name = circuit.paths.length > 1 ? PATH_NAMES[key] : "Signal";
    rowsOf(fresh, most).forEach((ids, index) => chainRows.push({ name: index === 0 ? name : "", ids }));
  }
  const beside = circuit.stages.filter(({ id }) => !drawn.has(id));
  const column = new Map(chainRows.flatMap(({ ids }) => ids.map((id, at) => [id, at] as const)));
  const reach = ({ id }: Stage): number => {
    const to = circuit.feeds.filter((feed) => feed.from === id).flatMap((feed) => feed.to);
    const at = to.flatMap((one) => column.get(one) ?? []);
    return at.length > 0 ? at.reduce((sum, one) => sum + one, 0) / at.length : most;
  };
  const lane = (name: "control" | "supply") =>
    beside.filter(({ kind }) => (KINDS[kind].lane === "supply") === (name === "supply"));
  const control = rowsOf(
    lane("control").sort((a, b) => reach(a) - reach(b)),
    most,
  ).map((stages, index) => ({ name: index === 0 ? "Control" : "", ids: stages.map(({ id }) => id) }));
  const supply = rowsOf(lane("supply"), most).map((stages, index) => ({
    name: index === 0 ? "Supply" : "",
    ids: stages.map(({ id }) => id),
  }));
  const rows = [...control, ...chainRows, ...supply];
  // The same columns in every row, so that what belongs together stands together.
  const columns = Math.min(most, Math.max(...rows.map(({ ids }) => ids.length)));
  const x = scaleBand<number>()
    .domain(Array.from({ length: columns }, (_, at) => at))
    .range([0, width])
    .paddingInner(0.1);
  const nodes = rows.flatMap(({ ids }, row): Placed[] =>
    ids.flatMap((id, at) => {
      const stage = byId.get(id);
      const left = (x(at) ?? 0) + (x.bandwidth() - NODE.width) / 2;
      return stage ? [{ stage, x: left, y: row * (NODE.height + NODE.gapY) }] : [];
    }),
  );
  const place = new Map(nodes.map((node) => [node.stage.id, node]));
  const links = joins(circuit).flatMap(({ from, to, kind }): Joined[] => {
    const [a, b] = [place.get(from), place.get(to)];
    return a && b ? [{ kind, from, to, path: curve(a, b) }] : [];
  });
  const step = NODE.height + NODE.gapY;
  return {
    nodes,
    links,
    width,
    height: Math.max(0, rows.length * step - NODE.gapY),
    rows: rows.map(({ name }, row) => ({ name, y: row * step })),
  };
}

/**
 * Signal from stage to stage; control to what it controls; supply from one supply to the next. What a supply feeds is not
 * drawn as a line to each stage: there would be nothing else to see.
 */
function joins(circuit: Circuit): { from: string; to: string; kind: Joined["kind"] }[] {
  const all = circuit.paths.flatMap(({ chain }) =>
    chain.slice(1).map((to, at) => ({ from: chain[at] ?? "", to, kind: "signal" as const })),
  );
  // Two ways of the signal may go the same way for a while.
  const signal = [...new Map(all.map((join) => [`${join.from} ${join.to}`, join])).values()];
  const supply = new Set(circuit.stages.filter(({ kind }) => KINDS[kind].lane === "supply").map(({ id }) => id));
  const feeds = circuit.feeds.flatMap(({ from, to, kind }) =>
    to.filter((one) => one !== "*" && (kind === "control" || supply.has(one))).map((one) => ({ from, to: one, kind })),
  );
  return [...signal, ...feeds];
}

/** A line from the edge of one node to the edge of the other. */
function curve(a: Placed, b: Placed): string {
  const middle = ({ x, y }: Placed) => ({ x: x + NODE.width / 2, y: y + NODE.height / 2 });
  const [from, to] = [middle(a), middle(b)];
  if (a.y === b.y) {
    const right = to.x > from.x;
    const [x1, x2] = right ? [a.x + NODE.width, b.x] : [a.x, b.x + NODE.width];
    // A neighbour is reached straight; over others the line swings below them.
    if (Math.abs(x2 - x1) < NODE.width) return `M${x1},${from.y}L${x2},${to.y}`;
    const low = a.y + NODE.height + NODE.gapY / 2;
    return `M${from.x},${a.y + NODE.height}C${from.x},${low} ${to.x},${low} ${to.x},${b.y + NODE.height}`;
  }
  const down = b.y > a.y;
  const [y1, y2] = down ? [a.y + NODE.height, b.y] : [a.y, b.y + NODE.height];
  const half = (y1 + y2) / 2;
  return `M${from.x},${y1}C${from.x},${half} ${to.x},${half} ${to.x},${y2}`;
}
