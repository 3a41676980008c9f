import { quantityOfDesignator } from "../../quantity";
import { piece, type Head, type LineContext, type LineReading } from "../../shorthand";
import { readMeasure } from "../component-test/line";
import { readTube } from "../tube-test/line";

/** What a part's tester gives beside its value, where a figure follows: `leak 5 µA at 200 V`, `esr 12`. */
const MEASURE =
  /(?:^|[\s,;])(?:(esr)|(leak(?:s|ing|age)?|leakage current)|(tan(?:\s*δ)?|d\.?f\.?))\s*[:=,]?\s*(?=\.?\d)/i;
const WORDS = ["esr", "leak", "tan"] as const;

/**
 * `C21 esr 12`, `C14 leaks 5 µA at 200 V`: figures of a part's tester without the word `measure`. Undefined where the
 * line is no such thing.
 */
export function readPartMeasure(line: string, head: Head, context: LineContext): LineReading | undefined {
  const [designator = ""] = head.designators;
  const behind = line.slice(head.end);
  if (quantityOfDesignator(designator) !== "capacitance" || head.designators.length > 1 || /->|→/.test(behind))
    return undefined;
  const found = MEASURE.exec(behind);
  if (!found) return undefined;
  const word = WORDS.find((_, at) => found[at + 1]) ?? "esr";
  const figures = behind
    .slice(found.index + found[0].length)
    .trim()
    // `5 µA 250 V` is so much at so many volts.
    .replace(/^([\d.,]+\s*[a-zµ]+)\s*@?\s*(?=\s[\d.,]+\s*k?v\b)/i, "$1 at")
    .replaceAll(/,\s*(?=(?:esr|leak|tan)\b)/gi, "; ")
    .replace(/\s+(in circuit|in-circuit|lifted|out)$/i, "; $1");
  const clause = `; ${word} ${figures}`;
  // A resistance is no leakage current: what was typed is left to the words on the part's state.
  if (word === "leak" && /^; leak [\d.,]+\s*(?:[kM]?(?:Ω|ohms?)|meg\w*|[kM])\b/i.test(clause)) return undefined;
  const said = behind.slice(0, found.index).trim().replace(/[,;]$/, "");
  // `8 µF = 11.2 µF`: marked, and measured.
  const [, markedFirst, measured] = /^(\S.*?)\s*=\s*(\S.*)$/.exec(said) ?? [];
  const before = measured === undefined ? said : `= ${measured}`;
  const name = `measure ${designator}${head.confirmed ? "!" : ""}`;
  // A voltage is marked on a part, and never measured of it.
  const marked = markedFirst ?? (/\/\s*\d|\d\s*v\b/i.test(before) ? before : undefined);
  if (before && !marked && !before.startsWith("="))
    return {
      kind: "question",
      question: `Is “${before}” marked on ${designator}, or did it measure that?`,
      choices: [
        { label: "Marked on it: only what follows was measured", text: `${name}${clause}; note marked ${before}` },
        { label: `It measured ${before}`, text: `${name} ${before}${clause}` },
      ],
    };
  const value = before.startsWith("=") ? ` ${before.slice(1).trim()}` : "";
  const text = `${name}${value}${clause}${marked ? `; note marked ${marked}` : ""}`;
  const reading = readMeasure(piece(text, "measure ".length, text.length), context);
  return reading.kind === "payload" ? { ...reading, of: "component-test" } : reading;
}

/** `V2 shorts none gas none gm 4500/4800`: a tube on its tester, without the word `tube` and without semicolons. */
export function readTubeWords(line: string, head: Head, context: LineContext): LineReading | undefined {
  const behind = line.slice(head.end).trim();
  if (!/^V\d/i.test(head.designators[0] ?? "") || !/^shorts?\s/i.test(behind) || /->|→/.test(behind)) return undefined;
  const clauses = behind.replaceAll(/\s*[;,]?\s+(?=(?:gas|gm|emission|type|on|note)\s)/gi, "; ");
  const text = `tube ${head.designators[0]}${head.confirmed ? "!" : ""} ${clauses}`;
  const reading = readTube(piece(text, "tube ".length, text.length), context);
  return reading.kind === "payload" ? { ...reading, of: "tube-test" } : reading;
}
