import { describe, expect, it } from "vitest";
import { readRules, typedOf } from "./typed";

const usual = typedOf({ roles: [] });
const changed = (role: string, part: object) => ({
  ...usual,
  roles: { ...usual.roles, [role]: { ...usual.roles[role]!, ...part } },
});

describe("the form of the rules", () => {
  it("keeps only what differs from the trade's rules", () => {
    expect(readRules(usual)).toEqual({ ok: true, value: { roles: [] } });
    expect(readRules(changed("coupling", { factor: "1,5" }))).toEqual({
      ok: true,
      value: { roles: [{ role: "coupling", factor: 1.5 }] },
    });
    expect(readRules({ ...usual, resistorWindow: "5" })).toEqual({
      ok: true,
      value: { roles: [], resistorWindow: 0.05 },
    });
  });
  it("shows what the shop has changed, and reads it back", () => {
    const own = { roles: [{ role: "avc" as const, low: -0.1, least: 160 }] };
    expect(typedOf(own).roles.avc).toMatchObject({ low: "−10", least: "160" });
    expect(readRules(typedOf(own))).toEqual({ ok: true, value: own });
  });
  it("says which figure is wrong", () => {
    expect(readRules(changed("coupling", { factor: "0.5" }))).toMatchObject({
      ok: false,
      message: expect.stringContaining("coupling:"),
    });
    expect(readRules(changed("coupling", { least: "" }))).toMatchObject({
      ok: false,
      message: expect.stringContaining("missing"),
    });
    expect(readRules(changed("tone", { low: "20", high: "10" }))).toMatchObject({
      ok: false,
      message: expect.stringContaining("upper end"),
    });
    expect(readRules({ ...usual, wattMargin: "x" })).toMatchObject({ ok: false });
  });
  it("cannot change the mains roles", () => {
    expect(readRules(changed("mains", { high: "100" }))).toEqual({ ok: true, value: { roles: [] } });
  });
});
