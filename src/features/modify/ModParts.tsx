"use client";

import { useState } from "react";
import type { Modification } from "@/core/kinds";
import { freeOf, printMarking, type StockItem } from "@/core/stock";
import { ErrorText } from "@/ui/form";
import { useLogbook } from "@/ui/logbook";
import { IfMay } from "@/ui/role";
import { movePart } from "./actions";
import { shelved } from "./parts";
import { useWrite } from "./useWrite";

const UNREACHABLE = { ok: false, message: "The server cannot be reached: nothing was moved." } as const;

type LineProps = {
  text: string;
  item: StockItem | undefined;
  /** a piece of it is set aside for this part */
  reserved: boolean;
  ready: boolean;
  name: string;
  onSaid: (message?: string) => void;
};

function StockLine({ text, item, reserved, ready, name, onSaid }: LineProps) {
  const { visit, refreshStock } = useLogbook();
  if (!item) return <span className="dim">not in stock: to order</span>;
  const change = async (kind: "reserved" | "released" | "sent-back") => {
    const outcome = await movePart({ partId: item.id, kind, count: 1, visitId: visit.id, note: name }).catch(
      () => UNREACHABLE,
    );
    onSaid(outcome.ok ? undefined : outcome.message);
    await refreshStock();
  };
  return (
    <span className="flex flex-wrap items-center gap-2">
      <span>
        {printMarking(item)}
        {item.bin ? ` in ${item.bin}` : ""}, {freeOf(item)} free{reserved ? ", set aside" : ""}
      </span>
      <IfMay action="move part">
        {reserved ? (
          <button
            type="button"
            className="btn btn-outline h-10"
            aria-label={`Not needed: ${text}`}
            onClick={() => void change("released")}
          >
            Not needed
          </button>
        ) : (
          <button
            type="button"
            className="btn btn-outline h-10"
            disabled={!ready || freeOf(item) === 0}
            aria-label={`Set aside: ${text}`}
            onClick={() => void change("reserved")}
          >
            Set aside
          </button>
        )}
        {freeOf(item) > 0 && !reserved ? (
          <button
            type="button"
            className="btn btn-ghost h-10"
            aria-label={`Send back: ${text}`}
            onClick={() => void change("sent-back")}
          >
            Send back
          </button>
        ) : null}
      </IfMay>
    </span>
  );
}

/** The parts of a modification: from stock, or what to order; nothing moves before every prerequisite is confirmed. */
export function ModParts({ modification, ready }: { modification: Modification; ready: boolean }) {
  const { stock } = useLogbook();
  const { write, error } = useWrite();
  const [said, setSaid] = useState<string>();
  const { parts, name } = modification.payload;
  const lines = shelved(parts, stock);
  const missing = lines.filter(({ item }) => !item);
  const order = missing.map(({ part }) => part.text).join(", ");
  if (parts.length === 0) return <p className="dim">It takes no parts.</p>;
  return (
    <section aria-label="Parts of the modification" className="flex flex-col gap-2">
      {ready ? null : (
        <p className="border-l-4 border-warning pl-2 font-semibold">
          First the prerequisites: a part that is ordered before goes back too often.
        </p>
      )}
      <ul>
        {lines.map(({ part, item, reserved }) => (
          <li
            key={part.designator}
            className="flex min-h-11 flex-wrap items-center gap-x-3 border-b border-base-300 py-1"
          >
            <span className="w-16 font-mono font-bold">{part.designator}</span>
            <span className="min-w-40 flex-1">{part.text}</span>
            <StockLine text={part.text} item={item} reserved={reserved} ready={ready} name={name} onSaid={setSaid} />
          </li>
        ))}
      </ul>
      {missing.length > 0 ? (
        <div className="flex flex-wrap items-center gap-3">
          <p className="grow">
            To order: <strong>{order}</strong>
          </p>
          <button
            type="button"
            className="btn btn-outline h-11"
            disabled={!ready}
            onClick={() =>
              void write({
                kind: "note",
                payload: { v: 1, text: `${order} for ${name}`.slice(0, 2000), open: true, waits: "parts", closes: [] },
              })
            }
          >
            Ordered: it waits for parts
          </button>
        </div>
      ) : null}
      {said || error ? <ErrorText>{said ?? error}</ErrorText> : null}
    </section>
  );
}
