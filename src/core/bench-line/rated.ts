import type { LineQuestion } from "../shorthand";

const RATED =
  /^(?!.*\b(?:fitted|installed|put in|replaced|cleaned)\b)((?:(?:mains|line|plate|ht|main|internal)\s+)?fuse|(?:(?:pilot|dial|panel|scale)\s+)?(?:lamp|bulb|light))\s+(?:is\s+|=\s*|:\s*)?([\d.,]+\s?m?[AVW](?:\s+[\d.,]+\s?m?[AVW])*(?:\s+(?:[TFM]|slow|fast|quick|ok|okay|good|fine|correct|right)\b.*)?)$/i;

/** `fuse 1 A`: what is marked on it, what went in, or what flows? A fuse and a lamp have figures of their own. */
export function ratedOrRead(line: string): LineQuestion | undefined {
  const [, place = "", figures = ""] = RATED.exec(line.trim()) ?? [];
  if (place === "") return undefined;
  const current = /fuse/i.test(place) && /^[\d.,]+\s?m?A$/i.test(figures);
  return {
    kind: "question",
    question: `What is ${figures}?`,
    choices: [
      { label: "It went in", text: `${place} -> ${figures}` },
      { label: "It is marked so: a note", text: `note ${line.trim()}` },
      ...(current ? [{ label: "So much flows through it", text: `${place} current ${figures}` }] : []),
    ],
  };
}
