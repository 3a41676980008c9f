import { afterEach, describe, expect, it, vi } from "vitest";
import { PROFILES, type SerialLink } from "@/core/instruments";
import { askSerial, closeSerial, isOpen, openSerial } from "./serial";

const LINK: SerialLink = {
  serial: { baud: 9600 },
  profile: { ...PROFILES.measure!, answersWithin: 60 },
  standIn: false,
};

/** A browser with one serial port, at whose other end lines are answered as a test says. */
function browser(answer: (line: string, say: (text: string) => void, pull: () => void) => void) {
  const sent: string[] = [];
  const port = () => {
    let out: ReadableStreamDefaultController<Uint8Array> | undefined;
    return {
      open: async () => undefined,
      close: async () => undefined,
      readable: new ReadableStream<Uint8Array>({ start: (controller) => void (out = controller) }),
      writable: new WritableStream<Uint8Array>({
        write: (bytes) => {
          const line = new TextDecoder().decode(bytes).trim();
          sent.push(line);
          answer(
            line,
            (text) => {
              // What is said to a port that was closed is lost.
              try {
                out?.enqueue(new TextEncoder().encode(text));
              } catch {
                return;
              }
            },
            () => out?.error(new Error("gone")),
          );
        },
      }),
    };
  };
  vi.stubGlobal("navigator", { serial: { requestPort: async () => port() } });
  return sent;
}
afterEach(async () => {
  await closeSerial("m");
  vi.unstubAllGlobals();
});
const ask = () => askSerial("m", "Meter", LINK, "volts-dc");

describe("a meter at a serial port", () => {
  it("is asked a line and reads its answer, also where that comes in pieces", async () => {
    const sent = browser((_line, say) => {
      say("+2.48");
      setTimeout(() => say("1000E+02\r\n"), 5);
    });
    expect(await openSerial("m", { ...LINK, profile: { ...LINK.profile, begin: "SYST:REM" } })).toEqual({ ok: true });
    expect(await ask()).toEqual({ ok: true, value: 248.1 });
    expect(sent).toEqual(["SYST:REM", "MEAS:VOLT:DC?"]);
  });

  it("tells its range where that is asked for", async () => {
    browser((line, say) => say(line.includes("RANG") ? "1.0E+03\n" : "+2.481000E+02\n"));
    await openSerial("m", LINK);
    expect(await askSerial("m", "Meter", LINK, "volts-dc", true)).toEqual({ ok: true, value: 248.1, range: 1000 });
    const bare = { ...LINK, profile: { ...LINK.profile, ranges: {} } };
    expect(await askSerial("m", "Meter", bare, "volts-dc", true)).toEqual({ ok: true, value: 248.1, range: null });
  });

  it("takes no late answer for the next one, and no two at once", async () => {
    let count = 0;
    browser((_line, say) => {
      count += 1;
      if (count === 1) setTimeout(() => say("1.0\n"), 110);
      else say(count === 2 ? "2.0\n3.0\n" : "4.0\n");
    });
    await openSerial("m", LINK);
    expect(await ask()).toMatchObject({ ok: false, message: expect.stringContaining("did not answer") });
    // Its answer is on the way still: it would be taken for that of the next question.
    expect(await ask()).toMatchObject({ ok: false, message: expect.stringContaining("question before") });
    await new Promise((resolve) => setTimeout(resolve, 100));
    expect(await ask()).toMatchObject({ ok: false, message: expect.stringContaining("more than once") });
    expect(await ask()).toEqual({ ok: true, value: 4 });
  });

  it("says so where it is refused, not there, unplugged, or cannot read that", async () => {
    vi.stubGlobal("navigator", {});
    expect(await openSerial("m", LINK)).toMatchObject({
      ok: false,
      message: expect.stringContaining("no serial ports"),
    });
    vi.stubGlobal("navigator", { serial: { requestPort: () => Promise.reject(new Error("no")) } });
    expect(await openSerial("m", LINK)).toMatchObject({ ok: false, message: expect.stringContaining("refused") });
    expect(await ask()).toMatchObject({ ok: false, message: expect.stringContaining("not open") });
    browser((_line, _say, pull) => pull());
    await openSerial("m", LINK);
    expect(await askSerial("m", "Meter", LINK, "watts")).toMatchObject({ message: "Meter cannot read power." });
    expect(await ask()).toMatchObject({ ok: false, message: expect.stringContaining("unplugged") });
    expect(isOpen("m")).toBe(false);
  });
});
