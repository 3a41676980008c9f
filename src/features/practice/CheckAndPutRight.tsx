import { partChecked } from "@/core/practice";
import type { TestRow } from "@/server/practice/view";
import type { PanelProps } from "./hand";
import { minutesText } from "./words";

/** A part: checked by itself, or put right. */
export function CheckAndPutRight({ row, view, act, busy }: PanelProps & { row: TestRow }) {
  const name = partChecked(row.name);
  return (
    <>
      <span className="min-w-52 flex-1">{name}</span>
      <button
        type="button"
        className="btn btn-outline h-10"
        disabled={busy}
        aria-label={row.name}
        onClick={() => void act({ do: "test", test: row.id })}
      >
        Check, {minutesText(row.minutes)}
      </button>
      <button
        type="button"
        className="btn btn-outline btn-primary h-10"
        disabled={busy}
        aria-label={`Put right: ${name}`}
        onClick={() => void act({ do: "exchange", check: row.id })}
      >
        {view.state.exchanged.includes(row.id) ? "Put right again" : "Put right"}
      </button>
    </>
  );
}
