import type { Position } from "./as-built";
import type { PartState } from "../components";

/** How original a set is, by counting places. */
export type Originality = {
  places: number;
  /** places that hold the part they left the works with */
  original: number;
  /** places that look so: a new part inside the old shell too */
  looksOriginal: number;
  /** shares of all places; 1 where there is none */
  share: number;
  looksShare: number;
  /** places that a modification added: they are not counted above */
  added: number;
  /** the sum in words */
  text: string;
};

/** States in which the original part is still there. One that was put out of use but left in place counts. */
const ORIGINAL: readonly PartState[] = ["original", "serviced", "left", "disconnected"];

/**
 * Originality by count: every place of the model is one, whatever its worth. A part left with a reason or serviced is
 * original; a restuffed one only looks so; places that a modification added are told apart.
 */
export function originality(places: readonly Position[]): Originality {
  const own = places.filter(({ role }) => role !== "modification");
  const original = own.filter(({ state }) => ORIGINAL.includes(state)).length;
  const restuffed = own.filter(({ state }) => state === "restuffed").length;
  const added = places.length - own.length;
  const share = own.length === 0 ? 1 : original / own.length;
  const percent = Math.round(share * 100);
  const looks =
    restuffed > 0 ? `; ${restuffed} more ${restuffed === 1 ? "looks" : "look"} so, restuffed inside the old shell` : "";
  const more = added > 0 ? `; modifications added ${added} ${added === 1 ? "part" : "parts"}, not counted` : "";
  return {
    places: own.length,
    original,
    looksOriginal: original + restuffed,
    share,
    looksShare: own.length === 0 ? 1 : (original + restuffed) / own.length,
    added,
    text: `${original} of ${own.length} places hold their original part (${percent} %)${looks}${more}`,
  };
}
