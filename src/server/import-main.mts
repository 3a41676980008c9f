import { openAsBlob } from "node:fs";
import { openContainer } from "@/container";
import { connect } from "@/db/client";
import { importSet, type Imported } from "@/db/exchange";
import { Refused } from "@/db/lines";
import { typeOf } from "./file-type";

/** A process that takes one set's file in: the file's path comes as its argument, what came of it goes out as JSON. */
const [file = ""] = process.argv.slice(2);

async function takeIn(): Promise<Imported> {
  const { read, bytes } = await openContainer(await openAsBlob(file));
  if (!read.ok) return read;
  const files = new Map(read.document.attachments.map((one) => [one.id, one]));
  /** What comes with a file is looked at as an upload is: by its content, whatever it says that it is. */
  const looked = async (id: string, small: boolean) => {
    const content = await bytes(id, small);
    const { name = "", type = "" } = files.get(id) ?? {};
    if (content && (await typeOf(content)) !== (small ? "image/webp" : type))
      throw new Refused(
        `${name} is not what the file says it is (${small ? "a small picture" : type}): it was not taken.`,
      );
    return content;
  };
  const { db, close } = connect(process.env.DATABASE_URL ?? "", 1);
  try {
    return await importSet(db, { document: read.document, unknown: read.unknown, bytes: looked });
  } finally {
    await close();
  }
}

const done = await takeIn();
const said = done.ok ? done : { ...done, problems: done.problems.slice(0, 20) };
await new Promise<void>((resolve) => process.stdout.write(JSON.stringify(said), () => resolve()));
