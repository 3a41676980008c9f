import { z } from "zod";
import { alignmentSchema } from "./alignment";
import { bandSchema } from "./bands";
import { positive, parsePart, quantityOfDesignator, type PartSpec } from "../quantity";
import { chartSchema, pointSchema } from "./chart";
import { circuitSchema } from "./circuit";
import { heaterRailSchema, MOST_RAILS } from "./heater-rails";
import { joinSchema } from "./net";
import { pinSchema } from "./pins";
import { ELECTROLYTIC_ROLES, ROLES } from "./roles";
import { checkSections, COMMONS, sectionSchema, type SectionCheck } from "./sections";
import { STEPS } from "./steps";
import { windingSchema } from "./windings";

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

/** How the high voltage is rectified: it decides what the capacitors stand at, and what the rectifier does. */
export const RECTIFIERS = ["half-wave", "full-wave", "bridge", "doubler"] as const;
export type RectifierCircuit = (typeof RECTIFIERS)[number];
export const RECTIFIER_WORDS: Record<RectifierCircuit, string> = {
  "half-wave": "Half-wave",
  "full-wave": "Full-wave, centre tap",
  bridge: "Bridge",
  doubler: "Voltage doubler",
};

/** Is the set fed from the mains? */
export const onMains = (supply: Supply): boolean => supply !== "battery" && supply !== "low-voltage";

export const DESIGNATOR = /^[A-Z]{1,3}\d{1,3}[A-Z]?$/;
/** Most rows that one table of a sheet holds. */
export const MOST_ROWS = 2000;

const name = z.string().trim().min(1).max(80);

export const componentSchema = z.object({
  designator: z.string().regex(DESIGNATOR),
  role: z.enum(ROLES),
  /** as the drawing has it, e.g. `.05/400` */
  drawn: z.string().max(80),
  /** voltage, wattage or tolerance where the list has them apart from the value */
  rating: z.string().max(40).optional(),
  stage: z.string().max(60).optional(),
  note: z.string().max(200).optional(),
  /** a part with several sections, each with a role of its own */
  sections: z.array(sectionSchema).max(8).optional(),
  /** where the lead goes that the sections share */
  common: z.enum(COMMONS).optional(),
});
export type Component = z.infer<typeof componentSchema>;

export const tubeSchema = z.object({
  position: name,
  type: name,
  work: z.string().max(60),
  /** of the heater, where the tube table does not know the type; V and A */
  heaterVolts: positive().max(120).optional(),
  heaterAmps: positive().max(20).optional(),
});
export type Tube = z.infer<typeof tubeSchema>;

export const cautionSchema = z.object({
  step: z.enum(STEPS),
  text: z.string().trim().min(1).max(300),
  /** the job where it was learnt */
  job: z.number().int().positive().optional(),
});
export type Caution = z.infer<typeof cautionSchema>;

/** A published figure of the model for a row of a test sheet: its limit, and that the row is there at all. */
export const figureSchema = z.object({
  /** key of the test sheet */
  sheet: z.string().regex(/^[a-z][a-z0-9-]{0,30}$/),
  /** what the row is: `80 m, CW`, `MW, 1 MHz` */
  row: z.string().trim().min(1).max(80),
  /** key of the column that is limited; without one the row is proposed and nothing more */
  column: z
    .string()
    .regex(/^[a-z][a-z0-9-]{0,30}$/)
    .optional(),
  sense: z.enum(["at-least", "at-most"]).optional(),
  text: z.string().trim().min(1).max(40).optional(),
  value: z.number().optional(),
});
export type ModelFigure = z.infer<typeof figureSchema>;

