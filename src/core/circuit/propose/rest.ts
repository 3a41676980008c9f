import { tubeType } from "../../tubes";
import { fits, isTransistor, type Places } from "./places";

/** A screen up to so many volts is not joined to B+ without a resistor. */
const LOW_SCREEN = 150;

/** Electrodes that no part of the sheet joins: a plate by a coil that the sheet does not have, a screen beside another one. */
export function placeRest(places: Places, last: string, railOf: ReadonlyMap<string | undefined, string>): void {
  const { sheet, rows } = places;
  const named = (node: string) => rows.some(({ from, to, tap }) => from === node || to === node || tap === node);
  const amplifies = sheet.tubes.flatMap(({ position, type, work }) => {
    const known = tubeType(type);
    const none = !known || known.rectifier || known.regulator || /indicator|^diodes$/.test(known.kind);
    return none || isTransistor(position) ? [] : [{ position, known, work }];
  });
  for (const { position, known, work } of amplifies) {
    const plate = `${position}.plate`;
    const rail = [...railOf].find(([stage]) => stage && fits(stage, work) > 0)?.[1] ?? last;
    if (!named(plate) && ["screen", "cathode", "grid"].some((one) => named(`${position}.${one}`)))
      places.put(
        `wire ${plate}`,
        rail,
        plate,
        `No part of the sheet joins the plate of ${position}: its coil counts as a wire.`,
      );
    const screen = `${position}.screen`;
    // A capacitor alone feeds no screen.
    const fed = rows.some(({ part, from, to }) => !/^C/.test(part) && (from === screen || to === screen));
    if (!known.points.some((point) => point.screen !== undefined) || fed || !named(plate)) continue;
    const low =
      (known.limits.screen ?? 0) <= LOW_SCREEN || known.points.every((point) => (point.screen ?? 0) <= LOW_SCREEN);
    const beside = amplifies.find(
      (one) => one.position !== position && rows.some(({ to }) => to === `${one.position}.screen`),
    );
    if (low && beside)
      places.put(
        `wire ${screen}`,
        `${beside.position}.screen`,
        screen,
        `No resistor of its own: it shares the one of ${beside.position}.`,
      );
    else
      places.put(
        `wire ${screen}`,
        last,
        screen,
        `No resistor feeds the screen of ${position}: it is joined to ${last}.`,
      );
  }
}
