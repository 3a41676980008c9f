import { format, nearestPreferred, parseQuantity } from "../quantity";
import { COLD_OVER_HOT } from "../readings";
import { FILAMENT_LAW, HEATER_TOLERANCE, WATT_MARGIN } from "../thumb";
import { nearestTypes, tubeType, type Heater } from "./table";

/**
 * Heaters of a string share one current within this fraction. Data sheets' tolerance.
 * @example UCH42 and UY41 share 100 mA; a tube of 70 mA is a stranger
 */
export const STRING_TOLERANCE = 0.05;
export type StringHeater = { position: string; type: string; heater: Heater };
export type Lamp = { volts: number; amps: number; shuntOhms?: number | undefined };

/** Volts that a heater takes at a current. */
// A heater is no plain resistor: V = V_n·(I/I_n)^(1/0.6).
const voltsAt = ({ volts, amps }: Heater, current: number): number => volts * (current / amps) ** (1 / FILAMENT_LAW);

/** Volts across a lamp with its shunt at a string current: the lamp follows the law, the shunt takes the rest. */
function lampVolts(lamp: Lamp, current: number): number {
  if (!lamp.shuntOhms) return voltsAt(lamp, current);
  let low = 0;
  let high = current * lamp.shuntOhms;
  for (let round = 0; round < 60; round += 1) {
    const volts = (low + high) / 2;
    const taken = lamp.amps * (volts / lamp.volts) ** FILAMENT_LAW + volts / lamp.shuntOhms;
    if (taken < current) low = volts;
    else high = volts;
  }
  return (low + high) / 2;
}

export type Dropper = {
  /** current of the string, A */
  amps: number;
  heaterVolts: number;
  lampVolts: number;
  /** Ω; below zero: the heaters want more than the line */
  ohms: number;
  watts: number;
  rated: number;
  preferred?: number;
};

/**
 * The dropper of a series string: R = (V_line − ΣV_heater)/I, P = I²·R.
 * @param line V @param heaters of one current @param lamp in series with them, with its shunt @param margin of watts
 * @throws RangeError without a heater or a line
 * @example dropper(220, [UCH42, UF41, UBC41, UL41, UY41]).ohms // (220 − 116.6)/0.1 = 1034 Ω
 */
export function dropper(line: number, heaters: readonly Heater[], lamp?: Lamp, margin: number = WATT_MARGIN): Dropper {
  const [first] = heaters;
  if (!first || !(line > 0)) throw new RangeError("a string needs a line and a heater");
  const amps = first.amps;
  const heaterVolts = heaters.reduce((sum, { volts }) => sum + volts, 0);
  const atLamp = lamp ? lampVolts(lamp, amps) : 0;
  const ohms = (line - heaterVolts - atLamp) / amps;
  const watts = amps * amps * Math.max(ohms, 0);
  return {
    amps,
    heaterVolts,
    lampVolts: atLamp,
    ohms,
    watts,
    rated: margin * watts,
    ...(ohms > 0 ? { preferred: nearestPreferred(ohms, "E24").value } : {}),
  };
}

/** A dropper with taps for several lines: from the string outwards, each section and where its end goes. */
export function tappedDropper(
  lines: readonly number[],
  heaters: readonly Heater[],
  lamp?: Lamp,
  margin: number = WATT_MARGIN,
) {
  const sorted = [...lines].sort((a, b) => a - b);
  let before = 0;
  return sorted.map((line) => {
    const { ohms, amps } = dropper(line, heaters, lamp, margin);
    const section = Math.max(ohms, 0) - before;
    before = Math.max(ohms, 0);
    return { line, ohms, section, watts: amps * amps * section, rated: margin * amps * amps * section };
  });
}

export type Settling = {
  amps: number;
  each: (StringHeater & { volts: number; ratio: number; verdict: "good" | "over" | "under" })[];
  dropperVolts: number;
  dropperWatts: number;
  lamp?: { volts: number; ratio: number };
  /** current in the first moment, with cold heaters and a cold lamp, A: the least and the most */
  inrush: [number, number];
};

/**
 * What each heater of a string gets from a line, whatever its own current. The voltages sum to the line.
 * @param line V, above zero @param ohms of the dropper, from 0 Ω @param heaters in their order
 */
