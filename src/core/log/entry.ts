/** What an entry says: its kind, and the payload of that kind. */
export type AnyContent = { kind: string; payload: object };

type Envelope = {
  /** a UUID of version 7, made by the client, so that a retry never doubles the entry */
  id: string;
  setId: string;
  visitId: string;
  /** when it happened, ISO instant */
  at: string;
  amends: string | null;
};

/**
 * An amendment points at an entry and either withdraws it or replaces what it says (and, where wrong, when it was).
 * It may also point at another amendment: withdrawing that one undoes it, correcting it replaces what it says.
 */
export type AmendmentOf<C> =
  | { v: 1; action: "withdraw"; reason: string }
  | { v: 1; action: "correct"; reason: string; content: C; at?: string | undefined };

export type BodyOf<C> = C | { kind: "amendment"; payload: AmendmentOf<C> };

/** An entry as a client sends it. */
export type DraftOf<C> = Envelope & BodyOf<C>;

/** An entry as the logbook holds it. */
export type EntryOf<C> = DraftOf<C> & { recordedAt: string; by: string };

/** A clock a little ahead is forgiven; a date in the future is not. Minutes. */
const CLOCK_SLACK_MINUTES = 5;
const EARLIEST = Date.parse("1900-01-01T00:00:00Z");

/**
 * Checks when an entry is said to have happened.
 * @param at ISO instant @param now milliseconds since 1970
 * @returns a sentence when the date cannot be, else undefined
 */
export function wrongDate(at: string, now: number): string | undefined {
  const moment = Date.parse(at);
  if (Number.isNaN(moment)) return "That is not a date.";
  if (moment > now + CLOCK_SLACK_MINUTES * 60_000)
    return "That lies in the future: an entry says what has happened. Check the date, or this device's clock.";
  if (moment < EARLIEST) return "That is before 1900: check the year.";
  return undefined;
}
