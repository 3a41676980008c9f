"use client";

import { Download, Printer } from "lucide-react";
import { useState } from "react";
import type { PartState } from "@/core/components";
import {
  flagPath,
  LONG,
  nodeLines,
  railMark,
  sayNode,
  spoken,
  STATE_SIGNS,
  svgOfDrawing,
  SYMBOLS,
  type AtNode,
  type Drawing,
  type Panel,
  type Shape,
} from "@/core/drawing";
import { download } from "../download";
import { PART_STATE_WORDS, PartShape } from "../PartStateMark";

export type Picked = { kind: "node" | "part"; name: string };

type Known = {
  node: (node: string) => AtNode;
  /** what became of a part of the set at hand */
  part?: (part: string) => PartState | undefined;
};

type DrawingProps = Known & {
  drawing: Drawing;
  title: string;
  /** chassis is B− and may be live */
  live: boolean;
  /** one stage at a time, where there is little room */
  single?: boolean;
  picked?: Picked | undefined;
  onPick: (picked: Picked) => void;
};

const LINE_HIGH = 14;
/** At its own size the letters of the drawing are 12 points high; a little larger reads better. */
const SCALE = 1.15;
const LEAST_SCALE = 0.95;

/** Something that is pressed: by finger, mouse or key. */
function Pressed(props: { label: string; on: boolean; onPress: () => void; children: React.ReactNode }) {
  const { label, on, onPress, children } = props;
  return (
    <g
      role="button"
      tabIndex={0}
      aria-label={label}
      aria-pressed={on}
      className="group cursor-pointer outline-none"
      onClick={onPress}
      onKeyDown={(event) => {
        if (event.key !== "Enter" && event.key !== " ") return;
        event.preventDefault();
        onPress();
      }}
    >
      {children}
    </g>
  );
}

const Field = ({ on, ...box }: { on: boolean; x: number; y: number; width: number; height: number }) => (
  <rect
    {...box}
    rx="4"
    className={`stroke-2 group-focus-visible:stroke-primary ${on ? "fill-primary/15 stroke-primary" : "fill-transparent stroke-transparent group-hover:fill-base-300/60"}`}
  />
);

const LINE = "fill-none stroke-base-content stroke-[1.4]";
const TEXT = "fill-base-content text-[12px]";

function NodeMark({
  shape,
  at,
  on,
  onPress,
}: {
  shape: Extract<Shape, { kind: "node" }>;
  at: AtNode;
  on: boolean;
  onPress: () => void;
}) {
  const lines = nodeLines(at);
  const top = shape.below ? shape.y : shape.y - lines.length * LINE_HIGH;
  const width = Math.max(44, 8.2 * Math.max(spoken(shape.node).length, ...lines.map((line) => line.length)));
  const height = Math.max(36, (lines.length + 1) * LINE_HIGH + 6);
  return (
    <Pressed label={sayNode(shape.node, at)} on={on} onPress={onPress}>
      <Field
        on={on}
        x={shape.anchor === "end" ? shape.x - width - 2 : shape.x - 4}
        y={shape.below ? top - LINE_HIGH : shape.y + 5 - height}
        width={width + 6}
        height={height}
      />
      <text x={shape.x} y={top} textAnchor={shape.anchor} className={`${TEXT} font-bold`}>
        {spoken(shape.node)}
      </text>
      {lines.map((line, index) => (
        <text
          key={line}
          x={shape.x}
          y={top + (index + 1) * LINE_HIGH}
          textAnchor={shape.anchor}
          className={
            line.startsWith("net")
              ? "dim-text text-[12px]"
              : `${TEXT} font-bold ${at.fits === false ? "fill-warning" : ""}`
          }
        >
          {line}
        </text>
      ))}
    </Pressed>
  );
}

