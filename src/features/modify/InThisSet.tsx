"use client";

import { useState } from "react";
import { CHASSIS_WORDS, MOD_STATE_WORDS, pendingLines, type Modification, type ModState } from "@/core/kinds";
import { AskWords } from "@/ui/AskWords";
import { ErrorText } from "@/ui/form";
import { useLogbook } from "@/ui/logbook";
import { Time } from "@/ui/Time";
import { useWrite } from "./useWrite";

/** What can become of it next, by how it stands. */
const NEXT: Record<ModState, readonly { state: ModState; button: string; asks: string }[]> = {
  planned: [],
  found: [
    { state: "kept", button: "Keep and document", asks: "why it stays: sound, the owner uses it" },
    { state: "undone", button: "Put back", asks: "what was put back, and how" },
  ],
  fitted: [{ state: "undone", button: "Put back", asks: "why, and what was put back" }],
  kept: [{ state: "undone", button: "Put back", asks: "why, and what was put back" }],
  undone: [],
  dropped: [],
};

function Row({ one, onOpen }: { one: Modification; onOpen: () => void }) {
  const { visit } = useLogbook();
  const { write, error, setError } = useWrite();
  const [asking, setAsking] = useState<(typeof NEXT)["found"][number]>();
  const { payload, state } = one;
  const pending = pendingLines(one);
  const mine = one.visitId === visit.id;
  const change = async (words: string) => {
    if (!asking) return undefined;
    if (!words) return setError("Say a word on why, and how.");
    const done = await write({
      kind: "modification",
      payload: { ...payload, state: asking.state, about: one.id, remark: words },
    });
    if (done) setAsking(undefined);
    return undefined;
  };
  return (
    <li className="border-b border-base-300 py-1.5">
      <div className="flex flex-wrap items-center gap-x-3 gap-y-1">
        <div className="min-w-60 flex-1">
          <strong>{payload.name}</strong>{" "}
          <span className="rounded-field border border-base-content/40 px-1.5 text-sm font-semibold">
            {MOD_STATE_WORDS[state]}
          </span>{" "}
          <span className="dim text-sm">
            <Time iso={one.at} as="day" />
          </span>
          <span className="dim block text-sm">
            {[
              payload.what,
              CHASSIS_WORDS[payload.chassis],
              payload.reversible ? "can be put back" : "cannot be put back",
            ].join("; ")}
          </span>
          {pending.length > 0 ? (
            <span className="block text-sm font-semibold text-warning">
              {pending.length} {pending.length === 1 ? "line" : "lines"} still to verify or recalibrate
            </span>
          ) : null}
        </div>
        {(state === "planned" || state === "fitted") && mine ? (
          <button type="button" className="btn btn-primary h-10" aria-label={`Go on: ${payload.name}`} onClick={onOpen}>
            {state === "planned" ? "Go on" : "Open"}
          </button>
        ) : null}
        {NEXT[state].map((next) => (
          <button
            key={next.state}
            type="button"
            className="btn btn-outline h-10"
            aria-label={`${next.button}: ${payload.name}`}
            onClick={() => setAsking(next)}
          >
            {next.button}
          </button>
        ))}
      </div>
      {asking ? (
        <>
          {asking.state === "undone" && payload.undo ? <p>To put it back: {payload.undo}</p> : null}
          <AskWords
            label={`${asking.button}: ${asking.asks}`}
            placeholder={asking.asks}
            onWrite={(words) => void change(words)}
            onCancel={() => setAsking(undefined)}
          />
        </>
      ) : null}
      {error ? <ErrorText>{error}</ErrorText> : null}
    </li>
  );
}

/** Modifications of this set over all its visits. */
export function InThisSet({ all, onOpen }: { all: readonly Modification[]; onOpen: (id: string) => void }) {
  return (
    <section aria-label="Modifications of this set">
      <h2 className="text-lg font-bold">In this set</h2>
      {all.length === 0 ? (
        <p className="dim">The log knows of no modification: it is as it left the works, or nobody looked.</p>
      ) : null}
      <ul>
        {all.map((one) => (
          <Row key={one.id} one={one} onOpen={() => onOpen(one.id)} />
        ))}
      </ul>
    </section>
  );
}
