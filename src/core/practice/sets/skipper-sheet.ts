import { amps, base, components, tubes, volts, windings, type MadeUpSet } from "./sheet-helpers";
import { withRows } from "./with-net";

/** Seven germanium transistors on 9 V, plus at chassis. The chart is what the circuit gives. */
export const SKIPPER: MadeUpSet = {
  maker: "Pemberlake",
  designation: "Skipper 7",
  year: 1961,
  sheet: withRows(
    {
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
        C5 rail 100/12 @mixer
        C6 cathode-bypass 100/6 @first audio
        C7 coupling 10/12 @driver
        R1 bias 39k @mixer
        R2 bias 5.6k @mixer
        R3 bias 1k @mixer
        R4 anode-load 3.3k @first audio
        R5 avc 82k @AVC
        R6 bias 680 @first IF
        R7 avc 8.2k @AVC
        R8 dropper 220 @power
        R9 bias 22k @second IF
        R10 bias 4.7k @second IF
        R11 bias 1k @second IF
        R13 bias 56k @first audio
        R14 bias 10k @first audio
        R15 bias 1k @first audio
        R16 bias 33k @driver
        R17 bias 5.6k @driver
        R18 bias 680 @driver
        R19 bias 2.2k @output
        R20 bias 39 @output
        R21 bias 4.7 @output
        VR1 control 5k @first audio`),
      windings: windings(`
        L2 first IF primary | collector | rail | 4
        L3 second IF primary | collector | rail | 4
        L4 second IF secondary | base | AVC | 1.2
        L5 third IF primary | collector | rail | 4
        T1 driver primary | collector | rail | 180
        T1 driver secondary a | base | bias | 60
        T1 driver secondary b | base | bias | 60
        T2 output primary a | collector | rail | 12
        T2 output primary b | collector | rail | 12`),
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
    `supply | Rail | gnd
     C1 | gnd | Rail
     R8 | Rail | Rail 1
     C5 | gnd | Rail 1
     R1 | Rail 1 | Q1.base
     R2 | Q1.base | gnd
     R3 | Q1.emitter | gnd
     L2 first IF primary | Rail 1 | Q1.collector
     R5 | Rail 1 | AVC
     R7 | AVC | volume
     C4 | gnd | AVC
     L4 second IF secondary | AVC | Q2.base
     R6 | Q2.emitter | gnd
     L3 second IF primary | Rail 1 | Q2.collector
     R9 | Rail 1 | Q3.base
     R10 | Q3.base | gnd
     R11 | Q3.emitter | gnd
     L5 third IF primary | Rail 1 | Q3.collector
     VR1 | volume | gnd | slider | 100 %
     C2 | slider | Q4.base
     R13 | Rail 1 | Q4.base
     R14 | Q4.base | gnd
     R15 | Q4.emitter | gnd
     C6 | gnd | Q4.emitter
     R4 | Rail 1 | Q4.collector
     C7 | Q4.collector | Q5.base
     R16 | Rail | Q5.base
     R17 | Q5.base | gnd
     R18 | Q5.emitter | gnd
     C3 | gnd | Q5.emitter
     T1 driver primary | Rail | Q5.collector
     R19 | Rail | output bias
     R20 | output bias | gnd
     T1 driver secondary a | output bias | Q6.base
     T1 driver secondary b | output bias | Q7.base
     R21 | emitters | gnd
     wire Q6.emitter | emitters | Q6.emitter
     wire Q7.emitter | emitters | Q7.emitter
     T2 output primary a | Rail | Q6.collector
     T2 output primary b | Rail | Q7.collector`,
  ),
};
