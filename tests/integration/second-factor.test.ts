import { base32 } from "@better-auth/utils/base32";
import { createOTP } from "@better-auth/utils/otp";
import { eq } from "drizzle-orm";
import { afterAll, beforeAll, beforeEach, describe, expect, it, vi } from "vitest";
import { SPARE_CODES } from "@/core/access";
import { secondFactor } from "@/db/access-schema";
import { events } from "@/db/events";
import { dropFactor, factorOf, lacksCode } from "@/db/second-factor";
import { askForCodes } from "@/db/shop";
import { setPin } from "@/db/sessions";
import { hashOfPin, newPassword } from "@/server/access/passwords";
import { codeOpens, factorOn, newFactor } from "@/server/access/second-factor";
import { signInWith, takeOverWith } from "@/server/access/signing";
import { standing } from "@/server/access/standing";
import { device, newDevice } from "./device";
import { freshDatabase, openShop, PASSWORD, signedIn, type Shop } from "./shop";

let held: Awaited<ReturnType<typeof freshDatabase>>;
let shop: Shop;

vi.mock("next/headers", async () => (await import("./device")).nextHeaders);

/** Each try from an address of its own: what is tested is the code, and not how often it may be tried. */
let tries = 0;
const another = () => device(`192.168.2.${(tries += 1)}`);

let phone: (aside?: number) => Promise<string>;
let spare: string[];

/** Codes of a moment of the test: the phone's clock and the server's are one. */
let clock = Date.UTC(2026, 5, 1, 9);
const later = (seconds: number) => void vi.setSystemTime((clock += seconds * 1000));

const wren = (code?: string) => signInWith(another(), "Wren Okafor", PASSWORD, code);

beforeAll(async () => {
  held = await freshDatabase();
  shop = await openShop(held.db);
  vi.stubEnv("DATABASE_URL", held.url);
  for (const id of [shop.wren, shop.tomasz]) await signedIn(id);
  vi.useFakeTimers({ toFake: ["Date"], now: clock });
});
afterAll(async () => {
  vi.useRealTimers();
  vi.unstubAllEnvs();
  await held.close();
});
beforeEach(() => {
  newDevice();
  later(300);
});

