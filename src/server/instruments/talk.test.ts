import net from "node:net";
import { afterEach, describe, expect, it, vi } from "vitest";
import { OPEN_LEADS, PROFILES, type SocketLink as Link, type World } from "@/core/instruments";
import { startStandIn } from "../../../scripts/instruments-server";
import { readFrom } from "./read";
import { hangUp, talk } from "./talk";

const WORLD: World = { ...OPEN_LEADS, volts: (point) => (point === "B+" ? 248 : 0), points: ["B+"] };
const ends: (() => Promise<void>)[] = [];
afterEach(async () => {
  await hangUp();
  for (const end of ends.splice(0)) await end();
});

const linkTo = (port: number, within = 300): Link => ({
  host: "127.0.0.1",
  port,
  profile: { ...PROFILES.measure!, answersWithin: within },
  standIn: true,
});
async function standIn(): Promise<Link> {
  const { port, close } = await startStandIn(WORLD);
  ends.push(close);
  return linkTo(port);
}
/** An instrument that answers lines as it is told. */
async function odd(answer: (line: string, socket: net.Socket) => void): Promise<Link> {
  const server = net.createServer((socket) => {
    socket.on("error", () => undefined);
    socket.on("data", (piece) => answer(piece.toString("latin1").trim(), socket));
  });
  await new Promise<void>((resolve) => server.listen(0, "127.0.0.1", resolve));
  ends.push(() => new Promise((resolve) => void server.close(() => resolve())));
  return linkTo((server.address() as net.AddressInfo).port);
}

describe("an instrument over a socket", () => {
  it("tells the range that it is on where that is asked for, or that it does not", async () => {
    const link = await standIn();
    await talk(link, 'STAN:PROB "B+"', false);
    await talk(link, "STAN:POW ON", false);
    await vi.waitFor(async () =>
      expect(await readFrom("Meter", link, "volts-dc", true)).toMatchObject({
        value: expect.closeTo(248, 0),
        range: 1000,
      }),
    );
    const silent = await odd((line, socket) => void (line.startsWith("MEAS") && socket.write("12.5\n")));
    expect(await readFrom("Meter", silent, "volts-dc", true)).toEqual({
      ok: true,
      value: 12.5,
      unit: "V",
      range: null,
    });
  });

  it("says who it is, and reads where its probe is", async () => {
    const link = await standIn();
    expect(await talk(link, "*IDN?")).toEqual({ ok: true, text: "Jumelle,Stand-in meter,0,1" });
    await talk(link, 'STAN:PROB "B+"', false);
    await new Promise((resolve) => setTimeout(resolve, 1500));
    const read = await readFrom("Bench digital", link, "volts-dc");
    expect(read.ok && Math.abs(read.value - 248) < 0.5 && read.unit).toBe("V");
  });

  it("is talked to by one at a time: every question gets its own answer", async () => {
    const link = await odd((line, socket) => {
      for (const one of line.split("\n")) setTimeout(() => socket.write(`${one.trim()} V\n`), Math.random() * 20);
    });
    const asked = Array.from({ length: 30 }, (_, index) => String(index));
    const told = await Promise.all(asked.map((one) => talk(link, one)));
    expect(told.map((one) => (one.ok ? one.text : one.message))).toEqual(asked.map((one) => `${one} V`));
  });

  it("that answers too late is given up, and its late answer is not taken for the next one", async () => {
    const link = await odd((line, socket) => setTimeout(() => socket.write(`${line}\n`), line === "slow" ? 500 : 1));
    expect(await talk(link, "slow")).toEqual({ ok: false, message: "it did not answer within 0.3 s" });
    expect(await talk(link, "quick")).toEqual({ ok: true, text: "quick" });
  });

  it("that answers twice, in another unit, with a comma or not at all gets a sentence", async () => {
    const answers: Record<string, string> = { A: "1.0\n2.0\n", B: "4.7 kOhm\n", C: "248,1\n", D: "+9.900000E+37\n" };
    const link = await odd((line, socket) => void socket.write(answers[line] ?? "\n"));
    const said = async (question: string) => {
      const profile = { ...link.profile, asks: { "volts-dc": question } };
      const read = await readFrom("Bench digital", { ...link, profile }, "volts-dc");
      return read.ok ? String(read.value) : read.message;
    };
    expect(await said("A")).toMatch(/^Bench digital: The instrument answered more than once/);
    expect(await said("B")).toMatch(/answered in kOhm, and V was asked for/);
    expect(await said("C")).toMatch(/comma for a point/);
    expect(await said("D")).toMatch(/Overload/);
    expect(await said("E")).toMatch(/answered nothing/);
    expect(await readFrom("Bench digital", link, "watts")).toMatchObject({
      message: "Bench digital cannot read power.",
    });
  });

  it("unplugged in the middle a hundred times loses nothing but that reading, with a sentence each time", async () => {
    let asked = 0;
    const link = await odd((line, socket) => {
      asked += 1;
      if (asked % 2 === 1) return void socket.destroy();
      socket.write("12.5\n");
      return undefined;
    });
    for (let turn = 0; turn < 100; turn += 1) {
      expect(await readFrom("Bench digital", link, "volts-dc")).toMatchObject({
        ok: false,
        message: "Bench digital: it was unplugged or switched off. Type the figure instead.",
      });
      expect(await readFrom("Bench digital", link, "volts-dc")).toMatchObject({ ok: true, value: 12.5 });
    }
  });

  it("where nothing listens says so", async () => {
    const { port, close } = await startStandIn(WORLD);
    await close();
    expect(await talk(linkTo(port), "*IDN?")).toMatchObject({
      ok: false,
      message: "nothing listens there: is it switched on, and is its socket?",
    });
  });

  it("as the stand-in bears 10,000 malformed lines and answers the next question", async () => {
    const link = await standIn();
    const socket = net.connect(link.port, "127.0.0.1");
    const signs = 'MEAS:VOLT? *;,"#0129.ekV+-\\';
    let seed = 7;
    const next = () => (seed = (seed * 48_271) % 2_147_483_647);
    for (let line = 0; line < 10_000; line += 1) {
      const text = Array.from({ length: next() % 40 }, () => signs[next() % signs.length]).join("");
      if (!socket.write(`${text}\n`)) await new Promise((resolve) => socket.once("drain", resolve));
    }
    socket.resume();
    socket.end();
    await new Promise((resolve) => socket.once("close", resolve));
    expect(await talk(link, "*CLS;*OPC?")).toEqual({ ok: true, text: "1" });
  });
});
