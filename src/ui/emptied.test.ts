import { describe, expect, it } from "vitest";
import { emptied } from "./emptied";

describe("a field whose text was written down", () => {
  it("is emptied, and keeps what was typed since", () => {
    expect(emptied("hums")("hums")).toBe("");
    expect(emptied("hums")("crackles")).toBe("crackles");
  });
});
