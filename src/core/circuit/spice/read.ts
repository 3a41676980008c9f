import { nodeNamed, type Join } from "../../model";

/**
 * Reads the common part of a SPICE netlist as rows of a net: resistors, capacitors, coils, sources, tubes and transistors.
 * Commands, models and the dialects of simulators are listed, not guessed at.
 */
export type NetlistRow = Join & {
  /** in base units, where the line has one: Ω, F, H, V */
  value?: number;
};
export type Netlist = {
  rows: NetlistRow[];
  /** tubes and transistors with the type or model that the line names */
  devices: { position: string; type: string }[];
  /** lines that are no part of a net, with the number that they have in the file */
  left: { line: number; text: string; why: string }[];
};

const MOST_LINES = 20_000;

const SUFFIXES: readonly [RegExp, number][] = [
  [/^meg/i, 1e6],
  [/^mil/i, 25.4e-6],
  [/^t/i, 1e12],
  [/^g/i, 1e9],
  [/^k/i, 1e3],
  [/^m/i, 1e-3],
  [/^u|^µ/i, 1e-6],
  [/^n/i, 1e-9],
  [/^p/i, 1e-12],
  [/^f/i, 1e-15],
];

/** A number as SPICE writes it: `4.7k`, `1MEG`, `100uF`, `2e-3`. @returns undefined where it is none */
export function spiceNumber(text: string): number | undefined {
  const found = /^([+-]?(?:\d+\.?\d*|\.\d+)(?:e[+-]?\d+)?)([a-zµ]*)$/i.exec(text);
  if (!found) return undefined;
  const factor = SUFFIXES.find(([word]) => word.test(found[2] ?? ""))?.[1] ?? 1;
  return Number(found[1]) * factor;
}

/** Lines with their continuations joined, without comments behind them. */
function linesOf(text: string): { line: number; text: string }[] {
  const whole: { line: number; text: string }[] = [];
  text
    .split(/\r?\n/)
    .slice(0, MOST_LINES)
    .forEach((raw, at) => {
      const plain = raw.replace(/\s*[;$].*$/, "").trimEnd();
      if (/^\s*\+/.test(plain) && whole.length > 0) {
        const last = whole[whole.length - 1] as { text: string };
        last.text += ` ${plain.replace(/^\s*\+/, "").trim()}`;
      } else whole.push({ line: at + 1, text: plain.trim() });
    });
  return whole;
}

/** Ends of a device in the order of a line, by the letter that begins its name. */
const TUBE_ENDS: Record<number, readonly string[]> = {
  2: ["plate", "cathode"],
  3: ["plate", "grid", "cathode"],
  4: ["plate", "screen", "grid", "cathode"],
};
const TRANSISTOR_ENDS = ["collector", "base", "emitter"] as const;

/** `XV3`, `X_V3`, `V3` behind the letter: the position as the sheet has it; a number alone gets its letter. */
const positionOf = (name: string, letter: "V" | "Q"): string => {
  const bare = name.replace(/^[XQ]_?/i, "").toUpperCase();
  return /^(V|Q|TR)\d+[AB]?$/.test(bare)
    ? bare.replace(/[AB]$/, (one) => one.toLowerCase())
    : `${letter}${bare.replace(/\D/g, "")}`;
};

export function readSpice(text: string): Netlist {
  const [title, ...lines] = linesOf(text);
  const legend = new Map<string, string>();
  for (const { text: one } of lines) {
    const found = /^\* node (\S+) is (.+)$/.exec(one);
    if (found) legend.set((found[1] ?? "").toLowerCase(), found[2] ?? "");
  }
  const node = (name: string): string => {
    if (name === "0" || /^gnd$/i.test(name)) return "gnd";
    return legend.get(name.toLowerCase()) ?? nodeNamed(/^\d+$/.test(name) ? `n${name}` : name.replaceAll("_", " "));
  };
  const net: Netlist = { rows: [], devices: [], left: [] };
  let inside = "";
  for (const { line, text: one } of title ? lines : []) {
    if (one === "" || one.startsWith("*")) continue;
    const leave = (why: string) => void net.left.push({ line, text: one.slice(0, 80), why });
    if (/^\.subckt/i.test(one)) inside = one.split(/\s+/)[1] ?? "";
    if (inside) {
      if (/^\.ends/i.test(one)) inside = "";
      continue;
    }
    if (/^\.(end|model|temp|options?)\b/i.test(one)) continue;
    if (one.startsWith(".")) {
      leave("A command of a simulator.");
      continue;
    }
    const [name = "", ...words] = one.split(/\s+/);
    const [a = "", b = "", third = ""] = words;
    const put = (row: NetlistRow) => void net.rows.push(row);
    // A device’s electrodes are nodes of the net: where the line has others, a wire joins them.
    const device = (position: string, ends: readonly string[], nodes: readonly string[], type: string) => {
      net.devices.push({ position, type: type.replace(/^T_/, "") });
      ends.forEach((electrode, at) => {
        const [own, there] = [`${position}.${electrode}`, node(nodes[at] ?? "0")];
        if (own !== there) put({ part: `wire ${own}`, from: there, to: own });
      });
    };
    switch (name.charAt(0).toUpperCase()) {
      case "R":
      case "C":
      case "L": {
        const value = spiceNumber(third);
        if (!a || !b || value === undefined) leave("Two nodes and a value are expected.");
        else if (!/^R_(leak_|L)/i.test(name))
          put({ part: name.replace(/^[RCL]_/i, ""), from: node(a), to: node(b), value });
        break;
      }
      case "V": {
        const value = spiceNumber(/^dc$/i.test(third) ? (words[3] ?? "") : third);
        if (!a || !b) leave("Two nodes are expected.");
        else put({ part: "supply", from: node(b), to: node(a), ...(value === undefined ? {} : { value }) });
        break;
      }
      case "X": {
        const nodes = words.slice(0, -1);
        const ends = TUBE_ENDS[nodes.length];
        const type = words.at(-1) ?? "";
        if (!ends || /=/.test(one)) leave("A subcircuit with these ends is no tube that is known.");
        else device(positionOf(name, "V"), ends, nodes, type);
        break;
      }
      case "Q":
        if (words.length < 4) leave("Collector, base, emitter and a model are expected.");
        else device(positionOf(name, "Q"), TRANSISTOR_ENDS, words.slice(0, 3), words[3] ?? "");
        break;
      default:
        leave("This kind of element is not read.");
    }
  }
  return net;
}
