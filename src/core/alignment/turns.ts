/** A core or trimmer is moved in eighths of a turn: in (clockwise, more) above 0, out below. */
export const EIGHTHS = 8;
/** Most that is written down of one step, in eighths. */
export const MOST_EIGHTHS = 160;

const FRACTION = /^(?:(\d+)\s+)?(\d+)\s*\/\s*(2|4|8)$/;
const GLYPHS: Record<string, string> = {
  "⅛": "1/8",
  "¼": "1/4",
  "⅜": "3/8",
  "½": "1/2",
  "⅝": "5/8",
  "¾": "3/4",
  "⅞": "7/8",
};

/**
 * Reads how far a core was moved: `3/8 in`, `1/4 out`, `1 1/8`, `half out`, `0.5 in`. Without a direction it is in.
 * @returns eighths of a turn, in above 0; undefined where it does not read as whole eighths
 */
export function readTurns(text: string): number | undefined {
  const plain = text
    .trim()
    .toLowerCase()
    .replace(/[⅛¼⅜½⅝¾⅞]/g, (glyph) => ` ${GLYPHS[glyph] ?? ""}`)
    .replace(/\bof a turn\b|\bturns?\b/g, "")
    .replace(/\bhalf\b/, "1/2")
    .replace(/\b(?:a )?quarter\b/, "1/4")
    .replace(/\b(?:one |an )?eighths?\b/, "/8")
    .replace(/(\d)\s+\/8/, "$1/8")
    .replace(/^\s*\/8/, "1/8")
    .trim();
  const found = /^([-+−]?)\s*(.+?)\s*(in|out|cw|ccw|clockwise|anticlockwise|counterclockwise)?$/.exec(plain);
  if (!found) return undefined;
  const [, sign = "", figure = "", way] = found;
  const fraction = FRACTION.exec(figure);
  const turns = fraction
    ? Number(fraction[1] ?? 0) + Number(fraction[2]) / Number(fraction[3])
    : /^\d*[.,]?\d+$/.test(figure)
      ? Number(figure.replace(",", "."))
      : Number.NaN;
  const eighths = turns * EIGHTHS;
  if (!Number.isInteger(eighths) || eighths > MOST_EIGHTHS) return undefined;
  const outwards = way
    ? ["out", "ccw", "anticlockwise", "counterclockwise"].includes(way)
    : sign !== "" && sign !== "+";
  return outwards ? -eighths : eighths;
}

/** Eighths as they are said: `3/8 in`, `1 1/4 out`, `not moved`. */
export function turnsText(eighths: number): string {
  const size = Math.abs(eighths);
  if (size === 0) return "not moved";
  const whole = Math.floor(size / EIGHTHS);
  const rest = size % EIGHTHS;
  const divisor = rest % 4 === 0 ? 4 : rest % 2 === 0 ? 2 : 1;
  const part = rest === 0 ? "" : `${rest / divisor}/${EIGHTHS / divisor}`;
  return `${[whole || "", part].filter(Boolean).join(" ")} ${eighths > 0 ? "in" : "out"}`;
}
