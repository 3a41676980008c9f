import { notUnderstood, onTape, readAs, refer, textOf } from "../../shorthand";
import type { KindLine, Reader } from "../kind";
import type { Holds } from "./payload";

/** Kinds whose results may hold after later work. */
const RESULTS = ["reading", "test-result", "measured-row", "tube-test"];

/** `holds #12: cleaning the switch does not touch the output stage` */
const read: Reader = (rest, context) => {
  const found = /^#(\d+)[:\s]*/.exec(textOf(rest));
  const target = onTape(found?.[1], context);
  if (!found || !target?.content || !RESULTS.includes(target.content.kind))
    return notUnderstood(rest.start, "Say which reading or test still holds, by its number: holds #12: why.");
  const why = textOf(rest).slice(found[0].length).trim();
  if (!why) return notUnderstood(rest.end, "Say why it still holds after the work: holds #12: why.");
  return readAs({ v: 1, about: target.id, why }, rest.start);
};

export const line: KindLine<Holds> = {
  words: [{ begins: /^(holds)(?=\s)\s*/i, read }],
  write: ({ about, why }, numberOf) => `holds ${refer(about, numberOf)}: ${why}`,
  examples: [
    { line: "holds #12: the switch is not in its path", says: "a result from before the last work still holds" },
  ],
};
