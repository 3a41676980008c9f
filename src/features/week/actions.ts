"use server";

import { v7 } from "uuid";
import { z } from "zod";
import { planRulesSchema, workerSchema } from "@/core/plan";
import { TOLD_BY } from "@/core/kinds";
import { database } from "@/db/client";
import { append } from "@/db/entries";
import { addAway, giveSetBack, pinTask, removeAway, saveWorker, takeSet } from "@/db/plan";
import { personById } from "@/db/people";
import { visitById } from "@/db/sets";
import { savePlanRules } from "@/db/shop";
import { action, personId, read, refuse, type Answer } from "@/server/action";

const id = z.uuid();
const day = z.iso.date("A day is like 2026-12-04.");
const version = z.number().int().min(0);

/** What somebody's week is, and what they can do. */
export async function changeWorker(person: unknown, rules: unknown, seen: unknown) {
  return action(
    "change somebody's week",
    async () => {
      const who = await personById(database(), id.parse(person));
      if (!who || who.retired) return refuse("That person does not work here any more.");
      return saveWorker(database(), who.id, read(workerSchema, rules), version.parse(seen));
    },
    { shownOn: "/" },
  );
}

const daysAway = z
  .object({ person: id.nullable(), from: day, to: day, why: z.string().trim().max(120) })
  .refine(({ from, to }) => from <= to, "The last day lies before the first.");

/** Somebody is away for some days, or the shop is closed. */
export async function noteAway(typed: unknown) {
  return action(
    "note days away",
    async (): Promise<Answer> => {
      const { person, ...rest } = read(daysAway, typed);
      await addAway(database(), { id: v7(), personId: person, ...rest, by: personId() });
      return { ok: true };
    },
    { shownOn: "/" },
  );
}

export async function strikeAway(away: unknown) {
  return action(
    "strike days away",
    async (): Promise<Answer> => {
      await removeAway(database(), id.parse(away));
      return { ok: true };
    },
    { shownOn: "/" },
  );
}

export async function changePlanRules(rules: unknown, seen: unknown) {
  return action(
    "change plan rules",
    async () => savePlanRules(database(), read(planRulesSchema, rules), version.parse(seen)),
    { shownOn: "/" },
  );
}

/** The set is on somebody's bench: one's own, where nobody is named. */
export async function takeOnBench(visit: unknown, from: unknown) {
  return action("take set", async () => takeSet(database(), id.parse(visit), personId(), id.nullable().parse(from)), {
    shownOn: "/",
  });
}

export async function giveBack(visit: unknown) {
  return action(
    "give set back",
    async (): Promise<Answer> => {
      await giveSetBack(database(), id.parse(visit));
      return { ok: true };
    },
    { shownOn: "/" },
  );
}

const pin = z.object({
  visit: id,
  task: z.string().regex(/^(wait:)?[0-9a-f-]{36}(:[a-z-]+)?$/),
  person: id.nullable(),
  day: day.nullable(),
});

/** Puts work on a day, gives it to somebody, says when a parcel comes; with neither it is free again. */
export async function pinWork(typed: unknown) {
  return action(
    "pin work",
    async (): Promise<Answer> => {
      const { visit, person, ...rest } = pin.parse(typed);
      if (!(await visitById(database(), visit)))
        return refuse("That visit is not in the books any more: reload the page.");
      if (person && !(await personById(database(), person))) return refuse("That person does not work here any more.");
      await pinTask(database(), { visitId: visit, personId: person, ...rest, by: personId() });
      return { ok: true };
    },
    { shownOn: "/" },
  );
}

const promise = z.object({
  entry: id,
  visit: id,
  day,
  to: z.string().trim().min(1, "Say to whom.").max(120),
  how: z.enum(TOLD_BY),
  remark: z.string().trim().max(400),
  /** today, as whoever promises has it: a promise does not lie behind it */
  today: day,
});

/** A day is promised to an owner: an entry of the set's logbook. */
export async function promiseDay(typed: unknown) {
  return action(
    "promise day",
    async (): Promise<Answer> => {
      const { entry, visit, today, remark, ...said } = read(promise, typed);
      if (said.day < today) return refuse("That day is over: promise today or a later day.");
      const of = await visitById(database(), visit);
      if (!of) return refuse("That visit is not in the books any more: reload the page.");
      const payload = { v: 1, ...said, ...(remark ? { remark } : {}) };
      const draft = {
        id: entry,
        setId: of.setId,
        visitId: visit,
        at: new Date().toISOString(),
        amends: null,
        kind: "promised",
        payload,
      };
      const written = await append(database(), draft, personId(), Date.now());
      return written.ok ? { ok: true } : refuse(written.problems[0]?.message ?? "It could not be written.");
    },
    { shownOn: "/" },
  );
}
