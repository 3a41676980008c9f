import type { Searched } from "../kind";

/** Faults that work on a part mends: its own, and for a control, a coil or a switch those of that part in its stage. */
export function mendedBy(designators: readonly string[], { system, placed }: Searched): string[] {
  return system.faults.flatMap(({ id, designator, stage, mode }) => {
    if (designator) return designators.includes(designator) ? [id] : [];
    const parts = placed.filter((one) => designators.includes(one.designator) && one.stage === stage.id);
    const fits = parts.some(({ designator: part, role }) => {
      if (role === "control") return mode.part === "contact" || mode.part === "res:control";
      const [what, roleOf] = mode.part.split(":");
      return roleOf === role && (what === "cap") === part.includes("C");
    });
    const tube = designators.some((one) => stage.tubes.includes(one)) && mode.part === "tube";
    return fits || tube ? [id] : [];
  });
}
