import { createCipheriv, createDecipheriv, hkdfSync, randomBytes } from "node:crypto";
import { secret } from "./auth";

const NONCE = 12;
const TAG = 16;

const keyFor = (what: string): Buffer => Buffer.from(hkdfSync("sha256", secret(), "", `jumelle ${what}`, 32));

/** Seals bytes that the database alone is not to give away (AES-256-GCM; its key is made of this machine's secret). */
export function sealed(what: string, bytes: Uint8Array): string {
  const nonce = randomBytes(NONCE);
  const cipher = createCipheriv("aes-256-gcm", keyFor(what), nonce);
  return Buffer.concat([nonce, cipher.update(bytes), cipher.final(), cipher.getAuthTag()]).toString("base64");
}

/** Opens what was sealed here; undefined where it was changed, or sealed with another secret. */
export function opened(what: string, text: string): Uint8Array | undefined {
  const all = Buffer.from(text, "base64");
  if (all.length < NONCE + TAG) return undefined;
  const decipher = createDecipheriv("aes-256-gcm", keyFor(what), all.subarray(0, NONCE));
  decipher.setAuthTag(all.subarray(-TAG));
  try {
    return Buffer.concat([decipher.update(all.subarray(NONCE, -TAG)), decipher.final()]);
  } catch {
    return undefined;
  }
}
