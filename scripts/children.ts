import { existsSync, rmSync } from "node:fs";
import path from "node:path";
import { build } from "esbuild";

/** Scripts below src that do heavy work in a process of their own (`server/child.ts`). */
const SCRIPTS = [
  "server/import-main.mts",
  "reports/main.mts",
  "reports/letter-main.mts",
  "reports/invoice-main.mts",
] as const;

const bundled = (script: string, folder: string) => path.join(folder, script.replace(/\.mts$/, ".mjs"));

/** Whether all of them are there. */
export const childrenAre = (folder: string): boolean => SCRIPTS.every((script) => existsSync(bundled(script, folder)));

/**
 * Puts each script with all that it needs of ours into one file: it then starts in 0.7 s and not in 2.8 s, which every
 * report and every file that comes in waits for.
 * @param folder below the project's, so that its packages are found
 */
export async function bundleChildren(root: string, folder: string): Promise<void> {
  rmSync(folder, { recursive: true, force: true });
  await build({
    absWorkingDir: root,
    entryPoints: SCRIPTS.map((script) => path.join("src", script)),
    outbase: "src",
    outdir: folder,
    outExtension: { ".js": ".mjs" },
    bundle: true,
    packages: "external",
    platform: "node",
    format: "esm",
    logLevel: "warning",
  });
}
