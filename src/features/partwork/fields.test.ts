import { describe, expect, it } from "vitest";
import { EMPTY_WORK, fieldsFor, lineOfFields, stillMissing, type WorkFields } from "./fields";

const fields = (part: Partial<WorkFields>): WorkFields => ({ ...EMPTY_WORK, designators: "C14", ...part });

describe("the line of the fields", () => {
  it("is empty until a part is named", () => {
    expect(lineOfFields(EMPTY_WORK)).toBe("");
    expect(stillMissing(EMPTY_WORK)).toContain("Choose a part");
  });

  it("is the line that a technician would have typed", () => {
    const now = [{ designator: "", text: "0.047/630 film", owner: false }];
    expect(lineOfFields(fields({ was: ".05/400", found: "leaky", now, oldPart: "bag" }))).toBe(
      "C14 .05/400 leaky -> 0.047/630 film old in bag",
    );
    expect(lineOfFields(fields({ action: "left", measured: "52n", why: "sound" }))).toBe("C14 = 52n left: sound");
    expect(lineOfFields(fields({ action: "cleaned", now }))).toBe("C14 cleaned");
  });

  it("takes several originals and several new parts", () => {
    const now = [
      { designator: "C1A", text: "22µ/450", owner: false },
      { designator: "C1B", text: "22µ/450", owner: false },
      { designator: "", text: "  ", owner: false },
    ];
    expect(lineOfFields(fields({ designators: "C1, C2", now }))).toBe("C1+C2 -> C1A 22µ/450 + C1B 22µ/450");
  });
});

describe("what is still missing", () => {
  it("is what goes in, or the reason", () => {
    expect(stillMissing(fields({}))).toContain("What went in");
    expect(stillMissing(fields({ now: [{ designator: "", text: "47n", owner: false }] }))).toBeUndefined();
    expect(stillMissing(fields({ action: "disconnected" }))).toBe("Why it is disconnected.");
    expect(stillMissing(fields({ action: "disconnected", why: "kept for looks" }))).toBeUndefined();
    expect(stillMissing(fields({ action: "reflowed" }))).toBeUndefined();
  });
});

describe("working on a place", () => {
  const place = { designator: "C14", state: "original" as const, parts: [], work: [] };
  it("begins with what is there now", () => {
    expect(fieldsFor({ ...place, drawn: ".05/400" }).was).toBe(".05/400");
    expect(fieldsFor({ ...place, drawn: ".05/400", parts: [{ designator: "C14", text: "47n/630" }] }).was).toBe(
      "47n/630",
    );
    expect(fieldsFor(place)).toEqual({ ...EMPTY_WORK, designators: "C14" });
  });
});
