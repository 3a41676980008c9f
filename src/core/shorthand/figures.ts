import { figuresOf } from "../quantity";
import { textOf, type Piece } from "./piece";
import { got, stop, type PieceRead } from "./result";

/**
 * A figure of less than this share of its nominal, or more than so many times it, is another reading of the digits. Shop rule.
 * @example 1,450 of 1600: 1450 is comparable, 1.45 is not
 */
const COMPARABLE = 20;

/**
 * What two figures of a test are, where a group of three digits can be thousands: those that can be compared.
 * @returns a question with every way to read them where more than one remains
 */
export function figuresOfTest(where: Piece, texts: readonly (string | undefined)[]): PieceRead<(number | undefined)[]> {
  const [measured = [], nominal = []] = texts.map((text) => (text === undefined ? [] : figuresOf(text)));
  const pairs = measured.flatMap((one): [number, number | undefined][] =>
    nominal.length > 0 ? nominal.map((of) => [one, of]) : [[one, undefined]],
  );
  const near = ([one, of]: [number, number | undefined]) =>
    of === undefined || one === 0 || of === 0 || Math.abs(Math.log(Math.abs(one / of))) <= Math.log(COMPARABLE);
  const comparable = pairs.filter(near);
  const left = pairs.length > 1 && comparable.length > 0 ? comparable : pairs;
  const [only] = left;
  if (only && left.length === 1) return got(only);
  // `1,450/1,600 µS`: both in the same way. The first of a group is the decimal, the last the thousands.
  const rewritten = (pair: [number, number | undefined]) =>
    texts.reduce<string>(
      (line, text, at) => (text === undefined ? line : line.replace(text, String(pair[at] ?? text))),
      textOf(where),
    );
  return stop({
    kind: "question",
    question: `“${texts.filter(Boolean).join(" / ")}” can be read in more than one way. Which is it?`,
    choices: [left[0], left.at(-1)].flatMap((pair) =>
      pair
        ? [
            {
              label: pair.filter((one) => one !== undefined).join(" / "),
              text: where.line.slice(0, where.start) + rewritten(pair) + where.line.slice(where.end),
            },
          ]
        : [],
    ),
  });
}
