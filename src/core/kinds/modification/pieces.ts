import { STAGE_KINDS, SUPPLIES, type StageKind, type Supply } from "../../model";
import { format, parseQuantity } from "../../quantity";
import type { ModNeed, ModStep, Tap } from "./body";
import { TAP_KINDS } from "./values";

/** One line of a recipe read, or a sentence on what is wrong with it. */
export type RecipeLine<T> = { ok: true; value: T } | { ok: false; message: string };

const ok = <T>(value: T): RecipeLine<T> => ({ ok: true, value });
const bad = (message: string): RecipeLine<never> => ({ ok: false, message });

const NUMBER = String.raw`[-−]?\d+(?:[.,]\d+)?`;

/**
 * Reads a tap point: its kind, where it is, what it can work with and what it draws.
 * @example readTap("rail B+ 200 V to 300 V draws 5 mA")
 */
export function readTap(line: string): RecipeLine<Tap> {
  const [, word = "", rest = ""] = /^\s*(\S+)\s+([\s\S]+)$/.exec(line) ?? [];
  const kind = TAP_KINDS.find((one) => one === word.toLowerCase());
  if (!kind)
    return bad(`A tap begins with its kind: ${TAP_KINDS.join(", ")}. For example: rail B+ 200 V to 300 V draws 5 mA.`);
  const drawn = /\s+draws\s+(.+)$/i.exec(rest);
  const place = drawn ? rest.slice(0, drawn.index) : rest;
  const range = new RegExp(`\\s+(${NUMBER}\\s*[mk]?V)(?:\\s+to\\s+(${NUMBER}\\s*[mk]?V))?\\s*$`, "i").exec(place);
  const at = (range ? place.slice(0, range.index) : place).trim();
  if (!at) return bad("Say where it is tapped: rail B+, signal V7 plate, heater 6.3 V winding.");
  const [low, high, draws] = [range?.[1], range?.[2] ?? range?.[1], drawn?.[1]].map((text, index) =>
    text === undefined ? undefined : parseQuantity(text, index === 2 ? "current" : "voltage"),
  );
  if (draws && !draws.ok) return bad(`“${drawn?.[1] ?? ""}” is not a current: draws 5 mA.`);
  if ((low && !low.ok) || (high && !high.ok)) return bad("The voltage reads like: 200 V to 300 V.");
  if (low?.ok && high?.ok && low.value > high.value) return bad("The first voltage is the least, the second the most.");
  return ok({
    kind,
    at,
    ...(low?.ok ? { low: low.value } : {}),
    ...(high?.ok ? { high: high.value } : {}),
    ...(draws?.ok ? { draws: draws.value } : {}),
  });
}

export function writeTap({ kind, at, low, high, draws }: Tap): string {
  const volts = (value: number) => format(value, "voltage", 6);
  const range =
    low === undefined ? "" : low === high || high === undefined ? ` ${volts(low)}` : ` ${volts(low)} to ${volts(high)}`;
  return `${kind} ${at}${range}${draws === undefined ? "" : ` draws ${format(draws, "current", 6)}`}`;
}

const listOf = <T extends string>(text: string, known: readonly T[]): T[] | string => {
  const words = text
    .toLowerCase()
    .split(/[\s,]+/)
    .filter(Boolean);
  const stranger = words.find((word) => !(known as readonly string[]).includes(word));
  return stranger ? stranger : (words as T[]);
};

/**
 * Reads a prerequisite: what the set has to be, before a colon, and what to look at behind it.
 * @example readNeed("stages mixer, oscillator: a superhet with a reachable oscillator")
 */
export function readNeed(line: string): RecipeLine<ModNeed> {
  const [, head = "", text = ""] = /^([^:]*):\s*([\s\S]+)$/.exec(line.trim()) ?? [];
  const say = "stages …, supply …, works, board …, firmware … or look, a colon, and what to look at";
  if (!head) return bad(`A prerequisite reads like: ${say}.`);
  const [, word = "", rest = ""] = /^(\S+)\s*(.*)$/.exec(head.trim()) ?? [];
  switch (word.toLowerCase()) {
    case "stages": {
      const stages = listOf<StageKind>(rest, STAGE_KINDS);
      if (typeof stages === "string") return bad(`“${stages}” is not a kind of stage: ${STAGE_KINDS.join(", ")}.`);
      return stages.length > 0
        ? ok({ kind: "stages", stages, text })
        : bad("Name the stages: stages mixer, oscillator.");
    }
    case "supply": {
      const supplies = listOf<Supply>(rest, SUPPLIES);
      if (typeof supplies === "string") return bad(`“${supplies}” is not a supply: ${SUPPLIES.join(", ")}.`);
      return supplies.length > 0
        ? ok({ kind: "supply", supplies, text })
        : bad(`Name the supply: ${SUPPLIES.join(", ")}.`);
    }
    case "works":
      return ok({ kind: "works", text });
    case "board": {
      const [, board = "", level = ""] = /^(.*?)(?:\s+from\s+(.+))?$/.exec(rest) ?? [];
      if (!board) return bad("Name the board: board AF-4 from rev C.");
      return ok({ kind: "board", board, ...(level ? { level } : {}), text });
    }
    case "firmware":
      return rest ? ok({ kind: "firmware", level: rest, text }) : bad("Name the level: firmware 2.1.");
    case "look":
      return ok({ kind: "look", text });
    default:
      return bad(`“${word}” is not a kind of prerequisite: ${say}.`);
  }
}

export function writeNeed(need: ModNeed): string {
  const head = {
    stages: () => (need.kind === "stages" ? ` ${need.stages.join(", ")}` : ""),
    supply: () => (need.kind === "supply" ? ` ${need.supplies.join(", ")}` : ""),
    works: () => "",
    board: () => (need.kind === "board" ? ` ${need.board}${need.level ? ` from ${need.level}` : ""}` : ""),
    firmware: () => (need.kind === "firmware" ? ` ${need.level}` : ""),
    look: () => "",
  }[need.kind]();
  return `${need.kind}${head}: ${need.text}`;
}

/**
 * Reads a step with what belongs to it, each behind a bar.
 * @example readStep("Take the front panel off | caution the pads tear | opens front panel | screws 6")
 */
export function readStep(line: string): RecipeLine<ModStep> {
  const [text = "", ...rest] = line.split("|").map((part) => part.trim());
  if (!text) return bad("A step says what is done.");
  const step: ModStep = { text };
  for (const part of rest) {
    const [, word = "", value = ""] = /^(\S+)\s*([\s\S]*)$/.exec(part) ?? [];
    if (word === "caution" && value) step.caution = value;
    else if (word === "opens" && value) step.opens = value;
    else if (word === "screws" && /^\d{1,3}$/.test(value)) step.screws = Number(value);
    else return bad(`After a bar, write caution …, opens … or screws and a number; “${part}” is none of these.`);
  }
  return ok(step);
}

export const writeStep = ({ text, caution, opens, screws }: ModStep): string =>
  [text, caution && `caution ${caution}`, opens && `opens ${opens}`, screws !== undefined && `screws ${screws}`]
    .filter(Boolean)
    .join(" | ");

/** A part of a modification: its place and its value, e.g. `R901 10k 0.5W`. */
export function readPart(line: string): RecipeLine<{ designator: string; text: string }> {
  const [, designator = "", text = ""] = /^\s*([A-Za-z]{1,3}\d{1,3}[A-Za-z]?)\s+(.+?)\s*$/.exec(line) ?? [];
  if (!designator) return bad("A part is its place and its value: R901 10k 0.5W.");
  return ok({ designator: designator.toUpperCase(), text });
}
