"use client";

import { scaleLog } from "d3";
import type { BandPlan, Overlap } from "@/core/frequencies";
import { format } from "@/core/quantity";
import { Chart } from "@/ui/chart";
import { hz, rangeText } from "./words";

const WIDTH = 900;
const LEFT = 96;
const RIGHT = 16;
const ROW = 66;
const TOP = 12;
const AXIS = 24;
const BAR = 13;

/** Decades with 1, 2, 5 on them. */
const TICKS = Array.from({ length: 7 }, (_, n) => 10 ** (n + 4)).flatMap((one) => [one, 2 * one, 5 * one]);

type BarProps = { x: (hertz: number) => number; from: number; to: number; y: number; look: string; name: string };

/** A stretch of frequencies as a bar; a single frequency is a mark of its least width. */
function Bar({ x, from, to, y, look, name }: BarProps) {
  return (
    <rect x={x(from)} y={y} width={Math.max(3, x(to) - x(from))} height={BAR} rx={2} className={look}>
      <title>{`${name}: ${rangeText({ from, to })}`}</title>
    </rect>
  );
}

const service = ({ service: of }: Overlap) => (of === "amateur" ? "fill-primary/60" : "fill-warning/70");

/** Signal, oscillator, image, own IF, whistles and what lies there, band by band on one scale. */
export function PlanDrawing({ plans }: { plans: readonly BandPlan[] }) {
  const all = plans.flatMap(({ signal, oscillator, image, band }) =>
    [signal, oscillator, image, band.mid === undefined ? undefined : { from: band.mid, to: band.mid }].flatMap((one) =>
      one ? [one.from, one.to] : [],
    ),
  );
  const positive = all.filter((one) => one > 0);
  if (positive.length === 0) return null;
  const low = Math.min(...positive) / 1.1;
  const high = Math.max(...positive) * 1.1;
  const x = scaleLog([low, high], [LEFT, WIDTH - RIGHT]);
  const height = TOP + plans.length * ROW + AXIS;
  const ticks = TICKS.filter((one) => one >= low && one <= high);
  const every = ticks.length > 14 ? 3 : 1;
  const said = plans
    .map(
      ({ band, signal, oscillator, image, whistles }) =>
        `${band.name}: signal ${rangeText(signal)}${oscillator ? `, oscillator ${rangeText(oscillator)}` : ""}${image ? `, image ${rangeText(image)}` : ""}, ${whistles.length} whistles`,
    )
    .join("; ");
  return (
    <figure>
      <Chart paper={{ width: WIDTH, height }} label={`Frequency plan. ${said}`}>
        {ticks.map((one, n) => (
          <g key={one}>
            <line x1={x(one)} x2={x(one)} y1={TOP} y2={height - AXIS} className="stroke-base-300" />
            {n % every === 0 ? (
              <text x={x(one)} y={height - 6} textAnchor="middle" className="fill-base-content text-[12px]">
                {format(one, "frequency")}
              </text>
            ) : null}
          </g>
        ))}
        {plans.map(({ band, signal, oscillator, image, blocked, whistles, allocations, imageOn }, n) => {
          const y = TOP + n * ROW;
          return (
            <g key={band.name}>
              <text x={4} y={y + 12} className="fill-base-content text-[14px] font-bold">
                {band.name.length > 11 ? `${band.name.slice(0, 10)}…` : band.name}
              </text>
              <text x={4} y={y + 34} className="fill-base-content text-[11px]">
                {oscillator ? "oscillator" : ""}
              </text>
              <text x={4} y={y + 52} className="fill-base-content text-[11px]">
                {image ? "image" : ""}
              </text>
              <Bar x={x} {...signal} y={y} look="fill-base-content/80" name={`${band.name} signal`} />
              {allocations.map((one) => (
                <rect
                  key={`${one.service} ${one.name} ${one.from}`}
                  x={x(one.from)}
                  y={y + BAR + 1}
                  width={Math.max(2, x(one.to) - x(one.from))}
                  height={5}
                  className={service(one)}
                >
                  <title>{`${one.name}, ${one.service}: ${rangeText(one)}`}</title>
                </rect>
              ))}
              {blocked.map((one) => (
                <rect
                  key={one.from}
                  x={x(one.from)}
                  y={y - 3}
                  width={Math.max(3, x(one.to) - x(one.from))}
                  height={BAR + 6}
                  className="fill-error"
                >
                  <title>{`own IF: ${rangeText(one)}`}</title>
                </rect>
              ))}
              {whistles.map(({ at, order }) => (
                <line
                  key={at}
                  x1={x(at)}
                  x2={x(at)}
                  y1={y - 2 - Math.max(1, 6 - order)}
                  y2={y + BAR}
                  className="stroke-error"
                  strokeWidth={order <= 3 ? 2 : 1}
                >
                  <title>{`whistle at ${hz(at)}, order ${order}`}</title>
                </line>
              ))}
              {oscillator ? (
                <Bar x={x} {...oscillator} y={y + 24} look="fill-info" name={`${band.name} oscillator`} />
              ) : null}
              {image && image.to > 0 ? (
                <Bar
                  x={x}
                  from={Math.max(image.from, low)}
                  to={image.to}
                  y={y + 42}
                  look="fill-none stroke-base-content"
                  name={`${band.name} image`}
                />
              ) : null}
              {imageOn.map((one) => (
                <rect
                  key={`${one.name} ${one.from}`}
                  x={x(one.from)}
                  y={y + 42}
                  width={Math.max(2, x(one.to) - x(one.from))}
                  height={BAR}
                  className="fill-warning/70"
                >
                  <title>{`image on ${one.name}: ${rangeText(one)}`}</title>
                </rect>
              ))}
            </g>
          );
        })}
      </Chart>
      <figcaption className="text-sm">
        Dark: what is received, with the amateur bands (green) and broadcasting (ochre) under it; red strokes: whistles,
        the longer the stronger; a red block: its own IF. Open bar: the image, ochre where broadcasting lies in it.
      </figcaption>
    </figure>
  );
}
