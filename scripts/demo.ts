import type { ChildProcess } from "node:child_process";
import { createHash } from "node:crypto";
import { existsSync, mkdirSync, readFileSync, rmSync, statSync, writeFileSync } from "node:fs";
import { createServer } from "node:net";
import path from "node:path";
import { parseArgs } from "node:util";
import { migrateDatabase } from "@/db/migrate";
import { alive, commandOf, ensureDatabase, folderOf, startCluster, Trouble, type Cluster } from "./cluster";
import { openOldDemo, seedWhenEmpty } from "./demo-data/seed";
import { secretIn } from "./secret";
import { build, end, ended, ROOT, serve } from "./server";
import { standInForDemo } from "./demo-instruments";

const say = (line: string) => console.log(line);

function options(): { port: number; reset: boolean; empty: boolean } {
  try {
    const { values } = parseArgs({
      options: {
        port: { type: "string", default: "3000" },
        reset: { type: "boolean", default: false },
        empty: { type: "boolean", default: false },
      },
    });
    const port = Number(values.port);
    if (!Number.isInteger(port) || port < 1 || port > 65535)
      throw new Trouble(`--port takes a number from 1 to 65535, not “${values.port}”.`);
    if (values.empty && values.reset)
      throw new Trouble("--reset makes the demo's data anew; a shop that began empty is never erased by it.");
    return { port, reset: values.reset, empty: values.empty };
  } catch (error) {
    if (error instanceof Trouble) throw error;
    throw new Trouble(`${(error as Error).message.split(".")[0]}. Usage: bin/demo [--port N] [--reset | --empty]`);
  }
}

/** Where the cluster lives: in the project, or, where root's project is closed to the database's user, beside the system's data. */
function dataFolder(): string {
  const own = path.join(ROOT, ".data");
  if (process.getuid?.() !== 0) return own;
  // Every folder above must let others pass.
  const closed = ROOT.split(path.sep).some((_, index, parts) => {
    const folder = parts.slice(0, index + 1).join(path.sep) || "/";
    return (statSync(folder).mode & 0o001) === 0;
  });
  if (!closed) return own;
  const elsewhere = path.join("/var/lib/jumelle", createHash("sha256").update(ROOT).digest("hex").slice(0, 12));
  say(`The database's user may not enter ${ROOT}; the database lives in ${elsewhere}.`);
  return elsewhere;
}

function portFree(port: number): Promise<void> {
  return new Promise((resolve, reject) => {
    const probe = createServer();
    probe.once("error", (error: NodeJS.ErrnoException) =>
      reject(
        new Trouble(
          error.code === "EACCES"
            ? `Port ${port} needs more rights than you have: choose one above 1023, like bin/demo --port 3001.`
            : `Port ${port} is in use. Choose another one: bin/demo --port ${port === 3000 ? 3001 : 3000}`,
        ),
      ),
    );
    probe.listen(port, "127.0.0.1", () => probe.close(() => resolve()));
  });
}

/** The server that an earlier start left behind when it was killed: ours by its command and its folder. */
async function endOrphan(pid: number): Promise<void> {
  if (pid === 0 || !/scripts\/serve\.ts|next-server/.test(commandOf(pid)) || folderOf(pid) !== ROOT) return;
  say("The application was still running from an earlier start; it is started anew.");
  // It led a group of its own (see start in server.ts); its workers hold the port.
  process.kill(-pid, "SIGKILL");
  for (let tries = 0; tries < 40 && commandOf(pid) !== ""; tries += 1)
    await new Promise((resolve) => setTimeout(resolve, 100));
}

/** Refuses a second start on the same data, forgets a pid file that was left behind, and writes a new one. */
async function claim(data: string, port: number): Promise<string> {
  const file = path.join(data, "demo.pid");
  try {
    mkdirSync(data, { recursive: true, mode: 0o755 });
    const [pid = "0", itsPort = "", server = "0"] = existsSync(file)
      ? readFileSync(file, "utf8").trim().split(" ")
      : [];
    if (Number(pid) !== process.pid && commandOf(Number(pid)).includes("scripts/demo.ts"))
      throw new Trouble(
        `Jumelle is running already: http://127.0.0.1:${itsPort} (process ${pid}). Stop that one first.`,
      );
    await endOrphan(Number(server));
    writeFileSync(file, `${process.pid} ${port}\n`);
    return file;
  } catch (error) {
    if (error instanceof Trouble) throw error;
    throw new Trouble(
      `${data} cannot be written to (${(error as NodeJS.ErrnoException).code}). Start as the user who owns it, or clone the project where you may write.`,
    );
  }
}

