import { createReadStream, createWriteStream } from "node:fs";
import { mkdir, open, readdir, rename, rm, stat } from "node:fs/promises";
import path from "node:path";
import { Readable } from "node:stream";
import { pipeline } from "node:stream/promises";
import type { ReadableStream } from "node:stream/web";
import { Decrypter, Encrypter } from "age-encryption";
import { checkArchive, writeArchive } from "@/db/archive";
import { recordBackup } from "@/db/backups";
import type { Db } from "@/db/client";
import { Stalled } from "./body";
import { packing } from "./packing";

/** A passphrase of fewer characters is guessed by a machine in days. Shop's rule. */
export const LEAST_PASSPHRASE = 12;
/** Backups that are kept; older ones go. Shop's rule: a month of days. */
export const KEPT = 30;
/** How hard each guess at the passphrase is made: 2 to the power of this, as age has it by default. */
const WORK_FACTOR = 18;

const ENDING = ".ndjson.gz.age";
const NAME = /^jumelle-\d{4}-\d{2}-\d{2}T\d{2}-\d{2}-\d{2}\.ndjson\.gz\.age$/;

/** Something that whoever asks for a backup can put right. */
export class BackupTrouble extends Error {}

const toWeb = (stream: Readable) => Readable.toWeb(stream) as ReadableStream<Uint8Array>;
const toNode = (stream: globalThis.ReadableStream<Uint8Array>) =>
  Readable.fromWeb(stream as unknown as ReadableStream<Uint8Array>);

/** A sealed file as it was before. A wrong passphrase, and a file that was changed, end with a sentence. */
export async function openSealed(file: string, passphrase: string): Promise<Readable> {
  const decrypter = new Decrypter();
  decrypter.addPassphrase(passphrase);
  try {
    const opened = await decrypter.decrypt(toWeb(createReadStream(file)) as globalThis.ReadableStream<Uint8Array>);
    return toNode(opened);
  } catch {
    throw new BackupTrouble("The passphrase is not the one that this backup was made with, or the file is damaged.");
  }
}

/** Writes a stream into a file, sealed with a passphrase; it is on the disk when this ends. */
async function seal(source: Readable, passphrase: string, file: string): Promise<void> {
  const encrypter = new Encrypter();
  encrypter.setPassphrase(passphrase);
  encrypter.setScryptWorkFactor(WORK_FACTOR);
  const sealed = await encrypter.encrypt(toWeb(source) as globalThis.ReadableStream<Uint8Array>);
  await pipeline(toNode(sealed), createWriteStream(file, { flags: "wx", mode: 0o600 }));
  const handle = await open(file, "r+");
  try {
    await handle.sync();
  } finally {
    await handle.close();
  }
}

/** Removes the oldest backups of a folder beyond so many; nothing else in it is touched. */
export async function prune(folder: string, keep: number): Promise<string[]> {
  const backups = (await readdir(folder)).filter((name) => NAME.test(name)).sort();
  const old = backups.slice(0, Math.max(0, backups.length - keep));
  for (const name of old) await rm(path.join(folder, name));
  return old;
}

export type Backup = { file: string; bytes: number; rows: number; removed: string[] };
type Asked = { folder: string; passphrase: string; now: Date; keep?: number };

/**
 * Writes everything, as it is at one moment, into a file of a folder, sealed with a passphrase; reads it back whole; notes
 * it in the database. A backup that does not come out whole leaves no file behind.
 * @throws BackupTrouble for a passphrase that is too short, and for a file that does not read back
 */
export async function backUp(db: Db, { folder, passphrase, now, keep = KEPT }: Asked): Promise<Backup> {
  if ([...passphrase].length < LEAST_PASSPHRASE)
    throw new BackupTrouble(`A passphrase of a backup has ${LEAST_PASSPHRASE} characters or more.`);
  await mkdir(folder, { recursive: true, mode: 0o700 });
  const name = `jumelle-${now.toISOString().slice(0, 19).replaceAll(":", "-")}${ENDING}`;
  const file = path.join(folder, name);
  const part = `${file}.part`;
  await rm(part, { force: true });
  try {
    const { out, write, end } = packing();
    const sealing = seal(out, passphrase, part);
    // Whichever of the two fails first is told; the other one ends with it.
    sealing.catch((error: unknown) => out.destroy(error instanceof Error ? error : undefined));
    let rows: number;
    try {
      rows = await writeArchive(db, now.toISOString(), write);
      await end();
    } catch (error) {
      out.destroy();
      const sealed = await sealing.then(
        () => undefined,
        (why: unknown) => why,
      );
      throw error instanceof Stalled ? (sealed ?? error) : error;
    }
    await sealing;
    const back = await checkArchive(await openSealed(part, passphrase));
    if (!back.ok || back.rows !== rows)
      throw new BackupTrouble(`The backup does not read back: ${back.ok ? "rows are missing" : back.message}`);
    await rename(part, file);
    const { size } = await stat(file);
    await recordBackup(db, { file, bytes: size, rows, at: now.toISOString() });
    return { file, bytes: size, rows, removed: await prune(folder, keep) };
  } catch (error) {
    await rm(part, { force: true });
    throw error;
  }
}
