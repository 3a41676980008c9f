import { describe, expect, it } from "vitest";
import { ROLES, type Role } from "@/core/access";
import { addressOf } from "./address";
import { demand } from "./demand";
import type { Standing } from "./standing";

const who = (kind: "here" | "locked", access: Role, mustChange = false): Standing => ({
  kind,
  person: { id: "p", name: "Wren Okafor", access, retired: false, role: "", shop: "", shopId: null },
  sessionId: "s",
  token: "t",
  turnId: null,
  mustChange,
  lacksCode: false,
});

describe("what is demanded of whoever comes", () => {
  it("is a sign-in of a stranger, and an open screen of everybody", () => {
    expect(demand({ kind: "nobody" }, "see").denied?.status).toBe(401);
    for (const role of ROLES) expect(demand(who("locked", role), "own").denied?.status).toBe(401);
  });
  it("is a password of one's own before anything else", () => {
    expect(demand(who("here", "owner", true), "see").denied?.message).toContain("password of your own");
    expect(demand(who("here", "owner", true), "own").denied).toBeUndefined();
  });
  it("is a code from a phone where the shop asks everybody for one", () => {
    const lacks = { ...who("here", "owner"), lacksCode: true } as Standing;
    expect(demand(lacks, "see").denied?.message).toContain("code from a phone");
    expect(demand(lacks, "own").denied).toBeUndefined();
  });
  it("is the right, and the refusal names role and right", () => {
    expect(demand(who("here", "reader"), "bench").denied).toEqual({
      status: 403,
      message: "Reader: this role may not work on a set.",
    });
    expect(demand(who("here", "technician"), "bench").here).toBeDefined();
  });
  it("is nothing where the way is open to anyone; whoever is here is known all the same", () => {
    expect(demand({ kind: "nobody" }, "anyone")).toEqual({});
    expect(demand(who("here", "desk"), "anyone").here).toBeDefined();
  });
});

describe("where a request comes from", () => {
  const from = (forwarded?: string) =>
    addressOf(new Headers(forwarded === undefined ? {} : { "x-forwarded-for": forwarded }));
  it("is what the shop's own proxy wrote last", () => {
    expect(from("6.6.6.6, 192.168.1.20")).toBe("192.168.1.20");
    expect(from("192.168.1.20")).toBe("192.168.1.20");
  });
  it("is this machine where nobody forwarded it", () => {
    for (const here of [undefined, "", "127.0.0.1", "::1"]) expect(from(here)).toBe("this machine");
  });
});
