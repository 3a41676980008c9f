"use client";

import { Printer } from "lucide-react";
import { Link } from "@/ui/Link";
import { Fragment, useState } from "react";
import { describe, type ContentKind, type Settled } from "@/core/kinds";
import type { VisitOfTimeline } from "@/core/history";
import { day } from "@/ui/dates";
import { Time } from "@/ui/Time";
import { VerdictMark } from "@/ui/VerdictMark";

/** Steps are scaffolding: the history shows what was found, done and measured. */
const SHOWN: readonly ContentKind[] = [
  "take-in",
  "symptom",
  "reading",
  "part-work",
  "modification",
  "tick",
  "loan",
  "soak",
  "estimate",
  "approval",
  "unknown",
  "test-result",
  "component-test",
  "tube-test",
  "plan-line",
  "fault-test",
  "finding",
  "power-step",
  "setup",
  "note",
  "hand-back",
];

const shown = (item: Settled): boolean => item.content !== null && SHOWN.includes(item.content.kind);

function Item({ item }: { item: Settled }) {
  if (!item.content) return null;
  const line = describe(item.content);
  return (
    <li className="flex gap-3 py-1">
      <span className="dim w-12 shrink-0 text-sm leading-6">
        <Time iso={item.at} as="clock" />
      </span>
      <span className="min-w-0">
        <strong>{line.subject}</strong> <span className="break-words">{line.text}</span>{" "}
        {line.verdict ? <VerdictMark mark={line.verdict} /> : null}
      </span>
    </li>
  );
}

/** So many entries of a visit are shown at once; a long visit is asked for the rest. */
const AT_ONCE = 100;

function Entries({ items }: { items: readonly Settled[] }) {
  const [all, setAll] = useState(false);
  const told = items.filter(shown);
  const some = all ? told : told.slice(-AT_ONCE);
  return (
    <>
      {some.length < told.length ? (
        <button type="button" className="btn btn-ghost mx-3 h-10" onClick={() => setAll(true)}>
          Show the {told.length - some.length} before these
        </button>
      ) : null}
      <ol className="px-3 pb-2">
        {some.map((item, index) => {
          const before = some[index - 1];
          const newDay = !before || day(before.at) !== day(item.at);
          return (
            <Fragment key={item.entry.id}>
              {newDay ? (
                <li className="dim mt-1 border-b border-base-300 text-sm font-bold" suppressHydrationWarning>
                  {day(item.at)}
                </li>
              ) : null}
              <Item item={item} />
            </Fragment>
          );
        })}
      </ol>
    </>
  );
}

/** One visit; its entries are made when it is opened. */
function VisitBlock({ visit, setId, first }: { visit: VisitOfTimeline; setId: string; first: boolean }) {
  const [open, setOpen] = useState(first);
  return (
    <details
      open={open}
      className="rounded-box border border-base-300"
      onToggle={(event) => setOpen(event.currentTarget.open)}
    >
      <summary className="flex min-h-12 cursor-pointer flex-wrap items-center gap-x-3 px-3 py-1">
        <span className="font-mono text-lg font-bold">{visit.job}</span>
        <span>
          <Time iso={visit.openedAt} as="day" /> to {visit.closedAt ? <Time iso={visit.closedAt} as="day" /> : "now"}
        </span>
        <span className="dim">{visit.items.length} entries</span>
        {visit.shop ? <span className="dim">at {visit.shop}</span> : null}
      </summary>
      <div className="flex gap-2 px-3 pb-1">
        {visit.closedAt || visit.shop ? null : (
          <Link href={`/bench/${visit.job}`} className="btn btn-primary h-10">
            To the bench
          </Link>
        )}
        <Link href={`/sets/${setId}/record?visit=${visit.id}`} className="btn btn-outline h-10">
          <Printer size={16} aria-hidden="true" /> Service record
        </Link>
      </div>
      {open ? <Entries items={visit.items} /> : null}
    </details>
  );
}

/** A set's history by visit, the newest visit first and open. */
export function Timeline({ visits, setId }: { visits: readonly VisitOfTimeline[]; setId: string }) {
  return (
    <section aria-label="History" className="flex flex-col gap-3">
      {visits.toReversed().map((visit, index) => (
        <VisitBlock key={visit.id} visit={visit} setId={setId} first={index === 0} />
      ))}
    </section>
  );
}
