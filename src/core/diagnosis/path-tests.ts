import type { Circuit, PathKey, Stage } from "../model";
import { withFeeders } from "./circuit";
import type { TestNeed } from "./data/parts";
import { onPath, PATH_FACTS, pathId } from "./data/paths";
import * as OUT from "./outcomes";
import { NO_PROBE_ABOVE, either, showsIn, signalIn, type Live, type Sketch } from "./sketch";
import type { OutcomeFacts, TestAct } from "./types";

/** The part of a chain from a stage on, with all that feeds and controls it. */
export const onFrom = (circuit: Circuit, chain: readonly string[], id: string) =>
  withFeeders(circuit, chain.slice(chain.indexOf(id)));
export const upTo = (circuit: Circuit, chain: readonly string[], id: string) =>
  withFeeders(circuit, chain.slice(0, chain.indexOf(id) + 1));

/** Tests of a whole path: listening, or reading the output. Nothing is opened for them. */
function wholeTests(circuit: Circuit, key: PathKey, chain: readonly string[]): Sketch[] {
  const { sends, listen, how } = PATH_FACTS[key];
  const all = withFeeders(circuit, chain);
  const where = onPath(circuit, key);
  const needs: readonly TestNeed[] = sends ? ["power", "dummy-load"] : ["power"];
  const whole = (
    act: TestAct,
    name: string,
    hint: string,
    outcomes: readonly OutcomeFacts[],
    effect: Sketch["effect"],
    minutes: number,
  ): Sketch => ({
    id: pathId(act, key),
    act,
    name: name + where,
    how: hint,
    needs,
    minutes,
    hazard: sends ? 1 : 0,
    outcomes,
    effect,
  });
  const play = whole(
    "play",
    listen,
    how,
    key === "modulation" ? OUT.MODULATION : sends ? OUT.POWER : OUT.SOUND,
    signalIn(all),
    1,
  );
  const hum = whole(
    "hum",
    "Listen for hum",
    sends ? "Listen to the carrier on another receiver." : "Volume down, then up: which hum, and does it stay?",
    OUT.HUM,
    either(showsIn("hum2", "double", all), showsIn("hum1", "line", all)),
    1,
  );
  if (key === "modulation") return [play, hum];
  return [
    play,
    hum,
    whole(
      "steady",
      "Is it steady?",
      sends
        ? "Watch output and note for half a minute."
        : "Let it play half a minute: howl, motorboating, pumping, drift.",
      OUT.STEADY,
      showsIn("unsteady", "unsteady", all),
      1.5,
    ),
    whole(
      "dial",
      "Compare with the dial",
      "Two stations or the generator’s marker at both ends of the dial.",
      OUT.DIAL,
      showsIn("off", "off", all),
      2,
    ),
    ...(key === "fm"
      ? []
      : [
          whole(
            "bands",
            "Go through the bands",
            sends ? "Output on each band." : "Listen on each band: is one of them worse?",
            OUT.BANDS,
            showsIn("band", "one", all),
            2,
          ),
        ]),
    whole(
      "warm",
      "Cold and warm",
      "Note it cold, let it run ten minutes with the back on, note it again.",
      OUT.WARM,
      showsIn("warm", "changes", all),
      11,
    ),
    ...(sends
      ? []
      : [
          whole(
            "noise",
            "Listen for crackle",
            "No signal, volume up: crackle, hiss, scratching controls.",
            OUT.NOISE,
            showsIn("noise", "noisy", all),
            1,
          ),
        ]),
  ];
}

/** What stays with the volume at zero comes from behind the control. */
function volumeTests(circuit: Circuit, chain: readonly string[], af: Stage): Sketch[] {
  const half = onFrom(circuit, chain, af.id);
  const down = (
    act: "hum" | "noise",
    what: string,
    outcomes: readonly OutcomeFacts[],
    effect: Sketch["effect"],
  ): Sketch => ({
    id: `${act}-down`,
    act,
    name: `${what} with the volume down`,
    how: "Volume to zero: what stays comes from behind the control.",
    needs: ["power"],
    minutes: 1,
    hazard: 0,
    outcomes,
    effect,
  });
  return [
    down("hum", "Hum", OUT.HUM, either(showsIn("hum2", "double", half), showsIn("hum1", "line", half))),
    down("noise", "Crackle", OUT.NOISE, (fault) =>
      // At zero and at rest a worn control is quiet.
      fault.mode.key === "volume-worn" ? undefined : showsIn("noise", "noisy", half)(fault),
    ),
  ];
}

