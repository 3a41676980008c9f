"use client";

import { useRouter } from "next/navigation";
import { useState } from "react";
import { v7 } from "uuid";
import { ErrorText } from "@/ui/form";
import { dateField } from "@/ui/dates";
import { IfMay } from "@/ui/role";
import { makeInvoice, makeStorageInvoice } from "./actions";

type InvoiceProps = {
  visitId: string;
  job: number;
  /** what it is for: the work, or the storage since the owner was told */
  of?: "work" | "storage";
};

/** Writes an invoice of a job, and opens it. */
export function InvoiceButton({ visitId, job, of = "work" }: InvoiceProps) {
  const router = useRouter();
  const [id] = useState(() => v7());
  const [busy, setBusy] = useState(false);
  const [message, setMessage] = useState<string>();
  const [unpriced, setUnpriced] = useState(false);
  const write = async (free: boolean) => {
    setBusy(true);
    const today = dateField(new Date().toISOString());
    const written = of === "work" ? makeInvoice(id, visitId, today, free) : makeStorageInvoice(id, visitId, today);
    const answer = await written.catch(() => undefined);
    setBusy(false);
    if (answer && "number" in answer) return router.push(`/desk/money/${answer.number}`);
    setMessage(answer ? answer.message : "The server cannot be reached: try again in a moment.");
    setUnpriced(answer !== undefined && "unpriced" in answer && answer.unpriced);
  };
  return (
    <IfMay action="write invoice">
      <span className="flex flex-wrap items-center gap-3">
        <button
          type="button"
          className={`btn h-11 ${of === "work" ? "btn-primary" : "btn-outline"}`}
          disabled={busy}
          onClick={() => void write(false)}
        >
          {of === "work" ? `Write the invoice of job ${job}` : `Invoice for the storage of job ${job}`}
        </button>
        {message ? <ErrorText>{message}</ErrorText> : null}
        {unpriced ? (
          <button type="button" className="btn btn-outline h-11" disabled={busy} onClick={() => void write(true)}>
            They cost nothing: write it
          </button>
        ) : null}
      </span>
    </IfMay>
  );
}
