import { rewrite, textOf, type Piece } from "./piece";
import { got, stop, type PieceRead } from "./result";

const UNIT =
  "(?:[kMGmµunp]?(?:V|A|W|F|Ω|Hz|H)|k|R|n|p|µ|u|meg(?:ohms?)?|[km]?ohms?|mm?fd?|uu?fd?|µµ?fd?|volts?|watts?|%)";
/** A figure, a fraction, a unit or a plus at the beginning: the value is not over. */
const BEGINS_LIKE_A_VALUE = new RegExp(`^(?:[-−+±/]|[\\d.,½¼¾]|(?:${UNIT}|[mMKG])(?![\\p{L}\\d]))`, "u");
/** A figure with an electrical unit anywhere. */
const HOLDS_A_VALUE = new RegExp(`(?:^|[\\s/(])[\\d.,½¼¾]+\\s?${UNIT}(?![\\p{L}\\d])`, "u");

const QUOTED = /^["“]([\s\S]*)["”]$/;

/** Does what is left over behind a value look as if it belonged to the value? */
export const looksLikeMore = (text: string): boolean => BEGINS_LIKE_A_VALUE.test(text) || HOLDS_A_VALUE.test(text);

/** Writes a remark behind a value, in quotation marks where it would else be taken for more of the value. */
export const asRemark = (text: string): string => (looksLikeMore(text) || QUOTED.test(text) ? `"${text}"` : text);

/**
 * Reads what is left over behind a value. Words are a remark; what looks like a value, a unit or a plus is a question,
 * unless it stands in quotation marks.
 * @param what the value that it stands behind, for the question
 */
export function remarkAt(where: Piece, what: string): PieceRead<string> {
  const text = textOf(where);
  const quoted = QUOTED.exec(text);
  if (quoted) return got((quoted[1] ?? "").trim());
  if (!looksLikeMore(text)) return got(text);
  const choices = [{ label: `“${text}” is a remark`, text: rewrite(where, `"${text}"`) }];
  const bare = /^\d+(?:[.,]\d+)?$/.exec(text);
  if (bare)
    choices.unshift(
      { label: `${text} V`, text: rewrite(where, `${text} V`) },
      { label: `${text} W`, text: rewrite(where, `${text} W`) },
      { label: `${text} %`, text: rewrite(where, `${text} %`) },
    );
  return stop({
    kind: "question",
    question: `“${text}” stands behind ${what} and looks like more of it. Write the value in one piece, or say that it is a remark.`,
    choices,
  });
}

/** Puts a text between quotation marks. */
export const asQuoted = (text: string): string => `"${text.replaceAll('"', "'")}"`;
