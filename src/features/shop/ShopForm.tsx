"use client";

import { useState } from "react";
import type { Shop } from "@/db/shop";
import { ErrorText, Field } from "@/ui/Field";
import { changeShop } from "./actions";
import { readShop, UNREACHABLE, type TypedShop } from "./typed";

const FIELDS: [keyof TypedShop, string, string][] = [
  ["name", "Name of the shop, for printed records", "Saltmarsh Wireless Repair"],
  ["lineVolts", "Line at the bench, V", "230"],
  ["lineHz", "Line frequency, Hz", "50"],
  ["currency", "Currency", "EUR"],
  ["lamps", "Series lamps in the box, W", "25, 40, 60, 100, 150"],
];

/** What the shop says of itself: the line that every plan of a power-up starts from. */
export function ShopForm({ shop }: { shop: Shop }) {
  const [version, setVersion] = useState(shop.version);
  const [typed, setTyped] = useState<TypedShop>({
    name: shop.name,
    lineVolts: String(shop.lineVolts),
    lineHz: String(shop.lineHz),
    currency: shop.currency,
    lamps: shop.lamps.join(", "),
  });
  const [said, setSaid] = useState<{ message?: string; saved?: boolean }>({});
  const read = readShop(typed);
  const save = async () => {
    if (!read.ok) return setSaid({ message: Object.values(read.problems)[0] ?? "" });
    const answer = await changeShop(typed, Math.max(version, shop.version)).catch(() => UNREACHABLE);
    if (answer.ok) setVersion(answer.version);
    return setSaid(answer.ok ? { saved: true } : { message: answer.message });
  };
  return (
    <form
      className="grid items-start gap-3 rounded-box bg-base-200 p-3 md:grid-cols-6"
      onSubmit={(event) => {
        event.preventDefault();
        void save();
      }}
    >
      {FIELDS.map(([key, label, example]) => (
        <Field
          key={key}
          label={label}
          error={read.ok ? undefined : read.problems[key]}
          className={key === "name" || key === "lamps" ? "md:col-span-3" : "md:col-span-1"}
        >
          {(props) => (
            <input
              {...props}
              className={`input h-11 w-full ${key === "name" ? "" : "font-mono"}`}
              value={typed[key]}
              placeholder={example}
              onChange={(event) => {
                setSaid({});
                setTyped({ ...typed, [key]: event.target.value });
              }}
            />
          )}
        </Field>
      ))}
      <div className="flex items-center gap-3 md:col-span-6">
        <button className="btn btn-primary h-11">Save the shop</button>
        {said.saved ? <span role="status">Saved.</span> : null}
        {said.message ? <ErrorText>{said.message}</ErrorText> : null}
      </div>
    </form>
  );
}
