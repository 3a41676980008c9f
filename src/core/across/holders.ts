import { asBuilt } from "../history";
import { isThere, modificationsOf } from "../kinds";
import { tubeType } from "../tubes";
import { typeIn } from "../visit";
import type { FileOf } from "./file";

/** What is looked for. */
export type Wanted = { kind: "batch" | "tube" | "modification"; text: string };

/** A place of a set that holds it today. */
export type Holder = { setId: string; where: string; what: string; since?: string };

const same = (a: string | undefined, b: string) => a?.trim().toLowerCase() === b.trim().toLowerCase();

/** Where a part of a batch, a tube by any of its names, or a modification sits today. */
export function holders(files: readonly FileOf[], { kind, text }: Wanted, now: string): Holder[] {
  if (!text.trim()) return [];
  return files.flatMap((file): Holder[] => {
    if (kind === "modification")
      return modificationsOf(file.settled)
        .filter((one) => isThere(one) && one.payload.name.toLowerCase().includes(text.trim().toLowerCase()))
        .map((one) => ({ setId: file.id, where: one.state, what: one.payload.name, since: one.at }));
    const places = asBuilt(file.settled, file.model.sheet, now);
    if (kind === "batch")
      return places.flatMap((place) =>
        place.parts
          .filter(({ stock }) => same(stock?.batch, text))
          .map((part) => ({
            setId: file.id,
            where: part.designator,
            what: [part.text, part.stock?.maker, `batch ${part.stock?.batch ?? ""}`].filter(Boolean).join(", "),
            ...(place.lastWorkAt ? { since: place.lastWorkAt } : {}),
          })),
      );
    const wanted = tubeType(text);
    return places.flatMap((place): Holder[] => {
      if (place.role !== "tube" || place.state === "removed") return [];
      const fitted = place.parts[0]?.text ?? place.drawn ?? "";
      const hit = wanted ? typeIn(fitted) === wanted : fitted.toLowerCase().startsWith(text.trim().toLowerCase());
      return hit
        ? [
            {
              setId: file.id,
              where: place.designator,
              what: `${fitted}${place.stage ? `, ${place.stage}` : ""}`,
              ...(place.parts.length > 0 && place.lastWorkAt ? { since: place.lastWorkAt } : {}),
            },
          ]
        : [];
    });
  });
}

/** Batches, tubes and modifications that there are, to choose from. */
export function namesOf(files: readonly FileOf[], now: string): Record<Wanted["kind"], string[]> {
  const [batches, tubes, mods] = [new Set<string>(), new Set<string>(), new Set<string>()];
  for (const file of files) {
    for (const place of asBuilt(file.settled, file.model.sheet, now)) {
      for (const { stock } of place.parts) if (stock?.batch) batches.add(stock.batch);
      if (place.role === "tube" && place.state !== "removed") tubes.add(place.parts[0]?.text ?? place.drawn ?? "");
    }
    for (const one of modificationsOf(file.settled)) if (isThere(one)) mods.add(one.payload.name);
  }
  const sorted = (set: Set<string>) => [...set].filter(Boolean).sort((a, b) => a.localeCompare(b, "en"));
  return { batch: sorted(batches), tube: sorted(tubes), modification: sorted(mods) };
}
