"use client";

import { useEffect, useRef, useState } from "react";
import { HANDS_AWAY, STAGE_WORDS, USUAL_STEADY, type Criterion, type WalkPoint } from "@/core/instruments";
import { correctedFor, judge, printMeasured, type Circumstances, type PointRow, type Verdict } from "@/core/readings";
import type { Meter } from "@/db/shop";
import { useLogbook } from "@/ui/logbook";
import { VerdictMark } from "@/ui/VerdictMark";
import { Where } from "@/ui/picture/Where";
import { sayAloud, toneOf } from "./tones";
import { useWalk } from "./useWalk";

type WalkProps = {
  meter: Meter;
  rows: readonly PointRow[];
  circumstances: (row: PointRow, measured?: number) => Circumstances;
  take: (row: PointRow, value: number) => Promise<void>;
  takeBack: (point: string) => Promise<void>;
  onEnd: () => void;
};

type Taken = { point: string; value: number; verdict: Verdict };

/** Less than this is the noise of leads in the air, V. */
const NOISE = 5e-4;
const still = (volts: number): number => (Math.abs(volts) < NOISE ? 0 : volts);

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
          const typed = Number(target.value.replace(",", "."));
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
export function WalkPanel({ meter, rows, circumstances, take, takeBack, onEnd }: WalkProps) {
  const { model } = useLogbook();
  const ref = useRef<HTMLElement>(null);
  const [criterion, setCriterion] = useState<Criterion>(USUAL_STEADY);
  const [aloud, setAloud] = useState(false);
  const [silent, setSilent] = useState(false);
  const [taken, setTaken] = useState<readonly Taken[]>([]);
  const live = model.sheet.supply === "live-chassis";
  const points = rows.map(({ point, expected }): WalkPoint => {
    return { point, highVoltage: live || Math.abs(expected?.value ?? 0) >= HANDS_AWAY };
  });
  const { walk, shown, tell } = useWalk(meter, points, criterion, {
    take: (point, value) => {
      const row = rows.find((one) => one.point === point);
      if (!row) return;
      const { expected, quantity } = row;
      const { verdict } = judge({ quantity, measured: value, expected, ...circumstances(row, value) });
      setTaken((all) => [...all, { point, value, verdict }]);
      void take(row, value);
      void toneOf(verdict).then((heard) => setSilent(!heard));
      if (aloud) sayAloud(`${point}: ${printMeasured(value, quantity)}, ${verdict}`);
    },
    takeBack: (point) => {
      setTaken((all) => all.slice(0, -1));
      void takeBack(point);
    },
  });
  useEffect(() => ref.current?.focus(), []);
  const row = rows[walk.at];
  const last = taken.at(-1);
  const expected = row?.expected;
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
              {expected && walk.stage === undefined ? (
                <span className="dim block text-2xl font-normal">
                  expected {printMeasured(correctedFor(expected, row.quantity, circumstances(row)).value, row.quantity)}
                </span>
              ) : null}
            </p>
            {walk.stage ? (
              <p className="border-l-8 border-error pl-3 text-[40px] leading-tight font-bold">
                {STAGE_WORDS[walk.stage]}
              </p>
            ) : (
              <p className="font-mono text-[40px] leading-tight" data-testid="reads">
                {shown === undefined ? "…" : shown.ok ? printMeasured(still(shown.value), "voltage") : ""}
              </p>
            )}
            {shown && !shown.ok && !walk.stage ? (
              <p role="alert" className="text-xl text-warning">
                {shown.message}
              </p>
            ) : null}
          </div>
          <Where names={[row.point]} />
        </div>
      ) : (
        <p className="text-[40px] leading-tight font-bold" role="status">
          All {rows.length} points are through.
        </p>
      )}
      {last ? (
        <p className="flex flex-wrap items-center gap-3 text-2xl" role="status">
          {last.point} <span className="font-mono">{printMeasured(last.value, "voltage")}</span>
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
        <StandsStill criterion={criterion} onChange={setCriterion} />
      </div>
      <p className="dim">
        {meter.name}
        {meter.link?.standIn ? ", a stand-in: its probe follows by itself" : ""}. Space or a foot-switch: take it, or go
        on; Backspace: a slip; → leave out; Esc: end.
        {silent ? " This browser allows no sound yet: press a button once." : ""}
      </p>
    </section>
  );
}
