import { format, formatMoney, QUANTITIES, type Money, type Quantity } from "../quantity";
import { kindOf, type Content } from "./entries";
import { printMinutes } from "./print";

/** A field of an entry in words. */
export type FieldInWords = { field: string; name: string; text: string };

/** Fields that hold a bare number, with what it is. */
const OF_FIELD: Record<string, Quantity> = {
  lineVolts: "voltage",
  tapVolts: "voltage",
  lineHz: "frequency",
  hertz: "frequency",
  loudest: "frequency",
  meterOhms: "resistance",
  held: "time",
  fraction: "percent",
};
/** What stands inside a field, by its name there: in words, with its unit. */
const INSIDE: Record<string, readonly [name: string, quantity?: Quantity]> = {
  fullVolts: ["full supply", "voltage"],
  fullAmps: ["full current", "current"],
  assumedAmps: ["current at most", "current"],
  bplus: ["B+", "voltage"],
  ceiling: ["highest inside", "voltage"],
  heaters: ["heaters", "voltage"],
  heaterWatts: ["heaters", "power"],
  heaterTolerance: ["heaters off by at most", "percent"],
  lineOver: ["line above it by at most", "percent"],
  volts: ["", "voltage"],
  ratedVolts: ["rated", "voltage"],
  workingVolts: ["in the set", "voltage"],
  draws: ["draws", "current"],
  partNumber: ["part number"],
  warrantyMonths: ["months of warranty"],
  warm: ["a tube rectifies"],
  filaments: ["filaments with a supply of their own"],
  unloaded: ["without a load"],
};
/** Digits of a figure that was worked out. */
const DIGITS = 3;

/** What a bare figure inside a field is: a nominal value of what is measured, how far it may be off, or volts. */
function figureInside(key: string, fields: object, own: Quantity | undefined): Quantity | undefined {
  if (key === "nominal") return own;
  return key === "low" || key === "high" ? ("nominal" in fields ? "percent" : "voltage") : undefined;
}

/** One value inside a field: `full current 0.227 A`; what is not so is not said. */
function inside(key: string, value: unknown, fields: object, own: Quantity | undefined): string | undefined {
  const [name = key, known] = INSIDE[key] ?? [];
  if (value === true) return name;
  const quantity = known ?? figureInside(key, fields, own);
  const text = quantity && typeof value === "number" ? format(value, quantity, DIGITS) : fieldText(key, value);
  return text && `${name} ${text}`.trim();
}

const UUID = /^[0-9a-f]{8}-[0-9a-f-]{27}$/i;

const isMoney = (value: object): value is Money => "minor" in value && "currency" in value;

/**
 * What a field says; undefined where it says nothing that can be read in a line.
 * @param own what the entry measures
 */
export function fieldText(field: string, value: unknown, own?: Quantity): string | undefined {
  if (value === undefined || value === null || value === false) return undefined;
  if (value === true) return "yes";
  if (typeof value === "string") return UUID.test(value) ? undefined : value;
  if (typeof value === "number") {
    if (/minutes/i.test(field)) return printMinutes(value);
    if (field === "eighths") return `${value}/8 of a turn`;
    const quantity = OF_FIELD[field] ?? (field === "range" ? own : undefined);
    return quantity ? format(value, quantity, 6) : String(value);
  }
  if (Array.isArray(value)) {
    const texts = value.flatMap((item) => fieldText(field, item, own) ?? []);
    return texts.length > 0 ? texts.join(", ") : value.length > 0 ? String(value.length) : undefined;
  }
  if (typeof value !== "object") return undefined;
  if (isMoney(value)) return formatMoney(value);
  const fields = value as Record<string, unknown>;
  const place = typeof fields.designator === "string" ? `${fields.designator} ` : "";
  for (const key of ["text", "name", "part"]) {
    const text = fields[key];
    if (typeof text === "string" && !UUID.test(text)) return place + text;
  }
  if (typeof fields.total === "object") return fieldText(field, fields.total);
  return Object.entries(fields)
    .flatMap(([key, one]) => inside(key, one, fields, own) ?? [])
    .join(", ");
}

/** Every filled field of an entry with its name, in the order of its kind. */
export function inWords(content: Content): FieldInWords[] {
  const { fields } = kindOf(content) as unknown as { fields: Record<string, string> };
  const payload = content.payload as unknown as Record<string, unknown>;
  const own = QUANTITIES.find((one) => one === payload.quantity);
  return Object.entries(fields).flatMap(([field, name]) => {
    const text = fieldText(field, payload[field], own);
    return text ? [{ field, name, text }] : [];
  });
}
