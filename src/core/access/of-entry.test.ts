import { expect, it } from "vitest";
import { notForRole } from ".";

const entries = [
  { id: "a", kind: "reading", amends: null },
  { id: "b", kind: "amendment", amends: "a" },
  { id: "c", kind: "note", amends: null },
];
const amending = (amends: string) => ({ kind: "amendment", amends });

it("tells a role what it may not write, by the kind of entry", () => {
  expect(notForRole("desk", { kind: "note", amends: null }, entries)).toBeUndefined();
  expect(notForRole("desk", { kind: "reading", amends: null }, entries)).toBe(
    "Front desk: this role may not work on a set.",
  );
  expect(notForRole("reader", { kind: "note", amends: null }, entries)).toContain("this role may not write notes");
  for (const kind of ["reading", "note", "hand-back"])
    expect(notForRole("lead", { kind, amends: null }, entries)).toBeUndefined();
});

it("asks of an amendment what the entry asks that it amends, through any number of amendments", () => {
  expect(notForRole("desk", amending("a"), entries)).toContain("work on a set");
  expect(notForRole("desk", amending("b"), entries)).toContain("work on a set");
  expect(notForRole("desk", amending("c"), entries)).toBeUndefined();
  // What is not at hand is the server's to decide.
  expect(notForRole("desk", amending("elsewhere"), entries)).toBeUndefined();
  expect(notForRole("desk", amending("x"), [{ id: "x", kind: "amendment", amends: "x" }])).toBeUndefined();
});
