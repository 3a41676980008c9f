"use client";

import { useEffect, useRef, useState } from "react";
import { isSerial, READS, STAGE_WORDS, USUAL_STEADY, type Criterion, type Reads, type Stage } from "@/core/instruments";
import type { Verdict } from "@/core/readings";
import type { Meter } from "@/db/shop";
import { VerdictMark } from "@/ui/VerdictMark";
import { Where } from "@/ui/picture/Where";
import { SerialPort } from "./SerialPort";
import { sayAloud, toneOf } from "./tones";
import { useWalk } from "./useWalk";
import { readNumber } from "@/core/quantity";

/** A place where the probe is put: what stands in large letters, and what is known of it. */
export type Place = {
  point: string;
  /** what is done before it, in this order */
  stages: readonly Stage[];
  expected?: string | undefined;
  /** where the probe of a stand-in goes, where that is called otherwise */
  probe?: string;
  /** parts that are lit on the picture */
  where?: readonly string[];
};

type WalkProps = {
  meter: Meter;
  what: Reads;
  places: readonly Place[];
  print: (value: number) => string;
  /** none, where nothing is expected there */
  judge: (at: number, value: number) => Verdict;
  take: (at: number, value: number, range?: number) => void;
  takeBack: (at: number) => void;
  onEnd: () => void;
};

type Taken = { at: number; value: number; verdict: Verdict };

/** When a reading stands still: seen, and changed where a probe or a set asks for it. */
function StandsStill({ criterion, onChange }: { criterion: Criterion; onChange: (next: Criterion) => void }) {
  const number = (label: string, value: number, put: (value: number) => Partial<Criterion>) => (
    <label className="flex items-center gap-2">
      {label}
      <input
        className="input h-11 w-20 text-right font-mono"
        inputMode="decimal"
        defaultValue={String(value)}
        onChange={({ target }) => {
          const typed = readNumber(target.value) ?? 0;
          if (typed > 0) onChange({ ...criterion, ...put(typed) });
        }}
      />
    </label>
  );
  return (
    <details>
      <summary className="min-h-10 cursor-pointer">
        It stands still when {criterion.least} readings over {criterion.over / 1000} s lie within{" "}
        {Number((criterion.share * 100).toFixed(2))} %.
      </summary>
      <div className="flex flex-wrap gap-4 pt-1">
        {number("Readings", criterion.least, (value) => ({ least: Math.max(2, Math.round(value)) }))}
        {number("Over, s", criterion.over / 1000, (value) => ({ over: value * 1000 }))}
        {number("Within, %", criterion.share * 100, (value) => ({ share: value / 100 }))}
      </div>
    </details>
  );
}