/** The words beside a part, with the field that is pressed. */
function PartMark({
  shape,
  panel,
  state,
  on,
  onPress,
}: {
  shape: Extract<Shape, { kind: "part" }>;
  panel: Panel;
  state: PartState | undefined;
  on: boolean;
  onPress: () => void;
}) {
  const symbol = panel.shapes.find((one) => one.kind === "symbol" && one.part === shape.part);
  const width = 8.2 * Math.max(4, ...shape.lines.map((line) => line.length)) + (state ? 18 : 0);
  const height = shape.lines.length * LINE_HIGH + 4;
  const words = { x: shape.anchor === "middle" ? shape.x - width / 2 : shape.x - 2, y: shape.y - LINE_HIGH + 1, width, height }; // prettier-ignore
  const own =
    symbol?.kind === "symbol" && symbol.symbol !== "rectifier" && symbol.symbol !== "battery"
      ? symbol.lying
        ? { x: symbol.x, y: symbol.y - 14, width: LONG, height: 28 }
        : { x: symbol.x - 15, y: symbol.y + 4, width: 30, height: LONG - 8 }
      : words;
  const left = Math.min(words.x, own.x);
  const top = Math.min(words.y, own.y);
  const box = { x: left, y: top, width: Math.max(words.x + words.width, own.x + own.width) - left, height: Math.max(words.y + words.height, own.y + own.height) - top }; // prettier-ignore
  const [first = shape.part, ...rest] = shape.lines;
  const marked = state && state !== "original";
  return (
    <Pressed
      label={[...shape.lines, state ? PART_STATE_WORDS[state] : ""].filter(Boolean).join(", ")}
      on={on}
      onPress={onPress}
    >
      <Field on={on} {...box} />
      <text x={shape.x} y={shape.y} textAnchor={shape.anchor} className={`${TEXT} font-bold`}>
        {first}
      </text>
      {rest.map((line, index) => (
        <text key={line} x={shape.x} y={shape.y + (index + 1) * LINE_HIGH} textAnchor={shape.anchor} className={TEXT}>
          {line}
        </text>
      ))}
      {marked ? (
        <g
          transform={`translate(${shape.anchor === "middle" ? shape.x + 4 * first.length + 6 : shape.x + 8 * first.length + 4} ${shape.y - 12})`}
        >
          <PartShape state={state} />
        </g>
      ) : null}
    </Pressed>
  );
}

function Still({ shape, live }: { shape: Shape; live: boolean }) {
  switch (shape.kind) {
    case "symbol":
      return SYMBOLS[shape.symbol].map((d) => (
        <path
          key={d}
          d={d}
          className={LINE}
          transform={`translate(${shape.x} ${shape.y})${shape.lying ? " rotate(-90)" : ""}`}
        />
      ));
    case "device":
      return shape.paths.map((d) => (
        <path key={d} d={d} className={LINE} transform={`translate(${shape.x} ${shape.y})`} />
      ));
    case "wire":
      return <path d={`M${shape.points.map(({ x, y }) => `${x} ${y}`).join("L")}`} className={LINE} />;
    case "dot":
      return <circle cx={shape.x} cy={shape.y} r="2.6" className="fill-base-content" />;
    case "rail": {
      const { path, name, nameAt } = railMark(shape, live);
      return (
        <>
          <path d={path} className={LINE} transform={`translate(${shape.x} ${shape.y})`} />
          {name ? (
            <text x={shape.x} y={nameAt} textAnchor="middle" className={TEXT}>
              {name}
            </text>
          ) : null}
        </>
      );
    }
    default:
      return null;
  }
}

/** Where a wire goes on in another panel: pressing it goes there. */
function Flag({ shape, onGo }: { shape: Extract<Shape, { kind: "flag" }>; onGo: (panel: string) => void }) {
  const { x, y, width: w, side, text, panel } = shape;
  const drawn = (
    <>
      <path d={flagPath(shape)} className={`${LINE} fill-base-100`} />
      <text x={x + w / 2 + (side === "right" ? -3 : 3)} y={y + 19} textAnchor="middle" className={TEXT}>
        {text}
      </text>
    </>
  );
  if (!panel) return drawn;
  return (
    <Pressed label={`${spoken(shape.node)} goes on at ${text}`} on={false} onPress={() => onGo(panel)}>
      <Field on={false} x={x - 2} y={y} width={w + 4} height={30} />
      {drawn}
    </Pressed>
  );
}

type PanelProps = Omit<DrawingProps, "drawing" | "title" | "single"> & {
  panel: Panel;
  onGo: (panel: string) => void;
};

function PanelView({ panel, node, part, live, picked, onPick, onGo }: PanelProps) {
  const { width, height } = panel;
  const is = (kind: Picked["kind"], name: string) => picked?.kind === kind && picked.name === name;
  return (
    <figure id={`stage-${panel.id}`} className="min-w-0 rounded-box border border-base-300 p-2">
      <figcaption className="font-bold">{panel.title}</figcaption>
      <div className="overflow-x-auto">
        <svg
          viewBox={`0 0 ${width} ${height}`}
          style={{ width: width * SCALE, minWidth: width * LEAST_SCALE }}
          className="h-auto max-w-full"
          role="group"
          aria-label={`Circuit of ${panel.title}`}
        >
          {panel.shapes.map((shape, index) => (
            <Still key={index} shape={shape} live={live} />
          ))}
          {panel.shapes.map((shape, index) =>
            shape.kind === "flag" ? (
              <Flag key={index} shape={shape} onGo={onGo} />
            ) : shape.kind === "part" ? (
              <PartMark
                key={index}
                shape={shape}
                panel={panel}
                state={part?.(shape.part)}
                on={is("part", shape.part)}
                onPress={() => onPick({ kind: "part", name: shape.part })}
              />
            ) : shape.kind === "device" ? (
              <Pressed
                key={index}
                label={shape.part}
                on={is("part", shape.part)}
                onPress={() => onPick({ kind: "part", name: shape.part })}
              >
                <Field on={is("part", shape.part)} x={shape.x - 30} y={shape.y - 41} width={60} height={82} />
              </Pressed>
            ) : shape.kind === "node" ? (
              <NodeMark
                key={index}
                shape={shape}
                at={node(shape.node)}
                on={is("node", shape.node)}
                onPress={() => onPick({ kind: "node", name: shape.node })}
              />
            ) : null,
          )}
        </svg>
      </div>
    </figure>
  );
}

