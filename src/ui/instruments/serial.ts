import { readAnswer, READS, type Reads, type SerialLink } from "@/core/instruments";

/** What came of a question to an instrument. */
export type Asked = { ok: true; value: number; range?: number | null } | { ok: false; message: string };

/** The part of Web Serial that is used here; browsers without it have no `navigator.serial`. */
type Port = {
  open: (how: { baudRate: number }) => Promise<void>;
  close: () => Promise<void>;
  readable: ReadableStream<Uint8Array> | null;
  writable: WritableStream<Uint8Array> | null;
};
type Serial = { requestPort: () => Promise<Port> };

type Line = {
  port: Port;
  reader: ReadableStreamDefaultReader<Uint8Array>;
  text: string;
  waiting?: (() => void) | undefined;
  ended?: string;
  /** a question was not answered in time: until then its answer may still come */
  lateUntil?: number | undefined;
};

/** Open ports by the instrument that they are for. */
const lines = new Map<string, Line>();
export const isOpen = (id: string): boolean => lines.has(id);

const decoder = new TextDecoder("latin1");
/** An answer that is late by more than so many times its time does not come any more. */
const LATE = 3;

async function listen(id: string, line: Line): Promise<void> {
  try {
    for (;;) {
      const { value, done } = await line.reader.read();
      if (done) break;
      line.text += decoder.decode(value, { stream: true });
      line.waiting?.();
    }
    line.ended = "its port was closed";
  } catch {
    line.ended = "it was unplugged or switched off";
  }
  lines.delete(id);
  line.waiting?.();
}

/** Asks the person at the bench for the port of an instrument, and opens it. It needs their press of a button. */
export async function openSerial(
  id: string,
  { serial: { baud }, profile }: SerialLink,
): Promise<{ ok: true } | { ok: false; message: string }> {
  const serial = (navigator as { serial?: Serial }).serial;
  if (!serial)
    return { ok: false, message: "This browser has no serial ports for pages: use one that has, or type the figures." };
  let port: Port;
  try {
    port = await serial.requestPort();
  } catch {
    return { ok: false, message: "No port was chosen, or it was refused: type the figures, or choose one." };
  }
  try {
    await port.open({ baudRate: baud });
    const reader = port.readable?.getReader();
    if (!reader) throw new Error("nothing to read");
    const line: Line = { port, reader, text: "" };
    lines.set(id, line);
    void listen(id, line);
    if (profile.begin) await send(line, profile.begin);
    return { ok: true };
  } catch {
    return { ok: false, message: "The port could not be opened: something else may hold it." };
  }
}

async function send({ port }: Line, text: string): Promise<void> {
  const writer = port.writable?.getWriter();
  if (!writer) throw new Error("nothing to write to");
  try {
    await writer.write(new TextEncoder().encode(`${text}\n`));
  } finally {
    writer.releaseLock();
  }
}

/** Waits for a whole line. */
function answerOn(line: Line, within: number): Promise<string | undefined> {
  return new Promise((resolve) => {
    const end = (text: string | undefined) => {
      clearTimeout(late);
      line.waiting = undefined;
      resolve(text);
    };
    const look = () => {
      const at = line.text.indexOf("\n");
      if (at >= 0) {
        const [text, rest] = [line.text.slice(0, at).trim(), line.text.slice(at + 1).trim()];
        line.text = "";
        // A second answer belongs to no question that was asked now.
        return end(rest === "" ? text : `${text};${rest}`);
      }
      return line.ended === undefined ? undefined : end(undefined);
    };
    const late = setTimeout(() => end(undefined), within);
    line.waiting = look;
    look();
  });
}

/** Asks an instrument at a serial port for one figure, and for its range where that is wanted; one question at a time. */
export async function askSerial(
  id: string,
  name: string,
  link: SerialLink,
  what: Reads,
  ranged = false,
): Promise<Asked> {
  const asked = await figureOf(id, name, link, what, link.profile.asks[what]);
  if (!asked.ok || !ranged) return asked;
  const range = await figureOf(id, name, link, what, link.profile.ranges?.[what]);
  return { ...asked, range: range.ok && range.value > 0 ? range.value : null };
}

/** The figure that answers a question. */
async function figureOf(
  id: string,
  name: string,
  { profile }: SerialLink,
  what: Reads,
  question: string | undefined,
): Promise<Asked> {
  const line = lines.get(id);
  if (!line) return { ok: false, message: `${name}: its serial port is not open. Open it, or type the figure.` };
  if (!question) return { ok: false, message: `${name} cannot read ${READS[what].text}.` };
  if (line.waiting) return { ok: false, message: `${name} is being asked already.` };
  // A late answer would be taken for the next one: nothing is asked before it came, or cannot come any more.
  if (line.lateUntil !== undefined && performance.now() < line.lateUntil && !line.text.includes("\n"))
    return { ok: false, message: `${name} has not answered the question before yet. Type the figure, or wait.` };
  line.lateUntil = undefined;
  try {
    // Whatever came before the question is no answer to it.
    line.text = "";
    await send(line, question);
  } catch {
    return { ok: false, message: `${name}: it was unplugged or switched off. Type the figure instead.` };
  }
  const told = await answerOn(line, profile.answersWithin);
  if (told === undefined) {
    line.lateUntil = performance.now() + LATE * profile.answersWithin;
    return {
      ok: false,
      message: `${name}: ${line.ended ?? `it did not answer within ${profile.answersWithin / 1000} s`}. Type the figure instead.`,
    };
  }
  const read = readAnswer(told, READS[what].unit);
  return read.ok ? read : { ok: false, message: `${name}: ${read.message}` };
}

/** Closes the port of an instrument. */
export async function closeSerial(id: string): Promise<void> {
  const line = lines.get(id);
  lines.delete(id);
  await line?.reader.cancel().catch(() => undefined);
  await line?.port.close().catch(() => undefined);
}
