import { asBuilt } from "../history";
import { isThere, modificationsOf } from "../kinds";
import { tubeType } from "../tubes";
import { typeIn } from "../visit";
import type { FileOf } from "./file";

export const HELD = ["batch", "tube", "modification"] as const;

/** What is looked for. */
export type Wanted = { kind: (typeof HELD)[number]; text: string };

/** Something that a set holds today: a part of a batch, a tube, a modification. */
export type Holding = {
  kind: Wanted["kind"];
  /** what it is known by, however it is written: see keyOf */
  key: string;
  name: string;
  where: string;
  what: string;
  since?: string;
};

const plain = (text: string): string => text.trim().toLowerCase();

/** How a name is compared: a tube of any of its names by its type, the rest by its letters. */
export function keyOf({ kind, text }: Wanted): string {
  const type = kind === "tube" ? (tubeType(text) ?? typeIn(text)) : undefined;
  return plain(type?.type ?? text);
}

/** Is this wanted? A batch by its whole number, a tube by any of its names or how it begins, a modification by a part of its name. */
export function isWanted(held: Pick<Holding, "kind" | "key" | "name">, wanted: Wanted): boolean {
  if (held.kind !== wanted.kind || plain(wanted.text) === "") return false;
  if (wanted.kind === "modification") return held.key.includes(plain(wanted.text));
  if (wanted.kind === "tube" && !tubeType(wanted.text)) return plain(held.name).startsWith(plain(wanted.text));
  return held.key === keyOf(wanted);
}

/** What a set holds at a moment. */
export function holdingsOf(file: Pick<FileOf, "settled" | "model">, now: string): Holding[] {
  const places = asBuilt(file.settled, file.model.sheet, now);
  const batches = places.flatMap((place) =>
    place.parts.flatMap((part): Holding[] => {
      const batch = part.stock?.batch;
      if (!batch) return [];
      const what = [part.text, part.stock?.maker, `batch ${batch}`].filter(Boolean).join(", ");
      return [
        {
          kind: "batch",
          key: keyOf({ kind: "batch", text: batch }),
          name: batch,
          where: part.designator,
          what,
          ...(place.lastWorkAt ? { since: place.lastWorkAt } : {}),
        },
      ];
    }),
  );
  const tubes = places.flatMap((place): Holding[] => {
    const fitted = place.parts[0]?.text ?? place.drawn ?? "";
    if (place.role !== "tube" || place.state === "removed" || fitted === "") return [];
    return [
      {
        kind: "tube",
        key: keyOf({ kind: "tube", text: fitted }),
        name: fitted,
        where: place.designator,
        what: `${fitted}${place.stage ? `, ${place.stage}` : ""}`,
        ...(place.parts.length > 0 && place.lastWorkAt ? { since: place.lastWorkAt } : {}),
      },
    ];
  });
  const modifications = modificationsOf(file.settled)
    .filter(isThere)
    .map((one): Holding => {
      const { name } = one.payload;
      return {
        kind: "modification",
        key: keyOf({ kind: "modification", text: name }),
        name,
        where: one.state,
        what: name,
        since: one.at,
      };
    });
  return [...batches, ...tubes, ...modifications];
}
