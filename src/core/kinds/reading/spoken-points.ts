import { devicePoint, electrodeNamed } from "../../model";
import { OPEN_WORDS } from "../../readings";

/** Other ways to say a point than the tables have it: `plate of V5`, `V2/3`, `V5 k`, `HT`, `mains`. */

const DEVICE = "((?:V|Q|TR)\\d{1,2})";
const OF = "\\s+(?:(?:of|on|at)\\s+(?:the\\s+)?)?";
/** A figure, or a word for one, follows: else the words are not a point's name. */
export const FIGURE = `(?=\\s+(?:[-−+]?[\\d.,]|${OPEN_WORDS}(?=\\s|:|$)))`;

/** Letters of data sheets, by the sort of device. */
const LETTERS: Record<"V" | "Q", Record<string, string>> = {
  V: {
    a: "plate",
    p: "plate",
    k: "cathode",
    g: "grid",
    g1: "grid",
    g2: "screen",
    s: "screen",
    g3: "suppressor",
    h: "heater",
    f: "heater",
  },
  Q: { c: "collector", b: "base", e: "emitter", d: "drain", g: "gate", s: "source" },
};

const PIN_OF = new RegExp(`^pin\\s?(\\d{1,2})${OF}${DEVICE}${FIGURE}`, "i");
const PIN_AT = new RegExp(`^${DEVICE}\\s*[/.]\\s*(\\d{1,2})${FIGURE}`, "i");
const NAME_OF = new RegExp(`^([a-z]+\\d?)${OF}${DEVICE}${FIGURE}`, "i");
const LETTER = new RegExp(`^${DEVICE}\\s+(a|p|k|g(?:rid\\s?)?[123]|g|s|h|f|c|b|e|d)${FIGURE}`, "i");

export type Spoken = { name: string; length: number };

/** A device's point that is said in another way, as the tables name it, and how long what was said is. */
export function spokenPoint(text: string): Spoken | undefined {
  const pin = PIN_OF.exec(text);
  if (pin) return { name: `${(pin[2] ?? "").toUpperCase()} pin ${pin[1]}`, length: pin[0].length };
  const at = PIN_AT.exec(text);
  if (at) return { name: `${(at[1] ?? "").toUpperCase()} pin ${at[2]}`, length: at[0].length };
  const named = NAME_OF.exec(text);
  const electrode = named ? electrodeNamed(named[1] ?? "") : undefined;
  if (named && electrode) return { name: `${(named[2] ?? "").toUpperCase()} ${electrode}`, length: named[0].length };
  const letter = LETTER.exec(text);
  const device = (letter?.[1] ?? "").toUpperCase();
  const said = (letter?.[2] ?? "").toLowerCase().replace(/^grid\s?/, "g");
  const word = LETTERS[device.startsWith("V") ? "V" : "Q"][said];
  return letter && word ? { name: `${device} ${word}`, length: letter[0].length } : undefined;
}

const AT_WORK = new RegExp(`^([a-z][a-z -]*?)\\s+([a-z]+\\d?)${FIGURE}`, "i");

/** An electrode by what its tube does: `output plate` is `V4 plate`, where one tube of the set does that work. */
export function byItsWork(text: string, tubes: readonly { position: string; work: string }[]): Spoken | undefined {
  const [whole = "", work = "", word = ""] = AT_WORK.exec(text) ?? [];
  const electrode = electrodeNamed(word);
  const says = new RegExp(`\\b${work.trim().replace(/ (?:tube|valve|stage)$/i, "")}\\b`, "i");
  const [tube, another] = electrode ? tubes.filter((one) => says.test(one.work)) : [];
  return tube && !another && /^(?:V|Q|TR)\d/i.test(tube.position)
    ? { name: `${tube.position.toUpperCase()} ${electrode}`, length: whole.length }
    : undefined;
}

/** Do two names speak of the same electrode of the same device? `V4 g1` is `V4 grid`. */
export function sameElectrode(one: string, other: string): boolean {
  const [a, b] = [devicePoint(one), devicePoint(other)];
  return a !== undefined && b !== undefined && a.device === b.device && a.electrode === b.electrode;
}

/** Names that mean the same, in small letters: each group is one thing. */
const SAME: readonly (readonly string[])[] = [
  ["high tension", "plate supply", "anode supply", "b plus", "h.t.", "ht+", "b+", "+b", "ht"],
  ["power consumption", "consumption", "mains power", "line power", "power drawn", "draws"],
  [
    "current consumption",
    "mains current",
    "supply current",
    "input current",
    "line current",
    "current drawn",
    "current draw",
    "mains draw",
  ],
  ["heater supply", "heater line", "heaters", "heater", "filaments", "filament"],
];
const GROUND = /\bto (?:ground|earth|gnd|chassis)\b/;

/**
 * The text with its first words put in another way that means the same, each with how much longer it has become.
 * @param text in small letters
 */
export function otherNames(text: string): { text: string; longer: number }[] {
  const grounded = GROUND.exec(text);
  const grounds = grounded ? ["to chassis", "to ground", "to earth"].map((one) => text.replace(GROUND, one)) : [text];
  return SAME.flatMap((group) => {
    const said = group.find((name) => text.startsWith(`${name} `));
    return said === undefined ? [] : group.map((name) => ({ said, name }));
  })
    .concat([{ said: "", name: "" }])
    .flatMap(({ said, name }) => grounds.map((one) => name + one.slice(said.length)))
    .filter((one) => one !== text)
    .map((one) => ({ text: one, longer: one.length - text.length }));
}

/** Words for what the set takes from the line, where the figure's unit tells which: `mains 0.28 A`. */
export const takenFromLine = (point: string, quantity: string): string | undefined =>
  !/^(?:mains|line|draws|consumption|power consumption|takes)$/i.test(point)
    ? undefined
    : quantity === "current"
      ? "line current"
      : quantity === "power"
        ? "line power"
        : quantity === "voltage" && /^(?:mains|line)$/i.test(point)
          ? "line voltage"
          : undefined;
