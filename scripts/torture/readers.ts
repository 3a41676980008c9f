import { connect, type Socket } from "node:net";
import type { Shop } from "./shop";

export type Readers = { readers: number; board: number; memory: number };

/** Downloads of the archive that nobody reads, and senders that stop in the middle; the Board is asked for meanwhile. */
export async function slowReaders(shop: Shop, readers: number): Promise<Readers> {
  const { port, host } = new URL(shop.url());
  const sockets: Socket[] = [];
  for (let n = 0; n < readers; n += 1) {
    const socket = connect(Number(port), "127.0.0.1");
    socket.on("error", () => {});
    socket.pause();
    if (n % 2 === 0) socket.write(`GET /api/archive HTTP/1.1\r\nHost: ${host}\r\nCookie: ${shop.cookie}\r\n\r\n`);
    else
      socket.write(
        `POST /api/sets/import HTTP/1.1\r\nHost: ${host}\r\nCookie: ${shop.cookie}\r\nContent-Length: 50000000\r\n\r\n{"format":"jumelle-set-file"`,
      );
    sockets.push(socket);
  }
  let [board, memory] = [0, 0];
  for (let n = 0; n < 20; n += 1) {
    const from = Date.now();
    const answer = await shop.ask();
    await answer.arrayBuffer();
    board = Math.max(board, answer.ok ? Date.now() - from : Infinity);
    memory = Math.max(memory, shop.memory());
    await new Promise((resolve) => setTimeout(resolve, 100));
  }
  for (const socket of sockets) socket.destroy();
  return { readers, board, memory };
}
