import { SHEET } from "../fixtures";
import type { Sheet } from "../model";

/** A superhet whose stages follow from its tubes. */
export const modelsSheet: Sheet = {
  ...SHEET,
  kind: "AC table superhet",
  supply: "transformer",
  tubes: [
    { position: "V1", type: "6K8", work: "mixer" },
    { position: "V2", type: "6K7", work: "IF" },
    { position: "V3", type: "6Q7", work: "detector and first audio" },
    { position: "V4", type: "6V6", work: "output" },
    { position: "V5", type: "5Y3", work: "rectifier" },
  ],
  components: [{ designator: "C14", role: "coupling", drawn: ".05/400", stage: "output" }],
  points: [],
};
