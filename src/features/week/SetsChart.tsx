"use client";

import { scaleLinear } from "d3";
import { STEP_NAMES } from "@/core/model";
import { daysBetween, daysLater, weekday, type Outlook, type Placed, type PlanInput } from "@/core/plan";
import { Chart, type Paper } from "@/ui/chart";
import { dayWords, STANDING_WORDS } from "@/ui/plan/words";

const ROW = 30;
const WEEKS = 3;

/** The first day of a week. */
const monday = (day: string): string => daysLater(day, -weekday(day));

/** Where a moment lies, in days from the first one. */
const dayAt = (first: string, { day, minute }: Placed["from"]): number => daysBetween(first, day) + minute / 1440;

type ChartProps = { outlook: Outlook; input: PlanInput; onOpen: (task: string) => void };

/** Three weeks, set by set: work, soaks and waits, the day that was promised, and the days that half and nine of ten runs keep. */
export function SetsChart({ outlook, input, onOpen }: ChartProps) {
  const first = monday(input.today);
  const span = WEEKS * 7;
  const rows = input.sets
    .map((set) => ({ set, sure: outlook.sets.find(({ visit }) => visit === set.visit) }))
    .sort((a, b) => (a.sure?.promise ?? "9").localeCompare(b.sure?.promise ?? "9"));
  const paper: Paper = { width: 1200, height: 40 + rows.length * ROW + 8, left: 190, right: 10, top: 40, bottom: 8 };
  const x = scaleLinear([0, span], [paper.left, paper.width - paper.right]);
  const days = Array.from({ length: span }, (_, index) => daysLater(first, index));
  const inside = (value: number) => Math.min(span, Math.max(0, value));
  const end = (day: string) => inside(daysBetween(first, day) + 1);
  return (
    <Chart paper={paper} pressed label="Three weeks, set by set">
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
          {weekday(day) === 0 ? (
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
          <g key={set.visit}>
            <line x1={0} x2={paper.width - paper.right} y1={y + ROW} y2={y + ROW} className="stroke-base-300" />
            <text x={4} y={y + 20} className="fill-base-content font-mono text-[14px] font-bold">
              {set.job}
            </text>
            <text x={52} y={y + 20} className="fill-base-content text-[14px]">
              {set.name.length > 17 ? `${set.name.slice(0, 16)}…` : set.name}
            </text>
            {mine.map((one) => {
              const from = inside(dayAt(first, one.from));
              const to = inside(dayAt(first, one.to));
              if (to <= from) return null;
              const width = Math.max(2.5, x(to) - x(from));
              const name = `${set.job} ${STEP_NAMES[one.step]}${one.by === "person" ? "" : `: ${one.text}`}, ${dayWords(one.from.day)} to ${dayWords(one.to.day)}`;
              return (
                <g
                  key={one.key}
                  role="button"
                  tabIndex={0}
                  aria-label={name}
                  className="cursor-pointer"
                  onClick={() => onOpen(one.key)}
                  onKeyDown={(event) => {
                    if (event.key === "Enter" || event.key === " ") {
                      event.preventDefault();
                      onOpen(one.key);
                    }
                  }}
                >
                  <title>{name}</title>
                  <rect x={x(from)} y={y + 3} width={width} height={ROW - 6} className="fill-transparent" />
                  {one.by === "person" ? (
                    <rect x={x(from)} y={y + 7} width={width} height={ROW - 14} rx={2} className="fill-primary" />
                  ) : one.by === "shop" ? (
                    <rect
                      x={x(from)}
                      y={y + 8}
                      width={width}
                      height={ROW - 16}
                      rx={2}
                      className="fill-base-100 stroke-primary"
                      strokeDasharray="3 2"
                    />
                  ) : (
                    <line
                      x1={x(from)}
                      x2={x(from) + width}
                      y1={y + ROW / 2}
                      y2={y + ROW / 2}
                      className="stroke-warning"
                      strokeWidth={2}
                      strokeDasharray="2 4"
                    />
                  )}
                </g>
              );
            })}
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
