import type { Sheet } from "../model";

/** Kinds of sets that take their own time on a bench. */
export const SET_CLASSES = [
  "mains receiver",
  "AC/DC receiver",
  "battery portable",
  "transistor portable",
  "communications receiver",
  "transmitter or amplifier",
] as const;
export type SetClass = (typeof SET_CLASSES)[number];

/** A receiver with so many devices and more is looked at as a communications receiver. Shop rule. @example nine tubes */
const MANY_DEVICES = 9;

/** Which kind of set this is, as far as time on the bench is concerned. */
export function setClass(sheet: Pick<Sheet, "supply" | "tubes" | "circuit">): SetClass {
  const sends = sheet.circuit?.paths.some(({ key }) => key === "transmit") ?? false;
  if (sheet.supply === "high-voltage" || sends) return "transmitter or amplifier";
  if (sheet.supply === "battery") return "battery portable";
  if (sheet.supply === "low-voltage") return "transistor portable";
  if (sheet.tubes.length >= MANY_DEVICES) return "communications receiver";
  return sheet.supply === "live-chassis" ? "AC/DC receiver" : "mains receiver";
}
