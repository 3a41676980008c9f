import type { fill } from "./fill";
import type { Asked } from "./measure";
import { rawQueries } from "./raw";

/** Every page that is asked for, with the plain SQL of the same rows. */
export async function pagesOf(
  url: string,
  places: Awaited<ReturnType<typeof fill>>,
  { entries, long }: { entries: number; long: number },
): Promise<Asked[]> {
  const raw = await rawQueries(url);
  return [
    { name: "Board", path: "/", raw: raw.board },
    { name: "Sets", path: "/sets", raw: raw.sets },
    { name: "Sets, a search", path: "/sets?q=Owner+1234", raw: raw.search },
    { name: "Sets, by serial and designator", path: "/sets?q=S-123+c14", raw: raw.search },
    { name: "New job", path: "/sets/new", raw: raw.models },
    { name: "was it here before?", path: "/api/known?what=sets&q=S-77", raw: raw.search },
    { name: "Across all sets", path: "/sets/across", raw: raw.across },
    { name: "Across: a tube", path: "/sets/across?kind=tube&text=6V6", raw: raw.across },
    { name: "Calendar", path: "/api/calendar", raw: raw.calendar },
    { name: "A set's file", path: `/sets/${places.usualSet}`, raw: raw.usual(places.usualSet) },
    { name: `A bench, ${entries} entries`, path: `/bench/${places.usualJob}`, raw: raw.bench(places.usualJob) },
    { name: `A bench, ${long} entries`, path: `/bench/${places.longJob}`, raw: raw.bench(places.longJob) },
    { name: "Parts", path: "/parts", raw: raw.parts },
    { name: "Reference", path: "/reference", raw: raw.models },
    { name: "Shop", path: "/shop", raw: raw.shop },
  ];
}
