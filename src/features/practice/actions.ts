"use server";

import { z } from "zod";
import { DIFFICULTIES, KINDS_OF_FAULT } from "@/core/practice";
import { database } from "@/db/client";
import { closeExercise, exerciseById, runsOf } from "@/db/practice";
import { action, personId, read, refuse, type Answer } from "@/server/action";
import { begin, courseExercise, drawExercise, faultsToHide, hideExercise } from "@/server/practice/make";

const id = z.uuid();
const advice = z.enum(["off", "on", "asked"]);
const wish = { kind: z.enum(KINDS_OF_FAULT).optional(), difficulty: z.enum(DIFFICULTIES).optional() };
const key = z.string().min(1).max(80);

const begun = z.union([
  z.object({ set: key, advice, ...wish }),
  z.object({ course: key, place: z.number().int().min(0).max(20), advice }),
  z.object({ exercise: id }),
]);

type Begun = { ok: true; run: string } | { ok: false; message: string };

/** Begins to practise: on a fault that is drawn, on a case of a course, or on what a teacher has set. */
export async function startPractice(asked: unknown): Promise<Begun> {
  return action("start practice", async (): Promise<Begun> => {
    const what = read(begun, asked);
    const db = database();
    const about = { by: personId(), now: new Date().toISOString() };
    if ("exercise" in what) {
      const exercise = await exerciseById(db, what.exercise);
      if (!exercise?.forClass) return refuse("There is no such exercise.");
      // Whoever has begun goes on.
      const mine = (await runsOf(db, about.by)).find(({ exercise: of }) => of === what.exercise);
      if (exercise.closed && !mine) return refuse("This exercise is closed: nobody begins it any more.");
      return { ok: true, run: await begin(db, what.exercise, about.by) };
    }
    const made =
      "course" in what
        ? await courseExercise(db, what.course, what.place, { ...about, advice: what.advice })
        : await drawExercise(db, what.set, what, { ...about, advice: what.advice });
    return made.ok ? { ok: true, run: await begin(db, made.id, about.by) } : made;
  });
}

const given = z.object({
  set: key,
  /** empty: drawn, by kind and difficulty */
  fault: z.string().max(200),
  advice,
  complaint: z.string().trim().max(500, "A complaint has at most 500 characters."),
  notice: z.string().trim().max(2000, "A note has at most 2000 characters."),
  ...wish,
});

/** Hides a fault for a class. */
export async function setExercise(asked: unknown): Promise<{ ok: true; id: string } | { ok: false; message: string }> {
  return action("set exercise", async () => {
    const { set, fault, kind, difficulty, complaint: words, ...rest } = read(given, asked);
    const about = { ...rest, by: personId(), now: new Date().toISOString(), forClass: true };
    return fault
      ? hideExercise(database(), set, fault, about, words)
      : drawExercise(database(), set, { kind, difficulty, words }, about);
  });
}

/** The faults that can be hidden in a set. */
export async function faultsIn(
  set: unknown,
): Promise<{ ok: true; faults: { id: string; name: string; kind: string }[] } | { ok: false; message: string }> {
  return action("set exercise", async () => ({
    ok: true as const,
    faults: await faultsToHide(database(), key.parse(set), new Date().toISOString()),
  }));
}

export async function closeForAll(exercise: unknown): Promise<Answer> {
  return action(
    "close exercise",
    async (): Promise<Answer> =>
      (await closeExercise(database(), id.parse(exercise))) ? { ok: true } : refuse("There is no such exercise."),
    { shownOn: "/" },
  );
}
