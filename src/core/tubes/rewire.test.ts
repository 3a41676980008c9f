import { describe, expect, it } from "vitest";
import { electrodeWord, pinoutOf, pinouts, rewiring, tubeType } from ".";

const between = (from: string, to: string) => rewiring(tubeType(from)!.pinout, tubeType(to)!.pinout);

describe("what has to be moved at a socket", () => {
  it("is nothing between tubes of one diagram", () => {
    expect(between("6SN7", "6SL7")).toEqual({ otherSocket: false, moves: [], missing: [], extra: [], unknown: false });
    expect(between("EF41", "UF41").moves).toEqual([]);
  });
  it("names the wires between diagrams of one base: a 6K7 for a 6SK7 moves grid, screen, suppressor, cathode and plate", () => {
    const { otherSocket, moves } = between("6SK7", "6K7");
    expect(otherSocket).toBe(false);
    expect(moves).toContain("plate: from pin 8 to pin 3");
    expect(moves).toContain("control grid: from pin 4 to the top cap");
    expect(moves).toContain("cathode: from pin 5 to pin 8");
    expect(moves).toContain("screen grid: from pin 6 to pin 4");
    expect(moves.some((move) => move.startsWith("heater"))).toBe(false);
  });
  it("on another base is every wire", () => {
    const { otherSocket, moves } = between("6V6", "EL84");
    expect(otherSocket).toBe(true);
    expect(moves).toContain("control grid: from pin 5 to pin 2");
    expect(moves).toContain("heater: from pin 2 and pin 7 to pin 4 and pin 5");
  });
  it("counts what is missing, and what there is besides", () => {
    expect(between("6SQ7", "6J5").missing).toEqual(["d2", "d1"]);
    expect(between("6C4", "12AX7").extra.length).toBeGreaterThan(0);
    // A suppressor that the old tube joined inside is no loss.
    expect(between("EL34", "6L6GC").missing).toEqual([]);
  });
  it("keeps pins free that are connected inside", () => {
    const from = pinoutOf("9AQ");
    const moves = rewiring(from, pinoutOf("9CV")).moves;
    expect(moves.some((move) => /leave free/.test(move))).toBe(true);
  });
  it("is none from any diagram to itself, and is empty in both ways or in neither", () => {
    const all = pinouts();
    for (const a of all)
      for (const b of all.filter(({ base }) => base === a.base)) {
        const there = rewiring(a, b);
        if (a === b) expect(there.moves, a.name).toEqual([]);
        expect(there.otherSocket).toBe(false);
      }
  });
});

describe("an electrode in words", () => {
  it("is what the trade calls it", () => {
    expect(electrodeWord("g1")).toBe("control grid");
    expect(electrodeWord("gA")).toBe("control grid of system A");
    expect(electrodeWord("pB")).toBe("plate of system B");
    expect(electrodeWord("d2")).toBe("diode 2");
    expect(electrodeWord("tg")).toBe("triode control grid");
    expect(electrodeWord("ic")).toBe("ic");
  });
});
