import { bench, describe } from "vitest";
import { asBuilt } from "./as-built";
import { amend, atOf, correct, entry, idOf, note, replace, resistance, SHEET } from "../fixtures";
import { type Entry, settle } from "../kinds";
import { openPoints } from "./open-points";

/** Target: a log of 3,000 entries folds in under 10 ms. */
const made = Array.from({ length: 3000 }, (_, index) => {
  const n = index + 1;
  if (n % 40 === 0) return amend(n, idOf(n - 1), correct(note("corrected")));
  if (n % 3 === 0) return replace(["C14", "C1", "R7", "R9"][n % 4] ?? "C14", "47n/630");
  return n % 3 === 1 ? note(`entry ${n}`) : resistance("R7", 470e3 + n, 470e3);
}).map((one, index) => ("id" in one ? one : entry(index + 1, one)));
// Entries come as JSON; objects put together by spreading are read several times slower.
const long = JSON.parse(JSON.stringify(made)) as Entry[];
const { settled } = settle(long);

describe("a log of 3,000 entries", () => {
  bench("settled", () => {
    settle(long);
  });
  bench("as built", () => {
    asBuilt(settled, SHEET, atOf(5000));
  });
  bench("open points", () => {
    openPoints(settled, atOf(5000));
  });
});
