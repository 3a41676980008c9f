import type { Circuit, Stage } from "../model";
import * as OUT from "./outcomes";
import { showsIn, type Live, type Sketch } from "./sketch";
import type { Nature } from "./traits";
import type { Fault } from "./types";

/**
 * A heater that is open when warm, a bad joint in the string: cold the string may well be whole. Shop's estimate.
 * @example of ten strings that stay dark, nine read open with the power off, and one opens only when it is warm
 */
const COLD_SHOWS = 0.9;
/**
 * What a tried trick shows, where it is the right one. Shop's estimate.
 * @example of twenty dry reservoirs, a good capacitor across them quiets seventeen
 */
const TRICK = 0.85;

/** Capacitors that are open or dry: a good one across them cures it for the moment. */
const LOST_VALUE = /-(dry|open|out)$|-bypass$|electrolytic/;

/** Tricks at one stage: grid volts with the tube out, a good capacitor across, the control line grounded, cold and heat. */
export function trickTests(circuit: Circuit, faults: readonly Fault[], live: Live, nature: Nature): Sketch[] {
  return circuit.stages.flatMap((stage): Sketch[] => {
    const own = faults.filter((fault) => fault.stage.id === stage.id);
    const has = (key: string) => own.some(({ mode }) => mode.key === key);
    if (!live.allowed(stage) || live.at(stage) > 2) return [];
    const base = { stage, hazard: live.at(stage), minutes: 2 };
    const dry = new Set(
      own
        .filter(({ mode }) => LOST_VALUE.test(mode.key))
        .map(({ mode }) => mode.part)
        .filter((part) => part.startsWith("cap:")),
    );
    return [
      ...(has("coupling-leaky") && !nature.string
        ? [
            {
              ...base,
              id: `grid:${stage.id}`,
              act: "grid" as const,
              name: `Grid volts of ${stage.name}, its tube out`,
              how: "Off, tube out, on: volts that are still positive come through the coupling capacitor; gone, the tube has gas.",
              needs: [...live.open, "meter"] as const,
              outcomes: OUT.GRID,
              effect: ({ mode, stage: at }: Fault) =>
                at.id === stage.id && mode.key === "coupling-leaky" ? { positive: 0.95 } : undefined,
            },
          ]
        : []),
      ...[...dry].map((part): Sketch => ({
        ...base,
        id: `bridge:${stage.id}:${part.slice(4)}`,
        act: "bridge",
        name: `A good capacitor across the ${part.slice(4).replaceAll("-", " ")} one of ${stage.name}`,
        how: "Clipped on with the power off and discharged, of the same volts; then on: is it better? Discharge it again before it comes off.",
        needs: [...live.open, "spare"],
        minutes: 3,
        outcomes: OUT.SWAP,
        effect: ({ mode, stage: at }) =>
          at.id === stage.id && mode.part === part && LOST_VALUE.test(mode.key) ? { cured: TRICK } : undefined,
      })),
      ...(stage.kind === "agc"
        ? [
            {
              ...base,
              id: "agc-off",
              act: "agc-off" as const,
              name: "Ground the AGC line",
              how: "A clip lead from the line to chassis, on a weak station: if it plays better, the line was wrong.",
              needs: live.open,
              outcomes: OUT.SWAP,
              effect: ({ stage: at, mode }: Fault) =>
                at.kind === "agc" && (mode.signal ?? mode.shows.own) ? { cured: TRICK } : undefined,
            },
          ]
        : []),
      ...(stage.device === "solid" && own.some(({ mode }) => mode.shows.warm)
        ? [
            {
              ...base,
              id: `freeze:${stage.id}`,
              act: "freeze" as const,
              name: `Freeze and warm ${stage.name}`,
              how: "Spray one transistor at a time, then warm air: the one that makes it come or go is it.",
              needs: live.open,
              minutes: 3,
              outcomes: OUT.TAP,
              effect: showsIn("warm", "reacts", new Set([stage.id])),
            },
          ]
        : []),
    ];
  });
}

/** Supplies that another one can stand in for: the lead of a battery set, and what makes its B+. */
const REPLACED: Partial<Record<Stage["kind"], { what: string; how: string; minutes: number; inside: boolean }>> = {
  battery: {
    what: "the bench supply",
    how: "At the set’s own terminals, with its current limit set: is the fault gone?",
    minutes: 2,
    inside: false,
  },
  vibrator: { what: "B+ from the bench", how: "", minutes: 6, inside: true },
  dynamotor: { what: "B+ from the bench", how: "", minutes: 6, inside: true },
};
const FROM_THE_BENCH =
  "Its own B+ lead off and taped, a bench supply of the same volts with its current limit on the rail: is the fault gone?";

/** Another supply in the place of the set’s own. */
export function supplyTests({ stages }: Circuit, live: Live): Sketch[] {
  return stages.flatMap((stage): Sketch[] => {
    const one = REPLACED[stage.kind];
    if (!one) return [];
    return [
      {
        id: `supply:${stage.id}`,
        act: "supply",
        stage,
        name: `Run it on ${one.what}`,
        how: one.how || FROM_THE_BENCH,
        needs: [...(one.inside ? live.open : (["power"] as const)), "limiter"],
        minutes: one.minutes,
        hazard: one.inside ? live.at(stage) : 1,
        outcomes: OUT.SWAP,
        effect: ({ seat }) => (seat === stage.id ? { cured: TRICK } : undefined),
      },
    ];
  });
}

/** A cold heater string that is open is found by halving it with the ohmmeter. */
export function stringTests(circuit: Circuit, faults: readonly Fault[], nature: Nature): Sketch[] {
  const heaters = circuit.stages.find(({ kind }) => kind === "heaters");
  if (!nature.string || !heaters) return [];
  const opens = ({ mode, seat }: Fault) => seat === heaters.id && (mode.shows.dark ?? 0) > 0.5;
  const order = circuit.stages.filter((stage) => faults.some((fault) => fault.stage.id === stage.id && opens(fault)));
  return order.slice(0, -1).map((stage, at): Sketch => {
    const there = new Set(order.slice(0, at + 1).map(({ id }) => id));
    return {
      id: `string:${stage.id}`,
      act: "string",
      stage,
      name: `Ohms of the heater string up to ${stage.name}`,
      how: "Unplugged and cold, from the line to the far heater pin of its tube: endless is open in this half.",
      needs: ["meter"],
      minutes: 1.5,
      hazard: 0,
      outcomes: OUT.STRING,
      // A dropper stands before all of them.
      effect: (fault) =>
        opens(fault) && (there.has(fault.stage.id) || fault.stage.id === heaters.id) ? { open: COLD_SHOWS } : undefined,
    };
  });
}
