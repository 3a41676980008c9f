import { existsSync, readFileSync } from "node:fs";
import path from "node:path";
import { request } from "node:http";
import { ROOT } from "../server";
import type { Chance } from "./chance";
import type { Shop } from "./shop";

const readJson = <T>(file: string): T => JSON.parse(readFileSync(path.join(ROOT, ".next", file), "utf8")) as T;

/** Every route of the build, and every server action. */
function targets(): { routes: string[]; actions: string[] } {
  const routes = Object.values(readJson<Record<string, string>>("app-path-routes-manifest.json")).filter(
    // A line that stays open by its nature is no answer that one waits for.
    (route) => !route.startsWith("/_") && !route.endsWith("/changes"),
  );
  const manifest = "server/server-reference-manifest.json";
  const actions = existsSync(path.join(ROOT, ".next", manifest))
    ? Object.keys(readJson<{ node: Record<string, unknown> }>(manifest).node)
    : [];
  return { routes, actions };
}

const ODD = [
  "",
  "x",
  "null",
  "%",
  "%00",
  "%ED%A0%80",
  "..%2F..%2Fetc",
  "constructor",
  "__proto__",
  "1e400",
  "-1",
  "99999999999999999999",
  "01890000-0000-7000-8000-000000000001",
  "JP00001A7",
  "1102",
  "a b",
  "%F0%9F%94%A7",
  "'; drop table person; --",
  "x".repeat(3000),
];
const ODD_JSON = [
  "",
  "{",
  "[]",
  "[null]",
  "{}",
  "null",
  "true",
  "0",
  '"text"',
  "[[[[[[]]]]]]",
  '[{"id":1}]',
  '["x",{"a":null},3]',
  '{"__proto__":{"a":1}}',
  '{"kind":"constructor","payload":{"v":1}}',
  '{"kind":"reading","payload":{"v":1,"lineVolts":1e-320}}',
  '[{"name":"\\u0000","version":1}]',
  '["\\ud83d"]',
  `["${"x".repeat(20_000)}"]`,
  `${"[".repeat(3000)}`,
  '{"setId":[],"kind":{}}',
  "[-1,1e308,1e-320,null]",
  '[[["a"],["b","c"]],0]',
  "\u0000\u0001",
  "<html>",
  "a=b&c=d",
];
const METHODS = ["GET", "GET", "GET", "POST", "POST", "POST", "PATCH", "PUT", "DELETE", "HEAD", "OPTIONS", "TRACE"];

type Odd = { method: string; path: string; headers: Record<string, string>; body?: string };

function oddRequest({ routes, actions }: ReturnType<typeof targets>, host: string, cookie: string, draw: Chance): Odd {
  // A file that comes in starts a process of its own: that route has its own trial, and few of these.
  const drawn = draw.of(routes);
  const chosen = drawn === "/api/sets/import" && draw.below(10) > 0 ? draw.of(routes) : drawn;
  const route = chosen.replaceAll(/\[[^\]]+\]/g, () => encodeURI(draw.of(ODD)).replaceAll("%25", "%"));
  const query =
    draw.below(3) === 0
      ? `?${draw.of(["q", "tab", "step", "codes", "months", "id", "table"])}=${draw.of(ODD).replaceAll(" ", "+")}&q=${draw.below(9)}&q=b`
      : "";
  const headers: Record<string, string> = {
    host: draw.below(12) === 0 ? draw.of(["evil.example", "a b", "127.0.0.1"]) : host,
    cookie,
  };
  if (draw.below(6) === 0) headers.origin = draw.of(["http://evil.example", "null", "x", `http://${host}`]);
  if (draw.below(6) === 0)
    headers.cookie = draw.of(["", "jumelle-theme=%00", cookie.slice(0, -9), `${cookie}x; jumelle-theme=y`, "=;=", "a"]);
  if (draw.below(8) === 0)
    headers["content-type"] = draw.of([
      "application/json",
      "multipart/form-data",
      "text/plain",
      "multipart/form-data; boundary=x",
      "x/y",
    ]);
  if (draw.below(10) === 0) headers.range = draw.of(["bytes=0-1", "bytes=9-1", "x"]);
  if (draw.below(10) === 0) headers["rsc"] = "1";
  const action = draw.below(3) === 0 && actions.length > 0;
  if (action) {
    headers["next-action"] = draw.of([...actions, ...actions, "0".repeat(42)]);
    headers["content-type"] ??= "text/plain;charset=UTF-8";
    headers.origin ??= `http://${host}`;
    return { method: "POST", path: draw.of(["/", "/parts", "/shop"]), headers, body: draw.of(ODD_JSON) };
  }
  const method = draw.of(METHODS);
  return {
    method,
    path: `${route}${query}`,
    headers,
    ...(method === "GET" || method === "HEAD" ? {} : { body: draw.of(ODD_JSON) }),
  };
}

type Answer = { status: number; ms: number };

/**
 * Sends a request as it is, without a client that mends it.
 * @returns its status, 0 when the connection was closed, and how long it took until the answer began
 */
function send(port: number, { method, path: at, headers, body }: Odd): Promise<Answer> {
  const from = Date.now();
  return new Promise((done) => {
    let began = 0;
    const resolve = (status: number) => done({ status, ms: (began || Date.now()) - from });
    let asked;
    try {
      asked = request({ host: "127.0.0.1", port, method, path: at, headers, timeout: 20_000 }, (answer) => {
        began = Date.now();
        answer.resume();
        answer.on("end", () => resolve(answer.statusCode ?? 0));
        answer.on("error", () => resolve(0));
      });
    } catch {
      // Node itself does not let such an address out.
      return resolve(400);
    }
    asked.on("timeout", () => asked.destroy());
    asked.on("error", () => resolve(0));
    asked.end(body);
    return undefined;
  });
}

export type Requests = { requests: number; failed: string[]; hangs: string[]; slowest: number };

/**
 * Odd requests over every route and every action, some at a time. An answer of 500, or none in time, is a finding.
 * @param longest time that an answer may take, ms
 */
export async function oddRequests(shop: Shop, draw: Chance, count: number, longest: number): Promise<Requests> {
  const all = targets();
  const { host, port } = new URL(shop.url());
  // The first answers of a server that has just started are no measure.
  for (const page of ["/", "/shop", "/parts", "/sets", "/bench/1102", "/reference"])
    await (await shop.ask(page)).arrayBuffer();
  const failed = new Set<string>();
  const hangs = new Set<string>();
  let slowest = 0;
  let left = count;
  const one = async () => {
    while (left > 0) {
      left -= 1;
      // Among the actions are those that sign out and lock the screen.
      if (left % 40 === 0) await shop.enter();
      const odd = oddRequest(all, host, shop.cookie, draw);
      const { status, ms: took } = await send(Number(port), odd);
      if (!odd.path.startsWith("/api/sets/import")) slowest = Math.max(slowest, took);
      const said = `${odd.method} ${odd.path.slice(0, 80)} ${odd.headers["next-action"]?.slice(0, 8) ?? ""} ${(odd.body ?? "").slice(0, 60)}: ${status} in ${took} ms`;
      if (status >= 500 || status === 0) failed.add(said);
      // Taking a file in is work of a process of its own; what counts is that the others do not wait for it.
      if (took > longest && !odd.path.startsWith("/api/sets/import")) hangs.add(said);
    }
  };
  await Promise.all([one(), one(), one(), one()]);
  return { requests: count, failed: [...failed], hangs: [...hangs], slowest };
}
