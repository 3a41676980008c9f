/**
 * Places on a line moved so that none is nearer to another than `apart`, each as little as the order allows: the labels
 * of a chart whose lines end close together. The order of the result is that of the input.
 */
export function spread(places: readonly number[], apart: number): number[] {
  const order = places.map((place, index) => ({ place, index })).sort((a, b) => a.place - b.place);
  const moved = [...places];
  let last = -Infinity;
  for (const { place, index } of order) {
    last = Math.max(place, last + apart);
    moved[index] = last;
  }
  return moved;
}
