/** What words of a complaint or a symptom say: outcomes of tests. */
export type Said = { test: string; outcome: string };
/** How a part of a sentence was read; nothing where it was not. */
export type ClauseRead = { text: string; outcomes: Said[] };
