import { constants, createGzip, type Gzip, type ZlibParams } from "node:zlib";
import { linesTo, Stalled } from "./body";

/** Pieces longer than this are those of photos. */
const LONG_PIECE = 64 * 1024;

/**
 * How an archive is packed: text as quickly as gzip can, photos by the frequency of their letters alone, since there is
 * nothing in them that repeats. Either way it is one gzip file that anything unpacks.
 */
export function packing(): { zip: Gzip; write: (piece: string, ends?: boolean) => Promise<void> } {
  // Every packer of this kind can change its way; the types say so of some only.
  const zip = createGzip({ level: constants.Z_BEST_SPEED }) as Gzip & ZlibParams;
  const put = linesTo(zip);
  let photos = false;
  return {
    zip,
    async write(piece, ends = true) {
      if (piece.length > LONG_PIECE !== photos) {
        photos = !photos;
        const strategy = photos ? constants.Z_HUFFMAN_ONLY : constants.Z_DEFAULT_STRATEGY;
        await new Promise<void>((resolve, reject) =>
          zip.params(constants.Z_BEST_SPEED, strategy, () => (zip.destroyed ? reject(new Stalled()) : resolve())),
        );
      }
      await put(piece, ends);
    },
  };
}
