import { proposeNet, type CircuitSheet } from "../../circuit";
import { nodeNamed, type Join } from "../../model";
/** `R8 | V4.grid | gnd`, and behind that a slider and where it stands: a row a line. */
const rows = (table: string): Join[] =>
  table
    .split("\n")
    .filter((line) => line.trim() !== "")
    .map((line) => {
      const [part = "", from = "", to = "", tap = "", at = ""] = line.split("|").map((text) => text.trim());
      return {
        part,
        from: nodeNamed(from),
        to: nodeNamed(to),
        ...(tap ? { tap: nodeNamed(tap) } : {}),
        ...(at ? { at: at.endsWith("%") ? Number(at.slice(0, -1)) / 100 : Number(at) } : {}),
      };
    });

/** A sheet with its net: what is proposed from its roles and stages, put right where the drawing has it otherwise. */
export function withNet<S extends CircuitSheet>(sheet: S, corrections: string): S & { net: Join[] } {
  const right = rows(corrections);
  const parts = new Set(right.map(({ part }) => part));
  const proposed = proposeNet(sheet).rows.map(({ reason: _, ...row }) => row);
  return { ...sheet, net: [...proposed.filter(({ part }) => !parts.has(part)), ...right] };
}

/** A sheet with a net of its own rows alone: of a part of the set, or where the roles say little. */
export const withRows = <S extends CircuitSheet>(sheet: S, table: string): S & { net: Join[] } => ({
  ...sheet,
  net: rows(table),
});
