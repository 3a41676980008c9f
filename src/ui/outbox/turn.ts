import { useEffect } from "react";

/** Somebody's turn at this device: what is written in it is signed with its key. */
export type Turn = { id: string; key: string };

let current: Turn | undefined;

/** The turn that is on; it lives in the page alone, so that the next person's pages cannot sign in this one's name. */
export const turnNow = (): Turn | undefined => current;

/** From now on entries are written in this turn. */
export function useWriting(turn: Turn | undefined): void {
  const [id, key] = [turn?.id, turn?.key];
  useEffect(() => {
    current = id && key ? { id, key } : undefined;
  }, [id, key]);
}
