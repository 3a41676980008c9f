import { z } from "zod";
import { positive } from "../../quantity";
import { COMMONS } from "../commons";
import { DESIGNATOR } from "../designator";
import { MOST_ROWS } from "../limits";
import { ROLES } from "../roles";
import { STEPS } from "../steps";
import { RECTIFIERS, SUPPLIES } from "../supplies";
import { alignmentSchema } from "./alignment";
import { bandSchema } from "./bands";
import { chartSchema, pointSchema } from "./chart";
import { circuitSchema } from "./circuit";
import { heaterRailSchema, MOST_RAILS } from "./heater-rails";
import { joinSchema } from "./net";
import { pinSchema } from "./pins";
import { sectionSchema } from "./sections";
import { windingSchema } from "./windings";

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
