import { readFileSync } from "node:fs";
import path from "node:path";
import { v7 } from "uuid";
import { afterAll, beforeAll, beforeEach, describe, expect, it, vi } from "vitest";
import { ACTIONS, may, PAGES, ROLES, ROUTES, type Asked, type Role } from "@/core/access";
import { person } from "@/db/schema";
import { lockSession } from "@/db/sessions";
import { standing } from "@/server/access/standing";
import { freshDatabase, openShop, signedIn } from "./shop";

let held: Awaited<ReturnType<typeof freshDatabase>>;
/** Cookies by role; nobody has none, and the screen of one device is locked. */
const cookies = new Map<Role | "nobody" | "locked", string>([["nobody", ""]]);
const ids = new Map<Role | "locked", string>();
let current = "";

vi.mock("next/headers", () => ({
  headers: async () => new Headers({ cookie: current, host: "127.0.0.1:3000" }),
  cookies: async () => ({ get: () => undefined, set: () => undefined, getAll: () => [] }),
}));
vi.mock("next/cache", () => ({ revalidatePath: () => undefined }));

beforeAll(async () => {
  held = await freshDatabase();
  await openShop(held.db);
  vi.stubEnv("DATABASE_URL", held.url);
  for (const role of [...ROLES, "locked"] as const) {
    const id = v7();
    await held.db.insert(person).values({ id, name: `the ${role}`, access: role === "locked" ? "owner" : role });
    ids.set(role, id);
  }
});
afterAll(async () => {
  vi.unstubAllEnvs();
  await held.close();
});
// Among what is tried are signing out and locking the screen.
beforeEach(async () => {
  current = "";
  for (const [role, id] of ids) cookies.set(role, await signedIn(id));
  const locked = await standing(new Headers({ cookie: cookies.get("locked") ?? "" }));
  if (locked.kind === "here") await lockSession(held.db, locked.sessionId, true);
});

const VISITORS = ["nobody", "locked", ...ROLES] as const;
type Visitor = (typeof VISITORS)[number];

/** What a visitor is to be told: let through, not signed in, or not allowed. */
const expected = (who: Visitor, asked: Asked): "in" | 401 | 403 => {
  if (asked === "anyone") return "in";
  if (who === "nobody" || who === "locked") return 401;
  return may(who, asked) ? "in" : 403;
};

describe("every route, for every role", () => {
  type Handler = (request: Request, given: { params: Promise<object> }) => Promise<Response>;
  const modules = import.meta.glob<Record<string, unknown>>("../../src/app/api/**/route.ts", { eager: true });
  const handlers = Object.entries(modules).flatMap(([file, exported]) =>
    ["GET", "HEAD", "POST", "PUT", "PATCH", "DELETE", "OPTIONS"].flatMap((method) => {
      const handle = exported[method];
      const address = file.replace("../../src/app", "").replace("/route.ts", "");
      return typeof handle === "function" ? [{ name: `${method} ${address}`, method, handle: handle as Handler }] : [];
    }),
  );

  it("is in the table, and the table has no other", () => {
    expect(handlers.map(({ name }) => name).sort()).toEqual(Object.keys(ROUTES).sort());
  });

  it.each(handlers)("$name", async ({ name, method, handle }) => {
    const asked = ROUTES[name as keyof typeof ROUTES];
    const answers = await Promise.all(
      VISITORS.map(async (who) => {
        const ids = { id: "none", token: "none", table: "none" };
        const request = new Request(`http://127.0.0.1:3000${name.split(" ")[1]}`, {
          method,
          headers: { host: "127.0.0.1:3000", cookie: cookies.get(who) ?? "" },
          ...(method === "GET" || method === "HEAD" ? {} : { body: "{" }),
        });
        const answer = await handle(request, { params: Promise.resolve(ids) });
        await answer.body?.cancel();
        return [who, answer.status === 401 || answer.status === 403 ? answer.status : "in"];
      }),
    );
    expect(answers).toEqual(VISITORS.map((who) => [who, expected(who, asked)]));
  });
});

