"use client";

import { useState } from "react";
import type { ActionName } from "@/core/access";
import { useRefusal } from "@/ui/role";

type Answer = { ok: true } | { ok: false; message: string };
type ActProps = {
  /** the action that it does: nobody sees it who may not */
  asks: ActionName | undefined;
  act: () => Promise<Answer>;
  onDone?: () => void;
  className?: string;
  children: React.ReactNode;
};

const UNREACHABLE = "The server cannot be reached: try again in a moment.";

/** A button that does one thing on the server, and says beside it what came of it. */
export function ActButton({ asks, act, onDone, className = "btn btn-outline h-11", children }: ActProps) {
  const refusal = useRefusal(asks);
  const [busy, setBusy] = useState(false);
  const [message, setMessage] = useState<string>();
  const press = async () => {
    setBusy(true);
    const answer = await act().catch((): Answer => ({ ok: false, message: UNREACHABLE }));
    setBusy(false);
    setMessage(answer.ok ? undefined : answer.message);
    if (answer.ok) onDone?.();
  };
  if (refusal) return null;
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
