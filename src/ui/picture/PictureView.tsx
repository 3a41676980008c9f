"use client";

import { select, zoom, zoomIdentity, type ZoomBehavior, type ZoomTransform } from "d3";
import { Maximize, Minus, Plus } from "lucide-react";
import { useEffect, useRef, useState } from "react";
import type { PartState } from "@/core/components";
import type { PlanBlock } from "@/core/picture";
import { PART_STATE_WORDS, PartShape } from "../PartStateMark";

/** A place in the picture, as it is drawn. */
export type Spot = {
  name: string;
  x: number;
  y: number;
  state?: PartState | undefined;
  /** what is spoken of now */
  lit?: boolean;
  /** under suspicion, or gone from the sheet */
  doubtful?: boolean;
  /** its name stands beside it */
  named?: boolean;
};

type PictureViewProps = {
  label: string;
  /** width over height */
  aspect: number;
  /** address of the photo; without one the blocks are drawn */
  src?: string | undefined;
  blocks?: readonly PlanBlock[];
  spots: readonly Spot[];
  /** buttons to zoom; a small picture goes without */
  zooms?: boolean;
  /** drawn a few centimetres wide: marks and letters are larger, only what is lit has a name */
  small?: boolean;
  onSpot?: ((name: string) => void) | undefined;
  /** a place was pointed at: shares of the picture */
  onPlace?: ((place: { x: number; y: number }) => void) | undefined;
  /** a spot is being dragged */
  onDrag?: ((name: string, place: { x: number; y: number }) => void) | undefined;
  onKey?: ((name: string, event: React.KeyboardEvent) => void) | undefined;
};

const WIDTH = 1000;
const MOST_ZOOM = 8;
/** Radius of a mark, in units of the drawing at no zoom. */
const MARK = 13;

const share = (value: number) => Math.min(1, Math.max(0, value));

