import { expect, it } from "vitest";
import { lastAnswers, MOST_KEPT } from "./last-answers";

it("keeps the last answers of each that is asked, and lets the oldest go", () => {
  const answers = lastAnswers<number>();
  const [plan, circuit] = [{}, {}];
  for (let n = 0; n <= MOST_KEPT; n += 1) answers.keep(plan, `question ${n}`, n);
  expect(answers.of(plan, "question 0")).toBeUndefined();
  expect(answers.of(plan, `question ${MOST_KEPT}`)).toBe(MOST_KEPT);
  expect(answers.of(circuit, "question 1")).toBeUndefined();
  // What was asked again is no longer the oldest.
  answers.keep(plan, "question 1", 10);
  answers.keep(plan, "another", 11);
  expect([answers.of(plan, "question 1"), answers.of(plan, "question 2")]).toEqual([10, undefined]);
});
