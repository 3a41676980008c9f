"use client";

import { useEffect, useState } from "react";
import { needText, type PlanNeed } from "@/core/components";
import { ErrorText } from "@/ui/form";
import { Link } from "@/ui/Link";
import { useLogbook } from "@/ui/logbook";
import { dayWords } from "@/ui/plan/days";

type Coming = { place: string; number: number; supplier: string; expectedOn: string | null };

/** What is on its way for a visit; undefined until it is known. */
function useComing(visitId: string): { coming?: Coming[]; error?: string } {
  const [answer, setAnswer] = useState<{ coming?: Coming[]; error?: string }>({});
  useEffect(() => {
    let current = true;
    void fetch(`/api/visits/${visitId}/orders`)
      .then(async (got) => (got.ok ? ((await got.json()) as { coming: Coming[] }) : Promise.reject(new Error())))
      .then(
        (got) => current && setAnswer(got),
        () =>
          current && setAnswer({ error: "The orders could not be read: try again when the server can be reached." }),
      );
    return () => {
      current = false;
    };
  }, [visitId]);
  return answer;
}

/** What the stock cannot fill: what of it is on its way, and the way to the shop's orders for the rest. */
export function OrderPanel({ needs }: { needs: readonly PlanNeed[] }) {
  const { visit } = useLogbook();
  const { coming, error } = useComing(visit.id);
  if (error) return <ErrorText>{error}</ErrorText>;
  if (!coming) return <p className="dim">Reading the orders…</p>;
  const of = (place: string) => coming.find((one) => one.place === place);
  const lacking = needs.filter(({ designator }) => !of(designator));
  return (
    <section aria-label="Order list" className="flex flex-col gap-2 rounded-box border border-base-300 p-3">
      {needs.length === 0 ? <p>Nothing is short: the stock has it all.</p> : null}
      <ul>
        {needs.map((need) => {
          const order = of(need.designator);
          return (
            <li key={need.designator} className="flex flex-wrap gap-x-3 border-b border-base-300 py-1">
              <span className="font-mono font-bold">{need.designator}</span>
              <span>{needText(need)}</span>
              <span className="ml-auto">
                {order
                  ? `order ${order.number} from ${order.supplier}${order.expectedOn ? `, expected ${dayWords(order.expectedOn)}` : ""}`
                  : "not ordered"}
              </span>
            </li>
          );
        })}
      </ul>
      {needs.length > 0 ? (
        <div className="no-print flex flex-wrap items-center gap-3">
          <Link
            href={`/parts/orders?job=${visit.job}`}
            className={`btn h-11 ${lacking.length > 0 ? "btn-primary" : "btn-outline"}`}
          >
            {lacking.length > 0 ? `Order ${lacking.length} for this job` : "To the orders"}
          </Link>
          <span className="dim">What other sets and drawers lack is on the same page: one parcel does for all.</span>
        </div>
      ) : null}
    </section>
  );
}
