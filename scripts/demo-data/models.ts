import { components, base, tubes, volts, amps, type DemoModel } from "./sheet-helpers";
import { FJORD, LANTERN, REGENT } from "./full-sheets";

export type { DemoModel };

export const MODELS: Record<string, DemoModel> = {
  lantern: LANTERN,
  fjord: FJORD,
  regent: REGENT,
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
      supplyRms: 265,
      rectifier: "full-wave",
      heaterAmps: 5,
      watts: 95,
      dialect: "m-is-million",
      tubes: tubes(
        "V1 6BA6 RF\nV2 6BE6 mixer\nV3 6BA6 first IF\nV4 6C4 oscillator\nV5 6BA6 second IF\nV6 6BA6 BFO\nV7 6AL5 detector\nV8 12AX7 audio\nV9 6AQ5 output\nV10 OA2 regulator\nV11 6X4 rectifier",
      ),
      components: components(`
        C31 avc .1/200 @AVC
        C41 tuned 3-30p @oscillator
        C42 tuned 3-30p @oscillator
        C43 tuned 3-30p @oscillator
        C44 tuned 560p mica @oscillator
        C46 tuned 3-30p @oscillator
        C47 tuned 3-30p @oscillator
        R28 avc 1 meg @AVC`),
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
      components: components(
        "C12 reservoir 8/150 @power\nC9 coupling .01/250 @output\nC17 tuned 3-30p @converter\nR6 screen 33k @converter",
      ),
      points: [volts("HT", 90, false), volts("LT", 1.4, false)],
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
      rectifier: "full-wave",
      heaterRails: [
        { name: "tubes", volts: 6.3, amps: 6 },
        { name: "rectifiers", volts: 5, amps: 4 },
      ],
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
      rectifier: "bridge",
      watts: 1200,
      dialect: "m-is-million",
      tubes: tubes("V1 811A PA\nV2 811A PA\nV3 811A PA\nV4 811A PA"),
      components: components(
        "R1 other 47 2W @suppressor\nR2 other 47 2W @suppressor\nR3 other 47 2W @suppressor\nR4 other 47 2W @suppressor\nC3 reservoir 25/2000 @high voltage",
      ),
      points: [volts("High voltage", 1500)],
    },
  },
};
