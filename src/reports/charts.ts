import { extent, line, scaleLinear, scaleLog } from "d3";
import { spread } from "@/core/quantity";
import { figureText, type ColumnQuantity } from "@/core/sheets";
import type { Drift, TestRow } from "@/core/visit";

/** Charts of a report as SVG: they stay vectors in the PDF. */
const FONT = "Text";
const INK = "#1f1b16";
const COPPER = "#1d6655";
const PALE = "#d9ccb0";
const OCHRE = "#84540a";

const escape = (text: string) => text.replaceAll("&", "&amp;").replaceAll("<", "&lt;").replaceAll(">", "&gt;");
const text = (x: number, y: number, said: string, extra = "") =>
  `<text x="${x}" y="${y}" font-family="${FONT}" font-size="8.5" fill="${INK}" ${extra}>${escape(said)}</text>`;

const svg = (width: number, height: number, body: string) =>
  `<svg xmlns="http://www.w3.org/2000/svg" width="${width}" height="${height}" viewBox="0 0 ${width} ${height}">${body}</svg>`;

/** Bars of one test under several conditions, before and after, with the limit of each. */
export function testBars(rows: readonly TestRow[], width = 500): string {
  const values = rows.flatMap(({ before, after, limit }) => [
    before?.payload.measured.value ?? 0,
    after?.payload.measured.value ?? 0,
    limit?.value ?? 0,
  ]);
  const unit = rows[0]?.unit ?? "";
  const [left, top, bottom] = [44, 16, 18];
  const height = 128;
  const y = scaleLinear([0, Math.max(...values, Number.EPSILON) * 1.08], [height - bottom, top]);
  const step = (width - left - 8) / rows.length;
  const bar = Math.min(step / 3, 26);
  const ticks = y
    .ticks(4)
    .map(
      (tick) =>
        `<line x1="${left}" x2="${width}" y1="${y(tick)}" y2="${y(tick)}" stroke="${PALE}" stroke-width="0.6"/>${text(left - 4, y(tick) + 3, `${tick} ${unit}`.trim(), 'text-anchor="end"')}`,
    )
    .join("");
  const bars = rows
    .map((row, index) => {
      const x = left + index * step + step / 2;
      const one = (value: number | undefined, at: number, fill: string) =>
        value === undefined
          ? ""
          : `<rect x="${at}" y="${y(Math.max(value, 0))}" width="${bar}" height="${y(0) - y(Math.max(value, 0))}" fill="${fill}" stroke="${INK}" stroke-width="0.5"/>`;
      const limit = row.limit
        ? `<line x1="${x - bar - 4}" x2="${x + bar + 4}" y1="${y(row.limit.value)}" y2="${y(row.limit.value)}" stroke="${OCHRE}" stroke-width="1.4" stroke-dasharray="3 2"/>`
        : "";
      return `${one(row.before?.payload.measured.value, x - bar, "#ffffff")}${one(row.after?.payload.measured.value, x, COPPER)}${limit}${text(x, height - 5, row.condition ?? row.test, 'text-anchor="middle"')}`;
    })
    .join("");
  const key = `<rect x="${left}" y="2" width="8" height="8" fill="#ffffff" stroke="${INK}" stroke-width="0.5"/>${text(left + 11, 9, "before")}<rect x="${left + 50}" y="2" width="8" height="8" fill="${COPPER}"/>${text(left + 61, 9, "after")}<line x1="${left + 94}" x2="${left + 110}" y1="6" y2="6" stroke="${OCHRE}" stroke-width="1.4" stroke-dasharray="3 2"/>${text(left + 114, 9, "limit")}`;
  return svg(width, height, ticks + bars + key);
}

