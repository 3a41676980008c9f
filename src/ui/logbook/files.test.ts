import { afterEach, describe, expect, it, vi } from "vitest";
import { LARGEST_FILE } from "@/core/log";
import { hideFile, sendFile } from "./files";

const ENTRY = "01890000-0000-7000-8000-000000001001";
const file = (name: string, size: number) => new File([new Uint8Array(size)], name, { type: "image/jpeg" });
const answer = (status: number, body: unknown) => {
  const asked = vi.fn(async (_address: string, _init?: RequestInit) => Response.json(body, { status }));
  vi.stubGlobal("fetch", asked);
  return asked;
};

afterEach(() => vi.unstubAllGlobals());

describe("a file on its way", () => {
  it("goes to its entry with an id of its own and its name", async () => {
    const attachment = { id: "a", entryId: ENTRY, name: "R7 & C14.jpg" };
    const asked = answer(200, { attachment });
    expect(await sendFile(ENTRY, file("R7 & C14.jpg", 10))).toEqual({ ok: true, attachment });
    const address = new URL(asked.mock.calls[0]?.[0] ?? "", "http://127.0.0.1");
    expect(address.pathname).toBe(`/api/entries/${ENTRY}/attachments`);
    expect(address.searchParams.get("name")).toBe("R7 & C14.jpg");
    expect(address.searchParams.get("id")).toMatch(/^[0-9a-f-]{36}$/);
  });
  it("is not sent when it is too large, and the sentence says how large it is", async () => {
    const asked = answer(200, {});
    const sent = await sendFile(ENTRY, file("huge.jpg", LARGEST_FILE + 1));
    expect(sent).toEqual({
      ok: false,
      message: expect.stringContaining("“huge.jpg” is 13 MB; at most 12 MB are taken"),
    });
    expect(asked).not.toHaveBeenCalled();
  });
  it("brings the server's sentence back, or its own when there is none", async () => {
    answer(422, { problems: [{ message: "whatever its name says" }] });
    expect(await sendFile(ENTRY, file("a.png", 3))).toEqual({ ok: false, message: "whatever its name says" });
    answer(500, {});
    expect(await sendFile(ENTRY, file("a.png", 3))).toEqual({ ok: false, message: "“a.png” was not taken." });
    vi.stubGlobal(
      "fetch",
      vi.fn(async () => Promise.reject(new TypeError("failed"))),
    );
    expect(await sendFile(ENTRY, file("a.png", 3))).toMatchObject({
      ok: false,
      message: expect.stringContaining("the server cannot be reached"),
    });
  });
});

it("is hidden and brought back by one word, and a failure is one", async () => {
  const asked = answer(200, { hidden: true });
  expect(await hideFile("a", true)).toBe(true);
  expect(asked.mock.calls[0]?.[0]).toBe("/api/attachments/a?hidden=yes");
  answer(404, {});
  expect(await hideFile("a", false)).toBe(false);
});
