import { z } from "zod";
import { parsePart, quantityOfDesignator, QUANTITIES, type PartSpec } from "../quantity";
import { STEPS } from "./steps";

/** How a set is fed. It decides the precautions (see core/power). */
export const SUPPLIES = ["transformer", "live-chassis", "battery", "low-voltage", "high-voltage"] as const;
export type Supply = (typeof SUPPLIES)[number];

export const SUPPLY_WORDS: Record<Supply, string> = {
  transformer: "Mains transformer",
  "live-chassis": "Live chassis, no transformer",
  battery: "Battery with high-voltage section",
  "low-voltage": "Low voltage only",
  "high-voltage": "High-voltage transmitter or amplifier",
};

/** What a component does in its circuit; the roles of the replacement rules. */
export const ROLES = [
  "mains",
  "mains-to-chassis",
  "reservoir",
  "smoothing",
  "cathode-bypass",
  "coupling",
  "decoupling",
  "avc",
  "tone",
  "tuned",
  "rail",
  "anode-load",
  "screen",
  "grid-leak",
  "bias",
  "dropper",
  "control",
  "other",
] as const;
export type Role = (typeof ROLES)[number];

/** Roles in which a capacitor is an electrolytic, so that its bare value is in microfarad. */
const ELECTROLYTIC_ROLES: readonly Role[] = ["reservoir", "smoothing", "cathode-bypass", "rail"];

export const DESIGNATOR = /^[A-Z]{1,3}\d{1,3}[A-Z]?$/;

const name = z.string().trim().min(1).max(80);

export const componentSchema = z.object({
  designator: z.string().regex(DESIGNATOR),
  role: z.enum(ROLES),
  /** as the drawing has it, e.g. `.05/400` */
  drawn: z.string().max(80),
  stage: z.string().max(60).optional(),
  note: z.string().max(200).optional(),
});
export type Component = z.infer<typeof componentSchema>;

export const pointSchema = z.object({
  point: name,
  quantity: z.enum(QUANTITIES),
  /** in base units */
  expected: z.number(),
  /** fraction; the chart's own where it names one */
  tolerance: z.number().positive().max(1).optional(),
  /** unregulated: moves with the line */
  withLine: z.boolean().optional(),
});
export type ChartPoint = z.infer<typeof pointSchema>;

/** What a model's sets share. Entered once. */
export const sheetSchema = z.object({
  kind: z.string().max(120),
  supply: z.enum(SUPPLIES),
  /** nominal line (or battery) voltage, V: the one that the chart was made at */
  lineVolts: z.number().positive().max(480),
  /** highest DC or peak voltage inside, V */
  highestVolts: z.number().positive().max(20_000),
  watts: z.number().positive().max(20_000).optional(),
  dialect: z.enum(["m-is-thousand", "m-is-million"]).optional(),
  chartMeter: z.string().max(80).optional(),
  tubes: z.array(z.object({ position: name, type: name, work: z.string().max(60) })),
  components: z.array(componentSchema),
  points: z.array(pointSchema),
  cautions: z.array(z.object({ step: z.enum(STEPS), text: z.string().min(1).max(300) })),
});
export type Sheet = z.infer<typeof sheetSchema>;

export type Model = {
  id: string;
  maker: string;
  designation: string;
  nickname: string | null;
  year: number | null;
  version: number;
  sheet: Sheet;
};

/** The name as a technician says it, e.g. `Halvane 537 “Lantern”`. */
export const modelName = (model: Pick<Model, "maker" | "designation" | "nickname">): string =>
  [model.maker, model.designation, model.nickname ? `“${model.nickname}”` : ""].filter(Boolean).join(" ");

/** Rules for reading a value that stands at a designator of this model. */
export function partRules(sheet: Pick<Sheet, "dialect" | "components">, designator: string) {
  const quantity = quantityOfDesignator(designator);
  const component = sheet.components.find((c) => c.designator === designator);
  return {
    ...(quantity ? { quantity } : {}),
    ...(sheet.dialect ? { dialect: sheet.dialect } : {}),
    ...(component ? { electrolytic: ELECTROLYTIC_ROLES.includes(component.role) } : {}),
  };
}

/** The drawn value of a component as a marking, where it reads in one way. */
export function drawnSpec(sheet: Sheet, component: Component): PartSpec | undefined {
  const parsed = parsePart(component.drawn, partRules(sheet, component.designator));
  return parsed.ok ? parsed.value : undefined;
}
