import { expect, it } from "vitest";
import { parseLine } from "@/core/bench-line";
import { CONTEXT } from "@/core/fixtures";
import { OTHER_WORDS } from "./other-words";

it.each(OTHER_WORDS)("the help sheet tells the truth of “%s”", (line, says) => {
  expect(parseLine(line, CONTEXT).kind).toBe(says.startsWith("asked") ? "question" : "draft");
});
