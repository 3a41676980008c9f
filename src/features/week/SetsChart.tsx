"use client";

import { scaleLinear } from "d3";
import { daysBetween, daysLater, weekday } from "@/core/days";
import { stretchesOf, type Outlook, type Placed, type PlanInput } from "@/core/plan";
import { Chart, WIDEST, wideFor, type Paper } from "@/ui/chart";
import { usePlaceWidth } from "@/ui/usePlaceWidth";
import { dayWords, STANDING_WORDS, workName } from "@/ui/plan/words";

const ROW = 40;
const WEEKS = 3;
/** Room that a date takes, in units of the paper: the first day goes without where Monday comes before that. */
const DATE = 92;

/** Where a moment lies, in days from the first one. */
const dayAt = (first: string, { day, minute }: Placed["from"]): number => daysBetween(first, day) + minute / 1440;

/** Work is a full bar, a soak a dashed one, waiting a dotted line: told apart without colour. */
function Span({ by, left, width, top }: { by: Placed["by"]; left: number; width: number; top: number }) {
  return (
    <>
      <rect x={left} y={top + 3} width={width} height={ROW - 6} className="fill-transparent" />
      {by === "person" ? (
        <rect x={left} y={top + 7} width={width} height={ROW - 14} rx={1} className="fill-primary" />
      ) : by === "shop" ? (
        <rect
          x={left}
          y={top + 8}
          width={width}
          height={ROW - 16}
          rx={1}
          className="fill-base-100 stroke-primary"
          strokeDasharray="3 2"
        />
      ) : (
        <line
          x1={left}
          x2={left + width}
          y1={top + ROW / 2}
          y2={top + ROW / 2}
          className="stroke-warning"
          strokeWidth={2}
          strokeDasharray="2 4"
        />
      )}
    </>
  );
}

type ChartProps = { outlook: Outlook; input: PlanInput; onOpen: (visit: string) => void };

/** Three weeks, set by set: work, soaks and waits, the day that was promised, and the days that half and nine of ten runs keep. */
export function SetsChart({ outlook, input, onOpen }: ChartProps) {
  const first = input.today;
  const span = WEEKS * 7;
  const rows = input.sets
    .map((set) => ({ set, sure: outlook.sets.find(({ visit }) => visit === set.visit) }))
    .sort((a, b) => (a.sure?.promise ?? "9").localeCompare(b.sure?.promise ?? "9"));
  const [place, width] = usePlaceWidth<SVGSVGElement>(WIDEST);
  const paper: Paper = {
    width: wideFor(width),
    height: 40 + rows.length * ROW + 8,
    left: 190,
    right: 10,
    top: 40,
    bottom: 8,
  };
  const x = scaleLinear([0, span], [paper.left, paper.width - paper.right]);
  const days = Array.from({ length: span }, (_, index) => daysLater(first, index));
  const inside = (value: number) => Math.min(span, Math.max(0, value));
  const end = (day: string) => inside(daysBetween(first, day) + 1);
  return (
    <Chart ref={place} paper={paper} pressed label="Three weeks, set by set">
      {days.map((day, index) => (
        <g key={day}>
          {weekday(day) > 4 ? (
            <rect
              x={x(index)}
              y={paper.top}
              width={x(1) - x(0)}
              height={rows.length * ROW}
              className="fill-base-300/50"
            />
          ) : null}
          <line
            x1={x(index)}
            x2={x(index)}
            y1={paper.top}
            y2={paper.top + rows.length * ROW}
            className="stroke-base-300"
          />
          {weekday(day) === 0 || (index === 0 && x(7 - weekday(day)) - x(0) > DATE) ? (
            <text x={x(index) + 3} y={16} className="fill-base-content text-[14px] font-bold">
              {dayWords(day)}
            </text>
          ) : null}
          <text x={x(index + 0.5)} y={34} textAnchor="middle" className="fill-base-content text-[12px]">
            {Number(day.slice(8))}
          </text>
        </g>
      ))}
      {rows.map(({ set, sure }, index) => {
        const y = paper.top + index * ROW;
        const mine = outlook.placed.filter((one) => one.visit === set.visit);
        const late = sure?.standing === "danger" || sure?.standing === "broken";
        return (
          <g
            key={set.visit}
            role="button"
            tabIndex={0}
            aria-label={`${set.job} ${set.name}${sure?.promise ? `, done by ${dayWords(sure.promise)} in nine of ten cases` : ""}`}
            className="group cursor-pointer"
            onClick={() => onOpen(set.visit)}
            onKeyDown={(event) => {
              if (event.key === "Enter" || event.key === " ") {
                event.preventDefault();
                onOpen(set.visit);
              }
            }}
          >
            <rect
              x={0}
              y={y}
              width={paper.width}
              height={ROW}
              className="fill-transparent group-hover:fill-base-300/40"
            />
            <line x1={0} x2={paper.width - paper.right} y1={y + ROW} y2={y + ROW} className="stroke-base-300" />
            <text x={4} y={y + 25} className="fill-base-content font-mono text-[14px] font-bold">
              {set.job}
            </text>
            <text x={52} y={y + 25} className="fill-base-content text-[14px]">
              {set.name.length > 17 ? `${set.name.slice(0, 16)}…` : set.name}
            </text>
            {mine.map((one) => (
              <g key={one.key}>
                <title>{`${workName(one)}${one.by === "person" ? "" : `: ${one.text}`}, ${dayWords(one.from.day)} to ${dayWords(one.to.day)}`}</title>
                {stretchesOf(input, one)
                  .map((part) => [inside(dayAt(first, part.from)), inside(dayAt(first, part.to))] as const)
                  .filter(([from, to]) => to > from)
                  .map(([from, to]) => (
                    <Span key={from} by={one.by} left={x(from)} width={Math.max(3, x(to) - x(from))} top={y} />
                  ))}
              </g>
            ))}
            {sure?.half && sure.promise ? (
              <line
                x1={x(end(sure.half))}
                x2={x(end(sure.promise))}
                y1={y + ROW - 4}
                y2={y + ROW - 4}
                className="stroke-base-content"
                strokeWidth={3}
              >
                <title>{`half of the cases by ${dayWords(sure.half)}, nine of ten by ${dayWords(sure.promise)}`}</title>
              </line>
            ) : null}
            {sure?.promised ? (
              <g>
                <title>{`promised for ${dayWords(sure.promised)}: ${STANDING_WORDS[sure.standing]}`}</title>
                <path
                  d={`M${x(end(sure.promised))},${y + 2} v${ROW - 4} M${x(end(sure.promised))},${y + 2} l10,5 l-10,5`}
                  className={late ? "fill-error stroke-error" : "fill-none stroke-base-content"}
                  strokeWidth={2}
                />
              </g>
            ) : null}
          </g>
        );
      })}
      <line
        x1={x(dayAt(first, { day: input.today, minute: Number(input.time.slice(0, 2)) * 60 }))}
        x2={x(dayAt(first, { day: input.today, minute: Number(input.time.slice(0, 2)) * 60 }))}
        y1={paper.top}
        y2={paper.top + rows.length * ROW}
        className="stroke-base-content"
        strokeWidth={1.5}
      />
    </Chart>
  );
}
