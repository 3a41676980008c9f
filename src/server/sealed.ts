import { open } from "node:fs/promises";

/** How a file of age begins (age-encryption.org/v1). */
const MAGIC = "age-encryption.org/v1";

/** Is this the beginning of a file that is sealed with a passphrase? */
export const beginsSealed = (bytes: Uint8Array): boolean =>
  Buffer.from(bytes.subarray(0, MAGIC.length)).toString("latin1") === MAGIC;

/** Is a file sealed with a passphrase? */
export async function isSealed(file: string): Promise<boolean> {
  const handle = await open(file);
  try {
    const { buffer, bytesRead } = await handle.read(Buffer.alloc(MAGIC.length), 0, MAGIC.length, 0);
    return beginsSealed(buffer.subarray(0, bytesRead));
  } finally {
    await handle.close();
  }
}