let cluster: Cluster | undefined;
let child: ChildProcess | undefined;
let stopping = false;
let stateFile: string | undefined;
const track = (started: ChildProcess) => (child = started);

/** The stand-in listens so far above the application: at 5025 where that is at 3000. */
const STAND_IN = 2025;

/** How often the database is looked after, ms. */
const LOOK_MS = 1000;
/** A database that dies so often in a minute does not want to live. */
const MOST_RESTARTS = 5;

/** Starts the database again when it has died: the application finds it at the port that it had. */
async function lookAfter(): Promise<void> {
  const restarts: number[] = [];
  while (!stopping) {
    await new Promise((resolve) => setTimeout(resolve, LOOK_MS));
    if (stopping || !cluster || alive(cluster.pid)) continue;
    const now = Date.now();
    restarts.push(now);
    if (restarts.filter((at) => now - at < 60_000).length > MOST_RESTARTS)
      return void shutDown(1, "The database keeps dying: see server.log in its folder.");
    say("The database has ended; it is started again.");
    try {
      cluster = await startCluster(cluster.folder, say, [], cluster.port);
    } catch (error) {
      say(`It did not start: ${(error as Error).message}`);
    }
  }
}

async function shutDown(code: number, word?: string): Promise<never> {
  if (!stopping) {
    stopping = true;
    if (word) say(word);
    await end(child);
    cluster?.stop();
    if (stateFile) rmSync(stateFile, { force: true });
    process.exit(code);
  }
  return new Promise(() => {});
}

async function main(): Promise<void> {
  const { port, reset, empty } = options();
  const external = process.env.DATABASE_URL;
  if (external && reset)
    throw new Trouble(
      "--reset erases only a database that bin/demo made itself. Empty the one in DATABASE_URL by hand, then start again.",
    );
  let url = external;
  const data = external ? "" : dataFolder();
  if (!external) stateFile = await claim(data, port);
  await portFree(port);
  if (!url) {
    cluster = await startCluster(path.join(data, "pg"), say);
    // A shop of one's own lies beside the demo's, and neither touches the other.
    const name = empty ? "shop" : "jumelle";
    await ensureDatabase(cluster.url("postgres"), name, reset);
    url = cluster.url(name);
  }
  await migrateDatabase(url, path.join(ROOT, "drizzle"));
  if (!empty && (await seedWhenEmpty(url, new Date()))) say("The demo shop is loaded.");
  if (!empty) await openOldDemo(url);
  if (cluster) url = cluster.appUrl(empty ? "shop" : "jumelle");
  await build(track, say);
  if (stopping) return;
  const known = (started: ChildProcess) => {
    track(started);
    if (stateFile) writeFileSync(stateFile, `${process.pid} ${port} ${started.pid}\n`);
  };
  const server = await serve(port, url, known, {
    secret: secretIn(data || path.join(ROOT, ".data")),
    ...(empty ? { shop: "" } : { demo: true }),
  });
  say(`\nJumelle is open at http://127.0.0.1:${port}\nCtrl-C stops it; the data stays.`);
  const standIn = empty ? undefined : await standInForDemo(url, port + STAND_IN);
  if (standIn)
    say(`Its meter “Bench digital” is a stand-in at 127.0.0.1:${standIn}: Baseline of job 1187 walks with it.`);
  if (!empty) say("It is the demo: you are signed in as its lead technician, and may be anybody else by one click.");
  if (cluster) void lookAfter();
  await ended(server);
  if (!stopping) await shutDown(1, "The application ended by itself.");
}

for (const signal of ["SIGINT", "SIGTERM", "SIGHUP"] as const)
  process.on(signal, () => void shutDown(0, "\nStopping…"));

main().catch(async (error: unknown) => {
  if (stopping) return;
  console.error(error instanceof Trouble ? error.message : error);
  await shutDown(1);
});
