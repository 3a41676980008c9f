import type { Circuit } from "../model";
import * as OUT from "./outcomes";
import { lineDraw } from "./shorts";
import { either, showsIn, type Effect, type Sketch } from "./sketch";
import type { Nature } from "./traits";
import type { Fault } from "./types";

/**
 * A flat hand on the cabinet reaches less than a stick at the place. Shop's estimate.
 * @example of ten joints that a stick at the place moves, a hand on the cabinet moves six
 */
const THUMP = 0.6;
/**
 * A worn control or a dirty switch is heard when it is turned. Shop's estimate.
 * @example of twenty worn volume controls seventeen crackle when they are turned
 */
const HEARD_TURNED = 0.85;

const everywhere = ({ stages }: Circuit) => new Set(stages.map(({ id }) => id));

/** A worn control is heard when it is turned, a dirty switch when it is worked. */
const CONTROL = /worn|gain|-pot$/;
const SWITCH = /-(switch|contact)$|selector/;
const heardWhenTurned = ({ mode }: Fault): Effect =>
  mode.part === "contact" && mode.shows.noise
    ? CONTROL.test(mode.key)
      ? { control: HEARD_TURNED }
      : SWITCH.test(mode.key)
        ? { switch: HEARD_TURNED }
        : undefined
    : undefined;

/** Eyes, nose, ears and fingers, for the whole set: nothing is opened. */
export function senseTests(circuit: Circuit, nature: Nature): Sketch[] {
  const all = everywhere(circuit);
  const tubes = circuit.stages.some(({ device }) => device === "tube");
  const fused = circuit.stages.some(({ kind }) => ["mains", "vibrator", "dynamotor", "inverter"].includes(kind));
  const whole = { minutes: 0.5, hazard: 0 as const, needs: [] as const };
  return [
    ...(fused
      ? [
          {
            ...whole,
            id: "fuse",
            act: "fuse" as const,
            name: "Is the fuse whole?",
            how: "Unplugged: look at it and measure it, and read its rating. A blown one blew because of something: no new one goes in before a short is ruled out.",
            minutes: 1,
            outcomes: OUT.FUSE,
            effect: (fault: Fault) =>
              fault.mode.part === "fuse"
                ? { blown: 0.95 }
                : fault.mode.shows.blows
                  ? { blown: fault.mode.shows.blows }
                  : undefined,
          },
          {
            ...whole,
            id: "lamp",
            act: "lamp" as const,
            name: nature.battery ? "On a supply with a current limit" : "On the lamp limiter",
            how: "A lamp of one to two times the set’s watts in series, or a supply with its limit set: bright, or at the limit, is a short.",
            needs: ["limiter"] as const,
            minutes: 3,
            hazard: 1 as const,
            outcomes: OUT.LAMP,
            effect: (fault: Fault) => (lineDraw(fault) > 0 ? { bright: lineDraw(fault) } : undefined),
          },
        ]
      : []),
    {
      ...whole,
      id: "smell",
      act: "smell",
      name: "Smell, and feel the back",
      how: "Burnt, wax, hot dust? Power off, then a hand near transformer and back. Smoke: off at once.",
      outcomes: OUT.SMELL,
      effect: showsIn("smells", "hot", all),
    },
    ...(tubes
      ? [
          {
            ...whole,
            id: "glow",
            act: "glow" as const,
            name: "Do tubes and lamps glow?",
            how: "Through the back, in the dark: every heater, the dial lamp, nothing red that should not be.",
            needs: ["power"] as const,
            outcomes: OUT.GLOW,
            effect: either(showsIn("dark", "dark", all), showsIn("bright", "bright", all)),
          },
        ]
      : []),
    {
      ...whole,
      id: "thump",
      act: "thump",
      name: "Thump the cabinet",
      how: "With the flat hand, playing: does it come, go or crackle?",
      needs: ["power"],
      outcomes: OUT.TAP,
      effect: ({ mode }) => (mode.shows.tap ? { reacts: mode.shows.tap * THUMP } : undefined),
    },
    {
      ...whole,
      id: "knob",
      act: "knob",
      name: "Feel the knobs",
      how: "Turn every one through its range: stiff, slipping, jumping back, a pointer that stays?",
      minutes: 1,
      outcomes: OUT.KNOB,
      effect: showsIn("slips", "slips", all),
    },
    {
      ...whole,
      id: "turn",
      act: "turn",
      name: "Turn each control and switch",
      how: "Playing: turn volume, tone and gain, work each switch. What crackles or cuts out is dirty or worn.",
      needs: ["power"],
      minutes: 1,
      outcomes: OUT.TURN,
      effect: heardWhenTurned,
    },
  ];
}
