import { mainRail, onMains, type Sheet } from "../model";
import { format } from "../quantity";
import { HEATER_TOLERANCE } from "../thumb";
import { commonHeaterVolts, heatersOf, isThoriated, rectifierOf, rectifierTubes } from "../tubes";
import type { PowerExpectation, Stage } from "./expectation";
import { bplusBand, heatersAlone, lineCurrent, stopCurrent } from "./first-power";
import { lampFor, USUAL_LAMPS, type LampChoice } from "./lamps";
import { currentLimit, unknownAmps } from "./limits";
import { lineRemarks, type MainsLine } from "./line";
import type { Method } from "./methods";
import { noLoadPeak } from "./peak";

export type PlanStep = {
  key: string;
  stage: Stage;
  fraction: number;
  volts: number;
  holdSeconds: number;
  amps?: number;
  /** what the heaters alone should draw, for information, A */
  heatersOnlyAmps?: number;
  stopAmps: number;
  bplus?: [number, number];
  heaters?: number;
  measures: ("amps" | "bplus" | "heaters" | "lamp")[];
  say: string;
  expected: PowerExpectation;
};

export type PowerPlan = {
  method: Method;
  why: string;
  /** why another method is not taken */
  not?: string;
  prepare: string[];
  remarks: string[];
  lamp?: LampChoice;
  steps: PlanStep[];
  /** the model says nothing of its watts: no current can be expected */
  noWatts: boolean;
};

/**
 * Fractions of the line on the way up. Trade rule.
 * @example 230 V: 57.5, 115, 172.5 and 230 V
 */
const LADDER = [0.25, 0.5, 0.75, 1];
/**
 * Holds at each step, seconds: heaters warm, dried capacitors form. Shop rule.
 * @example two minutes, five in a museum’s set
 */
const HOLD = 120;
const HOLD_MUSEUM = 300;
const HOLD_LAMP = 60;

export type PlanInput = {
  sheet: Sheet;
  /** the visit's policy */
  policy: "reliability" | "original" | "museum";
  /** the visit's own choice, where it made one */
  method?: Method | undefined;
  /** what the set's selector is set to, V */
  tap: number;
  line: MainsLine;
  /** lamps in the shop, W */
  lamps?: readonly number[];
};

/** The methods that suit a kind of set; the first is the usual one. */
export function methodsFor(supply: Sheet["supply"], policy: PlanInput["policy"]): Method[] {
  if (supply === "low-voltage") return ["bench-supply"];
  if (supply === "battery") return ["eliminator"];
  if (supply === "high-voltage") return ["variac"];
  return policy === "reliability" ? ["lamp", "variac"] : ["variac", "lamp"];
}

const key = (stage: Stage, fraction: number) => `${stage}-${Math.round(fraction * 100)}`;

/**
 * A 12 V set is run at the 13.8 V of a car and its charger. Trade use.
 * @example 12 V · 1.2 = 14.4 V: 13.8 V passes, 15 V is a stop
 */
const LOW_VOLTAGE_OVER = 0.2;

function expectation({ sheet, tap }: PlanInput, fullAmps?: number): PowerExpectation {
  const { supply, tubes } = sheet;
  const rail = mainRail(sheet.points);
  const chart = sheet.points.find((one) => one.quantity === "voltage" && /^heaters?/i.test(one.point));
  const rectifiers = rectifierTubes(tubes);
  const heated = tubes.filter((one) => !rectifiers.includes(one));
  // A tap stands for the chart's line: at the tap the heaters see what they saw at the chart's line.
  const heaters = chart?.expected ?? commonHeaterVolts(supply, heated);
  const heaterWatts = heatersOf(supply, heated).watts;
  return {
    fullVolts: tap,
    ...(fullAmps ? { fullAmps } : { assumedAmps: unknownAmps(supply, tap, heatersOf(supply, tubes).watts) }),
    ...(rail && onMains(supply) ? { bplus: Math.abs(rail.expected) } : {}),
    ...(onMains(supply) ? { ceiling: noLoadPeak(sheet).volts } : {}),
    ...(rectifiers.length > 0 ? { warm: true } : {}),
    ...(sheet.heaterRails?.length
      ? { rails: sheet.heaterRails.map(({ name, volts }) => ({ name, volts })) }
      : heaters
        ? { heaters }
        : {}),
    ...(tubes.some(({ type }) => isThoriated(type)) ? { heaterTolerance: HEATER_TOLERANCE.thoriated } : {}),
    ...(supply === "battery" && heaters ? { filaments: true } : {}),
    ...(heaterWatts > 0 ? { heaterWatts } : {}),
    ...(supply === "low-voltage" ? { lineOver: LOW_VOLTAGE_OVER } : {}),
  };
}

