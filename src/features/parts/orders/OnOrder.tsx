"use client";

import { useState } from "react";
import { formatMoney } from "@/core/quantity";
import type { StockItem } from "@/core/stock";
import { judgeStored } from "@/core/tubes";
import type { OrderRow } from "@/db/orders";
import { ActButton } from "@/ui/ActButton";
import { Link } from "@/ui/Link";
import { dayWords } from "@/ui/plan/days";
import { VerdictMark } from "@/ui/VerdictMark";
import { IfMay } from "@/ui/role";
import { TubeTestForm } from "../TubeTests";
import { sendTubeBack } from "./actions";
import { OrderCard } from "./OrderCard";

function TubesToTest({ tubes, onSaid }: { tubes: readonly StockItem[]; onSaid: (text: string) => void }) {
  return (
    <section aria-label="Tubes to test" className="flex flex-col gap-2 rounded-box border border-warning p-3">
      <h3 className="text-lg font-bold">Tubes to test</h3>
      <p className="dim">They came with an order. A set goes on when its tube has stood the test.</p>
      {tubes.map((tube) => {
        const last = tube.tests.at(-1);
        const judged = last ? judgeStored(last) : undefined;
        return (
          <div key={tube.id} role="group" aria-label={`${tube.marking} ${tube.code}`}>
            <p className="flex flex-wrap items-center gap-x-3">
              <Link href={`/parts/${tube.code}`} className="link font-mono font-bold">
                {tube.marking} {tube.code}
              </Link>
              {tube.bin ? <span className="font-mono">{tube.bin}</span> : null}
              <span className="dim">{tube.supplier}</span>
            </p>
            {judged ? (
              <p className="flex flex-wrap items-center gap-2">
                <VerdictMark mark="bad" /> {judged.reasons.join(" ")}
                <ActButton
                  asks="send tube back"
                  act={() => sendTubeBack(tube.id)}
                  onDone={() => onSaid(`${tube.marking} ${tube.code} goes back; another one is still to come.`)}
                  className="btn btn-outline h-11"
                >
                  It goes back
                </ActButton>
              </p>
            ) : null}
            <IfMay action="test tube">
              <TubeTestForm item={tube} onSaid={onSaid} />
            </IfMay>
          </div>
        );
      })}
    </section>
  );
}

type OnOrderProps = {
  open: OrderRow[];
  closed: OrderRow[];
  tubes: StockItem[];
  bins: [line: string, bin: string][];
  today: string;
};

/** Orders on their way, tubes that came and have to be tested, and what is through. */
export function OnOrder({ open, closed, tubes, bins, today }: OnOrderProps) {
  const [said, setSaid] = useState("");
  const binsByLine = new Map(bins);
  return (
    <section aria-label="On order" className="flex flex-col gap-3">
      <h2 className="text-xl font-bold">On order</h2>
      <p role="status" className={said ? "rounded-box bg-base-200 p-2 font-bold" : "sr-only"}>
        {said}
      </p>
      {tubes.length > 0 ? <TubesToTest tubes={tubes} onSaid={setSaid} /> : null}
      {open.length === 0 ? <p className="dim">Nothing is on its way.</p> : null}
      <ul className="flex flex-col gap-3">
        {open.map((order) => (
          <OrderCard key={order.id} order={order} bins={binsByLine} today={today} onSaid={setSaid} />
        ))}
      </ul>
      {closed.length > 0 ? (
        <details>
          <summary className="min-h-10 cursor-pointer font-bold">Through: {closed.length}</summary>
          <ul>
            {closed.map(({ id, number, supplier, orderedOn, lines, postageMinor, currency }) => (
              <li key={id} className="flex flex-wrap gap-x-3 border-b border-base-300 py-1">
                <strong>
                  Order {number}, {supplier}
                </strong>
                <span>
                  {dayWords(orderedOn)} {orderedOn.slice(0, 4)}, {lines.length} {lines.length === 1 ? "line" : "lines"}
                </span>
                <span className="ml-auto font-mono">
                  {formatMoney({
                    minor: postageMinor + lines.reduce((sum, line) => sum + line.pieces * line.priceMinor, 0),
                    currency,
                  })}
                </span>
              </li>
            ))}
          </ul>
        </details>
      ) : null}
    </section>
  );
}
