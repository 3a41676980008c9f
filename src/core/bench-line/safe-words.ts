import { makeSafeList } from "../power";
import type { LineContext } from "../shorthand";

/** With Make safe open: what was looked at, in a technician's own words, as the line of the list that it is. */

const CAPACITORS = "(?:all |the |filter |main )*(?:caps?|capacitors?|electrolytics|reservoir)";
const GOOD = "(?:ok|okay|good|fine|sound|right|correct|in order)";
const LEAD = "(?:(?:mains|line|power) )?(?:lead|cord|flex|cable)(?: and plug)?";
const BAD_LEAD = "cracked|perished|brittle|frayed|worn|hard|bare|bad|cut|taped|rotten|two[- ]core|loose";
const BAD_FUSE = "too (?:big|large|high|small)|bridged|shorted|missing|wrong|wire|foil|nail";

/** “Not bridged” is not wrong. What a “not” or “no” does to other words is asked. */
const NO_NOT = "(?!.*\\b(?:not|no|never|without|nor|isn't)\\b)";

/** A pattern over one part of the line, and what it is in the words of the list; `$1` is a figure or a remark. */
const SAID: readonly (readonly [pattern: string, key: string, state: string])[] = [
  ["(?:it is |set is |is )?unplugged|(?:mains )?plug (?:is )?(?:pulled|out)|pulled the plug", "unplugged", "ok"],
  [`(?:${CAPACITORS}(?: are| is)? )?discharged(?: ${CAPACITORS})?(?: (?:through|with|by) (.+))?`, "discharged", "ok"],
  [
    "(?:residual(?: voltage| charge)?|reservoir|(?:now )?measures|rest)\\s*:?\\s*([\\d.,]+ ?m?V)(?: (.*))?",
    "residual",
    "$1",
  ],
  ["([\\d.,]+ ?m?V)(?: (?:left|residual|remain\\w*|on the reservoir|(after .*)))?", "residual", "$1"],
  [`${LEAD} (?:is |looks )?${GOOD}`, "lead", "ok"],
  [`${LEAD} (?:is )?not (?:${BAD_LEAD})`, "lead", "ok"],
  [`${LEAD} (?:is )?(${NO_NOT}.*\\b(?:${BAD_LEAD})\\b.*)`, "lead", "wrong"],
  [`fuse (?:is )?(?:(\\S*\\d.*?) )?(?:is )?${GOOD}`, "fuse", "ok"],
  [`fuse (?:is )?(?:present,? )?not (?:${BAD_FUSE})`, "fuse", "ok"],
  [`fuse (?:is )?(${NO_NOT}.*\\b(?:${BAD_FUSE})\\b.*)`, "fuse", "wrong"],
  ["(?:loud)?speaker (?:is )?(?:connected|plugged in)", "speaker", "ok"],
  [
    "(?:set (?:is )?)?(?:on )?(?:an? |the )?isolat\\w+ transformer(?: (?:is )?(?:in use|ready|connected|ok))?",
    "isolation",
    "ok",
  ],
  ["(?:all )?(?:the )?tubes (?:are )?(?:ok|right|correct|in place|as listed|as in the line-?up)", "tubes", "ok"],
  ["(?:all )?(?:the )?(?:knobs? )?(?:grub |set )?screws? (?:are )?covered", "knobs", "ok"],
  ["(?:nothing|no parts?|no) burnt(?: parts?)?", "burnt", "ok"],
  ["nothing (?:loose|foreign|rattles|rattling)(?: inside)?|nothing loose or foreign", "foreign", "ok"],
];
const READS = SAID.map(([pattern, key, state]) => ({ said: new RegExp(`^(?:${pattern})$`, "i"), key, state }));

function asTick(part: string, keys: ReadonlySet<string>): string | undefined {
  for (const { said, key, state } of READS) {
    const found = said.exec(part);
    if (!found || !keys.has(key)) continue;
    const [first = "", ...more] = found.slice(1).map((one) => one?.trim() ?? "");
    // A figure that was measured stands in the place of its state; other words are a remark.
    const [measured, remark] = state === "$1" ? [first, more.join(" ").trim()] : [state, first.replace(/[,;]$/, "")];
    return `safe ${key} ${measured}${remark === "" ? "" : `: ${remark}`}`;
  }
  return undefined;
}

/**
 * `unplugged and discharged, 0.4 V` with Make safe open: the lines of its list, each as it would be typed. Undefined where a
 * part of the line is none of them.
 */
export function safeWords(line: string, { step, sheet, year }: LineContext): string[] | undefined {
  if (step !== "make-safe") return undefined;
  const keys = new Set(makeSafeList(sheet, year).map(({ key }) => key));
  const whole = asTick(line.trim(), keys);
  if (whole !== undefined) return [whole];
  const parts = line
    .trim()
    .split(/\s*[,;]\s+(?:and\s+)?|\s+and\s+/i)
    .filter(Boolean);
  const ticks = parts.flatMap((part) => asTick(part, keys) ?? []);
  return ticks.length > 0 && ticks.length === parts.length ? ticks : undefined;
}
