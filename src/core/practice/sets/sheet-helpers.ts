import { ROLES, type ChartPoint, type Component, type Role, type Sheet, type Winding } from "../../model";

/** A component a line: designator, role, drawn value, and behind @ its stage. */
export function components(table: string): Component[] {
  return table
    .trim()
    .split("\n")
    .map((line) => {
      const [left = "", stage] = line.split("@").map((text) => text.trim());
      const [designator = "", role = "", ...drawn] = left.split(/\s+/);
      if (!ROLES.includes(role as Role)) throw new Error(`no such role: ${line}`);
      return { designator, role: role as Role, drawn: drawn.join(" "), ...(stage ? { stage } : {}) };
    });
}

/** `V1 6K8 mixer`: a tube a line. */
export const tubes = (table: string) =>
  table
    .trim()
    .split("\n")
    .map((line) => {
      const [position = "", type = "", ...work] = line.trim().split(/\s+/);
      return { position, type, work: work.join(" ") };
    });

export const volts = (point: string, expected: number, withLine = true): ChartPoint => ({
  point,
  quantity: "voltage",
  expected,
  ...(withLine ? { withLine } : {}),
});
export const amps = (point: string, expected: number, tolerance = 0.2): ChartPoint => ({
  point,
  quantity: "current",
  expected,
  tolerance,
});

export type MadeUpSet = { maker: string; designation: string; nickname?: string; year: number; sheet: Sheet };

export const base = { tubes: [], components: [], windings: [], points: [], cautions: [] };

/** `T1 primary | 1 | 2 | 24`, and behind that a group or a note: a winding a line. */
export const windings = (table: string): Winding[] =>
  table
    .trim()
    .split("\n")
    .map((line) => {
      const [winding = "", from = "", to = "", ohms = "", group = ""] = line.split("|").map((text) => text.trim());
      return { winding, from, to, ohms: Number(ohms), text: `${ohms} Ω`, ...(group ? { group } : {}) };
    });

/** A point whose reading depends on the meter: it is fed through a resistance. */
export const fed = (point: string, expected: number, sourceOhms: number, range = 250): ChartPoint => ({
  ...volts(point, expected),
  sourceOhms,
  range,
});
