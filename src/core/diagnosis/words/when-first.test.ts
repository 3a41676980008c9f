import { describe, expect, it } from "vitest";
import { withCircumstances } from "./when-first";

describe("the parts of a sentence", () => {
  it.each([
    [["after an hour", "fm goes off"], ["fm goes off after an hour"]],
    [["when it is warm", "on all bands", "no sound"], ["no sound when it is warm on all bands"]],
    [
      ["hums", "when it is warm"],
      ["hums", "when it is warm"],
    ],
    [
      ["on short wave", "weak", "dial lights"],
      ["weak on short wave", "dial lights"],
    ],
    [
      ["dead", "fine"],
      ["dead", "fine"],
    ],
    [[], []],
  ])("%j are read as %j", (parts, read) => expect(withCircumstances(parts)).toEqual(read));

  it.each(["when it hums", "after it was dropped", "with a loud bang", "the first hour"])(
    "“%s” says more than when, and stays where it is",
    (part) => expect(withCircumstances([part, "no sound"])).toEqual([part, "no sound"]),
  );
});
