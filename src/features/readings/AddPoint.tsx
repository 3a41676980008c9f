"use client";

import { useState } from "react";
import { QUANTITIES, QUANTITY_WORDS, type Quantity } from "@/core/quantity";
import type { PointRow } from "@/core/readings";
import { ErrorText } from "@/ui/Field";
import { newPoint } from "./rows";

type AddPointProps = { onAdd: (row: PointRow) => void; taken: string[]; tolerance: number };

/** A point beyond the chart. */
export function AddPoint({ onAdd, taken, tolerance }: AddPointProps) {
  const [point, setPoint] = useState("");
  const [quantity, setQuantity] = useState<Quantity>("voltage");
  const [expected, setExpected] = useState("");
  const [error, setError] = useState<string>();
  const add = () => {
    const made = newPoint(point, quantity, expected, tolerance, taken);
    if ("message" in made) return setError(made.message);
    onAdd(made.row);
    setPoint("");
    setExpected("");
    return setError(undefined);
  };
  return (
    <form
      className="mt-3 rounded-box bg-base-200 p-2"
      onSubmit={(event) => {
        event.preventDefault();
        add();
      }}
    >
      <div className="flex flex-wrap items-end gap-2">
        <label className="flex min-w-32 grow flex-col">
          <span className="text-sm font-semibold">Another point</span>
          <input
            className="input h-11 w-full"
            value={point}
            placeholder="V4 plate"
            onChange={(event) => setPoint(event.target.value)}
          />
        </label>
        <label className="flex flex-col">
          <span className="text-sm font-semibold">is</span>
          <select
            className="select h-11 w-40"
            value={quantity}
            onChange={(event) => setQuantity(event.target.value as Quantity)}
          >
            {QUANTITIES.map((one) => (
              <option key={one} value={one}>
                {QUANTITY_WORDS[one]}
              </option>
            ))}
          </select>
        </label>
        <label className="flex flex-col">
          <span className="text-sm font-semibold">Expected, if known</span>
          <input
            className="input h-11 w-32 font-mono"
            value={expected}
            placeholder="240 V"
            onChange={(event) => setExpected(event.target.value)}
          />
        </label>
        <button className="btn h-11">Add</button>
      </div>
      {error ? <ErrorText>{error}</ErrorText> : null}
    </form>
  );
}
