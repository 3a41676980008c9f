import { z } from "zod";

/** What is read of an instrument, and the unit of each. */
export const READS = {
  "volts-dc": { unit: "V", text: "volts, DC" },
  "volts-ac": { unit: "V", text: "volts, AC" },
  "amps-dc": { unit: "A", text: "amperes, DC" },
  ohms: { unit: "Ω", text: "ohms" },
  hertz: { unit: "Hz", text: "frequency" },
  watts: { unit: "W", text: "power" },
  swr: { unit: "", text: "standing-wave ratio" },
  /** a captured waveform: its samples as a block, and what one step of them is */
  wave: { unit: "", text: "a waveform" },
  "wave-step": { unit: "s", text: "time between two samples" },
  "wave-scale": { unit: "V", text: "volts of one step of a sample" },
} as const;
export type Reads = keyof typeof READS;
export const READ_NAMES = Object.keys(READS) as [Reads, ...Reads[]];

/** What is set on an instrument, and the unit of each. `{}` in its command is the figure. */
export const SETS = {
  hertz: { unit: "Hz", text: "frequency" },
  volts: { unit: "V", text: "level" },
  am: { unit: "%", text: "AM depth" },
  fm: { unit: "Hz", text: "FM deviation" },
  amps: { unit: "A", text: "current limit" },
  output: { unit: "", text: "output on or off" },
} as const;
export type Sets = keyof typeof SETS;
export const SET_NAMES = Object.keys(SETS) as [Sets, ...Sets[]];

/** Kinds of instruments beside meters, which have a list of their own: what each is to a circuit counts there. */
export const INSTRUMENT_KINDS = ["generator", "counter", "power meter", "oscilloscope", "supply"] as const;
export type InstrumentKind = (typeof INSTRUMENT_KINDS)[number];
export const INSTRUMENT_WORDS: Record<InstrumentKind, string> = {
  generator: "Generator, audio or RF",
  counter: "Frequency counter",
  "power meter": "Power and SWR meter",
  oscilloscope: "Oscilloscope",
  supply: "Bench supply",
};

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
  /** the question for the range that it is on, by quantity; what is empty it does not tell */
  ranges: z.partialRecord(z.enum(READ_NAMES), command).default({}),
  /** the command for each figure that is set, with `{}` for the figure; what is empty it cannot set */
  sets: z
    .partialRecord(
      z.enum(SET_NAMES),
      command.refine((text) => text === "" || text.includes("{}"), "Write {} where the figure goes, like FREQ {}."),
    )
    .default({}),
  /** sent once before the first question */
  begin: command.default(""),
  /** the longest that an answer takes, ms */
  answersWithin: z.number().int().min(50).max(60_000).default(3000),
});
export type Profile = z.infer<typeof profileSchema>;

/** The range in use, full scale (SCPI-1999, volume 2, SENSe). A count has none that matters. */
const RANGE_QUESTIONS = {
  "volts-dc": "SENS:VOLT:DC:RANG?",
  "volts-ac": "SENS:VOLT:AC:RANG?",
  "amps-dc": "SENS:CURR:DC:RANG?",
  ohms: "SENS:RES:RANG?",
};

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
    ranges: RANGE_QUESTIONS,
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
    ranges: RANGE_QUESTIONS,
  }),
};

/** What each kind of instrument is spoken to with, where it keeps to SCPI-1999, volumes 2 and 4. */
export const KIND_PROFILES: Record<InstrumentKind, Profile> = {
  generator: profileSchema.parse({
    name: "Generator by SCPI",
    asks: {},
    sets: {
      hertz: "FREQ {}",
      volts: "VOLT {}",
      am: "AM:DEPT {};:AM:STAT ON",
      fm: "FM:DEV {};:FM:STAT ON",
      output: "OUTP {}",
    },
  }),
  counter: profileSchema.parse({ name: "Counter by SCPI", asks: { hertz: "MEAS:FREQ?" } }),
  "power meter": profileSchema.parse({ name: "Power meter by SCPI", asks: { watts: "MEAS:POW?", swr: "MEAS:SWR?" } }),
  oscilloscope: profileSchema.parse({
    name: "Oscilloscope by SCPI",
    asks: { wave: "TRAC:DATA?", "wave-step": "TRAC:XINC?", "wave-scale": "TRAC:YINC?" },
  }),
  supply: profileSchema.parse({
    name: "Bench supply by SCPI",
    asks: { "volts-dc": "MEAS:VOLT:DC?", "amps-dc": "MEAS:CURR:DC?" },
    sets: { volts: "VOLT {}", amps: "CURR {}", output: "OUTP {}" },
  }),
};

/** The line that sets a figure; undefined where the instrument cannot. @example setLine(p, "hertz", 1000) // "FREQ 1000" */
export function setLine(profile: Profile, what: Sets, value: number): string | undefined {
  const command = profile.sets?.[what];
  if (!command) return undefined;
  const figure = what === "output" ? (value === 0 ? "OFF" : "ON") : String(Number(value.toPrecision(9)));
  return command.replaceAll("{}", figure);
}
