import net from "node:net";
import { answering, LONGEST_MESSAGE, standInMeter, switchedOn, type World } from "@/core/instruments";

/**
 * A stand-in for a meter: SCPI over a socket on loopback, with a set's circuit behind its probes.
 * @returns the port that it listens at, and how to end it
 */
export async function startStandIn(world: World, port = 0): Promise<{ port: number; close: () => Promise<void> }> {
  const device = standInMeter({ world, since: 0, power: true, now: () => Date.now(), random: Math.random });
  const speak = answering(device);
  // Everybody who talks to it talks to the same instrument.
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
