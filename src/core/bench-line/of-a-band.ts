import { asWords, type LineQuestion } from "../shorthand";

const FREQUENCY = /^(MW|LW|SW ?\d?|FM|AM|SSB|CW|USB|LSB|IF)\s+([\d.,]+\s?[kM]Hz)(?=$|[\s,;:])(?!.*\d)/i;

/** `IF 455 kHz peaked`, `SW 9.5 MHz dead`: where something was heard or done is no reading of a point. */
export function ofABand(line: string): LineQuestion | undefined {
  const [, name = "", frequency = ""] = FREQUENCY.exec(line.trim()) ?? [];
  if (name === "") return undefined;
  return {
    kind: "question",
    question: `What of ${name} is ${frequency}?`,
    choices: [
      ...asWords(line),
      { label: "Its frequency was measured", text: `test frequency at ${name} ${frequency}` },
    ],
  };
}
