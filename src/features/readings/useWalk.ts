"use client";

import { useCallback, useEffect, useRef, useState } from "react";
import { walkOf, walkOn, type Criterion, type Walk, type WalkEvent, type WalkPoint } from "@/core/instruments";
import type { Meter } from "@/db/shop";

/** How often an instrument is asked, ms. */
const EVERY_MS = 250;
/** A stand-in's probe is lifted for so long between two points, ms. */
const LIFTED_MS = 600;

type Answer = { ok: true; value: number; unit: string } | { ok: false; message: string };

const hand = (id: string, what: object): Promise<unknown> =>
  fetch(`/api/meters/${id}/hand`, { method: "POST", body: JSON.stringify(what) }).catch(() => undefined);

async function readingOf(id: string): Promise<Answer> {
  try {
    const answer = await fetch(`/api/meters/${id}/reading?what=volts-dc`, { cache: "no-store" });
    const read = (await answer.json()) as Answer | { message?: string };
    if (answer.ok) return read as Answer;
    return { ok: false, message: "message" in read && read.message ? read.message : "The instrument cannot be asked." };
  } catch {
    return { ok: false, message: "The server cannot be reached: the figure is typed instead." };
  }
}

type Doing = {
  take: (point: string, value: number) => void;
  takeBack: (point: string) => void;
};

/**
 * A walk with the probe: the instrument is asked four times a second, what stands still is taken, and it goes on.
 * @param criterion when a reading stands still
 */
export function useWalk(meter: Meter, points: readonly WalkPoint[], criterion: Criterion, { take, takeBack }: Doing) {
  const [walk, setWalk] = useState<Walk>(() => walkOf(points));
  const [shown, setShown] = useState<Answer>();
  const now = useRef(walk);
  const doing = useRef({ take, takeBack, criterion });
  useEffect(() => {
    doing.current = { take, takeBack, criterion };
  });

  const tell = useCallback((event: WalkEvent) => {
    const done = walkOn(now.current, event, doing.current.criterion);
    now.current = done.walk;
    setWalk(done.walk);
    if (done.take) doing.current.take(done.take.point, done.take.value);
    if (done.takeBack) doing.current.takeBack(done.takeBack.point);
  }, []);

  // Asks again when the answer is there: an instrument that is slow is not asked twice at once.
  useEffect(() => {
    let current = true;
    let timer: ReturnType<typeof setTimeout> | undefined;
    const ask = async () => {
      const answer = await readingOf(meter.id);
      if (!current) return;
      setShown(answer);
      if (answer.ok) tell({ kind: "reading", at: performance.now(), value: answer.value });
      timer = setTimeout(() => void ask(), EVERY_MS);
    };
    void ask();
    return () => {
      current = false;
      clearTimeout(timer);
    };
  }, [meter.id, tell]);

  // The probe of a stand-in follows the walk: it is lifted, and put down at the next point; its set is switched with it.
  const standIn = meter.link?.standIn === true;
  const point = points[walk.at]?.point ?? "";
  const on = walk.stage === undefined;
  useEffect(() => {
    if (!standIn) return;
    let current = true;
    void hand(meter.id, { power: on }).then(() => hand(meter.id, { point: "" }));
    const timer = setTimeout(() => current && void hand(meter.id, { point }), LIFTED_MS);
    return () => {
      current = false;
      clearTimeout(timer);
    };
  }, [meter.id, standIn, point, on]);

  return { walk, shown, tell };
}
