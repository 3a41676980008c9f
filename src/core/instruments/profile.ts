import { z } from "zod";

/** What is read of an instrument, and the unit of each. */
export const READS = {
  "volts-dc": { unit: "V", text: "volts, DC" },
  "volts-ac": { unit: "V", text: "volts, AC" },
  "amps-dc": { unit: "A", text: "amperes, DC" },
  ohms: { unit: "Ω", text: "ohms" },
  hertz: { unit: "Hz", text: "frequency" },
  watts: { unit: "W", text: "power" },
} as const;
export type Reads = keyof typeof READS;
export const READ_NAMES = Object.keys(READS) as [Reads, ...Reads[]];

const command = z
  .string()
  .trim()
  .max(200, "A command has at most 200 characters.")
  .regex(/^[\x20-\x7e]*$/, "A command has letters, digits and signs of ASCII alone.");

/** How an instrument is spoken to: which command reads what. Nothing of a maker is in it. */
export const profileSchema = z.object({
  name: z.string().trim().min(1, "Give it a name.").max(60),
  /** the question for each quantity; what is empty it cannot read */
  asks: z.partialRecord(z.enum(READ_NAMES), command),
  /** sent once before the first question */
  begin: command.default(""),
  /** the longest that an answer takes, ms */
  answersWithin: z.number().int().min(50).max(60_000).default(3000),
});
export type Profile = z.infer<typeof profileSchema>;

/** Two that do for most meters (SCPI-1999, volume 4, digital meters). */
export const PROFILES: Record<string, Profile> = {
  measure: profileSchema.parse({
    name: "Meter, one question a reading",
    asks: {
      "volts-dc": "MEAS:VOLT:DC?",
      "volts-ac": "MEAS:VOLT:AC?",
      "amps-dc": "MEAS:CURR:DC?",
      ohms: "MEAS:RES?",
      hertz: "MEAS:FREQ?",
    },
  }),
  configure: profileSchema.parse({
    name: "Meter, set up and then read",
    asks: {
      "volts-dc": "CONF:VOLT:DC;:READ?",
      "volts-ac": "CONF:VOLT:AC;:READ?",
      "amps-dc": "CONF:CURR:DC;:READ?",
      ohms: "CONF:RES;:READ?",
      hertz: "CONF:FREQ;:READ?",
    },
  }),
};
