import { eq } from "drizzle-orm";
import { hashPassword } from "better-auth/crypto";
import sharp from "sharp";
import { v7 } from "uuid";
import { connect, type Db } from "@/db/client";
import { append } from "@/db/entries";
import { attach } from "@/db/attachments";
import { customer, meter, model, person, shop as shopTable, shopIdentity } from "@/db/schema";
import { anybodySignsIn, setPassword } from "@/db/sessions";
import { thumbnail } from "@/server/file-type";
import { takeIn } from "@/db/sets";
import { everyone } from "@/db/people";
import { savePicture } from "@/db/pictures";
import { saveRecipe } from "@/db/recipes";
import { stockItems } from "@/db/stock";
import { signInName, type Role } from "@/core/access";
import { lineContext, parseLine, type LineResult } from "@/core/bench-line";
import { circuitOf } from "@/core/diagnosis";
import type { Sheet } from "@/core/model";
import {
  describe,
  MOD_STATES,
  modificationsOf,
  settle,
  type Content,
  type ContentOf,
  type Entry,
  type Settled,
} from "@/core/kinds";
import { ALIGNING } from "./alignments";
import { MADE_UP_SETS } from "@/core/practice";
import { rangeFor } from "@/core/readings";
import { RECIPES, type RecipeKey } from "./recipes";
import { draw, drawTop, TOP_VIEWS } from "./drawings";
import { fillDrawers } from "./stock";
import { STORIES } from "./stories";
import { fillOrders } from "./orders";
import { fillPractice } from "./practice";
import { fillWeek } from "./week";
import { CUSTOMERS, DEMO_PASSWORD, PEOPLE, type Story, type Who } from "./story-lines";

/** The ranges of the stand-in that the Lantern was walked with, V. */
const STAND_IN_RANGES = [0.1, 1, 10, 100, 1000];

/** A reading that came in by the walk: from the instrument itself, on the range that it chose. */
const probedBy = (payload: ContentOf<"reading">["payload"]): ContentOf<"reading">["payload"] => ({
  ...payload,
  came: "network",
  range: rangeFor(payload.measured.value, STAND_IN_RANGES),
});

type Ids<K extends string> = Record<K, string>;

function idsOf<K extends string>(keys: Record<K, unknown>): Ids<K> {
  return Object.fromEntries(Object.keys(keys).map((key) => [key, v7()])) as Ids<K>;
}

/** The moment of a demo entry: so many days before today, in UTC. Nothing lies in the future. */
function moment(today: Date, daysAgo: number, time: string): Date {
  const day = new Date(Date.UTC(today.getUTCFullYear(), today.getUTCMonth(), today.getUTCDate() - daysAgo));
  const [hours = 0, minutes = 0] = time.split(":").map(Number);
  return new Date(day.getTime() + (hours * 60 + minutes) * 60_000);
}

const DEMO_NAME = "Saltmarsh Wireless Repair";
const LINE_OF_SHOP = { lineVolts: 230, lineHz: 50 };

/** The shop's meters; days since each was calibrated. */
const METERS: { name: string; ohmsPerVolt?: number; inputOhms?: number; calibrated?: number }[] = [
  { name: "Bench digital", inputOhms: 11e6, calibrated: 160 },
  { name: "Grey analogue", ohmsPerVolt: 20e3, calibrated: 420 },
  { name: "Old panel meter", ohmsPerVolt: 1000 },
];

/** Models whose stages nobody has looked at yet: the proposal is shown. */
const UNLOOKED = ["t60"];
function staged(key: string, plain: Sheet): Sheet {
  const sheet = { ...plain, ...ALIGNING[key] };
  return UNLOOKED.includes(key) ? sheet : { ...sheet, circuit: circuitOf(sheet).circuit };
}

type Shop = {
  recipes: Ids<RecipeKey>;
  people: Ids<Who>;
  customers: Ids<keyof typeof CUSTOMERS>;
  models: Ids<keyof typeof MADE_UP_SETS>;
};

