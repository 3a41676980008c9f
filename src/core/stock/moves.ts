/** How stock changes. A move is never altered; a balance is the sum of the moves. */
export const MOVE_KINDS = [
  "received",
  "reserved",
  "released",
  "issued",
  "returned",
  "scrapped",
  "counted",
  "sent-back",
] as const;
export type MoveKind = (typeof MOVE_KINDS)[number];

export const MOVE_WORDS: Record<MoveKind, string> = {
  received: "received",
  reserved: "reserved",
  released: "no longer reserved",
  issued: "issued to a set",
  returned: "returned to stock",
  scrapped: "scrapped",
  counted: "counted",
  "sent-back": "sent back to the supplier",
};

export type Move = {
  kind: MoveKind;
  /** change of what is on hand */
  quantity: number;
  /** change of what is reserved */
  reserved: number;
  visitId?: string | null | undefined;
};

export type Balance = { onHand: number; reserved: number };

/** What is there after moves. The order does not matter. */
export const balanceOf = (moves: readonly Pick<Move, "quantity" | "reserved">[]): Balance =>
  moves.reduce((sum, move) => ({ onHand: sum.onHand + move.quantity, reserved: sum.reserved + move.reserved }), {
    onHand: 0,
    reserved: 0,
  });

/** What a visit still has reserved. */
export const reservedFor = (moves: readonly Move[], visitId: string): number =>
  moves.reduce((sum, move) => (move.visitId === visitId ? sum + move.reserved : sum), 0);

export type Refusal = { ok: false; message: string };
export type Planned = { ok: true; moves: Move[] } | Refusal;

const pieces = (count: number) => (count === 1 ? "one" : String(count));

/**
 * The moves that take parts for a visit: its own reservation is used up first.
 * @param count pieces, 1 or more @param what for the sentence of a refusal
 */
export function issue(balance: Balance, reservedHere: number, count: number, visitId: string, what: string): Planned {
  const free = balance.onHand - balance.reserved + reservedHere;
  if (count > free)
    return {
      ok: false,
      message:
        free <= 0
          ? balance.onHand > 0
            ? `${what}: what is left is reserved for another set. Release it there, or take another part.`
            : `${what}: the last one is gone. Take another part, or order it.`
          : `${what}: ${pieces(free)} left, ${pieces(count)} asked for.`,
    };
  const fromReserved = Math.min(Math.max(reservedHere, 0), count);
  return { ok: true, moves: [{ kind: "issued", quantity: -count, reserved: -fromReserved, visitId }] };
}

/** The moves that set parts aside for a visit. */
export function reserve(balance: Balance, count: number, visitId: string, what: string): Planned {
  const free = balance.onHand - balance.reserved;
  if (count > free)
    return {
      ok: false,
      message: `${what}: ${free <= 0 ? "none is free" : `only ${pieces(free)} free`}, ${pieces(count)} asked for.`,
    };
  return { ok: true, moves: [{ kind: "reserved", quantity: 0, reserved: count, visitId }] };
}

/** A count of the drawer against the books. What was counted cannot be less than what is promised. */
export function counted(balance: Balance, found: number, what: string): Planned {
  if (!Number.isInteger(found) || found < 0) return { ok: false, message: "A count is a whole number, 0 or more." };
  if (found < balance.reserved)
    return {
      ok: false,
      message: `${what}: ${balance.reserved} are reserved, so ${found} cannot be right without releasing some first.`,
    };
  const difference = found - balance.onHand;
  return { ok: true, moves: difference === 0 ? [] : [{ kind: "counted", quantity: difference, reserved: 0 }] };
}
