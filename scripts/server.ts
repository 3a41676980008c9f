import { spawn, type ChildProcess } from "node:child_process";
import { createHash } from "node:crypto";
import { existsSync, readdirSync, readFileSync, statSync, writeFileSync } from "node:fs";
import path from "node:path";
import { bundleChildren, childrenAre } from "./children";
import { Trouble } from "./cluster";

export const ROOT = path.resolve(import.meta.dirname, "..");
const NEXT = path.join(ROOT, "node_modules/next/dist/bin/next");
const STAMP = path.join(ROOT, ".next/jumelle-build");
const CHILDREN = path.join(ROOT, ".next/children");

const SOURCES = ["src", "public", "package-lock.json", "next.config.ts", "postcss.config.mjs", "tsconfig.json"];

function filesBelow(entry: string): string[] {
  const full = path.join(ROOT, entry);
  if (!existsSync(full)) return [];
  if (statSync(full).isFile()) return [entry];
  return readdirSync(full).flatMap((name) => filesBelow(path.join(entry, name)));
}

function sourcesHash(): string {
  const hash = createHash("sha256");
  for (const file of SOURCES.flatMap(filesBelow)
    .filter((name) => !/\.(test|bench)\.ts$/.test(name))
    .sort())
    hash.update(file).update(readFileSync(path.join(ROOT, file)));
  return hash.digest("hex");
}

/** Children are put in a group of their own, so that Ctrl-C reaches them through us and in order. */
export function start(
  args: string[],
  env: Record<string, string>,
  output: "inherit" | "ignore" = "inherit",
  errors: "inherit" | "ignore" = "inherit",
): ChildProcess {
  return spawn(process.execPath, args, {
    cwd: ROOT,
    env: { ...process.env, NEXT_TELEMETRY_DISABLED: "1", ...env },
    stdio: ["ignore", output, errors],
    detached: true,
  });
}

export const ended = (child: ChildProcess): Promise<number> =>
  new Promise((resolve) => {
    if (child.exitCode !== null || child.signalCode !== null) resolve(child.exitCode ?? 1);
    else child.once("exit", (code) => resolve(code ?? 1));
  });

/** Ends a child and whatever it started, and waits for it. */
export async function end(child: ChildProcess | undefined): Promise<void> {
  if (!child?.pid || child.exitCode !== null || child.signalCode !== null) return;
  const gone = ended(child);
  process.kill(-child.pid, "SIGTERM");
  const patience = setTimeout(() => child.pid && process.kill(-child.pid, "SIGKILL"), 8000);
  await gone;
  clearTimeout(patience);
}

/** Builds the application when its sources changed since the last build. */
export async function build(track: (child: ChildProcess) => void, say: (line: string) => void): Promise<void> {
  const hash = sourcesHash();
  const built = existsSync(path.join(ROOT, ".next/BUILD_ID")) && childrenAre(CHILDREN);
  if (built && existsSync(STAMP) && readFileSync(STAMP, "utf8") === hash) return;
  say("Building the application…");
  const child = start([NEXT, "build"], {}, "ignore");
  track(child);
  if ((await ended(child)) !== 0) throw new Trouble("The build failed: see the message above.");
  await bundleChildren(ROOT, CHILDREN);
  writeFileSync(STAMP, hash);
}

/** What the application's own objects may take; heavy work is done in processes of its own. */
const MEMORY_MB = 400;

/** The name on a printed record, unless `SHOP_NAME` gives another. */
const DEMO_SHOP = "Saltmarsh Wireless Repair, Eastholm";

type Serving = {
  /** what the shop is called until somebody has said so */
  shop?: string;
  /** its failures are meant, and not printed */
  quiet?: boolean;
  /** signs cookies and PINs */
  secret: string;
  /** a demo signs everybody in; its database has to say so too */
  demo?: boolean;
};

/** Serves the build and waits until it answers. */
export async function serve(
  port: number,
  databaseUrl: string,
  track: (child: ChildProcess) => void,
  { shop = DEMO_SHOP, quiet = false, secret, demo = false }: Serving,
): Promise<ChildProcess> {
  const child = start(
    [`--max-old-space-size=${MEMORY_MB}`, "--import", "tsx", path.join(ROOT, "scripts/serve.ts"), String(port)],
    {
      SHOP_NAME: process.env.SHOP_NAME ?? shop,
      DATABASE_URL: databaseUrl,
      NODE_ENV: "production",
      JUMELLE_SECRET: secret,
      JUMELLE_CHILDREN: CHILDREN,
      JUMELLE_DEMO: demo ? "yes" : "no",
    },
    "ignore",
    quiet ? "ignore" : "inherit",
  );
  track(child);
  for (let tries = 0; tries < 240; tries += 1) {
    if (child.exitCode !== null) throw new Trouble("The application did not start: see the message above.");
    const answer = await fetch(`http://127.0.0.1:${port}/api/health`).catch(() => undefined);
    if (answer?.ok) return child;
    await new Promise((resolve) => setTimeout(resolve, 250));
  }
  throw new Trouble("The application did not answer within a minute.");
}
