import { isSerial, type Link, type Reads, type Sets, type Waveform } from "@/core/instruments";
import { askSerial, type Asked } from "./serial";

/** An instrument of the shop that can be asked: a meter, or one beside the meters. */
export type Speaking = { id: string; name: string; link: Link | null };
/** Where it is listed: meters have a list of their own. */
export type Listed = "meters" | "instruments";

const UNREACHABLE = "The server cannot be reached: type the figure instead.";

async function answerOf<T extends object>(
  address: string,
  init?: RequestInit,
): Promise<T | { ok: false; message: string }> {
  try {
    const answer = await fetch(address, { cache: "no-store", ...init });
    const said = (await answer.json()) as T | { message?: string };
    if (answer.ok) return said as T;
    return { ok: false, message: ("message" in said && said.message) || "The instrument cannot be asked." };
  } catch {
    return { ok: false, message: UNREACHABLE };
  }
}

/** What an instrument reads now. @param ranged the range that it is on is asked for too */
export function askFor(list: Listed, one: Speaking, what: Reads, ranged = false): Promise<Asked> {
  if (one.link && isSerial(one.link)) return askSerial(one.id, one.name, one.link, what, ranged);
  return answerOf<Asked>(`/api/${list}/${one.id}/reading?what=${what}${ranged ? "&range=yes" : ""}`);
}

type Done = { ok: true } | { ok: false; message: string };

/** Sets a figure of an instrument. */
export const setFigure = (one: Speaking, what: Sets, value: number): Promise<Done> =>
  answerOf<Done>(`/api/instruments/${one.id}/set`, { method: "POST", body: JSON.stringify({ what, value }) });

/** The trace of an oscilloscope. */
export const captureOf = (one: Speaking): Promise<{ ok: true; waveform: Waveform } | { ok: false; message: string }> =>
  answerOf(`/api/instruments/${one.id}/waveform`);

/** The hand of a stand-in: where its probe is, or whether its set is on. */
export const hand = (id: string, what: { point: string } | { power: boolean }): Promise<unknown> =>
  fetch(`/api/meters/${id}/hand`, { method: "POST", body: JSON.stringify(what) }).catch(() => undefined);
