import type { Command, Device, Done } from "../scpi/device";
import { blockText, numberIn, numberText, onOff } from "../scpi/values";
import type { SuffixUnit } from "../scpi/suffix";
import { SILENT, supplied, wattsFor, type Desk, type Drive } from "./desk";

/** Instruments of a bench hold its desk: what one sets another sees. Nothing of theirs is in their own state. */
type AtDesk = { desk: Desk };

const noise = ({ random }: Desk, share: number): number => 1 + (random() - 0.5) * 2 * share;

function setting(
  header: string,
  unit: SuffixUnit,
  bounds: { least: number; most: number; usual?: number },
  get: (desk: Desk) => number,
  put: (desk: Desk, value: number) => void,
): Command<AtDesk>[] {
  return [
    {
      header,
      takes: [1, 1],
      run: (state, [parameter]) => {
        const read = numberIn(parameter, unit, bounds);
        if ("error" in read) return read;
        put(state.desk, read.value);
        return { state };
      },
    },
    { header: `${header}?`, run: (state) => ({ state, answer: numberText(get(state.desk)) }) },
  ];
}
function switched(
  header: string,
  get: (desk: Desk) => boolean,
  put: (desk: Desk, on: boolean) => "conflict" | undefined,
): Command<AtDesk>[] {
  return [
    {
      header,
      takes: [1, 1],
      run: (state, [parameter]) => {
        const read = onOff(parameter);
        if ("error" in read) return read;
        return put(state.desk, read.value) === "conflict" ? { error: -221 } : { state };
      },
    },
    { header: `${header}?`, run: (state) => ({ state, answer: get(state.desk) ? "1" : "0" }) },
  ];
}
const asked = (header: string, answer: (desk: Desk) => string): Command<AtDesk> => ({
  header,
  run: (state): Done<AtDesk> => ({ state, answer: answer(state.desk) }),
});

const drive = (desk: Desk, change: Partial<Drive>): undefined => {
  desk.drive = { ...desk.drive, ...change };
  desk.changed = desk.now();
  return undefined;
};

/**
 * A generator for audio and RF. AM and FM exclude each other: whoever switches the second one on is told so by a
 * settings conflict, for with both on no figure of a receiver means anything.
 */
export const standInGenerator = (desk: Desk): Device<AtDesk> => ({
  identity: "Jumelle,Stand-in generator,0,1",
  keeps: ({ desk: held }) => {
    drive(held, SILENT);
    return { desk: held };
  },
  initial: { desk },
  commands: [
    ...setting(
      "[SOURce]:FREQuency[:CW]",
      "HZ",
      { least: 1, most: 500e6, usual: 1000 },
      (at) => at.drive.hertz,
      (at, hertz) => void drive(at, { hertz }),
    ),
    ...setting(
      "[SOURce]:VOLTage[:LEVel]",
      "V",
      { least: 0, most: 20, usual: 0.1 },
      (at) => at.drive.volts,
      (at, volts) => void drive(at, { volts }),
    ),
    ...setting(
      "[SOURce]:AM:DEPTh",
      "PCT",
      { least: 0, most: 100, usual: 30 },
      (at) => at.drive.am,
      (at, am) => void drive(at, { am }),
    ),
    ...switched(
      "[SOURce]:AM:STATe",
      (at) => at.drive.amOn,
      (at, amOn) => (amOn && at.drive.fmOn ? "conflict" : drive(at, { amOn })),
    ),
    ...setting(
      "[SOURce]:FM:DEViation",
      "HZ",
      { least: 0, most: 150e3, usual: 3000 },
      (at) => at.drive.fm,
      (at, fm) => void drive(at, { fm }),
    ),
    ...switched(
      "[SOURce]:FM:STATe",
      (at) => at.drive.fmOn,
      (at, fmOn) => (fmOn && at.drive.amOn ? "conflict" : drive(at, { fmOn })),
    ),
    ...switched(
      "OUTPut[:STATe]",
      (at) => at.drive.on,
      (at, on) => drive(at, { on }),
    ),
  ],
});

/** Its crystal is off by so much. Shop's estimate of one that was not set for years. @example 1 MHz shows as 1.000002 MHz */
const CRYSTAL = 2e-6;

