import { noRow, nothing, silent, unjudged, type KindOf } from "../kind";
import type { OpenPoint } from "../open";
import type { PlaceWork } from "./payload";

const sentence = ({ actions, found, before, after, materials, why }: PlaceWork): string => {
  const grades = before || after ? [before ?? "not graded", after ?? "not graded"].join(" → ") : undefined;
  const used = materials.map(({ text }) => text).join(", ");
  const behind = [found, grades, used && `with ${used}`].filter(Boolean).join("; ");
  return `${actions.join(" and ")}${behind ? ` (${behind})` : ""}${why ? `: ${why}` : ""}`;
};

const capital = (text: string) => text.charAt(0).toUpperCase() + text.slice(1);

/** Work on what has no designator: a drive, a cord, a socket, the cabinet; graded before and after. */
export const placeWork: KindOf<"place-work", PlaceWork, undefined> = {
  kind: "place-work",
  fields: {
    place: "place",
    actions: "what was done",
    found: "found",
    before: "before",
    after: "after",
    materials: "used",
    why: "reason",
    oldPart: "the old one",
  },
  about: ({ place }) => place,
  tied: [],
  judge: unjudged,
  describe: (work) => ({ subject: capital(work.place), text: sentence(work) }),
  designators: ({ place }) => {
    const [, part] = /^([A-Z]{1,3}\d{1,3}[A-Z]?)\s/.exec(place) ?? [];
    return part ? [part] : [];
  },
  works: nothing,
  changes: ({ place, actions }) =>
    actions.every((one) => one === "left") ? undefined : `${place} was ${actions.join(" and ")}`,
  handsInside: true,
  afterHandBack: "refused",
  takes: ({ materials }) => materials,
  lane: "parts",
  inFile: "shown",
  csv: noRow,
  sections: () => ["parts"],
  open: (mine) =>
    mine.flatMap(({ entry, content: { payload: work } }, index): OpenPoint[] => {
      const later = mine.slice(index + 1).some(({ content }) => content.payload.place === work.place);
      if (!work.actions.includes("left") || later) return [];
      const text = `${work.place} left: ${work.why ?? ""}`;
      return [{ id: entry.id, visitId: entry.visitId, kind: "left", text, blocks: false }];
    }),
  evidence: silent,
};
