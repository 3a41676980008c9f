import { openPoints } from "../history";
import type { Settled } from "../kinds";

/** An open point that is work: something to do, and whether it is done on the cabinet. */
export type PointLeft = { id: string; text: string; cabinet: boolean };

/** Words of work on the cabinet, which is done away from the chassis. */
const CABINET =
  /\b(cabinet|case|veneer|lacquer|varnish|shellac|polish\w*|grille|cloth|knobs?|escutcheon|dial glass|felt|feet|back panel|bakelite|wood\w*|handle|leatherette|paint\w*)\b/i;

/** Is it work on the cabinet? @example "new grille cloth": yes; "renew the mains lead": no */
export const onCabinet = (text: string): boolean => CABINET.test(text);

/** The open points of a visit that are work: not what is waited for, nor what another list asks for already. */
export const pointsLeft = (settled: readonly Settled[], visitId: string, now: string): PointLeft[] =>
  openPoints(settled, now)
    .filter((point) => point.visitId === visitId && point.kind === "note" && point.waits === undefined)
    .map(({ id, text }) => ({ id, text, cabinet: onCabinet(text) }));
