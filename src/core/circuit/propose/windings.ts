import { tubeType } from "../../tubes";
import { GROUND } from "../net";
import type { Places } from "./places";

/** The ends of windings that the resistance chart names: an electrode, or the far end of another part. */
export function placeWindings(places: Places, rails: readonly string[]): void {
  const { sheet } = places;
  const last = rails.at(-1) ?? "B+";
  const hot = (label: string): string | undefined => {
    const row = places.rows.find(({ part }) => part === label);
    if (row) return row.to === GROUND || /^R/.test(label) === false ? row.from : row.to;
    const rail = rails.find((one) => one.toLowerCase() === label.toLowerCase());
    return rail ?? (/^b ?\+/i.test(label) ? last : /^avc$/i.test(label) ? "AVC" : undefined);
  };
  for (const { winding, from, to } of sheet.windings) {
    if (places.has(winding)) continue;
    if (/\bht\b|primary$|secondary$|heater/i.test(winding) && !/plate|grid|avc/i.test(`${from} ${to}`)) {
      places.leave(winding, "It carries no direct current of the stages.");
      continue;
    }
    const other = [from, to].find((label) => sheet.components.some(({ designator }) => designator === label));
    const ofPart = places.tubeOf(sheet.components.find(({ designator }) => designator === other)?.stage);
    const output = /output/i.test(winding);
    const tube = output
      ? places.tubeOf("output")
      : (ofPart ?? places.tubeOf(winding.replace(/primary|secondary|^[LT]\d+/gi, "")));
    const end = (label: string): string | undefined =>
      /^(plate|anode)$/i.test(label) && tube
        ? `${tube.position}.plate`
        : /^grid$/i.test(label)
          ? gridBehind(places, winding)
          : hot(label);
    const [a, b] = [end(from), end(to)];
    if (a && b) places.put(winding, b, a, "Its ends as the resistance chart names them.");
    else places.leave(winding, `Where ${a ? to : from} is joined is not known.`);
  }
}

/** An IF secondary feeds the grid of the tube that its name speaks of, or of the one behind the mixer. */
function gridBehind(places: Places, winding: string): string | undefined {
  const tubes = places.sheet.tubes.filter(({ type }) => !tubeType(type)?.rectifier);
  const mixer = tubes.findIndex(({ work }) => /mixer|converter/i.test(work));
  const next = /first|\bif\b/i.test(winding) ? tubes[mixer + 1] : undefined;
  return next && `${next.position}.grid`;
}
