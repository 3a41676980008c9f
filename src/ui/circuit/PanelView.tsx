"use client";

import type { PartState } from "@/core/components";
import type { AtNode, Panel } from "@/core/drawing";
import { DeviceMark, Flag, NodeMark, PartMark, Still } from "./marks";

export type Picked = { kind: "node" | "part"; name: string };

/** What is known of the nodes and the parts of the set at hand. */
export type Known = {
  node: (node: string) => AtNode;
  /** what became of a part of the set at hand */
  part?: (part: string) => PartState | undefined;
};

/** At its own size the letters of the drawing are 12 points high; a little larger reads better. */
const SCALE = 1.15;
const LEAST_SCALE = 0.95;

export type PanelProps = Known & {
  /** chassis is B− and may be live */
  live: boolean;
  picked?: Picked | undefined;
  onPick: (picked: Picked) => void;
  panel: Panel;
  onGo: (panel: string) => void;
};

/** A tube or a transistor with the parts around it, or the supply. */
export function PanelView({ panel, node, part, live, picked, onPick, onGo }: PanelProps) {
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
              <DeviceMark
                key={index}
                shape={shape}
                on={is("part", shape.part)}
                onPress={() => onPick({ kind: "part", name: shape.part })}
              />
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
