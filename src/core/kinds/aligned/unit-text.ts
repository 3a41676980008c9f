import type { Output } from "../../alignment";

/** An output as it was typed, with the unit that it was read in. */
export const unitText = ({ text, scale }: Output): string =>
  /^[-−+]?[\d.,]+$/.test(text) && scale !== "number" ? (scale === "S" ? `S${text}` : `${text} ${scale}`) : text;
