import { and, asc, eq, gte, inArray, sql } from "drizzle-orm";
import {
  timesOf,
  USUAL_WEEK,
  weekSchema,
  type Away,
  type DayPin,
  type PastJob,
  type PastVisit,
  type PlanInput,
  type Skill,
  type Times,
  type WorkerRules,
} from "@/core/plan";
import type { Role } from "@/core/access";
import type { Stay } from "@/core/across";
import { modelName } from "@/core/model";
import type { Db, Tx } from "./client";
import { STALE, type Saved } from "./customers";
import { databaseError } from "./error";
import { fromAllSets } from "./from-all-sets";
import { iso } from "./moment";
import { people } from "./people";
import { away, planPin, setHolder, worker } from "./plan-schema";
import { person } from "./schema";
import { planRules, shopTerms } from "./shop";
import { boardCards, setsWithStays, type BoardCard } from "./summaries";

/** A visit that is over, for its times and its price. */
export type Past = PastVisit & PastJob & { currency: string };

/** The shop's past, and the times of its steps that come from it. */
export type ShopPast = { past: Past[]; times: Times };

/** Visits that are over, with their time, parts and complaint, and how long each step takes here. */
export const shopPast = fromAllSets(async (db): Promise<ShopPast> => {
  const past = (await setsWithStays(db)).flatMap(({ modelId, setClass: ofClass, stays }) =>
    stays.filter(isOver).map((stay): Past => ({
      modelId,
      setClass: ofClass,
      labour: stay.labour,
      minutes: Object.values(stay.labour).reduce((sum, minutes) => sum + minutes, 0),
      complaint: stay.read,
      parts: stay.work.length,
      partsMinor: stay.parts[0]?.minor ?? 0,
      currency: stay.parts[0]?.currency ?? "",
    })),
  );
  return { past, times: timesOf(past) };
});

/** A summary that an older program made has no times in it: it is made anew soon. */
const isOver = (stay: Stay): boolean => stay.closedAt !== undefined && (stay.labour as unknown) !== undefined;

/** What somebody is thought to do until they have said so. */
const SKILLS_OF: Record<Role, readonly Skill[]> = {
  owner: ["bench", "alignment", "transmitters", "cabinet", "desk"],
  lead: ["bench", "alignment", "transmitters", "cabinet", "desk"],
  technician: ["bench", "alignment", "cabinet", "desk"],
  apprentice: ["bench"],
  desk: ["desk"],
  reader: [],
};

export type WorkerRow = WorkerRules & { id: string; name: string; version: number };

/** Everyone who works here, with their week and what they can do. */
export async function workers(db: Tx): Promise<WorkerRow[]> {
  const rows = new Map((await db.select().from(worker)).map((row) => [row.personId, row]));
  return (await people(db)).map(({ id, name, access }) => {
    const row = rows.get(id);
    const week = weekSchema.safeParse(row?.week);
    return {
      id,
      name,
      week: week.success ? week.data : USUAL_WEEK,
      skills: row?.skills ?? [...SKILLS_OF[access]],
      version: row?.version ?? 0,
    };
  });
}

/** Changes somebody's week and skills; version 0 writes them for the first time. */
export async function saveWorker(db: Tx, personId: string, rules: WorkerRules, version: number): Promise<Saved> {
  if (version === 0) {
    const [made] = await db
      .insert(worker)
      .values({ personId, ...rules })
      .onConflictDoNothing()
      .returning();
    return made ? { ok: true, version: 1 } : { ok: false, message: STALE };
  }
  const [row] = await db
    .update(worker)
    .set({ ...rules, version: sql`${worker.version} + 1` })
    .where(and(eq(worker.personId, personId), eq(worker.version, version)))
    .returning({ version: worker.version });
  return row ? { ok: true, version: row.version } : { ok: false, message: STALE };
}

export type AwayRow = Away & { id: string };

/** The day before, whatever the reader's zone: what is over there is not over yet. */
export const yesterday = (): string => new Date(Date.now() - 86_400_000).toISOString().slice(0, 10);

/** Days away that are not over. @param today of the reader: yesterday's are still read, whatever their zone */
export async function awayFrom(db: Tx, today: string): Promise<AwayRow[]> {
  const rows = await db.select().from(away).where(gte(away.to, today)).orderBy(asc(away.from));
  return rows.map(({ id, personId, from, to, why }) => ({
    id,
    from,
    to,
    why,
    ...(personId ? { person: personId } : {}),
  }));
}

export async function addAway(db: Tx, row: typeof away.$inferInsert): Promise<void> {
  await db.insert(away).values(row).onConflictDoNothing();
}

