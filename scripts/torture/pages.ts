import fc from "fast-check";
import { v7 } from "uuid";
import { FILE_TABLES } from "@/core/exchange";
import { anyLog } from "@/core/fixtures";
import { sealEntries } from "@/db/chain";
import { logEntry, model, person, set, visit } from "@/db/schema";
import type { Shop } from "./shop";

export type Pages = { logs: number; entries: number; asked: number; broken: string[] };

/** Pages and exports of a set, each with everything that is worked out for it. */
const pagesOf = (setId: string, job: number): string[] => [
  "/",
  `/bench/${job}`,
  ...["make-safe", "first-power", "baseline", "find", "fix", "modify", "prove", "hand-back"].map(
    (step) => `/bench/${job}?step=${step}`,
  ),
  `/sets/${setId}`,
  `/sets/${setId}?tab=life`,
  `/sets/${setId}/record`,
  "/sets",
  "/sets/across",
  `/api/sets/${setId}/entries`,
  `/api/sets/${setId}/file`,
  ...FILE_TABLES.map((table) => `/api/sets/${setId}/tables/${table}`),
  "/api/calendar",
];

/**
 * Logs of every kind that the schemas let in, and entries that they do not, laid straight into the database; every page
 * of their sets is asked for. One that does not answer was broken by an entry.
 */
export async function anyPages(shop: Shop, seed: number, logs: number): Promise<Pages> {
  const { db } = shop;
  const [[kind], [writer], [owner]] = await Promise.all([
    db.select().from(model).limit(1),
    db.select().from(person).limit(1),
    db.select({ id: set.ownerId }).from(set).limit(1),
  ]);
  if (!kind || !writer || !owner) throw new Error("the shop is empty");
  const broken: string[] = [];
  let [entries, asked] = [0, 0];
  for (const log of fc.sample(anyLog(25), { seed, numRuns: logs })) {
    const [setId, visitId] = [v7(), v7()];
    await db.insert(set).values({ id: setId, modelId: kind.id, ownerId: owner.id, serial: "any" });
    const [stay] = await db.insert(visit).values({ id: visitId, setId }).returning();
    const idOf = new Map(log.map(({ id }) => [id, v7()]));
    const poison = [
      { kind: "reading", payload: { v: 1, lineVolts: 1e-320 } },
      { kind: "toString", payload: { v: 1 } },
      { kind: "note", payload: null },
    ].map((one) => ({
      ...one,
      payload: one.payload ?? [],
      id: v7(),
      amends: null as string | null,
      at: "1930-05-01T10:00:00Z",
    }));
    // An amendment whose entry is not in the log, in however many steps, has no place in the database.
    let kept = log;
    for (let before = -1; before !== kept.length;) {
      before = kept.length;
      const here = new Set(kept.map(({ id }) => id));
      kept = kept.filter(({ amends }) => amends === null || here.has(amends));
    }
    const rows = [
      ...kept.map(({ id, amends, kind: of, payload, at }) => ({
        ...{ id: idOf.get(id) ?? v7(), amends: amends === null ? null : (idOf.get(amends) ?? null) },
        ...{ kind: of, payload, at },
      })),
      ...poison,
    ];
    // Amendments may come before their entries: the constraint is looked at when all are there.
    await db.transaction(async (tx) => {
      await tx.execute("set constraints all deferred");
      const laid = await tx
        .insert(logEntry)
        .values(rows.map((row) => ({ ...row, setId, visitId, by: writer.id })))
        .returning();
      await sealEntries(tx, setId, laid);
    });
    entries += rows.length;
    for (const page of pagesOf(setId, stay?.job ?? 0)) {
      asked += 1;
      const answer = await shop.ask(page).catch(() => undefined);
      const text = (await answer?.text().catch(() => "")) ?? "";
      if (!answer || answer.status >= 500 || text.includes("could not be shown"))
        broken.push(`${page}: ${answer?.status ?? "no answer"}`);
    }
  }
  return { logs, entries, asked, broken };
}
