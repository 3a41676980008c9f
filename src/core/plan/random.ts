/** Numbers from 0 to 1 that are the same for the same seed: a small 32-bit generator (Marsaglia, Xorshift RNGs, 2003). */
export function randomFrom(seed: number): () => number {
  let state = seed | 0 || 1;
  return () => {
    state ^= state << 13;
    state ^= state >>> 17;
    state ^= state << 5;
    return (state >>> 0) / 4_294_967_296;
  };
}

/** A number of the normal distribution with mean 0 and deviation 1 (Box and Muller, 1958). */
export const normalFrom = (random: () => number): number =>
  Math.sqrt(-2 * Math.log(1 - random())) * Math.cos(2 * Math.PI * random());
