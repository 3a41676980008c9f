import { base, components, tubes, volts, type MadeUpSet } from "./sheet-helpers";
import { FJORD, LANTERN, REGENT } from "./full-sheets";
import { SKIPPER } from "./skipper-sheet";
import { KESTREL, T60 } from "./transmitter-sheets";

export type { MadeUpSet };

export const MADE_UP_SETS: Record<string, MadeUpSet> = {
  lantern: LANTERN,
  fjord: FJORD,
  regent: REGENT,
  skipper: SKIPPER,
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
  t60: T60,
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
  kestrel: KESTREL,
};

/** Sheets that have a whole net, for benchmarks of the circuit. */
export const CIRCUITS = { Lantern: LANTERN.sheet, Fjord: FJORD.sheet, Regent: REGENT.sheet };
