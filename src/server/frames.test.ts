import { mkdtempSync, rmSync, writeFileSync } from "node:fs";
import os from "node:os";
import path from "node:path";
import { afterAll, expect, it } from "vitest";
import { inSource } from "./frames";

const folder = mkdtempSync(path.join(os.tmpdir(), "jumelle-frames-"));
afterAll(() => rmSync(folder, { recursive: true, force: true }));

/** A built file whose first line begins at line 5, column 3 of a source (source map revision 3). */
const built = (name: string, map: string | undefined): string => {
  const file = path.join(folder, name);
  writeFileSync(file, "throw new Error();");
  if (map !== undefined) writeFileSync(`${file}.map`, map);
  return file;
};
const map = (mappings: string) =>
  JSON.stringify({ version: 3, sources: ["turbopack:///[project]/src/db/entries.ts"], names: [], mappings });

it("says where in the source a frame of a built file is", () => {
  // A: column 0, A: the first source, I: line 4, E: column 2 (counted from 0).
  const file = built("chunk.js", map("AAIE"));
  for (let times = 0; times < 2; times += 1)
    expect(inSource(`at append (${file}:1:7)`)).toBe("at append (src/db/entries.ts:5:3)");
  expect(inSource(`at async file://${file}:1:7`)).toBe("at async src/db/entries.ts:5:3");
});

it("leaves a frame as it is where no map says more", () => {
  for (const frame of [
    `at append (${built("bare.js", undefined)}:1:7)`,
    `at append (${built("broken.js", "{")}:1:7)`,
    `at append (${built("empty.js", map(""))}:1:7)`,
    "at Socket.emit (node:events:536:35)",
    "at append (/nowhere/at/all.js:1:1)",
    "at native",
  ])
    expect(inSource(frame)).toBe(frame);
});
