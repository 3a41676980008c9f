import { expect, it } from "vitest";
import { lineContext, parseLine } from "@/core/bench-line";
import { atOf, entry, VISIT } from "@/core/fixtures";
import { settle, type Content } from "@/core/kinds";
import { MADE_UP_SETS } from "@/core/practice";
import { OTHER_WORDS } from "./other-words";

const safe: Content = { kind: "step", payload: { v: 1, step: "make-safe", state: "overridden", reason: "by eye" } };
const lantern = Object.values(MADE_UP_SETS).find(({ designation }) => designation === "537");
if (!lantern) throw new Error("The Lantern is one of the sets to practise on.");
const context = lineContext(
  {
    sheet: lantern.sheet,
    year: lantern.year,
    settled: settle([entry(1, safe)]).settled,
    visitId: VISIT,
    now: atOf(999),
  },
  undefined,
  "baseline",
);

it.each(OTHER_WORDS)("the help sheet's “%s” is read: %s", (line, says) => {
  const result = parseLine(line, context);
  const apart = result.kind === "question" && result.choices.some(({ then }) => then !== undefined);
  expect(result.kind).toBe(says.startsWith("asked") || apart ? "question" : "draft");
  // Every answer reads, and so does every line that comes after it.
  const answers = result.kind === "question" ? result.choices.flatMap(({ text, then = [] }) => [text, ...then]) : [];
  for (const answer of answers) expect(["draft", "question"], answer).toContain(parseLine(answer, context).kind);
});
