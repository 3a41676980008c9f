import { v7 } from "uuid";
import type { ReportInput } from "@/reports/input";
import { runChild } from "./child";
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
const MEMORY_MB = 1024;

// The development server loads modules again on every change; the jobs outlive them.
const global = globalThis as typeof globalThis & { jumelleReports?: Map<string, Job> };
const jobs = (): Map<string, Job> => (global.jumelleReports ??= new Map());

export type Status = { state: Job["state"]; progress: number; message?: string };

/** Why no report can be begun now; undefined when one can. Asked before anything is gathered for it. */
export function reportsBusy(): string | undefined {
  const now = Date.now();
  for (const [id, job] of jobs()) if (now - job.at > KEPT_MS) jobs().delete(id);
  const working = [...jobs().values()].filter(({ state }) => state === "working").length;
  return working >= MOST_AT_ONCE ? `${MOST_AT_ONCE} reports are being made already: try again in a moment.` : undefined;
}

/** Begins a report in a process of its own; its input is gathered first, and the place is held meanwhile. */
export function startReport(
  gather: () => Promise<{ input: ReportInput; name: string } | undefined>,
): Promise<string | undefined> {
  const id = v7();
  const job: Job = { state: "working", progress: 0, name: "report.pdf", at: Date.now() };
  jobs().set(id, job);
  return gather().then(
    (gathered) => {
      if (gathered) {
        job.name = gathered.name;
        void make(job, gathered.input);
        return id;
      }
      jobs().delete(id);
      return undefined;
    },
    (error: unknown) => {
      jobs().delete(id);
      throw error;
    },
  );
}

async function make(job: Job, input: ReportInput): Promise<void> {
  try {
    job.pdf = await runChild({
      script: "reports/main.mts",
      input: JSON.stringify(input),
      memoryMb: MEMORY_MB,
      longestMs: LONGEST_MS,
      onSaid: (text) => {
        const progress = [...text.matchAll(/^progress (\d+)$/gm)].at(-1)?.[1];
        if (progress) job.progress = Number(progress) / 100;
      },
    });
    job.progress = 1;
    job.state = "done";
  } catch (error) {
    job.state = "failed";
    job.message = `The report could not be made. Reference ${logFailure("report", error)}.`;
  }
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
