import { FJORD, LANTERN, REGENT } from "./full-sheets";

/** The demo's sheets that have a net. */
export const CIRCUITS = {
  Lantern: LANTERN.sheet,
  Fjord: FJORD.sheet,
  Regent: REGENT.sheet,
};