describe("every server action, for every role", () => {
  const sources = import.meta.glob<string>("../../src/features/**/actions.ts", {
    eager: true,
    query: "?raw",
    import: "default",
  });
  const modules = import.meta.glob<Record<string, (...given: unknown[]) => Promise<unknown>>>(
    "../../src/features/**/actions.ts",
    { eager: true },
  );
  /** An action is named where it calls `action`, itself or by a helper of its file. */
  const named = Object.entries(sources).flatMap(([file, source]) => {
    const helpers = new Map(
      [...source.matchAll(/^const (\w+) = \([^]{0,120}?\) =>\s+action\(\s*"([^"]+)"/gm)].map(
        ([, helper = "", name = ""]) => [helper, name] as const,
      ),
    );
    return source
      .split(/^export async function /m)
      .slice(1)
      .map((text) => {
        const own = /\b(?:action|kept)\(\s*"([^"]+)"/.exec(text)?.[1];
        const helper = [...helpers.keys()].find((one) => new RegExp(`\\b${one}\\(`).test(text));
        const name = /^\w+/.exec(text)?.[0] ?? "";
        return { file, name, action: own ?? helpers.get(helper ?? "") ?? "" };
      });
  });

  it("has its line in the table, and the table has no other", () => {
    expect([...new Set(named.map(({ action }) => action))].sort()).toEqual(Object.keys(ACTIONS).sort());
    for (const [file, exported] of Object.entries(modules))
      expect(Object.keys(exported).sort()).toEqual(
        named.flatMap((one) => (one.file === file ? [one.name] : [])).sort(),
      );
  });

  it.each(named)("$name", async ({ file, name, action }) => {
    vi.spyOn(console, "error").mockImplementation(() => undefined);
    const asked = ACTIONS[action as keyof typeof ACTIONS];
    const act = modules[file]?.[name];
    for (const who of VISITORS) {
      current = cookies.get(who) ?? "";
      const answer = ((await act?.(undefined, undefined, undefined)) ?? {}) as { message?: string; problems?: unknown };
      const said = `${answer.message ?? ""}${JSON.stringify(answer.problems ?? "")}`;
      const denied = /this role may not/.test(said) ? 403 : /Sign in first|screen is locked/.test(said) ? 401 : "in";
      expect([who, denied]).toEqual([who, expected(who, asked)]);
    }
    vi.restoreAllMocks();
  });
});

describe("every page", () => {
  const pages = Object.entries(
    import.meta.glob<string>("../../src/app/**/page.tsx", { eager: true, query: "?raw", import: "default" }),
  ).map(([file, source]) => ({
    address: file.replace("../../src/app", "").replace(/\/?page\.tsx$/, "") || "/",
    source,
  }));

  it("is in the table, and the table has no other", () => {
    expect(pages.map(({ address }) => address).sort()).toEqual(Object.keys(PAGES).sort());
  });

  it.each(pages)("$address lets somebody on before it reads anything", ({ address, source }) => {
    if (PAGES[address as keyof typeof PAGES] === "anyone") return;
    const body = source.slice(source.indexOf("export default"));
    const [, first = ""] = /\) \{\n([^\n]+)\n/.exec(body) ?? [];
    expect(first).toContain(`await enter("${address}")`);
    // Nothing about a set, a person or a part stands in a title that is made before somebody is let on.
    const title = /generateMetadata[^]*?\n\}/.exec(source)?.[0] ?? "";
    expect(title).not.toMatch(/database\(/);
  });

  it("is guarded by its layout alone nowhere: a layout is not asked again when pages change", () => {
    const layout = readFileSync(path.resolve(import.meta.dirname, "../../src/app/layout.tsx"), "utf8");
    expect(layout).not.toContain("enter(");
  });
});
