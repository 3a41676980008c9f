import { describe, expect, it } from "vitest";
import { contentPolicy, hostsFrom, onceEach, refusalOf } from "./guard";

const asked = (headers: Record<string, string>, method = "GET", url = "/api/entries") =>
  refusalOf({ method, url, headers }, hostsFrom("bench.example:3000, 192.168.1.7"))?.status;

describe("what is asked of every request", () => {
  it.each([
    ["127.0.0.1:3000", undefined],
    ["localhost", undefined],
    ["[::1]:3000", undefined],
    ["bench.example:3000", undefined],
    ["192.168.1.7:3000", undefined],
    ["bench.example:4000", 421],
    ["rebound.example:3000", 421],
    ["127.0.0.1.rebound.example", 421],
    ["", 421],
    ["a b", 421],
  ])("a host %s is answered: %s", (host, status) => expect(asked({ host })).toBe(status));

  it("a write comes from a page of this shop", () => {
    const host = "127.0.0.1:3000";
    expect(asked({ host, origin: "http://127.0.0.1:3000" }, "POST")).toBeUndefined();
    for (const origin of ["http://elsewhere.example", "null", "http://127.0.0.1:4000"])
      expect(asked({ host, origin }, "POST")).toBe(403);
    // A name that was pointed at this machine, with an origin to match.
    expect(asked({ host: "rebound.example", origin: "http://rebound.example" }, "POST")).toBe(421);
  });

  it("methods and addresses that no page of ours uses are refused", () => {
    const host = "localhost:3000";
    for (const method of ["TRACE", "DELETE", "PUT", "CONNECT", "x"]) expect(asked({ host }, method)).toBe(405);
    expect(asked({ host }, "POST", "/shop")).toBe(405);
    expect(asked({ host, "next-action": "a1" }, "POST", "/shop")).toBeUndefined();
    for (const url of ["/sets/%", "/sets?q=%00", "/sets?q=%ED%A0%80"]) expect(asked({ host }, "GET", url)).toBe(400);
    expect(asked({ host }, "GET", "/sets?q=%C2%B5F+100%25")).toBeUndefined();
  });

  it("of a name that is given twice the first counts", () => {
    expect(onceEach("/sets?q=a&q=b&tab=life")).toBe("/sets?q=a&tab=life");
    expect(onceEach("/sets?q=a%26b")).toBe("/sets?q=a%26b");
    expect(onceEach("/sets")).toBe("/sets");
  });

  it("scripts of a page are those of this shop alone", () => {
    expect(contentPolicy("abc")).toContain("script-src 'self' 'nonce-abc';");
    expect(contentPolicy("abc")).toContain("frame-ancestors 'none'");
  });
});
