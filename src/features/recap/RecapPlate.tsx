"use client";

import { Link } from "@/ui/Link";
import { useMemo, useState } from "react";
import { allocate, costOf, piecesOf, shortages } from "@/core/components";
import { ofKind } from "@/core/kinds";
import { POLICY_NAMES } from "@/core/policy";
import { formatMoney } from "@/core/quantity";
import { quantityOfKind } from "@/core/stock";
import { inCircuitOf, recapOf, visitPolicy, workWarning } from "@/core/visit";
import { useCircuitFacts } from "@/ui/circuit/useCircuit";
import { ErrorText } from "@/ui/form";
import { useLogbook } from "@/ui/logbook";
import { IfMay } from "@/ui/role";
import { reservePlan } from "./actions";
import { OrderPanel } from "./OrderPanel";
import { PlanList } from "./PlanList";
import { isWork, tally } from "./work-line";
import { WorkThrough } from "./WorkThrough";

/** The recap plan: what becomes of every capacitor and resistor, with what, from where, and what it costs. */
export function RecapPlate() {
  const { input, settled, stock, visit, shop, model, refreshStock } = useLogbook();
  const [picks, setPicks] = useState<ReadonlyMap<string, readonly string[]>>(new Map());
  const [view, setView] = useState<"plan" | "order" | "work">("plan");
  const [all, setAll] = useState(true);
  const [message, setMessage] = useState<{ ok: boolean; text: string }>();
  const [busy, setBusy] = useState(false);
  const year = new Date(input.now).getUTCFullYear();
  const facts = useCircuitFacts(model.sheet);
  const lines = useMemo(() => {
    const circuit = inCircuitOf(facts);
    return allocate(recapOf(circuit ? { ...input, circuit } : input), stock, year, picks);
  }, [input, facts, stock, year, picks]);
  const missing = shortages(lines);
  const pieces = piecesOf(lines);
  const cost = costOf(lines);
  const { policy } = visitPolicy(settled, visit.id);
  const limit = ofKind(settled, "take-in").findLast(({ entry }) => entry.visitId === visit.id)?.content.payload
    .costLimit;
  const count = [...pieces.values()].reduce((sum, one) => sum + one.count, 0);
  const reserved =
    [...pieces.values()].filter(({ item, count: of }) => item.reservedHere >= of).length === pieces.size && count > 0;
  const warning = workWarning(settled, visit.id);

  if (lines.length === 0)
    return (
      <div className="mx-auto max-w-xl rounded-box border-2 border-dashed border-base-300 p-6 text-center">
        <p className="text-lg font-bold">This model has no capacitors or resistors on its sheet.</p>
        <p className="dim mt-1">
          A plan is made from the parts list: designator, role, value and rating. Enter it once, or paste it as a CSV,
          and every set of this model has its plan.
        </p>
        <Link href={`/reference/${model.id}?table=parts`} className="btn btn-primary mt-3 h-11">
          To the parts list and its CSV
        </Link>
      </div>
    );

  const reserve = async () => {
    setBusy(true);
    // What was set aside by hand and is no part of a plan (a tube, a lamp) stays set aside.
    const byHand = stock.filter((item) => item.reservedHere > 0 && !quantityOfKind(item.kind));
    const outcome = await reservePlan(visit.id, [
      ...[...pieces.values()].map(({ item, count: of }) => [item.id, of]),
      ...byHand.map(({ id, reservedHere }) => [id, reservedHere]),
    ]).catch(() => ({ ok: false, message: "The server cannot be reached: nothing was reserved." }) as const);
    setBusy(false);
    setMessage(
      outcome.ok
        ? { ok: true, text: `${count} parts are set aside for job ${visit.job}.` }
        : { ok: false, text: outcome.message },
    );
    await refreshStock();
  };
  const over = limit && limit.currency === shop.currency && cost.parts > limit.minor;

  if (view === "work") return <WorkThrough lines={lines} onClose={() => setView("plan")} />;
  return (
    <div className="flex flex-col gap-3">
      {warning ? <p className="border-l-4 border-warning pl-2 font-semibold">{warning}</p> : null}
      <div className="flex flex-wrap items-center gap-x-4 gap-y-2 rounded-box bg-base-200 p-2">
        <p className="grow">
          <strong>{POLICY_NAMES[policy]}:</strong> {tally(lines)}.
          {facts ? <span className="dim"> Ratings by the set’s net.</span> : null}
          <span className="block">
            Parts <strong className="font-mono">{formatMoney({ minor: cost.parts, currency: shop.currency })}</strong>
            {limit ? <span className="dim"> of {formatMoney(limit)} that the owner allowed</span> : null}
            {cost.unpriced > 0 ? <span className="dim">, {cost.unpriced} without a price</span> : null}
          </span>
        </p>
        <button
          type="button"
          className="btn btn-primary h-11"
          disabled={!lines.some(isWork)}
          onClick={() => setView("work")}
        >
          Work through it
        </button>
        <IfMay action="reserve plan">
          <button
            type="button"
            className="btn btn-outline h-11"
            disabled={busy || count === 0 || reserved}
            onClick={() => void reserve()}
          >
            {reserved ? `${count} parts reserved` : `Reserve ${count} parts`}
          </button>
        </IfMay>
        <button
          type="button"
          className="btn btn-outline h-11"
          aria-pressed={view === "order"}
          onClick={() => setView(view === "order" ? "plan" : "order")}
        >
          Order list {missing.length}
        </button>
        <label className="flex min-h-11 items-center gap-2">
          <input
            type="checkbox"
            className="checkbox"
            checked={!all}
            onChange={(event) => setAll(!event.target.checked)}
          />
          only what asks for work
        </label>
      </div>
      {over ? (
        <p className="border-l-4 border-warning pl-2 font-semibold">
          The parts alone cost more than the owner allowed: ask before you go on.
        </p>
      ) : null}
      {message?.ok ? <p role="status">{message.text}</p> : null}
      {message && !message.ok ? <ErrorText>{message.text}</ErrorText> : null}
      {view === "order" ? <OrderPanel needs={missing} /> : null}
      <PlanList
        lines={all ? lines : lines.filter(({ action }) => action !== "keep" && action !== "done")}
        onPick={(designator, ids) => setPicks(new Map([...picks, [designator, ids]]))}
      />
    </div>
  );
}
