import { readingOf, type KnownSet, type Said } from "../../diagnosis";
import { notUnderstood, onTape, payloadOf, readAs, refer, textOf } from "../../shorthand";
import type { KindLine, Reader } from "../kind";
import { readReads, writeReads } from "../reads";
import type { Symptom } from "./payload";

/** How the search reads a symptom, and which of its words it does not read. */
function howRead(text: string, reads: readonly Said[] | undefined, { said, system }: KnownSet): string[] {
  const reading = readingOf(said(text), reads, system);
  const meanings = reading.meanings.map(({ name, says }) => `${name}${name.endsWith("?") ? "" : ":"} ${says}`);
  const quoted = (some: readonly string[]) => some.map((part) => `“${part}”`).join(", ");
  return [
    ...(meanings.length > 0 ? [`${reads ? "Put right" : "Read as"}: ${meanings.join("; ")}.`] : []),
    ...(reading.unread.length > 0
      ? [`I did not read this: ${quoted(reading.unread)}. Find offers what it may mean.`]
      : []),
    ...(reading.idle.length > 0 ? [`Nothing on the list of this set does this: ${quoted(reading.idle)}.`] : []),
  ];
}

/** `? hum worse when warm`, `gone #12`, `changed #12 hum only when cold`. */
const read: Reader = (rest, context, word) => {
  const state = word === "gone" || word === "changed" ? word : "present";
  const about = /^#(\d+)\s*/.exec(textOf(rest));
  const target = about ? onTape(about[1], context) : undefined;
  const named = payloadOf<Symptom>(target?.content, "symptom");
  if (about && !named) return notUnderstood(rest.start, `#${about[1]} is not a symptom on the tape.`);
  const text = textOf(rest).slice(about?.[0].length ?? 0);
  const put = /^(.*?)\s*\[([^\]]*)\]\s*$/s.exec(text);
  const reads = put ? readReads(put[2] ?? "") : undefined;
  if (put && !reads)
    return notUnderstood(
      rest.start,
      "How it is to be read stands in brackets: [hum double, warm changes], or [nothing].",
    );
  const what = (put?.[1] ?? text).trim() || (named?.what ?? "");
  return readAs(
    {
      v: 1,
      what,
      state,
      ...(target ? { about: target.id } : {}),
      ...(reads ? { reads } : {}),
    },
    rest.start,
    state === "gone" ? [] : howRead(what, reads, context.searched()),
  );
};

export const line: KindLine<Symptom> = {
  words: [
    { begins: /^(\?)/, read },
    { begins: /^(gone|changed)(?=\s|$)[:\s]*/i, read },
  ],
  write: ({ what, state, about, reads }, numberOf) =>
    [state === "present" ? "?" : state, refer(about, numberOf), what, reads && `[${writeReads(reads)}]`]
      .filter(Boolean)
      .join(" "),
  examples: [
    { line: "? hum worse when warm", says: "a symptom; [hum double] behind it says how it is to be read" },
    { line: "gone #12", says: "that symptom is gone; changed #12 and how it is now" },
  ],
};
