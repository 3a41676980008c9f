import type { Circuit, Stage, StageKind } from "../model";
import { fedBy } from "./circuit";
import { KINDS } from "./data/kinds";
import * as OUT from "./outcomes";
import { movesAt, nodeOf, type Physics } from "./physics";
import { shortShare } from "./shorts";
import { showing, type Effect, type Live, type Sketch } from "./sketch";
import type { Nature } from "./traits";
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
  "vibrator",
  "dynamotor",
  "inverter",
]);

/** What the table says of an electrode, a rail or the line: each way that it may move, and how surely. */
const movesOf = ({ mode }: Fault, electrode: Electrode): [Move, number][] =>
  mode.volts.filter((one) => one.electrode === electrode).map(({ move, share }) => [move, share]);
const effectOf = (moves: readonly [Move, number][]): Effect =>
  moves.length > 0 ? Object.fromEntries(moves) : undefined;

/** What the failure of a supply does to an electrode that it feeds. */
function fromSupply(fault: Fault, seat: StageKind, electrode: Electrode, heatsRectifier: boolean): [Move, number][] {
  return movesOf(fault, "rail").flatMap(([move, one]): [Move, number][] => {
    const share = one * FOLLOWS;
    // Where the rectifier is in the string too, a dark string gives no B+.
    if (seat === "heaters" && heatsRectifier && move === "none") return electrode === "grid" ? [] : [["none", share]];
    if (seat === "heaters") {
      // A cold tube draws nothing: its plate rises to the rail, its cathode falls.
      if (electrode === "plate") return [["high", share]];
      return electrode === "cathode" ? [["low", share]] : [];
    }
    if (seat === "bias") return electrode === "grid" ? [[move === "high" ? "high" : "low", share]] : [];
    if (!SUPPLIES_OF_PLATES.has(seat)) return [];
    if (electrode === "plate" || electrode === "screen") return [[move, share]];
    return electrode === "cathode" ? [[move, share * FOLLOWS]] : [];
  });
}

/** Volts at the electrodes of every stage. */
export function voltageTests(circuit: Circuit, faults: readonly Fault[], live: Live, physics?: Physics): Sketch[] {
  const reach = new Map(circuit.stages.map(({ id }) => [id, fedBy(circuit, id)]));
  const kinds = new Map(circuit.stages.map(({ id, kind }) => [id, kind]));
  const heatsRectifier = circuit.feeds.some(
    ({ from, to }) => kinds.get(from) === "heaters" && to.some((id) => kinds.get(id) === "rectifier"),
  );
  return circuit.stages.flatMap((stage): Sketch[] => {
    if (stage.device === "none" || KINDS[stage.kind].lane === "supply" || !live.allowed(stage)) return [];
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
          hazard: live.at(stage),
          outcomes: OUT.VOLTS,
          ...(stage.tubes.length > 0 ? { parts: stage.tubes } : {}),
          effect: (fault) => {
            const byNet = physics && movesAt(fault, nodeOf(stage, electrode, physics), physics);
            if (byNet) return effectOf(byNet.map(([move, share]) => [move, showing(fault.mode, share * FOLLOWS)]));
            const own = fault.stage.id === stage.id ? movesOf(fault, electrode) : [];
            if (own.length > 0) return effectOf(own.map(([move, share]) => [move, showing(fault.mode, share)]));
            if (!reach.get(fault.seat)?.has(stage.id)) return undefined;
            return effectOf(fromSupply(fault, kinds.get(fault.seat) ?? fault.stage.kind, electrode, heatsRectifier));
          },
        },
      ];
    });
  });
}

const WITH_A_RAIL = new Set(["reservoir", "high-voltage", "heaters", "bias", "regulator", "rails", "battery", "agc"]);

