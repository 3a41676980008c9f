import type { Circuit } from "../../model";
import { SHORT_BELOW } from "../short";
import type { Said } from "./types";

const SUPPLY = /\bb ?\+|\bht\b|\bhv\b|\bhigh (tension|voltage)\b|\b(plate|anode) (supply|voltage)\b/;
const OHMS = /(\d+(?:[.,]\d+)?) ?(k|meg|m)?\s?(ohms?|ω|Ω)/i;
const UNITS: Record<string, number> = { k: 1e3, m: 1e6, meg: 1e6 };

/** Volts of a supply in words: no B+, B+ is low. */
const VOLTS: readonly [RegExp, string][] = [
  [/\b(no|without|missing|zero|nothing|gone|dead|absent)\b/, "none"],
  [/\b(low|half|sags?|drops?|down|too little)\b/, "low"],
  [/\b(high|too much)\b/, "high"],
  [/\b(fine|ok|right|normal|good|present|there)\b/, "normal"],
];

/**
 * What a part of a sentence says of a supply, of its ohms, of a lamp in series or of the current: what a complaint from
 * another bench often holds.
 * @returns nothing where it is about something else
 */
export function measured(text: string, { stages }: Circuit): Said[] {
  const rail = stages.find(({ kind }) => kind === "reservoir") ?? stages.find(({ kind }) => kind === "high-voltage");
  if (rail && SUPPLY.test(text)) {
    const [, figure, unit] = OHMS.exec(text) ?? [];
    if (figure) {
      const ohms = Number(figure.replace(",", ".")) * (UNITS[(unit ?? "").toLowerCase()] ?? 1);
      return [{ test: `ohms:${rail.id}`, outcome: ohms < SHORT_BELOW ? "low" : "normal" }];
    }
    if (/\bshort/.test(text) && !/\b(no|not)\b/.test(text)) return [{ test: `ohms:${rail.id}`, outcome: "low" }];
    const said = text.replace(SUPPLY, "");
    const [, outcome] = VOLTS.find(([words]) => words.test(said)) ?? [];
    return outcome ? [{ test: `rail:${rail.id}`, outcome }] : [];
  }
  if (
    /\b(lamp|bulb) limiter\b|\blimiter lamp\b|\bseries (lamp|bulb)\b|\b(dim )?bulb tester\b|\b(lamp|bulb) in series\b/.test(
      text,
    )
  )
    return /\b(bright|full)/.test(text)
      ? [{ test: "lamp", outcome: "bright" }]
      : /\b(dim|dark|dull|fine|ok)/.test(text)
        ? [{ test: "lamp", outcome: "dim" }]
        : [];
  if (
    /\b(draws|takes|pulls) (far )?too much\b|\b(too much|excess(ive)?|high) (line |mains |supply )?current\b|(?<!\b(?:grid|screen) )\bcurrent (is )?(far )?too high\b|\bcurrent limit\b/.test(
      text,
    )
  )
    return [{ test: "line", outcome: "high" }];
  return [];
}
