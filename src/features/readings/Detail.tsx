"use client";

import { likelyBehind, preflight, type Seen, type PointRow } from "@/core/readings";
import type { Taken } from "@/core/visit";
import { useLogbook, useLineContext } from "@/ui/logbook";
import { Where } from "@/ui/picture/later";
import type { Cell } from "./useReadings";

type DetailProps = {
  row: PointRow;
  cell: Cell;
  taken: ReadonlyMap<string, Taken>;
  checked: readonly string[];
};

/** The other readings of the pass, this one as it stands in its cell. */
function seenWith({ row, cell, taken }: DetailProps): Map<string, Seen> {
  const seen = new Map<string, Seen>(
    [...taken].map(([point, { payload, judgement }]) => [
      point,
      { verdict: judgement.verdict, value: payload.measured.value },
    ]),
  );
  if (cell.live.kind === "value") seen.set(row.point, { verdict: cell.live.judgement.verdict, value: cell.live.value });
  return seen;
}

/** Zero or wildly off: the set-up is looked at before the set is blamed. */
function SetupQuestion({ cell, checked }: { cell: Cell; checked: readonly string[] }) {
  const { model } = useLogbook();
  const open = preflight(model.sheet).filter((item) => !checked.includes(item.key));
  return (
    <div className="rounded-box border-2 border-warning p-2">
      <p>
        <strong>Before the set is blamed: is the set-up right?</strong>{" "}
        {open.length === 0
          ? "Every line of the list was looked at; look once more at the leads."
          : "Not looked at yet:"}
      </p>
      <ul className="list-disc pl-5">
        {open.map((item) => (
          <li key={item.key}>{item.text}</li>
        ))}
      </ul>
      <button type="button" className="btn btn-outline btn-warning mt-1 h-10" onClick={cell.confirm}>
        The set-up is right: keep the reading
      </button>
      <span className="dim ml-2 text-sm">or Enter once more</span>
    </div>
  );
}

/** Volts while make safe is open: was the set meant to be live? */
function PowerQuestion({ cell }: { cell: Cell }) {
  const context = useLineContext();
  return (
    <div className="rounded-box border-2 border-warning p-2">
      <p>
        <strong>{context.unsafe} Was this read with the power on?</strong> If not, look for what still feeds the point
        before a hand goes in.
      </p>
      <button type="button" className="btn btn-outline btn-warning mt-1 h-10" onClick={cell.confirm}>
        Power was on: keep the reading
      </button>
      <span className="dim ml-2 text-sm">or Enter once more</span>
    </div>
  );
}

/** Why the row at hand reads as it does: corrections, verdict, and what usually lies behind it. */
export function Detail(props: DetailProps) {
  const { row, cell, checked } = props;
  const { live } = cell;
  const seen = seenWith(props);
  const own = seen.get(row.point);
  const rail = [...seen].find(([point]) => /^(b\+|ht\b|high voltage)/i.test(point))?.[1].value;
  const behind = own ? likelyBehind(row.point, own, seen, rail) : [];
  const reasons = live.kind === "value" ? live.judgement.reasons : [];
  const where = <Where names={[row.point]} className="w-44 shrink-0" />;
  if (!row.how && reasons.length === 0 && behind.length === 0 && !cell.asks) return where;
  return (
    <section
      aria-label={`About ${row.point}`}
      aria-live="polite"
      className="sticky -bottom-3 z-10 mt-2 -mx-3 flex items-start gap-3 border-t-2 border-base-300 bg-base-100 px-3 py-2"
    >
      <div className="flex min-w-0 grow flex-col gap-1">
        {cell.asks === "set-up" ? <SetupQuestion cell={cell} checked={checked} /> : null}
        {cell.asks === "power" ? <PowerQuestion cell={cell} /> : null}
        <p>
          <strong>{row.point}.</strong> {row.how ? <span className="dim">{row.how} </span> : null}
          {reasons.join(" ")}
        </p>
        {behind.map((text) => (
          <p key={text} className="border-l-4 border-info pl-2">
            <span className="dim">Usually behind it: </span>
            {text}
          </p>
        ))}
      </div>
      {where}
    </section>
  );
}
