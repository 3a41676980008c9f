import { CHASSIS } from "../model";
import { symbolOf, type Lead } from "./device";
import type { Device } from "./panels";
import type { DrawnPart } from "./parts";
import { textWidth, type Shape } from "./scene";
import { LONG } from "./symbols";

/** A place on the edge of a block that wires end at. */
export type Port = { id: string; x: number; y: number; side: "left" | "right" };
/** A piece of the drawing that is laid out as a whole. */
export type Block = { id: string; width: number; height: number; ports: Port[]; shapes: Shape[] };

/** Parts that hang on a node: up to a rail, down to chassis. */
export type Hung = { ups: DrawnPart[]; downs: DrawnPart[] };
export const NOTHING_HUNG: Hung = { ups: [], downs: [] };

/** Three lines of text over a wire. */
const LABEL_HIGH = 46;
/** A part with its rail over it. */
const RISE = LONG + 34;
/** A part with chassis below it. */
const DROP = LONG + 28;
const LINE_HIGH = 14;
/** From the middle of a symbol to the words beside it. */
const BESIDE = 17;

const columnWidth = ({ lines }: DrawnPart) => BESIDE + 22 + Math.max(34, ...lines.map(textWidth));

/** Where parts stand side by side along a wire; each needs room for its words on its right. */
function columns(parts: readonly DrawnPart[], from: number): { xs: number[]; end: number } {
  const xs: number[] = [];
  let x = from;
  for (const part of parts) {
    xs.push(x);
    x += columnWidth(part);
  }
  return { xs, end: x };
}

/** The words beside a standing symbol, around its middle. A piece of wire has none. */
function besideIt({ part, lines }: DrawnPart, x: number, top: number): Shape[] {
  if (lines.length === 0) return [];
  const y = top + LONG / 2 + 4 - ((lines.length - 1) * LINE_HIGH) / 2;
  return [{ kind: "part", x: x + BESIDE, y, anchor: "start", part, lines }];
}

/** Parts that stand on a wire at height y, each with what is at its other end. */
function standing(parts: readonly DrawnPart[], xs: readonly number[], y: number, node: string, up: boolean): Shape[] {
  return parts.flatMap((part, at): Shape[] => {
    const x = xs[at] ?? 0;
    const top = up ? y - LONG : y;
    const other = part.a === node ? part.b : part.a;
    const upsideDown = (part.a === node) === up;
    return [
      { kind: "symbol", symbol: turned(part.symbol, upsideDown), x, y: top, lying: false, part: part.part },
      ...besideIt(part, x, top),
      { kind: "rail", x, y: up ? top : y + LONG, node: other, up },
    ];
  });
}

/** The symbol of a part whose second end is drawn first. */
const turned = (symbol: DrawnPart["symbol"], upsideDown: boolean): DrawnPart["symbol"] => {
  if (!upsideDown) return symbol;
  if (symbol === "polarised") return "polarised down";
  if (symbol === "polarised down") return "polarised";
  if (symbol === "source") return "source up";
  return symbol === "diode" ? "diode up" : symbol;
};

const dots = (xs: readonly number[], y: number, node: string, meets: (x: number) => number): Shape[] =>
  [...new Set(xs)].filter((x) => meets(x) >= 3).map((x) => ({ kind: "dot", x, y, node }));

/** A node with its name, and the parts that hang on it. */
export function nodeBlock(node: string, hung: Hung, used: ReadonlySet<string>, named = true): Block {
  const id = named ? node : `${node} more`;
  const { ups, downs } = hung;
  const label = named ? Math.max(80, textWidth(node) + 10) : 14;
  const y = ups.length > 0 ? RISE : named ? LABEL_HIGH : 8;
  const above = columns(ups, label);
  const below = columns(downs, label);
  const right = used.has(`${id} right`);
  const left = used.has(`${id} left`);
  const xs = [...above.xs, ...below.xs];
  const width = Math.max(label + 8, above.end, below.end);
  const last = right ? width : Math.max(label, ...xs);
  const meets = (x: number) => 1 + (x < last ? 1 : 0) + (above.xs.includes(x) ? 1 : 0) + (below.xs.includes(x) ? 1 : 0);
  return {
    id,
    width,
    height: y + (downs.length > 0 ? DROP : 10),
    ports: [
      { id: `${id} left`, x: 0, y, side: "left" },
      { id: `${id} right`, x: width, y, side: "right" },
    ],
    shapes: [
      {
        kind: "wire",
        node,
        points: [
          { x: left || !named ? 0 : 6, y },
          { x: last, y },
        ],
      },
      ...(named ? [{ kind: "node", x: 6, y: y - 8, anchor: "start", node, below: false } as const] : []),
      ...standing(ups, above.xs, y, node, true),
      ...standing(downs, below.xs, y, node, false),
      ...dots(xs, y, node, meets),
    ],
  };
}

