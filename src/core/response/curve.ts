import { decibels } from "../levels";

/** A point of a curve: x is what was set (Hz, kHz off tune, µV), y what was read or worked out. */
export type Point = { x: number; y: number };

const byX = (points: readonly Point[]): Point[] => [...points].sort((a, b) => a.x - b.x);

const between = (a: number, b: number, share: number, log: boolean): number =>
  log ? a * (b / a) ** share : a + (b - a) * share;

/**
 * Levels of a response against the one at a reference.
 * @param points x Hz, y volts above 0; a frequency that was measured twice counts with its last figure
 * @param reference Hz; the nearest measured frequency stands for it, on a logarithmic scale
 * @returns points with y in dB, in the order of x; none where nothing is above zero
 */
export function levelled(points: readonly Point[], reference: number): Point[] {
  const last = new Map(points.filter(({ x, y }) => x > 0 && y > 0).map((point) => [point.x, point]));
  const sorted = byX([...last.values()]);
  const near = sorted.reduce<Point | undefined>(
    (best, point) =>
      best && Math.abs(Math.log(best.x / reference)) <= Math.abs(Math.log(point.x / reference)) ? best : point,
    undefined,
  );
  return near ? sorted.map(({ x, y }) => ({ x, y: decibels(y / near.y) })) : [];
}

/**
 * Where a curve passes through a height.
 * @param points in any order @returns x of every passage, ascending, between the points by a straight line: over log x where
 * all x are above zero (frequencies, levels), else over x (detuning)
 */
export function crossings(points: readonly Point[], height: number): number[] {
  const sorted = byX(points);
  const log = sorted.every(({ x }) => x > 0);
  return sorted.slice(1).flatMap((b, index) => {
    const a = sorted[index] as Point;
    const [from, to] = [a.y - height, b.y - height];
    if (from === 0 && index === 0) return [a.x];
    if (to === 0) return [b.x];
    return from * to < 0 ? [between(a.x, b.x, from / (from - to), log)] : [];
  });
}

/**
 * The two frequencies between which a curve stays above a height, seen from a place inside.
 * @param at where the band is looked for: the passages nearest below and above it count
 * @returns x below and above; undefined on a side where the curve was not measured down to that height
 * @example −3 dB of a response: edgesAt(levelled(points, 1000), -3, 1000)
 */
export function edgesAt(points: readonly Point[], height: number, at: number): { low?: number; high?: number } {
  const found = crossings(points, height);
  const [low, high] = [found.findLast((x) => x <= at), found.find((x) => x > at)];
  return { ...(low === undefined ? {} : { low }), ...(high === undefined ? {} : { high }) };
}
