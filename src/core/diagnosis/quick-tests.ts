import type { Circuit, Stage } from "../model";
import * as OUT from "./outcomes";
import { onFrom, upTo } from "./path-tests";
import { either, showsIn, signalIn, type Effect, type Live, type Sketch } from "./sketch";
import type { Nature } from "./traits";
import type { Fault } from "./types";

/**
 * What a seasoned hand does first: eyes, nose, ears and fingers, and tricks that need no instrument or hardly any.
 */

/** A short of this share or more is one that a meter sees as a low resistance. */
const SURE_SHORT = 0.4;
/** A heater that is open when warm, a bad joint in the string: cold the string may well be whole. Shop's estimate. */
const COLD_SHOWS = 0.9;
/** A flat hand on the cabinet reaches less than a stick at the place. Shop's estimate. */
const THUMP = 0.6;
/** What a tried trick shows, where it is the right one. Shop's estimate. */
const TRICK = 0.85;

/** How surely a fault shows as a low resistance with the power off: what blows fuses nearly always does. */
export const shortShare = ({ mode }: Fault): number => {
  const blows = mode.shows.blows ?? 0;
  return blows >= SURE_SHORT ? 0.5 + blows / 2 : blows;
};

const lineDraw = ({ mode }: Fault): number =>
  Math.max(
    mode.shows.blows ?? 0,
    ...mode.volts.map(({ electrode, move, share }) => (electrode === "line" && move === "high" ? share : 0)),
  );

const everywhere = ({ stages }: Circuit) => new Set(stages.map(({ id }) => id));

/** Senses alone, for the whole set. */
function senses(circuit: Circuit, nature: Nature): Sketch[] {
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

/** A worn control is heard when it is turned, a dirty switch when it is worked. */
const CONTROL = /worn|gain|-pot$/;
const SWITCH = /-(switch|contact)$|selector/;
const heardWhenTurned = ({ mode }: Fault): Effect =>
  mode.part === "contact" && mode.shows.noise
    ? CONTROL.test(mode.key)
      ? { control: TRICK }
      : SWITCH.test(mode.key)
        ? { switch: TRICK }
        : undefined
    : undefined;

/** Other ways in and out of a receiver: another antenna, the pick-up, headphones, a finger. */
function otherWays(circuit: Circuit, live: Live, nature: Nature): Sketch[] {
  const receive = circuit.paths.find(({ key }) => key === "receive");
  if (!receive) return [];
  const { chain } = receive;
  const stage = (...kinds: Stage["kind"][]) =>
    chain.flatMap((id) => circuit.stages.find((one) => one.id === id) ?? []).find(({ kind }) => kinds.includes(kind));
  const [antenna, af, speaker] = [stage("antenna"), stage("af"), stage("speaker")];
  const beforeAf = af !== undefined && chain.indexOf(af.id) > 0;
  const talks = circuit.stages.some(({ kind }) => kind === "bfo") || circuit.paths.length > 1;
  const behind = speaker && chain[chain.indexOf(speaker.id) - 1];
  const base = { needs: ["power"] as const, minutes: 1, hazard: 0 as const };
  const pulled = af && !nature.string && af.device === "tube" ? chain[chain.indexOf(af.id) + 1] : undefined;
  return [
    ...(antenna
      ? [
          {
            ...base,
            id: "aerial",
            act: "aerial" as const,
            stage: antenna,
            name: "Another antenna and ground",
            how: "A few metres of wire by hand, another ground: is it better at once?",
            outcomes: OUT.SWAP,
            effect: ({ mode }: Fault) => (mode.key === "aerial-missing" ? { cured: TRICK } : undefined),
          },
        ]
      : []),
    ...(af && beforeAf && !nature.battery
      ? [
          {
            ...base,
            id: "phono",
            act: "phono" as const,
            stage: af,
            name: "Play into the phono input",
            how: "A player or a generator into the pick-up sockets: the sound part alone is heard.",
            minutes: 1.5,
            outcomes: OUT.SOUND,
            effect: signalIn(onFrom(circuit, chain, af.id)),
          },
        ]
      : []),
    ...(speaker && behind && talks
      ? [
          {
            ...base,
            id: "phones",
            act: "phones" as const,
            stage: speaker,
            name: "Listen with headphones",
            how: "In the jack: everything but the loudspeaker is heard.",
            outcomes: OUT.SOUND,
            effect: signalIn(upTo(circuit, chain, behind)),
          },
        ]
      : []),
    ...(af && beforeAf && nature.transformer !== false && live.at(af) <= 2
      ? [
          {
            ...base,
            id: "finger",
            act: "finger" as const,
            stage: af,
            name: "A finger on the volume control",
            how: "On the live end of the control, volume up, other hand away: a loud hum says that the sound part works.",
            needs: live.open,
            hazard: live.at(af),
            outcomes: OUT.SOUND,
            effect: signalIn(onFrom(circuit, chain, af.id)),
          },
        ]
      : []),
    ...(af && pulled
      ? [
          {
            ...base,
            id: `pull:${af.id}`,
            act: "pull" as const,
            stage: af,
            name: `Pull the tube of ${af.name}: which hum stays?`,
            how: "Switched off to pull it, then on. What still hums comes from behind it.",
            needs: ["power"] as const,
            minutes: 2,
            hazard: 1 as const,
            outcomes: OUT.HUM,
            effect: either(
              showsIn("hum2", "double", onFrom(circuit, chain, pulled)),
              showsIn("hum1", "line", onFrom(circuit, chain, pulled)),
            ),
          },
        ]
      : []),
  ];
}

/** Tricks at one stage: grid volts with the tube out, a good capacitor across, the control line grounded, cold and heat. */
function tricks(circuit: Circuit, faults: readonly Fault[], live: Live, nature: Nature): Sketch[] {
  return circuit.stages.flatMap((stage): Sketch[] => {
    const own = faults.filter((fault) => fault.stage.id === stage.id);
    const has = (key: string) => own.some(({ mode }) => mode.key === key);
    if (!live.allowed(stage) || live.at(stage) > 2) return [];
    const base = { stage, hazard: live.at(stage), minutes: 2 };
    const dry = new Set(
      own
        .filter(({ mode }) => /-(dry|open|out)$|-bypass$|^decoupling-dry$|electrolytic/.test(mode.key))
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
          at.id === stage.id && mode.part === part && /-(dry|open|out)$|-bypass$|electrolytic/.test(mode.key)
            ? { cured: TRICK }
            : undefined,
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

/** A cold heater string that is open is found by halving it with the ohmmeter. */
function stringTests(circuit: Circuit, faults: readonly Fault[], nature: Nature): Sketch[] {
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

export const quickTests = (circuit: Circuit, faults: readonly Fault[], live: Live, nature: Nature): Sketch[] => [
  ...senses(circuit, nature),
  ...otherWays(circuit, live, nature),
  ...tricks(circuit, faults, live, nature),
  ...stringTests(circuit, faults, nature),
];
