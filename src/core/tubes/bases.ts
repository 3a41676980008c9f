/**
 * Bases and pinouts. Pins are counted clockwise, seen from below, as the registered base diagrams have them; a name
 * like 7S or 9CV is that of the registered diagram (RETMA/JEDEC basing), for European bases the name of the base.
 *
 * Electrodes: h heater, ht its tap, f filament, k cathode, g1 g2 g3 grids, p plate, s shield, bp beam plates, d1 d2
 * diode plates, t target. Two systems in one bulb carry A and B (pA gA kA), or t in front for the triode (tp tg tk).
 * A dash is a pin without connection, ic one that must stay free, j the ends of a jumper inside the tube.
 */
export const BASES = {
  UX4: { pins: 4, name: "four-pin" },
  UY5: { pins: 5, name: "five-pin" },
  UX6: { pins: 6, name: "six-pin" },
  UX7: { pins: 7, name: "seven-pin, large" },
  UX7S: { pins: 7, name: "seven-pin, small" },
  octal: { pins: 8, name: "octal" },
  loctal: { pins: 8, name: "loctal" },
  B7G: { pins: 7, name: "miniature seven-pin" },
  noval: { pins: 9, name: "noval" },
  rimlock: { pins: 8, name: "rimlock" },
  giant: { pins: 7, name: "giant seven-pin" },
  giant5: { pins: 5, name: "giant five-pin" },
  "side-contact": { pins: 8, name: "side-contact, eight contacts" },
  B9G: { pins: 9, name: "nine-pin with locking key" },
  key: { pins: 8, name: "eight-pin with locking key" },
  magnoval: { pins: 9, name: "magnoval" },
  septar: { pins: 7, name: "septar" },
  "8-pin special": { pins: 8, name: "eight-pin with key in the centre" },
} as const;
export type Base = keyof typeof BASES;

