"use client";

import { X } from "lucide-react";
import { useId } from "react";
import { meaningsOf, nearestMeanings, readingOf, said, type Meaning, type Said, type System } from "@/core/diagnosis";
import type { Circuit } from "@/core/model";
import { asked } from "@/ui/words";

type ReadAsProps = {
  text: string;
  /** how it is to be read, where somebody has put that right */
  reads?: readonly Said[] | undefined;
  circuit: Circuit;
  system: System;
  /** puts the reading right; without it the reading is shown alone. Nothing: by its words again */
  onReads?: (reads: Said[] | undefined) => void;
};

const labelOf = ({ name, says }: Pick<Meaning, "name" | "says">) => `${asked(name)} ${says}`;

/** How a symptom is read, as chips that can be put right; what was not read is said, with the nearest meanings to pick. */
export function ReadAs({ text, reads, circuit, system, onReads }: ReadAsProps) {
  const list = useId();
  const words = said(text, circuit);
  if (words.parts.length === 0) return null;
  const now: readonly Said[] = reads ?? words.outcomes;
  const { meanings: chips, unread, idle } = readingOf(words, reads, system);
  const add = ({ test, outcome }: Said) => onReads?.([...now.filter((one) => one.test !== test), { test, outcome }]);
  const all = onReads ? meaningsOf(system) : [];
  const near = onReads && unread.length > 0 ? nearestMeanings(unread.join(" "), system) : [];
  return (
    <div role="note" className="flex flex-wrap items-center gap-1 text-sm font-normal" aria-label="How it is read">
      {chips.length > 0 ? <span className="dim">{reads ? "Put right:" : "Read as:"}</span> : null}
      {reads && chips.length === 0 ? <span className="dim">Put right: it says nothing to the search.</span> : null}
      {chips.map(({ key, name, says, one }) => (
        <span key={key} className="flex items-center rounded-field border border-base-300 pl-1.5">
          {asked(name)}&nbsp;<strong>{says}</strong>
          {onReads ? (
            <button
              type="button"
              className="btn btn-ghost btn-square h-10 min-h-10 w-9"
              aria-label={`Not so: ${asked(name)} ${says}`}
              onClick={() => onReads(now.filter((other) => other !== one))}
            >
              <X size={14} aria-hidden="true" />
            </button>
          ) : (
            <span className="pr-1.5" />
          )}
        </span>
      ))}
      {unread.length > 0 ? (
        <span className="text-warning">I did not read this: {unread.map((part) => `“${part}”`).join(", ")}.</span>
      ) : null}
      {idle.length > 0 ? (
        <span className="dim">
          Nothing on the list of this set does this: {idle.map((part) => `“${part}”`).join(", ")}.
        </span>
      ) : null}
      {near.length > 0 ? <span className="dim">Did you mean</span> : null}
      {near.map((meaning) => (
        <button
          key={labelOf(meaning)}
          type="button"
          className="btn btn-outline h-10 min-h-10 px-2 font-normal"
          onClick={() => add(meaning)}
        >
          {labelOf(meaning)}
        </button>
      ))}
      {onReads ? (
        <>
          <input
            className="input h-10 w-44"
            list={list}
            aria-label="Another meaning"
            placeholder="another meaning"
            onChange={(event) => {
              const chosen = all.find((meaning) => labelOf(meaning) === event.target.value);
              if (!chosen) return;
              add(chosen);
              event.target.value = "";
            }}
          />
          <datalist id={list}>
            {all.map((meaning) => (
              <option key={labelOf(meaning)} value={labelOf(meaning)} />
            ))}
          </datalist>
        </>
      ) : null}
      {onReads && reads ? (
        <button type="button" className="btn btn-ghost h-10 min-h-10 px-2" onClick={() => onReads(undefined)}>
          By its words again
        </button>
      ) : null}
    </div>
  );
}
