import {
  SETS,
  setLine,
  waveformOf,
  readAnswer,
  type SocketLink as Link,
  type Sets,
  type Waveform,
} from "@/core/instruments";
import { talk } from "./talk";

export type SetAnswer = { ok: true } | { ok: false; message: string };

/**
 * Sets a figure of an instrument, and asks whether it took it: a command that is wrong is answered by nothing but the
 * error queue.
 */
export async function setOn(name: string, link: Link, what: Sets, value: number): Promise<SetAnswer> {
  const line = setLine(link.profile, what, value);
  if (!line) return { ok: false, message: `${name} cannot be set: its profile has no command for ${SETS[what].text}.` };
  // What is in the queue from before is no answer to this. After a wrong command the rest of a line is not done.
  const sent = await talk(link, `*CLS;${line}`, false);
  const told = sent.ok ? await talk(link, "SYST:ERR?") : sent;
  if (!told.ok) return { ok: false, message: `${name}: ${told.message}. Set it by hand.` };
  const [, number, text = ""] = /^([+-]?\d+),"?([^"]*)"?/.exec(told.text.trim()) ?? [];
  if (number === undefined)
    return { ok: false, message: `${name} answered “${told.text.slice(0, 60)}” where its error queue was asked for.` };
  return Number(number) === 0 ? { ok: true } : { ok: false, message: `${name} refuses it: ${text} (${number}).` };
}

export type Captured = { ok: true; waveform: Waveform } | { ok: false; message: string };

/** Asks an oscilloscope for its trace. */
export async function captureFrom(name: string, link: Link): Promise<Captured> {
  const { wave, "wave-step": step, "wave-scale": scale } = link.profile.asks;
  if (!wave || !step || !scale)
    return { ok: false, message: `${name} gives no waveform: its profile has no commands for one.` };
  const figures: number[] = [];
  for (const [ask, unit] of [
    [step, "s"],
    [scale, "V"],
  ] as const) {
    const told = await talk(link, ask);
    if (!told.ok) return { ok: false, message: `${name}: ${told.message}.` };
    const read = readAnswer(told.text, unit);
    if (!read.ok) return { ok: false, message: `${name}: ${read.message}` };
    figures.push(read.value);
  }
  const told = await talk(link, wave);
  if (!told.ok) return { ok: false, message: `${name}: ${told.message}.` };
  const read = waveformOf(told.text, figures[0] ?? 0, figures[1] ?? 0);
  return read.ok ? read : { ok: false, message: `${name}: ${read.message}` };
}
