import { spawn } from "node:child_process";
import { setPriority } from "node:os";
import path from "node:path";

type Work = {
  /** the script, below src */
  script: string;
  args?: readonly string[];
  /** what goes in at its standard input */
  input?: string;
  /** the most memory that its objects may take, MB */
  memoryMb: number;
  longestMs: number;
  /** hears what it says on the way */
  onSaid?: (text: string) => void;
};

/** A process ended in another way than by doing its work. */
export class ChildFailed extends Error {
  constructor(
    readonly why: "time" | "ended",
    message: string,
  ) {
    super(message);
  }
}

/** Work that takes longer than this gives way to pages; what is short is done at once, ms. */
const LONG_MS = 1500;
/** It then has about a tenth of the turns of a page that wants the processor at the same time (0 is as all others). */
const BEHIND = 10;

/** A script as the build laid it down, in one file; where nothing was built, as it stands in src. */
const scriptOf = (root: string, script: string): string[] =>
  process.env.JUMELLE_CHILDREN
    ? [path.join(process.env.JUMELLE_CHILDREN, script.replace(/\.mts$/, ".mjs"))]
    : ["--import", "tsx", path.join(root, "src", script)];

/** Puts a process behind the others. Where the system does not allow it, it works as it is. */
function giveWay(pid: number | undefined): void {
  try {
    if (pid !== undefined) setPriority(pid, BEHIND);
  } catch {
    // It has ended already, or this system has no priorities.
  }
}

/**
 * Does heavy work in a process of its own: however much time or memory it takes, the application stays free, and a
 * process that takes too much of either is ended. Work that takes long gives way to pages.
 * @returns what it wrote to its standard output
 */
export function runChild({ script, args = [], input = "", memoryMb, longestMs, onSaid }: Work): Promise<Buffer> {
  const root = process.cwd();
  return new Promise((resolve, reject) => {
    const child = spawn(process.execPath, [`--max-old-space-size=${memoryMb}`, ...scriptOf(root, script), ...args], {
      cwd: root,
      stdio: ["pipe", "pipe", "pipe"],
    });
    const behind = setTimeout(() => giveWay(child.pid), LONG_MS);
    let late = false;
    const timer = setTimeout(() => {
      late = true;
      child.kill("SIGKILL");
    }, longestMs);
    const out: Buffer[] = [];
    let said = "";
    child.stdout.on("data", (piece: Buffer) => out.push(piece));
    child.stderr.on("data", (piece: Buffer) => {
      const text = piece.toString("utf8");
      said = `${said}${text}`.slice(-4000);
      onSaid?.(text);
    });
    child.on("error", (error) => {
      clearTimeout(timer);
      clearTimeout(behind);
      reject(error);
    });
    child.on("close", (code, signal) => {
      clearTimeout(timer);
      clearTimeout(behind);
      if (code === 0) resolve(Buffer.concat(out));
      else
        reject(
          new ChildFailed(late ? "time" : "ended", `${script} ended with ${code ?? signal ?? "nothing"}: ${said}`),
        );
    });
    child.stdin.on("error", () => {});
    child.stdin.end(input);
  });
}
