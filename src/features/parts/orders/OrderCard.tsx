"use client";

import { useRouter } from "next/navigation";
import { useState } from "react";
import { arrivedRight, given, outstanding } from "@/core/orders";
import { daysBetween } from "@/core/days";
import { formatMoney } from "@/core/quantity";
import { describeItem } from "@/core/stock";
import type { LineRow, OrderRow } from "@/db/orders";
import { ActButton } from "@/ui/ActButton";
import { Form, FormEnd, TextField, useForm } from "@/ui/form";
import { Link } from "@/ui/Link";
import { dayWords } from "@/ui/plan/days";
import { IfMay } from "@/ui/role";
import { endOf, expectOn } from "./actions";
import { BookIn } from "./BookIn";

/** What of a line is here, and who waits for the rest. */
function LineState({ line }: { line: LineRow }) {
  const got = given(line);
  const wrong = line.arrivals.filter(({ verdict }) => verdict === "wrong");
  const waiting = line.wants.filter(({ id, pieces }) => (got.get(id) ?? 0) < pieces);
  return (
    <li className="border-b border-base-300 py-1">
      <p className="flex flex-wrap items-baseline gap-x-2">
        <span className="font-mono font-bold">{line.pieces} pc</span>
        <span className="font-mono">{describeItem(line)}</span>
        <span className="ml-auto">
          {outstanding(line) === 0 ? "all here" : `${arrivedRight(line)} pc here, ${outstanding(line)} pc to come`}
        </span>
      </p>
      <p className="dim flex flex-wrap gap-x-2">
        {waiting.map(({ id, visit, job, place, pieces }) =>
          visit ? (
            <Link key={id} href={`/bench/${job}`} className="inline-flex min-h-6 items-center link">
              {place} of {job}
            </Link>
          ) : (
            <span key={id}>{pieces} pc for the drawer</span>
          ),
        )}
      </p>
      {wrong.map(({ id, pieces, note, by }) => (
        <p key={id} className="text-warning">
          {pieces} pc wrong or broken{note ? `: ${note}` : ""} ({by})
        </p>
      ))}
    </li>
  );
}

function ExpectForm({ order, today, onDone }: { order: OrderRow; today: string; onDone: () => void }) {
  const router = useRouter();
  const form = useForm<{ day: string }>({
    asks: "expect order",
    initial: { day: order.expectedOn ?? "" },
    check: ({ day }) => (day && day < today ? { day: `It cannot arrive on ${day}: that day is past.` } : {}),
    save: async ({ day }) => {
      const answer = await expectOn(order.id, order.version, day || null);
      if (answer.ok) {
        router.refresh();
        onDone();
      }
      return answer;
    },
  });
  return (
    <Form form={form} label={`When order ${order.number} comes`} className="flex flex-wrap items-end gap-2">
      <TextField label="Expected on" type="date" inputClass="w-44" {...form.field("day")} />
      <FormEnd form={form} save="Keep the day" onCancel={onDone} />
    </Form>
  );
}

type OrderProps = { order: OrderRow; bins: ReadonlyMap<string, string>; today: string; onSaid: (text: string) => void };

/** An order on its way: what is here of it, when the rest comes, and booking in what came. */
export function OrderCard({ order, bins, today, onSaid }: OrderProps) {
  const router = useRouter();
  const [panel, setPanel] = useState<"book" | "day" | "end">();
  const { number, supplier, expectedOn, orderedOn, by, lines, postageMinor, currency } = order;
  const late = expectedOn !== null && expectedOn < today ? daysBetween(expectedOn, today) : 0;
  const goods = lines.reduce((sum, { pieces, priceMinor }) => sum + pieces * priceMinor, 0);
  const nothingCame = lines.every(({ arrivals }) => arrivals.length === 0);
  const close = () => setPanel(undefined);
  return (
    <li className="flex flex-col gap-2 rounded-box border border-base-300 p-3" aria-label={`Order ${number}`}>
      <h3 className="flex flex-wrap items-baseline gap-x-3 text-lg font-bold">
        Order {number}, {supplier}
        <span className="ml-auto font-mono text-base">{formatMoney({ minor: goods + postageMinor, currency })}</span>
      </h3>
      <p>
        Ordered {dayWords(orderedOn)} by {by},{" "}
        {expectedOn ? `expected ${dayWords(expectedOn)}` : "nobody knows when it comes"}
        {late > 0 ? (
          <strong className="text-warning">
            , {late} {late === 1 ? "day" : "days"} late
          </strong>
        ) : null}
        {order.note ? <span className="dim">. {order.note}</span> : null}
      </p>
      <ul>
        {lines.map((line) => (
          <LineState key={line.id} line={line} />
        ))}
      </ul>
      {panel === "book" ? (
        <BookIn
          order={order}
          bins={bins}
          onDone={(said) => {
            close();
            onSaid(said ?? "");
            router.refresh();
          }}
        />
      ) : panel === "day" ? (
        <ExpectForm order={order} today={today} onDone={close} />
      ) : panel === "end" ? (
        <div role="group" aria-label="End this order" className="flex flex-wrap items-center gap-2">
          <span>
            {nothingCame ? "Nothing of it comes" : "The rest does not come"}: the sets wait for it no longer, and what
            they lack is to be ordered anew.
          </span>
          <ActButton
            asks="end order"
            act={() => endOf(order.id, order.version)}
            onDone={() => {
              close();
              router.refresh();
            }}
            className="btn btn-warning h-11"
          >
            End order {number}
          </ActButton>
          <button type="button" className="btn btn-ghost h-11" onClick={close}>
            Leave it
          </button>
        </div>
      ) : (
        <IfMay action="book in order">
          <div className="no-print flex flex-wrap gap-2">
            <button type="button" className="btn btn-primary h-11" onClick={() => setPanel("book")}>
              It has come
            </button>
            <button type="button" className="btn btn-outline h-11" onClick={() => setPanel("day")}>
              Another day
            </button>
            <button type="button" className="btn btn-ghost h-11" onClick={() => setPanel("end")}>
              {nothingCame ? "Cancelled" : "The rest does not come"}
            </button>
          </div>
        </IfMay>
      )}
    </li>
  );
}
