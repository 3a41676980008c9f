import type { KindLine } from "../kind";
import type { Unknown } from "./payload";

export const line: KindLine<Unknown> = {
  words: [],
  write: ({ kind }) => `note an entry of a kind “${kind}”`,
  examples: [],
};