/** Prints the whole drawing alone, without the page around it. */
function printSvg(svg: string): void {
  const frame = document.createElement("iframe");
  frame.hidden = true;
  frame.srcdoc = svg;
  frame.onload = () => {
    frame.contentWindow?.addEventListener("afterprint", () => frame.remove());
    frame.contentWindow?.print();
  };
  document.body.append(frame);
}

/** Nodes of a panel whose reading is out. */
const outIn = ({ shapes }: Panel, node: Known["node"]): boolean =>
  shapes.some((shape) => shape.kind === "node" && node(shape.node).fits === false);

/** The circuit of a set, stage by stage: a view of its net with its volts and the state of its parts. */
export function CircuitDrawing({ drawing, title, single, ...rest }: DrawingProps) {
  const { panels, left } = drawing;
  const [chosen, setChosen] = useState<string>();
  const stage = chosen ?? (panels.find((panel) => outIn(panel, rest.node)) ?? panels[0])?.id;
  const go = (panel: string) => {
    setChosen(panel);
    if (!single) document.getElementById(`stage-${panel}`)?.scrollIntoView({ behavior: "smooth", block: "nearest" });
  };
  const svg = () =>
    svgOfDrawing(drawing, title, {
      node: (node) => nodeLines(rest.node(node)),
      part: (part) => STATE_SIGNS[rest.part?.(part) ?? "original"],
      live: rest.live,
    });
  const anyRead = panels.some(({ shapes }) =>
    shapes.some((shape) => shape.kind === "node" && rest.node(shape.node).read !== undefined),
  );
  return (
    <section aria-label="Circuit" className="flex flex-col gap-2">
      <div className="flex flex-wrap items-center gap-2 print:hidden">
        {single ? (
          <div role="group" aria-label="Stage" className="flex grow flex-wrap gap-1">
            {panels.map((panel) => (
              <button
                key={panel.id}
                type="button"
                className={`btn h-10 px-3 ${stage === panel.id ? "btn-primary" : "btn-ghost"}`}
                aria-pressed={stage === panel.id}
                title={panel.title}
                onClick={() => setChosen(panel.id)}
              >
                {panel.id === "supply" ? "Supply" : panel.id}
                {outIn(panel, rest.node) ? <span aria-label="a reading is out">▲</span> : null}
              </button>
            ))}
          </div>
        ) : (
          <Legend anyRead={anyRead} live={rest.live} />
        )}
        <button
          type="button"
          className="btn btn-outline h-10 w-10 px-0"
          aria-label="Print the circuit"
          onClick={() => printSvg(svg())}
        >
          <Printer size={16} aria-hidden="true" />
        </button>
        <button
          type="button"
          className="btn btn-outline h-10"
          onClick={() => download(svg(), "image/svg+xml", `${title.replaceAll(/[^\w.-]+/g, "-")}-circuit.svg`)}
        >
          <Download size={16} aria-hidden="true" /> SVG
        </button>
      </div>
      <div className="flex flex-wrap gap-2">
        {panels
          .filter(({ id }) => !single || id === stage)
          .map((panel) => (
            <PanelView key={panel.id} panel={panel} onGo={go} {...rest} />
          ))}
      </div>
      {single ? <Legend anyRead={anyRead} live={rest.live} /> : null}
      {left.length > 0 ? (
        <ul aria-label="Not in the drawing" className="dim text-sm">
          {left.map((text) => (
            <li key={text}>{text}</li>
          ))}
        </ul>
      ) : null}
    </section>
  );
}

const Legend = ({ anyRead, live }: { anyRead: boolean; live: boolean }) => (
  <p className="dim grow text-sm">
    “net” is computed{anyRead ? ", “read” was measured: ● within the chart, ▲ out of it" : ""}.
    {live ? " B− may be live: it is not the chassis symbol." : ""}
  </p>
);
