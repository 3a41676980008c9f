"use client";

import { useMemo, useState } from "react";
import { historyOf, timeline, type Visit } from "@/core/history";
import { settle, type Entry, type Settled } from "@/core/kinds";
import type { Sheet } from "@/core/model";
import type { Picture } from "@/ui/picture";
import { OnDevice } from "@/ui/OnDevice";
import { LogComes, useLog } from "@/ui/logbook";
import { laterAtRest, useRest } from "@/ui/later";
import { Tabs } from "@/ui/Tabs";
import { AsBuilt } from "./AsBuilt";
import { Timeline } from "./Timeline";

// One tab is read first; what the others draw with comes behind it.
const Chassis = laterAtRest(async () => (await import("./Chassis")).Chassis);
const LifeChart = laterAtRest(async () => (await import("./LifeChart")).LifeChart);
const Between = laterAtRest(async () => (await import("./Between")).Between);
const Years = laterAtRest(async () => (await import("./Years")).Years);
const EntryDialog = laterAtRest(async () => (await import("./EntryDialog")).EntryDialog, null);

type SetFileProps = {
  setId: string;
  /** the log as JSON; nothing where it is long and comes behind the page */
  log: string | undefined;
  visits: readonly Visit[];
  sheet: Sheet;
  /** photos of the model */
  pictures: readonly Picture[];
  people: readonly { id: string; name: string }[];
  now: string;
  tab?: string | undefined;
  /** what goes out and comes in */
  out: React.ReactNode;
};

/** A set's file: what it is now and was on any day, its life, its measurements, and the ways out. */
export function SetFileView({ log, ...props }: SetFileProps) {
  useRest();
  const { entries, lost } = useLog(props.setId, log);
  return entries ? <WholeFile entries={entries} {...props} /> : <LogComes lost={lost} />;
}

type WholeFileProps = Omit<SetFileProps, "log"> & { entries: readonly Entry[] };

function WholeFile({ setId, entries, visits, sheet, pictures, people, now, tab, out }: WholeFileProps) {
  const settled = useMemo(() => settle(entries).settled, [entries]);
  const names = useMemo(() => new Map(people.map(({ id, name }) => [id, name])), [people]);
  const [open, setOpen] = useState<{ items: readonly Settled[]; title: string }>();
  const onPart = (designator: string) =>
    setOpen({ items: historyOf(settled, designator), title: `${designator}, all that was said and done` });
  const onEntry = (ids: readonly string[], title: string) =>
    setOpen({ items: settled.filter(({ entry }) => ids.includes(entry.id)), title });
  const tabs = [
    {
      key: "built",
      name: "As built",
      body: (
        <div className="grid items-start gap-5 xl:grid-cols-[minmax(0,1.45fr)_minmax(0,1fr)]">
          <AsBuilt settled={settled} visits={visits} sheet={sheet} now={now} onPart={onPart} />
          <Timeline visits={timeline(settled, visits)} setId={setId} />
        </div>
      ),
    },
    {
      key: "chassis",
      name: "Chassis",
      body: <Chassis settled={settled} sheet={sheet} pictures={pictures} now={now} onPart={onPart} />,
    },
    {
      key: "life",
      name: "Life",
      body: (
        <LifeChart settled={settled} visits={visits} now={now} onOpen={(items, title) => setOpen({ items, title })} />
      ),
    },
    {
      key: "between",
      name: "Between two days",
      body: <Between settled={settled} visits={visits} sheet={sheet} now={now} onPart={onPart} />,
    },
    {
      key: "years",
      name: "Over the years",
      body: <Years settled={settled} visits={visits} now={now} onEntry={onEntry} />,
    },
    { key: "out", name: "Reports and export", body: out },
  ];
  return (
    <>
      <Tabs
        label="Parts of the file"
        tabs={tabs.map((one) => ({ ...one, body: <OnDevice>{one.body}</OnDevice> }))}
        initial={tab}
        onTab={(key) => window.history.replaceState(null, "", `?tab=${key}`)}
      />
      {open ? (
        <EntryDialog key={open.title} {...open} visits={visits} names={names} onClose={() => setOpen(undefined)} />
      ) : null}
    </>
  );
}
