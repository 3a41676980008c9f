import type { TestSheet } from "../schemas/sheet";
import { CONTROLS, FREQUENCY, LOAD_CHECK, LOAD_OHMS, VOLTS_OUT } from "./columns";

const hertz = (list: string) => list.split(" ").map((one) => [`${one} Hz`]);

/** Sheets for sound. Rows: preferred steps of audio measurement (1-2-5 with thirds between). Limits are the model's; hum alone has one here, 30 dB below rated output. Shop rule. */
export const SOUND: readonly TestSheet[] = [
  {
    key: "response",
    version: 1,
    name: "Audio response",
    group: "sound",
    suits: ["receiver", "fm", "communications"],
    says: "Level at the voice coil against frequency, in dB against 400 Hz. Two runs choose the tone capacitor.",
    preflight: [
      { key: "tone", text: "Tone and volume control noted; they stay as they are" },
      { key: "clip", text: "The level is low enough that nothing clips at any frequency", voids: true },
      LOAD_CHECK,
    ],
    setup: [
      LOAD_OHMS,
      CONTROLS,
      { key: "tone", name: "Tone capacitor", quantity: "capacitance", unit: "nF", word: "tone" },
    ],
    rowBy: [FREQUENCY],
    rows: hertz("50 100 200 400 700 1000 1500 2000 3000 5000 7000 10000"),
    columns: [VOLTS_OUT],
    worked: [{ key: "level-db", name: "Level", by: "voltage-decibels", from: { volts: "volts", against: "@volts" } }],
    limits: [],
    curve: { x: "frequency", y: "level-db", log: true, reference: 400 },
    sums: ["band-edges"],
  },
  {
    key: "output",
    version: 1,
    name: "Output and distortion",
    group: "sound",
    suits: ["receiver", "fm", "communications"],
    says: "Power in the load as the drive rises, and the highest below 10 % distortion.",
    preflight: [
      { key: "load", text: "The load resistor is on the right tap, and takes the power", voids: true },
      { key: "one-frequency", text: "One frequency, and the meter reads all of it" },
    ],
    setup: [LOAD_OHMS, { key: "at", name: "Frequency", quantity: "frequency", unit: "Hz", word: "at" }],
    rowBy: [{ key: "drive", name: "Drive", quantity: "ac-voltage", unit: "mV", word: "drive" }],
    rows: [["20 mV"], ["50 mV"], ["100 mV"], ["200 mV"], ["500 mV"]],
    columns: [VOLTS_OUT, { key: "distortion", name: "Distortion", quantity: "percent", unit: "%", word: "d" }],
    worked: [{ key: "output", name: "Output", by: "watts-in-load", from: { volts: "volts", ohms: "=ohms" } }],
    limits: [],
    curve: { x: "output", y: "distortion", log: false },
    main: "output",
    sums: ["clean-output"],
  },
  {
    key: "hum",
    version: 1,
    name: "Hum and noise",
    group: "sound",
    suits: ["any"],
    says: "What is left without a signal, below the rated output, for each position of the volume control.",
    preflight: [
      { key: "no-signal", text: "No signal: antenna off, pick-up socket shorted" },
      { key: "lead", text: "The meter's lead picks up nothing: it reads nothing with the set off" },
    ],
    setup: [LOAD_OHMS, { key: "rated", name: "Rated output", quantity: "power", unit: "W", word: "rated" }],
    rowBy: [{ key: "volume", name: "Volume control", quantity: "text", unit: "", word: "volume" }],
    rows: [["closed"], ["half"], ["full"]],
    columns: [{ key: "volts", name: "Hum", quantity: "ac-voltage", unit: "mV", word: "v" }],
    worked: [
      {
        key: "below",
        name: "Against rated output",
        by: "below-power",
        from: { volts: "volts", ohms: "=ohms", watts: "=rated" },
      },
    ],
    limits: [{ column: "below", sense: "at-most", text: "−30 dB", value: -30 }],
    main: "below",
    sums: [],
  },
];
