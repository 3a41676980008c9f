import type { Readable } from "node:stream";
import { pipeline } from "node:stream/promises";
import { createGunzip } from "node:zlib";

/** What is wrong with a file that comes in, in a sentence for whoever brought it. */
export class Refused extends Error {}

/** Codes of a stream that is no gzip file, or that ends in the middle of one. */
const NOT_ZIPPED = new Set(["Z_DATA_ERROR", "Z_BUF_ERROR"]);
/** Longest line: the largest file, written in hexadecimal by the first version, is below it. */
const LONGEST_LINE = 48 * 1024 * 1024;
const LINE_FEED = 10;
/** A packed file that swells far more than text and photos do is made to hurt. */
const MOST_SWELLING = 200;

/**
 * The lines of a packed text, one at a time: what is held is one line and one piece of the stream. An error of the
 * stream is thrown where the lines are read.
 */
export async function* linesOf(zipped: Readable): AsyncGenerator<string> {
  let unpacked = 0;
  const unzip = createGunzip({ chunkSize: 256 * 1024 });
  // Whatever goes wrong on either side ends the reading below.
  const through = pipeline(zipped, unzip).catch((error: Error) => void unzip.destroy(error));
  let pieces: Buffer[] = [];
  let length = 0;
  const take = (): string => {
    const line = Buffer.concat(pieces, length).toString("utf8");
    [pieces, length] = [[], 0];
    return line;
  };
  try {
    for await (const piece of unzip as AsyncIterable<Buffer>) {
      unpacked += piece.length;
      let from = 0;
      for (let end = piece.indexOf(LINE_FEED); end >= 0; end = piece.indexOf(LINE_FEED, from)) {
        pieces.push(piece.subarray(from, end));
        length += end - from;
        yield take();
        from = end + 1;
      }
      pieces.push(piece.subarray(from));
      length += piece.length - from;
      if (length > LONGEST_LINE) throw new Refused("This is not an archive: one of its lines has no end.");
      if (unpacked > LONGEST_LINE && unpacked > unzip.bytesWritten * MOST_SWELLING)
        throw new Refused("This is not an archive: it is packed more tightly than any archive is.");
    }
  } catch (error) {
    if (NOT_ZIPPED.has((error as NodeJS.ErrnoException).code ?? ""))
      throw new Refused("This is not an archive, or it is cut off: an archive is a whole .ndjson.gz file.");
    throw error;
  } finally {
    unzip.destroy();
  }
  await through;
  if (length > 0) yield take();
}
