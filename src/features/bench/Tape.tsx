"use client";

import { CloudOff, History, PencilLine } from "lucide-react";
import { Fragment, useEffect, useState } from "react";
import { describe, printMinutes, type Settled } from "@/core/kinds";
import { useLogbook } from "@/ui/logbook";
import { FileThumb } from "@/ui/Attachments";
import { Time } from "@/ui/Time";
import { VerdictMark } from "@/ui/VerdictMark";
import { day } from "@/ui/dates";
import { laterAtRest } from "@/ui/later";
import { useStaysAtEnd } from "@/ui/useStaysAtEnd";
import { useZone } from "@/ui/zone";

const initials = (name: string) =>
  name
    .split(/\s+/)
    .map((word) => word[0])
    .join("");

const AGE_MS = 10_000;

/** How long an entry has been waiting on this device. */
function Unsaved({ since }: { since: number }) {
  const [now, setNow] = useState(since);
  useEffect(() => {
    const timer = window.setInterval(() => setNow(Date.now()), AGE_MS);
    return () => window.clearInterval(timer);
  }, []);
  const minutes = Math.floor(Math.max(0, now - since) / 60_000);
  return (
    <span className="ml-auto flex items-center gap-1 text-warning">
      <CloudOff size={14} aria-hidden="true" /> not saved yet{minutes > 0 ? `, for ${printMinutes(minutes)}` : ""}
    </span>
  );
}

type ItemProps = { item: Settled; number: number; onOpen: () => void };

function TapeItem({ item, number, onOpen }: ItemProps) {
  const { pending, nameOf, attachments } = useLogbook();
  const files = attachments.filter((file) => file.entryId === item.entry.id);
  const { entry, content, inForce } = item;
  const line = content ? describe(content) : describe(entry as never);
  const waits = [entry, ...item.amendments].flatMap(({ id }) => pending.get(id) ?? []);
  const waiting = waits.length > 0 ? Math.min(...waits) : undefined;
  return (
    <li>
      <button
        type="button"
        onClick={onOpen}
        className="block min-h-10 w-full rounded-field px-2 py-1 text-left hover:bg-base-200"
        aria-label={`Entry ${number}: ${line.subject}, ${line.text}. Correct or withdraw it`}
      >
        <span className="dim flex items-baseline gap-2 text-sm">
          <span className="font-mono">#{number}</span>
          <Time iso={item.at} as="clock" />
          <span title={nameOf(entry.by)}>{initials(nameOf(entry.by))}</span>
          {inForce ? (
            <span className="flex items-center gap-1 text-info">
              <PencilLine size={14} aria-hidden="true" /> {content ? "corrected" : "withdrawn"}: {inForce.reason}
            </span>
          ) : null}
          {waiting === undefined ? null : <Unsaved since={waiting} />}
        </span>
        <span className={`block break-words ${content ? "" : "line-through opacity-75"}`}>
          <strong>{line.subject}</strong> {line.text} {line.verdict ? <VerdictMark mark={line.verdict} /> : null}
        </span>
      </button>
      {files.length > 0 ? (
        <div className="flex flex-wrap gap-1 px-2 pb-1">
          {files.map((file) => (
            <FileThumb key={file.id} file={file} side={56} />
          ))}
        </div>
      ) : null}
    </li>
  );
}

const AmendDialog = laterAtRest(async () => (await import("./AmendDialog")).AmendDialog, null);

/** The logbook of this visit, newest at the bottom; earlier visits unfold above it. */
export function Tape() {
  const { settled, visit, offline } = useLogbook();
  const zone = useZone();
  // An entry that is opened again while its window is still closing gets a window of its own.
  const [open, setOpen] = useState<{ id: string; time: number }>();
  const [earlier, setEarlier] = useState(false);
  const numbered = settled.map((item, index) => ({ item, number: index + 1 }));
  const before = numbered.filter(({ item }) => item.entry.visitId !== visit.id);
  const shown = earlier ? numbered : numbered.filter(({ item }) => item.entry.visitId === visit.id);
  const opened = numbered.find(({ item }) => item.entry.id === open?.id);
  const last = shown.at(-1)?.item.entry.id;

  const tape = useStaysAtEnd(last);

  return (
    <>
      <section ref={tape} aria-label="Tape" className="relative min-h-0 grow overflow-y-auto p-1.5" tabIndex={0}>
        {before.length > 0 ? (
          <button type="button" className="btn btn-ghost btn-block h-10" onClick={() => setEarlier(!earlier)}>
            <History size={16} aria-hidden="true" />
            {earlier ? "Only this visit" : `${before.length} entries of earlier visits`}
          </button>
        ) : null}
        {shown.length === 0 ? (
          <p className="dim p-3">Nothing on the tape yet. The first line below begins it.</p>
        ) : null}
        <ol>
          {shown.map(({ item, number }, index) => {
            const previous = shown[index - 1];
            const today = day(item.at, zone);
            const heading = previous && day(previous.item.at, zone) === today ? null : today;
            return (
              <Fragment key={item.entry.id}>
                {heading ? (
                  <li className="dim mt-1 border-b border-base-300 px-2 text-sm font-bold">{heading}</li>
                ) : null}
                <TapeItem
                  item={item}
                  number={number}
                  onOpen={() => setOpen((before) => ({ id: item.entry.id, time: (before?.time ?? 0) + 1 }))}
                />
              </Fragment>
            );
          })}
        </ol>
        {offline ? (
          <p
            role="status"
            className="m-2 flex items-center gap-2 rounded-field border-2 border-warning p-2 text-warning"
          >
            <CloudOff size={18} aria-hidden="true" /> The server cannot be reached. What you write is kept on this
            device and sent again by itself.
          </p>
        ) : null}
      </section>
      {opened && open ? (
        <AmendDialog
          key={`${open.id} ${open.time}`}
          item={opened.item}
          number={opened.number}
          onClose={() => setOpen((now) => (now === open ? undefined : now))}
        />
      ) : null}
    </>
  );
}