async function openShop(db: Db, today: Date): Promise<Shop> {
  const shop: Shop = {
    recipes: idsOf(RECIPES),
    people: idsOf(PEOPLE),
    customers: idsOf(CUSTOMERS),
    models: idsOf(MADE_UP_SETS),
  };
  await db.insert(shopTable).values({ name: DEMO_NAME, ...LINE_OF_SHOP });
  for (const key of Object.keys(RECIPES) as RecipeKey[]) await saveRecipe(db, shop.recipes[key], RECIPES[key], 0);
  await db.insert(meter).values(
    METERS.map(({ name, calibrated, ...input }) => ({
      id: v7(),
      name,
      ...input,
      calibratedOn: calibrated === undefined ? null : moment(today, calibrated, "12:00").toISOString().slice(0, 10),
    })),
  );
  const entries = <T>(table: Record<string, T>) => Object.entries(table);
  await db
    .insert(person)
    .values(entries(PEOPLE).map(([key, [name, access]]) => ({ id: shop.people[key as Who], name, access })));
  await letIn(
    db,
    entries(PEOPLE).map(([key, [name]]) => ({ id: shop.people[key as Who], name })),
  );
  await db.insert(customer).values(
    entries(CUSTOMERS).map(([key, [name, contact]]) => ({
      id: shop.customers[key as keyof typeof CUSTOMERS],
      name,
      contact,
    })),
  );
  await db.insert(model).values(
    entries(MADE_UP_SETS).map(([key, data]) => ({
      id: shop.models[key] ?? v7(),
      ...data,
      sheet: staged(key, data.sheet),
    })),
  );
  for (const key of TOP_VIEWS) {
    const content = await drawTop(key);
    const { width = 1, height = 1 } = await sharp(content).metadata();
    const picture = { id: v7(), modelId: shop.models[key] ?? "", view: "top" as const, type: "image/jpeg" };
    await savePicture(db, { ...picture, width, height, content, by: shop.people.wren });
  }
  return shop;
}

/** `recipe outlet planned`: a state of a modification by one of the shop's recipes, as its button writes it. */
function byRecipe(line: string, tape: readonly Settled[], shop: Shop, owner: string): LineResult | undefined {
  const [, key, word] = /^recipe (\w+) (\w+)$/.exec(line) ?? [];
  const state = MOD_STATES.find((one) => one === word);
  const fields = RECIPES[key as RecipeKey];
  if (!fields || !state) return undefined;
  const { name, ...body } = fields;
  const begun = modificationsOf(tape).findLast((one) => one.payload.name === name && one.state === "planned");
  const about = state !== "planned" && begun ? { about: begun.id } : {};
  const recipe = { id: shop.recipes[key as RecipeKey], version: 1 };
  const payload = { v: 1, name, state, recipe, askedBy: owner, ...about, ...body } as const;
  const content = { kind: "modification", payload } as const;
  return { kind: "draft", draft: { type: "content", content }, line: describe(content), hints: [] };
}

