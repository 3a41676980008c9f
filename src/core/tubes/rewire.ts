import type { Pinout } from "./bases";

export type Rewiring = {
  /** the plug does not go into this socket */
  otherSocket: boolean;
  /** the table does not know the pins of one of the two */
  unknown: boolean;
  /** what to move, wire by wire; empty when the tube goes straight in */
  moves: string[];
  /** an electrode of the old tube that the new one has nowhere */
  missing: string[];
  /** an electrode that only the new one has, and what it is tied to */
  extra: string[];
};

/** Is the heater wired as two halves side by side, both ends against the tap? */
export type HeaterWiring = { from: boolean; to: boolean };

const WORDS: Record<string, string> = {
  p: "plate",
  k: "cathode",
  g1: "control grid",
  g2: "screen grid",
  g3: "suppressor",
  h: "heater",
  f: "filament",
  ht: "heater tap",
  bp: "beam plates",
  s: "shield",
  t: "target",
  sg: "signal grid",
  og: "oscillator grid",
  op: "oscillator plate",
  ig: "injection grid",
  sc: "screen grid",
};

/** An electrode in words. */
export const electrodeWord = (electrode: string): string => {
  const half = /^([pgk])([AB])$/.exec(electrode);
  if (half) return `${WORDS[half[1] === "g" ? "g1" : (half[1] ?? "")] ?? ""} of system ${half[2]}`;
  if (/^d\d$/.test(electrode)) return `diode ${electrode.slice(1)}`;
  if (/^t[pgk]$/.test(electrode)) return `triode ${WORDS[electrode[1] === "g" ? "g1" : (electrode[1] ?? "")] ?? ""}`;
  return WORDS[electrode] ?? electrode;
};

/** The first grid of a tube with one grid is its control grid under either name; filament and heater are fed alike. */
const same = (electrode: string) => (electrode === "f" ? "h" : electrode);
/** Without a wire of its own: a shield, beam plates joined inside, a pin left free. */
const SILENT = new Set(["s", "bp", "ic", "ht", "j"]);
/** Electrodes that a tube can have inside, where the other one has a pin for them. */
const INSIDE = new Set(["g3", "ig"]);

const placesOf = (pinout: Pinout) => {
  const places = new Map<string, string[]>();
  for (const { pin, electrodes } of pinout.pins)
    for (const electrode of electrodes.map(same))
      if (!SILENT.has(electrode)) places.set(electrode, [...(places.get(electrode) ?? []), pin]);
  return places;
};

const list = (pins: readonly string[]) =>
  pins
    .map((pin) => (/^\d/.test(pin) ? `pin ${pin}` : pin === "top" ? "the top cap" : `the ${pin} contact`))
    .join(" and ");

const pinsWith = (pinout: Pinout, electrode: string) =>
  pinout.pins.filter(({ electrodes }) => electrodes.includes(electrode)).map(({ pin }) => pin);

/** A heater with a tap is wired in one of two ways: end against end, or both ends joined against the tap. */
function heaterMoves(to: Pinout, halves: HeaterWiring): string[] {
  if (halves.from === halves.to) return [];
  const ends = [...pinsWith(to, "h"), ...pinsWith(to, "f")];
  const tap = pinsWith(to, "ht");
  return halves.to
    ? [`heater: join ${list(ends)} and feed them against ${list(tap)}`]
    : [
        `heater: feed ${list(ends.slice(0, 1))} against ${list(ends.slice(1))}; the socket has a tapped heater’s ends joined`,
      ];
}

/** Electrodes that only the new tube has a pin for, and where that pin goes. */
function extraMoves(
  before: ReadonlyMap<string, string[]>,
  after: ReadonlyMap<string, string[]>,
  from: Pinout,
): string[] {
  const tie = (electrode: string, where: string) => {
    const pins = after.get(electrode);
    return pins && !before.has(electrode) ? [`${electrodeWord(electrode)}: tie ${list(pins)} to ${where}`] : [];
  };
  const cathode = after.get("k");
  const heated = after.get("h") ?? [];
  const joined = cathode?.some((pin) => heated.includes(pin));
  return [
    // Beam plates are joined to the cathode inside; a suppressor with a pin of its own is not.
    ...(after.get("g3")?.some((pin) => cathode?.includes(pin)) ? [] : tie("g3", "the cathode")),
    ...(after.get("ig")?.some((pin) => after.get("og")?.includes(pin)) ? [] : tie("ig", "the oscillator grid")),
    ...tie("op", "an oscillator circuit that feeds back from it"),
    ...(cathode && !before.has("k") && !joined && before.has("h")
      ? [`cathode: ${list(cathode)} takes the place of the filament, where ${from.name} has the output`]
      : []),
  ];
}

/**
 * What has to be moved at a socket so that another tube works in it.
 * @param from pinout that the socket is wired for @param to pinout of the tube that is to go in, both by function
 * @param halves how the heaters of the two are wired, where they are tapped
 */
export function rewiring(from: Pinout, to: Pinout, halves: HeaterWiring = { from: false, to: false }): Rewiring {
  const otherSocket = from.base !== to.base;
  if (from.unknown || to.unknown) return { otherSocket, unknown: true, moves: [], missing: [], extra: [] };
  const before = placesOf(from);
  const after = placesOf(to);
  const moves: string[] = [];
  const missing: string[] = [];
  for (const [electrode, pins] of before) {
    const now = after.get(electrode);
    if (!now) {
      if (electrode === "op")
        moves.push(`oscillator plate: the new tube has none; the coil wants a tap for its cathode`);
      // Diodes of a directly heated rectifier give their current at the filament: a cathode takes its place.
      else if (!INSIDE.has(electrode)) missing.push(electrode);
      continue;
    }
    // One pin in common is enough: the others are joined inside the tube. A heater needs both its ends.
    const fits = electrode === "h" ? pins.every((pin) => now.includes(pin)) : pins.some((pin) => now.includes(pin));
    if (otherSocket || !fits) moves.push(`${electrodeWord(electrode)}: from ${list(pins)} to ${list(now)}`);
  }
  const jumper = pinsWith(from, "j");
  if (jumper.length > 0 && pinsWith(to, "j").length === 0)
    moves.push(
      `jumper: ${list(jumper)} are joined inside the old tube, and guard the set with it out; join their wires`,
    );
  moves.push(...heaterMoves(to, halves), ...extraMoves(before, after, from));
  const extra = [...after.keys()].filter((electrode) => !before.has(electrode) && electrode !== "k");
  // A pin that was wired and must now stay free, or carries something else.
  if (!otherSocket)
    for (const { pin, electrodes } of to.pins) {
      const old =
        from.pins
          .find((one) => one.pin === pin)
          ?.electrodes.map(same)
          .filter((one) => !SILENT.has(one)) ?? [];
      if (electrodes.includes("ic") && old.length > 0) moves.push(`${list([pin])}: leave free, it is connected inside`);
    }
  return { otherSocket, unknown: false, moves, missing, extra };
}
