import type { SubstituteVerdict } from "./compared";
import type { TubeKind } from "./table";

/** Kinds that do one another's work, with what has to be minded; anything else is no. */
const KIN: [TubeKind, TubeKind, "drop-in" | "caution", string?][] = [
  [
    "pentode",
    "variable pentode",
    "caution",
    "Sharp against remote cut-off: AVC acts differently, strong signals cross-modulate.",
  ],
  ["tetrode", "variable tetrode", "caution", "Sharp against remote cut-off: AVC acts differently."],
  ["tetrode", "pentode", "caution", "A pentode for a tetrode: the suppressor goes to the cathode."],
  ["variable tetrode", "variable pentode", "caution", "A pentode for a tetrode: the suppressor goes to the cathode."],
  ["beam", "power pentode", "caution", "Beam tetrode against pentode: much alike, another load suits it best."],
  ["triode", "power triode", "caution", "A power triode for a small one, or the reverse: look at the current."],
  // Which of two systems is used is a question of its own line.
  ["triode", "double triode", "drop-in"],
  ["full-wave rectifier", "rectifier doubler", "caution", "Separate cathodes: join them."],
];

/** Does one kind of tube do the work of another, and what has to be minded? */
export function kinship(from: TubeKind, to: TubeKind): { verdict: SubstituteVerdict; note?: string } {
  if (from === to) return { verdict: "drop-in" };
  const found = KIN.find(([a, b]) => (a === from && b === to) || (a === to && b === from));
  return found ? { verdict: found[2], ...(found[3] ? { note: found[3] } : {}) } : { verdict: "no" };
}
