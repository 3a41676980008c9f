"use client";

import { extent, line, scaleLinear, timeFormat } from "d3";
import { useState } from "react";
import { seriesOf, type Series, type Visit } from "@/core/history";
import type { Settled } from "@/core/kinds";
import { printMeasured } from "@/core/readings";
import { Field } from "@/ui/form";
import { Band, Chart, HeightAxis, Limit, WIDEST, wideFor, type Paper } from "@/ui/chart";
import { usePlaceWidth } from "@/ui/usePlaceWidth";
import { erasOf, eraScale, gapWords, type Era } from "./eras";

const ROOM = { height: 340, left: 86, right: 24, top: 16, bottom: 30 };
const { height: HEIGHT, left: LEFT, right: RIGHT, top: TOP, bottom: BOTTOM } = ROOM;

type YearsProps = {
  settled: readonly Settled[];
  visits: readonly Visit[];
  now: string;
  onEntry: (ids: readonly string[], title: string) => void;
};

const printer =
  ({ quantity, unit }: Series) =>
  (value: number) =>
    quantity === "percent"
      ? `${Math.round(value * 100)} %`
      : quantity
        ? printMeasured(value, quantity, 4)
        : `${Number(value.toPrecision(4))}${unit ? ` ${unit}` : ""}`;

/** One point or test over the years, with the limits it is judged by. */
function SeriesChart({
  series,
  eras,
  now,
  onEntry,
}: {
  series: Series;
  eras: readonly Era[];
  now: string;
  onEntry: YearsProps["onEntry"];
}) {
  const [place, width] = usePlaceWidth<SVGSVGElement>(WIDEST);
  const paper: Paper = { ...ROOM, width: wideFor(width) };
  const print = printer(series);
  const values = [
    ...series.taken.map(({ value }) => value),
    ...[series.low, series.high].filter((one) => one !== undefined),
  ];
  const [low = 0, high = 1] = extent(values);
  const room = (high - low || Math.abs(high) || 1) * 0.12;
  const era = eraScale(eras, now);
  const x = scaleLinear([0, 1], [LEFT + 14, paper.width - RIGHT - 14]);
  const at = (iso: string) => x(era(Date.parse(iso)));
  const y = scaleLinear([low - room, high + room], [HEIGHT - BOTTOM, TOP]);
  const path = line<(typeof series.taken)[number]>(
    ({ at: iso }) => at(iso),
    ({ value }) => y(value),
  )(series.taken);
  return (
    <Chart ref={place} paper={paper} pressed label={`${series.name} over the years`}>
      {series.low !== undefined || series.high !== undefined ? (
        <Band paper={paper} y={y} low={series.low} high={series.high} />
      ) : null}
      <HeightAxis paper={paper} y={y} ticks={y.ticks(5)} print={print} />
      {[series.low, series.high].map((limit, index) =>
        limit === undefined ? null : <Limit key={index} paper={paper} y={y} value={limit} />,
      )}
      {eras.map(({ visit, from, to }, index) => {
        const before = eras[index - 1];
        return (
          <g key={visit.id}>
            <line
              x1={x(era(from))}
              x2={x(era(to))}
              y1={HEIGHT - BOTTOM + 4}
              y2={HEIGHT - BOTTOM + 4}
              strokeWidth="3"
              className="stroke-base-content/50"
            />
            <text
              x={(x(era(from)) + x(era(to))) / 2}
              y={HEIGHT - 8}
              textAnchor="middle"
              className="fill-base-content text-[14px]"
            >
              <tspan className="font-mono font-bold">{visit.job}</tspan>
              <tspan dx="7">{timeFormat("%-d %b %Y")(new Date(from))}</tspan>
            </text>
            {before ? (
              <text
                x={(x(era(before.to)) + x(era(from))) / 2}
                y={HEIGHT - 8}
                textAnchor="middle"
                className="fill-base-content text-[13px] italic"
              >
                {gapWords(from - before.to)}
              </text>
            ) : null}
          </g>
        );
      })}
      <path d={path ?? undefined} fill="none" strokeWidth="2.5" className="stroke-primary" />
      {series.taken.map(({ at: iso, value, entry }) => {
        const label = `${timeFormat("%-d %b %Y, %H:%M")(new Date(iso))}: ${print(value)}`;
        return (
          <g
            key={entry}
            role="button"
            tabIndex={0}
            aria-label={label}
            className="cursor-pointer"
            onClick={() => onEntry([entry], series.name)}
            onKeyDown={(event) => {
              if (event.key !== "Enter" && event.key !== " ") return;
              // Else the same stroke would press what the window has focused by then.
              event.preventDefault();
              onEntry([entry], series.name);
            }}
          >
            <title>{label}</title>
            <circle cx={at(iso)} cy={y(value)} r="14" fill="transparent" />
            <circle cx={at(iso)} cy={y(value)} r="5.5" className="fill-primary" />
          </g>
        );
      })}
    </Chart>
  );
}

/** Measurements of the same point or test over the years. */
export function Years({ settled, visits, now, onEntry }: YearsProps) {
  const all = seriesOf(settled).toSorted(
    (a, b) => b.taken.length - a.taken.length || a.name.localeCompare(b.name, "en"),
  );
  const [key, setKey] = useState<string>();
  const series = all.find((one) => one.key === key) ?? all[0];
  if (!series)
    return <p className="dim">A point or test that was measured twice is drawn here as a line, with its limits.</p>;
  const print = printer(series);
  const limits = [
    series.low === undefined ? "" : `at least ${print(series.low)}`,
    series.high === undefined ? "" : `at most ${print(series.high)}`,
  ].filter(Boolean);
  return (
    <section aria-label="Over the years" className="flex flex-col gap-2">
      <div className="flex flex-wrap items-end gap-4">
        <Field label="Point or test">
          {(props) => (
            <select
              {...props}
              className="select h-11 w-96 max-w-full"
              value={series.key}
              onChange={(event) => setKey(event.target.value)}
            >
              {all.map((one) => (
                <option key={one.key} value={one.key}>
                  {one.name} ({one.taken.length} times)
                </option>
              ))}
            </select>
          )}
        </Field>
        <p className="dim min-h-11 content-center">
          {limits.length > 0 ? `Limits by the last expectation: ${limits.join(", ")}` : "No limit was ever given."}
        </p>
      </div>
      <SeriesChart series={series} eras={erasOf(settled, visits)} now={now} onEntry={onEntry} />
    </section>
  );
}
