import { and, asc, desc, eq, isNotNull, sql } from "drizzle-orm";
import type { Done, Ended, KindOfFault, Review } from "@/core/practice";
import type { Tx } from "./client";
import { iso } from "./moment";
import { practiceExercise, practiceRun } from "./practice-schema";
import { person } from "./schema";

export type Exercise = typeof practiceExercise.$inferSelect;
export type NewExercise = typeof practiceExercise.$inferInsert;
export type Run = typeof practiceRun.$inferSelect;

const MOST = 100;

export async function addExercise(db: Tx, exercise: NewExercise): Promise<void> {
  await db.insert(practiceExercise).values(exercise);
}

export async function exerciseById(db: Tx, id: string): Promise<Exercise | undefined> {
  const [row] = await db.select().from(practiceExercise).where(eq(practiceExercise.id, id));
  return row && { ...row, at: iso(row.at) };
}

/** Somebody's run of an exercise: the one that they have begun, or a new one. */
export async function runOf(db: Tx, exerciseId: string, personId: string, id: string, at: string): Promise<string> {
  await db.insert(practiceRun).values({ id, exerciseId, personId, startedAt: at }).onConflictDoNothing();
  const [row] = await db
    .select({ id: practiceRun.id })
    .from(practiceRun)
    .where(and(eq(practiceRun.exerciseId, exerciseId), eq(practiceRun.personId, personId)));
  return row?.id ?? id;
}

/** A run with its exercise. */
export async function runById(db: Tx, id: string): Promise<{ run: Run; exercise: Exercise } | undefined> {
  const [row] = await db
    .select({ run: practiceRun, exercise: practiceExercise })
    .from(practiceRun)
    .innerJoin(practiceExercise, eq(practiceExercise.id, practiceRun.exerciseId))
    .where(eq(practiceRun.id, id));
  return row;
}

/**
 * Writes down what was done, unless somebody else at the same run was quicker.
 * @returns whether it was written
 */
export async function keepDone(
  db: Tx,
  { id, version }: Pick<Run, "id" | "version">,
  done: readonly Done[],
  ended?: { at: string; review: Review },
): Promise<boolean> {
  const written = await db
    .update(practiceRun)
    .set({
      done: [...done],
      version: version + 1,
      ...(ended
        ? {
            endedAt: ended.at,
            review: ended.review,
            kind: ended.review.kind,
            found: ended.review.ended === "found",
            points: ended.review.points,
            minutes: ended.review.minutes.mine,
            best: ended.review.minutes.best,
          }
        : {}),
    })
    .where(and(eq(practiceRun.id, id), eq(practiceRun.version, version)))
    .returning({ id: practiceRun.id });
  return written.length > 0;
}

/** A run as a list shows it; what was wrong only once it has ended. */
export type RunRow = {
  id: string;
  /** the exercise that it is of */
  exercise: string;
  name: string;
  complaint: string;
  difficulty: Exercise["difficulty"];
  course: string | null;
  place: number | null;
  startedAt: string;
  endedAt: string | null;
  found: boolean | null;
  points: number | null;
  minutes: number | null;
  best: number | null;
  was: string | null;
};

/** Somebody's runs, the latest first. */
export async function runsOf(db: Tx, personId: string): Promise<RunRow[]> {
  const rows = await db
    .select({
      id: practiceRun.id,
      exercise: practiceExercise.id,
      name: practiceExercise.name,
      complaint: practiceExercise.complaint,
      difficulty: practiceExercise.difficulty,
      course: practiceExercise.course,
      place: practiceExercise.place,
      startedAt: practiceRun.startedAt,
      endedAt: practiceRun.endedAt,
      found: practiceRun.found,
      points: practiceRun.points,
      minutes: practiceRun.minutes,
      best: practiceRun.best,
      was: sql<string | null>`${practiceRun.review} ->> 'was'`,
    })
    .from(practiceRun)
    .innerJoin(practiceExercise, eq(practiceExercise.id, practiceRun.exerciseId))
    .where(eq(practiceRun.personId, personId))
    .orderBy(desc(practiceRun.startedAt))
    .limit(MOST);
  return rows.map((row) => ({
    ...row,
    startedAt: iso(row.startedAt),
    endedAt: row.endedAt === null ? null : iso(row.endedAt),
  }));
}

/** All that somebody has ended, for their progress. */
export async function endedBy(db: Tx, personId: string): Promise<Ended[]> {
  const rows = await db
    .select()
    .from(practiceRun)
    .where(and(eq(practiceRun.personId, personId), isNotNull(practiceRun.endedAt)))
    .orderBy(asc(practiceRun.endedAt));
  return rows.map(({ endedAt, kind, found, points, minutes, best }) => ({
    at: iso(endedAt ?? ""),
    kind: (kind ?? "other") as KindOfFault,
    found: found ?? false,
    points: points ?? 0,
    minutes: minutes ?? 0,
    best: best ?? 0,
  }));
}

/** Exercises for a class, the latest first, with how many are at it and have ended. */
export async function classExercises(db: Tx) {
  const rows = await db
    .select({
      id: practiceExercise.id,
      name: practiceExercise.name,
      complaint: practiceExercise.complaint,
      at: practiceExercise.at,
      closed: practiceExercise.closed,
      by: person.name,
      runs: sql<number>`count(${practiceRun.id})::int`,
      ended: sql<number>`count(${practiceRun.endedAt})::int`,
    })
    .from(practiceExercise)
    .innerJoin(person, eq(person.id, practiceExercise.by))
    .leftJoin(practiceRun, eq(practiceRun.exerciseId, practiceExercise.id))
    .where(eq(practiceExercise.forClass, true))
    .groupBy(practiceExercise.id, person.name)
    .orderBy(desc(practiceExercise.at))
    .limit(MOST);
  return rows.map((row) => ({ ...row, at: iso(row.at) }));
}
export type ClassRow = Awaited<ReturnType<typeof classExercises>>[number];

/** What came of an exercise: a row for each who began it. */
export async function classRuns(db: Tx, exerciseId: string) {
  const rows = await db
    .select({ run: practiceRun, who: person.name })
    .from(practiceRun)
    .innerJoin(person, eq(person.id, practiceRun.personId))
    .where(eq(practiceRun.exerciseId, exerciseId))
    .orderBy(desc(sql`coalesce(${practiceRun.points}, -1)`), asc(person.name));
  return rows.map(({ run, who }) => ({
    ...{ id: run.id, who, found: run.found, points: run.points, minutes: run.minutes, review: run.review },
    acts: run.done.filter(({ act }) => ["volts", "ohms", "test", "exchange"].includes(act.do)).length,
    startedAt: iso(run.startedAt),
    endedAt: run.endedAt === null ? null : iso(run.endedAt),
  }));
}
export type ClassRun = Awaited<ReturnType<typeof classRuns>>[number];

/** Nobody begins it any more. */
export async function closeExercise(db: Tx, id: string): Promise<boolean> {
  const closed = await db
    .update(practiceExercise)
    .set({ closed: true })
    .where(and(eq(practiceExercise.id, id), eq(practiceExercise.forClass, true)))
    .returning({ id: practiceExercise.id });
  return closed.length > 0;
}
