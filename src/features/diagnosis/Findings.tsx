"use client";

import { useState } from "react";
import { describe, ofKind } from "@/core/kinds";
import type { FindingState, HeardAgain } from "@/core/visit";
import { ErrorText } from "@/ui/form";
import { useLogbook } from "@/ui/logbook";

type EntryOf = (id: string) => { n: number; text: string } | undefined;

const STATE_WORDS: Record<FindingState["state"], string> = {
  found: "found, not mended yet",
  mended: "mended, not shown gone yet",
  closed: "found, mended and shown gone",
  reopened: "reopened: the search goes on",
};

/** One finding and what it still needs: what mended it, and the test that shows it gone. */
function Finding({
  finding,
  again,
  entryOf,
}: {
  finding: FindingState;
  again: readonly HeardAgain[];
  entryOf: EntryOf;
}) {
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
    setError(undefined);
    const outcome = await append({ kind: "finding", payload: { ...kept, state: "found", about: id, ...change } });
    // What was typed, and what was said, while the server took its time stays.
    if (outcome.ok) setWords((now) => (now === words ? "" : now));
    else setError(outcome.problems[0]?.message);
  };
  const mended = () => {
    if (!words.trim()) return setError("Say what mended it: C14 replaced, joint reflowed, contacts cleaned.");
    return void say({ mended: words.trim(), gone: [] });
  };
  /** Listens again, to what was complained of: each test is an entry of its own, and evidence. */
  const hear = async (which: "good" | "bad"): Promise<string[] | undefined> => {
    const heard: string[] = [];
    for (const { id: test, name, [which]: outcome } of again) {
      const answer = await append({
        kind: "fault-test",
        payload: { v: 1, test, outcome: outcome.key, what: name, says: outcome.says },
      });
      if (!answer.ok) {
        setError(answer.problems[0]?.message);
        return undefined;
      }
      heard.push(answer.id);
    }
    return heard;
  };
  const gone = async () => {
    const heard = await hear("good");
    if (heard) await say({ gone: heard });
  };
  const still = async () => {
    const why = words.trim();
    if (!why) return setError("Say what is still there.");
    if (await hear("bad")) await say({ state: "reopened", gone: [], why });
    return undefined;
  };
  return (
    <li className="flex flex-col gap-2 border-b border-base-300 py-2">
      <p>
        <strong>{finding.cause}</strong> <span className="dim">({STATE_WORDS[state]})</span>
        {latest.mended ? <span> Mended: {latest.mended}.</span> : null}
        {latest.why ? <span> Still there: {latest.why}.</span> : null}
      </p>
      {latest.evidence.length > 0 ? (
        <details>
          <summary className="dim flex min-h-10 cursor-pointer items-center">
            What shows it ({latest.evidence.length})
          </summary>
          <ul className="pl-3">
            {latest.evidence.map((id) => {
              const entry = entryOf(id);
              return entry ? (
                <li key={id}>
                  <span className="dim font-mono">#{entry.n}</span> {entry.text}
                </li>
              ) : null;
            })}
          </ul>
        </details>
      ) : null}
      {state === "mended" && again.length > 0 ? (
        <p className="dim">To be heard again: {again.map(({ name }) => name.replace(/, again$/, "")).join("; ")}.</p>
      ) : null}
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
            <button type="button" className="btn btn-outline h-10" onClick={() => void still()}>
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

type FindingsProps = {
  findings: readonly FindingState[];
  /** what tells whether a mended fault is gone */
  againOf: (fault: string) => readonly HeardAgain[];
  entryOf: EntryOf;
};

export function Findings({ findings, againOf, entryOf }: FindingsProps) {
  if (findings.length === 0) return null;
  return (
    <section aria-label="Findings">
      <h2 className="text-lg font-bold">Found</h2>
      <ul>
        {findings.map((finding) => (
          <Finding key={finding.id} finding={finding} again={againOf(finding.fault)} entryOf={entryOf} />
        ))}
      </ul>
    </section>
  );
}
