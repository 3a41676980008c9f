"use client";

import { useState } from "react";
import { describe, ofKind } from "@/core/kinds";
import type { FindingState } from "@/core/visit";
import { ErrorText } from "@/ui/form";
import { useLogbook } from "@/ui/logbook";

const STATE_WORDS: Record<FindingState["state"], string> = {
  found: "found, not mended yet",
  mended: "mended, not shown gone yet",
  closed: "found, mended and shown gone",
  reopened: "reopened: the search goes on",
};

/** One finding and what it still needs: what mended it, and the test that shows it gone. */
function Finding({ finding, listen }: { finding: FindingState; listen: string }) {
  const { settled, visit, append } = useLogbook();
  const [words, setWords] = useState("");
  const [error, setError] = useState<string>();
  const { latest, state, id } = finding;
  const designator = /@(.+)$/.exec(finding.fault)?.[1];
  const work = ofKind(settled, "part-work").filter(
    ({ entry, content }) =>
      entry.visitId === visit.id && (!designator || content.payload.designators.includes(designator)),
  );
  const say = async (change: Partial<typeof latest>) => {
    // What was said when it was reopened belongs to that word alone.
    const { why: _why, ...kept } = latest;
    const outcome = await append({ kind: "finding", payload: { ...kept, state: "found", about: id, ...change } });
    // What was typed while the server took its time stays.
    if (outcome.ok) setWords((now) => (now === words ? "" : now));
    setError(outcome.ok ? undefined : outcome.problems[0]?.message);
  };
  const mended = () => {
    if (!words.trim()) return setError("Say what mended it: C14 replaced, joint reflowed, contacts cleaned.");
    return void say({ mended: words.trim(), gone: [] });
  };
  /** Listens again: the test that shows it gone is an entry of its own. */
  const gone = async () => {
    const heard = await append({
      kind: "fault-test",
      payload: { v: 1, test: listen, outcome: "fine", what: "Listened again", says: "loud and clear" },
    });
    if (!heard.ok) return setError(heard.problems[0]?.message);
    return say({ gone: [heard.id] });
  };
  const still = () => {
    if (!words.trim()) return setError("Say what is still there.");
    return void say({ state: "reopened", gone: [], why: words.trim() });
  };
  return (
    <li className="flex flex-col gap-2 border-b border-base-300 py-2">
      <p>
        <strong>{finding.cause}</strong> <span className="dim">({STATE_WORDS[state]})</span>
        {latest.mended ? <span> Mended: {latest.mended}.</span> : null}
        {latest.why ? <span> Still there: {latest.why}.</span> : null}
      </p>
      {state === "closed" ? null : (
        <label className="flex items-center gap-2">
          <span className="font-semibold whitespace-nowrap">
            {state === "mended" ? "Still there, if anything:" : "What mended it:"}
          </span>
          <input
            className="input h-11 min-w-40 grow"
            value={words}
            onChange={(event) => setWords(event.target.value)}
          />
        </label>
      )}
      {error ? <ErrorText>{error}</ErrorText> : null}
      <div className="flex flex-wrap gap-2">
        {state === "found" || state === "reopened" ? (
          <>
            {work.map((item) => (
              <button
                key={item.entry.id}
                type="button"
                className="btn btn-outline h-10"
                onClick={() =>
                  void say({
                    work: [item.entry.id],
                    mended: `${describe(item.content).subject} ${describe(item.content).text}`.slice(0, 300),
                  })
                }
              >
                By {describe(item.content).subject} {item.content.payload.action}
              </button>
            ))}
            <button type="button" className="btn btn-primary h-10" onClick={mended}>
              Mended
            </button>
          </>
        ) : null}
        {state === "mended" ? (
          <>
            <button type="button" className="btn btn-primary h-10" onClick={() => void gone()}>
              Listened again: it is gone
            </button>
            <button type="button" className="btn btn-outline h-10" onClick={still}>
              It is still there
            </button>
          </>
        ) : null}
        {state === "closed" ? (
          <button
            type="button"
            className="btn btn-ghost h-10"
            onClick={() => void say({ state: "reopened", gone: [], why: "the symptom came back" })}
          >
            It came back
          </button>
        ) : null}
      </div>
    </li>
  );
}

export function Findings({ findings, listen }: { findings: readonly FindingState[]; listen: string }) {
  if (findings.length === 0) return null;
  return (
    <section aria-label="Findings">
      <h2 className="text-lg font-bold">Found</h2>
      <ul>
        {findings.map((finding) => (
          <Finding key={finding.id} finding={finding} listen={listen} />
        ))}
      </ul>
    </section>
  );
}