/** What a model's sets share. Entered once. */
export const sheetSchema = z.object({
  kind: z.string().max(120),
  supply: z.enum(SUPPLIES),
  /** nominal line (or battery) voltage, V: the one that the chart was made at, unless the chart says another */
  lineVolts: positive().max(480),
  /** nominal line frequency, Hz */
  lineHz: z.number().min(16).max(400).optional(),
  /** line voltages that the selector can be set to, V */
  taps: z.array(positive().max(480)).max(12).optional(),
  /** highest DC or peak voltage inside, V */
  highestVolts: positive().max(20_000),
  watts: positive().max(20_000).optional(),
  /** HT secondary of the transformer, each half where it has a centre tap, V rms: it gives the no-load peak */
  supplyRms: positive().max(10_000).optional(),
  rectifier: z.enum(RECTIFIERS).optional(),
  /** what the heater winding gives, A */
  heaterAmps: positive().max(100).optional(),
  /** heater windings, where there is more than one: each is measured and judged by itself */
  heaterRails: z.array(heaterRailSchema).max(MOST_RAILS).optional(),
  dialect: z.enum(["m-is-thousand", "m-is-million"]).optional(),
  chart: chartSchema.optional(),
  tubes: z.array(tubeSchema).max(MOST_ROWS),
  components: z.array(componentSchema).max(MOST_ROWS),
  windings: z.array(windingSchema).max(MOST_ROWS).default([]),
  points: z.array(pointSchema).max(MOST_ROWS),
  /** rows and limits of the model for test sheets */
  figures: z.array(figureSchema).max(MOST_ROWS).optional(),
  /** what it receives and sends, and how it is converted */
  bands: z.array(bandSchema).max(MOST_ROWS).optional(),
  /** its alignment, step by step */
  alignment: z.array(alignmentSchema).max(MOST_ROWS).optional(),
  /** where its parts sit in its pictures */
  pins: z.array(pinSchema).max(MOST_ROWS).optional(),
  /** how its parts are joined, node by node */
  net: z.array(joinSchema).max(MOST_ROWS).optional(),
  /** its stages and how they are joined, where somebody has looked at the proposal */
  circuit: circuitSchema.optional(),
  cautions: z.array(cautionSchema).max(MOST_ROWS),
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
  /** the other shop whose sheet it is, where it came with a set's file */
  shop?: string;
};

/** The name as a technician says it, e.g. `Halvane 537 “Lantern”`. */
export const modelName = (model: Pick<Model, "maker" | "designation" | "nickname">): string =>
  [model.maker, model.designation, model.nickname ? `“${model.nickname}”` : ""].filter(Boolean).join(" ");

/** A set by its model and serial number. */
export const setName = (model: Pick<Model, "maker" | "designation" | "nickname">, serial: string): string =>
  `${modelName(model)}, No. ${serial || "unknown"}`;

/** Line voltages that the set can be set to; the nominal one when the sheet names no others. */
export const tapsOf = (sheet: Pick<Sheet, "taps" | "lineVolts">): number[] =>
  sheet.taps && sheet.taps.length > 0 ? sheet.taps : [sheet.lineVolts];

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

/**
 * Value and rating of a component as one marking. A rating that is a bare number is volts at a capacitor and watts at a
 * resistor, as parts lists have it.
 */
export function drawnText({ designator, drawn, rating }: Pick<Component, "designator" | "drawn" | "rating">): string {
  if (!rating) return drawn;
  const bare = /^[\d.,]+$/.test(rating.trim());
  const unit = { capacitance: " V", resistance: " W", inductance: "" }[
    quantityOfDesignator(designator) ?? "inductance"
  ];
  return `${drawn} ${rating.trim()}${bare ? unit : ""}`;
}

/** The drawn value of a component as a marking, where it reads in one way. */
export function drawnSpec(sheet: Pick<Sheet, "dialect">, component: Component): PartSpec | undefined {
  const rules = partRules({ ...sheet, components: [component] }, component.designator);
  const parsed = parsePart(drawnText(component), rules);
  return parsed.ok ? parsed.value : undefined;
}

/** The unit of a section's value, and the value where it stands without one. */
const SECTION_UNIT = /^\s*[\d.,]+\s*([a-zµ]+)/i;
const BARE_SECTION = /^(\s*[\d.,]+)(?=\s|\/|$)/;

/**
 * The sections of a can as markings. They share what they are made of and, where it stands once, their unit:
 * `8 reservoir | 8 smoothing | 4 decoupling` are 8, 8 and 4 µF.
 * @returns each section with its marking; undefined for one that does not read in one way
 */
export function sectionSpecs({ sections = [], role }: Pick<Component, "sections" | "role">) {
  const electrolytic = [role, ...sections.map((section) => section.role)].some((one) =>
    ELECTROLYTIC_ROLES.includes(one),
  );
  const unit = sections.flatMap(({ drawn }) => SECTION_UNIT.exec(drawn)?.[1] ?? [])[0];
  return sections.map((section) => {
    const bare = unit !== undefined && !SECTION_UNIT.test(section.drawn);
    const shared = bare ? section.drawn.replace(BARE_SECTION, `$1 ${unit}`) : section.drawn;
    const parsed = parsePart(shared, { quantity: "capacitance", ...(electrolytic ? { electrolytic } : {}) });
    return { section, spec: parsed.ok ? parsed.value : undefined };
  });
}

/** What is to ask about the sections of a component; undefined when nothing is. */
export function sectionTrouble(component: Component): Exclude<SectionCheck, { kind: "fits" }> | undefined {
  const check = checkSections(component.designator, component.sections ?? [], component.common);
  return check.kind === "fits" ? undefined : check;
}
