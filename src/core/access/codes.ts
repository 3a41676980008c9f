/**
 * The second factor: a code from a phone, made of the time and a secret that both sides know. Source: RFC 6238 with the
 * values that its programs take for granted (SHA-1, 30 s, 6 digits). @example in the 30 s from 09:00:00 on one code holds
 */
export const CODE = { digits: 6, seconds: 30, aside: 1 } as const;

/** Codes for the day on which the phone is lost, each for one time. Shop's rule. @example three used, five are left */
export const SPARE_CODES = 8;

/** The count of 30 s since 1970 that a moment lies in. @param ms since 1970 */
export const stepAt = (ms: number): number => Math.floor(ms / 1000 / CODE.seconds);

/** The counts whose codes are taken at a moment: a clock may be half a minute off. @param ms since 1970 */
export const stepsAt = (ms: number): number[] =>
  Array.from({ length: 2 * CODE.aside + 1 }, (_, n) => stepAt(ms) - CODE.aside + n);

/** What somebody typed: a code from the phone, a spare one, or neither. Spaces and hyphens are as one likes. */
export function typedCode(text: string): { kind: "phone" | "spare"; code: string } | undefined {
  const code = text.replaceAll(/[\s-]/g, "").toLowerCase();
  if (code.length === CODE.digits && /^\d+$/.test(code)) return { kind: "phone", code };
  return /^[a-z2-9]{16}$/.test(code) ? { kind: "spare", code } : undefined;
}

/** What is said where it is neither. */
export const NO_CODE = `The code on the phone has ${CODE.digits} digits, a spare one 16 letters and digits.`;
