import { QUANTITIES } from "../quantity";

/** What a column of a test sheet holds. Beside the quantities: a signal level, decibels, a plain number, words. */
export const COLUMN_QUANTITIES = [...QUANTITIES, "level", "decibel", "number", "text"] as const;
export type ColumnQuantity = (typeof COLUMN_QUANTITIES)[number];
