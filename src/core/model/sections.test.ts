import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { checkSections, COMMONS, readSections, ROLES, writeSections, type Section } from ".";

const sections = (...roles: Section["role"][]): Section[] => roles.map((role) => ({ role, drawn: ".1/400" }));

describe("sections and their common lead", () => {
  it("filter capacitors share chassis or B−", () => {
    expect(checkSections("C1", sections("reservoir", "smoothing"), "chassis")).toEqual({ kind: "fits" });
    expect(checkSections("C1", sections("reservoir", "smoothing"), "b-minus")).toEqual({ kind: "fits" });
    expect(checkSections("C1", sections("reservoir", "smoothing"), "signal").kind).toBe("conflict");
  });
  it("a coupling and a bypass section cannot share chassis", () => {
    const check = checkSections("C8", sections("coupling", "decoupling"), "chassis");
    expect(check).toMatchObject({ kind: "conflict", possible: ["signal"] });
    expect(check.kind === "conflict" && check.text).toContain("the common lead cannot be chassis");
    expect(checkSections("C8", sections("coupling", "decoupling"), "signal")).toEqual({ kind: "fits" });
  });
  it("asks when nobody has traced the lead, and says where it can be", () => {
    const check = checkSections("C8", sections("coupling", "cathode-bypass"));
    expect(check).toMatchObject({ kind: "question", possible: ["signal"] });
  });
  it("refuses roles that share no place at all, whatever is written down", () => {
    for (const common of [undefined, ...COMMONS])
      expect(checkSections("C3", sections("mains", "reservoir"), common).kind).toBe("conflict");
  });
  it("has nothing to say of a part with one section", () => {
    expect(checkSections("C3", sections("mains"), undefined)).toEqual({ kind: "fits" });
    expect(checkSections("C3", [], "chassis")).toEqual({ kind: "fits" });
  });
  it("does not depend on the order of the sections", () => {
    const roles = fc.array(fc.constantFrom(...ROLES), { minLength: 2, maxLength: 5 });
    fc.assert(
      fc.property(roles, fc.option(fc.constantFrom(...COMMONS), { nil: undefined }), (list, common) => {
        const [one, other] = [list, list.toReversed()].map((all) => checkSections("C1", sections(...all), common));
        expect(one?.kind).toBe(other?.kind);
      }),
    );
  });
});

describe("sections in a cell", () => {
  it("are values with their roles", () => {
    expect(readSections("16/450 reservoir | 25/25 cathode bypass")).toEqual({
      sections: [
        { role: "reservoir", drawn: "16/450" },
        { role: "cathode-bypass", drawn: "25/25" },
      ],
    });
    expect(readSections("  ")).toEqual({ sections: [] });
    expect(readSections("16/450")).toHaveProperty("problem");
    expect(readSections("reservoir | 16 smoothing")).toHaveProperty("problem");
  });
  it("read back as they were written", () => {
    const all = fc.array(
      fc.record({ role: fc.constantFrom(...ROLES), drawn: fc.constantFrom("16", ".1/400", "8 µF") }),
      {
        minLength: 1,
        maxLength: 4,
      },
    );
    fc.assert(
      fc.property(all, (list) => {
        expect(readSections(writeSections(list))).toEqual({ sections: list });
      }),
    );
  });
});
