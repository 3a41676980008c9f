/** Stages of a power-up, and what their steps are held against. */
export const STAGES = ["rectifier-out", "filaments", "rectifier-in", "all-in"] as const;
export type Stage = (typeof STAGES)[number];
export const STAGE_NAMES: Record<Stage, string> = {
  "rectifier-out": "Rectifier out",
  filaments: "Filaments alone",
  "rectifier-in": "Rectifier in",
  "all-in": "All in place",
};

/** What the plan is held against, kept with each step as it was then. Amperes and volts at full supply. */
export type PowerExpectation = {
  /** full supply, V */
  fullVolts: number;
  /** full current, A; undefined when the model has no watts */
  fullAmps?: number | undefined;
  /** B+ of the chart, V */
  bplus?: number | undefined;
  /** highest voltage inside, V */
  ceiling?: number | undefined;
  /** a tube rectifies: B+ comes late */
  warm?: boolean | undefined;
  /** one heater's nominal voltage, V */
  heaters?: number | undefined;
  /** heater windings that are judged each by itself; without a load a winding stands higher */
  rails?: { name: string; volts: number; unloaded?: boolean | undefined }[] | undefined;
  /** how far the heaters may be off, as a fraction, where that is not a tenth: thoriated filaments */
  heaterTolerance?: number | undefined;
  /** the heaters are filaments with a supply of their own: they do not follow the line, and end at once above it */
  filaments?: boolean | undefined;
  /** all heaters but the rectifier's, W */
  heaterWatts?: number | undefined;
  /** the end of the current at full supply where the sheet has no watts, A */
  assumedAmps?: number | undefined;
  /** how far the line may stand above full supply, as a fraction, where that is not a tenth */
  lineOver?: number | undefined;
};
