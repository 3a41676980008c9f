import type { TestSheet } from "../schemas/sheet";

/** Sheets for supplies and mechanics. */
export const SUPPLY: readonly TestSheet[] = [
  {
    key: "supply",
    version: 1,
    name: "Supply under load",
    group: "supply",
    suits: ["mains", "battery", "any"],
    says: "Voltage and ripple as the load grows: regulation, source resistance, what is left of the reservoir.",
    preflight: [
      { key: "load", text: "The load resistor takes the watts and the volts, and stands where nobody touches it" },
      {
        key: "reading",
        text: "Ripple is read peak to peak on the oscilloscope (an rms figure times 2.8 or 3.5 is a guess)",
      },
    ],
    setup: [
      { key: "ripple-hertz", name: "Ripple frequency", quantity: "frequency", unit: "Hz", word: "hz" },
      { key: "rail", name: "Rail", quantity: "text", unit: "", word: "rail" },
    ],
    rowBy: [{ key: "load", name: "Load", quantity: "current", unit: "mA", word: "ma" }],
    rows: [["0 mA"], ["20 mA"], ["40 mA"], ["60 mA"], ["80 mA"]],
    columns: [
      { key: "volts", name: "Volts", quantity: "voltage", unit: "V", word: "v" },
      { key: "ripple", name: "Ripple, peak to peak", quantity: "voltage", unit: "V", word: "pp" },
    ],
    worked: [
      { key: "regulation", name: "Fall from no load", by: "regulation", from: { idle: "^volts", volts: "volts" } },
      { key: "ripple-share", name: "Ripple", by: "share", from: { of: "ripple", whole: "volts" } },
      {
        key: "left",
        name: "Reservoir, about",
        by: "capacitance-left",
        from: { amps: "load", hertz: "=ripple-hertz", ripple: "ripple" },
      },
    ],
    limits: [],
    curve: { x: "load", y: "volts", log: false },
    main: "volts",
    sums: ["regulation"],
  },
  {
    key: "drain",
    version: 1,
    name: "Battery drain",
    group: "supply",
    suits: ["battery"],
    says: "Current as the battery sags, how long it lasts, and the voltage at which the oscillator stops.",
    preflight: [
      {
        key: "station",
        text: "Tuned to a signal at the high end of the highest band: the oscillator stops there first",
      },
      { key: "minus", text: "The bench supply's current is limited; polarity checked twice" },
    ],
    setup: [
      { key: "charge", name: "Battery", quantity: "number", unit: "Ah", word: "ah" },
      { key: "which", name: "Which battery", quantity: "text", unit: "", word: "battery" },
    ],
    rowBy: [{ key: "supply", name: "Supply", quantity: "voltage", unit: "V", word: "v" }],
    rows: [["1.5 V"], ["1.4 V"], ["1.3 V"], ["1.2 V"], ["1.1 V"]],
    columns: [
      { key: "drain", name: "Drain", quantity: "current", unit: "mA", word: "ma" },
      { key: "plays", name: "Plays", quantity: "text", unit: "", word: "plays", choices: ["no", "yes"] },
    ],
    worked: [{ key: "hours", name: "Lasts", by: "hours-left", from: { charge: "=charge", amps: "drain" } }],
    limits: [],
    curve: { x: "supply", y: "drain", log: false },
    sums: ["lowest-supply"],
  },
  {
    key: "backlash",
    version: 1,
    name: "Backlash",
    group: "mechanics",
    suits: ["any"],
    says: "The same signal approached five times from below and five times from above.",
    preflight: [{ key: "one-way", text: "Each approach from well off, in one go, and never back" }],
    setup: [{ key: "signal", name: "Signal", quantity: "frequency", unit: "kHz", word: "at" }],
    rowBy: [
      {
        key: "side",
        name: "Approached",
        quantity: "text",
        unit: "",
        word: "side",
        choices: ["from below", "from above"],
      },
      { key: "pass", name: "Pass", quantity: "text", unit: "", word: "pass" },
    ],
    rows: ["from below", "from above"].flatMap((side) => [1, 2, 3, 4, 5].map((pass) => [side, String(pass)])),
    columns: [{ key: "reading", name: "Dial reads", quantity: "frequency", unit: "kHz", word: "dial" }],
    worked: [],
    limits: [],
    sums: ["backlash"],
  },
];
