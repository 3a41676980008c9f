import { powerDecibels } from "../levels";
import { parseQuantity } from "../quantity";

/** What an output is read in. Two outputs are compared within one of them. */
export const SCALES = ["V", "A", "W", "dB", "S", "Hz", "number"] as const;
export type Scale = (typeof SCALES)[number];

/** An output beside an adjuster, as it was read. */
export type Output = { text: string; value: number; scale: Scale };

/** Decibels of one S unit. IARU Region 1, recommendation R.1 of 1981. Trade use. @example S5 to S7 is 12 dB */
export const S_UNIT = 6;

const NUMBER = /^[-−+]?\d+(?:[.,]\d+)?$/;
const numberOf = (text: string) => Number(text.replace("−", "-").replace(",", "."));

/**
 * Reads an output: volts, amperes, watts, a level in dB or dBm, an S-meter's figure, a beat in Hz, or a bare figure of
 * a meter. A bare figure is taken in what was read before.
 * @param like what the one before was read in
 * @example readOutput("0.8 V") // 0.8 V; readOutput("S7") // S 7; readOutput("12", "V") // 12 V
 */
export function readOutput(text: string, like?: Scale): Output | undefined {
  const plain = text.trim();
  if (plain === "" || plain.length > 40) return undefined;
  if (NUMBER.test(plain)) return { text: plain, value: numberOf(plain), scale: like ?? "number" };
  const meter = /^s\s*(\d(?:[.,]\d)?)$/i.exec(plain);
  if (meter) return { text: plain, value: numberOf(meter[1] ?? ""), scale: "S" };
  const decibel = /^([-−+]?\d+(?:[.,]\d+)?)\s*(dbm|dbµv|dbuv|dbv|db)$/i.exec(plain);
  if (decibel) return { text: plain, value: numberOf(decibel[1] ?? ""), scale: "dB" };
  for (const [quantity, scale] of [
    ["voltage", "V"],
    ["current", "A"],
    ["power", "W"],
    ["frequency", "Hz"],
  ] as const) {
    const parsed = parseQuantity(plain, quantity);
    if (parsed.ok) return { text: plain, value: parsed.value, scale };
  }
  return undefined;
}

/**
 * How far a reference is off, in millionths: a beat against the frequency that it should have.
 * @returns undefined for what is no beat
 * @example millionths(3 Hz, 10 MHz) // 0.3
 */
export const millionths = (beat: Output | undefined, hertz: number | undefined): number | undefined =>
  beat?.scale === "Hz" && hertz ? (beat.value / hertz) * 1e6 : undefined;

/**
 * Change from one output to another in dB.
 * @returns undefined where the two cannot be compared in dB: other scales, a beat, zero or below
 * @example changeDb(0.8 V, 1.6 V) // +6.0
 */
export function changeDb(before: Output | undefined, after: Output | undefined): number | undefined {
  if (!before || !after || before.scale !== after.scale) return undefined;
  const { scale } = before;
  if (scale === "dB") return after.value - before.value;
  if (scale === "S") return (after.value - before.value) * S_UNIT;
  if (scale === "Hz") return undefined;
  const ratio = after.value / before.value;
  if (!(ratio > 0) || !Number.isFinite(ratio)) return undefined;
  return scale === "W" ? powerDecibels(ratio) : 2 * powerDecibels(ratio);
}
