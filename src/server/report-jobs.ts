import { spawn } from "node:child_process";
import path from "node:path";
import { v7 } from "uuid";
import type { ReportInput } from "@/reports/input";
import { logFailure } from "./log";

/** A report in the making, or made: it is kept for a while so that it can be fetched. */
type Job = {
  state: "working" | "done" | "failed";
  progress: number;
  name: string;
  pdf?: Buffer;
  message?: string;
  at: number;
};

const KEPT_MS = 10 * 60_000;
/** So many reports are made at once; more wait for their turn at the button. */
const MOST_AT_ONCE = 3;
const LONGEST_MS = 5 * 60_000;

// The development server loads modules again on every change; the jobs outlive them.
const global = globalThis as typeof globalThis & { jumelleReports?: Map<string, Job> };
const jobs = (): Map<string, Job> => (global.jumelleReports ??= new Map());

export type Status = { state: Job["state"]; progress: number; message?: string };
export type Started = { ok: true; id: string } | { ok: false; message: string };

/** Begins a report in a process of its own: however long its log is, the application stays free. */
export function startReport(input: ReportInput, name: string): Started {
  const now = Date.now();
  for (const [id, job] of jobs()) if (now - job.at > KEPT_MS) jobs().delete(id);
  if ([...jobs().values()].filter(({ state }) => state === "working").length >= MOST_AT_ONCE)
    return { ok: false, message: `${MOST_AT_ONCE} reports are being made already: try again in a moment.` };
  const id = v7();
  const job: Job = { state: "working", progress: 0, name, at: now };
  jobs().set(id, job);
  const root = process.cwd();
  const child = spawn(process.execPath, ["--import", "tsx", path.join(root, "src/reports/main.mts")], {
    cwd: root,
    stdio: ["pipe", "pipe", "pipe"],
  });
  const timer = setTimeout(() => child.kill(), LONGEST_MS);
  const pdf: Buffer[] = [];
  let said = "";
  const fail = (error: unknown) => {
    clearTimeout(timer);
    if (job.state !== "working") return;
    job.state = "failed";
    job.message = `The report could not be made. Reference ${logFailure("report", error)}.`;
  };
  child.stdout.on("data", (chunk: Buffer) => pdf.push(chunk));
  child.stderr.on("data", (chunk: Buffer) => {
    const text = chunk.toString("utf8");
    said = `${said}${text}`.slice(-4000);
    const progress = [...text.matchAll(/^progress (\d+)$/gm)].at(-1)?.[1];
    if (progress) job.progress = Number(progress) / 100;
  });
  child.on("error", fail);
  child.on("close", (code) => {
    clearTimeout(timer);
    if (code !== 0) return fail(new Error(`report process ended with ${code ?? "a signal"}: ${said}`));
    job.pdf = Buffer.concat(pdf);
    job.progress = 1;
    job.state = "done";
    return undefined;
  });
  child.stdin.on("error", fail);
  child.stdin.end(JSON.stringify(input));
  return { ok: true, id };
}

/** How far a report is; undefined when there is none by that name any more. */
export function reportStatus(id: string): Status | undefined {
  const job = jobs().get(id);
  return job
    ? { state: job.state, progress: job.progress, ...(job.message ? { message: job.message } : {}) }
    : undefined;
}

/** A report that is made. */
export function reportFile(id: string): { pdf: Buffer; name: string } | undefined {
  const job = jobs().get(id);
  return job?.pdf ? { pdf: job.pdf, name: job.name } : undefined;
}
