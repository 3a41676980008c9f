import type { Sheet } from "../model";
import type { PartState } from "../components";
import { isThere, modificationsOf, ofKind, type ContentOf, type OldPart, type Settled } from "../kinds";
import { upTo, type Fitted } from "../log";

/** One place in the circuit, and what sits there. */
export type Position = {
  designator: string;
  role?: string;
  stage?: string;
  /** the drawn value, from the model or from the first record of what was there */
  drawn?: string;
  state: PartState;
  /** what was put in; empty while the original is there */
  parts: Fitted[];
  /** another position's new part does this one's work too */
  servedBy?: string;
  /** why it was left or disconnected */
  why?: string;
  oldPart?: OldPart;
  /** entries that worked on it, in order */
  work: string[];
  lastWorkAt?: string;
  /** the modification that the part belongs to: its first entry, and whether the shop found it so */
  modification?: { id: string; name: string; found: boolean };
};

type Work = ContentOf<"part-work">["payload"];

function originals(sheet: Pick<Sheet, "components" | "tubes">): Position[] {
  const components = sheet.components.map(({ designator, role, stage, drawn }): Position => ({
    designator,
    role,
    ...(stage ? { stage } : {}),
    ...(drawn ? { drawn } : {}),
    state: "original",
    parts: [],
    work: [],
  }));
  const tubes = sheet.tubes.map(({ position, type, work }): Position => ({
    designator: position,
    role: "tube",
    stage: work,
    drawn: type,
    state: "original",
    parts: [],
    work: [],
  }));
  return [...components, ...tubes];
}

const IN_PLACE = new Set(["reflowed", "cleaned", "lubricated", "adjusted", "repaired"]);

/** Applies one piece of work to the place it names. `subpart` is set when it names one of several parts fitted there. */
function workOn(position: Position, designator: string, work: Work): Position {
  const subpart = position.designator !== designator;
  const others = subpart ? position.parts.filter((part) => part.designator !== designator) : [];
  const { why: _why, oldPart: _oldPart, servedBy: _servedBy, ...kept } = position;
  const why = work.why ? { why: work.why } : {};
  const oldPart = work.oldPart ? { oldPart: work.oldPart } : position.oldPart ? { oldPart: position.oldPart } : {};
  switch (work.action) {
    case "replaced":
    case "restuffed":
      return { ...kept, ...oldPart, state: work.action, parts: [...others, ...work.now] };
    case "found fitted":
      return { ...kept, ...oldPart, ...why, state: "replaced", parts: [...others, ...work.now] };
    case "substituted":
      return { ...kept, ...oldPart, ...why, state: "substituted", parts: [...others, ...work.now] };
    case "removed":
      return { ...kept, ...oldPart, ...why, state: others.length > 0 ? position.state : "removed", parts: others };
    case "disconnected":
      return { ...position, ...oldPart, ...why, state: "disconnected" };
    case "left":
      return {
        ...position,
        ...why,
        state: position.state === "original" || position.state === "serviced" ? "left" : position.state,
      };
    default:
      return IN_PLACE.has(work.action) && (position.state === "original" || position.state === "left")
        ? { ...kept, ...oldPart, state: "serviced" }
        : position;
  }
}

/**
 * The set as built at a moment: the model's parts with all the work up to then.
 *
 * @param settled the set's entries after amendments
 * @param sheet components and tubes of the model
 * @param moment ISO instant, inclusive; what is known today about that day counts
 * @returns every place, in the model's order, then places that only the log knows
 */
export function asBuilt(
  settled: readonly Settled[],
  sheet: Pick<Sheet, "components" | "tubes">,
  moment: string,
): Position[] {
  const places = new Map(originals(sheet).map((position) => [position.designator, position]));
  const find = (designator: string): Position =>
    places.get(designator) ??
    [...places.values()].find((position) => position.parts.some((part) => part.designator === designator)) ?? {
      designator,
      state: "original",
      parts: [],
      work: [],
    };
  const past = upTo(settled, moment);
  for (const { content, entry, at } of ofKind(past, "part-work")) {
    const work = content.payload;
    const [first = ""] = work.designators;
    const lead = find(first).designator;
    for (const designator of work.designators) {
      const before = find(designator);
      const served = designator !== first && work.now.length > 0;
      const after = served
        ? {
            ...before,
            state: (work.action === "found fitted" ? "replaced" : work.action) as PartState,
            parts: [],
            servedBy: lead,
            ...(work.oldPart ? { oldPart: work.oldPart } : {}),
          }
        : workOn(before, designator, work);
      const drawn = before.drawn ?? work.was;
      places.set(before.designator, {
        ...after,
        ...(drawn ? { drawn } : {}),
        work: [...before.work, entry.id],
        lastWorkAt: at,
      });
    }
  }
  return overlaid([...places.values()], past);
}

/**
 * Lays the modifications that are in the set over its places. One that was put back is not laid: the places are as they
 * were before it. Work on a part of a modification after it was fitted stands.
 */
function overlaid(places: Position[], past: readonly Settled[]): Position[] {
  const byName = new Map(places.map((place) => [place.designator, place]));
  for (const one of modificationsOf(past).filter(isThere)) {
    const found = one.changes.some(({ state }) => state === "found");
    const modification = { id: one.id, name: one.payload.name, found };
    const [first] = one.changes.filter(({ state }) => state === "found" || state === "fitted");
    const since = first?.at ?? one.at;
    for (const part of one.payload.parts) {
      const before = byName.get(part.designator);
      const worked = before?.lastWorkAt !== undefined && Date.parse(before.lastWorkAt) > Date.parse(since);
      byName.set(part.designator, {
        ...(before ?? { designator: part.designator, role: "modification", stage: one.payload.name, work: [] }),
        ...(worked && before ? { state: before.state, parts: before.parts } : { state: "modified", parts: [part] }),
        modification,
      });
    }
  }
  return [...byName.values()];
}

/** A place before and after; a place that is in one of the two only was added, or is gone. */
export type Difference = { designator: string; before?: Position; after?: Position };

const essence = ({ state, parts, servedBy, why, work, modification }: Position) =>
  JSON.stringify([state, parts, servedBy ?? null, why ?? null, work, modification ?? null]);

/** What changed in the set between two moments, place by place; the earlier one is always "before". */
export function differences(
  settled: readonly Settled[],
  sheet: Pick<Sheet, "components" | "tubes">,
  from: string,
  to: string,
): Difference[] {
  const [early, late] = Date.parse(from) <= Date.parse(to) ? [from, to] : [to, from];
  const before = new Map(asBuilt(settled, sheet, early).map((position) => [position.designator, position]));
  const after = new Map(asBuilt(settled, sheet, late).map((position) => [position.designator, position]));
  return [...new Set([...before.keys(), ...after.keys()])].flatMap((designator): Difference[] => {
    const [old, now] = [before.get(designator), after.get(designator)];
    if (old && now && essence(old) === essence(now)) return [];
    return [{ designator, ...(old ? { before: old } : {}), ...(now ? { after: now } : {}) }];
  });
}

/** The places after the differences were made to them: from the earlier day to the later one. */
export function applyDifferences(places: readonly Position[], changes: readonly Difference[]): Position[] {
  const changed = new Map(changes.map((change) => [change.designator, change]));
  const known = new Set(places.map(({ designator }) => designator));
  const kept = places.flatMap((place) => {
    const change = changed.get(place.designator);
    return change ? (change.after ? [change.after] : []) : [place];
  });
  const added = changes.flatMap(({ designator, after }) => (after && !known.has(designator) ? [after] : []));
  return [...kept, ...added];
}
