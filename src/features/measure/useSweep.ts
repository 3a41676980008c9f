"use client";

import { useEffect, useRef, useState } from "react";
import { steadyOf, type Criterion, type Timed } from "@/core/instruments";
import { nextLevel, readCell, type SweepPlan, type Tried } from "@/core/sheets";
import { askFor, hand, setFigure, type Listed, type Speaking } from "@/ui/instruments/ask";
import type { GridLine } from "./rows";
import type { RunInView } from "./useRun";

/** A reading of a sweep stands still when three over a tenth of a second lie within a hundredth. Shop rule. */
const STILL: Criterion = { least: 3, over: 80, share: 0.01, within: 2e-4 };
/** How often an instrument is asked, and the longest that a reading may wander, ms. */
const [EVERY_MS, WANDERS_MS] = [25, 6000];
const PLACE = { ohms: 50, dial: "terminated" } as const;
const MOST_TRIES = 12;
/** Depth by custom, %. So little output is nothing, V. */
const [AM_DEPTH, HEARD] = [30, 2e-3];

export type SweepState = {
  state: "idle" | "running" | "paused" | "done";
  at: number;
  of: number;
  /** what is read now, and why it does not go on */
  shown?: number | undefined;
  problem?: string | undefined;
};

export type SweepSetUp = {
  generator: Speaking;
  reader: { list: Listed; one: Speaking } | undefined;
  /** the frequency on tune, Hz, and the level that a hunt begins with, V */
  middle: number;
  level: number;
  /** a transmitter is keyed for at most so long, ms */
  limit: number;
};

const wait = (ms: number) => new Promise((resolve) => setTimeout(resolve, ms));
/** A figure as it is typed into a cell. */
const text = (value: number, unit: string) => `${Number(value.toPrecision(4))} ${unit}`;

/** Fills a sheet by stepping a generator and reading an instrument. What is read stands in the grid, not in the log yet. */
export function useSweep(run: RunInView, plan: SweepPlan) {
  const [sweep, setSweep] = useState<SweepState>({ state: "idle", at: 0, of: 0 });
  /** which sweep is running: another number ends the one before */
  const turn = useRef(0);
  const generator = useRef<Speaking>(undefined);
  useEffect(
    () => () => {
      turn.current += 1;
      if (generator.current) void setFigure(generator.current, "output", 0);
    },
    [],
  );

  const stop = (state: SweepState["state"], problem?: string) => {
    turn.current += 1;
    if (generator.current) void setFigure(generator.current, "output", 0);
    setSweep((now) => ({ ...now, state, problem }));
  };

  async function go(setUp: SweepSetUp, lines: readonly GridLine[], from: number) {
    const mine = (turn.current += 1);
    const current = () => turn.current === mine;
    generator.current = setUp.generator;
    const began = performance.now();
    setSweep({ state: "running", at: from, of: lines.length });
    const fail = (problem: string) => current() && stop("paused", problem);

    const set = async (what: "hertz" | "volts", value: number): Promise<boolean> => {
      const done = await setFigure(setUp.generator, what, value);
      if (!done.ok) fail(done.message);
      return done.ok;
    };
    /** What the reader shows once it stands still. */
    const settled = async (): Promise<number | undefined> => {
      const { reader } = setUp;
      if (!reader || !plan.reads) return undefined;
      const readings: Timed[] = [];
      const until = performance.now() + WANDERS_MS;
      while (current() && performance.now() < until) {
        const answer = await askFor(reader.list, reader.one, plan.reads);
        if (!current()) return undefined;
        if (!answer.ok) return void fail(answer.message);
        readings.push({ at: performance.now(), value: answer.value });
        setSweep((now) => ({ ...now, shown: answer.value }));
        const { value } = steadyOf(readings, STILL);
        if (value !== undefined) return value;
        await wait(EVERY_MS);
      }
      if (current()) fail("The reading does not stand still: look at the leads and the set, then go on.");
      return undefined;
    };
    /** The level that gives the output of the first row again. */
    const hunt = async (wanted: number): Promise<number | undefined> => {
      const tried: Tried[] = [];
      let level: number | undefined = setUp.level;
      while (level !== undefined && tried.length < MOST_TRIES) {
        if (!(await set("volts", level))) return undefined;
        const out = await settled();
        if (out === undefined) return undefined;
        tried.push({ level, out });
        level = nextLevel(tried, wanted);
      }
      if (level === undefined) return tried.at(-1)?.level;
      return void fail("No level gives the same output here: leave the row out, or begin with another level.");
    };

    // A stand-in has no hands: its probe is put where the sound comes out.
    if (setUp.reader?.list === "meters" && setUp.reader.one.link?.standIn) {
      await hand(setUp.reader.one.id, { power: true });
      await hand(setUp.reader.one.id, { point: "speaker" });
    }
    if (plan.hunts && !(await set("volts", setUp.level))) return;
    if (plan.received) {
      // One modulation alone: a generator that has FM on refuses, and its sentence is shown.
      if (setUp.generator.link?.profile.sets?.am) {
        const modulated = await setFigure(setUp.generator, "am", AM_DEPTH);
        if (!modulated.ok) return void fail(modulated.message);
      }
      if (!(await set("hertz", setUp.middle))) return;
    }
    const on = await setFigure(setUp.generator, "output", 1);
    if (!on.ok) return void fail(on.message);
    let reference: number | undefined;
    if (plan.hunts) {
      reference = await settled();
      if (reference === undefined) return;
      if (reference < HEARD)
        return void fail("Nothing is heard on tune: look at the modulation, the level, the frequency and the leads.");
    }
    for (let at = from; at < lines.length; at += 1) {
      if (!current()) return;
      if (plan.keyed && performance.now() - began > setUp.limit)
        return stop("paused", "The time for the key is over: key up, let it cool, then go on.");
      const line = lines[at] as GridLine;
      const cell = readCell(plan.by, line.at[plan.by.key] ?? "", PLACE);
      if (!cell.ok || cell.value === undefined)
        return void fail(`“${line.at[plan.by.key] ?? ""}” is nothing that can be set: leave the row out.`);
      if (!(await set(plan.drives, plan.offTune ? setUp.middle + cell.value : cell.value))) return;
      // A needle is read by eye: the signal stays on until the next row is asked for.
      if (!plan.reads) {
        turn.current += 1;
        return setSweep((now) => ({ ...now, state: at + 1 < lines.length ? "paused" : "done", at: at + 1 }));
      }
      const value = reference === undefined ? await settled() : await hunt(reference);
      if (value === undefined || !current()) return;
      run.type(line.key, plan.fills.key, reference === undefined ? text(value, unitOf(plan)) : text(value * 1e6, "µV"));
      setSweep((now) => ({ ...now, at: at + 1 }));
    }
    stop("done");
  }

  return { sweep, go, pause: () => stop("paused"), stop: () => stop("idle") };
}

const UNITS: Record<NonNullable<SweepPlan["reads"]>, string> = {
  ...{ "volts-ac": "V", "volts-dc": "V", watts: "W", hertz: "Hz", "amps-dc": "A" },
};
export const unitOf = ({ reads }: SweepPlan): string => (reads ? UNITS[reads] : "");
