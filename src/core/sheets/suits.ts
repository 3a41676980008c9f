import type { Sheet } from "../model";
import { tubeType } from "../tubes";
import type { Nature } from "./sheet";
import type { TestSheet } from "./schemas/sheet";

/** What a set is, as far as its sheet says. */
export function naturesOf({ kind, supply, tubes }: Pick<Sheet, "kind" | "supply" | "tubes">): Set<Nature> {
  const words = kind.toLowerCase();
  const is = (pattern: RegExp) => pattern.test(words);
  const amplifier = is(/\b(linear|power|rf) amplifier\b|\blinear\b/);
  const transmitter = is(/transmitter|transceiver|transmit/);
  const receiver =
    is(/receiver|transceiver|superhet|\btrf\b|portable|table set|radio|tuner/) || !(amplifier || transmitter);
  const found: [Nature, boolean][] = [
    ["amplifier", amplifier],
    ["transmitter", transmitter],
    ["receiver", receiver],
    ["communications", is(/communications|transceiver|amateur|short-?wave receiver/)],
    ["fm", is(/\bfm\b|\bvhf\b|\bukw\b/)],
    ["tubes", tubes.length > 0],
    ["battery", supply === "battery" || supply === "low-voltage"],
    ["mains", supply !== "battery" && supply !== "low-voltage"],
    ["any", true],
  ];
  return new Set(found.flatMap(([nature, so]) => (so ? [nature] : [])));
}

/** Natures that many sets share: a sheet for them is no sheet for this kind of set. */
const BROAD: readonly Nature[] = ["any", "mains", "tubes"];

/** Sheets for a set: those that suit it, those of its very kind first; all others behind. */
export function sheetsFor(
  set: Pick<Sheet, "kind" | "supply" | "tubes">,
  sheets: readonly TestSheet[],
): { suit: TestSheet[]; others: TestSheet[] } {
  const natures = naturesOf(set);
  const suits = (sheet: TestSheet) => sheet.suits.some((nature) => natures.has(nature));
  const own = (sheet: TestSheet) => sheet.suits.some((nature) => !BROAD.includes(nature) && natures.has(nature));
  const suit = sheets.filter(suits);
  return {
    suit: [...suit.filter(own), ...suit.filter((sheet) => !own(sheet))],
    others: sheets.filter((sheet) => !suits(sheet)),
  };
}

/** The most frequent of some texts. */
const usual = (texts: readonly string[]): string | undefined => {
  const count = new Map<string, number>();
  for (const text of texts) count.set(text, (count.get(text) ?? 0) + 1);
  return [...count].sort((a, b) => b[1] - a[1])[0]?.[0];
};

/** Positions of the line-up that make the power of a transmitter. */
const FINAL = /final|power amplifier|\bpa\b|output/i;

/**
 * What the set-up of a run can be filled with from the model's sheet: tubes of the final and the limit of each from the
 * tube table, the frequency of the ripple from the line and the rectifier, the generator's usual resistance.
 * @returns texts by the key of the column; what is not known is left out
 */
export function setupFromModel(
  sheet: TestSheet,
  model: Pick<Sheet, "tubes" | "lineHz" | "rectifier" | "supply">,
): Record<string, string> {
  const finals = model.tubes.filter(({ work }) => FINAL.test(work) && !/driver|pre/i.test(work));
  const type = usual(finals.map((one) => one.type));
  const limit = type ? tubeType(type)?.limits.plateWatts : undefined;
  const ripple = model.lineHz && model.rectifier ? model.lineHz * (model.rectifier === "half-wave" ? 1 : 2) : undefined;
  const known: Record<string, string | undefined> =
    sheet.group === "transmit"
      ? {
          tubes: type ? String(finals.filter((one) => one.type === type).length) : undefined,
          type,
          "plate-limit": limit === undefined ? undefined : `${limit} W`,
        }
      : sheet.group === "radio"
        ? { ohms: "50 Ω", dial: "terminated" }
        : { "ripple-hertz": ripple === undefined ? undefined : `${ripple} Hz` };
  const keys = new Set(sheet.setup.map(({ key }) => key));
  return Object.fromEntries(
    Object.entries(known).flatMap(([key, text]) => (text !== undefined && keys.has(key) ? [[key, text]] : [])),
  );
}
