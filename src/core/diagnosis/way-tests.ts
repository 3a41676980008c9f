import type { Circuit, Stage } from "../model";
import * as OUT from "./outcomes";
import { onFrom, upTo } from "./path-tests";
import { either, showsIn, signalIn, type Live, type Sketch } from "./sketch";
import type { Nature } from "./traits";
import type { Fault } from "./types";

/**
 * Another antenna cures a missing one nearly always. Shop's estimate.
 * @example with a few metres of wire 17 of 20 sets without an antenna play at once
 */
const ANOTHER_ANTENNA = 0.85;

/** What the key does without: the way from the microphone to the sideband. */
const VOICE: ReadonlySet<string> = new Set(["speech", "balanced"]);

/** Where a key makes the carrier behind the balanced modulator, another mode goes round the microphone. */
export function modeTests({ stages, paths }: Circuit): Sketch[] {
  const sends = paths.find(({ key }) => key === "transmit");
  const voice = new Set(
    stages.filter(({ id, kind }) => VOICE.has(kind) && sends?.chain.includes(id)).map(({ id }) => id),
  );
  if (voice.size === 0) return [];
  return [
    {
      id: "mode-tx",
      act: "mode",
      name: "Try another mode on transmit",
      how: "Into the dummy load, once with the key and once with the voice: is it the same?",
      needs: ["power", "dummy-load"],
      minutes: 1,
      hazard: 1,
      outcomes: OUT.MODES,
      effect: ({ seat, mode }) =>
        voice.has(seat) && mode.signal
          ? {
              voice: Math.min(
                1,
                Object.values(mode.signal).reduce((sum, share) => sum + share, 0),
              ),
            }
          : undefined,
    },
  ];
}

/** Other ways in and out of a receiver: another antenna, the pick-up, headphones, a finger. */
export function wayTests(circuit: Circuit, live: Live, nature: Nature): Sketch[] {
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
            effect: ({ mode }: Fault) => (mode.key === "aerial-missing" ? { cured: ANOTHER_ANTENNA } : undefined),
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
