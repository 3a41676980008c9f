import type { PointRow } from "../../readings";

const AC = /(?:v|volts?)(?:\s*(?:ac|a\.c\.|rms|~))$/i;
/** Points that are alternating by themselves, also where the chart calls them volts. */
const ALTERNATING = /heater|filament|secondary|primary|winding|mains|line|voice coil|output|\bac$/i;

/** Are these volts said to be alternating? */
export const saysAlternating = (text: string): boolean => AC.test(text.trim());

/** Alternating volts at a point that is direct by the chart: its ripple or hum, which is another point. */
export const isRipple = ({ point, quantity, expected }: PointRow, text: string): boolean =>
  quantity === "voltage" && expected !== undefined && saysAlternating(text) && !ALTERNATING.test(point);
