import type { Fault } from "./types";

/** A fault in words, e.g. `Coupling capacitor leaks (C14), Output stage`. */
export const faultName = ({ mode, stage, designator }: Fault): string =>
  `${mode.name}${designator ? ` (${designator})` : ""}, ${stage.name}`;
