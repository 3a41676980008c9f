"use client";

import { useState } from "react";
import { loansOut, type Content, type OpenPoint } from "@/core/kinds";
import { openPoints } from "@/core/history";
import { ErrorText } from "@/ui/Field";
import { useLogbook } from "@/ui/logbook";

function Settle({ point }: { point: OpenPoint }) {
  const { append } = useLogbook();
  const [open, setOpen] = useState(false);
  const [how, setHow] = useState("");
  const [waive, setWaive] = useState(false);
  const [error, setError] = useState<string>();
  const settle = async () => {
    if (!how.trim()) return setError("Say how it was settled.");
    // A line that a modification made necessary is answered by itself, done or waived with its reason.
    const { line } = point;
    const outcome = await append(
      line
        ? {
            kind: "tick",
            payload: {
              v: 1,
              about: point.id,
              ...line,
              ...(waive ? { state: "skipped", why: how.trim() } : { state: "done", saw: how.trim() }),
            },
          }
        : { kind: "note", payload: { v: 1, text: how.trim(), open: false, closes: [point.id] } },
    );
    return setError(outcome.ok ? undefined : outcome.problems[0]?.message);
  };
  if (!open)
    return (
      <button
        type="button"
        className="btn btn-outline h-10"
        onClick={() => setOpen(true)}
        aria-label={`Settle: ${point.text}`}
      >
        Settle
      </button>
    );
  return (
    <form
      className="flex w-full flex-wrap gap-2"
      onSubmit={(event) => {
        event.preventDefault();
        void settle();
      }}
    >
      <input
        className="input h-11 grow"
        autoFocus
        value={how}
        aria-label={`How it was settled: ${point.text}`}
        placeholder="how it was settled"
        onChange={(event) => setHow(event.target.value)}
      />
      {point.line ? (
        <label className="flex min-h-11 items-center gap-2">
          <input
            type="checkbox"
            className="checkbox"
            checked={waive}
            onChange={(event) => setWaive(event.target.checked)}
          />
          waived
        </label>
      ) : null}
      <button className="btn btn-primary h-11">Settled</button>
      {error ? <ErrorText>{error}</ErrorText> : null}
    </form>
  );
}

/** A loan and a soak are settled by what is done, and by no word on it. */
function Act({ point, button, content }: { point: OpenPoint; button: string; content: Content }) {
  const { append } = useLogbook();
  return (
    <button
      type="button"
      className="btn btn-outline h-10"
      aria-label={`${button}: ${point.text}`}
      onClick={() => void append(content)}
    >
      {button}
    </button>
  );
}

function Answer({ point }: { point: OpenPoint }) {
  const { settled } = useLogbook();
  if (point.kind === "loan") {
    const what = loansOut(settled).find(({ id }) => id === point.id)?.what ?? point.text.slice(0, 120);
    const content: Content = { kind: "loan", payload: { v: 1, what, state: "out", about: point.id } };
    return <Act point={point} button="It is out again" content={content} />;
  }
  if (point.kind === "soak")
    return <Act point={point} button="End the soak" content={{ kind: "soak", payload: { v: 1, state: "end" } }} />;
  return <Settle point={point} />;
}

/** What the set still asks for; each point is settled with a word on how. */
export function OpenPoints() {
  const { settled, input } = useLogbook();
  const points = openPoints(settled, input.now);
  const blocking = points.filter((point) => point.blocks);
  const left = points.filter((point) => !point.blocks);
  return (
    <div className="mb-3">
      <h2 className="font-bold">Open points</h2>
      {blocking.length === 0 ? <p className="dim">None: nothing stands in the way.</p> : null}
      <ul>
        {blocking.map((point) => (
          <li
            key={`${point.id} ${point.text}`}
            className="flex min-h-11 flex-wrap items-center gap-2 border-b border-base-300 py-1"
          >
            <span className="grow">{point.text}</span>
            <Answer point={point} />
          </li>
        ))}
      </ul>
      {left.length > 0 ? (
        <p className="dim mt-2">Left as they are: {left.map((point) => point.text).join("; ")}.</p>
      ) : null}
    </div>
  );
}
