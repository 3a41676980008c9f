/** A place in a picture: shares of its width and height. */
export type Place = { x: number; y: number };
/** A place that is seen in the old picture and in the new one. */
export type Reference = { from: Place; to: Place };

/** Two reference points nearer than this to each other say nothing about turn and size, a share of the picture. Shop rule. @example 1 cm on a picture of 20 cm */
export const NEAREST_REFERENCES = 0.05;

export type Moved<P extends Place> = { pins: P[]; outside: P[] };

/**
 * Moves pins from one picture to another of the same thing: shift, turn and size follow from two reference points.
 * The pictures may have other shapes: places are shares, so they are measured in units of each one's height.
 * @param aspects width over height of the old and the new picture
 * @returns pins inside the new picture, and those that lie outside and are left out; undefined where the two points are too near
 */
export function movePins<P extends Place>(
  pins: readonly P[],
  [a, b]: readonly [Reference, Reference],
  aspects: { from: number; to: number },
): Moved<P> | undefined {
  const old = ({ x, y }: Place) => ({ x: x * aspects.from, y });
  const now = ({ x, y }: Place) => ({ x: x * aspects.to, y });
  const [a0, b0, a1, b1] = [old(a.from), old(b.from), now(a.to), now(b.to)];
  const [u, v] = [
    { x: b0.x - a0.x, y: b0.y - a0.y },
    { x: b1.x - a1.x, y: b1.y - a1.y },
  ];
  const size = u.x ** 2 + u.y ** 2;
  if (Math.sqrt(size) < NEAREST_REFERENCES || Math.hypot(v.x, v.y) < NEAREST_REFERENCES) return undefined;
  // As complex figures: the new one is p·k + c, with k = v/u.
  const k = { x: (v.x * u.x + v.y * u.y) / size, y: (v.y * u.x - v.x * u.y) / size };
  const moved = pins.map((pin) => {
    const p = old(pin);
    const [dx, dy] = [p.x - a0.x, p.y - a0.y];
    return { ...pin, x: (a1.x + k.x * dx - k.y * dy) / aspects.to, y: a1.y + k.y * dx + k.x * dy };
  });
  const inside = ({ x, y }: Place) => x >= 0 && x <= 1 && y >= 0 && y <= 1;
  return { pins: moved.filter(inside), outside: moved.filter((pin) => !inside(pin)) };
}
