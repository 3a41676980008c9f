import type { Quantity } from "../quantity";
import type { Expectation } from "./judge";
import type { Phase } from "./phases";

/** What is expected at a point, with the text that it was written as. */
export type Expected = Expectation & { text: string };

/** A point that is measured on this set: from the model's chart, or because it was measured before. */
export type PointRow = {
  point: string;
  quantity: Quantity;
  expected?: Expected;
  designator?: string;
  /** a cold check is read in that phase alone */
  phase?: Phase;
  /** windings made alike */
  group?: string;
  /** how it is measured, where that matters */
  how?: string;
};
