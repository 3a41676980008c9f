import { fileTypeFromBuffer } from "file-type";
import sharp from "sharp";

export const PICTURES = ["image/jpeg", "image/png", "image/webp", "image/gif", "image/avif"];
const TAKEN = [...PICTURES, "application/pdf"];

/** Text without control characters, in UTF-8: a measurement log, a CSV, a note. */
function isText(content: Uint8Array): boolean {
  try {
    const text = new TextDecoder("utf-8", { fatal: true }).decode(content);
    return ![...text.slice(0, 100_000)].some((letter) => letter < " " && !"\t\r\n\f".includes(letter));
  } catch {
    return false;
  }
}

/** Beginnings of programs that are text. */
const SCRIPT = /^\s*(#!|<\?php|<script|<!doctype html|<html|<svg)/i;

/**
 * What a file is by its content; its name is not asked.
 * @returns the type, or undefined when it is none that is taken
 */
export async function typeOf(content: Uint8Array): Promise<string | undefined> {
  const found = await fileTypeFromBuffer(content);
  if (found) return TAKEN.includes(found.mime) ? found.mime : undefined;
  if (!isText(content)) return undefined;
  return SCRIPT.test(new TextDecoder().decode(content.subarray(0, 200))) ? undefined : "text/plain";
}

const THUMB_SIDE = 320;

/** A small picture of a picture, the right way up; null for what is none. A picture that does not open throws. */
export async function thumbnail(content: Uint8Array, type: string): Promise<Uint8Array | null> {
  if (!PICTURES.includes(type)) return null;
  return sharp(content, { limitInputPixels: 100_000_000 })
    .rotate()
    .resize(THUMB_SIDE, THUMB_SIDE, { fit: "inside", withoutEnlargement: true })
    .webp({ quality: 78 })
    .toBuffer();
}