describe("codes from a phone", () => {
  it("are asked for once the phone has shown that it has them", async () => {
    const setUp = await newFactor(shop.wren, "Wren Okafor", "Saltmarsh Wireless Repair");
    if (!setUp) throw new Error("nothing was begun");
    expect(setUp.address).toMatch(
      /^otpauth:\/\/totp\/Saltmarsh%20Wireless%20Repair:Wren%20Okafor\?secret=[A-Z2-7]{32}&/,
    );
    const otp = createOTP(base32.decode(setUp.secret));
    phone = (aside = 0) => otp.hotp(Math.floor(clock / 30_000) + aside);
    // Until then the password alone is enough.
    expect(await wren()).toMatchObject({ ok: true });
    const off = String((Number(await phone()) + 1) % 1_000_000).padStart(6, "0");
    expect(await factorOn(shop.wren, off)).toBeUndefined();
    expect(await factorOn(shop.tomasz, await phone())).toBeUndefined();
    spare = (await factorOn(shop.wren, await phone())) ?? [];
    expect(new Set(spare).size).toBe(SPARE_CODES);
    expect(await newFactor(shop.wren, "Wren Okafor", "")).toBeUndefined();
    // Neither the secret nor a spare code lies open in the database.
    const [row] = await held.db.select().from(secondFactor).where(eq(secondFactor.personId, shop.wren));
    expect(JSON.stringify(row)).not.toContain(setUp.secret);
    expect(row?.spare).toHaveLength(SPARE_CODES);
    for (const one of spare) expect(JSON.stringify(row)).not.toContain(one.replaceAll("-", ""));
  });

  it("are asked for when the password was right, and a wrong password is said as ever", async () => {
    expect(await wren()).toEqual({ ok: false, needs: "code", message: "" });
    expect((await standing(another())).kind).toBe("nobody");
    expect(await signInWith(another(), "Wren Okafor", "wrong wrong wrong", await phone())).toEqual({
      ok: false,
      message: "The name or the password is wrong.",
    });
    expect(await wren("12345")).toMatchObject({
      ok: false,
      needs: "code",
      message: expect.stringContaining("6 digits"),
    });
    expect(await wren(await phone())).toMatchObject({ ok: true });
    expect(await standing(another())).toMatchObject({ kind: "here", person: { name: "Wren Okafor" } });
  });

  it("are each taken once, and not before one that was taken", async () => {
    const now = await phone();
    const before = await phone(-1);
    expect(await wren(now)).toMatchObject({ ok: true });
    expect(await wren(now)).toMatchObject({
      ok: false,
      needs: "code",
      message: expect.stringContaining("used before"),
    });
    expect(await wren(before)).toMatchObject({ ok: false });
    expect(await wren(await phone(1))).toMatchObject({ ok: true });
    expect((await events(held.db, 20)).filter(({ what }) => what === "code-wrong").length).toBeGreaterThan(1);
  });

  it("are taken once though two send the same at once", async () => {
    const code = await phone();
    const both = await Promise.all([codeOpens(shop.wren, code), codeOpens(shop.wren, code)]);
    expect(both.filter(Boolean)).toEqual(["phone"]);
    const both2 = await Promise.all([codeOpens(shop.wren, spare[7] ?? ""), codeOpens(shop.wren, spare[7] ?? "")]);
    expect(both2.filter(Boolean)).toEqual(["spare"]);
  });

  it("have spare ones, each for one time", async () => {
    const [first = ""] = spare;
    expect(await wren(first.toUpperCase())).toMatchObject({ ok: true });
    expect((await events(held.db, 5)).map(({ what }) => what)).toContain("code-spare");
    expect(await wren(first)).toMatchObject({ ok: false, needs: "code" });
    expect((await factorOf(held.db, shop.wren))?.spare).toBe(SPARE_CODES - 2);
  });

  it("are not asked for by a PIN at a device that is known", async () => {
    await setPin(held.db, shop.wren, await hashOfPin(shop.wren, "40711"));
    expect(await signInWith(another(), "Tomasz Bielak", PASSWORD)).toMatchObject({ ok: true });
    expect(await takeOverWith(another(), shop.wren, "40711")).toMatchObject({ ok: true });
    expect(await standing(another())).toMatchObject({ kind: "here", person: { name: "Wren Okafor" } });
  });

  it("may be tried so often and no more", async () => {
    for (let n = 0; n < 25; n += 1) await wren("000000");
    expect(await wren("000000")).toMatchObject({ ok: false, message: expect.stringContaining("Too many tries") });
  });

  it("are over with a password that is told", async () => {
    await newPassword(shop.wren);
    expect(await factorOf(held.db, shop.wren)).toBeUndefined();
  });
});

describe("a shop that asks everybody for a code", () => {
  it("lets nobody without one do anything else first", async () => {
    expect(await lacksCode(held.db, shop.tomasz)).toBe(false);
    expect(await askForCodes(held.db, true)).toMatchObject({ ok: true });
    expect(await signInWith(another(), "Tomasz Bielak", PASSWORD)).toMatchObject({ ok: true });
    expect(await standing(another())).toMatchObject({ kind: "here", lacksCode: true });
    const setUp = await newFactor(shop.tomasz, "Tomasz Bielak", "");
    expect(await lacksCode(held.db, shop.tomasz)).toBe(true);
    const otp = createOTP(base32.decode(setUp?.secret ?? ""));
    expect(await factorOn(shop.tomasz, await otp.hotp(Math.floor(clock / 30_000)))).toHaveLength(SPARE_CODES);
    expect(await standing(another())).toMatchObject({ kind: "here", lacksCode: false });
    await dropFactor(held.db, shop.tomasz);
    expect(await standing(another())).toMatchObject({ lacksCode: true });
    await askForCodes(held.db, false);
    expect(await standing(another())).toMatchObject({ lacksCode: false });
  });
});
