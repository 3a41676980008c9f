import { CHASSIS } from "../model";
import type { Drawing, Panel, Shape } from "./scene";
import { SYMBOLS } from "./symbols";
import { spoken } from "./words";

/** What stands beside the nodes and parts of a panel. */
export type Words = {
  /** lines under the name of a node: volts, computed and measured */
  node: (node: string) => readonly string[];
  /** one mark before the designator of a part, `■` replaced; empty for none */
  part: (part: string) => string;
  /** B− of a set whose chassis is live: it is not drawn as chassis */
  live: boolean;
};

const LINE_HIGH = 14;
const escaped = (text: string) => text.replaceAll("&", "&amp;").replaceAll("<", "&lt;").replaceAll('"', "&quot;");

/** Chassis as IEC 60617 has it: a line with slanted strokes. */
const CHASSIS_PATH = "M0 0V8M-11 8H11M-9 8L-13 16M0 8L-4 16M9 8L5 16";
/** A rail, and B− of a set with a live chassis: a bar with its name. */
const RAIL_UP = "M0 0V-8M-12 -8H12";
const RAIL_DOWN = "M0 0V8M-12 8H12";

/** The mark at the end of a part, with its name and where that stands. */
export function railMark(
  { node, up, y }: Extract<Shape, { kind: "rail" }>,
  live: boolean,
): { path: string; name: string; nameAt: number } {
  const chassis = node === CHASSIS;
  return {
    path: up ? RAIL_UP : chassis && !live ? CHASSIS_PATH : RAIL_DOWN,
    name: chassis ? (live ? "B−" : up ? "chassis" : "") : node,
    nameAt: up ? y - 13 : y + 21,
  };
}

/** The outline of a flag: its point shows where the wire goes on. */
export const flagPath = ({ x, y, width, side }: Extract<Shape, { kind: "flag" }>): string =>
  side === "right"
    ? `M${x} ${y + 4}H${x + width - 10}L${x + width} ${y + 15}L${x + width - 10} ${y + 26}H${x}Z`
    : `M${x + 10} ${y + 4}H${x + width}V${y + 26}H${x + 10}L${x} ${y + 15}Z`;

function text(x: number, y: number, anchor: string, lines: readonly string[], bold: boolean): string {
  return lines
    .map(
      (line, at) =>
        `<text x="${x}" y="${y + at * LINE_HIGH}" font-size="12" text-anchor="${anchor}" fill="#111"${bold && at === 0 ? ' font-weight="bold"' : ""}>${escaped(line)}</text>`,
    )
    .join("");
}

const stroke = (d: string, at = "") => `<path d="${d}" fill="none" stroke="#111" stroke-width="1.4"${at}/>`;

function drawn(shape: Shape, words: Words): string {
  switch (shape.kind) {
    case "symbol": {
      const turn = shape.lying ? ` rotate(-90)` : "";
      return SYMBOLS[shape.symbol]
        .map((d) => stroke(d, ` transform="translate(${shape.x} ${shape.y})${turn}"`))
        .join("");
    }
    case "device":
      return shape.paths.map((d) => stroke(d, ` transform="translate(${shape.x} ${shape.y})"`)).join("");
    case "wire":
      return stroke(`M${shape.points.map(({ x, y }) => `${x} ${y}`).join("L")}`);
    case "dot":
      return `<circle cx="${shape.x}" cy="${shape.y}" r="2.6" fill="#111"/>`;
    case "part": {
      const [first = "", ...rest] = shape.lines;
      const mark = words.part(shape.part);
      return text(shape.x, shape.y, shape.anchor, [`${mark}${mark ? " " : ""}${first}`, ...rest], true);
    }
    case "node": {
      const lines = [spoken(shape.node), ...words.node(shape.node)];
      return text(shape.x, shape.below ? shape.y : shape.y - (lines.length - 1) * LINE_HIGH, shape.anchor, lines, true);
    }
    case "rail": {
      const { path, name, nameAt } = railMark(shape, words.live);
      return (
        stroke(path, ` transform="translate(${shape.x} ${shape.y})"`) +
        (name ? text(shape.x, nameAt, "middle", [name], false) : "")
      );
    }
    case "flag":
      return stroke(flagPath(shape)) + text(shape.x + shape.width / 2, shape.y + 19, "middle", [shape.text], false);
  }
}

/** A panel as an SVG that stands alone: for print and for the report. */
export function svgOfPanel({ width, height, shapes, title }: Panel, words: Words): string {
  return `<svg xmlns="http://www.w3.org/2000/svg" width="${width}" height="${height}" viewBox="0 0 ${width} ${height}"><title>${escaped(title)}</title>${shapes.map((shape) => drawn(shape, words)).join("")}</svg>`;
}

const TITLE_HIGH = 40;

/** All panels, one below the other. */
export function svgOfDrawing({ panels }: Drawing, title: string, words: Words): string {
  const width = Math.max(200, ...panels.map((panel) => panel.width));
  let y = TITLE_HIGH;
  const body = panels.map((panel) => {
    const at = y;
    y += panel.height + TITLE_HIGH;
    return `<g transform="translate(0 ${at})">${text(8, 0, "start", [panel.title], true)}${panel.shapes.map((shape) => drawn(shape, words)).join("")}</g>`;
  });
  return `<svg xmlns="http://www.w3.org/2000/svg" width="${width}" height="${y}" viewBox="0 0 ${width} ${y}" font-family="sans-serif"><title>${escaped(title)}</title>${text(8, 16, "start", [title], true)}${body.join("")}</svg>`;
}
