/** How age changes how often a kind of part is the fault: factor on the figure of the table. */
export type Ageing = { part: string; from: number; factor: number; source: string };

/**
 * The first line that fits the part with the greatest age below the part's own counts. Years.
 * Sources: the wax-paper and wet or early dry electrolytic types have passed the storage life that their standards
 * give (IEC 60384-4 for electrolytics: test after storage of years, not decades); the factors are the shop's estimates.
 */
export const AGEING: readonly Ageing[] = [
  { part: "cap:reservoir", from: 15, factor: 1.5, source: "electrolyte dries: shop’s estimate" },
  { part: "cap:reservoir", from: 40, factor: 2, source: "electrolyte dries: shop’s estimate" },
  { part: "cap:smoothing", from: 15, factor: 1.5, source: "electrolyte dries: shop’s estimate" },
  { part: "cap:smoothing", from: 40, factor: 2, source: "electrolyte dries: shop’s estimate" },
  { part: "cap:cathode-bypass", from: 15, factor: 1.5, source: "electrolyte dries: shop’s estimate" },
  { part: "cap:rail", from: 15, factor: 1.5, source: "electrolyte dries: shop’s estimate" },
  { part: "cap:coupling", from: 40, factor: 2, source: "paper takes up water: shop’s estimate" },
  { part: "cap:decoupling", from: 40, factor: 1.6, source: "paper takes up water: shop’s estimate" },
  { part: "cap:avc", from: 40, factor: 1.6, source: "paper takes up water: shop’s estimate" },
  { part: "cap:tone", from: 40, factor: 1.6, source: "paper takes up water: shop’s estimate" },
  { part: "res", from: 40, factor: 1.5, source: "carbon composition drifts upwards: shop’s estimate" },
  { part: "contact", from: 20, factor: 1.3, source: "silver tarnishes: shop’s estimate" },
  { part: "mechanics", from: 30, factor: 1.3, source: "grease gums: shop’s estimate" },
];

/** What the set's own record does to the figure. Shop's estimates. */
export const RECORD = {
  /** put in or mended less than a year ago */
  fresh: 0.15,
  /** put in or mended less than ten years ago */
  recent: 0.5,
  /** left with a reason: somebody doubted it */
  left: 2,
} as const;
