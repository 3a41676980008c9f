import { devicePoint, type Electrode } from "../model";
import type { Verdict } from "./verdict";

/** A judged reading, as far as it is needed to say what lies behind it. */
export type Seen = { verdict: Verdict; value: number };

/**
 * A plate this close to B+ draws nothing through its load, as a fraction. Shop rule.
 * @example plate 255 V at B+ 260 V: 2 % below, so no current
 */
const SAME_AS_RAIL = 0.03;
/**
 * Below this share of what belongs there, a screen has lost its supply. Shop rule.
 * @example screen 8 V where 90 V belong: its supply is gone
 */
const NO_SCREEN = 0.1;

const isOut = (verdict?: Verdict): verdict is "high" | "low" => verdict === "high" || verdict === "low";

const find = (seen: ReadonlyMap<string, Seen>, device: string, electrode: Electrode) =>
  [...seen].find(([point]) => {
    const other = devicePoint(point);
    return other?.device === device && other.electrode === electrode;
  })?.[1];

const PLAIN: { name: RegExp; high: string; low: string }[] = [
  {
    name: /^(b\+|b plus|ht\b|high voltage)/i,
    high: "Too little is drawn: an output stage that does not conduct, a cold tube, a high tap.",
    low: "Rectifier weak, reservoir has lost its value, or something draws too much: compare the line current.",
  },
  {
    name: /^(heater|string|filament|lt\b)/i,
    high: "Line tap, or a tube missing from the winding.",
    low: "Line tap, poor contacts, or a tube of another heater current in a string.",
  },
  {
    name: /^line current/i,
    high: "Something draws too much: B+ low with it points at the high-voltage side, B+ right at heaters or transformer.",
    low: "A stage or a heater does not draw: look for the plate that stands at B+.",
  },
  {
    name: /^(avc|agc)/i,
    high: "Too much control: oscillation in the IF, or a signal is on.",
    low: "Leaky AVC capacitor, or the detector does not deliver.",
  },
  {
    name: /^battery/i,
    high: "Supply set too high, or nothing draws on it.",
    low: "Supply sags: its limit acts, or something draws too much.",
  },
];

/**
 * What usually lies behind a reading that is out. Lore of the trade, for a start: the reading decides, not the list.
 *
 * @param point its name, e.g. `V4 plate` @param own verdict and measured value of it
 * @param seen the other readings of the same pass, by point; their order does not matter
 * @param rail measured B+ of the same pass, V
 */
export function likelyBehind(point: string, own: Seen, seen: ReadonlyMap<string, Seen>, rail?: number): string[] {
  if (!isOut(own.verdict)) return [];
  const high = own.verdict === "high";
  const place = devicePoint(point);
  if (!place) {
    const plain = PLAIN.find(({ name }) => name.test(point));
    return plain ? [high ? plain.high : plain.low] : [];
  }
  const { device, electrode } = place;
  const other = (name: Electrode) => find(seen, device, name)?.verdict;
  switch (electrode) {
    case "suppressor":
    case "target":
    case "diode":
    case "drain":
    case "gate":
    case "source":
      return [];
    case "plate":
    case "collector": {
      const tail = electrode === "plate" ? "cathode" : "emitter";
      if (rail && Math.abs(own.value / rail - 1) <= SAME_AS_RAIL + 1e-9)
        return [
          `${device} ${electrode} stands at B+: no current. Tube dead, cathode resistor open, or no screen volts.`,
        ];
      if (high && other(tail) === "low")
        return [
          `${device} does not conduct: emission, ${tail} resistor, ${electrode === "plate" ? "screen volts" : "base bias"}.`,
        ];
      if (!high && other(tail) === "high")
        return [
          `${device} conducts too hard: look at the ${electrode === "plate" ? "grid (leaky coupling capacitor, open grid leak)" : "base"}.`,
        ];
      if (!high && other(tail) === "low")
        return [`${device} is starved: its load or decoupling resistor is high, or the decoupling capacitor leaks.`];
      return [high ? `${device} draws too little.` : `${device} draws too much, or its load resistor is high.`];
    }
    case "screen":
      if (rail && own.value < NO_SCREEN * rail)
        return ["No screen volts: the screen resistor is open or its bypass capacitor shorted."];
      return [
        high
          ? "The screen draws too little: the tube does not conduct, or the lower resistor of a divider is open."
          : "Screen resistor drifted high, or its bypass capacitor leaks.",
      ];
    case "cathode":
    case "emitter":
      return [
        high
          ? `${device} conducts too hard (look at the grid), or its ${electrode} resistor is high.`
          : `${device} conducts too little, or the bypass capacitor across its ${electrode} resistor is shorted.`,
      ];
    case "grid":
      return own.value > 0
        ? [
            "Positive volts on a grid: the coupling capacitor leaks, or the tube is gassy. Lift one end to tell them apart.",
          ]
        : ["Bias supply or grid leak: measure with the meter that loads it least."];
    case "base":
      return ["Bias resistors, a leaky coupling capacitor, or the transistor itself."];
    case "heater":
      return [high ? "Line tap, or a string out of balance." : "Poor contact, line tap, or a string out of balance."];
  }
}
