import type { Pinout } from "./bases";

export type Rewiring = {
  /** the plug does not go into this socket */
  otherSocket: boolean;
  /** what to move, wire by wire; empty when the tube goes straight in */
  moves: string[];
  /** an electrode of the old tube that the new one has nowhere */
  missing: string[];
  /** an electrode that only the new one has, and what it is tied to */
  extra: string[];
};

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
const SILENT = new Set(["s", "bp", "ic", "ht"]);

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

/**
 * What has to be moved at a socket so that another tube works in it.
 * @param from pinout that the socket is wired for @param to pinout of the tube that is to go in
 */
export function rewiring(from: Pinout, to: Pinout): Rewiring {
  const otherSocket = from.base !== to.base;
  const before = placesOf(from);
  const after = placesOf(to);
  const moves: string[] = [];
  const missing: string[] = [];
  for (const [electrode, pins] of before) {
    const now = after.get(electrode);
    if (!now) {
      // Diodes of a directly heated rectifier give their current at the filament: a cathode takes its place.
      if (electrode !== "g3") missing.push(electrode);
      continue;
    }
    // One pin in common is enough: the others are joined inside the tube. A heater needs both its ends.
    const fits = electrode === "h" ? pins.every((pin) => now.includes(pin)) : pins.some((pin) => now.includes(pin));
    const swapped = otherSocket || !fits;
    if (swapped) moves.push(`${electrodeWord(electrode)}: from ${list(pins)} to ${list(now)}`);
  }
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
  return { otherSocket, moves, missing, extra };
}
