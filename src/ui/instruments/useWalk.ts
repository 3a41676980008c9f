"use client";

import { useCallback, useEffect, useRef, useState } from "react";
import {
  walkOf,
  walkOn,
  type Criterion,
  type Reads,
  type Walk,
  type WalkEvent,
  type WalkPoint,
} from "@/core/instruments";
import type { Meter } from "@/db/shop";
import { askFor, hand } from "./ask";

/** How often an instrument is asked, ms. */
const EVERY_MS = 250;
/** A stand-in's probe is lifted for so long between two points, ms. */
const LIFTED_MS = 600;

export type Answer = { ok: true; value: number; range?: number } | { ok: false; message: string; why?: string };

type Doing = { take: (at: number, value: number, range?: number) => void; takeBack: (at: number) => void };

/** Asks a meter again and again, the next time when its answer is there: one that is slow is not asked twice at once. */
export function useAsking(meter: Meter, what: Reads, onAnswer: (answer: Answer) => void): Answer | undefined {
  const [shown, setShown] = useState<Answer>();
  const heard = useRef(onAnswer);
  useEffect(() => {
    heard.current = onAnswer;
  });
  const one = useRef(meter);
  useEffect(() => {
    one.current = meter;
  });
  useEffect(() => {
    let current = true;
    let timer: ReturnType<typeof setTimeout> | undefined;
    // One that does not tell its range is not asked for it again: it may take its whole time not to answer.
    let ranged = one.current.link?.profile.ranges?.[what] !== undefined;
    const ask = async () => {
      const asked = await askFor("meters", one.current, what, ranged);
      if (!current) return;
      if (asked.ok && asked.range === null) ranged = false;
      const { range, ...said } = asked.ok ? asked : { ...asked, range: null };
      const answer: Answer = said.ok && typeof range === "number" ? { ...said, range } : said;
      setShown(answer);
      heard.current(answer);
      timer = setTimeout(() => void ask(), EVERY_MS);
    };
    void ask();
    return () => {
      current = false;
      clearTimeout(timer);
    };
  }, [meter.id, what]);
  return shown;
}

const wait = (ms: number) => new Promise((done) => setTimeout(done, ms));

/**
 * The probe of a stand-in goes where a person would put it: it is lifted, and put down; its set is switched with it.
 * One thing after the other: on a slow network it would else be put down first, and lifted then.
 */
export function useStandInHand(meter: Meter, point: string, power: boolean): void {
  const standIn = meter.link?.standIn === true;
  const turn = useRef<Promise<unknown>>(Promise.resolve());
  useEffect(() => {
    if (!standIn) return;
    let current = true;
    const steps = [
      () => hand(meter.id, { power }),
      () => hand(meter.id, { point: "" }),
      () => wait(LIFTED_MS),
      () => hand(meter.id, { point }),
    ];
    for (const step of steps) turn.current = turn.current.then(() => (current ? step() : undefined));
    return () => {
      current = false;
    };
  }, [meter.id, standIn, point, power]);
}

/**
 * A walk with the probe: the instrument is asked four times a second, what stands still is taken, and it goes on.
 * @param criterion when a reading stands still
 */
export function useWalk(
  meter: Meter,
  what: Reads,
  points: readonly (WalkPoint & { probe?: string })[],
  criterion: Criterion,
  { take, takeBack }: Doing,
) {
  const [walk, setWalk] = useState<Walk>(() => walkOf(points));
  const now = useRef(walk);
  const doing = useRef({ take, takeBack, criterion });
  useEffect(() => {
    doing.current = { take, takeBack, criterion };
  });

  const tell = useCallback((event: WalkEvent) => {
    const before = now.current;
    const done = walkOn(before, event, doing.current.criterion);
    now.current = done.walk;
    setWalk(done.walk);
    if (done.take) doing.current.take(before.at, done.take.value, done.take.range);
    if (done.takeBack) doing.current.takeBack(done.walk.at);
  }, []);

  const shown = useAsking(meter, what, (answer) => {
    if (answer.ok) tell({ kind: "reading", at: performance.now(), value: answer.value, range: answer.range });
    else if (answer.why === "overload") tell({ kind: "over" });
  });
  // Ohms are read with the power off.
  const place = points[walk.at];
  useStandInHand(meter, place?.probe ?? place?.point ?? "", what !== "ohms" && walk.stage === undefined);
  return { walk, shown, tell };
}
