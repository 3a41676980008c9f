import { describe, expect, it } from "vitest";
import { entry, SET, SHEET, VISIT, work } from "../fixtures";
import { settle, type Content } from "../kinds";
import { agedIn } from "./aged";
import type { FileOf } from "./file";

/** Entries of the fixtures are written from January 2026 on, an hour apart. */
const YEAR = 1937;
const file = (contents: Content[], year: number | null = YEAR): FileOf => ({
  id: SET,
  serial: "H-1",
  model: { id: "lantern", maker: "Halvane", designation: "537", nickname: null, year, version: 1, sheet: SHEET },
  owner: { name: "Osei" },
  visits: [{ id: VISIT, setId: SET, job: 1, openedAt: "2026-01-01T00:00:00.000Z" }],
  settled: settle(contents.map((content, index) => entry(index + 1, content))).settled,
});
const shorted = (designator: string): Content => ({
  kind: "tube-test",
  payload: { v: 1, phase: "check", designator, shorts: "found" },
});
const good = (designator: string): Content => ({
  kind: "tube-test",
  payload: {
    v: 1,
    phase: "check",
    designator,
    shorts: "none",
    gas: "none",
    strength: {
      test: "gm",
      measured: { text: "4000", value: 4000 },
      nominal: { text: "4100", value: 4100 },
      unit: "µS",
    },
  },
});
const renewed = (designator: string, found?: string): Content =>
  work([designator], "replaced", {
    now: [{ designator, text: "0.047 µF 630 V polypropylene", stock: { part: SET, code: "JP1", maker: "Tern" } }],
    ...(found ? { found } : {}),
  });
const short = (contents: Content[], year?: number | null) =>
  agedIn(file(contents, year)).map(({ make, years, bad }) => [make, Math.round(years * 2) / 2, bad]);

describe("parts that were judged", () => {
  it("are as old as their set, an original paper capacitor by its year", () => {
    expect(short([renewed("C14", "leaky")])).toEqual([["paper", 88.5, true]]);
    expect(short([good("V4")])).toEqual([["tube", 88.5, false]]);
  });

  it("count once a visit, and one that had failed stays failed", () => {
    expect(short([shorted("V4"), good("V4")])).toEqual([["tube", 88.5, true]]);
  });

  it("say nothing where they were renewed on sight, or the year is not known", () => {
    expect(short([renewed("C14")])).toEqual([]);
    expect(short([renewed("C14", "leaky")], null)).toEqual([]);
  });

  it("are what the shop fitted from then on, with its maker and its own age", () => {
    expect(short([renewed("C14", "leaky"), renewed("C14", "leaky again")])).toEqual([
      ["paper", 88.5, true],
      ["film, Tern", 0, true],
    ]);
  });

  it("that were found fitted have no age that anybody knows", () => {
    const now = [{ designator: "C14", text: "0.05 µF 600 V" }];
    const before: Content = {
      kind: "part-work",
      payload: { v: 1, designators: ["C14"], action: "found fitted", now },
    };
    expect(short([before, renewed("C14", "leaky")])).toEqual([]);
  });
});