/** Plays a set's story: every line is read as the bench line reads it, and appended as the interface does. */
async function play(db: Db, story: Story, shop: Shop, today: Date, labels: ReadonlyMap<string, string>): Promise<void> {
  const setId = v7();
  const entries: Entry[] = [];
  const stock = await stockItems(db);
  const kind = MADE_UP_SETS[story.model];
  if (!kind) throw new Error(`no such model: ${story.model}`);
  for (const { job, days } of story.visits) {
    const visitId = v7();
    for (const [daysAgo, at, who, line, drawing] of days.flatMap((day) =>
      day.lines.map(([time, person, text, picture]) => [day.daysAgo, time, person, text, picture] as const),
    )) {
      const when = moment(today, daysAgo, at);
      // A story names the bin that a part came from; its label was made when the drawers were filled.
      const tape = settle(entries).settled;
      const numberOf = (which: string) =>
        which === "last"
          ? tape.length
          : tape.findLastIndex(
              ({ content }) =>
                content?.kind === (which === "mod" ? "modification" : "finding") &&
                (which !== "mod" || content.kind !== "modification" || !content.payload.about),
            ) + 1;
      // What was taken by the walk with the probe came in by the meter itself.
      const probed = line.startsWith("probe ");
      const text = line
        .replace(/^probe /, "")
        .replace(/@([A-Z]-\d+)/g, (whole, bin: string) => labels.get(bin) ?? whole)
        .replace(/@(finding|last|mod)/g, (_, which: string) => String(numberOf(which)));
      const id = v7({ msecs: when.getTime() });
      const made = byRecipe(text, tape, shop, CUSTOMERS[story.owner][0]);
      const read =
        made ??
        parseLine(
          text,
          lineContext({
            sheet: staged(story.model, kind.sheet),
            year: kind.year,
            settled: tape,
            visitId,
            now: when.toISOString(),
            line: { volts: LINE_OF_SHOP.lineVolts, hz: LINE_OF_SHOP.lineHz },
            stock,
          }),
        );
      if (read.kind !== "draft" || read.draft.type !== "content")
        throw new Error(`job ${job}: “${line}” cannot be read: ${JSON.stringify(read)}`);
      const content: Content =
        probed && read.draft.content.kind === "reading"
          ? { kind: "reading", payload: probedBy(read.draft.content.payload) }
          : read.draft.content;
      const by = shop.people[who];
      if (content.kind === "take-in") {
        const result = await takeIn(
          db,
          {
            customer: { id: shop.customers[story.owner] },
            model: { id: shop.models[story.model] ?? "" },
            set: { id: setId, serial: story.serial },
            visitId,
            openedAt: when.toISOString(),
            takeIn: { id, payload: content.payload },
            job,
          },
          by,
          today.getTime(),
        );
        if (!result.ok) throw new Error(`job ${job}: ${JSON.stringify(result.problems)}`);
        continue;
      }
      const appended = await append(
        db,
        { id, setId, visitId, at: when.toISOString(), amends: null, ...content },
        by,
        today.getTime(),
      );
      if (!appended.ok) throw new Error(`job ${job}: “${line}”: ${JSON.stringify(appended.problems)}`);
      entries.push(appended.entry);
      if (drawing) {
        const { name, content } = await draw(drawing);
        const thumb = await thumbnail(content, "image/png");
        await attach(db, { id: v7(), entryId: id, name, type: "image/png", size: content.length, content, thumb, by });
      }
    }
  }
}

/** Everybody of the demo signs in by the same password, and nobody is asked for it while it runs as the demo. */
async function letIn(db: Db, staff: readonly { id: string; name: string }[]): Promise<void> {
  const hash = await hashPassword(DEMO_PASSWORD);
  for (const { id, name } of staff) await setPassword(db, { id, name, username: signInName(name) }, hash, false);
  await db.update(shopIdentity).set({ demo: true });
}

/** A demo that an earlier program loaded knows of no sign-in: its people get theirs. Any other shop is left as it is. */
export async function openOldDemo(url: string): Promise<void> {
  const { db, close } = connect(url, 1);
  try {
    const [shop] = await db.select({ name: shopTable.name }).from(shopTable);
    if (shop?.name !== DEMO_NAME || (await anybodySignsIn(db))) return;
    const staff = await everyone(db);
    const roles = new Map<string, Role>(Object.values(PEOPLE).map(([name, role]) => [name, role]));
    for (const { id, name } of staff)
      await db
        .update(person)
        .set({ access: roles.get(name) ?? "technician" })
        .where(eq(person.id, id));
    await letIn(db, staff);
  } finally {
    await close();
  }
}

/** Loads the demo shop into a database where nobody works yet. */
export async function seedWhenEmpty(url: string, today: Date): Promise<boolean> {
  const { db, close } = connect(url, 2);
  try {
    if ((await everyone(db)).length > 0) return false;
    const shop = await openShop(db, today);
    const labels = await fillDrawers(db, shop.people.ines, (days) => moment(today, days, "12:00"));
    for (const story of STORIES) await play(db, story, shop, today, labels);
    await fillWeek(db, shop, today);
    await fillOrders(db, shop.people.ines, today);
    await fillPractice(db, shop.people.wren, shop.people.tomasz, today);
    return true;
  } finally {
    await close();
  }
}
