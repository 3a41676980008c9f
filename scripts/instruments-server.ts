import net from "node:net";
import {
  answering,
  atAntenna,
  atAudio,
  audioOf,
  LONGEST_MESSAGE,
  SILENT,
  standInCounter,
  standInGenerator,
  standInMeter,
  standInOscilloscope,
  standInPowerMeter,
  standInSupply,
  switchedOn,
  TABLE_SUPERHET,
  type Desk,
  type Device,
  type JoinedTo,
  type World,
} from "@/core/instruments";
import { circuitOf } from "@/core/diagnosis";
import type { Sheet } from "@/core/model";
import { circuitSheet } from "@/core/visit";

type Listening = { port: number; close: () => Promise<void> };

/** An instrument at a socket on loopback. Everybody who talks to it talks to the same one. */
async function listen<S>(device: Device<S>, port: number): Promise<Listening> {
  const speak = answering(device);
  let now = switchedOn(device);
  const sockets = new Set<net.Socket>();
  const server = net.createServer((socket) => {
    sockets.add(socket);
    socket.setEncoding("latin1");
    let waiting = "";
    socket.on("data", (piece: string) => {
      waiting += piece;
      if (waiting.length > 2 * LONGEST_MESSAGE) return void socket.destroy();
      for (let end = waiting.indexOf("\n"); end >= 0; end = waiting.indexOf("\n")) {
        const line = waiting.slice(0, end).replace(/\r$/, "");
        waiting = waiting.slice(end + 1);
        const done = speak(now, line);
        now = done.now;
        if (done.answer !== undefined) socket.write(`${done.answer}\n`, "latin1");
      }
      return undefined;
    });
    socket.on("error", () => undefined);
    socket.on("close", () => sockets.delete(socket));
  });
  await new Promise<void>((resolve, reject) => {
    server.once("error", reject);
    server.listen(port, "127.0.0.1", resolve);
  });
  const at = server.address();
  return {
    port: typeof at === "object" && at ? at.port : port,
    close: () =>
      new Promise((resolve) => {
        for (const socket of sockets) socket.destroy();
        server.close(() => resolve());
      }),
  };
}

/** A stand-in for a meter: SCPI over a socket on loopback, with a set's circuit behind its probes. */
export const startStandIn = (world: World, port = 0): Promise<Listening> =>
  listen(standInMeter({ world, since: 0, power: true, now: () => Date.now(), random: Math.random }), port);

/** The output transformer of a table set, primary to secondary. */
const TURNS = 40;
/** What is above this goes to the antenna socket, Hz; what is below to the audio. */
const RF_FROM = 100e3;

/** What the generator does to a set: its audio by its circuit, its reception as that of a table superhet. */
function joinedTo(sheet: Sheet): JoinedTo {
  const { circuit } = circuitOf(sheet);
  const tubeOf = (kind: string) => circuit.stages.find((stage) => stage.kind === kind)?.tubes[0];
  const [af, output] = [tubeOf("af"), tubeOf("output")];
  const ratio = af && output ? audioOf(circuitSheet(sheet), `${af}.grid`, `${output}.plate`) : undefined;
  const audio = atAudio(ratio ?? (() => 40), TURNS);
  const antenna = atAntenna(TABLE_SUPERHET);
  const at = ({ hertz }: { hertz: number }) => (hertz < RF_FROM ? audio : antenna);
  return { out: (drive) => at(drive).out(drive), hertz: (drive) => at(drive).hertz(drive) };
}

export type StandIns = {
  meter: number;
  generator: number;
  counter: number;
  "power meter": number;
  oscilloscope: number;
  supply: number;
  close: () => Promise<void>;
};

/**
 * A whole bench of stand-ins, each at a socket of its own on loopback: what the generator gives, the others see.
 * @param port of the meter; the others follow it. 0: whatever is free
 */
export async function startStandIns(world: World, sheet: Sheet, port = 0): Promise<StandIns> {
  const desk: Desk = {
    drive: SILENT,
    changed: 0,
    supply: { volts: 0, amps: 0.1, on: false },
    loadOhms: 47,
    joined: joinedTo(sheet),
    now: () => Date.now(),
    random: Math.random,
  };
  const seen: World = {
    ...world,
    ac: () => ({ volts: desk.joined.out(desk.drive), hertz: desk.joined.hertz(desk.drive), since: desk.changed }),
  };
  const at = (offset: number) => (port === 0 ? 0 : port + offset);
  const started: Listening[] = [];
  const start = async <S>(device: Device<S>, offset: number) => {
    const one = await listen(device, at(offset));
    started.push(one);
    return one.port;
  };
  const close = async () => void (await Promise.all(started.map((one) => one.close())));
  try {
    const bench = { world: seen, since: 0, power: true, now: desk.now, random: desk.random };
    return {
      meter: await start(standInMeter(bench), 0),
      generator: await start(standInGenerator(desk), 1),
      counter: await start(standInCounter(desk), 2),
      "power meter": await start(standInPowerMeter(desk), 3),
      oscilloscope: await start(standInOscilloscope(desk), 4),
      supply: await start(standInSupply(desk), 5),
      close,
    };
  } catch (error) {
    await close();
    throw error;
  }
}
