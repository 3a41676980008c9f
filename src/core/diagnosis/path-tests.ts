import type { Circuit, PathKey } from "../model";
import { withFeeders } from "./circuit";
import type { Hazard, TestNeed } from "./data/faults";
import * as OUT from "./outcomes";
import { either, showsIn, signalIn, type Live, type Sketch } from "./sketch";
import type { OutcomeFacts, TestAct } from "./types";

/** The part of a chain from a stage on, with all that feeds and controls it. */
const onFrom = (circuit: Circuit, chain: readonly string[], id: string) =>
  withFeeders(circuit, chain.slice(chain.indexOf(id)));
const upTo = (circuit: Circuit, chain: readonly string[], id: string) =>
  withFeeders(circuit, chain.slice(0, chain.indexOf(id) + 1));

const pathName = (circuit: Circuit, key: PathKey) =>
  circuit.paths.length === 1 ? "" : key === "receive" ? " on receive" : " on transmit";
/** Where there are two paths, the transmit tests have words of their own. */
export const pathId = (act: string, key: PathKey) => (key === "receive" ? act : `${act}-tx`);

/** Tests along a path of the signal: listening, instruments at its ends, injecting and tracing between them. */
export function pathTests(circuit: Circuit, key: PathKey, chain: readonly string[], live: Live): Sketch[] {
  const transmit = key === "transmit";
  const all = withFeeders(circuit, chain);
  const where = pathName(circuit, key);
  const hazard: Hazard = transmit ? 1 : 0;
  const needs: readonly TestNeed[] = transmit ? ["power", "dummy-load"] : ["power"];
  const whole = (
    act: TestAct,
    name: string,
    how: string,
    outcomes: readonly OutcomeFacts[],
    effect: Sketch["effect"],
    minutes: number,
  ): Sketch => ({
    id: pathId(act, key),
    act,
    name: name + where,
    how,
    needs,
    minutes,
    hazard,
    outcomes,
    effect,
  });
  const listen = transmit
    ? "Key it into the dummy load and read the output."
    : "Tune a strong station or feed the generator, volume up.";
  const tests = [
    whole(
      "play",
      transmit ? "Output into the dummy load" : "Listen",
      listen,
      transmit ? OUT.POWER : OUT.SOUND,
      signalIn(all),
      1,
    ),
    whole(
      "hum",
      "Listen for hum",
      transmit ? "Listen to the carrier on another receiver." : "Volume down, then up: which hum, and does it stay?",
      OUT.HUM,
      either(showsIn("hum2", "double", all), showsIn("hum1", "line", all)),
      1,
    ),
    whole(
      "steady",
      "Is it steady?",
      transmit
        ? "Watch output and note for half a minute."
        : "Let it play half a minute: howl, motorboating, pumping, drift.",
      OUT.STEADY,
      showsIn("unsteady", "unsteady", all),
      1.5,
    ),
    whole(
      "dial",
      "Compare with the dial",
      "Two stations or the generator's marker at both ends of the dial.",
      OUT.DIAL,
      showsIn("off", "off", all),
      2,
    ),
    whole(
      "bands",
      "Go through the bands",
      transmit ? "Output on each band." : "Listen on each band: is one of them worse?",
      OUT.BANDS,
      showsIn("band", "one", all),
      2,
    ),
    whole(
      "warm",
      "Cold and warm",
      "Note it cold, let it run ten minutes with the back on, note it again.",
      OUT.WARM,
      showsIn("warm", "changes", all),
      11,
    ),
  ];
  if (!transmit)
    tests.push(
      whole(
        "noise",
        "Listen for crackle",
        "No signal, volume up: crackle, hiss, scratching controls.",
        OUT.NOISE,
        showsIn("noise", "noisy", all),
        1,
      ),
    );
  const behindVolume = chain.find((id) => circuit.stages.find((stage) => stage.id === id)?.kind === "af");
  if (!transmit && behindVolume) {
    const half = onFrom(circuit, chain, behindVolume);
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
    tests.push(
      down("hum", "Hum", OUT.HUM, either(showsIn("hum2", "double", half), showsIn("hum1", "line", half))),
      down("noise", "Crackle", OUT.NOISE, showsIn("noise", "noisy", half)),
    );
  }
  const stages = new Map(circuit.stages.map((stage) => [stage.id, stage]));
  const rf: Hazard = transmit && live.probe > 1 ? 3 : live.probe;
  chain.forEach((id, at) => {
    const stage = stages.get(id);
    if (!stage) return;
    const outcomes = transmit ? OUT.POWER : OUT.SOUND;
    if (at > 0)
      tests.push({
        id: `${pathId("inject", key)}:${id}`,
        act: "inject",
        stage,
        name: `Inject at ${stage.name}${where}`,
        how: `Feed a signal through a capacitor into the input of ${stage.name}: everything from there on is exercised.`,
        needs: [...live.open, "generator", ...(transmit ? (["dummy-load"] as const) : [])],
        minutes: 2,
        hazard: rf,
        outcomes,
        effect: signalIn(onFrom(circuit, chain, id)),
      });
    if (at < chain.length - 1)
      tests.push({
        id: `${pathId("trace", key)}:${id}`,
        act: "trace",
        stage,
        name: `Trace behind ${stage.name}${where}`,
        how: `Follow the signal with a high-impedance probe to the output of ${stage.name}: everything up to there is exercised.`,
        needs: [...live.open, "tracer"],
        minutes: 2,
        hazard: rf,
        outcomes,
        effect: signalIn(upTo(circuit, chain, id)),
      });
  });
  return tests;
}
