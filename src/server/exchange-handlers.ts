import Papa from "papaparse";
import { Readable } from "node:stream";
import { packContainer } from "@/container";
import {
  calendarSpan,
  dueDates,
  FILE_TABLES,
  fileTable,
  setFileJsonSchema,
  type SetFileDocument,
} from "@/core/exchange";
import { guard } from "@/core/tables";
import { restoreArchive, writeArchive } from "@/db/archive";
import { fileBytes } from "@/db/attachments";
import { database } from "@/db/client";
import { noteEvent } from "@/db/events";
import { exportSet } from "@/db/exchange";
import { Refused } from "@/db/lines";
import { writers } from "@/db/people";
import { setFile } from "@/db/sets";
import { meters, shopOf } from "@/db/shop";
import { dueSets } from "@/db/summaries";
import { bodyOnDisk, piecesOf, readSteadily, Stalled, TooLarge } from "./body";
import { calendarText } from "./calendar";
import { packing } from "./packing";
import { sealList } from "@/db/verify";
import { isId } from "./ids";
import { logFailure } from "./log";
import { addressOf } from "./access/address";
import { count, waitWords } from "./access/limits";
import type { Here } from "./access/standing";
import { failed, refuse } from "./request";
import { beginsSealed } from "./sealed";
import { BUSY, queueUp, takeInFile } from "./take-in-file";

const MEGABYTE = 1024 * 1024;
/** Largest set file that is taken: some hundred photos as cameras make them are below it. */
export const LARGEST_SET_FILE = 2048 * MEGABYTE;

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

/** A set's file with its photos, as a stream: one photo is held at a time. */
export async function handleSetFile(request: Request, id: string, here: Here): Promise<Response> {
  const wait = await count("set-file", here.person.id);
  if (wait !== undefined) return refuse(429, `Many set files in a short time: wait ${waitWords(wait)}.`);
  let document: SetFileDocument | undefined;
  try {
    document = isId(id) ? await exportSet(database(), id, new Date().toISOString()) : undefined;
  } catch (error) {
    if (error instanceof Refused) return refuse(409, error.message);
    throw error;
  }
  if (!document) return none();
  const { maker, designation } = document.model;
  const name = `${plain(`${maker} ${designation} ${document.set.serial}`)}-set-file.zip`;
  await noteEvent(database(), "set-file-read", {
    by: here.person.id,
    about: `${maker} ${designation} ${document.set.serial}`,
    address: addressOf(request.headers),
  });
  const packed = packContainer(document, (file, small) => fileBytes(database(), file, small));
  return download(
    readSteadily(packed, () => {}),
    "application/zip",
    name,
  );
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
  const csv = Papa.unparse(
    rows.map((cells) => cells.map(guard)),
    { newline: "\r\n" },
  );
  return download(`\ufeff${csv}\r\n`, "text/csv; charset=utf-8", name);
}

/** Takes a set's file in; what is wrong with it is said, and nothing is changed then. */
export async function handleImport(request: Request, here: Here): Promise<Response> {
  const wait = await count("set-file", here.person.id);
  if (wait !== undefined) return refuse(429, `Many set files in a short time: wait ${waitWords(wait)}.`);
  const leave = queueUp();
  if (!leave) return refuse(429, BUSY);
  let body: Awaited<ReturnType<typeof bodyOnDisk>> | undefined;
  try {
    body = await bodyOnDisk(request, LARGEST_SET_FILE);
    const done = await takeInFile(body.file);
    if (done.ok) {
      await noteEvent(database(), "set-file-taken-in", {
        by: here.person.id,
        about: done.setId,
        address: addressOf(request.headers),
      });
      return Response.json(done);
    }
    return Response.json({ problems: done.problems.map((message) => ({ path: "", message })) }, { status: 422 });
  } catch (error) {
    if (error instanceof TooLarge)
      return refuse(
        413,
        `This file is larger than ${LARGEST_SET_FILE / MEGABYTE} MB: no set's file is. Is it the archive of a whole shop? That one is restored into an empty database.`,
      );
    return failed("import set", error, "The file could not be taken in; nothing was changed.");
  } finally {
    leave();
    await body?.remove();
  }
}

/** Archives that are written out at once: each holds a connection to the database until it is read to its end. */
const MOST_ARCHIVES = 2;
let archives = 0;

/** The whole database as a stream: it is never held in memory, and is made no faster than it is read. */
export async function handleArchive(request: Request, here: Here): Promise<Response> {
  if (archives >= MOST_ARCHIVES)
    return refuse(429, `${MOST_ARCHIVES} archives are being written already: try again when they are done.`);
  archives += 1;
  const address = addressOf(request.headers);
  try {
    await noteEvent(database(), "archive-read", { by: here.person.id, address });
  } catch (error) {
    archives -= 1;
    throw error;
  }
  const { out, write, end } = packing();
  const now = new Date().toISOString();
  writeArchive(database(), now, write)
    .then(end)
    .catch((error: unknown) => {
      if (!(error instanceof Stalled)) logFailure("archive", error);
      out.destroy(error as Error);
    });
  const body = readSteadily(Readable.toWeb(out) as ReadableStream<Uint8Array>, () => {
    archives -= 1;
  });
  return download(body, "application/gzip", `jumelle-archive-${now.slice(0, 10)}.ndjson.gz`);
}

/** A backup is opened by the command alone: its passphrase has no business on a page. */
async function* notSealed(pieces: AsyncIterable<Uint8Array>): AsyncGenerator<Uint8Array> {
  let first = true;
  for await (const piece of pieces) {
    if (first && beginsSealed(piece))
      throw new Refused("This is a backup, sealed with a passphrase: “npm run restore -- FILE” lays it down.");
    first = false;
    yield piece;
  }
}

/** Lays an archive into the database, if that is empty; the file streams through. */
export async function handleRestore(request: Request): Promise<Response> {
  if (!request.body) return refuse(400, "There is no file: choose the archive.");
  try {
    const done = await restoreArchive(database(), Readable.from(notSealed(piecesOf(request))));
    if (!done.ok) return refuse(422, done.message);
    await noteEvent(database(), "restored", { about: `${done.rows} rows`, address: addressOf(request.headers) });
    return Response.json(done);
  } catch (error) {
    return failed("restore", error, "The archive could not be laid down; nothing was changed.");
  }
}

/** Due dates as a calendar (RFC 5545) that other programs subscribe to or take in. */
export async function handleCalendar(origin: string): Promise<Response> {
  const db = database();
  const span = calendarSpan(new Date().toISOString().slice(0, 10));
  const [sets, owned, shop] = await Promise.all([dueSets(db, span), meters(db), shopOf(db)]);
  const text = await calendarText(shop.name, dueDates(sets, owned, span), origin);
  return download(text, "text/calendar; charset=utf-8", "due-dates.ics");
}

/** The seals of all sets as a dated list, to be kept outside the house. */
export async function handleSeals(): Promise<Response> {
  const now = new Date().toISOString();
  const list = await sealList(database(), now);
  return download(`${JSON.stringify(list, null, 1)}\n`, "application/json", `jumelle-seals-${now.slice(0, 10)}.json`);
}

export const handleSchema = (): Response =>
  download(`${JSON.stringify(setFileJsonSchema(), null, 2)}\n`, "application/schema+json", "set-file.schema.json");
