/** Numbers that look like chance and are the same for the same seed (mulberry32, public domain). */
export function chance(seed: number) {
  let state = seed >>> 0;
  const next = (): number => {
    state = (state + 0x6d2b79f5) >>> 0;
    let t = state;
    t = Math.imul(t ^ (t >>> 15), t | 1);
    t ^= t + Math.imul(t ^ (t >>> 7), t | 61);
    return ((t ^ (t >>> 14)) >>> 0) / 4_294_967_296;
  };
  return {
    next,
    below: (n: number) => Math.floor(next() * n),
    of: <T>(list: readonly T[]): T => list[Math.floor(next() * list.length)] as T,
  };
}
export type Chance = ReturnType<typeof chance>;
