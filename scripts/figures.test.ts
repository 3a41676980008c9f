import { readFileSync } from "node:fs";
import path from "node:path";
import { describe, expect, it } from "vitest";
import { figuresOfCore, figuresPage, sumsOfCore } from "./figures";

const figures = figuresOfCore();

describe("the list of figures", () => {
  it("is the one of the docstrings: npm run figures writes it anew", () => {
    const page = readFileSync(path.join(import.meta.dirname, "../docs/figures.md"), "utf8");
    expect(page).toBe(figuresPage(figures));
  });
  it("has a source and a worked example for every figure", () => {
    expect(figures.length).toBeGreaterThan(100);
    expect(figures.filter(({ example }) => !example).map(({ name, file }) => `${name} in ${file}`)).toEqual([]);
    expect(figures.filter(({ source }) => source.length < 4).map(({ name }) => name)).toEqual([]);
    expect(sumsOfCore().length).toBeGreaterThan(15);
  });
  it("says every figure that safety hangs on", () => {
    const names = new Set(figures.map(({ name }) => name));
    for (const name of ["TOUCH_MOST_AMPS", "TOUCH_LIMIT_VOLTS", "STOP_AT_STEP", "STOP_AT_FULL_LINE", "FIRST_WATTS"])
      expect(names).toContain(name);
  });
});
