import { hmac } from "@noble/hashes/hmac";
import { sha256 } from "@noble/hashes/sha2";
import { bytesToHex, utf8ToBytes } from "@noble/hashes/utils";
import type { Draft } from "@/core/kinds";
import { turnNow } from "./turn";

/** Who wrote an entry: the turn that it was written in, and its text signed with the key of that turn. */
export type Signed = { turn: string; proof: string };

/** Signs an entry as it is written; it may be sent when somebody else is at the device. */
export function sign(draft: Draft): Signed | undefined {
  const turn = turnNow();
  if (!turn) return undefined;
  const proof = bytesToHex(hmac(sha256, utf8ToBytes(turn.key), utf8ToBytes(JSON.stringify(draft))));
  return { turn: turn.id, proof };
}
