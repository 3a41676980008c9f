import { NOT_A_NUMBER, OVERLOAD } from "./scpi/values";

/** What an instrument answered, read for what was asked. */
export type Answer = { ok: true; value: number } | { ok: false; why: AnswerTrouble; message: string };
export type AnswerTrouble = "overload" | "no number" | "several" | "comma" | "unit" | "empty";

const NUMBER = /^[+-]?(?:\d+\.?\d*|\.\d+)(?:[eE][+-]?\d+)?$/;
const WITH_UNIT = /^([+-]?(?:\d+\.?\d*|\.\d+)(?:[eE][+-]?\d+)?)\s*([A-Za-zµΩ%]+)$/;

/** Units as instruments write them behind a number, and what they multiply. */
const BEHIND: Record<string, { unit: string; scale: number }> = {
  ...{ V: { unit: "V", scale: 1 }, VDC: { unit: "V", scale: 1 }, VAC: { unit: "V", scale: 1 } },
  ...{ MV: { unit: "V", scale: 1e-3 }, A: { unit: "A", scale: 1 }, MA: { unit: "A", scale: 1e-3 } },
  ...{ OHM: { unit: "Ω", scale: 1 }, KOHM: { unit: "Ω", scale: 1e3 }, MOHM: { unit: "Ω", scale: 1e6 } },
  ...{ HZ: { unit: "Hz", scale: 1 }, KHZ: { unit: "Hz", scale: 1e3 }, MHZ: { unit: "Hz", scale: 1e6 } },
  ...{ W: { unit: "W", scale: 1 }, F: { unit: "F", scale: 1 } },
};

const trouble = (why: AnswerTrouble, message: string): Answer => ({ ok: false, why, message });

/**
 * Reads the answer to a question for one number.
 * @param text one line, without its end
 * @param unit what was asked for: V, A, Ω, Hz, W, F; nothing for a ratio
 * @returns the value in that unit, or why there is none, in a sentence for the bench
 * @example readAnswer("+2.481000E+02", "V") // 248.1 V
 */
export function readAnswer(text: string, unit: string): Answer {
  const said = text.trim();
  if (said === "") return trouble("empty", "The instrument answered nothing.");
  // Two answers at once: one of them belongs to a question before.
  if (/[;\r\n]/.test(said)) return trouble("several", "The instrument answered more than once: nothing was taken.");
  const commas = said.split(",");
  if (commas.length > 1) {
    const point =
      commas.length === 2 && /^[+-]?\d+$/.test(commas[0] ?? "") && /^\d+(?:[eE][+-]?\d+)?$/.test(commas[1] ?? "");
    return point
      ? trouble("comma", `“${said}” has a comma for a point: set the instrument to a decimal point.`)
      : trouble("several", `“${said}” is more than one number: ask for one.`);
  }
  const united = WITH_UNIT.exec(said);
  const plain = NUMBER.test(said) ? said : united?.[1];
  if (plain === undefined) return trouble("no number", `“${said.slice(0, 40)}” is not a number.`);
  let value = Number(plain);
  if (united && !NUMBER.test(said)) {
    const written = (united[2] ?? "").replace("Ω", "OHM");
    // A small m is milli everywhere; a large one is mega before ohms and hertz (IEEE 488.2, table 7-2).
    const milli = /^m(?:ohm|hz)$/i.test(written) && written.startsWith("m");
    const known = BEHIND[milli ? written.slice(1).toUpperCase() : written.toUpperCase()];
    const behind = known && milli ? { ...known, scale: 1e-3 } : known;
    if (behind?.unit !== unit)
      return trouble("unit", `The instrument answered in ${united[2]}, and ${unit || "a ratio"} was asked for.`);
    value *= behind.scale;
  }
  const size = Math.abs(value);
  if (Number.isFinite(value) && size >= NOT_A_NUMBER * 0.9999)
    return trouble("no number", "The instrument has no reading yet.");
  if (size >= OVERLOAD * 0.9999 || !Number.isFinite(value))
    return trouble(
      "overload",
      "Overload: more than the range can show. Take a higher range, or leave it to the instrument.",
    );
  return { ok: true, value };
}
