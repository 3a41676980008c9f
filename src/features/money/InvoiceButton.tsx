"use client";

import { useRouter } from "next/navigation";
import { useState } from "react";
import { v7 } from "uuid";
import { ErrorText } from "@/ui/form";
import { dateField } from "@/ui/dates";
import { makeInvoice } from "./actions";

/** Writes the invoice of a job that was handed back, and opens it. */
export function InvoiceButton({ visitId, job }: { visitId: string; job: number }) {
  const router = useRouter();
  const [id] = useState(() => v7());
  const [busy, setBusy] = useState(false);
  const [message, setMessage] = useState<string>();
  const [unpriced, setUnpriced] = useState(false);
  const write = async (free: boolean) => {
    setBusy(true);
    const answer = await makeInvoice(id, visitId, dateField(new Date().toISOString()), free).catch(() => undefined);
    setBusy(false);
    if (answer && "number" in answer) return router.push(`/desk/money/${answer.number}`);
    setMessage(answer ? answer.message : "The server cannot be reached: try again in a moment.");
    setUnpriced(answer !== undefined && "unpriced" in answer && answer.unpriced);
  };
  return (
    <span className="flex flex-wrap items-center gap-3">
      <button type="button" className="btn btn-primary h-11" disabled={busy} onClick={() => void write(false)}>
        Write the invoice of job {job}
      </button>
      {message ? <ErrorText>{message}</ErrorText> : null}
      {unpriced ? (
        <button type="button" className="btn btn-outline h-11" disabled={busy} onClick={() => void write(true)}>
          They cost nothing: write it
        </button>
      ) : null}
    </span>
  );
}
