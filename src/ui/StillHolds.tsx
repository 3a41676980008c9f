"use client";

import { useState } from "react";
import { AskWords } from "./AskWords";
import { ErrorText } from "./form";
import { useLogbook } from "./logbook";

/** A result from before the last work: what was changed since, and the word that it still holds. */
export function StillHolds({ result, name, mark }: { result: string; name: string; mark: string }) {
  const { append } = useLogbook();
  const [asking, setAsking] = useState(false);
  const [error, setError] = useState<string>();
  const say = async (why: string) => {
    if (!why) return setError("Say why it still holds after the work.");
    const outcome = await append({ kind: "holds", payload: { v: 1, about: result, why } });
    if (!outcome.ok) return setError(outcome.problems[0]?.message);
    return setAsking(false);
  };
  return (
    <div className="text-sm">
      <span className="text-warning">{mark}</span>{" "}
      {asking ? null : (
        <button
          type="button"
          className="btn btn-outline h-10 px-2"
          aria-label={`${name} still holds`}
          onClick={() => setAsking(true)}
        >
          Still holds
        </button>
      )}
      {asking ? (
        <AskWords
          label={`Why ${name} still holds`}
          placeholder="what was changed is not in its path"
          onWrite={(words) => void say(words)}
          onCancel={() => setAsking(false)}
        />
      ) : null}
      {error ? <ErrorText>{error}</ErrorText> : null}
    </div>
  );
}
