import { describe, expect, it } from "vitest";
import { SHEET } from "../fixtures";
import type { Stay } from "./stays";
import { returnOf } from "./warranty";

const stay = (job: number, openedAt: string, more: Partial<Stay> = {}): Stay => ({
  visitId: `v${job}`,
  job,
  openedAt,
  read: [],
  work: [],
  labour: {},
  parts: [],
  ...more,
});
const first = stay(1, "2026-01-10T09:00:00.000Z", {
  closedAt: "2026-02-15T12:00:00.000Z",
  warrantyMonths: 6,
  read: ["hum:mains strong"],
  work: [{ designators: ["C1", "C2"], text: "replaced" }],
});

describe("a set that comes back under warranty", () => {
  it("is one until the last day of its warranty, and not on the day behind", () => {
    expect(returnOf([first, stay(2, "2026-08-15T18:00:00.000Z")], "v2", SHEET)).toMatchObject({
      job: 1,
      until: "2026-08-15",
      days: 181,
    });
    expect(returnOf([first, stay(2, "2026-08-16T06:00:00.000Z")], "v2", SHEET)).toBeUndefined();
  });

  it("says whether the complaint is the same, and which parts were worked on again", () => {
    const again = stay(2, "2026-03-01T09:00:00.000Z", {
      read: ["hum:mains strong", "weak"],
      work: [{ designators: ["C2", "C9"], text: "replaced" }],
    });
    expect(returnOf([first, again], "v2", SHEET)).toMatchObject({ sameComplaint: true, again: ["C2"] });
    expect(returnOf([first, stay(2, "2026-03-01T09:00:00.000Z")], "v2", SHEET)).toMatchObject({
      sameComplaint: false,
      again: [],
    });
  });

  it("is none without a warranty, while the other is still here, and for the first visit", () => {
    const { warrantyMonths: _months, ...bare } = first;
    expect(returnOf([bare, stay(2, "2026-03-01T09:00:00.000Z")], "v2", SHEET)).toBeUndefined();
    const { closedAt: _closed, ...open } = first;
    expect(returnOf([open, stay(2, "2026-03-01T09:00:00.000Z")], "v2", SHEET)).toBeUndefined();
    expect(returnOf([first], "v1", SHEET)).toBeUndefined();
  });

  it("says in which stages both worked, also where the parts are others", () => {
    const power = {
      ...SHEET,
      components: [
        ...SHEET.components,
        { designator: "C2", role: "smoothing" as const, drawn: "16µ 450V", stage: "power" },
      ],
    };
    const now = stay(2, "2026-03-01T09:00:00.000Z", { work: [{ designators: ["C1"], text: "replaced" }] });
    const before = { ...first, work: [{ designators: ["C2"], text: "replaced" }] };
    expect(returnOf([before, now], "v2", power)).toMatchObject({ again: [], stages: ["power"] });
    const other = stay(2, "2026-03-01T09:00:00.000Z", { work: [{ designators: ["C14"], text: "replaced" }] });
    expect(returnOf([before, other], "v2", power)?.stages).toEqual([]);
  });
});