type Making = { stage: Stage; fraction: number; hold: number; say: string; expected: PowerExpectation };

/** A winding for the rectifier alone has no load while that is out of its socket. */
const FOR_RECTIFIER = /rect/i;

function step({ stage, fraction, hold, say, expected: all }: Making): PlanStep {
  const unloaded = (name: string) => stage === "rectifier-out" && FOR_RECTIFIER.test(name);
  const rails = all.rails?.map((rail) => ({ ...rail, ...(unloaded(rail.name) ? { unloaded: true } : {}) }));
  const expected: PowerExpectation = { ...all, ...(rails ? { rails } : {}) };
  const { fullAmps, bplus, ceiling, heaters, fullVolts } = expected;
  const highVoltage = stage === "rectifier-in" || stage === "all-in";
  return {
    key: key(stage, fraction),
    stage,
    fraction,
    volts: fullVolts * fraction,
    holdSeconds: hold,
    ...(fullAmps ? { amps: fullAmps * fraction } : {}),
    stopAmps: currentLimit(expected, stage, fraction),
    ...(bplus && ceiling && highVoltage ? { bplus: bplusBand(fraction, bplus, ceiling, Boolean(expected.warm)) } : {}),
    ...(heaters ? { heaters: expected.filaments ? heaters : heaters * fraction } : {}),
    measures: [
      "amps",
      ...((bplus || ceiling) && highVoltage ? (["bplus"] as const) : []),
      ...(heaters || rails ? (["heaters"] as const) : []),
    ],
    say,
    expected,
  };
}

const RECTIFIER_REMARKS: Partial<Record<ReturnType<typeof rectifierOf>, string[]>> = {
  "solid-state": ["The rectifier is solid state: B+ follows the line at once, before any tube draws."],
  unknown: [
    "The sheet lists no tubes: look what rectifies. A tube is pulled for the first rise; without one B+ follows the line at once.",
  ],
};

