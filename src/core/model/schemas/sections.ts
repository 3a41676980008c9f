import { z } from "zod";
import { ROLES } from "../roles";

export const sectionSchema = z.object({ role: z.enum(ROLES), drawn: z.string().max(40) });
export type Section = z.infer<typeof sectionSchema>;
