import { format, parseQuantity } from "../quantity";
import type { MeterLoad } from "../model";

/** No meter of the trade has fewer ohms for each volt: `20,000 ohms per volt` is twenty thousand. Shop rule. */
const LEAST_OHMS_PER_VOLT = 50;
/** No instrument, not one that ends a line, has fewer ohms: `10 mΩ` is a slip for `10 MΩ`. Shop rule. */
const LEAST_INPUT_OHMS = 50;

/**
 * Reads what a meter is to the circuit: `20 kΩ/V`, `1000 ohms per volt`, `10 MΩ`.
 * @returns ohms per volt, above zero, or one input resistance, 50 Ω and more; undefined when it reads as neither
 */
export function parseMeterLoad(text: string): Pick<MeterLoad, "ohmsPerVolt" | "inputOhms"> | undefined {
  const perVolt = /^(.*\S)\s*(?:\/|per)\s*v(?:olts?)?\.?$/i.exec(text.trim());
  const parsed = parseQuantity(perVolt?.[1] ?? text, "resistance", { dialect: "m-is-million" });
  const read = parsed.ok ? [parsed.value] : parsed.kind === "ambiguous" ? parsed.choices.map(({ value }) => value) : [];
  const least = perVolt ? LEAST_OHMS_PER_VOLT : 0;
  const [value, second] = read.length > 1 ? read.filter((one) => one >= least) : read;
  if (value === undefined || second !== undefined || value <= 0 || value > 1e12) return undefined;
  if (!perVolt && value < LEAST_INPUT_OHMS) return undefined;
  return perVolt ? { ohmsPerVolt: value } : { inputOhms: value };
}

/** Prints it so that it reads back, as meters of the time were called: `1000 Ω/V`, `20 kΩ/V`, `11 MΩ`; empty for none. */
export function printMeterLoad(meter: { ohmsPerVolt?: number | null; inputOhms?: number | null } | undefined): string {
  if (meter?.ohmsPerVolt)
    return meter.ohmsPerVolt < 10_000 ? `${meter.ohmsPerVolt} Ω/V` : `${format(meter.ohmsPerVolt, "resistance", 6)}/V`;
  return meter?.inputOhms ? format(meter.inputOhms, "resistance", 6) : "";
}
