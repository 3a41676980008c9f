import { calibrationOf, parseMeterLoad, printMeterLoad, type Phase } from "@/core/readings";
import { tapsOf, type Sheet } from "@/core/model";
import { bestTap } from "@/core/power";
import { parseQuantity } from "@/core/quantity";
import type { ReadingPayload, SetupPayload } from "@/core/visit";
import type { Meter, Shop } from "@/db/shop";

/** The set-up of a pass while it is typed. */
export type SetupFields = {
  name: string;
  /** as the shop calls it, or any other */
  meter: string;
  /** Ω/V or Ω, for a meter that is not the shop's */
  input: string;
  /** V, as text: the range of a pointer meter; empty: the smallest that holds the figure */
  range: string;
  line: string;
  hz: number;
  /** V, as text; empty where the set has one tap */
  tap: string;
  load: string;
  signal: string;
  controls: string;
  checked: string[];
};

const NAMES: Record<Phase, string> = {
  cold: "Cold",
  baseline: "As found",
  check: "In between",
  prove: "As at the baseline",
  soak: "Soak",
};

type Bench = {
  sheet: Sheet;
  shop: Shop;
  /** the tap that was chosen last in this visit, V */
  tap?: number | undefined;
};

/** What a set-up begins as: the chart's own conditions, the shop's line. */
export function freshFields(phase: Phase, { sheet, shop, tap }: Bench): SetupFields {
  const taps = tapsOf(sheet);
  return {
    name: NAMES[phase],
    meter: "",
    input: "",
    range: "",
    line: "",
    hz: shop.lineHz,
    tap: taps.length > 1 ? String(tap ?? bestTap(sheet, shop.lineVolts)) : "",
    load: "",
    signal: sheet.chart?.signal ?? "",
    controls: sheet.chart?.controls ?? "",
    checked: [],
  };
}

/** A set-up that was written down, back in its fields. A pass that repeats it is looked over anew: nothing is ticked. */
export function fieldsOf(setup: SetupPayload, bench: Bench, repeat = false): SetupFields {
  return {
    name: repeat ? NAMES.prove : setup.name,
    meter: setup.instrument?.name ?? "",
    input: printMeterLoad(setup.instrument),
    range: "",
    line: setup.lineVolts ? String(setup.lineVolts) : "",
    hz: setup.lineHz ?? bench.shop.lineHz,
    tap: setup.tapVolts ? String(setup.tapVolts) : "",
    load: setup.load ?? "",
    signal: setup.signal ?? "",
    controls: setup.controls ?? "",
    checked: repeat ? [] : setup.checked,
  };
}

/** The shop's meter of that name. */
export const meterOf = (meters: readonly Meter[], name: string): Meter | undefined =>
  meters.find((one) => one.name.toLowerCase() === name.trim().toLowerCase());

/** What the meter is to the circuit: the shop's own, or what was typed for another. */
export function instrumentOf(fields: SetupFields, meters: readonly Meter[]): SetupPayload["instrument"] {
  const name = fields.meter.trim();
  if (!name) return undefined;
  const own = meterOf(meters, name);
  if (own)
    return {
      name: own.name,
      ...(own.ohmsPerVolt ? { ohmsPerVolt: own.ohmsPerVolt } : {}),
      ...(own.inputOhms ? { inputOhms: own.inputOhms } : {}),
    };
  return { name, ...parseMeterLoad(fields.input) };
}

const numberOf = (text: string): number | undefined => {
  const parsed = parseQuantity(text, "voltage");
  return parsed.ok && parsed.value > 0 && parsed.value <= 480 ? parsed.value : undefined;
};

/** The range that this meter was left on by hand, as text; another meter's says nothing of it. */
export function rangeBefore(
  before: readonly Pick<ReadingPayload, "meter" | "range" | "came">[],
  meter: string,
): string {
  const last = before.findLast((one) => one.came === undefined && one.meter === meter.trim());
  return last?.range === undefined ? "" : String(last.range);
}

/** The range that was chosen for a pointer meter, V; what its circuit feels goes by it. */
export function rangeOf({ range }: SetupFields, instrument: SetupPayload["instrument"]): number | undefined {
  const volts = Number(range);
  return instrument?.ohmsPerVolt && !instrument.inputOhms && volts > 0 ? volts : undefined;
}

/** The fields as the entry that is written down. */
export function payloadOf(fields: SetupFields, phase: Phase, meters: readonly Meter[], like?: string): SetupPayload {
  const text = (key: "load" | "signal" | "controls") => (fields[key].trim() ? { [key]: fields[key].trim() } : {});
  const instrument = instrumentOf(fields, meters);
  const [line, tap] = [numberOf(fields.line), numberOf(fields.tap)];
  return {
    v: 1,
    phase,
    name: fields.name.trim() || NAMES[phase],
    ...(instrument ? { instrument } : {}),
    ...(line ? { lineVolts: line, lineHz: fields.hz } : {}),
    ...(tap ? { tapVolts: tap } : {}),
    ...text("load"),
    ...text("signal"),
    ...text("controls"),
    checked: fields.checked,
    ...(like ? { like } : {}),
  };
}

/** Does what was written down still hold? The line may wander: each reading has its own. */
export function stillHolds(written: SetupPayload | undefined, now: SetupPayload): boolean {
  if (!written) return false;
  const essence = ({ name, instrument, tapVolts, load, signal, controls, checked }: SetupPayload) =>
    JSON.stringify([
      name,
      instrument ?? null,
      tapVolts ?? null,
      load ?? "",
      signal ?? "",
      controls ?? "",
      [...checked].sort(),
    ]);
  return essence(written) === essence(now);
}

/** A word about a meter whose calibration has run out, or is unknown. */
export function calibrationWord(meter: Meter | undefined, today: string): string | undefined {
  if (!meter) return undefined;
  const { state, due } = calibrationOf(meter.calibratedOn, meter.everyMonths, today);
  if (state === "overdue") return `${meter.name}: calibration overdue since ${due}.`;
  if (state === "never") return `${meter.name}: never calibrated.`;
  return undefined;
}
