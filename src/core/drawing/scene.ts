import type { SymbolName } from "./symbols";

/** A place on a panel, in units of a picture point; y grows downwards. */
export type Point = { x: number; y: number };
export type Anchor = "start" | "middle" | "end";

/** What a panel is drawn of. Volts and states are not in it: whoever draws it sets them at `node` and at `part`. */
export type Shape =
  /** a symbol whose first end lies at x, y; it runs downwards, or to the right when it lies */
  | { kind: "symbol"; symbol: SymbolName; x: number; y: number; lying: boolean; part: string }
  /** a tube or a transistor around x, y, as paths */
  | { kind: "device"; paths: string[]; x: number; y: number; part: string }
  | { kind: "wire"; points: Point[]; node: string }
  | { kind: "dot"; x: number; y: number; node: string }
  /** designator and value of a part */
  | { kind: "part"; x: number; y: number; anchor: Anchor; part: string; lines: string[] }
  /** where the name of a node and its volts stand: over its wire, or below */
  | { kind: "node"; x: number; y: number; anchor: Anchor; node: string; below: boolean }
  /** a rail above, or chassis below, at the end of a part */
  | { kind: "rail"; x: number; y: number; node: string; up: boolean }
  /** goes on in another panel */
  | {
      kind: "flag";
      x: number;
      y: number;
      width: number;
      side: "left" | "right";
      node: string;
      text: string;
      panel?: string;
    };

/** The circuit around one tube, or the supply. */
export type Panel = {
  id: string;
  title: string;
  width: number;
  height: number;
  shapes: Shape[];
};

export type Drawing = {
  panels: Panel[];
  /** parts of the net that the drawing has no place for, each with a sentence */
  left: string[];
};

export const moved = (shape: Shape, dx: number, dy: number): Shape =>
  shape.kind === "wire"
    ? { ...shape, points: shape.points.map(({ x, y }) => ({ x: x + dx, y: y + dy })) }
    : { ...shape, x: shape.x + dx, y: shape.y + dy };

/** About how wide a text of the drawing's size is. */
export const textWidth = (text: string): number => 7.2 * text.length;
