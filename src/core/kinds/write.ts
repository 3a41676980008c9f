import { ownValue } from "../quantity";
import type { NumberOf } from "../shorthand";
import type { Amendment, Content, ContentKind } from "./entries";
import type { KindLine, Versioned } from "./kind";
import { LINES } from "./lines";

/** The lines of all kinds, for what folds over them. */
export const ALL_LINES = LINES satisfies Record<ContentKind, unknown> as unknown as Readonly<
  Record<string, KindLine<Versioned>>
>;
const lineOfKind = ({ kind }: Content): KindLine<Versioned> =>
  ownValue(ALL_LINES, kind) ?? (LINES.unknown as unknown as KindLine<Versioned>);

const nobody: NumberOf = () => undefined;

/**
 * Writes an entry as the bench line that makes it. The forms show it, so that using them teaches the line.
 * @param numberOf the number on the tape of an entry that this one refers to
 */
export const writeLine = (content: Content, numberOf: NumberOf = nobody): string =>
  lineOfKind(content).write(content.payload as Versioned, numberOf);

/**
 * The line that makes an amendment again.
 * @param n number of the amended entry on the tape @param numberOf number of an entry by its id
 */
export const writeAmendment = (amendment: Amendment, n: number, numberOf: NumberOf = nobody): string =>
  amendment.action === "withdraw"
    ? `withdraw #${n} because ${amendment.reason}`
    : `amend #${n} ${writeLine(amendment.content, numberOf)} because ${amendment.reason}`;
