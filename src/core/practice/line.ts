import { nodeOfPoint } from "../model";
import type { Act } from "./acts";
import { partChecked } from "./part-checked";

/** What a practice bench knows by name: its points, and what can be done to it. */
export type ActWords = {
  points: readonly string[];
  tests: readonly { id: string; name: string; stage: string; check: boolean }[];
};

/** A line as it was read: something to do, several things that it can mean, or a sentence about what it lacks. */
export type ActRead =
  { kind: "act"; act: Act } | { kind: "choices"; choices: string[] } | { kind: "problem"; message: string };

/** More than these are no choice but a list. */
const MOST_CHOICES = 6;

const POWER: readonly [RegExp, Act][] = [
  [/^on(,? (from )?(the )?(wall|line))?$/, { do: "on", through: "line" }],
  [/^on,? (through )?(the )?lamp( limiter)?$/, { do: "on", through: "lamp" }],
  [/^on,? (through )?(an? )?(isolat(ed|ing transformer)|transformer)$/, { do: "on", through: "isolated" }],
  [/^(off|unplug(ged)?|off and unplugged)$/, { do: "off" }],
  [/^discharged?( and measured?)?$/, { do: "discharge" }],
  [/^advice$/, { do: "advice" }],
];

const MENDS = /^(?:put right|replace|exchange|clean|renew)\s+(.+)$|^(.+?)\s*->\s*new$/;
const READS_AT = /^(.+?)(?:,?\s+(volts|v|ohms|Ω))?(,?\s+clip(?:ped)?(?: on)?)?$/;

const act = (one: Act): ActRead => ({ kind: "act", act: one });
const wordsOf = (text: string): string[] => text.toLowerCase().match(/[\p{L}\d]+/gu) ?? [];

/** The rows that are called so, word by word. */
function called(rows: ActWords["tests"], text: string): ActWords["tests"] {
  const said = wordsOf(text).join(" ");
  return rows.filter(({ name }) => [name, partChecked(name)].some((one) => wordsOf(one).join(" ") === said));
}

/** The rows that have every word, the whole of it or its beginning; those that are called so come alone. */
function fitting(rows: ActWords["tests"], text: string): ActWords["tests"] {
  const words = wordsOf(text);
  const inFull = called(rows, text);
  if (words.length === 0 || inFull.length > 0) return inFull;
  return rows.filter(({ name, stage }) => {
    const said = wordsOf(`${name} ${stage}`);
    return words.every((word) => said.some((one) => (/\d/.test(word) ? one === word : one.startsWith(word))));
  });
}

function one(
  rows: ActWords["tests"],
  text: string,
  line: (name: string) => string,
  then: (id: string) => Act,
): ActRead {
  const found = fitting(rows, text);
  const [first] = found;
  if (found.length === 1 && first) return act(then(first.id));
  if (found.length === 0) return { kind: "problem", message: `Nothing at this set is called “${text}”.` };
  if (found.length > MOST_CHOICES)
    return { kind: "problem", message: `${found.length} fit “${text}”: add a word, a stage or a designator.` };
  return { kind: "choices", choices: found.map(({ name }) => line(name)) };
}

/**
 * Reads a line of a practice bench: `V4 grid`, `B+ ohms`, `V6 plate clip`, `on lamp`, `off`, `discharge`, `check C7`,
 * `C7 -> new`, or the words of a test.
 */
export function readAct(line: string, { points, tests }: ActWords): ActRead | undefined {
  const text = line.trim().replaceAll(/\s+/g, " ");
  if (text === "") return undefined;
  const lower = text.toLowerCase();
  const power = POWER.find(([pattern]) => pattern.test(lower));
  if (power) return act(power[1]);
  const mend = MENDS.exec(lower);
  const checks = tests.filter(({ check }) => check);
  const mended = mend?.[1] ?? mend?.[2];
  if (mended !== undefined)
    return one(
      checks,
      mended,
      (name) => `put right ${partChecked(name)}`,
      (check) => ({ do: "exchange", check }),
    );
  const read = READS_AT.exec(text);
  const point = points.find((known) => nodeOfPoint(known).toLowerCase() === nodeOfPoint(read?.[1] ?? "").toLowerCase());
  if (point !== undefined)
    return act(
      /^(ohms|Ω)$/i.test(read?.[2] ?? "")
        ? { do: "ohms", point }
        : { do: "volts", point, clip: read?.[3] !== undefined },
    );
  // A part is checked where that is said, or where its check is called so.
  const check = /^check (the )?(.+)$/.exec(lower)?.[2] ?? (called(checks, text).length > 0 ? text : undefined);
  return one(
    check === undefined ? tests.filter((row) => !row.check) : checks,
    check ?? text,
    (name) => name,
    (test) => ({ do: "test", test }),
  );
}
