import type { Invoice, InvoiceKind } from "@/core/invoice";

type Written = {
  id: string;
  number: number;
  kind: InvoiceKind;
  ofId: string | null;
  doc: Pick<Invoice, "totalMinor" | "due">;
};
type Paid = { minor: number };

/** How an invoice stands: what is taken back, what was paid for its job, what is left to pay; minor units. */
export type Standing = { takenBack: number; paid: number; left: number; overdue: boolean };

/**
 * How an invoice stands today. Payments belong to the job; where a job has several invoices the oldest is paid first.
 * @param all invoices and credit notes of its job, in the order of their numbers
 */
export function standingOf(of: Written, all: readonly Written[], payments: readonly Paid[], today: string): Standing {
  const openOf = (one: Written) =>
    one.doc.totalMinor - all.filter(({ ofId }) => ofId === one.id).reduce((sum, { doc }) => sum + doc.totalMinor, 0);
  let paid = payments.reduce((sum, { minor }) => sum + minor, 0);
  for (const one of all) {
    if (one.kind !== "invoice") continue;
    const mine = Math.min(Math.max(0, paid), openOf(one));
    if (one.id === of.id) {
      const left = openOf(one) - mine;
      return { takenBack: of.doc.totalMinor - openOf(one), paid: mine, left, overdue: left > 0 && of.doc.due < today };
    }
    paid -= mine;
  }
  return { takenBack: 0, paid: 0, left: 0, overdue: false };
}
