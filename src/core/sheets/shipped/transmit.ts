import type { TestSheet } from "../sheet";
import { BAND, DUMMY_CHECKS, MINUTES, MODE } from "./columns";

const watts = (key: string, name: string, word: string) => ({ key, name, quantity: "power", unit: "W", word }) as const;
const OUTPUT = watts("output", "Output", "out");
const bands = ["80 m", "40 m", "20 m", "15 m", "10 m"];
const DUMMY = { key: "dummy", name: "Dummy load", quantity: "text", unit: "", word: "dummy" } as const;

/** Sheets for transmitters and amplifiers. The limit of the plates comes from the tube table, with the set-up of the run. */
export const TRANSMIT: readonly TestSheet[] = [
  {
    key: "transmitter",
    version: 1,
    name: "Transmitter per band",
    group: "transmit",
    suits: ["transmitter", "amplifier"],
    says: "Drive, output, plate volts and current, band by band: input, gain, efficiency, heat in each plate.",
    preflight: [...DUMMY_CHECKS, { key: "licence", text: "Operated under a licence; the key is up between the rows" }],
    setup: [
      DUMMY,
      { key: "tubes", name: "Tubes in the final", quantity: "number", unit: "", word: "tubes" },
      { key: "type", name: "Type", quantity: "text", unit: "", word: "type" },
      { key: "plate-limit", name: "Limit of a plate", quantity: "power", unit: "W", word: "limit" },
    ],
    rowBy: [BAND, MODE],
    rows: bands.map((band) => [band, "CW"]),
    columns: [
      watts("drive", "Drive", "drive"),
      OUTPUT,
      { key: "plate-amps", name: "Plate current", quantity: "current", unit: "mA", word: "ia" },
      { key: "plate-volts", name: "Plate volts", quantity: "voltage", unit: "V", word: "va" },
      { key: "grid-amps", name: "Grid current", quantity: "current", unit: "mA", word: "ig" },
      watts("reflected", "Reflected", "refl"),
    ],
    worked: [
      { key: "input", name: "Input", by: "plate-input", from: { volts: "plate-volts", amps: "plate-amps" } },
      { key: "gain", name: "Gain", by: "power-decibels", from: { watts: "output", against: "drive" } },
      {
        key: "efficiency",
        name: "Efficiency",
        by: "efficiency",
        from: { output: "output", volts: "plate-volts", amps: "plate-amps" },
      },
      {
        key: "heat",
        name: "Heat a plate",
        by: "dissipation",
        from: { volts: "plate-volts", amps: "plate-amps", drive: "drive", output: "output", tubes: "=tubes" },
      },
      { key: "swr", name: "SWR", by: "standing-wave", from: { forward: "output", reflected: "reflected" } },
    ],
    limits: [],
    main: "output",
    sums: ["output-range"],
  },
  {
    key: "modulation",
    version: 1,
    name: "Modulation",
    group: "transmit",
    suits: ["transmitter"],
    says: "Depth from the crest and the trough of the envelope, or from the two upright sides of the trapezoid, and peak power.",
    preflight: [
      ...DUMMY_CHECKS.slice(0, 1),
      { key: "scope", text: "The oscilloscope sees the RF itself; its trace is upright and in focus" },
    ],
    setup: [
      { key: "ohms", name: "Dummy load", quantity: "resistance", unit: "Ω", word: "load" },
      { key: "from", name: "Read from", quantity: "text", unit: "", word: "from", choices: ["envelope", "trapezoid"] },
    ],
    rowBy: [{ key: "audio", name: "Audio level", quantity: "text", unit: "", word: "audio" }],
    rows: [["low"], ["usual"], ["full"]],
    columns: [
      { key: "crest", name: "Crest, or longer side", quantity: "voltage", unit: "V", word: "max" },
      { key: "trough", name: "Trough, or shorter side", quantity: "voltage", unit: "V", word: "min" },
      { key: "carrier", name: "Carrier", quantity: "voltage", unit: "V", word: "carrier" },
    ],
    worked: [
      { key: "depth", name: "Depth", by: "envelope-depth", from: { crest: "crest", trough: "trough" } },
      { key: "pep", name: "Peak power", by: "envelope-power", from: { peak: "crest", ohms: "=ohms" } },
      { key: "shift", name: "Carrier shift", by: "share-off", from: { of: "carrier", from: "^carrier" } },
    ],
    limits: [{ column: "depth", sense: "at-most", text: "100 %", value: 1 }],
    main: "depth",
    sums: [],
  },
  {
    key: "keying",
    version: 1,
    name: "Keying",
    group: "transmit",
    suits: ["transmitter"],
    says: "Frequency from the first tenth of a second of a dash to its end: chirp.",
    preflight: [
      ...DUMMY_CHECKS.slice(0, 1),
      { key: "counter", text: "The counter is fast enough, or the note is compared with a marker" },
    ],
    setup: [{ key: "band", name: "Band", quantity: "text", unit: "", word: "band" }],
    rowBy: [{ key: "time", name: "After key down", quantity: "time", unit: "s", word: "t" }],
    rows: [["0.1 s"], ["0.5 s"], ["1 s"], ["2 s"], ["5 s"]],
    columns: [{ key: "frequency", name: "Frequency", quantity: "frequency", unit: "kHz", word: "f" }],
    worked: [
      { key: "chirp", name: "Chirp", by: "frequency-difference", from: { of: "frequency", less: "^frequency" } },
    ],
    limits: [],
    curve: { x: "time", y: "chirp", log: false },
    sums: ["drift"],
  },
  {
    key: "fade",
    version: 1,
    name: "Output over time",
    group: "transmit",
    suits: ["transmitter", "amplifier"],
    says: "Output minute by minute: a fade as the set gets warm.",
    preflight: DUMMY_CHECKS,
    setup: [DUMMY, { key: "band", name: "Band", quantity: "text", unit: "", word: "band" }],
    rowBy: [MINUTES],
    rows: ["0", "1", "2", "3", "5", "8", "10", "15"].map((one) => [`${one} min`]),
    columns: [OUTPUT],
    worked: [
      { key: "fallen", name: "Against the start", by: "power-decibels", from: { watts: "output", against: "^output" } },
    ],
    limits: [],
    curve: { x: "time", y: "fallen", log: false },
    sums: ["fade"],
  },
];
