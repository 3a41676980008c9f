import type { CircuitSheet } from "../from-sheet";
import { placeParts, placeStageRails } from "./parts";
import { Places, type Proposal } from "./places";
import { placeRest } from "./rest";
import { placeSupply } from "./supply";
import { placeWindings } from "./windings";

export type { Proposal, Proposed } from "./places";

/**
 * A net out of what the sheet says already: roles, stages, line-up, resistance chart. Each row has its reason; what cannot
 * be placed is listed. Nobody should have to type a net, but somebody has to look at it.
 */
export function proposeNet(sheet: CircuitSheet): Proposal {
  const places = new Places(sheet);
  const rails = placeSupply(places);
  const last = rails.at(-1) ?? "B+";
  const railOf = placeStageRails(places, last);
  placeParts(places, last, railOf);
  placeWindings(places, rails);
  placeRest(places, last, railOf);
  return { rows: places.rows, left: places.left };
}
