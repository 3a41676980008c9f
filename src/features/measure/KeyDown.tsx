"use client";

import { useEffect, useState } from "react";
import { keyDown, type DummyLoad } from "@/core/transmit";
import { parseQuantity, readNumber } from "@/core/quantity";
import { SelectField, TextField } from "@/ui/form";
import { shapeOf, useKept } from "@/ui/kept";
import { useLogbook } from "@/ui/logbook";
import type { RunInView } from "./useRun";

const NONE = { watts: "", minutes: "" };

const number = (text: string): number | undefined => {
  const value = readNumber(text, /W|min/);
  return value && value > 0 ? value : undefined;
};

/** A clock that is seen from across the bench. */
function Clock({ since, limit }: { since: number; limit: number }) {
  const [now, setNow] = useState(since);
  useEffect(() => {
    const timer = setInterval(() => setNow(Date.now()), 200);
    return () => clearInterval(timer);
  }, []);
  const gone = (now - since) / 1000;
  const over = gone > limit;
  return (
    <span role="timer" className={`font-mono text-2xl font-bold ${over ? "text-error" : ""}`}>
      {Math.floor(gone)} s{Number.isFinite(limit) ? ` of ${Math.floor(limit)} s` : ""}
      {over ? " Stop: key up" : ""}
    </span>
  );
}

/** How long the key may be down into this dummy load, and a clock for it. */
export function KeyDown({ run }: { run: RunInView }) {
  const { shop } = useLogbook();
  const { value: rated, set } = useKept("dummy load", shapeOf(NONE), NONE);
  const noted = run.setup.dummy?.trim().toLowerCase() ?? "";
  const listed = shop.loads.find(({ name: of }) => of.toLowerCase() === noted);
  const [since, setSince] = useState<number>();
  const name = run.setup.dummy?.trim() || "The dummy load";
  const watts = number(rated.watts);
  const own: DummyLoad | undefined = watts
    ? { name, ohms: 50, watts, ...(number(rated.minutes) ? { minutes: number(rated.minutes) } : {}) }
    : undefined;
  const load = listed ?? own;
  // The highest output that was typed or measured: the load must take that.
  const outputs = run.lines.flatMap((line) => {
    const read = parseQuantity(`${run.typedAt(line).output ?? ""}`, "power");
    return read.ok ? [read.value] : [];
  });
  const most = Math.max(0, ...outputs);
  const says = keyDown(load, most > 0 ? most : (load?.watts ?? 0));
  return (
    <section
      aria-label="Dummy load"
      className="mb-3 flex flex-wrap items-end gap-3 rounded-box border-2 border-warning p-2"
    >
      {shop.loads.length > 0 ? (
        <SelectField
          label="Load of the shop"
          value={listed?.name ?? ""}
          options={[["", "another one"], ...shop.loads.map(({ name: of }) => [of, of] as const)]}
          onChange={(of) => run.setUp("dummy", of)}
        />
      ) : null}
      {listed ? null : (
        <>
          <TextField
            label="Dummy load, W"
            inputClass="w-24 font-mono"
            numeric
            value={rated.watts}
            onChange={(text) => set({ ...rated, watts: text })}
          />
          <TextField
            label="for minutes"
            placeholder="no limit"
            inputClass="w-24 font-mono"
            numeric
            value={rated.minutes}
            onChange={(text) => set({ ...rated, minutes: text })}
          />
        </>
      )}
      <button
        type="button"
        className={`btn h-11 ${since ? "btn-error" : "btn-outline"}`}
        aria-pressed={since !== undefined}
        disabled={!since && says.seconds === 0}
        onClick={() => setSince(since ? undefined : Date.now())}
      >
        {since ? "Key up" : "Key down"}
      </button>
      {since ? <Clock since={since} limit={says.seconds} /> : null}
      <p className={`min-w-52 flex-1 text-sm ${says.seconds === 0 ? "font-semibold text-warning" : ""}`}>
        {says.says} The maker&rsquo;s own curve comes first. Dummy load only, under your licence; interlocks stay.
      </p>
    </section>
  );
}
