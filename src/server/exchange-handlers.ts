import ical, { ICalEventTransparency } from "ical-generator";
import Papa from "papaparse";
import { once } from "node:events";
import { Readable } from "node:stream";
import type { ReadableStream as WebStream } from "node:stream/web";
import { createGzip } from "node:zlib";
import { dueDates, FILE_TABLES, fileTable, setFileJsonSchema } from "@/core/exchange";
import { restoreArchive, writeArchive } from "@/db/archive";
import { database } from "@/db/client";
import { exportSet, importSet } from "@/db/exchange";
import { writers } from "@/db/people";
import { setFile, setFiles } from "@/db/sets";
import { meters, shopOf } from "@/db/shop";
import { isId } from "./ids";
import { logFailure } from "./log";
import { bodyUpTo, foreign, refuse } from "./request";

const MEGABYTE = 1024 * 1024;
/** Largest set file that is taken: a log of many thousand entries with its photos is below it. */
export const LARGEST_SET_FILE = 96 * MEGABYTE;

const plain = (text: string) =>
  text
    .normalize("NFKD")
    .replaceAll(/[^A-Za-z0-9-]+/g, "-")
    .replaceAll(/^-+|-+$/g, "")
    .toLowerCase();

const download = (body: BodyInit, type: string, name: string) =>
  new Response(body, {
    headers: {
      "content-type": type,
      "content-disposition": `attachment; filename="${name}"`,
      "cache-control": "no-store",
    },
  });

const none = () => refuse(404, "There is no such set.");

/** A set's file as one JSON document. */
export async function handleSetFile(id: string): Promise<Response> {
  const document = isId(id) ? await exportSet(database(), id, new Date().toISOString()) : undefined;
  if (!document) return none();
  const { maker, designation } = document.model;
  const name = `${plain(`${maker} ${designation} ${document.set.serial}`)}-set-file.json`;
  return download(`${JSON.stringify(document, null, 1)}\n`, "application/json", name);
}

/** A table of a set's file as CSV. */
export async function handleTable(id: string, wanted: string): Promise<Response> {
  const table = FILE_TABLES.find((one) => one === wanted);
  const file = isId(id) ? await setFile(database(), id) : undefined;
  if (!file || !table) return none();
  const people = await writers(database());
  const names = new Map(people.map((one) => [one.id, one.name]));
  const rows = fileTable(table, { ...file, sheet: file.model.sheet, names }, new Date().toISOString());
  const name = `${plain(`${file.model.maker} ${file.model.designation} ${file.serial}`)}-${table}.csv`;
  // A cell that a spreadsheet would take for a formula is kept as text.
  const csv = Papa.unparse(rows, { newline: "\r\n", escapeFormulae: /^[=+@\t\r]/ });
  return download(`\ufeff${csv}\r\n`, "text/csv; charset=utf-8", name);
}

/** Takes a set's file in; what is wrong with it is said, and nothing is changed then. */
export async function handleImport(request: Request): Promise<Response> {
  if (foreign(request)) return refuse(403, "This request came from another site.");
  const body = await bodyUpTo(request, LARGEST_SET_FILE);
  if (!body)
    return refuse(
      413,
      `This file is larger than ${LARGEST_SET_FILE / MEGABYTE} MB: no set's file is. Is it the archive of a whole shop? That one is restored into an empty database.`,
    );
  try {
    const done = await importSet(database(), Buffer.from(body).toString("utf8"));
    if (done.ok) return Response.json(done);
    return Response.json(
      { problems: done.problems.slice(0, 20).map((message) => ({ path: "", message })) },
      { status: 422 },
    );
  } catch (error) {
    return refuse(
      500,
      `The file could not be taken in; nothing was changed. Reference ${logFailure("import set", error)}.`,
    );
  }
}

/** The whole database as a stream: it is never held in memory. */
export function handleArchive(): Response {
  const zip = createGzip();
  const now = new Date().toISOString();
  writeArchive(database(), now, async (line) => {
    if (!zip.write(`${line}\n`)) await once(zip, "drain");
  })
    .then(() => zip.end())
    .catch((error: unknown) => {
      logFailure("archive", error);
      zip.destroy(error as Error);
    });
  return download(
    Readable.toWeb(zip) as ReadableStream,
    "application/gzip",
    `jumelle-archive-${now.slice(0, 10)}.ndjson.gz`,
  );
}

/** Lays an archive into the database, if that is empty; the file streams through. */
export async function handleRestore(request: Request): Promise<Response> {
  if (foreign(request)) return refuse(403, "This request came from another site.");
  if (!request.body) return refuse(400, "There is no file: choose the archive.");
  try {
    const done = await restoreArchive(database(), Readable.fromWeb(request.body as WebStream));
    return done.ok ? Response.json(done) : refuse(422, done.message);
  } catch (error) {
    return refuse(
      500,
      `The archive could not be laid down; nothing was changed. Reference ${logFailure("restore", error)}.`,
    );
  }
}

/** Due dates as a calendar (RFC 5545) that other programs subscribe to or take in. */
export async function handleCalendar(origin: string): Promise<Response> {
  const db = database();
  const [files, owned, shop] = await Promise.all([setFiles(db), meters(db), shopOf(db)]);
  const calendar = ical({
    name: shop.name ? `${shop.name}: due` : "Due",
    prodId: { company: "jumelle", product: "due dates" },
  });
  for (const { key, date, title, text, kind } of dueDates(files, owned))
    calendar.createEvent({
      id: `${key}@jumelle`,
      start: date,
      allDay: true,
      summary: title,
      description: text,
      transparency: ICalEventTransparency.TRANSPARENT,
      ...(kind === "service" ? { url: `${origin}/sets/${key.replace("service-", "")}` } : {}),
    });
  return download(calendar.toString(), "text/calendar; charset=utf-8", "due-dates.ics");
}

export const handleSchema = (): Response =>
  download(`${JSON.stringify(setFileJsonSchema(), null, 2)}\n`, "application/schema+json", "set-file.schema.json");
