import net from "node:net";
import { LONGEST_MESSAGE, type SocketLink as Link } from "@/core/instruments";

/** What came of a line to an instrument: its answer, or why there is none. */
export type Told = { ok: true; text: string } | { ok: false; message: string };

/** A socket that nobody used for so long is closed, ms: the instrument is free for others then. */
const IDLE_MS = 3000;
/** An instrument that cannot be reached is given up after so long, ms. */
const REACH_MS = 2000;

type Line = { socket: net.Socket; text: string; ended?: string };

/** Open sockets by address: one talker at a time. */
const lines = new Map<string, Promise<Line>>();
const turns = new Map<string, Promise<unknown>>();

const keyOf = ({ host, port }: Link): string => `${host} ${port}`;

const reasonOf = (code: string | undefined): string =>
  code === "ECONNREFUSED"
    ? "nothing listens there: is it switched on, and is its socket?"
    : code === "ENOTFOUND"
      ? "the network does not know this name"
      : code === "EHOSTUNREACH" || code === "ENETUNREACH"
        ? "it is not in reach"
        : "it does not answer";

function open({ host, port }: Link): Promise<Line> {
  return new Promise((resolve, reject) => {
    const socket = net.connect({ host, port });
    const line: Line = { socket, text: "" };
    const late = setTimeout(() => socket.destroy(new Error("late")), REACH_MS);
    socket.setEncoding("latin1");
    socket.setNoDelay(true);
    socket.setTimeout(IDLE_MS, () => socket.destroy());
    socket.on("data", (piece: string) => void (line.text = (line.text + piece).slice(-LONGEST_MESSAGE)));
    socket.on("close", () => void (line.ended ??= "it was unplugged or switched off"));
    socket.once("connect", () => {
      clearTimeout(late);
      resolve(line);
    });
    socket.on("error", (error: NodeJS.ErrnoException) => {
      clearTimeout(late);
      line.ended = reasonOf(error.code);
      reject(new Error(line.ended));
    });
  });
}

/** Where an answer ends: behind its line, or behind the bytes of a block, which may hold anything. */
function endOf(text: string): number {
  const digits = /^#([1-9])/.exec(text)?.[1];
  if (digits === undefined) return text.indexOf("\n");
  const head = 2 + Number(digits);
  if (text.length < head) return -1;
  const length = Number(text.slice(2, head));
  if (!Number.isInteger(length) || length > LONGEST_MESSAGE) return text.indexOf("\n");
  return text.length > head + length ? text.indexOf("\n", head + length) : -1;
}

/** The next whole answer that comes, or why none does. */
function answerOn(line: Line, within: number): Promise<Told> {
  const until = Date.now() + within;
  return new Promise((resolve) => {
    const look = () => {
      const end = endOf(line.text);
      if (end >= 0) {
        const text = line.text.slice(0, end).replace(/\r$/, "");
        const rest = line.text.slice(end + 1);
        line.text = "";
        // A second answer belongs to no question that was asked now.
        return resolve(rest.trim() === "" ? { ok: true, text } : { ok: true, text: `${text};${rest.trim()}` });
      }
      if (line.ended !== undefined) return resolve({ ok: false, message: line.ended });
      if (Date.now() >= until) return resolve({ ok: false, message: `it did not answer within ${within / 1000} s` });
      return void setTimeout(look, 2);
    };
    look();
  });
}

async function say(link: Link, message: string, answers: boolean): Promise<Told> {
  const key = keyOf(link);
  const had = await lines.get(key)?.catch(() => undefined);
  const fresh = !had || had.ended !== undefined || had.socket.destroyed;
  const opening = fresh ? open(link) : Promise.resolve(had);
  lines.set(key, opening);
  let line: Line;
  try {
    line = await opening;
  } catch (error) {
    lines.delete(key);
    return { ok: false, message: (error as Error).message };
  }
  // Whatever came before the question is no answer to it.
  line.text = "";
  if (fresh && link.profile.begin) line.socket.write(`${link.profile.begin}\n`, "latin1");
  line.socket.write(`${message}\n`, "latin1");
  if (!answers) return { ok: true, text: "" };
  const told = await answerOn(line, link.profile.answersWithin);
  // An answer that comes too late would be taken for the next one: the socket goes with it.
  if (!told.ok) {
    line.socket.destroy();
    lines.delete(key);
  }
  return told;
}

/**
 * Says a line to an instrument of the shop's list, one talker at a time.
 * @param answers is an answer expected?
 */
export function talk(link: Link, message: string, answers = true): Promise<Told> {
  const key = keyOf(link);
  const mine = (turns.get(key) ?? Promise.resolve()).then(() => say(link, message, answers));
  turns.set(
    key,
    mine.catch(() => undefined),
  );
  return mine;
}

/** Closes every socket. */
export async function hangUp(): Promise<void> {
  const open = [...lines.values()];
  lines.clear();
  for (const one of open) (await one.catch(() => undefined))?.socket.destroy();
}
