import { describe, expect, it } from "vitest";
import { told } from "./mutants-told";

describe("the page of the scores", () => {
  const file = (name: string, tried: number, lived: number) => ({ file: `src/core/${name}.ts`, tried, lived });
  const page = told({
    power: { on: "2026-11-26", tests: "core", files: [file("power/plan", 80, 4)] },
    visit: { on: "2026-11-28", tests: "own", files: [file("visit/soak", 20, 8), file("visit/found", 100, 8)] },
  });

  it("has each area, with the tests that were run and the day, and all of them together", () => {
    expect(page).toContain("| power | 95.0 % | 80 | 4 | core | 2026-11-26 |");
    expect(page).toContain("| visit | 86.7 % | 120 | 16 | own | 2026-11-28 |");
    expect(page).toContain("| together | 90.0 % | 200 | 20 |");
  });

  it("names the files below the aim, and no others", () => {
    expect(page.match(/^- .*/gm)).toEqual(["- `src/core/visit/soak.ts`: 8 of 20 not noticed"]);
  });
});
