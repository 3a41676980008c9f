import { sha256 } from "@noble/hashes/sha2";
import { bytesToHex, utf8ToBytes } from "@noble/hashes/utils";
import type { Hidden } from "./world";

const SHOWN = 16;

/** What is sealed, as one line of text: shown at the end, so that anybody can reckon the seal again. */
export const sealedText = ({ fault, severity, seed }: Hidden, salt: string): string =>
  `${salt} ${fault} ${severity} ${seed}`;

/**
 * The seal of a hidden fault: it shows from the first minute that the fault was not changed on the way.
 * @returns the beginning of the SHA-256 of `sealedText`, in hexadecimal
 */
export const sealOf = (hidden: Hidden, salt: string): string =>
  bytesToHex(sha256(utf8ToBytes(sealedText(hidden, salt)))).slice(0, SHOWN);