/** Pinouts: base, then the electrode of each pin, and what is at the top. */
const DIAGRAMS: Record<string, string> = {
  "4B": "UX4: f p - f",
  "4C": "UX4: f pB pA f",
  "4D": "UX4: f p g1 f",
  "4G": "UX4: h p k h",
  "4P": "UX4: f - - f; top p",
  "4AD": "UX4: h pB pA h,k",
  "3G": "UX4: f - g1 f; top p",
  "5A": "UY5: h p g1 k h",
  "5B": "UY5: f p g1 g2 f",
  "5C": "UY5: f p g1 g2 f",
  "5D": "UY5: h pB pA k h",
  "5E": "UY5: h p g2 k h; top g1",
  "5F": "UY5: h p g2 k,g3 h; top g1",
  "5K": "UY5: f p g1 g2 f",
  "5AW": "UY5: h g2 g1 k,bp h; top p",
  "6B": "UX6: h p g2 g1 k,g3 h",
  "6E": "UX6: h pB kB kA pA h",
  "6F": "UX6: h p g2 g3 k h; top g1",
  "6G": "UX6: h p d2 d1 k h; top g1",
  "6R": "UX6: h p g1 t k h",
  "7B": "UX7: h pB gB k gA pA h",
  "7C": "UX7S: h p g3,g5 g2 g1 k h; top g4",
  "7D": "UX7S: h p g2 d2 d1 k h; top g1",
  "5AZ": "UX7: h - g2 - g1 k,bp h; top p",
  "5L": "octal: - h - pB - pA - h,k",
  "5DA": "octal: - h - pB - pA - h,k",
  "5M": "octal: s h - p - - h k; top g1",
  "5Q": "octal: - - pB - pA - f f",
  "5S": "octal: - f p - g1 - f -",
  "5T": "octal: - f - pB - pA - f",
  "5Y": "octal: - f p g2 - - f -; top g1",
  "5Z": "octal: - f p - d1 - f -; top g1",
  "6X": "octal: - f p g2 g1 - f -",
  "7Z": "octal: - f p g3,g5 g1 g2 f -; top g4",
  "7AP": "octal: - f p g2 g1 - f ht",
  "4AJ": "octal: - k j - p - j -",
  "6AB": "octal: s k g1 - p - h h",
  "6AD": "octal: - h ht - p - h k",
  "6AM": "octal: - h - g2 g1 - h k,bp; top p",
  "5BT": "octal: - h k,bp - g1 - h g2; top p",
  "6Q": "octal: s h p - g1 - h k",
  "6S": "octal: s h pA - pB - h k",
  "7AC": "octal: s h p g2 g1 - h k,bp",
  "7S": "octal: s h p g2 g1 - h k,g3",
  "8EP": "octal: g3 h p g2 g1 - h k",
  "7Q": "octal: s h pB kB pA - h kA",
  "7R": "octal: s h p g2 g3 - h k; top g1",
  "7T": "octal: s h p g2,g4 g3 - h k,g5; top g1",
  "7V": "octal: s h p d2 d1 - h k; top g1",
  "8A": "octal: s h p g3,g5 g1 g2 h k; top g4",
  "8B": "octal: s h pB gB gA pA h k",
  "8E": "octal: s h p d2 d1 g2 h k; top g1",
  "8K": "octal: s h p g2,g4 g1,tg tp h k; top g3",
  "8N": "octal: s h g3 g1 k g2 h p",
  "8Q": "octal: s g1 k d2 d1 p h h",
  "8R": "octal: s,g5 h p g2,g4 g1 k h g3",
  "8Y": "octal: s,g3 h s g1 k g2 h p",
  "8BD": "octal: gB pB kB gA pA kA h h",
  "7CK": "octal: k,g3 h g2 k,g3 g1 k,g3 h s; top p",
  "8V": "loctal: h p g2 g3 s g1 k h",
  "6AA": "loctal: h p g2 - - g1 k,bp h",
  "5AB": "loctal: h - pA - - pB k h",
  "8AL": "loctal: h p g2,g4 g1 s g3 k,g5 h",
  "5BO": "B7G: p k - k p - k",
  "5BS": "B7G: pA - h h - pB k",
  "5BQ": "B7G: - - h h p ht k",
  "6AR": "B7G: f,g3 p g2 - f,g3 g1 f",
  "6AU": "B7G: f - d1 g2 p g1 f",
  "6BG": "B7G: p - h h p g1 k",
  "6BT": "B7G: kA pB h h kB s pA",
  "6BW": "B7G: f p g2 d1 - g1 f",
  "6BX": "B7G: f p g2 - ht g1 f",
  "7AT": "B7G: f,g5 p g2,g4 g1 f,g5 g3 f",
  "7BA": "B7G: f p g1 g2 ht p f",
  "7BD": "B7G: g1 k,g3 h h p g2 k,g3",
  "7BF": "B7G: pB pA h h gA gB k",
  "7BK": "B7G: g1 g3 h h p g2 k",
  "7BT": "B7G: g1 k h h d2 d1 p",
  "7BZ": "B7G: g1 k,bp h h p g2 g1",
  "7CH": "B7G: g1 k,g5 h h p g2,g4 g3",
  "7CM": "B7G: g1 k h h p g2 g3",
  "7CV": "B7G: k,bp g1 h h g1 g2 p",
  "7DB": "B7G: g1 k h h p g3 g2",
  "1AC6": "B7G: f,g5 p g2 g1 g4 g3 f",
  "9A": "noval: pB gB kB h h pA gA kA ht",
  "9AE": "noval: tp g1 g2 h h p k,g3 tk tg",
  "9AJ": "noval: pB gB kB h h pA gA kA s",
  "9AQ": "noval: k g1 k h h s p g2 g3",
  "9BF": "noval: k g1 g3 h h ht p g2 s",
  "9BV": "noval: k g1 g2 h h p g3 g2 g1",
  "9CA": "noval: g2,g4 g1 k,g5 h h p g3 tp tg",
  "9CQ": "noval: g2 s k h h p s g3 g1",
  "9CV": "noval: ic g1 k,g3 h h ic p ic g2",
  "9E": "noval: d3 d2 kB h h d1 k tg tp",
  "9EX": "noval: tg k,g3 g1 h h p g2 tk tp",
  ECL86: "noval: tg tk g2 h h p k,g3 g1 tp",
  "9H": "noval: pB gB kB h h kA gA ht pA",
  "9K": "noval: p - g3 h h g2 k g1 g1",
  "9M": "noval: pA - k h h - pB - -",
  "9PW": "noval: gA k gB h ht pA g2 pB h",
  "9T": "noval: g2 g1 k h h p d1 d2 g3",
  PY82: "noval: - - k h h - - - p",
  EM80: "noval: g1 k - h h - p - t",
  EM84: "noval: g1 k,s s h h t - - p",
  ECH42: "rimlock: h p tp tg,g3 g2,g4 g1 k h",
  EF41: "rimlock: h p s - g2 g1 k,g3 h",
  EBC41: "rimlock: h p g1 - d2 d1 k h",
  EAF42: "rimlock: h p d1 g3 g2 g1 k h",
  EL41: "rimlock: h p - - g2 g1 k,g3 h",
  EZ40: "rimlock: h pA - - - pB k h",
  UY41: "rimlock: h p - - - - k h",
  "5BA": "giant: f - g2 g1 bp - f; top p",
  "5BK": "giant5: f g2 g1 g2 f; top p",
  "3-500": "giant5: f g1 g1 g1 f; top p",
  "7BP": "septar: h gB g2 k,bp ht gA h; top pA pB",
  "4M": "UX4: f p g2 f; top g1",
  "6C": "UX6: f pB gB gA pA f",
  "6L": "UX6: f p g2 g1 g3,g5 f; top g4",
  "4R": "octal: - - pB - pA - - k",
  "8GT": "octal: - h - g2 g1 - h k,g3; top p",
  AZ41: "rimlock: f pA - - - pB - f",
  EF50: "B9G: h g2 p g3 s k g1 s h",
  "4CX": "8-pin special: g2 k h k ic k h k; top p; centre g1",
};

export type Pin = { pin: string; electrodes: string[] };
export type Pinout = {
  name: string;
  base: Base;
  pins: Pin[];
  /** which electrode is on which pin is not in the table: the data sheet has it */
  unknown?: true;
};

const electrodesOf = (text: string): string[] => (text === "-" ? [] : text.split(","));

function readDiagram(name: string, text: string): Pinout {
  const [head = "", ...rest] = text.split(";").map((piece) => piece.trim());
  const [base = "", pins = ""] = head.split(": ");
  return {
    name,
    base: base as Base,
    pins: [
      ...pins.split(" ").map((pin, index) => ({ pin: String(index + 1), electrodes: electrodesOf(pin) })),
      ...rest.map((extra) => {
        const [pin = "", ...at] = extra.split(" ");
        return { pin, electrodes: at };
      }),
    ],
  };
}

const PINOUTS = new Map(Object.entries(DIAGRAMS).map(([name, text]) => [name, readDiagram(name, text)]));

/** A pinout by the name of its diagram; `? octal` is a base whose pins nobody here is sure of. @throws RangeError for a name that is not in the table */
export function pinoutOf(name: string): Pinout {
  const base = /^\? (.+)$/.exec(name)?.[1];
  if (base && base in BASES) return { name: "not in the table", base: base as Base, pins: [], unknown: true };
  const found = PINOUTS.get(name);
  if (!found) throw new RangeError(`no base diagram ${name}`);
  return found;
}

export const pinouts = (): Pinout[] => [...PINOUTS.values()];
