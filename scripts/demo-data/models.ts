import { ROLES, type ChartPoint, type Component, type Role, type Sheet } from "@/core/model";

/** A component a line: designator, role, drawn value, and behind @ its stage. */
function components(table: string): Component[] {
  return table
    .trim()
    .split("\n")
    .map((line) => {
      const [left = "", stage] = line.split("@").map((text) => text.trim());
      const [designator = "", role = "", ...drawn] = left.split(/\s+/);
      if (!ROLES.includes(role as Role)) throw new Error(`no such role: ${line}`);
      return { designator, role: role as Role, drawn: drawn.join(" "), ...(stage ? { stage } : {}) };
    });
}

/** `V1 6K8 mixer`: a tube a line. */
const tubes = (table: string) =>
  table
    .trim()
    .split("\n")
    .map((line) => {
      const [position = "", type = "", ...work] = line.trim().split(/\s+/);
      return { position, type, work: work.join(" ") };
    });

const volts = (point: string, expected: number, withLine = true): ChartPoint => ({
  point,
  quantity: "voltage",
  expected,
  ...(withLine ? { withLine } : {}),
});
const amps = (point: string, expected: number, tolerance = 0.2): ChartPoint => ({
  point,
  quantity: "current",
  expected,
  tolerance,
});

export type DemoModel = { maker: string; designation: string; nickname?: string; year: number; sheet: Sheet };

const base = { tubes: [], components: [], windings: [], points: [], cautions: [] };

