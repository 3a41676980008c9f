"use client";

import { useState } from "react";
import { printMinutes, type ContentOf } from "@/core/kinds";
import { format, formatDeviation, readNumber } from "@/core/quantity";
import { printMeasured } from "@/core/readings";
import { soakOf, type Drift, type Soak } from "@/core/visit";
import { ErrorText, Form, FormEnd, TextField, useForm } from "@/ui/form";
import { LineHint } from "@/ui/LineHint";
import { Time } from "@/ui/Time";
import { saying, useLogbook } from "@/ui/logbook";
import { VerdictMark } from "@/ui/VerdictMark";
import { DriftChart } from "./DriftChart";
import { SoakReading } from "./SoakReading";
import { useNow } from "./useNow";
import { ResultTable } from "@/ui/ResultTable";

const STATE_WORDS = { running: "It runs", paused: "It is off for a while", ended: "It is over" } as const;

/** Readings are due more often while it warms up. Shop rule, minutes. */
const EARLY_EVERY = 15;
const LATE_EVERY = 60;

function nextReading(soak: Soak): string {
  const last = Math.max(0, ...soak.drifts.flatMap(({ taken }) => taken.map(({ minutes }) => minutes)));
  const every = last < 60 ? EARLY_EVERY : LATE_EVERY;
  const due = soak.drifts.length === 0 ? 0 : last + every - soak.elapsedMinutes;
  return due <= 0 ? "A reading is due now." : `The next reading is due in ${printMinutes(due)}.`;
}

function Clock({ soak }: { soak: Soak }) {
  const whole = soak.hours * 60;
  return (
    <div className="flex flex-col gap-1">
      <p className="text-2xl">
        <span className="font-mono font-bold">{printMinutes(soak.elapsedMinutes)}</span>{" "}
        <span className="dim text-lg">of {printMinutes(whole)} under power</span>
      </p>
      <progress
        className="progress progress-primary h-4 w-full max-w-xl"
        value={Math.min(soak.elapsedMinutes, whole)}
        max={whole}
        aria-label="Time under power"
      />
      <p>
        {STATE_WORDS[soak.state]}, begun <Time iso={soak.startedAt} />
        {soak.lineVolts === undefined ? "" : `, line ${format(soak.lineVolts, "voltage")}`}.{" "}
        {soak.state === "running"
          ? soak.leftMinutes > 0
            ? `${printMinutes(soak.leftMinutes)} to go. ${nextReading(soak)}`
            : "The time is up: read it once more, then end it."
          : ""}
      </p>
      {soak.clockWentBack ? (
        <p className="border-l-4 border-warning pl-2 font-semibold">
          A clock was set back while it ran: that stretch counts as nothing. Amend the entries&rsquo; times if you know
          better.
        </p>
      ) : null}
    </div>
  );
}

function DriftTable({ drifts }: { drifts: readonly Drift[] }) {
  return (
    <ResultTable
      className="max-w-3xl"
      tight
      rows={drifts}
      keyOf={({ point }) => point}
      columns={[
        { head: "Point", names: true, cell: ({ point }) => point },
        {
          head: "Once warm",
          figure: true,
          cell: ({ reference, quantity }) => (reference ? printMeasured(reference.value, quantity, 4) : "–"),
        },
        {
          head: "Last",
          figure: true,
          cell: ({ taken, quantity }) => printMeasured(taken.at(-1)?.value ?? 0, quantity, 4),
        },
        {
          head: "Drift",
          figure: true,
          cell: ({ worst }) => (worst === undefined ? "–" : formatDeviation(worst)),
        },
        { head: "Limit", figure: true, cell: ({ limit }) => `±${format(limit, "percent")}` },
        {
          head: "Verdict",
          cell: ({ verdict }) =>
            verdict === "too-few" ? (
              <span className="dim">two warm readings are needed</span>
            ) : (
              <VerdictMark mark={verdict === "steady" ? "good" : "bad"} note={verdict} />
            ),
        },
      ]}
    />
  );
}

/** How long it shall run, and the button that begins it. */
function StartSoak({ again }: { again: boolean }) {
  const { append, clock, terms, shop } = useLogbook();
  const hoursOf = (text: string) => readNumber(text, /h|hours?/) ?? 0;
  const form = useForm({
    initial: { hours: String(terms.soakHours) },
    check: ({ hours }) => (hoursOf(hours) > 0 ? {} : { hours: "Say how many hours it should run: 4." }),
    save: async ({ hours }) => {
      const payload = { v: 1, state: "start", hours: hoursOf(hours), lineVolts: shop.lineVolts } as const;
      return saying(await append({ kind: "soak", payload }, { at: clock() }));
    },
  });
  return (
    <Form form={form} label="Begin a soak" className="flex flex-wrap items-end gap-3">
      <TextField label="Hours" inputClass="w-24 font-mono text-right" numeric {...form.field("hours")} />
      <FormEnd form={form} save={again ? "Begin another soak" : "Begin the soak"} />
      <LineHint line={`soak start ${form.fields.hours || terms.soakHours} h at ${shop.lineVolts} V`} />
    </Form>
  );
}

/** Soak: the set runs for hours at line voltage; the clock is in the log, so it outlives any page. */
export function SoakPlate() {
  const { settled, visit, append, clock, terms, model } = useLogbook();
  const now = useNow();
  const [error, setError] = useState<string>();
  const soak = soakOf(settled, visit.id, now, terms);
  const write = async (payload: ContentOf<"soak">["payload"]) => {
    const outcome = await append({ kind: "soak", payload }, { at: clock() });
    setError(outcome.ok ? undefined : outcome.problems[0]?.message);
  };
  const button = (state: "pause" | "resume" | "end", text: string, primary = false) => (
    <button
      key={state}
      type="button"
      className={`btn h-11 ${primary ? "btn-primary" : "btn-outline"}`}
      onClick={() => void write({ v: 1, state })}
    >
      {text}
    </button>
  );
  const live = soak && soak.state !== "ended";
  return (
    <div className="flex flex-col gap-3">
      {model.sheet.highestVolts > 60 ? (
        <p className="border-l-4 border-error pl-2">
          <strong>Never unattended:</strong> the set is under power the whole time, with{" "}
          {format(model.sheet.highestVolts, "voltage")} inside and, if open, within reach.
        </p>
      ) : null}
      {soak ? <Clock soak={soak} /> : null}
      {live ? (
        <div className="flex flex-wrap gap-2">
          {soak.state === "running" ? button("pause", "Off for a while") : button("resume", "On again", true)}
          {button("end", "End the soak", soak.leftMinutes === 0)}
        </div>
      ) : (
        <StartSoak again={soak !== undefined} />
      )}
      {error ? <ErrorText>{error}</ErrorText> : null}
      {live ? <SoakReading at={clock} /> : null}
      {soak && soak.drifts.length > 0 ? (
        <>
          <DriftChart drifts={soak.drifts} hours={soak.hours} warmMinutes={terms.warmMinutes} />
          <DriftTable drifts={soak.drifts} />
        </>
      ) : null}
      {soak && soak.drifts.length === 0 ? (
        <p className="dim">Readings taken while it soaks are drawn here, with their drift.</p>
      ) : null}
    </div>
  );
}
