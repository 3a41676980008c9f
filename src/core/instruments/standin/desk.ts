import { acAt, compile, sizeOf, solveSheet, isSolved, GROUND, type CircuitSheet } from "../../circuit";

/** The settings of the stand-ins' generator. Volts are rms, of its EMF into what it is joined to. */
export type Drive = { hertz: number; volts: number; on: boolean; am: number; amOn: boolean; fm: number; fmOn: boolean };
export const SILENT: Drive = { hertz: 1000, volts: 0.1, on: false, am: 30, amOn: false, fm: 3000, fmOn: false };

/** What the generator is joined to: the audio of a set, or its antenna socket. */
export type JoinedTo = {
  /** output volts for a drive, at the point where the sound comes out */
  out: (drive: Drive) => number;
  /** the frequency that comes out, Hz */
  hertz: (drive: Drive) => number;
};

/** A bench of stand-ins: they see each other through it. */
export type Desk = {
  drive: Drive;
  /** when the drive was changed last, ms */
  changed: number;
  supply: { volts: number; amps: number; on: boolean };
  /** what hangs on the supply, Ω */
  loadOhms: number;
  joined: JoinedTo;
  now: () => number;
  random: () => number;
};

/**
 * The audio of a set by its circuit: volts at `to` for volts at `from`, with everything that hangs on both.
 * @returns undefined where one of them is not in its net; the ratio at a frequency otherwise
 */
export function audioOf(sheet: CircuitSheet, from: string, to: string): ((hertz: number) => number) | undefined {
  const solved = solveSheet(sheet);
  if (!solved || !isSolved(solved)) return undefined;
  const { net, compiled, x } = solved;
  if (!compiled.index.has(from) || !compiled.index.has(to)) return undefined;
  const driven = compile([...net, { kind: "amps", name: "signal", a: GROUND, b: from, amps: 0, ac: 1e-6 }]);
  const known = new Map<number, number>();
  return (hertz) => {
    const before = known.get(hertz);
    if (before !== undefined) return before;
    const signal = acAt(driven, x, hertz);
    const into = signal ? sizeOf(signal(from)) : 0;
    const ratio = signal && into > 0 ? sizeOf(signal(to)) / into : 0;
    if (known.size < 2000) known.set(hertz, ratio);
    return ratio;
  };
}

/**
 * A stage that is driven so far gives no more, V rms. Shop's estimate of a small output stage before its transformer.
 * @example driven for 240 V it gives 116 V, and is flattened
 */
const MOST_OUT = 120;
const limited = (volts: number, most: number): number => most * Math.tanh(volts / most);

/** The generator at the audio of a set. @param turns of its output transformer, primary to secondary */
export const atAudio = (ratio: (hertz: number) => number, turns: number): JoinedTo => ({
  out: (drive) => (drive.on ? limited(drive.volts * ratio(drive.hertz), MOST_OUT) / turns : 0),
  hertz: ({ hertz, on }) => (on ? hertz : 0),
});

/** A receiver as its class is, for the stand-in's antenna socket. */
export type Receiver = {
  /** where it is tuned to, Hz */
  tuned: number;
  /** −6 dB bandwidth of its IF, Hz, and how many tuned circuits make it */
  bandwidth: number;
  circuits: number;
  /** the signal at which the AVC begins, V */
  avcFrom: number;
  /** output at that signal with 30 % AM, V */
  outAt: number;
  /** what the AVC leaves of the signal's growth, 0 to 1 */
  avcLeaves: number;
};
/** A table superhet with two IF transformers. Shop's estimates. */
export const TABLE_SUPERHET: Receiver = {
  ...{ tuned: 1e6, bandwidth: 8000, circuits: 4, avcFrom: 30e-6, outAt: 0.7, avcLeaves: 0.12 },
};

/**
 * What the tuned circuits of an IF pass off tune: n alike circuits, each 1/√(1 + (2Qδ/f)²).
 * @returns the share that is left @example half at half of the −6 dB bandwidth
 */
export function passes({ bandwidth, circuits }: Pick<Receiver, "bandwidth" | "circuits">, detuning: number): number {
  const scale = (4 ** (1 / circuits) - 1) ** 0.5;
  return (1 + ((2 * detuning * scale) / bandwidth) ** 2) ** (-circuits / 2);
}

/** The generator at the antenna socket: what comes out is its modulation. FM is heard by its slope alone. */
export const atAntenna = (receiver: Receiver): JoinedTo => ({
  out: ({ hertz, volts, on, am, amOn }) => {
    if (!on || !amOn) return 0;
    const signal = volts * passes(receiver, hertz - receiver.tuned);
    const { avcFrom, outAt, avcLeaves } = receiver;
    const strength = signal <= avcFrom ? signal / avcFrom : (signal / avcFrom) ** avcLeaves;
    return outAt * strength * (am / 30);
  },
  hertz: ({ on, amOn }) => (on && amOn ? 400 : 0),
});

/** A transmitter that is driven: it gives more until it is full. W for V of drive. Shop's estimate. */
const [FULL_WATTS, HALF_DRIVE] = [60, 0.5];
export const wattsFor = ({ volts, on }: Drive): number =>
  on ? FULL_WATTS * (1 - Math.exp(-((volts / HALF_DRIVE) ** 2) * Math.LN2)) : 0;

/** What a supply gives: its volts, or its current limit into the load. */
export function supplied({ supply: { volts, amps, on }, loadOhms }: Desk): {
  volts: number;
  amps: number;
  limits: boolean;
} {
  if (!on) return { volts: 0, amps: 0, limits: false };
  const wanted = volts / loadOhms;
  return wanted > amps ? { volts: amps * loadOhms, amps, limits: true } : { volts, amps: wanted, limits: false };
}
