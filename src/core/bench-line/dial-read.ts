import type { LineQuestion } from "../shorthand";

const FIGURE = "(\\d{1,5}(?:[.,]\\d{1,4})?)\\s*([kM]?Hz|[kM]c)?";
const IS = "(?:is|reads?|shows?|gives?|=|->|comes\\s+in\\s+at|is\\s+really|really|actually|is\\s+actually)";
const READ = [
  new RegExp(`^(?:the\\s+)?dial\\s+(?:(?:at|on|of|set\\s+to)\\s+)?${FIGURE}\\s+${IS}\\s+${FIGURE}$`, "i"),
  new RegExp(`^${FIGURE}\\s+on\\s+the\\s+dial\\s+${IS}\\s+${FIGURE}$`, "i"),
];

/** A dial of decimals is in MHz, one of hundreds in kHz. */
const kilohertz = (figure: string, unit: string): number => {
  const value = Number(figure.replace(",", "."));
  return /^M/i.test(unit) || (unit === "" && value < 100) ? value * 1000 : /^Hz$/i.test(unit) ? value / 1000 : value;
};
const round = (kHz: number) => Number(kHz.toFixed(3));
const place = (kHz: number) => (kHz >= 2000 ? `${round(kHz / 1000)} MHz` : `${round(kHz)} kHz`);

/**
 * `dial 7.000 reads 7.015`: which of the two is the dial, and which the counter? The error of a dial is what it shows less
 * what is there.
 */
export function dialRead(line: string): LineQuestion | undefined {
  const [, one = "", oneUnit = "", two = "", twoUnit = ""] =
    READ.map((pattern) => pattern.exec(line.trim())).find(Boolean) ?? [];
  if (one === "") return undefined;
  const [first, second] = [kilohertz(one, oneUnit || twoUnit), kilohertz(two, twoUnit || oneUnit)];
  // Two figures a fifth apart are not one place on a dial.
  if (first <= 0 || Math.abs(first - second) > first / 5) return undefined;
  const choice = (shows: number, real: number) => ({
    label: `The dial shows ${place(shows)}, the frequency is ${place(real)}`,
    text: `test dial error ${round(shows - real)} kHz at ${place(real)}`,
  });
  return {
    kind: "question",
    question: "Which is the dial, and which is the frequency?",
    choices: [
      choice(first, second),
      ...(first === second ? [] : [choice(second, first)]),
      { label: "A note", text: `note ${line.trim()}` },
    ],
  };
}