/** A photo or the plan of a chassis with its places; zoomed by wheel, fingers or buttons. */
export function PictureView({
  label,
  aspect,
  src,
  blocks = [],
  spots,
  zooms,
  small,
  onSpot,
  onPlace,
  onDrag,
  onKey,
}: PictureViewProps) {
  const height = WIDTH / aspect;
  const frame = useRef<SVGSVGElement>(null);
  const inner = useRef<SVGGElement>(null);
  const behaviour = useRef<ZoomBehavior<SVGSVGElement, unknown>>(undefined);
  const [at, setAt] = useState<ZoomTransform>(zoomIdentity);
  const [dragged, setDragged] = useState<string>();

  useEffect(() => {
    if (!zooms || !frame.current) return;
    const made = zoom<SVGSVGElement, unknown>()
      .scaleExtent([1, MOST_ZOOM])
      .translateExtent([
        [0, 0],
        [WIDTH, height],
      ])
      .filter((event: Event) => !(event.target as Element).closest("[data-spot]") && event.type !== "dblclick")
      .on("zoom", ({ transform }: { transform: ZoomTransform }) => setAt(transform));
    behaviour.current = made;
    select(frame.current).call(made);
  }, [zooms, height]);

  const by = (factor: number) => {
    if (frame.current && behaviour.current) behaviour.current.scaleBy(select(frame.current), factor);
  };
  const whole = () => {
    if (frame.current && behaviour.current) behaviour.current.transform(select(frame.current), zoomIdentity);
  };
  /** Where in the picture the pointer is. */
  const placeOf = (event: { clientX: number; clientY: number }) => {
    const matrix = inner.current?.getScreenCTM()?.inverse();
    if (!matrix) return undefined;
    const { x, y } = new DOMPoint(event.clientX, event.clientY).matrixTransform(matrix);
    return { x: share(x / WIDTH), y: share(y / height) };
  };
  const size = (small ? 2 * MARK : MARK) / Math.sqrt(at.k);
  return (
    <figure className="relative mx-auto" style={{ maxWidth: `calc(70vh * ${aspect.toFixed(3)})` }}>
      <svg
        ref={frame}
        viewBox={`0 0 ${WIDTH} ${height}`}
        className="w-full touch-none rounded-box border border-base-300 bg-base-200 select-none"
        role="group"
        aria-label={label}
        onPointerMove={(event) => {
          const place = dragged === undefined ? undefined : placeOf(event);
          if (dragged !== undefined && place) onDrag?.(dragged, place);
        }}
        onPointerUp={() => setDragged(undefined)}
        onPointerLeave={() => setDragged(undefined)}
        onClick={(event) => {
          const place = placeOf(event);
          if (onPlace && place && !(event.target as Element).closest("[data-spot]")) onPlace(place);
        }}
      >
        <g ref={inner} transform={`translate(${at.x} ${at.y}) scale(${at.k})`}>
          {src ? (
            <image href={src} width={WIDTH} height={height} preserveAspectRatio="none" />
          ) : (
            <rect width={WIDTH} height={height} fill="transparent" />
          )}
          {blocks.map((block) => (
            <g key={block.name}>
              <rect
                x={block.x * WIDTH}
                y={block.y * height}
                width={block.width * WIDTH}
                height={block.height * height}
                rx="10"
                className="fill-base-100 stroke-base-300"
                strokeWidth="2"
              />
              <text
                x={block.x * WIDTH + 10}
                y={block.y * height + 26}
                className="fill-base-content text-[22px] font-semibold"
              >
                {block.name}
              </text>
            </g>
          ))}
          {spots.map(({ name, x, y, state, lit, doubtful, named }) => {
            const says = [
              name,
              state ? PART_STATE_WORDS[state] : "",
              doubtful ? "suspect" : "",
              lit ? "spoken of now" : "",
            ]
              .filter(Boolean)
              .join(", ");
            return (
              <g
                key={name}
                data-spot={name}
                transform={`translate(${x * WIDTH} ${y * height})`}
                className={onSpot ? "cursor-pointer" : ""}
                {...(onSpot ? { role: "button", tabIndex: 0, "aria-label": says } : {})}
                onClick={() => onSpot?.(name)}
                onPointerDown={(event) => {
                  if (!onDrag) return;
                  event.stopPropagation();
                  setDragged(name);
                  onSpot?.(name);
                }}
                onKeyDown={(event) => {
                  if (event.key === "Enter" || event.key === " ") {
                    event.preventDefault();
                    onSpot?.(name);
                  }
                  onKey?.(name, event);
                }}
              >
                <title>{says}</title>
                {lit ? (
                  <circle r={size * 2.2} className="fill-warning/25 stroke-warning" strokeWidth={size / 3} />
                ) : null}
                <circle
                  r={size}
                  className={`fill-base-100 ${doubtful ? "stroke-warning" : "stroke-base-content"}`}
                  strokeWidth={doubtful ? 4 : 2}
                  strokeDasharray={doubtful ? "5 4" : undefined}
                />
                {state ? (
                  <g transform={`translate(${-size * 0.8} ${-size * 0.8}) scale(${(size * 1.6) / 16})`}>
                    <PartShape state={state} />
                  </g>
                ) : null}
                {named || lit ? (
                  <text
                    x={x > 0.85 ? -size * 1.4 : size * 1.4}
                    y={size * 0.6}
                    textAnchor={x > 0.85 ? "end" : "start"}
                    style={{ fontSize: (small ? 78 : lit ? 34 : 24) / Math.sqrt(at.k) }}
                    className="fill-base-content stroke-base-100 font-bold"
                    strokeWidth="5"
                    paintOrder="stroke"
                  >
                    {name}
                  </text>
                ) : null}
              </g>
            );
          })}
        </g>
      </svg>
      {zooms ? (
        <div className="absolute top-2 right-2 flex gap-1">
          <button type="button" className="btn h-10 w-10 px-0" aria-label="Larger" onClick={() => by(1.6)}>
            <Plus size={18} aria-hidden="true" />
          </button>
          <button type="button" className="btn h-10 w-10 px-0" aria-label="Smaller" onClick={() => by(1 / 1.6)}>
            <Minus size={18} aria-hidden="true" />
          </button>
          <button type="button" className="btn h-10 w-10 px-0" aria-label="The whole picture" onClick={whole}>
            <Maximize size={18} aria-hidden="true" />
          </button>
        </div>
      ) : null}
    </figure>
  );
}
