"use client";

import {
  DndContext,
  KeyboardSensor,
  PointerSensor,
  pointerWithin,
  rectIntersection,
  useDroppable,
  useSensor,
  useSensors,
  type CollisionDetection,
  type DragEndEvent,
  type KeyboardCoordinateGetter,
} from "@dnd-kit/core";
import type { Outlook, PlanInput } from "@/core/plan";
import { STEP_NAMES } from "@/core/model";
import { dayWords, workTime } from "@/ui/plan/words";
import { cellsOf, waitsOn, type Cell } from "./board";
import { Piece } from "./Piece";

type GridProps = {
  outlook: Outlook;
  input: PlanInput;
  days: readonly string[];
  mayMove: boolean;
  onOpen: (task: string) => void;
  onMove: (task: string, person: string, day: string) => void;
};

/** The cell under the finger; for the keyboard, the one that is covered most. */
const nearest: CollisionDetection = (given) => {
  const under = pointerWithin(given);
  return under.length > 0 ? under : rectIntersection(given);
};

/** An arrow key moves a piece by a whole cell. */
const byCell: KeyboardCoordinateGetter = (event, { currentCoordinates, context }) => {
  const size = [...context.droppableRects.values()][0];
  const width = (size?.width ?? 150) + 4;
  const height = (size?.height ?? 150) + 4;
  switch (event.code) {
    case "ArrowRight":
      return { ...currentCoordinates, x: currentCoordinates.x + width };
    case "ArrowLeft":
      return { ...currentCoordinates, x: currentCoordinates.x - width };
    case "ArrowDown":
      return { ...currentCoordinates, y: currentCoordinates.y + height };
    case "ArrowUp":
      return { ...currentCoordinates, y: currentCoordinates.y - height };
    default:
      return undefined;
  }
};

function DayCell({ cell, today, children }: { cell: Cell; today: boolean; children: React.ReactNode }) {
  const { setNodeRef, isOver } = useDroppable({ id: `${cell.person}|${cell.day}`, disabled: cell.of === 0 });
  const full = cell.of > 0 && cell.minutes > cell.of * 0.98;
  return (
    <td
      ref={setNodeRef}
      className={`min-w-32 border border-base-300 p-1 align-top ${isOver ? "bg-primary/20" : cell.of === 0 ? "bg-base-300/50" : today ? "bg-base-200" : ""}`}
    >
      <p className="dim flex justify-between px-0.5 text-sm whitespace-nowrap">
        {cell.of === 0 ? <span>not here</span> : <span>{cell.minutes > 0 ? workTime(cell.minutes) : "free"}</span>}
        {full ? <span>full</span> : null}
      </p>
      {children}
    </td>
  );
}

/** Who works at what, day by day. A piece of work is dragged to another day or person; the plan follows. */
export function PeopleGrid({ outlook, input, days, mayMove, onOpen, onMove }: GridProps) {
  const sensors = useSensors(
    useSensor(PointerSensor, { activationConstraint: { distance: 6 } }),
    useSensor(KeyboardSensor, { coordinateGetter: byCell }),
  );
  const rows = cellsOf(outlook.placed, input, days);
  const sets = new Map(input.sets.map((one) => [one.visit, one]));
  const outlooks = new Map(outlook.sets.map((one) => [one.visit, one]));
  const moved = ({ active, over }: DragEndEvent) => {
    const [person = "", day = ""] = String(over?.id ?? "").split("|");
    const key: unknown = active.data.current?.key;
    if (person && day && typeof key === "string") onMove(key, person, day);
  };
  const working = rows.filter((row) => row.some(({ of, cards }) => of > 0 || cards.length > 0));
  return (
    <DndContext id="week" sensors={sensors} collisionDetection={nearest} onDragEnd={moved}>
      <table className="w-full table-fixed border-collapse">
        <thead>
          <tr>
            <th className="w-28 p-1 text-left lg:w-36">
              <span className="sr-only">Who</span>
            </th>
            {days.map((day) => (
              <th key={day} className="p-1 text-left" aria-current={day === input.today ? "date" : undefined}>
                {dayWords(day)}
                {day === input.today ? <span className="dim font-normal"> · today</span> : null}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {working.map((row) => {
            const who = input.people.find(({ id }) => id === row[0]?.person);
            return (
              <tr key={who?.id}>
                <th scope="row" className="p-1 text-left align-top">
                  {who?.name}
                </th>
                {row.map((cell) => (
                  <DayCell key={cell.day} cell={cell} today={cell.day === input.today}>
                    <ul className="flex flex-col gap-1">
                      {cell.cards.map((card) => (
                        <Piece
                          key={card.key}
                          card={card}
                          set={sets.get(card.placed.visit) ?? { job: 0, name: "" }}
                          outlook={outlooks.get(card.placed.visit)}
                          mayMove={mayMove}
                          onOpen={() => onOpen(card.placed.key)}
                        />
                      ))}
                    </ul>
                  </DayCell>
                ))}
              </tr>
            );
          })}
          <tr>
            <th scope="row" className="p-1 text-left align-top">
              Nobody
              <span className="dim block text-sm font-normal">parcels, answers, glue, soak</span>
            </th>
            {days.map((day) => (
              <td key={day} className="border border-base-300 p-1 align-top">
                <ul className="flex flex-col gap-1">
                  {waitsOn(outlook.placed, day).map((one) => (
                    <li key={one.key}>
                      <button
                        type="button"
                        title={one.text}
                        className="flex min-h-10 w-full min-w-0 items-baseline gap-1.5 rounded-field border border-dashed border-base-300 px-1.5 py-1 text-left text-sm hover:bg-base-200"
                        onClick={() => onOpen(one.key)}
                      >
                        <span className="font-mono font-bold">{sets.get(one.visit)?.job}</span>
                        <span className="truncate">
                          {one.by === "shop" ? one.text : `before ${STEP_NAMES[one.step]}: ${one.text}`}
                        </span>
                      </button>
                    </li>
                  ))}
                </ul>
              </td>
            ))}
          </tr>
        </tbody>
      </table>
    </DndContext>
  );
}
