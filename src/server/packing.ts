import { PassThrough } from "node:stream";
import { constants, createGzip, type Gzip } from "node:zlib";
import { linesTo, Stalled } from "./body";

/** Pieces longer than this are those of photos. */
const LONG_PIECE = 64 * 1024;
/** So much is packed at a time: small chunks would spend their time on being passed on. */
const CHUNK = 256 * 1024;

const made = (photos: boolean): Gzip =>
  createGzip({
    level: constants.Z_BEST_SPEED,
    strategy: photos ? constants.Z_HUFFMAN_ONLY : constants.Z_DEFAULT_STRATEGY,
    chunkSize: CHUNK,
  });

export type Packing = {
  out: PassThrough;
  /** a piece of a line, and whether the line ends with it */
  write: (piece: string, ends?: boolean) => Promise<void>;
  end: () => Promise<void>;
};

/**
 * How an archive is packed: text as quickly as gzip can, photos by the frequency of their letters alone, since nothing
 * in them repeats, which is three times as quick. Each run of one kind is a member of its own; RFC 1952 lets a gzip file
 * have many, and anything unpacks them as one.
 */
export function packing(): Packing {
  const out = new PassThrough({ highWaterMark: CHUNK });
  let photos = false;
  let zip = made(photos);
  let put = linesTo(zip);
  zip.pipe(out, { end: false });
  const finish = () =>
    new Promise<void>((resolve, reject) => {
      const stalled = () => reject(new Stalled());
      if (out.destroyed) return stalled();
      out.once("close", stalled);
      zip.once("end", () => {
        out.off("close", stalled);
        resolve();
      });
      zip.end();
    });
  // Whoever stops reading stops the packing too.
  out.on("close", () => zip.destroy());
  return {
    out,
    async write(piece, ends = true) {
      if (piece.length > LONG_PIECE !== photos) {
        await finish();
        photos = !photos;
        zip = made(photos);
        put = linesTo(zip);
        zip.pipe(out, { end: false });
      }
      await put(piece, ends);
    },
    async end() {
      await finish();
      out.end();
    },
  };
}
