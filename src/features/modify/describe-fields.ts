import {
  CHASSIS,
  MOD_STATE_WORDS,
  modBody,
  readMinutes,
  readStockedPart,
  readTap,
  sentences,
  type Chassis,
  type ContentOf,
  type ModState,
} from "@/core/kinds";
import type { LineContext } from "@/core/shorthand";
import { linesOf } from "@/ui/words";
import { readLines } from "./read-lines";

/** How a modification that has no recipe may stand when it is described. */
export const DESCRIBED = ["found", "planned", "fitted"] as const satisfies readonly ModState[];
export type Described = (typeof DESCRIBED)[number];

/** The fields of a modification that is described by hand, as typed; lists have one line an item. */
export const EMPTY_MOD = {
  state: "found" as string,
  name: "",
  by: "",
  what: "",
  why: "",
  parts: "",
  taps: "",
  steps: "",
  verify: "",
  recalibrate: "",
  chassis: "none" as string,
  undo: "",
  use: "",
  minutes: "",
};
export type ModFields = typeof EMPTY_MOD;

export const stateOf = ({ state }: ModFields): Described => DESCRIBED.find((one) => one === state) ?? "found";
const chassisOf = ({ chassis }: ModFields): Chassis => CHASSIS.find((one) => one === chassis) ?? "none";

type Trouble = { ok: false; field?: keyof ModFields; message: string };
type ModRead = { ok: true; content: ContentOf<"modification">; minutes?: number } | Trouble;

/** The entry that the fields make, and the minutes of work to write with it; or what they still lack, and where. */
export function readModFields(typed: ModFields, context: LineContext): ModRead {
  const lacks = (message: string, field?: keyof ModFields): Trouble => ({
    ok: false,
    message,
    ...(field ? { field } : {}),
  });
  const state = stateOf(typed);
  const ours = state !== "found";
  const said = (key: keyof ModFields) => typed[key].trim() || undefined;
  const name = said("name");
  if (!name) return lacks("Give it a name: what it is, in two or three words.", "name");
  const parts = readLines(typed.parts, (line) => readStockedPart(line, context));
  if (parts.trouble) return lacks(parts.trouble, "parts");
  const taps = readLines(typed.taps, readTap);
  if (taps.trouble) return lacks(taps.trouble, "taps");
  const minutes = ours ? said("minutes") : undefined;
  const took = minutes === undefined ? undefined : readMinutes(minutes);
  if (minutes !== undefined && (!took || !Number.isInteger(took)))
    return lacks(`“${minutes}” is not a time in whole minutes: 70, or 1 h 10 min.`, "minutes");
  const chassis = chassisOf(typed);
  const undo = said("undo");
  const body = modBody.safeParse({
    what: said("what") ?? name,
    parts: parts.values,
    taps: taps.values,
    chassis,
    // A drilled hole stays, and what nobody knows how to put back stays too.
    reversible: chassis !== "drilled" && undo !== undefined,
    ...(undo ? { undo } : {}),
    ...(ours
      ? {
          ...(said("why") ? { why: said("why") } : {}),
          ...(said("use") ? { instructions: said("use") } : {}),
          steps: state === "planned" ? linesOf(typed.steps).map((text) => ({ text })) : [],
          verify: linesOf(typed.verify),
          recalibrate: linesOf(typed.recalibrate),
          ...(took ? { minutes: took } : {}),
        }
      : {}),
  });
  if (!body.success) return lacks(sentences(body.error)[0]?.message ?? `It is not ${MOD_STATE_WORDS[state]} yet.`);
  const askedBy = ours ? said("by") : undefined;
  return {
    ok: true,
    content: { kind: "modification", payload: { v: 1, name, state, ...(askedBy ? { askedBy } : {}), ...body.data } },
    ...(state === "fitted" && took ? { minutes: took } : {}),
  };
}