/** Room at the left of a device for the names of its plate and its cathode. */
const MARGIN = 118;

const UPPER = ["plate", "collector", "drain"];
const LOWER = ["cathode", "emitter", "source"];

/** The nodes at the upper and at the lower end of a device: they are drawn with it. */
export const ownNodes = ({ electrodes }: Device): { upper?: string; lower?: string } => {
  const [upper] = UPPER.flatMap((name) => electrodes.get(name) ?? []);
  const [lower] = LOWER.flatMap((name) => electrodes.get(name) ?? []);
  return { ...(upper === undefined ? {} : { upper }), ...(lower === undefined ? {} : { lower }) };
};

/** A device with what stands on its plate and under its cathode. */
export function deviceBlock(device: Device, hungOn: (node: string) => Hung, used: ReadonlySet<string>): Block {
  const symbol = symbolOf(device);
  const lead = (way: Lead["way"]) => symbol.leads.filter((one) => one.way === way);
  const [top] = lead("up");
  const [bottom] = lead("down");
  const nodeOf = ({ electrode }: Lead) => device.electrodes.get(electrode);
  const upper = top && nodeOf(top);
  const lower = bottom && nodeOf(bottom);
  const ups = upper === undefined ? [] : hungOn(upper).ups;
  const downs = lower === undefined ? [] : hungOn(lower).downs;
  const rise = ups.length > 0 ? RISE : LABEL_HIGH;
  const x = MARGIN;
  const y = rise + 52;
  const above = columns(ups, x + (top?.x ?? 0));
  const below = columns(downs, x + (bottom?.x ?? 0));
  const width = Math.max(x + 60, above.end, below.end);
  const ports: Port[] = [];
  const shapes: Shape[] = [{ kind: "device", paths: symbol.paths, x, y, part: device.key }];

  const bus = (node: string, at: number, xs: readonly number[], from: number, id: string) => {
    const right = used.has(id);
    const last = right ? width : Math.max(from, ...xs);
    ports.push({ id, x: width, y: at, side: "right" });
    if (last > from) shapes.push({ kind: "wire", node, points: [{ x: from, y: at }, { x: last, y: at }] }); // prettier-ignore
    shapes.push(...dots([from, ...xs], at, node, (one) => (one > from ? 1 : 0) + (one < last ? 1 : 0) + (xs.includes(one) ? 1 : 0) + (one === from ? 1 : 0))); // prettier-ignore
  };
  if (top && upper !== undefined) {
    bus(upper, y + top.y, above.xs, x + top.x, `${upper} right`);
    shapes.push(
      { kind: "node", x: x + top.x - 15, y: y + top.y - 8, anchor: "end", node: upper, below: false },
      ...standing(ups, above.xs, y + top.y, upper, true),
    );
  } else if (top) shapes.push({ kind: "rail", x: x + top.x, y: y + top.y, node: CHASSIS, up: true });
  if (bottom && lower !== undefined) {
    bus(lower, y + bottom.y, below.xs, x + bottom.x, `${lower} right`);
    shapes.push(
      { kind: "node", x: x + bottom.x - 22, y: y + bottom.y + LINE_HIGH, anchor: "end", node: lower, below: true },
      ...standing(downs, below.xs, y + bottom.y, lower, false),
    );
  } else if (bottom) shapes.push({ kind: "rail", x: x + bottom.x, y: y + bottom.y, node: CHASSIS, up: false });
  for (const one of [...lead("left"), ...lead("right")]) {
    const node = nodeOf(one);
    const outwards = one.way === "left" ? 0 : width;
    if (node === undefined) {
      // A grid that nothing is joined to in the net is taken as joined to chassis.
      if (one.way === "left") shapes.push({ kind: "rail", x: x + one.x, y: y + one.y, node: CHASSIS, up: false });
      continue;
    }
    ports.push({ id: `${device.key} ${one.electrode}`, x: outwards, y: y + one.y, side: one.way === "left" ? "left" : "right" }); // prettier-ignore
    shapes.push({ kind: "wire", node, points: [{ x: outwards, y: y + one.y }, { x: x + one.x, y: y + one.y }] }); // prettier-ignore
  }
  const lowest = y + 52 + (downs.length > 0 ? DROP : lower === undefined ? 28 : LABEL_HIGH);
  return { id: device.key, width, height: lowest, ports, shapes };
}

