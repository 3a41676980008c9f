import type { Winding } from "./schemas/windings";

/** The name under which a winding is measured, e.g. `T1 primary, 1 to 2`. */
export const windingName = ({ winding, from, to }: Pick<Winding, "winding" | "from" | "to">): string =>
  `${winding}, ${from} to ${to}`;
