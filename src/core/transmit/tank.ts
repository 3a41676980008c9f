/** Classes of a radio-frequency stage, and what its load is: R_L ≈ V/(k·I). Published design practice (domain: k by class). */
export const CLASSES = { AB: 1.57, B: 1.8, C: 2 } as const;
/** Share of its input that a stage of a class usually gives. Published practice: 60 to 65 % linear, 70 to 75 % in class C. */
export const CLASS_EFFICIENCY = { AB: 0.6, B: 0.62, C: 0.72 } as const;
export type StageClass = keyof typeof CLASSES;
export const CLASS_WORDS: Record<StageClass, string> = {
  AB: "AB, linear",
  B: "B, linear",
  C: "C, keyed or plate modulated",
};

/**
 * Load that a plate wants: V/(k·I), Ω.
 * @param volts plate volts above 0 @param amps plate current at full drive, above 0
 * @example loadOhms(1500, 0.5, "AB") // 1911 Ω
 */
export const loadOhms = (volts: number, amps: number, stage: StageClass): number => volts / (CLASSES[stage] * amps);

export type PiNetwork = {
  /** at the plate, F */
  c1: number;
  /** H */
  l: number;
  /** at the antenna, F */
  c2: number;
  /** loaded Q that it is reckoned with; above what was asked where the stray capacitance forces it */
  q: number;
  /** the stray capacitance alone is more than C1: Q is forced up by it */
  forced: boolean;
  /** peak volts across C1 and C2 */
  peak1: number;
  peak2: number;
  /** A rms through C1, L and C2 */
  amps1: number;
  ampsL: number;
  amps2: number;
};

/** Above this Q a tank gets hot and narrow. Trade rule. @example 30 pF of stray at 29 MHz into 3 kΩ need a Q of 16 */
export const HIGH_Q = 20;

/**
 * A pi network from the plate's load to the antenna: X_C1 = R_L/Q; X_C2 = R_a·√((R_L/R_a)/(Q²+1−R_L/R_a));
 * X_L = (Q·R_L + R_L·R_a/X_C2)/(Q²+1). Peak volts and currents follow from the power.
 *
 * @param rl plate load and `ra` antenna, Ω above 0 @param hertz above 0 @param q wanted, above √(rl/ra − 1)
 * @param watts output @param stray output capacitance of the tubes, wiring and the capacitor's least, F
 * @returns undefined where no such network exists: Q too low for this ratio
 * @example piNetwork({ rl: 2000, ra: 50, hertz: 3.5e6, q: 12, watts: 400, stray: 30e-12 }) // C1 273 pF, L 9.1 µH, C2 1515 pF
 */
export function piNetwork(given: {
  rl: number;
  ra: number;
  hertz: number;
  q: number;
  watts: number;
  stray: number;
}): PiNetwork | undefined {
  const { rl, ra, hertz, watts, stray } = given;
  const omega = 2 * Math.PI * hertz;
  // All that lies at the plate is part of C1: where it is more than the network wants, Q follows from it.
  const least = omega * stray * rl;
  const forced = least > given.q;
  const q = Math.max(given.q, least);
  const ratio = rl / ra;
  const inside = q * q + 1 - ratio;
  if (!(inside > 0)) return undefined;
  const xc1 = rl / q;
  const xc2 = ra * Math.sqrt(ratio / inside);
  const xl = (q * rl + (rl * ra) / xc2) / (q * q + 1);
  const [rms1, rms2] = [Math.sqrt(watts * rl), Math.sqrt(watts * ra)];
  const [amps1, amps2] = [rms1 / xc1, rms2 / xc2];
  return {
    c1: 1 / (omega * xc1),
    l: xl / omega,
    c2: 1 / (omega * xc2),
    q,
    forced,
    peak1: rms1 * Math.SQRT2,
    peak2: rms2 * Math.SQRT2,
    amps1,
    // The coil carries what the antenna's side takes: its load and its capacitor, a quarter turn apart.
    ampsL: Math.hypot(rms2 / ra, amps2),
    amps2,
  };
}

/** A variable capacitor in still air stands about so much a millimetre, V peak. Shop rule. @example 2 mm stand 2 kV peak */
export const VOLTS_A_MM = 1000;

/**
 * Air gap that a variable capacitor needs, mm; with plate volts across it where the tank is not blocked from them.
 * @param peak V peak across it @param direct V of direct voltage that lie across it as well
 */
export const spacing = (peak: number, direct = 0): number => (peak + direct) / VOLTS_A_MM;

export type Coil = { turns: number; wire: number; length: number };

const INCH = 0.0254;

/**
 * Turns of a single-layer coil: L µH = r²n²/(9r + 10l), inches (H. A. Wheeler, 1928), within 1 % where l > 0.8 r.
 * @param henry above 0 @param radius and `length` of the winding, m, above 0
 * @returns turns, length of wire in m without its ends, and the winding's length in m; undefined outside the formula's range
 * @example coilTurns(10e-6, 0.025, 0.075) // 15.6 turns on 50 mm, 75 mm long
 */
export function coilTurns(henry: number, radius: number, length: number): Coil | undefined {
  const [r, l] = [radius / INCH, length / INCH];
  if (!(henry > 0) || !(r > 0) || !(l > 0.8 * r)) return undefined;
  const turns = Math.sqrt(henry * 1e6 * (9 * r + 10 * l)) / r;
  return { turns, wire: turns * Math.hypot(2 * Math.PI * radius, length / turns), length };
}
