import type { Column } from "../schemas/sheet";

/** Columns that several shipped sheets have. */
export const FREQUENCY: Column = { key: "frequency", name: "Frequency", quantity: "frequency", unit: "Hz", word: "f" };
export const MEGAHERTZ: Column = { ...FREQUENCY, unit: "MHz" };
export const BAND: Column = { key: "band", name: "Band", quantity: "text", unit: "", word: "band" };
export const MODE: Column = { key: "mode", name: "Mode", quantity: "text", unit: "", word: "mode" };
export const LEVEL: Column = { key: "level", name: "Level", quantity: "level", unit: "µV", word: "in" };
export const VOLTS_OUT: Column = { key: "volts", name: "Output volts", quantity: "ac-voltage", unit: "V", word: "v" };
export const MINUTES: Column = { key: "time", name: "Time", quantity: "time", unit: "min", word: "t" };

export const LOAD_OHMS: Column = { key: "ohms", name: "Load", quantity: "resistance", unit: "Ω", word: "load" };
export const INPUT_OHMS: Column = { key: "ohms", name: "Generator", quantity: "resistance", unit: "Ω", word: "gen" };
export const DIAL: Column = {
  key: "dial",
  name: "Generator shows",
  quantity: "text",
  unit: "",
  word: "shows",
  choices: ["terminated", "EMF"],
};
export const CONTROLS: Column = { key: "controls", name: "Controls", quantity: "text", unit: "", word: "controls" };

/** What is looked at before a generator's figure counts. */
export const GENERATOR_CHECKS = [
  { key: "one-modulation", text: "One modulation only is on: AM or FM, not both", voids: true },
  { key: "dial", text: "It is known whether the generator's dial shows EMF or the terminated level" },
  { key: "avc", text: "AVC does not act at this level, or it is clamped" },
];
export const LOAD_CHECK = { key: "load", text: "Loudspeaker or its load resistor is connected, and noted" };
export const DUMMY_CHECKS = [
  { key: "dummy", text: "Dummy load connected to the right socket, and rated for this power and time", voids: true },
  { key: "wattmeter", text: "The power meter is on, and on its right range", voids: true },
  { key: "interlock", text: "Covers and interlock are in place; only the dummy load radiates" },
];