function variac(input: PlanInput): PowerPlan {
  const { sheet, policy, tap } = input;
  const hold = policy === "museum" ? HOLD_MUSEUM : HOLD;
  const fullAmps = sheet.watts ? lineCurrent(sheet.watts, tap).full : undefined;
  const expected = expectation(input, fullAmps);
  const rectifiers = rectifierTubes(sheet.tubes);
  const tube = rectifiers.length > 0;
  const live = sheet.supply === "live-chassis";
  const out = tube && !live;
  const heaters = heatersOf(
    sheet.supply,
    sheet.tubes.filter((one) => !rectifiers.includes(one)),
  );
  const outSteps = LADDER.map((fraction): PlanStep => {
    const made = step({
      stage: "rectifier-out",
      fraction,
      hold: fraction === 1 ? hold : Math.min(hold, HOLD),
      say:
        fraction < 1 ? "Heaters come up; nothing else may draw." : "Heaters on their chart value; look at every tube.",
      expected,
    });
    const alone =
      sheet.watts && heaters.watts > 0 ? heatersAlone(heaters.watts, sheet.watts, tap, fraction) : undefined;
    return { ...made, ...(alone ? { heatersOnlyAmps: alone } : {}) };
  });
  const inSteps = LADDER.map((fraction) =>
    step({
      stage: out ? "rectifier-in" : "all-in",
      fraction,
      hold,
      say: !expected.warm
        ? rectifierOf(sheet.tubes) === "unknown"
          ? "B+ may rise with the line from the start. Watch it and the current."
          : "B+ rises with the line from the start. Watch it and the current."
        : fraction < 0.5
          ? "No B+ yet: a tube rectifier needs about half the line."
          : fraction < 1
            ? "B+ comes up as the rectifier warms. Watch it and the current."
            : "B+ settles as the tubes draw. Listen, smell, look at the plates.",
      expected,
    }),
  );
  return {
    method: "variac",
    why:
      policy === "museum"
        ? "A slow rise with long holds is gentlest on dried electrolytics."
        : "A slow rise lets the current speak before anything burns.",
    prepare: [
      ...(live
        ? [
            "Isolation transformer before the variac: a variac does not isolate.",
            "The rectifier stays in: its heater is part of the string.",
          ]
        : []),
      ...(out
        ? [
            `Pull the rectifier (${rectifiers.map(({ position, type }) => `${position} ${type}`).join(", ")}); back in after the first rise.`,
          ]
        : []),
      ...(onMains(sheet.supply) ? (RECTIFIER_REMARKS[rectifierOf(sheet.tubes)] ?? []) : []),
      ...(sheet.supply === "high-voltage"
        ? [
            "Interlocks in, dummy load on, discharge stick at hand.",
            "High voltage off by its own switch until the heaters are right, where the set has one.",
          ]
        : []),
      "Fuse in the line, ammeter in sight, switch within reach.",
    ],
    ...(sheet.supply === "high-voltage" ? { not: "A series lamp cannot hold back a supply of this size." } : {}),
    remarks: lineRemarks(sheet, tap, input.line).remarks,
    steps: out ? [...outSteps, ...inSteps] : inSteps,
    noWatts: !sheet.watts,
  };
}

function lamp(input: PlanInput): PowerPlan {
  const { sheet, tap, line } = input;
  const fullAmps = sheet.watts ? lineCurrent(sheet.watts, tap).full : undefined;
  const expected = expectation(input, fullAmps);
  const choice = sheet.watts ? lampFor(sheet.watts, input.lamps ?? USUAL_LAMPS) : undefined;
  const withLamp = step({
    stage: "all-in",
    fraction: 1,
    hold: HOLD_LAMP,
    say: "The lamp flares as the heaters warm, then dims. Bright after half a minute: stop.",
    expected,
  });
  const straight = step({
    stage: "all-in",
    fraction: 1,
    hold: HOLD,
    say: "Lamp out of circuit: current and B+ at full line.",
    expected,
  });
  // Behind the lamp the set sees less than the line: its B+ is looked at, and judged only without the lamp.
  const { bplus: _bplus, ...lit } = withLamp;
  return {
    method: "lamp",
    why: "Straight on through a lamp: it takes the line if the set is shorted, and shows it.",
    prepare: [
      choice
        ? `Lamp of ${choice.watts} W in series${choice.fits ? "" : " (the nearest in the box"}: the set's ${sheet.watts} W ask for ${Math.round(choice.range[0])} to ${Math.round(choice.range[1])} W${choice.fits ? "" : ")"}.`
        : "Lamp in series: about one to two times the set's watts.",
      ...(sheet.supply === "live-chassis" ? ["Isolation transformer before the lamp: a lamp does not isolate."] : []),
      "Fuse in the line, switch within reach.",
    ],
    remarks: lineRemarks(sheet, tap, line).remarks,
    ...(choice ? { lamp: choice } : {}),
    steps: [
      { ...lit, key: "lamp-in", measures: ["lamp", "amps"] },
      { ...straight, key: "lamp-out" },
    ],
    noWatts: !sheet.watts,
  };
}