/** A counter at what comes out; without a signal it counts nothing. */
export const standInCounter = (desk: Desk): Device<AtDesk> => {
  const hertz = (at: Desk) => numberText(at.joined.hertz(at.drive) * (1 + CRYSTAL));
  return {
    identity: "Jumelle,Stand-in counter,0,1",
    keeps: (state) => state,
    initial: { desk },
    commands: [asked("MEASure[:SCALar]:FREQuency?", hertz), asked("READ?", hertz), asked("FETCh?", hertz)],
  };
};

/** A dummy load that is not quite right. */
const SWR = 1.15;

/** A power and SWR meter behind a transmitter that the generator drives. */
export const standInPowerMeter = (desk: Desk): Device<AtDesk> => {
  const watts = (at: Desk) => numberText(wattsFor(at.drive) * noise(at, 0.003));
  return {
    identity: "Jumelle,Stand-in power meter,0,1",
    keeps: (state) => state,
    initial: { desk },
    commands: [
      asked("MEASure[:SCALar]:POWer[:AC]?", watts),
      asked("READ?", watts),
      // No power, no ratio.
      asked("MEASure[:SCALar]:SWR?", (at) => numberText(wattsFor(at.drive) > 0.1 ? SWR : Number.NaN)),
    ],
  };
};

/** A trace: so many samples over two and a half periods, of sixteen bits. */
const [SAMPLES, PERIODS, STEPS] = [500, 2.5, 20_000];

/** The trace of what comes out: a sine that is flattened where the stage gives no more, on a little hum. */
export function traceOf(desk: Desk): { step: number; scale: number; samples: Int16Array } {
  const { drive: now, joined } = desk;
  const hertz = Math.max(20, joined.hertz(now) || 50);
  const volts = joined.out(now);
  const step = PERIODS / hertz / SAMPLES;
  const top = Math.max(0.05, volts * Math.SQRT2 * 1.2);
  const scale = top / STEPS;
  const samples = Int16Array.from({ length: SAMPLES }, (_, at) => {
    const t = at * step;
    const clean = volts * Math.SQRT2 * Math.sin(2 * Math.PI * hertz * t);
    const hum = 0.004 * Math.sin(2 * Math.PI * 100 * t);
    return Math.round(((clean + hum) * noise(desk, 0.002)) / scale);
  });
  return { step, scale, samples };
}

/** An oscilloscope on what comes out: the trace as a block of signed 16-bit samples, the high byte first. */
export const standInOscilloscope = (desk: Desk): Device<AtDesk> => ({
  identity: "Jumelle,Stand-in oscilloscope,0,1",
  keeps: (state) => state,
  initial: { desk },
  commands: [
    asked("TRACe[:DATA]?", (at) => {
      const { samples } = traceOf(at);
      const bytes = new Uint8Array(samples.length * 2);
      samples.forEach((sample, index) => new DataView(bytes.buffer).setInt16(2 * index, sample));
      return blockText(bytes);
    }),
    asked("TRACe:XINCrement?", (at) => numberText(traceOf(at).step)),
    asked("TRACe:YINCrement?", (at) => numberText(traceOf(at).scale)),
  ],
});

/** A bench supply with a current limit; bit 1 of the questionable status says that it limits. */
export const standInSupply = (desk: Desk): Device<AtDesk> => ({
  identity: "Jumelle,Stand-in supply,0,1",
  keeps: ({ desk: held }) => {
    held.supply = { volts: 0, amps: 0.1, on: false };
    return { desk: held };
  },
  initial: { desk },
  commands: [
    ...setting(
      "[SOURce]:VOLTage[:LEVel]",
      "V",
      { least: 0, most: 60, usual: 0 },
      (at) => at.supply.volts,
      (at, volts) => void (at.supply = { ...at.supply, volts }),
    ),
    ...setting(
      "[SOURce]:CURRent[:LIMit]",
      "A",
      { least: 0, most: 10, usual: 0.1 },
      (at) => at.supply.amps,
      (at, amps) => void (at.supply = { ...at.supply, amps }),
    ),
    ...switched(
      "OUTPut[:STATe]",
      (at) => at.supply.on,
      (at, on) => void (at.supply = { ...at.supply, on }),
    ),
    asked("MEASure[:SCALar]:VOLTage[:DC]?", (at) => numberText(supplied(at).volts * noise(at, 2e-4))),
    asked("MEASure[:SCALar]:CURRent[:DC]?", (at) => numberText(supplied(at).amps * noise(at, 2e-4))),
    asked("STATus:QUEStionable:CONDition?", (at) => (supplied(at).limits ? "2" : "0")),
  ],
});
