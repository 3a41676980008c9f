import type { Point } from "./curve";

/**
 * So many points that a chart can draw them: of each stretch its lowest and its highest stay, so that no peak is lost.
 * @param points in the order of x @param most how many remain at most, from 4
 */
export function thin(points: readonly Point[], most: number): readonly Point[] {
  if (points.length <= most) return points;
  const stretches = Math.floor(most / 2);
  return Array.from({ length: stretches }, (_, n) => {
    const from = Math.floor((n * points.length) / stretches);
    const stretch = points.slice(from, Math.floor(((n + 1) * points.length) / stretches));
    let [low, high] = [stretch[0] as Point, stretch[0] as Point];
    for (const point of stretch) {
      if (point.y < low.y) low = point;
      if (point.y > high.y) high = point;
    }
    return low === high ? [low] : low.x <= high.x ? [low, high] : [high, low];
  }).flat();
}
