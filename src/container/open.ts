import { BlobReader, ZipReader, type FileEntry } from "@zip.js/zip.js";
import { LARGEST_DOCUMENT, MOST_IN_FILE, readSetFile, type ReadFile } from "@/core/exchange";
import { LARGEST_FILE } from "@/core/log";
import { DOCUMENT, placeOf, ZIP_MARK } from "./names";

export type Container = {
  read: ReadFile;
  /** the bytes of a file, or its small picture; undefined where the container has none */
  bytes: (id: string, small: boolean) => Promise<Uint8Array | undefined>;
};

const refused = (...problems: string[]): Container => ({
  read: { ok: false, problems },
  bytes: () => Promise.resolve(undefined),
});

const DAMAGED = "This is not a set's file, or it is cut off or damaged: the container does not open.";

/** A file of version 1 is a document alone, with its photos inside. */
async function documentAlone(file: Blob): Promise<Container> {
  if (file.size > LARGEST_DOCUMENT)
    return refused(
      "This file is far larger than any set's file. Is it the archive of a whole shop? That one is restored into an empty database.",
    );
  const read = readSetFile(await file.text());
  if (!read.ok) return refused(...read.problems);
  const bytes = async (id: string, small: boolean) => {
    const carried = read.carried.get(id);
    return small ? carried?.thumb : carried?.content;
  };
  return { read, bytes };
}

/**
 * Opens a set's file, of any version, and checks its document. Nothing but the document is read; the bytes of a file
 * are read when they are asked for, and what comes out larger than it may be is refused on the way.
 */
export async function openContainer(file: Blob): Promise<Container> {
  const mark = new Uint8Array(await file.slice(0, ZIP_MARK.length).arrayBuffer());
  if (!ZIP_MARK.every((byte, index) => mark[index] === byte)) return documentAlone(file);
  const parts = new Map<string, FileEntry>();
  try {
    for await (const entry of new ZipReader(new BlobReader(file)).getEntriesGenerator()) {
      if (parts.size > 2 * MOST_IN_FILE.attachments + 1)
        return refused("This file has far more parts than a set's file.");
      if (!entry.directory) parts.set(entry.filename, entry);
    }
    const document = parts.get(DOCUMENT);
    if (!document) return refused(`This is a packed file, but no set's file: it has no ${DOCUMENT}.`);
    const text = await unpacked(document, LARGEST_DOCUMENT);
    if (text === undefined) return refused("This file is far larger than any set's file.");
    const read = readSetFile(new TextDecoder().decode(text));
    const bytes = async (id: string, small: boolean) => {
      const part = parts.get(placeOf(id, small));
      return part ? unpacked(part, LARGEST_FILE) : undefined;
    };
    return { read, bytes };
  } catch {
    return refused(DAMAGED);
  }
}

/** The bytes of a part; undefined when it is larger than it may be, whatever its head says. */
async function unpacked(part: FileEntry, most: number): Promise<Uint8Array | undefined> {
  if (part.uncompressedSize > most) return undefined;
  const pieces: Uint8Array[] = [];
  let size = 0;
  const sink = new WritableStream<Uint8Array>({
    write(piece) {
      size += piece.length;
      if (size > most) throw new Error("larger than it says");
      pieces.push(piece);
    },
  });
  try {
    // What comes out is held against its SHA-256 by whoever asked, or against its digest.
    await part.getData(sink, { checkSignature: false });
  } catch (error) {
    if (size > most) return undefined;
    throw error;
  }
  const whole = new Uint8Array(size);
  let at = 0;
  for (const piece of pieces) {
    whole.set(piece, at);
    at += piece.length;
  }
  return whole;
}
