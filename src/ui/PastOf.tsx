"use client";

import { extent, line, scaleLinear } from "d3";
import { historyOf, seriesOf, type Series } from "@/core/history";
import { describe, ofKind } from "@/core/kinds";
import { DESIGNATOR } from "@/core/model";
import { printMeasured } from "@/core/readings";
import { Band, Chart, HeightAxis, Limit, WidthAxis, type Paper } from "./chart";
import { day } from "./dates";
import { useLogbook } from "./logbook";
import { Time } from "./Time";
import { useZone } from "./zone";

const PAPER: Paper = { width: 460, height: 190, left: 70, right: 16, top: 12, bottom: 26 };
/** Entries that are listed, the newest first. */
const SHOWN = 12;

/** What was measured at one point, one after the other, with the limits it was judged by last. */
function InOrder({ series }: { series: Series }) {
  const zone = useZone();
  const { taken, low, high, quantity } = series;
  const values = [...taken.map(({ value }) => value), ...[low, high].filter((one) => one !== undefined)];
  const [least = 0, most = 1] = extent(values);
  const room = (most - least || Math.abs(most) || 1) * 0.12;
  const x = scaleLinear([0, Math.max(taken.length - 1, 1)], [PAPER.left + 16, PAPER.width - PAPER.right - 16]);
  const y = scaleLinear([least - room, most + room], [PAPER.height - PAPER.bottom, PAPER.top]);
  const print = (value: number) =>
    quantity ? printMeasured(value, quantity, 4) : String(Number(value.toPrecision(4)));
  const path = line<(typeof taken)[number]>(
    (_, index) => x(index),
    ({ value }) => y(value),
  )(taken);
  const [first, last] = [taken[0], taken.at(-1)];
  return (
    <Chart
      paper={PAPER}
      label={`${series.name}, in the order it was measured: ${taken.map(({ value }) => print(value)).join(", ")}`}
    >
      {low === undefined && high === undefined ? null : <Band paper={PAPER} y={y} low={low} high={high} />}
      <HeightAxis paper={PAPER} y={y} ticks={y.ticks(4)} print={print} />
      {[low, high].map((limit, index) =>
        limit === undefined ? null : <Limit key={index} paper={PAPER} y={y} value={limit} />,
      )}
      {first && last ? (
        <WidthAxis
          paper={PAPER}
          ticks={[
            { key: "first", at: x(0) + 24, text: day(first.at, zone) },
            { key: "last", at: x(taken.length - 1) - 24, text: day(last.at, zone) },
          ]}
        />
      ) : null}
      <path d={path ?? undefined} fill="none" strokeWidth="2.5" className="stroke-primary" />
      {taken.map(({ entry, value }, index) => (
        <circle key={entry} cx={x(index)} cy={y(value)} r="4.5" className="fill-primary" />
      ))}
    </Chart>
  );
}

/** What the log says of one part or point over all visits: its measurements as a chart, and its entries. */
export function PastOf({ name }: { name: string | undefined }) {
  const { settled } = useLogbook();
  if (!name)
    return <p className="dim rounded-box bg-base-200 p-3">Choose a line: what the log says of it stands here.</p>;
  const series = seriesOf(settled).find(({ key }) => key === `point ${name}`);
  const listed = DESIGNATOR.test(name)
    ? historyOf(settled, name).toReversed()
    : ofKind(settled, "reading")
        .filter(({ content }) => content.payload.point === name)
        .toReversed();
  return (
    <section aria-label={`What the log says of ${name}`} className="flex flex-col gap-2 rounded-box bg-base-200 p-3">
      <h2 className="text-lg font-bold">{name} so far</h2>
      {series ? <InOrder series={series} /> : null}
      {listed.length === 0 ? <p className="dim">Nothing yet.</p> : null}
      <ul>
        {listed.slice(0, SHOWN).map(({ entry, at, content }) => {
          if (!content) return null;
          const { subject, text } = describe(content);
          return (
            <li key={entry.id} className="border-b border-base-300 py-1">
              <span className="dim mr-2 text-sm">
                <Time iso={at} />
              </span>
              <strong>{subject}</strong> {text}
            </li>
          );
        })}
      </ul>
      {listed.length > SHOWN ? <p className="dim">and {listed.length - SHOWN} earlier entries</p> : null}
    </section>
  );
}
