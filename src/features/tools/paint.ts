import type { Colour } from "@/core/quantity";

/** Screen colours for the painted ones. Every place that shows them names them too. */
export const PAINT: Record<Colour, string> = {
  black: "#111",
  brown: "#6b3f1d",
  red: "#c11f1f",
  orange: "#e8761a",
  yellow: "#e9c81f",
  green: "#2c7d38",
  blue: "#2a4fa8",
  violet: "#7a3f96",
  grey: "#8b8b8b",
  white: "#fff",
  gold: "#b8923a",
  silver: "#c2c6cb",
  pink: "#e79ab0",
};
