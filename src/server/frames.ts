import { existsSync, readFileSync } from "node:fs";
import { SourceMap, type SourceMapPayload } from "node:module";

/** A place in a built file: `at name (/…/chunk.js:391:31796)`. */
const PLACE = /(?:file:\/\/)?(\/[^()]+\.js):(\d+):(\d+)/;

/** Frames that were read: the same failure comes again and again, and a map is a megabyte. */
const known = new Map<string, string>();
const MOST = 500;

function place(frame: string): string {
  const [all, file = "", line, column] = PLACE.exec(frame) ?? [];
  if (all === undefined || !existsSync(`${file}.map`)) return frame;
  const map = new SourceMap(JSON.parse(readFileSync(`${file}.map`, "utf8")) as SourceMapPayload);
  const entry = map.findEntry(Number(line) - 1, Number(column) - 1);
  if (!("originalSource" in entry)) return frame;
  const source = entry.originalSource.replace(/^(.*?\[project\]\/|(\.\.\/)+)/, "");
  return frame.replace(all, `${source}:${entry.originalLine + 1}:${entry.originalColumn + 1}`);
}

/** A frame of a built file as a place in its source; without a map that can be read, as it is. */
export function inSource(frame: string): string {
  const before = known.get(frame);
  if (before !== undefined) return before;
  let said = frame;
  try {
    said = place(frame);
  } catch {
    // A map that cannot be read is no reason to lose the failure itself.
  }
  if (known.size < MOST) known.set(frame, said);
  return said;
}
