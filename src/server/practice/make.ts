import { randomInt, randomUUID } from "node:crypto";
import { v7 } from "uuid";
import { chanceFrom } from "@/core/diagnosis";
import {
  caseOf,
  courseCase,
  COURSES,
  draw,
  drawable,
  faultWordsOf,
  type Drawn,
  type PracticeSet,
  type Wish,
} from "@/core/practice";
import type { Tx } from "@/db/client";
import { addExercise, runOf, type NewExercise } from "@/db/practice";
import { chosen, setReady } from "./sets";

export type Advice = NewExercise["advice"];

type Made = { ok: true; id: string } | { ok: false; message: string };
const no = (message: string): Made => ({ ok: false, message });

/** Manners of a chosen fault that are tried, until one is noticed. */
const MANNERS = 60;

type About = {
  by: string;
  now: string;
  advice: Advice;
  notice?: string | undefined;
  forClass?: boolean;
  course?: { key: string; place: number };
};

async function keep(
  db: Tx,
  set: { name: string; year: number | null; sheet: unknown },
  drawn: Drawn,
  about: About,
): Promise<Made> {
  const id = v7();
  await addExercise(db, {
    id,
    ...set,
    hidden: drawn.hidden,
    salt: randomUUID(),
    told: drawn.told,
    complaint: drawn.complaint ?? drawn.told.map(({ words }) => words).join(" "),
    difficulty: drawn.difficulty,
    advice: about.advice,
    notice: about.notice?.trim() ?? "",
    ...(about.course ? { course: about.course.key, place: about.course.place } : {}),
    forClass: about.forClass ?? false,
    by: about.by,
    at: about.now,
  });
  return { ok: true, id };
}

const NO_NET = "This set has no net that can be solved: a fault in it could not be measured.";

async function readySet(
  db: Tx,
  key: string,
  now: string,
): Promise<{ given: { name: string; year: number | null; sheet: unknown }; set: PracticeSet } | undefined> {
  const given = await chosen(db, key);
  const set = given && setReady(given.name, given.sheet, given.year, now);
  return given && set ? { given, set } : undefined;
}

/** Hides a fault that is drawn in a set. */
export async function drawExercise(db: Tx, key: string, wish: Wish, about: About): Promise<Made> {
  const ready = await readySet(db, key, about.now);
  if (!ready) return no(NO_NET);
  const drawn = draw(ready.set, wish, chanceFrom(randomInt(2 ** 31)));
  return drawn
    ? keep(db, ready.given, drawn, about)
    : no(
        wish.words
          ? `No fault of that kind and difficulty does what “${wish.words}” says. Change the words, or leave them out.`
          : "This set has no fault of that kind and difficulty. Choose another kind, or another set.",
      );
}

/** Hides a fault that somebody chose. @param words what its owner is to say; without them that is drawn too */
export async function hideExercise(db: Tx, key: string, fault: string, about: About, words = ""): Promise<Made> {
  const ready = await readySet(db, key, about.now);
  if (!ready) return no(NO_NET);
  const known = ready.set.system.faults.find((one) => one.id === fault && drawable(ready.set, one));
  if (!known) return no("This set has no such fault.");
  const chance = chanceFrom(randomInt(2 ** 31));
  let noticed: Drawn | undefined;
  for (let manner = 0; manner < MANNERS; manner += 1) {
    const drawn = caseOf(ready.set, known, chance, words);
    if (drawn) return keep(db, ready.given, drawn, about);
    noticed ??= caseOf(ready.set, known, chance);
  }
  if (noticed)
    return no(
      `With this fault the set does not do what “${words}” says. Its owner would say: “${noticed.told.map((one) => one.words).join(" ")}” Change the words, or leave them out.`,
    );
  return no("That fault changes nothing that could be measured or noticed in this set. Choose another one.");
}

/** A case of a course. */
export async function courseExercise(db: Tx, course: string, place: number, about: About): Promise<Made> {
  const one = COURSES.find(({ key }) => key === course)?.cases[place];
  const ready = one && (await readySet(db, one.set, about.now));
  const drawn = ready && courseCase(ready.set, one, place + 1);
  return drawn
    ? keep(db, ready.given, drawn, { ...about, notice: one.notice, course: { key: course, place } })
    : no("This course has no such case.");
}

/** Begins an exercise, or goes on with it. @returns the run */
export const begin = (db: Tx, exercise: string, person: string, at = new Date().toISOString()): Promise<string> =>
  runOf(db, exercise, person, v7(), at);

/** Faults that a teacher can hide in a set. */
export async function faultsToHide(
  db: Tx,
  key: string,
  now: string,
): Promise<{ id: string; name: string; kind: string }[]> {
  const ready = await readySet(db, key, now);
  return ready ? faultWordsOf(ready.set) : [];
}
