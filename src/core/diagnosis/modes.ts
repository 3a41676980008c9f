import { STAGE_KINDS, type Stage, type StageKind } from "../model";
import { FAULT_TEXTS } from "./data/faults";
import { KINDS } from "./data/kinds";
import { TRAITS } from "./traits";
import { ELECTRODES, MOVES, SHOWS, SIGNAL_EFFECTS, type FaultMode, type Share } from "./types";

/** Shares behind the marks of the table. */
export const MARKS: Record<string, Share> = { "": 0.95, "~": 0.75, "?": 0.4, ".": 0.2 };

/** Stages in which the faults of any tube are listed as such; the others have faults of their own tubes. */
const anyTube = ({ kind, device }: Pick<Stage, "kind" | "device">) =>
  device === "tube" && KINDS[kind].lane !== "supply" && kind !== "indicator" && kind !== "amplifier";

const kindsIn = (text: string): string[] => {
  const [, list = ""] = /^(?:(?:tube|solid)(?::|$))?(.*)$/.exec(text.trim()) ?? [];
  return list
    .split(",")
    .map((one) => one.trim())
    .filter(Boolean);
};

function fitsOf(text: string): FaultMode["fits"] {
  if (text.trim() === "*") return () => true;
  const [, device] = /^(tube|solid)(?::|$)/.exec(text.trim()) ?? [];
  const kinds = kindsIn(text);
  for (const kind of kinds)
    if (!STAGE_KINDS.includes(kind as StageKind)) throw new Error(`“${kind}” is not a kind of stage`);
  return (stage) => {
    if (device && stage.device !== device) return false;
    if (kinds.length > 0) return kinds.includes(stage.kind);
    return device === "tube" ? anyTube(stage) : KINDS[stage.kind].lane !== "supply";
  };
}

const TOKEN = /^([a-z]+\d?)([~?.]?)$/;
const VOLTS = /^([a-z]+)([+\-0])([~?.]?)$/;

const tokens = (text: string) => text.trim().split(/\s+/).filter(Boolean);
const shareOf = (mark: string | undefined): Share => MARKS[mark ?? ""] ?? 0;

function readMode(line: string): FaultMode {
  const [key = "", name = "", stages = "", part = "", often = "", signal = "", shows = "", volts = "", only = ""] = line
    .split("|")
    .map((cell) => cell.trim());
  const trouble = (what: string) => new Error(`fault ${key}: ${what} does not read`);
  const kinds = kindsIn(stages);
  const [kind] = STAGE_KINDS.filter((one) => kinds.length === 1 && one === kinds[0]);
  const mode: FaultMode = {
    key,
    name,
    part,
    often: Number(often),
    fits: fitsOf(stages),
    ...(kind ? { kind } : {}),
    only: tokens(only).map((word) => {
      const trait = TRAITS.find((one) => one === word);
      if (!trait) throw trouble(word);
      return trait;
    }),
    shows: {},
    volts: [],
  };
  if (!(mode.often > 0)) throw trouble(often);
  for (const token of signal === "-" ? [] : tokens(signal)) {
    const [, word, mark] = TOKEN.exec(token) ?? [];
    const effect = SIGNAL_EFFECTS.find((one) => one === word);
    if (!effect) throw trouble(token);
    mode.signal = { ...mode.signal, [effect]: shareOf(mark) };
  }
  for (const token of tokens(shows)) {
    const [, word, mark] = TOKEN.exec(token) ?? [];
    const show = SHOWS.find((one) => one === word);
    if (!show) throw trouble(token);
    mode.shows[show] = shareOf(mark);
  }
  for (const token of tokens(volts)) {
    const [, word, move, mark] = VOLTS.exec(token) ?? [];
    const electrode = ELECTRODES.find((one) => one === word);
    if (!electrode || !move) throw trouble(token);
    mode.volts.push({ electrode, move: MOVES[move as keyof typeof MOVES], share: shareOf(mark) });
  }
  return mode;
}

/** Every way in which a stage fails that the table has. */
export const MODES: readonly FaultMode[] = FAULT_TEXTS.split("\n")
  .filter((line) => line.includes("|"))
  .map(readMode);

export const modeOf = (key: string): FaultMode | undefined => MODES.find((mode) => mode.key === key);
