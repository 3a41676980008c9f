import { bench, describe } from "vitest";
import { parseLine } from ".";
import { CONTEXT } from "../fixtures";

/** Target: under 5 ms for each keystroke, on a set with a long parts list and a long tape. */
const big = {
  ...CONTEXT,
  known: new Set(Array.from({ length: 300 }, (_, i) => `C${i}`)),
  tape: Array.from({ length: 2000 }, (_, i) => ({
    n: i + 1,
    id: String(i),
    content: CONTEXT.tape[i % 3]?.content ?? null,
  })),
};

const lines = [
  "C14 .05/400 leaky -> 0.047/630",
  "C1 2x16µ 450V dry -> C1A 22µ/450 + C1B 22µ/450 old in bag",
  "B+ 248 @ 225 with 20 kΩ/V meter",
  `note ${"x".repeat(1900)}`,
];

describe("one keystroke of the bench line", () => {
  for (const line of lines)
    bench(line.slice(0, 40), () => {
      parseLine(line, big);
    });
});
