import type { LineContext } from "./context";
import type { Piece } from "./piece";
import type { LineQuestion } from "./result";

/** `C14`, `C14!` (yes, it is in this set), `C1+C2` at the start of a line. */
const HEAD = /^\s*([A-Za-z]{1,3}\d{1,3}[A-Za-z]?)(!?)((?:\s*[+,/]\s*[A-Za-z]{1,3}\d{1,3}[A-Za-z]?!?)*)(?=\s|:|=|$)/;

export type Head = {
  designators: string[];
  confirmed: boolean;
  end: number;
  /** several, with a comma between them: it is not said that one part takes their place */
  listed: boolean;
};

/** The designators that a line begins with, if it does. */
export function headOf(line: string): Head | undefined {
  const found = HEAD.exec(line);
  if (!found) return undefined;
  const [whole, first = "", mark = "", more = ""] = found;
  const others = more
    .split(/[+,/]/)
    .map((text) => text.trim())
    .filter(Boolean);
  const all = [first + mark, ...others];
  return {
    designators: all.map((text) => text.replace("!", "").toUpperCase()),
    confirmed: all.some((text) => text.endsWith("!")),
    end: whole.length,
    listed: /[,/]/.test(more),
  };
}

/** A designator that the set does not have is a question, not a refusal. */
export function unknownDesignator({ line, start }: Piece, head: Head, context: LineContext): LineQuestion | undefined {
  const stranger = head.designators.find((designator) => !context.known.has(designator));
  if (context.known.size === 0 || head.confirmed || !stranger) return undefined;
  const letters = stranger.replace(/\d.*$/, "");
  const near = [...context.known].filter(
    (designator) => designator.replace(/\d.*$/, "") === letters && designator !== stranger,
  );
  const digits = Number(stranger.replace(/\D/g, ""));
  const distance = (designator: string) => Math.abs(Number(designator.replace(/\D/g, "")) - digits);
  const suggestions = near.sort((a, b) => distance(a) - distance(b)).slice(0, 2);
  const swap = (designator: string) =>
    line.slice(0, start) + line.slice(start).replace(new RegExp(`\\b${stranger}\\b`, "i"), designator);
  return {
    kind: "question",
    question: `${stranger} is not on this model's parts list. Is it really in this set?`,
    choices: [
      { label: `Yes, ${stranger} is in this set`, text: swap(`${stranger}!`) },
      ...suggestions.map((designator) => ({ label: `I meant ${designator}`, text: swap(designator) })),
    ],
  };
}