/** The walk with the probe: the next point in large letters; what stands still is taken, judged by a tone, and it goes on. */
export function ProbeWalk({ meter, what, places, print, judge, take, takeBack, onEnd }: WalkProps) {
  const ref = useRef<HTMLElement>(null);
  const [criterion, setCriterion] = useState<Criterion>(USUAL_STEADY);
  const [aloud, setAloud] = useState(false);
  const [silent, setSilent] = useState(false);
  const [taken, setTaken] = useState<readonly Taken[]>([]);
  const { walk, shown, tell } = useWalk(meter, what, places, criterion, {
    take: (at, value, range) => {
      const verdict = judge(at, value);
      setTaken((all) => [...all, { at, value, verdict }]);
      take(at, value, range);
      void toneOf(verdict).then((heard) => setSilent(!heard));
      if (aloud) sayAloud(`${places[at]?.point ?? ""}: ${print(value)}, ${verdict === "none" ? "" : verdict}`);
    },
    takeBack: (at) => {
      setTaken((all) => all.slice(0, -1));
      takeBack(at);
    },
  });
  useEffect(() => ref.current?.focus(), []);
  const row = places[walk.at];
  // More ohms than it shows are no trouble: no path, or leads in the air.
  const open = what === "ohms" && shown?.ok === false && shown.why === "overload";
  const last = taken.at(-1);
  const keys: Record<string, () => void> = {
    " ": () => tell({ kind: "next" }),
    Enter: () => tell({ kind: "next" }),
    Backspace: () => tell({ kind: "back" }),
    ArrowRight: () => tell({ kind: "skip" }),
    Escape: onEnd,
  };
  return (
    <section
      ref={ref}
      tabIndex={-1}
      aria-label="Probe walk"
      className="mb-3 flex flex-col gap-3 rounded-box border-2 border-primary p-4 focus:outline-none"
      onKeyDown={(event) => {
        // A foot-switch that bounces sends its key again and again.
        if (event.target !== ref.current || event.repeat) return;
        const act = keys[event.key];
        if (!act) return;
        event.preventDefault();
        event.stopPropagation();
        act();
      }}
    >
      {row ? (
        <div className="grid items-start gap-4 md:grid-cols-[1fr_16rem]">
          <div className="flex flex-col gap-2">
            <p className="text-[40px] leading-tight font-bold" aria-live="polite">
              {row.point}
              {row.expected && walk.stage === undefined ? (
                <span className="dim block text-2xl font-normal">{row.expected}</span>
              ) : null}
            </p>
            {walk.stage ? (
              <p className="border-l-8 border-error pl-3 text-[40px] leading-tight font-bold">
                {STAGE_WORDS[walk.stage]}
              </p>
            ) : (
              <p className="font-mono text-[40px] leading-tight" data-testid="reads">
                {shown === undefined
                  ? "…"
                  : shown.ok
                    ? print(shown.value)
                    : open
                      ? print(Number.POSITIVE_INFINITY)
                      : ""}
              </p>
            )}
            {(walk.waits === "put" || walk.waits === "lift") && shown?.ok && !walk.stage ? (
              <p className="text-xl" role="status">
                Lift the probe, then put it on {row.point}.{walk.waits === "put" ? " Space takes it as it stands." : ""}
              </p>
            ) : null}
            {shown && !shown.ok && !open && !walk.stage ? (
              <p role="alert" className="text-xl text-warning">
                {shown.message}
              </p>
            ) : null}
          </div>
          <Where names={row.where ?? [row.point]} />
        </div>
      ) : (
        <p className="text-[40px] leading-tight font-bold" role="status">
          All {places.length} points are through.
        </p>
      )}
      {last ? (
        <p className="flex flex-wrap items-center gap-3 text-2xl" role="status">
          {places[last.at]?.point} <span className="font-mono">{print(last.value)}</span>
          {last.verdict === "none" ? null : <VerdictMark mark={last.verdict} />}
        </p>
      ) : null}
      <div className="flex flex-wrap gap-2">
        {row ? (
          <button type="button" className="btn h-14 text-lg btn-primary" onClick={() => tell({ kind: "next" })}>
            {walk.stage ? "Done" : "Take it as it stands"}
          </button>
        ) : null}
        <button
          type="button"
          className="btn btn-outline h-14 text-lg"
          disabled={!last}
          onClick={() => tell({ kind: "back" })}
        >
          That was a slip
        </button>
        {row ? (
          <button type="button" className="btn btn-outline h-14 text-lg" onClick={() => tell({ kind: "skip" })}>
            Leave it out
          </button>
        ) : null}
        <button type="button" className="btn btn-ghost h-14 text-lg" onClick={onEnd}>
          End the walk
        </button>
      </div>
      <div className="flex flex-wrap items-center gap-x-6 gap-y-1">
        <label className="flex min-h-10 items-center gap-2">
          <input
            type="checkbox"
            className="checkbox"
            checked={aloud}
            onChange={({ target }) => setAloud(target.checked)}
          />
          Say it aloud
        </label>
        {meter.link && isSerial(meter.link) ? <SerialPort id={meter.id} link={meter.link} /> : null}
        <StandsStill criterion={criterion} onChange={setCriterion} />
      </div>
      <p className="dim">
        {meter.name} reads {READS[what].text}
        {meter.link?.standIn ? ", a stand-in: its probe follows by itself" : ""}. Space or a foot-switch: take it, or go
        on; Backspace: a slip; → leave out; Esc: end.
        {silent ? " This browser allows no sound yet: press a button once." : ""}
      </p>
    </section>
  );
}
