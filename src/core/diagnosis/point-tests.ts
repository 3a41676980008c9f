import type { Circuit, Stage } from "../model";
import { fedBy } from "./circuit";
import { KINDS } from "./data/kinds";
import * as OUT from "./outcomes";
import { showing, type Live, type Sketch } from "./sketch";
import type { Electrode, Fault, Move } from "./types";

/**
 * A reading far from its supply follows it less surely. Shop's estimate.
 * @example a plate goes down with its rail in 97 of 100 sets, the cathode behind it in 94
 */
const FOLLOWS = 0.97;

const ELECTRODE_NAMES: Record<"plate" | "screen" | "cathode" | "grid", { tube: string; solid: string }> = {
  plate: { tube: "Plate", solid: "Collector" },
  screen: { tube: "Screen", solid: "" },
  cathode: { tube: "Cathode", solid: "Emitter" },
  grid: { tube: "Grid", solid: "Base" },
};

const SUPPLIES_OF_PLATES = new Set([
  "mains",
  "battery",
  "rectifier",
  "reservoir",
  "high-voltage",
  "regulator",
  "rails",
]);

/** What the failure of a supply does to an electrode that it feeds. */
function fromSupply(fault: Fault, electrode: Electrode): { move: Move; share: number } | undefined {
  const rail = fault.mode.volts.find((one) => one.electrode === "rail");
  if (!rail) return undefined;
  const share = rail.share * FOLLOWS;
  if (fault.stage.kind === "heaters") {
    // A cold tube draws nothing: its plate rises to the rail, its cathode falls.
    if (electrode === "plate") return { move: "high", share };
    return electrode === "cathode" ? { move: "low", share } : undefined;
  }
  if (fault.stage.kind === "bias")
    return electrode === "grid" ? { move: rail.move === "high" ? "high" : "low", share } : undefined;
  if (!SUPPLIES_OF_PLATES.has(fault.stage.kind)) return undefined;
  if (electrode === "plate" || electrode === "screen") return { move: rail.move, share };
  return electrode === "cathode"
    ? { move: rail.move === "none" ? "none" : rail.move, share: share * FOLLOWS }
    : undefined;
}

/** Volts at the electrodes of every stage. */
export function voltageTests(circuit: Circuit, faults: readonly Fault[], live: Live): Sketch[] {
  const reach = new Map(circuit.stages.map(({ id }) => [id, fedBy(circuit, id)]));
  return circuit.stages.flatMap((stage): Sketch[] => {
    if (stage.device === "none" || KINDS[stage.kind].lane === "supply") return [];
    const device = stage.device;
    return (["plate", "screen", "cathode", "grid"] as const).flatMap((electrode): Sketch[] => {
      const name = ELECTRODE_NAMES[electrode][device];
      if (
        !name ||
        !faults.some((one) => one.stage.id === stage.id && one.mode.volts.some((v) => v.electrode === electrode))
      )
        return [];
      return [
        {
          id: `volts:${stage.id}:${electrode}`,
          act: "volts",
          stage,
          name: `${name} of ${stage.name}`,
          how: `${name} to chassis, against the chart${electrode === "grid" && device === "tube" ? "; positive volts are too high" : ""}.`,
          needs: [...live.open, "meter"],
          minutes: 1.5,
          hazard: live.probe,
          outcomes: OUT.VOLTS,
          ...(stage.tubes.length > 0 ? { parts: stage.tubes } : {}),
          effect: (fault) => {
            const own =
              fault.stage.id === stage.id ? fault.mode.volts.find((one) => one.electrode === electrode) : undefined;
            if (own) return { outcome: own.move, share: showing(fault.mode, own.share) };
            if (!reach.get(fault.stage.id)?.has(stage.id)) return undefined;
            const fed = fromSupply(fault, electrode);
            return fed ? { outcome: fed.move, share: fed.share } : undefined;
          },
        },
      ];
    });
  });
}

const WITH_A_RAIL = new Set(["reservoir", "high-voltage", "heaters", "bias", "regulator", "rails", "battery", "agc"]);

/** Volts of the rails, and the current from the line. */
export function railTests(circuit: Circuit, live: Live): Sketch[] {
  const reach = new Map(circuit.stages.map(({ id }) => [id, fedBy(circuit, id)]));
  const rails = circuit.stages.filter(({ kind }) => WITH_A_RAIL.has(kind));
  const atRail = (stage: Stage): Sketch => {
    const safe = ["heaters", "bias", "rails", "battery", "agc"].includes(stage.kind);
    return {
      id: `rail:${stage.id}`,
      act: "rail",
      stage,
      name: `Volts of ${stage.name}`,
      how: `Measure what ${stage.name} gives, against the chart.`,
      needs: stage.kind === "battery" ? ["meter"] : [...live.open, "meter"],
      minutes: 1.5,
      hazard: safe ? 1 : live.probe,
      outcomes: OUT.VOLTS,
      effect: (fault) => {
        const rail = fault.mode.volts.find((one) => one.electrode === "rail");
        if (!rail) return undefined;
        if (fault.stage.id === stage.id) return { outcome: rail.move, share: showing(fault.mode, rail.share) };
        return reach.get(fault.stage.id)?.has(stage.id)
          ? { outcome: rail.move, share: rail.share * FOLLOWS }
          : undefined;
      },
    };
  };
  const line: Sketch = {
    id: "line",
    act: "line",
    name: circuit.stages.some(({ kind }) => kind === "battery") ? "Battery current" : "Line current",
    how: "Current at the supply, warm, against what the set should draw.",
    needs: ["power", "meter"],
    minutes: 1.5,
    hazard: 1,
    outcomes: OUT.VOLTS.slice(0, 3),
    effect: (fault) => {
      const own = fault.mode.volts.find((one) => one.electrode === "line");
      return own ? { outcome: own.move === "high" ? "high" : "low", share: own.share } : undefined;
    },
  };
  return [...rails.map(atRail), line];
}
