import { PassThrough } from "node:stream";
import { describe, expect, it } from "vitest";
import { linesOf } from "@/db/lines";
import { packing } from "./packing";

describe("an archive's packing", () => {
  it("gives back every line as it was, whichever way it was packed", async () => {
    const photo = (n: number) => `{"photo":${n},"content":"${"Qk0+/A".repeat(20_000)}"}`;
    const lines = ["head", "short", photo(1), photo(2), "between", photo(3), "end"];
    const { zip, write } = packing();
    const through = zip.pipe(new PassThrough());
    const read = (async () => {
      const found: string[] = [];
      for await (const line of linesOf(through)) found.push(line);
      return found;
    })();
    for (const line of lines) await write(line);
    zip.end();
    expect(await read).toEqual(lines);
  });
});
