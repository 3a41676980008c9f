import { afterAll, beforeAll, describe, expect, it, vi } from "vitest";
import { opened, sealed } from "./sealed";
import { stepOf } from "./second-factor";

beforeAll(() => void vi.stubEnv("JUMELLE_SECRET", "a secret of this test, of more than 32 characters"));
afterAll(() => void vi.unstubAllEnvs());

/** RFC 6238, appendix B, SHA-1: the last six of the eight digits that it gives for each time. */
const RFC = [
  [59, "287082"],
  [1_111_111_109, "081804"],
  [1_111_111_111, "050471"],
  [1_234_567_890, "005924"],
  [2_000_000_000, "279037"],
  [20_000_000_000, "353130"],
] as const;
const SECRET = new TextEncoder().encode("12345678901234567890");

describe("codes from a phone", () => {
  it("are those of RFC 6238", async () => {
    for (const [seconds, code] of RFC)
      expect(await stepOf(SECRET, code, seconds * 1000)).toBe(Math.floor(seconds / 30));
  });
  it("hold half a minute earlier and later, and no longer", async () => {
    const [seconds, code] = RFC[1];
    const step = Math.floor(seconds / 30);
    for (const aside of [-30, 30]) expect(await stepOf(SECRET, code, (seconds + aside) * 1000)).toBe(step);
    for (const aside of [-90, 90]) expect(await stepOf(SECRET, code, (seconds + aside) * 1000)).toBeUndefined();
    expect(await stepOf(SECRET, "081805", seconds * 1000)).toBeUndefined();
    expect(await stepOf(SECRET, "81804", seconds * 1000)).toBeUndefined();
  });
});

describe("what is sealed with the secret of the machine", () => {
  it("is opened by it, under the name that it was sealed for, and by nothing else", () => {
    const text = sealed("code of Wren", SECRET);
    expect(new Uint8Array(opened("code of Wren", text) ?? [])).toEqual(SECRET);
    expect(sealed("code of Wren", SECRET)).not.toBe(text);
    expect(opened("code of Tomasz", text)).toBeUndefined();
    expect(opened("code of Wren", `${text.slice(0, -6)}AAAA==`)).toBeUndefined();
    expect(opened("code of Wren", "")).toBeUndefined();
    vi.stubEnv("JUMELLE_SECRET", "the secret of another machine, as long as that one");
    expect(opened("code of Wren", text)).toBeUndefined();
  });
});
