import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import { bodyUpTo, jsonIn, piecesOf, readSteadily, STALLED_MS, Stalled } from "./body";

const source = () => {
  let cancelled = false;
  const stream = new ReadableStream<Uint8Array>(
    {
      pull: (controller) => controller.enqueue(new Uint8Array(10)),
      cancel: () => void (cancelled = true),
    },
    { highWaterMark: 0 },
  );
  return { stream, cancelled: () => cancelled };
};

beforeEach(() => void vi.useFakeTimers());
afterEach(() => void vi.useRealTimers());

describe("a stream that goes out", () => {
  it("is given up when nobody ever reads it, and when a reader stops; its end is told once", async () => {
    for (const reads of [0, 1]) {
      const { stream, cancelled } = source();
      const onEnd = vi.fn();
      const reader = readSteadily(stream, onEnd).getReader();
      for (let n = 0; n < reads; n += 1) expect((await reader.read()).value?.length).toBe(10);
      await vi.advanceTimersByTimeAsync(STALLED_MS + 1);
      expect([cancelled(), onEnd.mock.calls.length]).toEqual([true, 1]);
      await expect(reader.read()).rejects.toThrow(Stalled);
    }
  });

  it("goes on as long as it is read, however slowly", async () => {
    const onEnd = vi.fn();
    const reader = readSteadily(source().stream, onEnd).getReader();
    for (let n = 0; n < 5; n += 1) {
      await vi.advanceTimersByTimeAsync(STALLED_MS - 1000);
      expect((await reader.read()).done).toBe(false);
    }
    expect(onEnd).not.toHaveBeenCalled();
    await reader.cancel();
    expect(onEnd).toHaveBeenCalledTimes(1);
  });
});

describe("a body that comes in", () => {
  const request = (body: BodyInit) =>
    new Request("http://127.0.0.1/", { method: "POST", body, duplex: "half" } as RequestInit);

  it("that stops coming is given up", async () => {
    const silent = new ReadableStream<Uint8Array>({ pull: () => new Promise(() => {}) });
    const read = piecesOf(request(silent)).next();
    const given = expect(read).rejects.toThrow(Stalled);
    await vi.advanceTimersByTimeAsync(STALLED_MS + 1);
    await given;
  });

  it("whose sender hangs up is given up, and is no failure", async () => {
    const torn = new ReadableStream<Uint8Array>({
      start: (controller) => controller.error(Object.assign(new Error("aborted"), { code: "ECONNRESET" })),
    });
    await expect(bodyUpTo(request(torn), 10)).rejects.toThrow(Stalled);
  });

  it("is read up to its limit, and as JSON where it is", async () => {
    expect(jsonIn(await bodyUpTo(request('{"a":1}'), 10))).toEqual({ a: 1 });
    expect(await bodyUpTo(request("x".repeat(11)), 10)).toBeUndefined();
    for (const text of ["", "{", "\u0001"]) expect(jsonIn(new TextEncoder().encode(text))).toBeUndefined();
    expect(jsonIn(new Uint8Array([0x22, 0xff, 0x22]))).toBeUndefined();
  });
});
