"use client";

import { Check, Circle, Info } from "lucide-react";
import { gates, type Gate } from "@/core/handback";
import { useLogbook } from "@/ui/logbook";

const MARKS = {
  ok: { icon: Check, tone: "text-success", word: "in order" },
  open: { icon: Circle, tone: "text-warning", word: "open" },
  note: { icon: Info, tone: "text-info", word: "to know" },
} as const;

/** Everything that is asked before the set goes out, in one look. */
export function Gates() {
  const { input, terms, shop } = useLogbook();
  const all = gates(input, terms, shop.currency);
  return (
    <section aria-label="Before it goes out" className="mb-3">
      <h2 className="font-bold">Before it goes out</h2>
      <ul className="grid gap-x-4 md:grid-cols-2">
        {all.map((gate: Gate) => {
          const { icon: Icon, tone, word } = MARKS[gate.state];
          return (
            <li
              key={gate.key}
              className={`flex items-start gap-2 py-0.5 ${gate.state === "open" ? "font-semibold" : ""}`}
            >
              <Icon size={18} className={`mt-0.5 shrink-0 ${tone}`} aria-label={word} role="img" />
              {gate.text}
            </li>
          );
        })}
      </ul>
    </section>
  );
}
