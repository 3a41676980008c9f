import { readdirSync, readFileSync } from "node:fs";
import path from "node:path";
import { expect, it } from "vitest";
import { ACTIONS, refusalsOf, ROLES, may, type ActionName } from "@/core/access";

const FEATURES = path.join(import.meta.dirname, "../../features");

/** Actions that a page does not offer by a button of its own, each with the reason. */
const NOT_OFFERED: Partial<Record<ActionName, string>> = {
  "reset password": "stands in the form that change person's row opens",
  "import stock": "its panel is opened by a button that asks for change stock",
  "rough price": "works out a price in the form that saves an enquiry",
};

/** What the components say that they ask for. */
function asked(): Set<string> {
  const names = new Set<string>();
  for (const entry of readdirSync(FEATURES, { recursive: true, withFileTypes: true })) {
    if (!entry.isFile() || !/\.tsx?$/.test(entry.name)) continue;
    const text = readFileSync(path.join(entry.parentPath, entry.name), "utf8");
    for (const [, name = ""] of text.matchAll(/(?:asks: |asks=|action=|useRefusal\()"([^"]+)"/g)) names.add(name);
  }
  return names;
}

it("every action that some role may not do is offered only to those who may", () => {
  const named = asked();
  const refusable = (Object.keys(ACTIONS) as ActionName[]).filter((name) =>
    ROLES.some((role) => refusalsOf(role).actions[name] !== undefined),
  );
  expect(refusable.filter((name) => !named.has(name) && !(name in NOT_OFFERED))).toEqual([]);
  // Nothing is excused that asks by itself.
  expect(Object.keys(NOT_OFFERED).filter((name) => named.has(name))).toEqual([]);
});

it("what is said to be refused is what the table refuses, and a sentence", () => {
  for (const role of ROLES)
    for (const name of Object.keys(ACTIONS) as ActionName[]) {
      const right = ACTIONS[name];
      const sentence = refusalsOf(role).actions[name];
      expect(sentence === undefined).toBe(right === "anyone" || may(role, right));
      if (sentence) expect(sentence).toMatch(/may not .*\.$/);
    }
});

it("an owner is refused nothing", () => expect(refusalsOf("owner")).toEqual({ actions: {}, pages: {} }));
