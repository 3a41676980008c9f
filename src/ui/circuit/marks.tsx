"use client";

import type { PartState } from "@/core/components";
import {
  flagPath,
  LONG,
  nodeLines,
  railMark,
  sayNode,
  spoken,
  SYMBOLS,
  type AtNode,
  type Panel,
  type Shape,
} from "@/core/drawing";
import { PART_STATE_WORDS, PartShape } from "../PartStateMark";

const LINE_HIGH = 14;

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

export function NodeMark({
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

/** The envelope of a tube or transistor as a button. */
export function DeviceMark({
  shape: { part, x, y },
  on,
  onPress,
}: {
  shape: Extract<Shape, { kind: "device" }>;
  on: boolean;
  onPress: () => void;
}) {
  return (
    <Pressed label={part} on={on} onPress={onPress}>
      <Field on={on} x={x - 30} y={y - 41} width={60} height={82} />
    </Pressed>
  );
}

/** The words beside a part, with the field that is pressed. */
export function PartMark({
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

export function Still({ shape, live }: { shape: Shape; live: boolean }) {
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
export function Flag({ shape, onGo }: { shape: Extract<Shape, { kind: "flag" }>; onGo: (panel: string) => void }) {
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
