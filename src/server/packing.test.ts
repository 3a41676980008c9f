import { describe, expect, it } from "vitest";
import { linesOf } from "@/db/lines";
import { packing } from "./packing";

describe("an archive's packing", () => {
  it("gives back every line as it was, whichever way it was packed", async () => {
    const photo = (n: number) => `{"photo":${n},"content":"${"Qk0+/A".repeat(20_000)}"}`;
    const lines = ["head", "short", photo(1), photo(2), "between", photo(3), "end"];
    const { out, write, end } = packing();
    const read = (async () => {
      const found: string[] = [];
      for await (const line of linesOf(out)) found.push(line);
      return found;
    })();
    for (const line of lines) await write(line);
    await end();
    expect(await read).toEqual(lines);
  });
  it("ends with an error when nobody reads on", async () => {
    const { out, write } = packing();
    await write("head");
    out.destroy();
    await expect(write("a photo".repeat(20_000))).rejects.toThrow();
  });
});
