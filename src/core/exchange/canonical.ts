import { sha256 } from "@noble/hashes/sha2";
import { bytesToHex, utf8ToBytes } from "@noble/hashes/utils";

/**
 * A value as text that is the same wherever and in whatever order it was put together: keys sorted, nothing between,
 * numbers as JavaScript prints them; what is undefined is left out. The sorting of RFC 8785 for values of JSON.
 */
export function canonical(value: unknown): string {
  if (Array.isArray(value)) return `[${value.map((item) => canonical(item ?? null)).join(",")}]`;
  if (typeof value === "object" && value !== null) {
    const fields = Object.entries(value)
      .filter(([, field]) => field !== undefined)
      .sort(([a], [b]) => (a < b ? -1 : a > b ? 1 : 0));
    return `{${fields.map(([key, field]) => `${JSON.stringify(key)}:${canonical(field)}`).join(",")}}`;
  }
  return JSON.stringify(value) ?? "null";
}

/** SHA-256 (FIPS 180-4) of a text in UTF-8, hexadecimal. */
export const hashText = (text: string): string => bytesToHex(sha256(utf8ToBytes(text)));
export const hashBytes = (bytes: Uint8Array): string => bytesToHex(sha256(bytes));
