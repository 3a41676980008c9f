import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { backTo } from "./back-to";

describe("where somebody goes back to after signing in", () => {
  it.each(["/", "/bench/1187", "/bench/1187?step=fix&tab=tubes", "/sets?q=a%20b"])("is %s", (address) =>
    expect(backTo(address)).toBe(address),
  );
  it.each([
    ["another site", "https://elsewhere.example/"],
    ["another site without its scheme", "//elsewhere.example/"],
    ["the same with signs that a browser takes for it", "/\\elsewhere.example"],
    ["the same with signs that a browser drops", "/\t/elsewhere.example"],
    ["and", "/\n//elsewhere.example"],
    ["a path that climbs to it", "/..//elsewhere.example"],
    ["a script", "javascript:alert(1)"],
    ["a door", "/sign-in?to=/sign-in"],
    ["no page", "/api/archive"],
    ["nothing", ""],
    ["none", null],
  ])("is the Board for %s", (_what, address) => expect(backTo(address)).toBe("/"));
  it("is a page of this shop, whatever the address", () => {
    const parts = fc.constantFrom(
      "/",
      "\\",
      "\t",
      "\n",
      ".",
      "..",
      "a",
      "@",
      ":",
      "?",
      "#",
      "elsewhere.example",
      "%2f",
    );
    fc.assert(
      fc.property(fc.array(parts, { maxLength: 8 }), (some) => {
        const to = new URL(backTo(some.join("")), "http://127.0.0.1:3000");
        expect(to.origin).toBe("http://127.0.0.1:3000");
      }),
    );
  });
});
