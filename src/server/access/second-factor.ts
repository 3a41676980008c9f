import { createHash, randomBytes, timingSafeEqual } from "node:crypto";
import { base32 } from "@better-auth/utils/base32";
import { createOTP } from "@better-auth/utils/otp";
import { CODE, SPARE_CODES, stepsAt, typedCode } from "@/core/access";
import { database } from "@/db/client";
import { beginFactor, factorOf, turnFactorOn, spendSpare, spendStep } from "@/db/second-factor";
import { oneTimePassword } from "./one-time";
import { opened, sealed } from "./sealed";

/** Length of the secret, bytes. Source: RFC 4226, section 4, R6: 160 bits. */
const SECRET_BYTES = 20;

const otp = (secret: Uint8Array) => createOTP(secret, { digits: CODE.digits, period: CODE.seconds });
const sealName = (personId: string) => `code ${personId}`;

/** The count of which this is the code, where it holds at a moment. @param ms since 1970 */
export async function stepOf(secret: Uint8Array, code: string, ms: number): Promise<number | undefined> {
  let fits: number | undefined;
  for (const step of stepsAt(ms)) {
    const right = await otp(secret).hotp(step);
    if (right.length === code.length && timingSafeEqual(Buffer.from(right), Buffer.from(code))) fits = step;
  }
  return fits;
}

const hashOfSpare = (code: string): string => createHash("sha256").update(code).digest("hex");

/** What a phone takes in: the secret in letters, and the address that a picture of squares holds. */
export type SetUp = { secret: string; address: string };

/** Makes a secret for somebody's phone. Undefined where they have one that is on. */
export async function newFactor(personId: string, name: string, shop: string): Promise<SetUp | undefined> {
  const secret = randomBytes(SECRET_BYTES);
  if (!(await beginFactor(database(), personId, sealed(sealName(personId), secret)))) return undefined;
  return {
    secret: base32.encode(new Uint8Array(secret), { padding: false }),
    address: otp(new Uint8Array(secret)).url(shop || "Jumelle", name),
  };
}

/** Turns it on where the code shows that the phone has it. @returns spare codes, for this one time */
export async function factorOn(personId: string, typed: string): Promise<string[] | undefined> {
  const db = database();
  const factor = await factorOf(db, personId);
  const secret = factor && !factor.since ? opened(sealName(personId), factor.secret) : undefined;
  const code = typedCode(typed);
  if (!secret || code?.kind !== "phone") return undefined;
  const step = await stepOf(secret, code.code, Date.now());
  if (step === undefined) return undefined;
  const spare = Array.from({ length: SPARE_CODES }, oneTimePassword);
  const hashes = spare.map((one) => hashOfSpare(one.replaceAll("-", "")));
  return (await turnFactorOn(db, personId, step, hashes)) ? spare : undefined;
}

/** Is this a code of somebody, that was not used before? It is used up by this. */
export async function codeOpens(personId: string, typed: string): Promise<"phone" | "spare" | undefined> {
  const db = database();
  const factor = await factorOf(db, personId);
  const code = typedCode(typed);
  if (!factor?.since || !code) return undefined;
  if (code.kind === "spare") return (await spendSpare(db, personId, hashOfSpare(code.code))) ? "spare" : undefined;
  const secret = opened(sealName(personId), factor.secret);
  const step = secret ? await stepOf(secret, code.code, Date.now()) : undefined;
  return step !== undefined && (await spendStep(db, personId, step)) ? "phone" : undefined;
}
