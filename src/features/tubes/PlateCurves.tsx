"use client";

import { line, scaleLinear } from "d3";
import { plateCurves, tubeModel } from "@/core/circuit";
import { format } from "@/core/quantity";
import type { TubeType } from "@/core/tubes";
import { Chart, HeightAxis, WidthAxis, type Paper } from "@/ui/chart";

const PAPER: Paper = { width: 620, height: 300, left: 62, right: 74, top: 12, bottom: 30 };

const SHAPE_OF_CLASS = "the shape of the curves";

/** Plate curves of a type by its model, with the published operation, and what the model was computed from. */
export function PlateCurves({ tube }: { tube: TubeType }) {
  const model = tubeModel(tube);
  if (!model) return null;
  const { curves, mostVolts, mostAmps } = plateCurves(model);
  const { point, assumed } = model.source;
  const x = scaleLinear([0, mostVolts], [PAPER.left, PAPER.width - PAPER.right]);
  const y = scaleLinear([0, mostAmps], [PAPER.height - PAPER.bottom, PAPER.top]);
  const path = line<{ volts: number; amps: number }>(
    ({ volts }) => x(volts),
    ({ amps }) => y(amps),
  );
  const grids = curves.map(({ grid }) => format(grid, "voltage", 3)).join(", ");
  const screen = model.law === "pentode" ? `, screen at ${format(point.screen ?? point.plate, "voltage")}` : "";
  const given = [
    point.amps ? `${format(point.amps, "current")} of plate current` : "",
    point.screenAmps ? `${format(point.screenAmps, "current")} of screen current` : "",
    point.gm ? `${Number((point.gm * 1e3).toPrecision(3))} mA/V` : "",
    point.mu ? `µ ${point.mu}` : "",
    point.plateOhms ? `plate resistance ${format(point.plateOhms, "resistance")}` : "",
  ].filter(Boolean);
  return (
    <section aria-label={`Curves of the ${tube.type}`} className="lg:col-span-full">
      <h3 className="font-bold">
        Plate curves by the model
        <span className="dim text-sm font-normal"> that the circuit of a set is solved with{screen}</span>
      </h3>
      <Chart
        paper={PAPER}
        className="max-w-3xl"
        label={`Plate current of the ${tube.type} up to ${format(mostVolts, "voltage")}, at grid volts of ${grids}${screen}; the published operation is ${format(point.plate, "voltage")} and ${format(point.amps ?? 0, "current")}`}
      >
        <defs>
          <clipPath id="plot-of-curves">
            <rect
              x={PAPER.left}
              y={PAPER.top}
              width={PAPER.width - PAPER.left - PAPER.right}
              height={PAPER.height - PAPER.top - PAPER.bottom}
            />
          </clipPath>
        </defs>
        <HeightAxis paper={PAPER} y={y} ticks={y.ticks(6)} print={(amps) => format(amps, "current", 2)} />
        <WidthAxis
          paper={PAPER}
          ticks={x.ticks(6).map((volts) => ({ key: volts, at: x(volts), text: `${volts} V` }))}
        />
        <g clipPath="url(#plot-of-curves)">
          {curves.map(({ grid, points }) => (
            <path
              key={grid}
              d={path(points) ?? undefined}
              fill="none"
              className="stroke-primary"
              strokeWidth={grid === 0 ? 2.5 : 1.5}
            />
          ))}
        </g>
        {curves.map(({ grid, points }) => {
          // The name of a curve stands where it leaves the plot: at its right edge, or at the top.
          const out = points.find(({ amps }) => amps > mostAmps);
          const last = points.at(-1);
          if (!last) return null;
          return (
            <text
              key={grid}
              x={out ? x(out.volts) + 3 : PAPER.width - PAPER.right + 5}
              y={out ? PAPER.top + 10 : y(last.amps) + 4}
              className="fill-base-content font-mono text-[12px]"
            >
              {format(grid, "voltage", 3)}
            </text>
          );
        })}
        <circle
          cx={x(point.plate)}
          cy={y(point.amps ?? 0)}
          r="5"
          className="fill-base-100 stroke-base-content"
          strokeWidth="2"
        />
        <text x={x(point.plate) + 9} y={y(point.amps ?? 0) - 7} className="fill-base-content text-[12px]">
          published
        </text>
      </Chart>
      <p className="dim text-sm">
        Computed from {given.join(", ")} at {format(point.plate, "voltage")} and {format(point.grid, "voltage")} of grid
        {tube.kind === "converter" ? " (a converter has about three times its conversion transconductance)" : ""}. Taken
        from its class: {[...assumed, SHAPE_OF_CLASS].join(", ")}. By N. Koren’s equations (1996).
      </p>
    </section>
  );
}
