"use client";

import { Printer } from "lucide-react";
import { Link } from "@/ui/Link";
import { Fragment, useState } from "react";
import { describe, kindOf, type Settled } from "@/core/kinds";
import type { VisitOfTimeline } from "@/core/history";
import { day } from "@/ui/dates";
import { Time } from "@/ui/Time";
import { useZone } from "@/ui/zone";
import { stretchesOf } from "./stretches";
import { VerdictMark } from "@/ui/VerdictMark";

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

/** So few folded entries stand as they are. */
const FOLD_FROM = 3;

function Folded({ items }: { items: readonly Settled[] }) {
  const first = items[0]?.content;
  const last = items.at(-1)?.content;
  const names = first && last ? `${describe(first).subject} to ${describe(last).subject}` : "";
  return (
    <li>
      <details>
        <summary className="min-h-10 cursor-pointer py-2">
          {items.length} entries: {names}
        </summary>
        <ol className="border-l-2 border-base-300 pl-2">
          {items.map((item) => (
            <Item key={item.entry.id} item={item} />
          ))}
        </ol>
      </details>
    </li>
  );
}

function Entries({ items }: { items: readonly Settled[] }) {
  const [all, setAll] = useState(false);
  const zone = useZone();
  const told = items.filter(({ content }) => content && kindOf(content).inFile !== "left-out");
  const some = all ? told : told.slice(-AT_ONCE);
  const days = [...Map.groupBy(some, ({ at }) => day(at, zone))];
  return (
    <>
      {some.length < told.length ? (
        <button type="button" className="btn btn-ghost mx-3 h-10" onClick={() => setAll(true)}>
          Show the {told.length - some.length} before these
        </button>
      ) : null}
      <ol className="px-3 pb-2">
        {days.map(([name, ofDay]) => (
          <Fragment key={name}>
            <li className="dim mt-1 border-b border-base-300 text-sm font-bold">{name}</li>
            {stretchesOf(ofDay).map(({ folded, items: some }) =>
              folded && some.length >= FOLD_FROM ? (
                <Folded key={some[0]?.entry.id} items={some} />
              ) : (
                some.map((item) => <Item key={item.entry.id} item={item} />)
              ),
            )}
          </Fragment>
        ))}
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