export const MODELS: Record<string, DemoModel> = {
  lantern: {
    maker: "Halvane",
    designation: "537",
    nickname: "Lantern",
    year: 1937,
    sheet: {
      ...base,
      kind: "AC table superhet, MW/LW/SW, IF 465 kHz",
      supply: "transformer",
      lineVolts: 230,
      highestVolts: 420,
      watts: 68,
      dialect: "m-is-million",
      tubes: tubes(`
        V1 6K8 mixer
        V2 6K7 IF
        V3 6Q7 detector and first audio
        V4 6V6 output
        V5 5Y3 rectifier
        V6 6U5 tuning indicator`),
      components: components(`
        C1 reservoir 16/450 @power
        C2 smoothing 16/450 @power
        C3 mains .01/1000 @power
        C4 tuned 120 mica @mixer
        C5 decoupling .1/400 @mixer
        C6 avc .05/200 @AVC
        C7 decoupling .1/400 @IF
        C8 tuned 100 mica @detector
        C9 coupling .01/400 @first audio
        C10 cathode-bypass 25/25 @first audio
        C11 decoupling .25/400 @first audio
        C12 tuned 430 mica @oscillator
        C13 tone .005/600 @output
        C14 coupling .05/400 @output
        C15 cathode-bypass 25/50 @output
        C16 tone .02/600 @output
        R1 grid-leak 50k @oscillator
        R2 dropper 20k 2W @mixer
        R3 bias 300 @IF
        R4 grid-leak 1 meg @AVC
        R5 decoupling 100k @first audio
        R6 bias 3k @first audio
        R7 anode-load 470k @first audio
        R8 grid-leak 470k @output
        R9 screen 25k 2W @IF
        R10 bias 250 2W @output
        R11 grid-leak 1 meg @tuning indicator
        VR1 control 500k @first audio`),
      points: [
        volts("B+", 260),
        volts("V1 plate", 255),
        volts("V1 screen", 100),
        volts("V2 screen", 100),
        volts("V3 plate", 110),
        volts("V4 plate", 245),
        volts("V4 cathode", 12.5),
        volts("Heaters", 6.3),
        amps("Line current", 0.32),
      ],
      cautions: [
        { step: "fix", text: "The tuning indicator's lead is short: unplug it before the chassis comes out." },
        { step: "make-safe", text: "The dial glass is held by two clips only: take it off first." },
      ],
    },
  },
  fjord: {
    maker: "Norrvik",
    designation: "U48",
    nickname: "Fjord",
    year: 1949,
    sheet: {
      ...base,
      kind: "AC/DC transformerless table set, 100 mA heater string",
      supply: "live-chassis",
      lineVolts: 220,
      highestVolts: 310,
      watts: 45,
      dialect: "m-is-million",
      tubes: tubes(`
        V1 UCH42 mixer
        V2 UF41 IF
        V3 UBC41 detector and first audio
        V4 UL41 output
        V5 UY41 rectifier`),
      components: components(`
        C1 reservoir 50/350 @power
        C2 smoothing 50/350 @power
        C3 mains .05/600 @power
        C4 mains-to-chassis 5000p/1500 @power
        C5 decoupling .1/500 @IF
        C6 avc .05/250 @AVC
        C7 coupling .01/500 @output
        C8 tone 2500p/1500 @output
        C9 cathode-bypass 50/12 @output
        R1 dropper 890 20W @power
        R2 screen 22k 1W @IF
        R3 anode-load 220k @first audio
        R4 grid-leak 680k @output
        R5 bias 170 1W @output`),
      points: [
        volts("B+", 185),
        volts("V4 plate", 165),
        volts("V4 cathode", 9),
        volts("V3 plate", 75),
        amps("String current", 0.1, 0.05),
      ],
      cautions: [{ step: "make-safe", text: "Grub screws of the knobs are live: wax must cover them." }],
    },
  },
  skipper: {
    maker: "Pemberlake",
    designation: "Skipper 7",
    year: 1961,
    sheet: {
      ...base,
      kind: "Seven-transistor portable, germanium PNP",
      supply: "low-voltage",
      lineVolts: 9,
      highestVolts: 9,
      watts: 0.3,
      dialect: "m-is-million",
      tubes: tubes(`
        Q1 germanium mixer
        Q2 germanium first IF
        Q3 germanium second IF
        Q4 germanium first audio
        Q5 germanium driver
        Q6 germanium output
        Q7 germanium output`),
      components: components(`
        C1 rail 100/12 @power
        C2 coupling 10/12 @first audio
        C3 cathode-bypass 100/6 @driver
        C4 avc 10/12 @AVC
        R1 bias 39k @mixer
        R2 bias 10k @mixer
        R3 bias 1k @mixer
        R4 anode-load 3.3k @first audio`),
      points: [
        volts("Battery", 9, false),
        volts("Q1 emitter", -0.9, false),
        volts("Q2 emitter", -0.7, false),
        volts("Q4 collector", -4.5, false),
        amps("Battery current", 0.012, 0.25),
      ],
      cautions: [
        {
          step: "baseline",
          text: "Readings are negative against the earth rail: the supply's positive side is ground.",
        },
      ],
    },
  },
  cr21: {
    maker: "Tidewell",
    designation: "CR-21",
    year: 1953,
    sheet: {
      ...base,
      kind: "Communications receiver, 0.5–30 MHz, IFs 1.65 MHz and 110 kHz",
      supply: "transformer",
      lineVolts: 230,
      highestVolts: 380,
      watts: 95,
      dialect: "m-is-million",
      tubes: tubes(
        "V1 6BA6 RF\nV2 6BE6 mixer\nV3 6BA6 first IF\nV4 6C4 oscillator\nV5 6BA6 second IF\nV6 6BA6 BFO\nV7 6AL5 detector\nV8 12AX7 audio\nV9 6AQ5 output\nV10 OA2 regulator\nV11 6X4 rectifier",
      ),
      components: components("C31 avc .1/200 @AVC\nC44 tuned 560p mica @oscillator\nR28 avc 1 meg @AVC"),
      points: [volts("B+", 250), volts("Regulated", 150, false), volts("AVC", -3, false)],
    },
  },
  promenade: {
    maker: "Castellane",
    designation: "56",
    nickname: "Promenade",
    year: 1956,
    sheet: {
      ...base,
      kind: "Battery portable, 1.4 V and 90 V",
      supply: "battery",
      lineVolts: 90,
      highestVolts: 90,
      dialect: "m-is-million",
      tubes: tubes("V1 DK96 converter\nV2 DF96 IF\nV3 DAF96 detector\nV4 DL96 output"),
      components: components("C12 reservoir 8/150 @power\nC9 coupling .01/250 @output\nR6 screen 33k @converter"),
      points: [volts("HT", 90, false), volts("LT", 1.4, false)],
    },
  },
  regent: {
    maker: "Halvane",
    designation: "31",
    nickname: "Regent",
    year: 1931,
    sheet: {
      ...base,
      kind: "TRF, three ganged stages, field-coil loudspeaker",
      supply: "transformer",
      lineVolts: 230,
      highestVolts: 450,
      watts: 90,
      dialect: "m-is-thousand",
      tubes: tubes("V1 35 first RF\nV2 35 second RF\nV3 24A detector\nV4 47 output\nV5 80 rectifier"),
      components: components(
        "C8 reservoir 8/500 @power\nC9 smoothing 8/500 @power\nR5 anode-load 250M @detector\nL1 other field coil 1800 Ω @power",
      ),
      points: [volts("B+", 250), volts("V4 plate", 235)],
    },
  },
  t60: {
    maker: "Ironbridge",
    designation: "T-60",
    year: 1958,
    sheet: {
      ...base,
      kind: "AM/CW transmitter, 80–10 m",
      supply: "high-voltage",
      lineVolts: 230,
      highestVolts: 750,
      watts: 260,
      dialect: "m-is-million",
      tubes: tubes(
        "V1 6AG7 oscillator\nV2 807 PA\nV3 807 PA\nV4 12AX7 speech\nV5 6L6 modulator\nV6 6L6 modulator\nV7 5R4 rectifier\nV8 5R4 rectifier",
      ),
      components: components("C22 reservoir 8/1000 @high voltage\nR19 bias 20k 10W @PA"),
      points: [volts("High voltage", 620), volts("Regulated", 210, false)],
    },
  },
  duplex: {
    maker: "Tidewell",
    designation: "Duplex 80",
    year: 1969,
    sheet: {
      ...base,
      kind: "Hybrid SSB transceiver, plug-in boards",
      supply: "high-voltage",
      lineVolts: 230,
      highestVolts: 600,
      watts: 280,
      dialect: "m-is-million",
      tubes: tubes("V1 12BY7A driver\nV2 6146 PA\nV3 6146 PA"),
      components: components("C5 rail 470/25 @regulator\nR3 bias 10k @PA"),
      points: [volts("12 V rail", 12, false), volts("High voltage", 600)],
    },
  },
  kestrel: {
    maker: "Ironbridge",
    designation: "Kestrel 4",
    year: 1972,
    sheet: {
      ...base,
      kind: "Linear amplifier, 80–10 m",
      supply: "high-voltage",
      lineVolts: 230,
      highestVolts: 1500,
      watts: 1200,
      dialect: "m-is-million",
      tubes: tubes("V1 811A PA\nV2 811A PA\nV3 811A PA\nV4 811A PA"),
      components: components(
        "R1 other 47 2W @suppressor\nR2 other 47 2W @suppressor\nR3 other 47 2W @suppressor\nR4 other 47 2W @suppressor\nC3 reservoir 100/450 @high voltage",
      ),
      points: [volts("High voltage", 1500)],
    },
  },
};
