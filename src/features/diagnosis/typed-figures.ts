import { MODES, type Figures } from "@/core/diagnosis";
import { readNumber } from "@/core/quantity";

export type TypedFigures = Record<string, string>;

/** The table's figures with the shop's own over them, as they are typed. */
export const typedFigures = ({ often }: Figures): TypedFigures =>
  Object.fromEntries(MODES.map((mode) => [mode.key, String(often[mode.key] ?? mode.often)]));

type FiguresRead = { ok: true; often: Record<string, number> } | { ok: false; key: string; message: string };

/** What differs from the table; the first figure that does not read is named. */
export function readFigures(typed: TypedFigures): FiguresRead {
  const often: Record<string, number> = {};
  for (const mode of MODES) {
    const value = readNumber(typed[mode.key] ?? "");
    if (value === undefined || value <= 0 || value > 1000)
      return {
        ok: false,
        key: mode.key,
        message: `${mode.name}: a number above 0 and at most 1000, so many in a thousand faults.`,
      };
    if (value !== mode.often) often[mode.key] = value;
  }
  return { ok: true, often };
}
