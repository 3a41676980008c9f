/** How a set is fed. It decides the precautions (see core/power). */
export const SUPPLIES = ["transformer", "live-chassis", "battery", "low-voltage", "high-voltage"] as const;
export type Supply = (typeof SUPPLIES)[number];

export const SUPPLY_WORDS: Record<Supply, string> = {
  transformer: "Mains transformer",
  "live-chassis": "Live chassis, no transformer",
  battery: "Battery with high-voltage section",
  "low-voltage": "Low voltage only",
  "high-voltage": "High-voltage transmitter or amplifier",
};

/** How the high voltage is rectified: it decides what the capacitors stand at, and what the rectifier does. */
export const RECTIFIERS = ["half-wave", "full-wave", "bridge", "doubler"] as const;
export type RectifierCircuit = (typeof RECTIFIERS)[number];
export const RECTIFIER_WORDS: Record<RectifierCircuit, string> = {
  "half-wave": "Half-wave",
  "full-wave": "Full-wave, centre tap",
  bridge: "Bridge",
  doubler: "Voltage doubler",
};

/** Is the set fed from the mains? */
export const onMains = (supply: Supply): boolean => supply !== "battery" && supply !== "low-voltage";