/** Injecting and tracing at a stage of a path. Where no hand belongs under power, neither is offered. */
function stageTests(circuit: Circuit, key: PathKey, chain: readonly string[], at: number, stage: Stage, live: Live) {
  const { sends } = PATH_FACTS[key];
  const where = onPath(circuit, key);
  const hazard = sends && live.at(stage) > 1 && key === "transmit" ? 3 : live.at(stage);
  // Nobody keys an open set with such a voltage in it to hold a probe to something.
  if (!live.allowed(stage) || (hazard === 3 && live.volts > NO_PROBE_ABOVE)) return [];
  const outcomes = key === "modulation" ? OUT.MODULATION : sends ? OUT.POWER : OUT.SOUND;
  const tests: Sketch[] = [];
  if (at > 0)
    tests.push({
      id: `${pathId("inject", key)}:${stage.id}`,
      act: "inject",
      stage,
      name: `Inject at ${stage.name}${where}`,
      how: `Feed a signal through a capacitor into the input of ${stage.name}: everything from there on is exercised.`,
      needs: [...live.open, "generator", ...(sends ? (["dummy-load"] as const) : [])],
      minutes: 2,
      hazard,
      outcomes,
      effect: signalIn(onFrom(circuit, chain, stage.id)),
    });
  if (at < chain.length - 1)
    tests.push({
      id: `${pathId("trace", key)}:${stage.id}`,
      act: "trace",
      stage,
      name: `Trace behind ${stage.name}${where}`,
      how: `Follow the signal with a high-impedance probe to the output of ${stage.name}: everything up to there is exercised.`,
      needs: [...live.open, "tracer"],
      minutes: 2,
      hazard,
      outcomes,
      effect: signalIn(upTo(circuit, chain, stage.id)),
    });
  return tests;
}

/** What is still heard with the way in grounded comes from there on, or from a supply. */
function groundTests(circuit: Circuit, key: PathKey, chain: readonly string[], stages: readonly Stage[], live: Live) {
  if (PATH_FACTS[key].sends) return [];
  return stages.slice(1).flatMap((stage): Sketch[] => {
    if (stage.device === "none" || !live.allowed(stage)) return [];
    const grid = stage.device === "solid" ? "base" : "grid";
    const half = onFrom(circuit, chain, stage.id);
    return [
      {
        id: `${pathId("ground", key)}:${stage.id}`,
        act: "ground",
        stage,
        name: `Ground the ${grid} of ${stage.name}${onPath(circuit, key)}: does the noise stay?`,
        how: `A good capacitor from the ${grid} to chassis: what still crackles, hisses or hums comes from here on, or from the supply.`,
        needs: live.open,
        minutes: 1.5,
        hazard: live.at(stage),
        outcomes: OUT.NOISE,
        effect: showsIn("noise", "noisy", half),
      },
    ];
  });
}

/** Tests along a path of the signal: listening, instruments at its ends, injecting and tracing between them. */
export function pathTests(circuit: Circuit, key: PathKey, chain: readonly string[], live: Live): Sketch[] {
  const stages = new Map(circuit.stages.map((stage) => [stage.id, stage]));
  const inChain = chain.flatMap((id) => stages.get(id) ?? []);
  const af = inChain.find(({ kind }) => kind === "af");
  return [
    ...wholeTests(circuit, key, chain),
    ...(af && key === "receive" ? volumeTests(circuit, chain, af) : []),
    ...groundTests(circuit, key, chain, inChain, live),
    ...inChain.flatMap((stage, at) => stageTests(circuit, key, chain, at, stage, live)),
  ];
}