export const removeAway = async (db: Tx, id: string): Promise<void> =>
  void (await db.delete(away).where(eq(away.id, id)));

export type Holder = { person: string; name: string; since: string };

/** Who has which set. */
export async function holders(db: Tx): Promise<Map<string, Holder>> {
  const rows = await db
    .select({ visit: setHolder.visitId, person: person.id, name: person.name, since: setHolder.since })
    .from(setHolder)
    .innerJoin(person, eq(person.id, setHolder.personId));
  return new Map(rows.map(({ visit: of, since, ...who }) => [of, { ...who, since: iso(since) }]));
}

/**
 * Somebody takes a set on their bench.
 * @param from whoever has it as far as the page knew; it is refused where it is somebody else meanwhile
 */
export async function takeSet(
  db: Db,
  visitId: string,
  personId: string,
  from: string | null,
): Promise<{ ok: true } | { ok: false; message: string }> {
  try {
    return await db.transaction(async (tx) => {
      const [now] = await tx
        .select({ person: setHolder.personId, name: person.name })
        .from(setHolder)
        .innerJoin(person, eq(person.id, setHolder.personId))
        .where(eq(setHolder.visitId, visitId))
        .for("update", { of: setHolder });
      if (now?.person === personId) return { ok: true };
      if ((now?.person ?? null) !== from)
        return {
          ok: false,
          message: now
            ? `${now.name} has taken it meanwhile: talk to them, or take it over.`
            : "It was given back meanwhile: take it again.",
        };
      const since = new Date().toISOString();
      if (now) await tx.update(setHolder).set({ personId, since }).where(eq(setHolder.visitId, visitId));
      else await tx.insert(setHolder).values({ visitId, personId, since });
      return { ok: true };
    });
  } catch (error) {
    // Two people in the same moment: the second finds the row that the first one made.
    if (databaseError(error).code === "23505")
      return { ok: false, message: "Somebody else has taken it in the same moment: reload to see who." };
    throw error;
  }
}

/** The set is on nobody's bench any more. */
export const giveSetBack = async (db: Tx, visitId: string): Promise<void> =>
  void (await db.delete(setHolder).where(eq(setHolder.visitId, visitId)));

/** Puts a piece of work on a day or gives it to somebody; with neither it is free again. */
export async function pinTask(
  db: Tx,
  pin: { visitId: string; task: string; personId: string | null; day: string | null; by: string },
): Promise<void> {
  const mine = and(eq(planPin.visitId, pin.visitId), eq(planPin.task, pin.task));
  if (pin.personId === null && pin.day === null) return void (await db.delete(planPin).where(mine));
  const { personId, day, by } = pin;
  await db
    .insert(planPin)
    .values(pin)
    .onConflictDoUpdate({ target: [planPin.visitId, planPin.task], set: { personId, day, by, at: sql`now()` } });
}

/** What a plan is made from, but for the moment, which is the reader's. */
export type PlanFacts = Omit<PlanInput, "now" | "today" | "time" | "sets"> & {
  sets: (PlanInput["sets"][number] & { owner: string })[];
};

/** Everything that the plan of the shop follows from. @param cards the sets in the shop, where they are at hand */
export async function planFacts(db: Db, cards?: readonly BoardCard[]): Promise<PlanFacts> {
  return factsOf(db, cards ?? (await boardCards(db)), yesterday());
}

async function factsOf(db: Db, cards: readonly BoardCard[], from: string): Promise<PlanFacts> {
  const visits = cards.map(({ visitId }) => visitId);
  const [staff, days, held, { rules }, { terms }, { times }] = [
    await workers(db),
    await awayFrom(db, from),
    await holders(db),
    await planRules(db),
    await shopTerms(db),
    await shopPast(db),
  ];
  const pins = visits.length === 0 ? [] : await db.select().from(planPin).where(inArray(planPin.visitId, visits));
  return {
    sets: cards.map(({ visitId, job, openedAt, left, model: of, owner }) => {
      const holder = held.get(visitId)?.person;
      return {
        visit: visitId,
        job,
        name: of.nickname ?? modelName(of),
        owner,
        openedAt,
        left,
        ...(holder ? { holder } : {}),
      };
    }),
    people: staff.map(({ version: _version, ...rules }) => rules),
    away: days.map(({ id: _id, ...rest }) => rest),
    times,
    rules,
    soakHours: terms.soakHours,
    pins: pins.map(({ task, personId, day }): DayPin => ({
      task,
      ...(personId ? { person: personId } : {}),
      ...(day ? { day } : {}),
    })),
  };
}
