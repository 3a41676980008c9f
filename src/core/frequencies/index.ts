/** Frequencies of a set: bands, oscillators, images, whistles, crystals, and what lies where. */
export {
  airOf,
  airSchema,
  ALLOCATIONS,
  ALLOCATIONS_SOURCE,
  allocationSchema,
  overlapsWith,
  REGIONS,
  SERVICES,
  type Air,
  type Allocation,
  type Overlap,
  type OwnAir,
  type Region,
  type Service,
} from "./allocations";
export { MOST_CRYSTALS, readBox, type BoxLine } from "./box";
export { readKilohertz } from "./dial-figure";
export {
  CRYSTAL_HARMONICS,
  CRYSTAL_SIDES,
  crystalRanges,
  crystalsFor,
  loadedFrequency,
  pulledBy,
  USUAL_CRYSTAL,
  type CrystalRange,
  type CrystalSide,
  type Ordered,
} from "./crystals";
export {
  gapsOf,
  IF_GUARD,
  imageRange,
  oscillatorRange,
  planOf,
  scaleDoubts,
  type BandPlan,
  type ScaleDoubt,
  type Stretch,
} from "./plan";
export { COMPLAINT_WITHIN, HIGHEST_HARMONIC, SOURCE_WORDS, whistlesAt, whistlesOf, type Whistle } from "./whistles";
