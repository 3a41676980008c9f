/** What is known of a set from its entries: as built on any day, open points, its life, its measurements over the years. */
export { applyDifferences, asBuilt, differences, type Difference, type Position } from "./as-built";
export { openPoints } from "./open-points";
export { originality, type Originality } from "./originality";
export { historyOf } from "./history-of";
export { seriesOf, type Series, type SeriesPoint } from "./series";
export { closedAt, timeline, type Visit, type VisitOfTimeline } from "./timeline";
