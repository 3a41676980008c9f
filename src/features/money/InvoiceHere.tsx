"use client";

import { ofKind } from "@/core/kinds";
import { useLogbook } from "@/ui/logbook";
import { InvoiceButton } from "./InvoiceButton";

/** On the bench of a job that was handed back: its invoice is one press away. */
export function InvoiceHere() {
  const { settled, visit } = useLogbook();
  const gone = ofKind(settled, "hand-back").some(({ entry }) => entry.visitId === visit.id);
  return gone ? (
    <InvoiceButton visitId={visit.id} job={visit.job} />
  ) : (
    <p className="dim">The invoice is written when the set is handed back.</p>
  );
}
