"use client";

import { useState } from "react";

type Answer = { ok: true } | { ok: false; message: string };
type ActProps = { act: () => Promise<Answer>; onDone?: () => void; className?: string; children: React.ReactNode };

const UNREACHABLE = "The server cannot be reached: try again in a moment.";

/** A button that does one thing on the server, and says beside it what came of it. */
export function ActButton({ act, onDone, className = "btn btn-outline h-11", children }: ActProps) {
  const [busy, setBusy] = useState(false);
  const [message, setMessage] = useState<string>();
  const press = async () => {
    setBusy(true);
    const answer = await act().catch((): Answer => ({ ok: false, message: UNREACHABLE }));
    setBusy(false);
    setMessage(answer.ok ? undefined : answer.message);
    if (answer.ok) onDone?.();
  };
  return (
    <>
      <button type="button" className={className} disabled={busy} onClick={() => void press()}>
        {children}
      </button>
      {message ? (
        <span role="alert" className="text-error">
          {message}
        </span>
      ) : null}
    </>
  );
}
