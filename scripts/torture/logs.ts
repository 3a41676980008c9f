import { spawn } from "node:child_process";
import path from "node:path";
import { ROOT } from "../server";

/** Folds so many logs of any kind, by the test that does the same with a hundred. @returns whether none broke anything */
function fold(logs: number, seed: number): Promise<boolean> {
  const vitest = path.join(ROOT, "node_modules/vitest/vitest.mjs");
  const child = spawn(process.execPath, [vitest, "run", "--project", "unit", "src/reports/any-log.test.ts"], {
    cwd: ROOT,
    env: { ...process.env, ANY_LOGS: String(logs), ANY_SEED: String(seed) },
    stdio: "ignore",
  });
  return new Promise((resolve) => child.on("exit", (code) => resolve(code === 0)));
}

/** In two halves, side by side. */
export async function foldLogs(logs: number, seed: number): Promise<boolean> {
  const half = Math.ceil(logs / 2);
  return (await Promise.all([fold(half, seed), fold(logs - half, seed + 1)])).every((well) => well);
}