/** Volts of the rails, and the current from the line. */
export function railTests(circuit: Circuit, live: Live, nature: Nature, physics?: Physics): Sketch[] {
  const reach = new Map(circuit.stages.map(({ id }) => [id, fedBy(circuit, id)]));
  const rails = circuit.stages.filter(({ kind }) => WITH_A_RAIL.has(kind));
  // Heaters in a live string stand at line voltage to chassis; others are low.
  const safe = new Set<StageKind>(["rails", "battery", "agc", ...(nature.string ? [] : (["heaters"] as const))]);
  const meters = circuit.stages.some(({ kind }) => kind === "metering");
  const atRail = (stage: Stage): Sketch[] => {
    const probe = {
      needs: [...live.open, "meter"] as const,
      how: `Measure what ${stage.name} gives, against the chart.`,
    };
    // Where no probe belongs, the set's own meter reads it, with the cage closed.
    const own = {
      needs: ["power"] as const,
      how: `By the set’s own meter, the cage closed: no probe goes to this voltage.`,
    };
    const allowed = live.allowed(stage);
    if (!allowed && !meters) return [];
    return [
      {
        id: `rail:${stage.id}`,
        act: "rail",
        stage,
        name: `Volts of ${stage.name}`,
        ...(stage.kind === "battery" ? { ...probe, needs: ["meter"] as const } : allowed ? probe : own),
        minutes: 1.5,
        hazard: !allowed ? 1 : safe.has(stage.kind) ? 1 : live.at(stage),
        outcomes: OUT.VOLTS,
        effect: (fault) => {
          const byNet = physics && movesAt(fault, nodeOf(stage, "rail", physics), physics);
          if (byNet) return effectOf(byNet.map(([move, share]) => [move, showing(fault.mode, share * FOLLOWS)]));
          const moves = movesOf(fault, "rail");
          if (fault.seat === stage.id)
            return effectOf(moves.map(([move, share]) => [move, showing(fault.mode, share)]));
          return reach.get(fault.seat)?.has(stage.id)
            ? effectOf(moves.map(([move, share]) => [move, share * FOLLOWS]))
            : undefined;
        },
      },
    ];
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
    effect: (fault) =>
      effectOf(movesOf(fault, "line").map(([move, share]) => [move === "high" ? "high" : "low", share])),
  };
  return [...rails.flatMap(atRail), line];
}

/** Where the supply is measured for a short with the power off. */
const FED_FROM: readonly StageKind[] = ["reservoir", "high-voltage", "rails"];

/** Ohms with the power off: a short shows without a volt on it, and lifting halves of what is fed finds it. */
export function ohmsTests(circuit: Circuit): Sketch[] {
  const base = { act: "ohms" as const, needs: ["open", "meter"] as const, hazard: 0 as const, outcomes: OUT.OHMS };
  const low = (fault: Fault): Effect => (shortShare(fault) > 0 ? { low: shortShare(fault) } : undefined);
  const mains = circuit.stages.filter(({ kind }) => kind === "mains");
  const rails = circuit.stages.filter(({ kind }) => FED_FROM.includes(kind));
  return [
    ...mains.map((stage): Sketch => ({
      ...base,
      id: `ohms:${stage.id}`,
      stage,
      needs: ["meter"],
      name: "Ohms of the mains input",
      how: "Unplugged, switch on: across the pins of the plug, and from each of them to chassis.",
      minutes: 1,
      effect: (fault) => (fault.stage.id === stage.id ? low(fault) : undefined),
    })),
    ...rails.flatMap((rail): Sketch[] => {
      const fed = fedBy(circuit, rail.id);
      const order = circuit.stages.filter(({ id }) => fed.has(id));
      const behind = (fault: Fault, from: number) => order.findIndex(({ id }) => id === fault.stage.id) >= from;
      return [
        {
          ...base,
          id: `ohms:${rail.id}`,
          stage: rail,
          name: `Ohms from ${rail.name} to chassis`,
          how: "Unplugged, discharged and measured. Let the meter charge the capacitors: under a few kilohms is a short.",
          minutes: 2,
          // A dead rectifier is no short behind it; what is fed, and the filter itself, is.
          effect: (fault) => (fault.stage.id === rail.id || fed.has(fault.stage.id) ? low(fault) : undefined),
        },
        ...order.slice(1).flatMap((stage, at): Sketch[] => {
          // Halves alone: every second stage of a long list is enough.
          if (order.length > 6 && at % 2 === 1) return [];
          return [
            {
              ...base,
              id: `half:${rail.id}-${stage.id}`,
              stage,
              name: `Ohms of ${rail.name} with the feed to ${stage.name} and all behind it lifted`,
              how: "Unplugged, discharged and measured; one lead unsoldered. Still low: the short lies before it.",
              minutes: 5,
              effect: (fault) =>
                fault.stage.id === rail.id || (fed.has(fault.stage.id) && !behind(fault, at + 1))
                  ? low(fault)
                  : undefined,
            },
          ];
        }),
      ];
    }),
  ];
}
