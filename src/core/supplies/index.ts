/** Supplies for battery sets from the bench: what each filament gets, also with one tube out, and the bias that hangs on them. */
export { filamentCurrent, minusBias, parallelBox, seriesBox, type BoxTube, type OneOut } from "./bench-box";
