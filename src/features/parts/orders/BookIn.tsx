"use client";

import { useState } from "react";
import { v7 } from "uuid";
import { outstanding } from "@/core/orders";
import { describeItem } from "@/core/stock";
import type { LineRow, OrderRow } from "@/db/orders";
import { Form, FormEnd, TextField, useForm, type Problems } from "@/ui/form";
import { bookInOrder } from "./actions";

type Typed = { right: string; wrong: string; bin: string; batch: string; madeIn: string; note: string };
type TypedLines = Record<string, string>;
const FIELDS = ["right", "wrong", "bin", "batch", "madeIn", "note"] as const;

const at = (line: string, field: keyof Typed) => `${line}.${field}`;
const wholeNumber = (text: string): number | undefined => (/^\d{0,6}$/.test(text.trim()) ? Number(text) : undefined);

function problemsOf(lines: readonly LineRow[], typed: TypedLines): Problems {
  const problems: Problems = {};
  for (const line of lines) {
    const of = (field: keyof Typed) => typed[at(line.id, field)] ?? "";
    const [right, wrong] = [wholeNumber(of("right")), wholeNumber(of("wrong"))];
    const left = outstanding(line);
    if (right === undefined) problems[at(line.id, "right")] = "A whole number of pieces.";
    else if (right > left) problems[at(line.id, "right")] = `Only ${left} are still to come.`;
    if (wrong === undefined) problems[at(line.id, "wrong")] = "A whole number of pieces.";
    if (of("madeIn").trim() && !/^(19|20)\d\d$/.test(of("madeIn").trim()))
      problems[at(line.id, "madeIn")] = "A year is like 2026.";
  }
  return problems;
}

type BookInProps = {
  order: OrderRow;
  /** where an article lies already, by its line of the order */
  bins: ReadonlyMap<string, string>;
  onDone: (said: string | undefined) => void;
};

/** What has come of an order, line by line: right, not right, and where it goes. */
export function BookIn({ order, bins, onDone }: BookInProps) {
  const open = order.lines.filter((line) => outstanding(line) > 0);
  const [ids] = useState(() => new Map(open.map(({ id }) => [id, v7()])));
  const form = useForm<TypedLines>({
    asks: "book in order",
    initial: Object.fromEntries(
      open.flatMap((line) =>
        FIELDS.map((field) => [
          at(line.id, field),
          field === "right" ? String(outstanding(line)) : field === "bin" ? (bins.get(line.id) ?? "") : "",
        ]),
      ),
    ),
    check: (typed) => problemsOf(open, typed),
    save: async (typed) => {
      const answer = await bookInOrder(
        order.id,
        open.map((line) => {
          const of = (field: keyof Typed) => typed[at(line.id, field)] ?? "";
          return {
            ...{ id: ids.get(line.id), lineId: line.id },
            ...{ right: Number(of("right")), wrong: Number(of("wrong")), madeIn: Number(of("madeIn")) || null },
            ...{ bin: of("bin"), batch: of("batch"), note: of("note") },
          };
        }),
      );
      if (!answer.ok) return answer;
      onDone(answer.said);
      return { ok: true };
    },
  });
  return (
    <Form form={form} label={`What came of order ${order.number}`} className="flex flex-col gap-3">
      {open.map((line) => {
        const field = (name: keyof Typed) => ({
          ...form.field(at(line.id, name)),
          value: form.fields[at(line.id, name)] ?? "",
        });
        return (
          <fieldset key={line.id} className="rounded-box bg-base-200 p-2">
            <legend className="sr-only">{line.orderNumber}</legend>
            <p>
              <span className="font-mono font-bold">{describeItem(line)}</span>{" "}
              <span className="dim">
                {line.orderNumber}, {outstanding(line)} pc to come
              </span>
            </p>
            <div className="grid grid-cols-3 gap-2">
              <TextField label="Right, pc" numeric {...field("right")} />
              <TextField label="Wrong, pc" numeric {...field("wrong")} />
              <TextField label="Bin" {...field("bin")} />
              {line.kind === "tube" ? null : (
                <>
                  <TextField label="Batch" {...field("batch")} />
                  <TextField label="Made in" placeholder="2026" numeric {...field("madeIn")} />
                </>
              )}
              <TextField label="Note" className={line.kind === "tube" ? "col-span-3" : ""} {...field("note")} />
            </div>
          </fieldset>
        );
      })}
      <FormEnd form={form} save="Book it in" onCancel={() => onDone(undefined)} />
    </Form>
  );
}
