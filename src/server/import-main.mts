import { openAsBlob } from "node:fs";
import { openContainer } from "@/container";
import { connect } from "@/db/client";
import { importSet, type Imported } from "@/db/exchange";

/** A process that takes one set's file in: the file's path comes as its argument, what came of it goes out as JSON. */
const [file = ""] = process.argv.slice(2);

async function takeIn(): Promise<Imported> {
  const { read, bytes } = await openContainer(await openAsBlob(file));
  if (!read.ok) return read;
  const { db, close } = connect(process.env.DATABASE_URL ?? "", 1);
  try {
    return await importSet(db, { document: read.document, unknown: read.unknown, bytes });
  } finally {
    await close();
  }
}

const done = await takeIn();
const said = done.ok ? done : { ...done, problems: done.problems.slice(0, 20) };
await new Promise<void>((resolve) => process.stdout.write(JSON.stringify(said), () => resolve()));