export function settleString(line: number, ohms: number, heaters: readonly StringHeater[], lamp?: Lamp): Settling {
  if (!(line > 0) || !(ohms >= 0) || heaters.length === 0) throw new RangeError("a string needs a line and a heater");
  const sum = (amps: number) =>
    ohms * amps +
    heaters.reduce((total, { heater }) => total + voltsAt(heater, amps), 0) +
    (lamp ? lampVolts(lamp, amps) : 0);
  let low = 0;
  let high = 1;
  while (sum(high) < line) high *= 2;
  for (let round = 0; round < 200 && high - low > 1e-15; round += 1) {
    const middle = (low + high) / 2;
    if (sum(middle) < line) low = middle;
    else high = middle;
  }
  const amps = (low + high) / 2;
  const cold = (share: number) => {
    const hot = heaters.reduce((total, { heater }) => total + heater.volts / heater.amps, 0);
    const atLamp = lamp ? (lamp.volts / lamp.amps) * share : 0;
    const shunted = lamp?.shuntOhms ? 1 / (1 / atLamp + 1 / lamp.shuntOhms) : atLamp;
    return line / (ohms + hot * share + shunted);
  };
  const across = lamp ? lampVolts(lamp, amps) : 0;
  return {
    amps,
    each: heaters.map((one) => {
      const volts = voltsAt(one.heater, amps);
      const ratio = volts / one.heater.volts;
      const limit = HEATER_TOLERANCE.receiving;
      return { ...one, volts, ratio, verdict: ratio > 1 + limit ? "over" : ratio < 1 - limit ? "under" : "good" };
    }),
    dropperVolts: ohms * amps,
    dropperWatts: ohms * amps * amps,
    ...(lamp ? { lamp: { volts: across, ratio: across / lamp.volts } } : {}),
    inrush: [cold(COLD_OVER_HOT.most), cold(COLD_OVER_HOT.least)],
  };
}

/** Tubes whose heater current is not the one that most of the string has. */
export function strangers(heaters: readonly StringHeater[]): StringHeater[] {
  const alike = (a: number, b: number) => Math.abs(a / b - 1) <= STRING_TOLERANCE;
  const [common] = heaters
    .map(({ heater }) => ({
      amps: heater.amps,
      count: heaters.filter((other) => alike(other.heater.amps, heater.amps)).length,
    }))
    .sort((a, b) => b.count - a.count);
  return common ? heaters.filter(({ heater }) => !alike(heater.amps, common.amps)) : [];
}

/**
 * So much of the line across one heater says that it is the one without a path, as a fraction. Shop rule.
 * @example 190 V of 220 V across one heater: that one is open
 */
const NEARLY_ALL = 0.8;

/**
 * Which heater of a dark string is open: the whole line sits across it, and nothing across the others.
 * @param line V @param across volts measured across each heater, by position
 */
export function openHeater(line: number, across: ReadonlyMap<string, number>): { position?: string; text: string } {
  const readings = [...across];
  if (readings.length === 0)
    return {
      text: "Measure across each heater, with the set on its isolation transformer, the meter clipped on first.",
    };
  const whole = readings.filter(([, volts]) => Math.abs(volts) >= NEARLY_ALL * line);
  if (whole.length === 1 && whole[0])
    return {
      position: whole[0][0],
      text: `${format(Math.abs(whole[0][1]), "voltage")} of ${format(line, "voltage")} sit across ${whole[0][0]}: its heater is open, or its socket does not make contact.`,
    };
  if (whole.length > 1) return { text: "The whole line cannot sit across two heaters in series: measure both again." };
  const dead = readings.every(([, volts]) => Math.abs(volts) < 0.02 * line);
  return {
    text: dead
      ? "Nothing across any of them: the break lies before the string, at the dropper, the lamp, the switch or the lead."
      : "The line divides among the heaters: the string has a path. Compare each with its rated voltage.",
  };
}

/**
 * Reads a heater: a type of the table, or its volts and amps. A resistance is refused: measured cold it is five to
 * seven times below what the heater has when hot, and a dropper made from it would burn the string.
 */
export function parseHeater(
  text: string,
): { ok: true; value: Heater } | { ok: false; message: string; near?: string[] } {
  const typed = text.trim();
  if (/(Ω|ohms?|\d\s*r)\s*$/i.test(typed))
    return {
      ok: false,
      message:
        "A heater's resistance is not taken: cold it is a fifth to a seventh of what it is hot, and a dropper made from it burns the string. Write its rated volts and amps, like 14 V 0.1 A, or its type.",
    };
  const known = tubeType(typed);
  if (known?.heaters[0]) return { ok: true, value: known.heaters[0] };
  const pair = /^([\d.,]+)\s*v?\s*[/ ,;]\s*([\d.,]+\s*(?:m|µ)?\s*a?)$/i.exec(typed);
  if (pair) {
    const volts = parseQuantity(`${pair[1]} V`, "voltage");
    const amps = parseQuantity(/a$/i.test(pair[2] ?? "") ? (pair[2] ?? "") : `${pair[2]} A`, "current");
    if (volts.ok && amps.ok && volts.value > 0 && amps.value > 0)
      return { ok: true, value: { volts: volts.value, amps: amps.value } };
  }
  const near = nearestTypes(typed);
  return {
    ok: false,
    message: `“${typed}” is neither a tube of the table nor a heater: write volts and amps above zero, like 14 V 0.1 A${near.length > 0 ? `. Near it: ${near.join(", ")}.` : "."}`,
    near,
  };
}
