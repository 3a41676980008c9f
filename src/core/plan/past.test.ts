import { describe, expect, it } from "vitest";
import { quantileOf, roughPrice, type PastJob } from "./past";

const job = (minutes: number, partsMinor: number, more: Partial<PastJob> = {}): PastJob => ({
  modelId: "lantern",
  setClass: "mains receiver",
  complaint: ["hum"],
  minutes,
  partsMinor,
  ...more,
});
const TERMS = { hourMinor: 4500, tax: 0.21 };

describe("a rough price", () => {
  it("by hand: three sets of the model with that complaint", () => {
    // 2 h, 3 h and 4 h at 45.00, parts 10.00, 20.00 and 30.00, 21 % tax.
    const past = [job(120, 1000), job(180, 2000), job(240, 3000)];
    const price = roughPrice({ modelId: "lantern", complaint: ["hum"] }, past, TERMS);
    expect(price).toMatchObject({ basis: "model-complaint", cases: 3 });
    expect(price?.minutes).toEqual({ low: 150, median: 180, high: 210 });
    // (135.00 + 20.00) · 1.21 = 187.55
    expect(price?.totalMinor.median).toBe(18_755);
  });

  it("falls back to the model, then to the kind of set with the complaint, then to the kind of set", () => {
    const past = [job(60, 0), job(60, 0), job(60, 0)];
    expect(roughPrice({ modelId: "lantern", complaint: ["dead"] }, past, TERMS)?.basis).toBe("model");
    const others = { setClass: "mains receiver" as const };
    expect(roughPrice({ ...others, complaint: ["hum"] }, past, TERMS)?.basis).toBe("class-complaint");
    expect(roughPrice({ ...others, complaint: [] }, past, TERMS)?.basis).toBe("class");
  });

  it("says nothing of two cases, of another kind of set, and of visits without a time", () => {
    expect(roughPrice({ modelId: "lantern", complaint: [] }, [job(60, 0), job(70, 0)], TERMS)).toBeUndefined();
    const three = [job(0, 500), job(60, 0), job(70, 0)];
    expect(roughPrice({ modelId: "lantern", complaint: [] }, three, TERMS)).toBeUndefined();
    const past = [job(60, 0), job(60, 0), job(60, 0)];
    expect(roughPrice({ setClass: "battery portable", complaint: ["hum"] }, past, TERMS)).toBeUndefined();
  });

  it("takes the middle half of the cases by interpolation", () => {
    expect(quantileOf([4, 1, 3, 2], 0.25)).toBeCloseTo(1.75, 9);
    expect(quantileOf([7], 0.9)).toBe(7);
  });
});
