import { topologyOf } from "./circuit";
import { said } from "./words";

/** A complaint is compared with those on other sets: all are read as if they were about the same plain superhet. */
const PLAIN = topologyOf("superhet")?.circuit;

/**
 * What a complaint was read as, in short words that can be compared from set to set.
 * @example complaintKeys("hums and fades") // the same whatever the set
 */
export const complaintKeys = (text: string): string[] =>
  PLAIN && text.trim() ? said(text, PLAIN).outcomes.map(({ test, outcome }) => `${test} ${outcome}`) : [];
