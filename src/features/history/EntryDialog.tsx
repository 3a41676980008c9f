"use client";

import { X } from "lucide-react";
import { Link } from "@/ui/Link";
import { useEffect, useRef } from "react";
import { describe, type Content, type Settled } from "@/core/kinds";
import type { Visit } from "@/core/history";
import { Time } from "@/ui/Time";
import { VerdictMark } from "@/ui/VerdictMark";

/** What an entry says, as it was written and as it reads now. */
const lineOf = ({ content, entry }: Settled) =>
  describe(content ?? ({ kind: entry.kind, payload: entry.payload } as Content));

export function EntryLine({ item, names }: { item: Settled; names: ReadonlyMap<string, string> }) {
  const line = lineOf(item);
  return (
    <div className="min-w-0">
      <p className={item.content ? "" : "line-through"}>
        <strong>{line.subject}</strong> <span className="break-words">{line.text}</span>{" "}
        {line.verdict ? <VerdictMark mark={line.verdict} /> : null}
      </p>
      <p className="dim text-sm">
        <Time iso={item.at} />, {names.get(item.entry.by) ?? "unknown"}
        {item.inForce ? (
          <span className="text-warning">
            {" "}
            · {item.content ? "corrected" : "withdrawn"}: {item.inForce.reason}
          </span>
        ) : null}
      </p>
    </div>
  );
}

type DialogProps = {
  title: string;
  items: readonly Settled[];
  visits: readonly Visit[];
  names: ReadonlyMap<string, string>;
  onClose: () => void;
};

/** Entries in a window of their own: one that was picked, or all of a part. */
export function EntryDialog({ title, items, visits, names, onClose }: DialogProps) {
  const dialog = useRef<HTMLDialogElement>(null);
  useEffect(() => {
    dialog.current?.showModal();
  }, []);
  return (
    <dialog
      ref={dialog}
      aria-label={title}
      className="m-auto max-h-[85dvh] w-full max-w-2xl overflow-y-auto rounded-box border border-base-300 bg-base-100 p-4 text-base-content shadow-xl"
      onClose={onClose}
    >
      <div className="flex items-start gap-3">
        <h2 className="grow text-xl font-bold">{title}</h2>
        <button
          type="button"
          className="btn btn-ghost btn-square h-10"
          aria-label="Close"
          onClick={() => dialog.current?.close()}
        >
          <X size={20} aria-hidden="true" />
        </button>
      </div>
      {items.length === 0 ? <p className="dim">Nothing is written of it yet.</p> : null}
      <ol>
        {items.map((item) => {
          const visit = visits.find(({ id }) => id === item.entry.visitId);
          return (
            <li key={item.entry.id} className="flex gap-3 border-b border-base-300 py-2">
              <span className="w-14 shrink-0 font-mono font-bold">
                {visit && !visit.shop ? (
                  <Link href={`/bench/${visit.job}`} className="underline" title="To the bench of this job">
                    {visit.job}
                  </Link>
                ) : (
                  visit?.job
                )}
              </span>
              <EntryLine item={item} names={names} />
            </li>
          );
        })}
      </ol>
    </dialog>
  );
}
