import { expectationFor, type Content } from "../kinds";
import { payloadOf, type LineContext } from "../shorthand";

/** While First power is open: `60 V 0.1 A, B+ 80` as the step of the power-up that it is. */

type PowerStep = Extract<Content, { kind: "power-step" }>["payload"];

const FIGURE = "[\\d.,]*\\d";
const SAID = new RegExp(
  `^(?:(?:at|line|mains|variac(?:\\s+(?:at|on))?)\\s+)?(${FIGURE})\\s?V(?:olts)?\\s*[,:;]?\\s+(${FIGURE}\\s?m?A)(?![\\w/])(.*)$`,
  "i",
);
const MORE: readonly (readonly [RegExp, string])[] = [
  [new RegExp(`^(?:B\\s?\\+|HT)\\s*[:=]?\\s*(${FIGURE})\\s?V?(?=$|[\\s,;])`, "i"), "B+"],
  [new RegExp(`^(?:heaters?|filaments?)\\s*[:=]?\\s*(${FIGURE})\\s?V?(?=$|[\\s,;])`, "i"), "heaters"],
  [/^(?:the\s+)?lamp(?:\s+is)?\s+(dark|dim|bright)(?=$|[\s,;])/i, "lamp"],
  [new RegExp(`^(?:held|for)\\s+(${FIGURE}\\s?(?:s|sec|seconds?|min|minutes?))(?=$|[\\s,;])`, "i"), "held"],
];

/** What is said behind volts and amperes, as clauses; undefined where something else is said too. */
function clausesOf(text: string): string[] | undefined {
  const found: string[] = [];
  let rest = text;
  for (;;) {
    rest = rest.replace(/^[\s,;]+(?:and\s+)?/, "");
    if (rest === "") return found;
    const [words, clause] = MORE.find(([one]) => one.test(rest)) ?? [];
    const [whole = "", figure = ""] = words?.exec(rest) ?? [];
    if (whole === "") return undefined;
    found.push(`${clause} ${clause === "lamp" ? figure.toLowerCase() : figure}`);
    rest = rest.slice(whole.length);
  }
}

/** The step before it on the tape tells what it is powered from, and whether the rectifier is in. */
function before({ tape }: LineContext): Pick<PowerStep, "method" | "stage" | "expected"> | undefined {
  return tape.map(({ content }) => payloadOf<PowerStep>(content, "power-step")).findLast((step) => step !== undefined);
}

const RECTIFIED: readonly PowerStep["stage"][] = ["rectifier-in"];
const BOTH: readonly PowerStep["stage"][] = ["rectifier-out", "rectifier-in"];

/**
 * The lines that a line while First power is open may be: one where a step stands on the tape, else one for each way that
 * a set is brought up. The share is that of the set's full supply: its tap, and not what the bench happens to have.
 */
export function powerWords(line: string, context: LineContext): string[] {
  if (context.step !== "first-power") return [];
  const [, volts = "", amps = "", more = ""] = SAID.exec(line.trim()) ?? [];
  const clauses = volts === "" ? undefined : clausesOf(more);
  if (!clauses) return [];
  const step = before(context);
  const says = (word: string) => clauses.some((one) => one.startsWith(`${word} `));
  const variac = /^variac\b/i.test(line.trim());
  const methods: readonly PowerStep["method"][] = step
    ? [step.method]
    : variac
      ? ["variac"]
      : says("lamp")
        ? ["lamp"]
        : ["variac", "lamp"];
  // Where there is B+ the rectifier is in.
  const rectified = clauses.some((one) => /^B\+ .*[1-9]/.test(one));
  const stages = step ? [step.stage] : rectified ? RECTIFIED : BOTH;
  return methods.flatMap((method) =>
    stages.flatMap((stage) => {
      const { fullVolts } = step?.expected ?? expectationFor(context, method, stage);
      const share = Math.round((100 * Number.parseFloat(volts.replace(",", "."))) / fullVolts);
      return share > 0 && share <= 100
        ? [[`power ${method} ${stage} ${share} %`, `line ${volts} V`, `amps ${amps}`, ...clauses].join("; ")]
        : [];
    }),
  );
}
