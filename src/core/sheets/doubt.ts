import { FUNCTIONS } from "./functions";
import { showRow, type Shown } from "./row";
import type { Row } from "./schemas/row";

/** A limit missed by more than this asks about the set-up before the set: a share, or so many times. Shop rule. @example 2 W where 62 W were wanted */
const WILDLY = 0.05;
const WILDLY_OVER = 3;

/** A zero of these means that something is not connected, more often than that the set gives nothing. */
const ZERO_ASKS = ["power", "voltage", "ac-voltage", "current", "level"];

/**
 * What in a row is wildly off: then the pre-flight is looked at again before the figure counts.
 * @returns sentences, none where the row can be true
 */
export function doubts(row: Row, around: Parameters<typeof showRow>[1] = {}): string[] {
  const shown = showRow(row, around);
  return shown.flatMap((one): string[] => {
    const { name, value, verdict, limit, worked } = one;
    if (value === undefined) return [];
    if (!worked && value === 0 && ZERO_ASKS.includes(one.quantity))
      return [`${name} is zero: is the meter on, and is everything connected?`];
    if (verdict === "bad" && limit && limit.value > 0) {
      const ratio = value / limit.value;
      if ((limit.sense === "at-least" && ratio < WILDLY) || (limit.sense === "at-most" && ratio > WILDLY_OVER))
        return [`${name} is far off its limit: look at the set-up first.`];
    }
    return impossible(row, one);
  });
}

/** Figures that no set gives. */
function impossible(row: Row, { key, name, value = 0 }: Shown): string[] {
  const by = row.worked.find((one) => one.key === key)?.by;
  if (by === "efficiency" && value > 0.95)
    return [`${name} above 95 % cannot be: one of the meters is on the wrong range.`];
  if (by === "dissipation" && value < 0) return [`${name} below zero cannot be: more comes out than goes in.`];
  if (by && FUNCTIONS[by].gives === "decibel" && value > 150) return [`${name} of more than 150 dB cannot be.`];
  return [];
}
