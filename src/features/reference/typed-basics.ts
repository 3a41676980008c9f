import {
  readHeaterRails,
  RECTIFIERS,
  SUPPLIES,
  writeHeaterRails,
  type ChartConditions,
  type Model,
  type Sheet,
  type Supply,
} from "@/core/model";
import { parseQuantity, readNumber, type Quantity } from "@/core/quantity";
import { parseMeterLoad, printMeterLoad } from "@/core/readings";

/** What a model is, as it is typed. */
export type TypedBasics = {
  kind: string;
  supply: Supply;
  lineVolts: string;
  lineHz: string;
  taps: string;
  highestVolts: string;
  supplyRms: string;
  rectifier: string;
  heaterAmps: string;
  heaterRails: string;
  watts: string;
  dialect: string;
  chartLine: string;
  chartMeter: string;
  signal: string;
  controls: string;
  chartNote: string;
};

const volts = (value: number | undefined) => (value === undefined ? "" : String(value));

export const typedBasics = ({ sheet }: Model): TypedBasics => ({
  kind: sheet.kind,
  supply: sheet.supply,
  lineVolts: volts(sheet.lineVolts),
  lineHz: volts(sheet.lineHz),
  taps: (sheet.taps ?? []).join(", "),
  highestVolts: volts(sheet.highestVolts),
  supplyRms: volts(sheet.supplyRms),
  rectifier: sheet.rectifier ?? "",
  heaterAmps: volts(sheet.heaterAmps),
  heaterRails: writeHeaterRails(sheet.heaterRails),
  watts: volts(sheet.watts),
  dialect: sheet.dialect ?? "",
  chartLine: volts(sheet.chart?.lineVolts),
  chartMeter: printMeterLoad(sheet.chart?.meter),
  signal: sheet.chart?.signal ?? "",
  controls: sheet.chart?.controls ?? "",
  chartNote: sheet.chart?.note ?? "",
});

/** What this form says of a sheet; all else of the sheet stays as it is. */
const BASICS = [
  "kind",
  "supply",
  "lineVolts",
  "lineHz",
  "taps",
  "highestVolts",
  "supplyRms",
  "rectifier",
  "heaterAmps",
  "heaterRails",
  "watts",
  "dialect",
  "chart",
] as const satisfies readonly (keyof Sheet)[];
export type Basics = Pick<Sheet, (typeof BASICS)[number]>;

/** A sheet with other basics: what was cleared is gone, and every table of the sheet is kept. */
export function withBasics(sheet: Sheet, basics: Basics): Sheet {
  const kept = Object.entries(sheet).filter(([key]) => !BASICS.some((basic) => basic === key));
  return { ...(Object.fromEntries(kept) as Omit<Sheet, keyof Basics>), ...basics };
}

type BasicsRead = { ok: true; value: Basics } | { ok: false; problems: Partial<Record<keyof TypedBasics, string>> };

/** Reads what was typed; every problem stands with its field. What is empty is not known. */
export function readBasics(typed: TypedBasics): BasicsRead {
  const problems: Partial<Record<keyof TypedBasics, string>> = {};
  const value = (key: keyof TypedBasics, quantity: Quantity, from: number, to: number, sentence: string) => {
    const text = typed[key].trim();
    if (text === "") return undefined;
    const unit = { frequency: " Hz", current: " A" }[quantity as string] ?? "";
    const parsed = parseQuantity(/^[\d.,]+$/.test(text) ? text + unit : text, quantity);
    if (parsed.ok && parsed.value >= from && parsed.value <= to) return parsed.value;
    problems[key] = sentence;
    return undefined;
  };
  const kind = typed.kind.trim();
  if (!kind) problems.kind = "Say what the model is.";
  if (kind.length > 120) problems.kind = "Longer than 120 characters.";
  if (!SUPPLIES.includes(typed.supply)) problems.supply = "Choose how it is fed.";
  const lineVolts = value("lineVolts", "voltage", 1, 480, "The supply voltage lies between 1 and 480 V.");
  if (lineVolts === undefined) problems.lineVolts ??= "The supply voltage is missing.";
  const lineHz = value("lineHz", "frequency", 16, 400, "The line frequency is 50 or 60 Hz nearly everywhere.");
  const highest = value(
    "highestVolts",
    "voltage",
    1,
    20_000,
    "The highest voltage inside lies between 1 and 20 000 V.",
  );
  if (highest === undefined) problems.highestVolts ??= "The highest voltage inside is missing.";
  const supplyRms = value("supplyRms", "voltage", 1, 10_000, "The HT secondary is volts rms of each half: 300.");
  const rectifier = RECTIFIERS.find((one) => one === typed.rectifier);
  const heaterAmps = value("heaterAmps", "current", 0.01, 100, "What the heater winding gives, in amperes: 3 A.");
  const rails = readHeaterRails(typed.heaterRails);
  if ("problem" in rails) problems.heaterRails = rails.problem;
  const watts = value("watts", "power", 0.01, 20_000, "Watts are a number above zero, up to 20 kW.");
  const taps = typed.taps
    .split(/[,;/\s]+/)
    .filter((text) => text && !/^v$/i.test(text))
    .map((text) => readNumber(text, /v/) ?? 0);
  if (taps.some((tap) => !(tap > 0 && tap <= 480)) || taps.length > 12)
    problems.taps = "Taps are volts with commas between them: 110, 220.";
  const chartLine = value("chartLine", "voltage", 1, 480, "The chart's line lies between 1 and 480 V.");
  const meter = parseMeterLoad(typed.chartMeter);
  if (typed.chartMeter.trim() && !meter) problems.chartMeter = "What the meter was to the circuit: 1000 Ω/V, or 11 MΩ.";
  for (const key of ["signal", "controls", "chartNote"] as const)
    if (typed[key].trim().length > 200) problems[key] = "Longer than 200 characters.";
  if (Object.keys(problems).length > 0) return { ok: false, problems };
  const chart: ChartConditions = {
    ...(chartLine ? { lineVolts: chartLine } : {}),
    ...(meter ? { meter } : {}),
    ...(typed.signal.trim() ? { signal: typed.signal.trim() } : {}),
    ...(typed.controls.trim() ? { controls: typed.controls.trim() } : {}),
    ...(typed.chartNote.trim() ? { note: typed.chartNote.trim() } : {}),
  };
  return {
    ok: true,
    value: {
      kind,
      supply: typed.supply,
      lineVolts: lineVolts ?? 0,
      highestVolts: highest ?? 0,
      ...(lineHz ? { lineHz } : {}),
      ...(taps.length > 0 ? { taps: [...new Set(taps)].sort((a, b) => a - b) } : {}),
      ...(supplyRms ? { supplyRms } : {}),
      ...(rectifier ? { rectifier } : {}),
      ...(heaterAmps ? { heaterAmps } : {}),
      ...("rails" in rails && rails.rails.length > 0 ? { heaterRails: rails.rails } : {}),
      ...(watts ? { watts } : {}),
      ...(typed.dialect === "m-is-thousand" || typed.dialect === "m-is-million" ? { dialect: typed.dialect } : {}),
      ...(Object.keys(chart).length > 0 ? { chart } : {}),
    },
  };
}
