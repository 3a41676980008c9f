import { describe, expect, it } from "vitest";
import { bodySchema } from "@/core/kinds";
import { EMPTY_TAKE_IN, newJobFields, sheetOf, takeInFields, takeInPayload } from "./schema";

const typed = { ...EMPTY_TAKE_IN, complaint: "fades" };

describe("the take-in as it is typed", () => {
  it("becomes a payload that the log takes", () => {
    const payload = takeInPayload(
      {
        ...typed,
        received: "lead, two knobs,\n manual",
        missing: " , ",
        since: " May ",
        policy: "museum",
      },
      "EUR",
    );
    expect(payload).toEqual({
      v: 1,
      complaint: "fades",
      policy: "museum",
      received: ["lead", "two knobs", "manual"],
      missing: [],
      since: "May",
    });
    expect(bodySchema.safeParse({ kind: "take-in", payload }).success).toBe(true);
  });

  it("asks for the complaint and refuses an endless one", () => {
    expect(takeInFields.safeParse(EMPTY_TAKE_IN).error?.issues[0]?.message).toBe("The complaint is missing.");
    expect(takeInFields.safeParse({ ...typed, complaint: "x".repeat(10_000) }).success).toBe(false);
  });
});

describe("a new job", () => {
  const model = {
    maker: "Norrvik",
    designation: "A12",
    nickname: "",
    year: "1951",
    kind: "table set",
    supply: "live-chassis" as const,
    lineVolts: "220",
    highestVolts: "300",
    dialect: "" as const,
  };
  const job = {
    setId: "",
    owner: "Noor Haddad",
    contact: "",
    model: "Norrvik A12",
    newModel: model,
    serial: "7",
    takeIn: typed,
  };
  const messages = (change: object) => {
    const result = newJobFields.safeParse({ ...job, newModel: { ...model, ...change } });
    return result.success ? [] : result.error.issues.map((issue) => issue.message);
  };

  it("reads the numbers of a new model, and makes its first sheet", () => {
    const parsed = newJobFields.parse(job).newModel;
    expect(parsed).toMatchObject({ year: 1951, lineVolts: 220, highestVolts: 300 });
    if (!parsed) throw new Error("a new model");
    expect(sheetOf(parsed)).toMatchObject({ supply: "live-chassis", lineVolts: 220, components: [], points: [] });
    expect(sheetOf(parsed)).not.toHaveProperty("dialect");
    expect(sheetOf({ ...parsed, dialect: "m-is-thousand" })).toMatchObject({ dialect: "m-is-thousand" });
  });

  it("says which figure cannot be", () => {
    expect(messages({})).toEqual([]);
    expect(messages({ year: "" })).toEqual([]);
    expect(messages({ year: "1066" })[0]).toContain("The year lies between 1890");
    expect(messages({ lineVolts: "a lot" })[0]).toContain("is a number");
    expect(messages({ highestVolts: "-5" })[0]).toContain("lies between 1 and 20000");
    expect(messages({ maker: " " })).toEqual(["The maker is missing."]);
  });
});
