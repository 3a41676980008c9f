import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { ALL_KINDS } from "../kinds";
import {
  ACTIONS,
  ALLOWED,
  KIND_RIGHTS,
  LINK_DAYS,
  linkProblem,
  may,
  PAGES,
  PASSWORD_LENGTH,
  passwordProblem,
  pinProblem,
  RIGHTS,
  roleOfWords,
  ROLES,
  ROUTES,
  signInName,
  type Right,
} from ".";

describe("who may do what", () => {
  it("is one table, read row by row", () => {
    const rights = Object.keys(RIGHTS) as Right[];
    const row = (role: (typeof ROLES)[number]) => rights.filter((right) => may(role, right));
    expect(row("owner")).toEqual(rights);
    expect(rights.filter((right) => !may("lead", right))).toEqual(["archive", "people", "audit"]);
    expect(rights.filter((right) => may("lead", right) && !may("technician", right))).toEqual([
      "teach",
      "confirm",
      "money",
      "rules",
      "shop",
    ]);
    expect(row("desk")).toEqual([
      ...["see", "own", "write", "practise", "take-in"],
      ...["hand-back", "money", "plan", "stock", "links"],
    ]);
    expect(row("apprentice")).toEqual(["see", "own", "write", "bench", "practise", "stock"]);
    expect(row("reader")).toEqual(["see", "own"]);
  });
  it("gives everybody who may do more at the bench all that those below may", () => {
    const chain = ["reader", "apprentice", "technician", "lead", "owner"] as const;
    for (const [at, role] of chain.slice(1).entries())
      for (const right of ALLOWED[chain[at] ?? "reader"]) expect(may(role, right)).toBe(true);
  });
  it("lets nobody but an owner read everything out or decide about people", () => {
    const right = (asked: string) =>
      asked === "archive" || asked === "people" || asked === "audit" ? asked : undefined;
    const ways = [...Object.entries(ROUTES), ...Object.entries(ACTIONS), ...Object.entries(PAGES)];
    expect(ways.filter(([, asked]) => right(asked)).map(([name]) => name)).toEqual([
      "GET /api/archive",
      "HEAD /api/archive",
      "ask for codes",
      "take on",
      "change person's row",
      "reset password",
      "/shop/events",
    ]);
  });
  it("asks something for every kind of entry; a hand-back and a confirmation ask for more than writing", () => {
    expect(Object.keys(KIND_RIGHTS).sort()).toEqual(Object.keys(ALL_KINDS).sort());
    expect(may("apprentice", KIND_RIGHTS["hand-back"])).toBe(false);
    expect(may("technician", KIND_RIGHTS.confirmed)).toBe(false);
    expect(may("desk", KIND_RIGHTS.check)).toBe(false);
    expect(may("desk", KIND_RIGHTS.estimate)).toBe(true);
    expect(ROLES.filter((role) => may(role, KIND_RIGHTS.reading))).toEqual([
      "owner",
      "lead",
      "technician",
      "apprentice",
    ]);
  });
});

it.each([
  ["lead technician", "lead"],
  ["Owner", "owner"],
  ["front desk and parts", "desk"],
  ["trainee", "apprentice"],
  ["technician", "technician"],
  ["leadership of nobody", "technician"],
  ["", "technician"],
])("takes “%s” of an older program for %s", (words, role) => expect(roleOfWords(words)).toBe(role));

describe("a PIN", () => {
  it.each(["1234", "4321", "8901", "0000", "77777", "123", "123456789", "12a4", "", "２４６８"])("is not %s", (pin) =>
    expect(pinProblem(pin)).toBeDefined(),
  );
  it.each(["2468", "1235", "40711", "19371958"])("may be %s", (pin) => expect(pinProblem(pin)).toBeUndefined());
  it("is refused or taken in a sentence, whatever is typed", () => {
    fc.assert(fc.property(fc.string(), (typed) => (pinProblem(typed) ?? "x.").length > 0));
  });
});

describe("a password", () => {
  it("has a length, and is not just a name from the pages", () => {
    const known = ["Wren Okafor", "Saltmarsh Wireless Repair"];
    expect(passwordProblem("short", known)).toContain(`${PASSWORD_LENGTH.least}`);
    expect(passwordProblem("x".repeat(129), known)).toContain("128");
    expect(passwordProblem("wren-okafor-1", known)).toContain("name");
    expect(passwordProblem("Saltmarsh99", known)).toContain("name");
    expect(passwordProblem("five cold herons", known)).toBeUndefined();
    expect(passwordProblem("wren likes cold mornings", known)).toBeUndefined();
  });
  it("may have any letters, also of other scripts and spaces (ASVS 5, 6.2)", () => {
    expect(passwordProblem("холодное утро", [])).toBeUndefined();
    expect(passwordProblem("   spaces around   ", [])).toBeUndefined();
  });
});

it("compares names whatever their case and spaces", () => {
  expect(signInName("  Wren   OKAFOR ")).toBe("wren okafor");
  fc.assert(fc.property(fc.string(), (name) => signInName(signInName(name)) === signInName(name)));
});

describe("a link for an owner", () => {
  const now = "2026-05-01T12:00:00.000Z";
  const good = { expiresAt: "2026-05-02T12:00:00.000Z", withdrawnAt: null };
  it("leads on until it runs out or is withdrawn", () => {
    expect(linkProblem(good, now)).toBeUndefined();
    expect(linkProblem(undefined, now)).toBe("unknown");
    expect(linkProblem({ ...good, expiresAt: now }, now)).toBe("run out");
    expect(linkProblem({ ...good, withdrawnAt: now }, now)).toBe("withdrawn");
    expect(LINK_DAYS.least).toBeLessThan(LINK_DAYS.usual);
  });
});
