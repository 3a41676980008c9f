/**
 * Electrodes of tubes and transistors: one list of their names, for the points of a chart, the bench line, the readings
 * and the shorts of a tester.
 */
export const ELECTRODES = [
  "plate",
  "screen",
  "suppressor",
  "grid",
  "cathode",
  "heater",
  "target",
  "diode",
  "emitter",
  "collector",
  "base",
  "drain",
  "gate",
  "source",
] as const;
export type Electrode = (typeof ELECTRODES)[number];

/** Other names of an electrode. A grid without a number is the control grid. */
const OTHER_NAMES: Record<string, Electrode> = {
  anode: "plate",
  plates: "plate",
  anodes: "plate",
  cath: "cathode",
  g2: "screen",
  g3: "suppressor",
  g1: "grid",
  g: "grid",
  filament: "heater",
};

/** All names of electrodes, the longest first. */
export const ELECTRODE_NAMES = [...ELECTRODES, ...Object.keys(OTHER_NAMES)].sort((a, b) => b.length - a.length);
const DEVICE = "((?:V|Q|TR)\\d{1,2})";
const POINT = new RegExp(`^${DEVICE}\\s+(${ELECTRODE_NAMES.join("|")})\\b`, "i");

/** The electrode that a word names. */
export function electrodeNamed(word: string): Electrode | undefined {
  const name = word.toLowerCase();
  return ELECTRODES.find((one) => one === name) ?? (Object.hasOwn(OTHER_NAMES, name) ? OTHER_NAMES[name] : undefined);
}

/** The device and the electrode that a point's name speaks of: `V4 anode` is the plate of V4. */
export function devicePoint(point: string): { device: string; electrode: Electrode } | undefined {
  const [, device = "", word = ""] = POINT.exec(point) ?? [];
  const electrode = electrodeNamed(word);
  return electrode ? { device: device.toUpperCase(), electrode } : undefined;
}

/** Short names on testers and base diagrams. */
const SHORT_NAMES: Partial<Record<Electrode, string>> = {
  plate: "p",
  screen: "g2",
  suppressor: "g3",
  grid: "g1",
  cathode: "k",
  heater: "h",
  target: "t",
  diode: "d",
};
const SHORTS = ["h", "f", "k", "g1", "g2", "g3", "g4", "g5", "p", "s", "d", "d1", "d2", "t"];

const shortName = (word: string): string | undefined => {
  const lower = word.toLowerCase();
  const electrode = electrodeNamed(lower);
  return SHORTS.includes(lower) ? lower : lower === "a" ? "p" : electrode && SHORT_NAMES[electrode];
};

/**
 * Pairs of electrodes between which a tester shows a short: `g1-k, heater to cathode` is `g1-k` and `h-k`.
 * @returns undefined where a word is no electrode, or a pair is one electrode twice
 */
export function electrodePairs(text: string): string[] | undefined {
  const pairs = text
    .trim()
    .split(/\s*[,+&]\s*|\s+and\s+/i)
    .map((pair) => pair.split(/\s*(?:-|–|\/|\bto\b)\s*/i).map(shortName));
  const read = pairs.flatMap(([a, b, more]) => (a && b && a !== b && !more ? [`${a}-${b}`] : []));
  return read.length > 0 && read.length === pairs.length ? [...new Set(read)] : undefined;
}