/** A part between two nodes, lying. */
export function lyingBlock(part: DrawnPart, left: string): Block {
  const words = Math.max(0, ...part.lines.map(textWidth));
  const width = Math.max(LONG, words) + 12;
  const y = part.lines.length * LINE_HIGH + 18;
  const from = (width - LONG) / 2;
  return {
    id: part.part,
    width,
    height: y + 14,
    ports: [
      { id: `${part.part} left`, x: 0, y, side: "left" },
      { id: `${part.part} right`, x: width, y, side: "right" },
    ],
    shapes: [
      { kind: "wire", node: part.a === left ? part.a : part.b, points: [{ x: 0, y }, { x: from, y }] }, // prettier-ignore
      { kind: "wire", node: part.a === left ? part.b : part.a, points: [{ x: from + LONG, y }, { x: width, y }] }, // prettier-ignore
      { kind: "symbol", symbol: turned(part.symbol, part.a !== left), x: from, y, lying: true, part: part.part },
      ...(part.lines.length > 0
        ? [{ kind: "part", x: width / 2, y: LINE_HIGH - 2, anchor: "middle", part: part.part, lines: part.lines } as const] // prettier-ignore
        : []),
    ],
  };
}

/** A potentiometer: its ends at the left, above and below, its slider at the right. */
export function sliderBlock(part: DrawnPart, isEnd: (node: string) => boolean): Block {
  const words = Math.max(34, ...part.lines.map(textWidth));
  const x = 30;
  const top = isEnd(part.a) && part.a !== CHASSIS ? 30 : 10;
  const width = x + Math.max(36, words + 14);
  const shapes: Shape[] = [
    { kind: "symbol", symbol: "potentiometer", x, y: top, lying: false, part: part.part },
    { kind: "part", x: x + 14, y: top + 44, anchor: "start", part: part.part, lines: part.lines },
    { kind: "wire", node: part.tap ?? "", points: [{ x: x + 28, y: top + 28 }, { x: width, y: top + 28 }] }, // prettier-ignore
  ];
  const ports: Port[] = [{ id: `${part.part} tap`, x: width, y: top + 28, side: "right" }];
  const end = (node: string, y: number, name: string, up: boolean) => {
    if (isEnd(node)) return void shapes.push({ kind: "rail", x, y, node, up });
    shapes.push({ kind: "wire", node, points: [{ x: 0, y }, { x, y }] }); // prettier-ignore
    ports.push({ id: `${part.part} ${name}`, x: 0, y, side: "left" });
  };
  end(part.a, top, "a", true);
  end(part.b, top + LONG, "b", false);
  return { id: part.part, width, height: top + LONG + 30 + (part.lines.length - 1) * LINE_HIGH, ports, shapes };
}

/** The supply: what fills the first rail. */
export function supplyBlock(battery: boolean, words: string[], hot: string, other: string): Block {
  const width = Math.max(70, ...words.map(textWidth)) + 24;
  const x = 30;
  const y = 66 + 14 * words.length;
  const shapes: Shape[] = [
    { kind: "symbol", symbol: battery ? "battery" : "rectifier", x, y, lying: false, part: "supply" },
    { kind: "part", x: 4, y: 14, anchor: "start", part: "supply", lines: words },
    { kind: "wire", node: hot, points: [{ x, y: y - 22 }, { x, y: y - 36 }, { x: width, y: y - 36 }] }, // prettier-ignore
  ];
  const ports: Port[] = [{ id: "supply hot", x: width, y: y - 36, side: "right" }];
  if (other === CHASSIS) shapes.push({ kind: "rail", x, y: y + 22, node: CHASSIS, up: false });
  else {
    shapes.push({ kind: "wire", node: other, points: [{ x, y: y + 22 }, { x, y: y + 36 }, { x: width, y: y + 36 }] }); // prettier-ignore
    ports.push({ id: "supply other", x: width, y: y + 36, side: "right" });
  }
  if (!battery) ports.push({ id: "supply line", x: 0, y, side: "left" });
  return { id: "supply", width, height: y + 50, ports, shapes };
}

/** A wire that goes on in another panel. */
export function flagBlock(id: string, text: string, node: string, side: "left" | "right", panel?: string): Block {
  const width = textWidth(text) + 26;
  return {
    id,
    width,
    height: 30,
    ports: [{ id: `${id} port`, x: side === "left" ? width : 0, y: 15, side: side === "left" ? "right" : "left" }],
    shapes: [{ kind: "flag", x: 0, y: 0, width, side, node, text, ...(panel ? { panel } : {}) }],
  };
}
