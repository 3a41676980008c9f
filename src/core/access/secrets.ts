/** Shortest and longest password that is taken, characters. Shop's rule, above the least that OWASP ASVS 5 (6.2.1) asks for. @example “kettle drum” has 11 */
export const PASSWORD_LENGTH = { least: 10, most: 128 } as const;

/** Digits of a PIN. Shop's rule: it changes the person on a device that somebody has signed in on, and nothing else. @example 40711 has 5 */
export const PIN_LENGTH = { least: 4, most: 8 } as const;

/** Wrong PINs in a row until the PIN is locked and the password is asked for. Shop's rule. @example the sixth is not even looked at */
export const WRONG_PINS = 5;

/** A password that somebody was told is good for so many days, and for one sign-in. Shop's rule. @example told on 1 March, it opens nothing on 16 March */
export const TOLD_DAYS = 14;

/** A name as it is compared at sign-in: letters of any case, one space between words. */
export const signInName = (name: string): string => name.trim().replaceAll(/\s+/g, " ").toLocaleLowerCase("en");

const counts = (pin: string, by: number): boolean =>
  [...pin].every((digit, at) => at === 0 || (Number(digit) - Number(pin[at - 1]) + 10) % 10 === (by + 10) % 10);

/**
 * What is wrong with a PIN that somebody wants to have; undefined when it will do.
 * @param pin as typed
 */
export function pinProblem(pin: string): string | undefined {
  if (!/^\d+$/.test(pin)) return "A PIN is digits only.";
  if (pin.length < PIN_LENGTH.least || pin.length > PIN_LENGTH.most)
    return `A PIN has ${PIN_LENGTH.least} to ${PIN_LENGTH.most} digits.`;
  if (counts(pin, 0) || counts(pin, 1) || counts(pin, -1))
    return "That PIN is the first that anybody would try: digits that are all the same, or that count on.";
  return undefined;
}

/**
 * What is wrong with the length of a password, or with words in it that anybody knows; undefined when it will do. That
 * it is none of those that are often used is asked where such a list is.
 * @param known names that stand on every page: the person's, the shop's
 */
export function passwordProblem(password: string, known: readonly string[]): string | undefined {
  if (password.length < PASSWORD_LENGTH.least)
    return `A password has at least ${PASSWORD_LENGTH.least} characters; a few words are easy to keep in mind.`;
  if (password.length > PASSWORD_LENGTH.most) return `A password has at most ${PASSWORD_LENGTH.most} characters.`;
  const plain = password.toLowerCase();
  const rest = known
    .flatMap((name) => name.toLowerCase().split(/\s+/))
    .filter((word) => word.length > 2)
    .reduce((left, word) => left.replaceAll(word, ""), plain);
  if (rest.replaceAll(/[^\p{L}\d]/gu, "").length < PASSWORD_LENGTH.least / 2)
    return "That is little more than a name that stands on every page: add words of your own.";
  return undefined;
}
