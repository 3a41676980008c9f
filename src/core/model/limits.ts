/** Most rows that one table of a sheet holds. */
export const MOST_ROWS = 2000;
