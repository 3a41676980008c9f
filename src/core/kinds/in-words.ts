import { format, formatMoney, type Money, type Quantity } from "../quantity";
import { kindOf, type Content } from "./entries";
import { printMinutes } from "./print";

/** A field of an entry in words. */
export type FieldInWords = { field: string; name: string; text: string };

/** Fields that hold a bare number, with what it is. */
const QUANTITIES: Record<string, Quantity> = {
  lineVolts: "voltage",
  tapVolts: "voltage",
  lineHz: "frequency",
  hertz: "frequency",
  meterOhms: "resistance",
  held: "time",
  fraction: "percent",
};
const UUID = /^[0-9a-f]{8}-[0-9a-f-]{27}$/i;

const isMoney = (value: object): value is Money => "minor" in value && "currency" in value;

/** What a field says; undefined where it says nothing that can be read in a line. */
export function fieldText(field: string, value: unknown): string | undefined {
  if (value === undefined || value === null || value === false) return undefined;
  if (value === true) return "yes";
  if (typeof value === "string") return UUID.test(value) ? undefined : value;
  if (typeof value === "number") {
    if (/minutes/i.test(field)) return printMinutes(value);
    const quantity = QUANTITIES[field];
    return quantity ? format(value, quantity, 6) : String(value);
  }
  if (Array.isArray(value)) {
    const texts = value.flatMap((item) => fieldText(field, item) ?? []);
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
    .flatMap(([key, one]) => {
      const text = fieldText(key, one);
      return text ? [`${key} ${text}`] : [];
    })
    .join(", ");
}

/** Every filled field of an entry with its name, in the order of its kind. */
export function inWords(content: Content): FieldInWords[] {
  const { fields } = kindOf(content) as unknown as { fields: Record<string, string> };
  const payload = content.payload as unknown as Record<string, unknown>;
  return Object.entries(fields).flatMap(([field, name]) => {
    const text = fieldText(field, payload[field]);
    return text ? [{ field, name, text }] : [];
  });
}
