import type { Parameter } from "./message";
import { scaleOf, type SuffixUnit } from "./suffix";
import type { ErrorNumber } from "./errors";

/** What an instrument answers for more than it can show, and for no number at all (SCPI-1999, volume 1, 7.2.1). */
export const [OVERLOAD, NOT_A_NUMBER] = [9.9e37, 9.91e37];

/** A number as an answer: NR3, six digits behind the point. @example numberText(0.0123) // "+1.230000E-02" */
export function numberText(value: number): string {
  if (Number.isNaN(value)) return "+9.910000E+37";
  // Smaller than any exponent of two digits: nothing.
  if (Math.abs(value) < 1e-99) return "+0.000000E+00";
  const [mantissa = "0", exponent = "0"] = value.toExponential(6).split("e");
  const power = Number(exponent);
  const sign = value < 0 ? "" : "+";
  return `${sign}${mantissa}E${power < 0 ? "-" : "+"}${String(Math.abs(power)).padStart(2, "0")}`;
}

/** A number that a command was given, in the unit, or what is wrong with it. MIN, MAX and DEF stand for the bounds. */
export function numberIn(
  parameter: Parameter | undefined,
  unit: SuffixUnit,
  { least, most, usual = least }: { least: number; most: number; usual?: number },
): { value: number } | { error: ErrorNumber } {
  if (!parameter) return { error: -109 };
  if (parameter.kind === "word") {
    const words: Record<string, number> = {
      ...{ MIN: least, MINIMUM: least, MAX: most, MAXIMUM: most },
      ...{ DEF: usual, DEFAULT: usual },
    };
    const value = words[parameter.text];
    return value === undefined ? { error: -224 } : { value };
  }
  if (parameter.kind !== "number") return { error: -104 };
  const scale = scaleOf(parameter.suffix, unit);
  if (scale === undefined) return { error: -131 };
  const value = parameter.value * scale;
  return value >= least && value <= most ? { value } : { error: -222 };
}

/** On or off: ON, OFF, or a number, of which zero is off. */
export function onOff(parameter: Parameter | undefined): { value: boolean } | { error: ErrorNumber } {
  if (!parameter) return { error: -109 };
  if (parameter.kind === "number") return { value: Math.round(parameter.value) !== 0 };
  if (parameter.kind !== "word") return { error: -104 };
  return parameter.text === "ON" ? { value: true } : parameter.text === "OFF" ? { value: false } : { error: -224 };
}

/** Bytes as a definite block, as text of eight bits a character. */
export const blockText = (bytes: Uint8Array): string => {
  const count = String(bytes.length);
  return `#${count.length}${count}${String.fromCharCode(...bytes)}`;
};
