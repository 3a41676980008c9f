"use client";

import { Link } from "@/ui/Link";
import type { Cause } from "@/core/diagnosis";
import { percent } from "./words";

type EvidenceOf = (id: string) => { n: number; text: string } | undefined;

const Entries = ({ list, evidenceOf, word }: { list: Cause["for"]; evidenceOf: EvidenceOf; word: string }) =>
  list.length === 0 ? null : (
    <li>
      <span className="font-semibold">{word}</span>
      <ul className="pl-3">
        {list.slice(0, 4).map(({ id, times }, index) => {
          const entry = evidenceOf(id);
          return (
            <li key={`${id}-${index}`}>
              <span className="dim font-mono">#{entry?.n ?? "?"}</span> {entry?.text}{" "}
              <span className="dim whitespace-nowrap">× {times >= 9.5 ? Math.round(times) : times.toFixed(1)}</span>
            </li>
          );
        })}
      </ul>
    </li>
  );

type CauseRowProps = {
  cause: Cause;
  evidenceOf: EvidenceOf;
  onFound?: ((cause: Cause) => void) | undefined;
  was?: boolean;
};

/** A cause with its probability; open, with what speaks for it and against it. */
export function CauseRow({ cause, evidenceOf, onFound, was }: CauseRowProps) {
  return (
    <li className="border-b border-base-300">
      <details className="group">
        <summary className="flex min-h-11 cursor-pointer items-center gap-2 py-1">
          <span className="w-14 shrink-0 text-right font-mono">{percent(cause.probability)}</span>
          <span className="relative h-3 w-16 shrink-0 rounded-full border border-base-content/40" aria-hidden="true">
            <span
              className="absolute inset-y-0 left-0 rounded-full bg-warning"
              style={{ width: `${Math.max(2, 100 * cause.probability)}%` }}
            />
          </span>
          <span className="grow">{cause.name}</span>
          {was ? <span className="dim whitespace-nowrap">was {percent(cause.prior)}</span> : null}
        </summary>
        <ul className="mb-2 ml-4 flex flex-col gap-1">
          <Entries list={cause.for} evidenceOf={evidenceOf} word="For it" />
          <Entries list={cause.against} evidenceOf={evidenceOf} word="Against it" />
          <li className="dim">
            Before anything was seen {percent(cause.prior)}: {cause.because.join("; ")}.{" "}
            <Link className="link" href={`/reference/faults?find=${encodeURIComponent(cause.mode)}`}>
              The figure
            </Link>
          </li>
          {onFound ? (
            <li>
              <button type="button" className="btn btn-primary h-10" onClick={() => onFound(cause)}>
                This is it
              </button>
            </li>
          ) : null}
        </ul>
      </details>
    </li>
  );
}
