import { ownValue } from "./own-value";
import { scanUnit } from "./scan";
import { normalise } from "./scan-number";
import { PRINTED, QUANTITIES } from "./units";

/** Units of tests that are no quantity of their own; an hour is written as a henry is. */
const OTHERS: Record<string, string> = {
  h: "h",
  db: "dB",
  dbm: "dBm",
  dbv: "dBV",
  dbw: "dBW",
  dbmv: "dBmV",
  dbuv: "dBµV",
  dbµv: "dBµV",
  dbμv: "dBµV",
  decibel: "dB",
  decibels: "dB",
  "%": "%",
};

/**
 * One unit, one name: `uV`, `µV` and `microvolts` are the same; so are `µmho`, `umhos` and `µS`.
 * @returns the name as it is printed; a unit that is not known stays as it was written
 */
export function unitName(text: string): string {
  const unit = normalise(text).trim();
  const other = unit === "H" ? undefined : ownValue(OTHERS, unit.toLowerCase());
  if (other) return other;
  for (const quantity of QUANTITIES) {
    const [read, second] = scanUnit(unit, 0, quantity, "m-is-million");
    if (!read || second || read.end !== unit.length) continue;
    const rung = PRINTED[quantity].find(({ factor }) => Math.abs(factor / read.value - 1) < 1e-9);
    if (rung) return rung.symbol;
  }
  return unit;
}
