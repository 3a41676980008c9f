import { stepKey } from "../../alignment";
import type { Aligned } from "./payload";

/** The step of a table that an entry was. */
export const keyOfAligned = ({
  group,
  adjust,
  hertz,
  ends,
}: Pick<Aligned, "group" | "adjust" | "hertz" | "ends">): string =>
  stepKey({ group, adjust, ...(hertz === undefined ? {} : { hertz }), ...(ends === undefined ? {} : { end: ends }) });