function benchSupply(input: PlanInput): PowerPlan {
  const { sheet, tap } = input;
  const fullAmps = sheet.watts ? lineCurrent(sheet.watts, tap, 1, 1).full : undefined;
  const expected = expectation(input, fullAmps);
  const limit = fullAmps ? stopCurrent(fullAmps, 1) : undefined;
  const fractions = [0.5, 0.75, 1];
  return {
    method: "bench-supply",
    why: limit
      ? `The supply's own limit stops a fault before it burns: set it to ${format(limit, "current", 2)}.`
      : "The supply's own limit stops a fault before it burns: set it a little above what the set should draw.",
    not: "Not a variac: transistors are biased by the full voltage, so a slow rise proves nothing, and a variac neither limits current nor isolates.",
    prepare: [
      "Batteries out. Polarity checked against the set's earth rail before the clips go on.",
      ...(limit ? [`Current limit at ${format(limit, "current", 2)}, voltage at zero.`] : []),
    ],
    remarks: [],
    steps: fractions.map((fraction) =>
      step({
        stage: "all-in",
        fraction,
        hold: fraction === 1 ? 60 : 20,
        say: fraction < 1 ? "Nothing may run into the limit." : "Quiescent current, volume down, no signal.",
        expected,
      }),
    ),
    noWatts: !sheet.watts,
  };
}

function eliminator(input: PlanInput): PowerPlan {
  const { sheet, tap } = input;
  const heaters = heatersOf(sheet.supply, sheet.tubes);
  const filamentAmps = heaters.each.reduce((sum, { heater }) => sum + heater.amps, 0);
  const filamentVolts = heaters.each[0]?.heater.volts ?? 1.4;
  const fullAmps = sheet.watts ? lineCurrent(sheet.watts, tap, 1, 1).full : undefined;
  const expected = expectation(input, fullAmps);
  const limit = fullAmps ? stopCurrent(fullAmps, 1) : undefined;
  const filaments: PowerExpectation = {
    fullVolts: filamentVolts,
    ...(filamentAmps ? { fullAmps: filamentAmps } : { assumedAmps: unknownAmps("battery", filamentVolts, 0) }),
  };
  return {
    method: "eliminator",
    why: `Two supplies, each with its limit: ${format(filamentVolts, "voltage")} for the filaments, ${format(tap, "voltage")} for the plates.`,
    not: "Never more than the filaments' voltage on them, not for a moment: they burn out at once. Plugs of the two batteries are not to be changed over.",
    prepare: [
      `Filament supply ${format(filamentVolts, "voltage")}${filamentAmps ? `, limit ${format(stopCurrent(filamentAmps, 1), "current", 2)}` : ""}; measured before it is connected.`,
      `High-tension supply at zero${limit ? `, limit ${format(limit, "current", 2)}` : ""}, off.`,
    ],
    remarks: [],
    steps: [
      step({
        stage: "filaments",
        fraction: 1,
        hold: 30,
        say: "Filaments alone; they hardly glow. Their current tells.",
        expected: filaments,
      }),
      ...[0.5, 0.75, 1].map((fraction) =>
        step({ stage: "all-in", fraction, hold: 30, say: "High tension on, filaments lit.", expected }),
      ),
    ],
    noWatts: !sheet.watts,
  };
}

const MAKERS: Record<Method, (input: PlanInput) => PowerPlan> = {
  variac,
  lamp,
  "bench-supply": benchSupply,
  eliminator,
};

/**
 * The plan of the first power-up for exactly this set and policy: its steps with volts, hold, what to measure, the
 * current to expect and the limit.
 */
export function powerPlan(input: PlanInput): PowerPlan {
  const methods = methodsFor(input.sheet.supply, input.policy);
  const method = input.method && methods.includes(input.method) ? input.method : (methods[0] ?? "variac");
  return MAKERS[method](input);
}
