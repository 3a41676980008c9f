import { afterEach, describe, expect, it, vi } from "vitest";
import { draftSchema } from "@/core/kinds";
import { note, SET, VISIT } from "@/core/fixtures";
import { makeDraft, send } from "./send";

const draft = makeDraft(SET, VISIT, note("x"));

afterEach(() => vi.unstubAllGlobals());

const answer = (status: number, body: unknown) =>
  vi.stubGlobal(
    "fetch",
    vi.fn(async () => Response.json(body, { status })),
  );

describe("a draft", () => {
  it("is one that the log takes, with an id that grows with time", () => {
    expect(draftSchema.safeParse(draft).success).toBe(true);
    expect(makeDraft(SET, VISIT, note("y")).id > draft.id).toBe(true);
    expect(makeDraft(SET, VISIT, note("z"), { at: "2026-01-01T00:00:00Z" }).at).toBe("2026-01-01T00:00:00Z");
  });
});

describe("sending", () => {
  it("is saved when the server has the entry", async () => {
    const entry = { ...draft, recordedAt: draft.at, by: VISIT };
    answer(200, { entry });
    expect(await send(draft)).toEqual({ kind: "saved", entry });
  });

  it("is refused with the server's sentences", async () => {
    answer(422, { problems: [{ path: "at", message: "That lies in the future." }] });
    expect(await send(draft)).toEqual({
      kind: "refused",
      problems: [{ path: "at", message: "That lies in the future." }],
    });
    answer(400, {});
    expect(await send(draft)).toMatchObject({ kind: "refused" });
  });

  it("is not refused by a server that stumbles or cannot be reached: it is sent again", async () => {
    answer(500, { problems: [] });
    expect(await send(draft)).toEqual({ kind: "stumbled" });
    vi.stubGlobal(
      "fetch",
      vi.fn(async () => Promise.reject(new TypeError("failed"))),
    );
    expect(await send(draft)).toEqual({ kind: "unreachable" });
  });
});
