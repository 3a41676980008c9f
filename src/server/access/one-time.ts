import { randomInt } from "node:crypto";

/** Letters and digits that are not taken for one another when they are read out. */
const CLEAR = "abcdefghjkmnpqrstuvwxyz23456789";

/** A password to be told to somebody, who changes it at once: 16 signs in four groups, 79 bits. */
export const oneTimePassword = (): string =>
  Array.from({ length: 4 }, () => Array.from({ length: 4 }, () => CLEAR[randomInt(CLEAR.length)]).join("")).join("-");
