"use client";

import { useDraggable } from "@dnd-kit/core";
import { ArrowRight, GripVertical, Pin } from "lucide-react";
import type { SetOutlook } from "@/core/plan";
import { workTime, workName } from "@/ui/plan/words";
import type { Card } from "./board";

type PieceProps = {
  card: Card;
  set: { job: number; name: string };
  outlook: SetOutlook | undefined;
  mayMove: boolean;
  onOpen: () => void;
};

const EDGE = { danger: "border-l-error", broken: "border-l-error", kept: "border-l-primary" } as const;

/** A piece of work on a day: what, of which set, how long. It is dragged by its handle, or opened and put elsewhere. */
export function Piece({ card, set, outlook, mayMove, onOpen }: PieceProps) {
  const { placed, minutes, begun, goesOn } = card;
  const { attributes, listeners, setNodeRef, transform, isDragging } = useDraggable({
    id: `${placed.key}@${placed.from.day}${begun ? "+" : ""}`,
    data: { key: placed.key },
    disabled: !mayMove || begun,
  });
  const standing = outlook?.standing;
  const edge =
    standing === "danger" || standing === "broken" || standing === "kept" ? EDGE[standing] : "border-l-base-300";
  return (
    <li
      ref={setNodeRef}
      style={
        transform
          ? { transform: `translate(${transform.x}px, ${transform.y}px)`, zIndex: 10, position: "relative" }
          : {}
      }
      className={`flex items-stretch rounded-field border border-base-300 border-l-4 bg-base-100 ${edge} ${isDragging ? "shadow-lg" : ""}`}
    >
      <button type="button" className="min-w-0 flex-1 px-1.5 py-1 text-left hover:bg-base-200" onClick={onOpen}>
        <span className="flex items-baseline gap-1.5">
          <span className="font-mono font-bold">{set.job}</span>
          <span className="truncate">{set.name}</span>
        </span>
        <span className="flex items-center gap-1 text-sm">
          {placed.pinned ? <Pin size={14} aria-label="put here by hand" /> : null}
          <span className="truncate">
            {begun ? "on with " : ""}
            {workName(placed)}
          </span>
          <span className="dim ml-auto whitespace-nowrap">{workTime(minutes)}</span>
          {goesOn ? <ArrowRight size={14} aria-label="goes on" /> : null}
        </span>
      </button>
      {mayMove && !begun ? (
        <button
          type="button"
          className="no-print flex w-6 shrink-0 cursor-grab touch-none items-center justify-center text-base-content/70 hover:bg-base-200"
          {...attributes}
          {...listeners}
          aria-label={`Move ${workName(placed)} of job ${set.job}`}
        >
          <GripVertical size={16} aria-hidden="true" />
        </button>
      ) : null}
    </li>
  );
}
