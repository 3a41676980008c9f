import type { Verdict } from "@/core/readings";

/** How a verdict sounds: two notes up for good, up and far up for high, down for low, one where nothing is expected. Hz. */
const NOTES: Record<Verdict, readonly number[]> = {
  good: [660, 880],
  high: [660, 1320],
  low: [440, 220],
  "no-proof": [550],
  none: [550],
};
const [NOTE_S, LOUD] = [0.12, 0.15];

let sound: AudioContext | undefined;

/** Lets a verdict be heard; false where the browser allows no sound. */
export async function toneOf(verdict: Verdict): Promise<boolean> {
  try {
    sound ??= new AudioContext();
    await sound.resume();
    if (sound.state !== "running") return false;
    const loud = sound.createGain();
    loud.gain.value = LOUD;
    loud.connect(sound.destination);
    NOTES[verdict].forEach((hertz, index) => {
      const note = (sound as AudioContext).createOscillator();
      note.frequency.value = hertz;
      note.connect(loud);
      const at = (sound as AudioContext).currentTime + index * NOTE_S;
      note.start(at);
      note.stop(at + NOTE_S * 0.9);
    });
    return true;
  } catch {
    return false;
  }
}

/** Says something aloud, where the browser can. */
export function sayAloud(text: string): void {
  if (!("speechSynthesis" in globalThis)) return;
  speechSynthesis.cancel();
  speechSynthesis.speak(new SpeechSynthesisUtterance(text));
}
