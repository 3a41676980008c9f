import { SOURCE_WORDS, type CrystalSide, type Overlap, type Stretch, type Whistle } from "@/core/frequencies";
import { format } from "@/core/quantity";

/** A frequency of a plan, to the kilohertz or finer. */
export const hz = (hertz: number): string => format(hertz, "frequency", 6);
export const rangeText = ({ from, to }: Stretch): string => (from === to ? hz(from) : `${hz(from)} to ${hz(to)}`);

/** What comes together: `3 × oscillator − 4 × IF (465 kHz)`. */
export function whistleText({ m, n, sign, source, of }: Whistle): string {
  const times = (count: number, what: string) => (count === 1 ? what : `${count} × ${what}`);
  const other = times(n, `${SOURCE_WORDS[source]} (${hz(of)})`);
  return m === 0 ? other : `${times(m, "oscillator")} ${sign === 1 ? "+" : "−"} ${other}`;
}

/** `40 m 150 kHz (75 %)`. */
export const overlapText = ({ name, width, share }: Overlap): string =>
  width === 0 ? `in ${name}` : `${name}: ${hz(width)} of it (${Math.round(share * 100)} %)`;

/** What each service is called where it stands beside others. */
export const SERVICE_WORDS = { amateur: "amateur", broadcasting: "broadcasting" } as const;

/** How a crystal's harmonic makes a range. */
export function sideText(harmonic: number, side: CrystalSide): string {
  const crystal = harmonic === 1 ? "crystal" : `${harmonic} × crystal`;
  return {
    sum: `${crystal} + tuned`,
    "crystal-less-tuning": `${crystal} − tuned`,
    "tuning-less-crystal": `tuned − ${crystal}`,
  }[side];
}

export const LICENCE = "Your licence decides what you may transmit on, never this table.";
