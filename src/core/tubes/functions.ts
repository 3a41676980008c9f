import type { Pinout } from "./bases";
import type { TubeType } from "./table";

/**
 * What the grids of a converter do, by its base diagram: signal grid sg, oscillator grid og and plate op, injection grid
 * ig, screen sc. Two converters are compared by these: the number of a grid says only where it stands inside.
 * Source: the types' data sheets.
 */
const PENTAGRID = { g4: "sg", g1: "og", g2: "op", g3: "sc", g5: "sc" };
const ELECTRON_COUPLED = { g3: "sg", g1: "og", g2: "sc", g4: "sc" };
const TRIODE_HEXODE = { g1: "sg", g3: "ig", tg: "og", tp: "op", g2: "sc", g4: "sc" };
const CONVERTERS: Record<string, Record<string, string>> = {
  "8A": PENTAGRID,
  "7C": PENTAGRID,
  "7Z": PENTAGRID,
  "6L": PENTAGRID,
  "1AC6": { g3: "sg", g1: "og", g2: "op", g4: "sc" },
  // Its first grid and the triode's are one: the signal comes in at the third.
  "8K": { g3: "sg", g1: "og", tg: "og", tp: "op", g2: "sc", g4: "sc" },
  "8R": ELECTRON_COUPLED,
  "8AL": ELECTRON_COUPLED,
  "7CH": ELECTRON_COUPLED,
  "7AT": ELECTRON_COUPLED,
  "7T": { g1: "sg", g3: "ig", g2: "sc", g4: "sc" },
  "9CA": TRIODE_HEXODE,
  ECH42: TRIODE_HEXODE,
};

/** A triode with diodes is wired as one, whether its sheet calls it a triode of its own or not. */
const DIODE_TRIODE = { tp: "p", tg: "g1", tk: "k" };
const FIRST_SYSTEM = { p: "pA", g1: "gA", k: "kA" };

const rename = (pinout: Pinout, names: Record<string, string>): Pinout => ({
  ...pinout,
  pins: pinout.pins.map(({ pin, electrodes }) => ({
    pin,
    electrodes: [...new Set(electrodes.map((electrode) => names[electrode] ?? electrode))],
  })),
});

const isDouble = ({ kind }: TubeType) => kind === "double triode";
const isSingle = ({ kind }: TubeType) => kind === "triode" || kind === "power triode";

/** The pinout of a tube by what its electrodes do in the place of another one. */
export function functionalPinout(tube: TubeType, other: TubeType): Pinout {
  const { kind, pinout } = tube;
  if (kind === "converter") return rename(pinout, CONVERTERS[pinout.name] ?? {});
  if (kind === "diode triode") return rename(pinout, DIODE_TRIODE);
  // One triode stands for the first of two.
  return isSingle(tube) && isDouble(other) ? rename(pinout, FIRST_SYSTEM) : pinout;
}

/** Has a tube two systems where the other has one? Then it is a question which of them is used. */
export const otherSections = (original: TubeType, candidate: TubeType): "fewer" | "more" | undefined =>
  isDouble(original) && isSingle(candidate) ? "fewer" : isSingle(original) && isDouble(candidate) ? "more" : undefined;
