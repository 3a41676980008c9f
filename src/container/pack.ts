import { TextReader, Uint8ArrayReader, ZipWriter } from "@zip.js/zip.js";
import type { SetFileDocument } from "@/core/exchange";
import { DOCUMENT, placeOf } from "./names";

/**
 * Writes a set's file as a stream. Each photo is asked for when its turn comes, so one is held at a time; photos do not
 * shrink and are laid in as they are.
 * @param bytes the content of a file of the document, or its small picture
 */
export function packContainer(
  document: SetFileDocument,
  bytes: (id: string, small: boolean) => Promise<Uint8Array>,
): ReadableStream<Uint8Array> {
  const { readable, writable } = new TransformStream<Uint8Array, Uint8Array>();
  const zip = new ZipWriter(writable, { keepOrder: true });
  const write = async () => {
    await zip.add(DOCUMENT, new TextReader(`${JSON.stringify(document, null, 1)}\n`));
    for (const { id, thumb } of document.attachments)
      for (const small of thumb ? [false, true] : [false])
        await zip.add(placeOf(id, small), new Uint8ArrayReader(await bytes(id, small)), { level: 0 });
    await zip.close();
  };
  // Whoever reads hears of it: the stream ends with the error.
  write().catch((error: unknown) => writable.abort(error).catch(() => {}));
  return readable;
}
