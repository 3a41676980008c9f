import { base, components, tubes, volts, windings, type MadeUpSet } from "./sheet-helpers";
import { withRows } from "./with-net";

/** A transmitter with the net of its modulator: speech amplifier, driver transformer, a pair in push-pull. */
export const T60: MadeUpSet = {
  maker: "Ironbridge",
  designation: "T-60",
  year: 1958,
  sheet: withRows(
    {
      ...base,
      kind: "AM/CW transmitter, 80–10 m",
      supply: "high-voltage",
      lineVolts: 230,
      highestVolts: 750,
      supplyRms: 530,
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
      components: components(`
        C22 reservoir 8/1000 @high voltage
        C60 cathode-bypass 25/25 @speech
        C61 coupling .01/600 @speech
        C62 smoothing 8/450 @speech
        C63 cathode-bypass 25/25 @speech
        R19 bias 20k 10W @PA
        R30 anode-load 220k @speech
        R31 bias 2.2k @speech
        R32 grid-leak 1 meg @speech
        R34 bias 1.8k @speech
        R35 dropper 15k 2W @speech
        R36 other 25k 50W @high voltage
        VR2 control 500k @speech`),
      windings: windings(`
        T4 driver primary | plate | speech rail | 1200
        T4 driver secondary a | grid | bias | 400
        T4 driver secondary b | grid | bias | 400
        T5 modulation primary a | plate | modulator rail | 70
        T5 modulation primary b | plate | modulator rail | 70`),
      points: [
        // With the key down; without a load it stands higher.
        { ...volts("High voltage", 620), tolerance: 0.15, note: "key down" },
        volts("Regulated", 210, false),
        volts("V4a plate", 165),
        volts("V4b cathode", 2.6),
        volts("V5 plate", 345),
        volts("V5 grid", -22, false),
        volts("V6 plate", 345),
        volts("V6 grid", -22, false),
      ],
    },
    `supply | gnd | High voltage
     C22 | High voltage | gnd
     R36 | High voltage | gnd
     source 360 V 120 | gnd | Modulator rail
     source 270 V 200 | gnd | Screen rail
     source 22 V 1k | Bias | gnd
     R35 | Modulator rail | Speech rail
     C62 | Speech rail | gnd
     R32 | V4a.grid | gnd
     R31 | V4a.cathode | gnd
     C60 | V4a.cathode | gnd
     R30 | Speech rail | V4a.plate
     C61 | V4a.plate | level
     VR2 | level | gnd | V4b.grid | 50 %
     R34 | V4b.cathode | gnd
     C63 | V4b.cathode | gnd
     T4 driver primary | Speech rail | V4b.plate
     T4 driver secondary a | Bias | V5.grid
     T4 driver secondary b | Bias | V6.grid
     T5 modulation primary a | Modulator rail | V5.plate
     T5 modulation primary b | Modulator rail | V6.plate
     wire V5.screen | Screen rail | V5.screen
     wire V6.screen | Screen rail | V6.screen`,
  ),
};

/** A linear amplifier with the net of its supply and bias: a bridge, four tubes with their grids at chassis. */
export const KESTREL: MadeUpSet = {
  maker: "Ironbridge",
  designation: "Kestrel 4",
  year: 1972,
  sheet: withRows(
    {
      ...base,
      kind: "Linear amplifier, 80–10 m",
      supply: "high-voltage",
      lineVolts: 230,
      highestVolts: 1500,
      supplyRms: 1060.66,
      rectifier: "bridge",
      watts: 1200,
      dialect: "m-is-million",
      tubes: tubes("V1 811A PA\nV2 811A PA\nV3 811A PA\nV4 811A PA"),
      components: components(`
        R1 other 47 2W @suppressor
        R2 other 47 2W @suppressor
        R3 other 47 2W @suppressor
        R4 other 47 2W @suppressor
        R5 other 50k 100W @high voltage
        C3 reservoir 25/2000 @high voltage`),
      windings: windings("L1 plate choke | plates | high voltage | 22"),
      points: [volts("High voltage", 1500)],
    },
    `supply | gnd | High voltage
     C3 | High voltage | gnd
     R5 | High voltage | gnd
     L1 plate choke | High voltage | Plates
     R1 | Plates | V1.plate
     R2 | Plates | V2.plate
     R3 | Plates | V3.plate
     R4 | Plates | V4.plate
     source 4.7 V | gnd | Filaments
     wire V1.cathode | Filaments | V1.cathode
     wire V2.cathode | Filaments | V2.cathode
     wire V3.cathode | Filaments | V3.cathode
     wire V4.cathode | Filaments | V4.cathode`,
  ),
};
