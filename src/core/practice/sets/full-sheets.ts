import { withNet } from "./with-net";
import { amps, base, components, fed, tubes, volts, windings, type MadeUpSet } from "./sheet-helpers";

/**
 * Three reference sheets in full. The sets are invented, their figures are not arbitrary: the voltages follow from the
 * components and from the tubes' data sheets. The working is in full-sheets.test.ts.
 */

export const LANTERN: MadeUpSet = {
  maker: "Halvane",
  designation: "537",
  nickname: "Lantern",
  year: 1937,
  sheet: withNet(
    {
      ...base,
      kind: "AC table superhet, MW/LW/SW, IF 465 kHz",
      supply: "transformer",
      lineVolts: 230,
      lineHz: 50,
      taps: [110, 130, 220, 230, 250],
      highestVolts: 425,
      supplyRms: 300,
      rectifier: "full-wave",
      watts: 68,
      dialect: "m-is-million",
      chart: {
        lineVolts: 230,
        meter: { ohmsPerVolt: 1000 },
        signal: "none, aerial socket shorted",
        controls: "volume full, MW",
      },
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
      R2 screen 20k 2W @mixer
      R3 bias 300 @IF
      R4 grid-leak 1 meg @AVC
      R5 decoupling 100k @first audio
      R6 bias 3k @first audio
      R7 anode-load 470k @first audio
      R8 grid-leak 470k @output
      R9 screen 25k 2W @IF
      R10 bias 250 2W @output
      R11 grid-leak 1 meg @tuning indicator
      R12 screen 50k 1W @mixer
      R13 screen 22k 1W @IF
      R14 decoupling 2k @mixer
      R15 bias 300 @mixer
      VR1 control 500k @first audio`),
      windings: windings(`
      T1 primary | 1 | 4 | 21
      T1 HT | a | centre | 138 | HT halves
      T1 HT | centre | b | 145 | HT halves
      L1 choke | C1 | C2 | 400
      T2 output primary | plate | C2 | 330
      T2 output secondary | x | y | 0.4
      L4 first IF primary | plate | R14 | 9.5 | IF windings
      L5 first IF secondary | grid | AVC | 9.5 | IF windings`),
      points: [
        volts("B+", 260),
        volts("V1 plate", 255),
        fed("V1 screen", 95, 12e3),
        fed("V2 screen", 96, 11e3),
        fed("V3 plate", 41, 160e3),
        volts("V4 plate", 245),
        volts("V4 cathode", 12.5),
        volts("Heaters", 6.3),
        amps("Line current", 0.32),
      ],
      cautions: [
        {
          step: "fix",
          text: "The tuning indicator's lead is short: unplug it before the chassis comes out.",
          job: 214,
        },
        { step: "make-safe", text: "The dial glass is held by two clips only: take it off first.", job: 214 },
      ],
    },
    ``,
  ),
};

export const FJORD: MadeUpSet = {
  maker: "Norrvik",
  designation: "U48",
  nickname: "Fjord",
  year: 1949,
  sheet: withNet(
    {
      ...base,
      kind: "AC/DC transformerless table set, 100 mA heater string",
      supply: "live-chassis",
      lineVolts: 220,
      lineHz: 50,
      taps: [110, 220],
      highestVolts: 310,
      rectifier: "half-wave",
      watts: 45,
      dialect: "m-is-million",
      chart: {
        lineVolts: 220,
        meter: { ohmsPerVolt: 1000 },
        signal: "none",
        controls: "volume full, MW; all volts against B−",
      },
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
      R1 dropper 1030 20W @power
      R2 screen 22k 1W @IF
      R3 anode-load 220k @first audio
      R4 grid-leak 680k @output
      R5 bias 140 1W @output
      R6 dropper 1.2k 2W @power
      R7 dropper 180 7W @power
      R8 grid-leak 10 meg @first audio
      R9 bias 330 @IF
      R10 bias 390 @mixer
      R11 grid-leak 1 meg @AVC`),
      windings: windings(`
      T1 output primary | C1 | plate | 370
      T1 output secondary | x | y | 0.5
      L3 IF primary | plate | B+ 2 | 7.8 | IF windings
      L4 IF secondary | grid | AVC | 7.8 | IF windings`),
      points: [
        volts("B+", 190),
        volts("B+ 2", 163),
        volts("V4 plate", 170),
        volts("V4 cathode", 8.9),
        fed("V3 plate", 63, 47e3),
        amps("String current", 0.1, 0.05),
      ],
      cautions: [{ step: "make-safe", text: "Grub screws of the knobs are live: wax must cover them." }],
    },
    `wire V1.screen | V2.screen | V1.screen
     wire V1.plate | B+ 2 | V1.plate`,
  ),
};

export const REGENT: MadeUpSet = {
  maker: "Halvane",
  designation: "31",
  nickname: "Regent",
  year: 1931,
  sheet: withNet(
    {
      ...base,
      kind: "TRF, three ganged stages, field-coil loudspeaker",
      supply: "transformer",
      lineVolts: 230,
      lineHz: 50,
      taps: [210, 230, 250],
      highestVolts: 495,
      supplyRms: 350,
      rectifier: "full-wave",
      watts: 90,
      dialect: "m-is-thousand",
      chart: { lineVolts: 230, meter: { ohmsPerVolt: 1000 }, signal: "none", controls: "volume full" },
      tubes: tubes(`
      V1 35 first RF
      V2 35 second RF
      V3 24A detector
      V4 47 output
      V5 80 rectifier`),
      components: [
        ...components(`
      C1 tuned 350p @first RF
      C2 decoupling .1/400 @first RF`),
        {
          designator: "C3",
          role: "decoupling",
          drawn: "2x.1/400",
          stage: "detector",
          note: "block in a sealed can, one lead out to both",
          sections: [
            { role: "coupling", drawn: ".1/400" },
            { role: "decoupling", drawn: ".1/400" },
          ],
        },
        ...components(`
      C4 decoupling .5/400 @second RF
      C5 cathode-bypass 1/200 @detector
      C6 coupling .02/400 @output
      C7 tone .005/600 @output
      C8 reservoir 8/500 @power
      C9 smoothing 8/500 @power
      R1 bias 350 @first RF
      R2 bias 350 @second RF
      R3 bias 20M @detector
      R4 grid-leak 1 meg @output
      R5 anode-load 250M @detector
      R6 screen 12M 5W @second RF
      R7 screen 10M 2W @second RF
      R8 bias 450 2W @output`),
      ],
      windings: windings(`
      T1 primary | 1 | 3 | 15
      T1 HT | a | centre | 210 | HT halves
      T1 HT | centre | b | 224 | HT halves
      L1 field coil | C8 | C9 | 1800
      T2 output primary | plate | C9 | 400
      L4 aerial coil | a | b | 3.2 | gang coils
      L5 first RF coil | a | b | 3.2 | gang coils
      L6 second RF coil | a | b | 3.2 | gang coils`),
      points: [
        volts("B+", 250),
        volts("Reservoir", 365),
        volts("V1 plate", 250),
        fed("V1 screen", 86, 4.8e3),
        volts("V1 cathode", 3.1),
        fed("V3 plate", 104, 230e3),
        volts("V4 plate", 238),
        volts("V4 bias", 16.7),
        volts("Filaments", 2.5),
        amps("Line current", 0.4),
      ],
      cautions: [
        {
          step: "first-power",
          text: "Never with the loudspeaker unplugged: its field coil is the choke, and without it there is no B+ and the reservoir stands at its peak.",
        },
      ],
    },
    ``,
  ),
};
