import { quantityOfDesignator } from "../../quantity";
import { nominalGm, tubeType } from "../../tubes";
import { notUnderstood, textOf, type Head, type LineContext, type LineReading, type Piece } from "../../shorthand";

export const EXAMPLES = "add -> and the new value, = and a measured value, or what was done (cleaned, left: why)";

/** What the sheet has at a place: a part's value, a tube's type. */
export const drawnHere = (designator: string, { sheet }: LineContext): string | undefined =>
  sheet.components.find((one) => one.designator === designator)?.drawn ??
  sheet.tubes.find(({ position }) => position === designator)?.type;

type Choice = { label: string; text: string };

/** What a tube's tester says in a word. */
const ON_TESTER: [RegExp, (designator: string) => Choice][] = [
  [/\bshort(?:s|ed)?\b/i, (one) => ({ label: "The tester found a short", text: `tube ${one} shorts found` })],
  [/\bgass?(?:y|es)?\b/i, (one) => ({ label: "The tester found gas", text: `tube ${one} shorts none; gas gassy` })],
];
const FIGURE = /(\d+(?:[.,]\d+)?)\s*(%|m[AS]|mA\/V|[µu]S|µmhos?)?\s*$/i;
/** A good new tube is at a little more than 100 %. */
const FULL = 130;
const GM = /\b(?:gm|transconductance|mutual)\b/i;

/** What a tube's figure is a share of: 100 %, or the transconductance of its data sheet. */
function shareOf(text: string, designator: string, { sheet }: LineContext): Choice[] {
  const [, figure, unit = ""] = FIGURE.exec(text) ?? [];
  if (!figure) return [];
  if (unit === "%") return [{ label: `${figure} of 100 %`, text: `${designator} emission ${figure}/100 %` }];
  if (unit === "" && /^(?:tests?|tested|emission)\s+[\d.,]+$/i.test(text) && Number(figure.replace(",", ".")) <= FULL)
    return [{ label: `${figure} of 100 %`, text: `${designator} emission ${figure}/100 %` }];
  const tube = sheet.tubes.find(({ position }) => position === designator);
  const type = tube && tubeType(tube.type);
  const gm = GM.test(text) && type ? nominalGm(type) : undefined;
  if (!gm) return [];
  const micro = Number(figure.replace(",", ".")) > 100;
  const nominal = Number((gm * (micro ? 1e6 : 1e3)).toPrecision(4));
  return [
    {
      label: `${figure} of ${nominal} ${micro ? "µS" : "mS"} (${type?.type})`,
      text: `${designator} gm ${figure}/${nominal} ${micro ? "µS" : "mS"}`,
    },
  ];
}

/** `R7 470k now 612k`, `R7 changed to 612k`: it drifted, or another one was put in. */
export function askNow(line: string, from: number, to: number): LineReading | undefined {
  const found = /[,\s]+(?:(?:is|has)\s+)?(?:now|changed\s+to)\s+(?=\S*\d)/i.exec(line.slice(from, to));
  if (!found) return undefined;
  const [before, behind] = [line.slice(0, from + found.index), line.slice(from + found.index + found[0].length)];
  return {
    kind: "question",
    question: `Did it measure ${behind.trim()}, or was that put in?`,
    choices: [
      { label: "It measured that", text: `${before} = ${behind}` },
      { label: "That was put in", text: `${before} -> ${behind}` },
      { label: "A note", text: `note ${line.trim()}` },
    ],
  };
}

/** A part that is as it should be. */
const SOUND =
  /^(?:(?:is|tests?|tested|looks?|measures?|measured)\s+)?(?:good|ok(?:ay)?|fine|sound|healthy|in order|all right|within tolerance)$/i;
/** What was done to a part, for which the log has no word of its own. */
const DONE =
  /\b(rewound|rewired|refitted|reseated|resoldered|soldered|tightened|straightened|insulated|taped|sleeved|moved|rebuilt|re-?glued|glued|painted)\b/i;

/**
 * A part with its value or with words on its state, and nothing that was done to it: `R20 open`, `V4 gassy`, `R7 470k`,
 * `L3 rewound`. What they are to be is asked.
 * @param marking the value that stands behind the part, where that is all
 */
export function askState(
  where: Piece,
  { designators, confirmed }: Pick<Head, "designators" | "confirmed">,
  marking: string | undefined,
  context: LineContext,
): LineReading {
  const names = designators.join("+");
  const text = textOf(where);
  const choices = choicesFor(text, { designators, confirmed }, marking, context);
  if (choices.length === 0) return notUnderstood(where.line.length, `${names}: ${EXAMPLES}.`);
  return {
    kind: "question",
    question: `${names}: what is “${text}”? To say what was done, add -> and a value, or a word like cleaned.`,
    choices: choices.slice(0, 4),
  };
}

function choicesFor(
  text: string,
  { designators, confirmed }: Pick<Head, "designators" | "confirmed">,
  marking: string | undefined,
  context: LineContext,
): Choice[] {
  const [designator = ""] = designators;
  const names = designators.join("+");
  // Asked once whether it is in this set is enough.
  const part = names.replace(designator, `${designator}${confirmed ? "!" : ""}`);
  const tube = designators.length === 1 && /^V\d/i.test(designator);
  const note = { label: "A note", text: `note ${names} ${text}` };
  if (marking !== undefined)
    return [
      // A rating is never measured.
      ...(/^[\d.,½¼¾]+\s?[a-zµΩ]*$/i.test(marking)
        ? [{ label: `It measured ${marking}`, text: `${part} = ${marking}` }]
        : []),
      { label: `${marking} was put in`, text: `${part} -> ${marking}` },
      note,
    ];
  const share = tube ? shareOf(text, designator, context) : [];
  if (!/[a-z]{2}|\b[os]\/c\b/i.test(text)) return share.length > 0 ? [...share, note] : [];
  if (SOUND.test(text)) return [{ label: "Left as it is", text: `${part} left: ${text}` }, note];
  const same = drawnHere(designator, context);
  if (/^(?:a )?new(?: one)?$|^renewed$/i.test(text) && same)
    return [{ label: `The same again: ${same}`, text: `${part} -> ${same}` }, note];
  const done = DONE.exec(text)?.[1];
  if (done) return [{ label: `It was ${done}`, text: `${part} repaired: ${text}` }, note];
  const open =
    /^(?:is\s+|(?:has\s+)?(?:burn(?:ed|t)|blown|gone|went)\s+)?(?:open(?:\s+circuit)?|o\/c)$/i.test(text) &&
    quantityOfDesignator(designator) === "resistance";
  return [
    ...(open ? [{ label: "It measured open", text: `${part} = open` }] : []),
    ...(tube ? ON_TESTER.flatMap(([word, choice]) => (word.test(text) ? [choice(designator)] : [])) : []),
    ...share,
    { label: "It is the fault that was looked for", text: `found ${designator}: ${text}` },
    { label: "Still to be done", text: `todo ${names} ${text}` },
    note,
  ];
}
