import { describe, expect, it } from "vitest";
import { storageFee } from "./storage";

const RULE = { storageWeeks: 8, storageMinor: 500 };

describe("storage", () => {
  it("costs nothing for the free weeks, and then for each week begun", () => {
    expect(storageFee("2026-10-01T12:00:00Z", "2026-11-26T12:00:00Z", RULE)).toMatchObject({ weeks: 8, minor: 0 });
    expect(storageFee("2026-10-01T12:00:00Z", "2026-11-26T13:00:00Z", RULE)).toEqual({
      weeks: 8,
      charged: 1,
      minor: 500,
    });
    expect(storageFee("2026-10-01T12:00:00Z", "2026-12-04T12:00:00Z", RULE)).toEqual({
      weeks: 9,
      charged: 2,
      minor: 1000,
    });
  });

  it("is nothing where the shop charges nothing, and where a clock was set back", () => {
    expect(storageFee("2020-01-01T00:00:00Z", "2026-01-01T00:00:00Z", { ...RULE, storageMinor: 0 }).minor).toBe(0);
    expect(storageFee("2026-10-01T12:00:00Z", "2026-09-01T12:00:00Z", RULE)).toEqual({
      weeks: 0,
      charged: 0,
      minor: 0,
    });
  });
});
