import net from "node:net";
import { afterEach, describe, expect, it } from "vitest";
import { KIND_PROFILES, measureTrace, setWorld, type InstrumentKind, type SocketLink } from "@/core/instruments";
import { MADE_UP_SETS } from "@/core/practice";
import { circuitSheet } from "@/core/visit";
import { startStandIns, type StandIns } from "../../../scripts/instruments-server";
import { readFrom } from "./read";
import { captureFrom, setOn } from "./set";
import { hangUp, talk } from "./talk";

const ends: (() => Promise<unknown>)[] = [];
afterEach(async () => {
  await hangUp();
  for (const end of ends.splice(0)) await end();
});

async function bench(): Promise<StandIns> {
  const { sheet } = MADE_UP_SETS.lantern!;
  const started = await startStandIns(setWorld(circuitSheet(sheet))!, sheet);
  ends.push(started.close);
  return started;
}
const linkTo = (kind: InstrumentKind, port: number): SocketLink => ({
  ...{ host: "127.0.0.1", port, standIn: true },
  profile: { ...KIND_PROFILES[kind], answersWithin: 1000 },
});

describe("an instrument that is set", () => {
  it("takes what it is given, and what it refuses is said in its own words", async () => {
    const generator = linkTo("generator", (await bench()).generator);
    expect(await setOn("Generator", generator, "hertz", 455e3)).toEqual({ ok: true });
    expect(await talk(generator, "FREQ?")).toEqual({ ok: true, text: "+4.550000E+05" });
    expect(await setOn("Generator", generator, "am", 30)).toEqual({ ok: true });
    expect(await setOn("Generator", generator, "fm", 3000)).toEqual({
      ok: false,
      message: expect.stringMatching(/^Generator refuses it: Settings conflict/),
    });
    expect(await setOn("Generator", generator, "volts", 1e6)).toMatchObject({
      message: expect.stringContaining("Data out of range"),
    });
    // What was refused before is no answer to what is right now.
    expect(await setOn("Generator", generator, "output", 1)).toEqual({ ok: true });
    expect(await talk(generator, "OUTP?")).toEqual({ ok: true, text: "1" });
  });

  it("is told by a sentence where it has no such command, is gone, or answers something else", async () => {
    const { counter } = await bench();
    expect(await setOn("Counter", linkTo("counter", counter), "hertz", 1)).toMatchObject({
      message: expect.stringContaining("has no command for frequency"),
    });
    const server = net.createServer((socket) => {
      socket.on("error", () => undefined);
      socket.on("data", () => socket.write("good morning\n"));
    });
    await new Promise<void>((resolve) => server.listen(0, "127.0.0.1", resolve));
    const { port } = server.address() as net.AddressInfo;
    expect(await setOn("Odd one", linkTo("generator", port), "hertz", 1000)).toMatchObject({
      message: expect.stringContaining("“good morning”"),
    });
    await hangUp();
    await new Promise((resolve) => server.close(resolve));
    expect(await setOn("Gone", linkTo("generator", port), "hertz", 1000)).toMatchObject({
      ok: false,
      message: expect.stringContaining("Set it by hand"),
    });
  });

  it("is seen by the others: the trace and the supply's limit", async () => {
    const ports = await bench();
    const generator = linkTo("generator", ports.generator);
    await setOn("Generator", generator, "hertz", 400);
    await setOn("Generator", generator, "volts", 0.02);
    await setOn("Generator", generator, "output", 1);
    const scope = linkTo("oscilloscope", ports.oscilloscope);
    const captured = await captureFrom("Scope", scope);
    const figures = captured.ok ? measureTrace(captured.waveform) : undefined;
    expect(figures?.hertz).toBeCloseTo(400, 0);
    expect(figures?.rms).toBeGreaterThan(0.1);
    // A block may hold the byte that ends a line: the next question has its own answer.
    for (let times = 0; times < 10; times += 1) expect((await captureFrom("Scope", scope)).ok).toBe(true);
    expect(await talk(scope, "*IDN?")).toEqual({ ok: true, text: "Jumelle,Stand-in oscilloscope,0,1" });
    expect(await captureFrom("Generator", generator)).toMatchObject({ ok: false });
    const supply = linkTo("supply", ports.supply);
    await setOn("Supply", supply, "volts", 12);
    await setOn("Supply", supply, "amps", 0.1);
    await setOn("Supply", supply, "output", 1);
    const amps = await readFrom("Supply", supply, "amps-dc");
    expect(amps.ok && amps.value).toBeCloseTo(0.1, 3);
  });
});