/** How points drifted while the set soaked, in percent of their first warm reading. */
export function driftLines(drifts: readonly Drift[], hours: number, width = 500): string {
  const drawn = drifts.filter(({ reference }) => reference && reference.value !== 0);
  if (drawn.length === 0) return svg(width, 1, "");
  const share = (drift: Drift, value: number) => value / (drift.reference?.value ?? 1) - 1;
  const limit = Math.max(...drawn.map((one) => one.limit));
  const most = Math.max(
    limit * 1.3,
    ...drawn.flatMap((one) => one.taken.map(({ value }) => Math.abs(share(one, value)))),
  );
  const [left, right, top, bottom] = [44, 90, 8, 18];
  const height = 120;
  const longest = Math.max(hours * 60, ...drawn.flatMap(({ taken }) => taken.map(({ minutes }) => minutes)));
  const x = scaleLinear([0, longest], [left, width - right]);
  const y = scaleLinear([-most, most], [height - bottom, top]);
  const band = `<rect x="${left}" y="${y(limit)}" width="${width - left - right}" height="${y(-limit) - y(limit)}" fill="${PALE}" fill-opacity="0.5"/>`;
  const ticks = y
    .ticks(4)
    .map(
      (tick) =>
        `<line x1="${left}" x2="${width - right}" y1="${y(tick)}" y2="${y(tick)}" stroke="${PALE}" stroke-width="0.6"/>${text(left - 4, y(tick) + 3, `${(tick * 100).toFixed(most < 0.05 ? 1 : 0)} %`, 'text-anchor="end"')}`,
    )
    .join("");
  const times = x
    .ticks(5)
    .map((tick) => text(x(tick), height - 5, `${(tick / 60).toFixed(1)} h`, 'text-anchor="middle"'))
    .join("");
  const dashes = ["", "5 3", "1.5 3", "7 2 1.5 2"];
  const labels = spread(
    drawn.map((one) => y(share(one, one.taken.at(-1)?.value ?? 0))),
    9.5,
  );
  const lines = drawn
    .map((one, index) => {
      const path =
        line<(typeof one.taken)[number]>(
          ({ minutes }) => x(minutes),
          ({ value }) => y(share(one, value)),
        )(one.taken) ?? "";
      const dots = one.taken
        .map(({ minutes, value }) => `<circle cx="${x(minutes)}" cy="${y(share(one, value))}" r="2" fill="${COPPER}"/>`)
        .join("");
      const last = one.taken.at(-1);
      const name = last ? text(x(last.minutes) + 5, (labels[index] ?? 0) + 3, one.point) : "";
      return `<path d="${path}" fill="none" stroke="${COPPER}" stroke-width="1.4" stroke-dasharray="${dashes[index % dashes.length]}"/>${dots}${name}`;
    })
    .join("");
  return svg(width, height, band + ticks + times + lines);
}

type CurveAxis = { name: string; quantity: ColumnQuantity };

/** Curves of a run before and after, over a logarithmic or a plain axis. */
export function runCurve(
  runs: readonly { name: string; points: readonly { x: number; y: number }[] }[],
  { x: across, y: up, log }: { x: CurveAxis; y: CurveAxis; log: boolean },
  width = 500,
): string | undefined {
  const drawn = runs.filter(({ points }) => points.length > 1);
  const all = drawn.flatMap(({ points }) => points);
  const [xs, ys] = [extent(all, (one) => one.x), extent(all, (one) => one.y)];
  if (xs[0] === undefined || ys[0] === undefined || xs[0] === xs[1]) return undefined;
  const [left, right, top, bottom] = [52, 70, 8, 20];
  const height = 140;
  const room = Math.max((ys[1] - ys[0]) * 0.08, Math.abs(ys[1]) * 0.02, Number.EPSILON);
  const x = log ? scaleLog([xs[0], xs[1]], [left, width - right]) : scaleLinear([xs[0], xs[1]], [left, width - right]);
  const y = scaleLinear([ys[0] - room, ys[1] + room], [height - bottom, top]);
  const heights = y
    .ticks(4)
    .map(
      (tick) =>
        `<line x1="${left}" x2="${width - right}" y1="${y(tick)}" y2="${y(tick)}" stroke="${PALE}" stroke-width="0.6"/>${text(left - 4, y(tick) + 3, figureText(tick, up.quantity), 'text-anchor="end"')}`,
    )
    .join("");
  const marks = (
    log ? x.ticks(6).filter((tick) => /^[125]/.test(String(Number(tick.toPrecision(1))))) : x.ticks(6)
  ).slice(0, 12);
  const widths = marks
    .map((tick) => text(x(tick), height - 6, figureText(tick, across.quantity), 'text-anchor="middle"'))
    .join("");
  const lines = drawn
    .map(({ name, points }, index) => {
      const path = line<{ x: number; y: number }>(
        (one) => x(one.x),
        (one) => y(one.y),
      )(points);
      const last = points.at(-1);
      const look = index === drawn.length - 1 ? `stroke="${COPPER}"` : `stroke="${INK}" stroke-dasharray="5 3"`;
      return `<path d="${path ?? ""}" fill="none" ${look} stroke-width="1.6"/>${last ? text(x(last.x) + 5, y(last.y) + 3 + index * 9, name) : ""}`;
    })
    .join("");
  return svg(width, height, heights + widths + lines);
}
