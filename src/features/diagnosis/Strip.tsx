"use client";

import { CircleCheck, CircleSlash } from "lucide-react";
import { useMemo } from "react";
import type { Circuit } from "@/core/model";
import type { StageShare } from "@/core/diagnosis";
import { usePlaceWidth } from "@/ui/usePlaceWidth";
import { layoutStrip, NODE, type Joined } from "./layout";
import { percent } from "./words";

export type Seen = { good: number; bad: number };

type StripProps = {
  circuit: Circuit;
  shares: readonly StageShare[];
  imagined?: readonly StageShare[] | undefined;
  /** what was measured at each stage */
  seen: ReadonlyMap<string, Seen>;
  selected: string | undefined;
  onSelect: (id: string) => void;
};

const STROKES: Record<Joined["kind"], string> = {
  signal: "stroke-base-content stroke-2",
  supply: "stroke-base-content/40 [stroke-dasharray:6_4]",
  control: "stroke-base-content/60 [stroke-dasharray:2_4] stroke-2",
};

/** The stages of the set with each one's share of suspicion. A stage is a button: it shows its faults and readings. */
export function Strip({ circuit, shares, imagined, seen, selected, onSelect }: StripProps) {
  const [frame, width] = usePlaceWidth(680);
  const { nodes, links, height } = useMemo(() => layoutStrip(circuit, width), [circuit, width]);
  const share = new Map(shares.map((one) => [one.id, one.share]));
  const then = imagined ? new Map(imagined.map((one) => [one.id, one.share])) : undefined;
  return (
    <div ref={frame} role="group" aria-label="Stages of the set" className="relative" style={{ height }}>
      <svg width={width} height={height} className="absolute inset-0 overflow-visible" aria-hidden="true">
        {links.map(({ from, to, path, kind }) => (
          <path key={`${from}-${to}-${kind}`} d={path} fill="none" className={STROKES[kind]} />
        ))}
      </svg>
      {nodes.map(({ stage, x, y }) => {
        const now = share.get(stage.id) ?? 0;
        const shown = then?.get(stage.id) ?? now;
        const marks = seen.get(stage.id);
        return (
          <button
            key={stage.id}
            type="button"
            aria-pressed={selected === stage.id}
            aria-label={`${stage.name}${stage.tubes.length > 0 ? ` ${stage.tubes.join(" ")}` : ""}: ${percent(shown)} of the suspicion${marks ? `, ${marks.good} good, ${marks.bad} out` : ""}`}
            className={`absolute flex flex-col justify-between overflow-hidden rounded-field border-2 bg-base-100 px-1 pt-0.5 text-left leading-tight hover:border-primary ${
              selected === stage.id ? "border-primary" : "border-base-content/40"
            }`}
            style={{
              left: x,
              top: y,
              width: NODE.width,
              height: NODE.height,
              backgroundImage: `linear-gradient(color-mix(in oklab, var(--color-warning) ${Math.round(8 + 40 * shown)}%, transparent) 0 0)`,
              backgroundSize: `100% ${shown > 0.004 ? Math.max(8, 100 * shown) : 0}%`,
              backgroundPosition: "bottom",
              backgroundRepeat: "no-repeat",
            }}
            onClick={() => onSelect(stage.id)}
          >
            <span className="line-clamp-2 text-[0.8rem] font-semibold">{stage.name}</span>
            <span className="flex w-full items-center gap-1 font-mono text-[0.8rem]">
              <span className={`whitespace-nowrap ${then ? "font-bold" : ""}`}>{percent(shown)}</span>
              <span className="grow" />
              {marks && marks.good > 0 ? <CircleCheck size={13} aria-hidden="true" className="text-success" /> : null}
              {marks && marks.bad > 0 ? <CircleSlash size={13} aria-hidden="true" className="text-warning" /> : null}
            </span>
          </button>
        );
      })}
    </div>
  );
}
