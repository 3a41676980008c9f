import { chmodSync, mkdtempSync, rmSync } from "node:fs";
import os from "node:os";
import path from "node:path";
import type { TestProject } from "vitest/node";
import { startCluster } from "../../scripts/cluster";

declare module "vitest" {
  export interface ProvidedContext {
    serverUrl: string;
  }
}

/** One throw-away PostgreSQL for the whole run; every test file makes a database of its own on it. */
export default async function setup(project: TestProject) {
  const folder = mkdtempSync(path.join(os.tmpdir(), "jumelle-test-"));
  chmodSync(folder, 0o755);
  const cluster = await startCluster(path.join(folder, "pg"), () => {}, ["-c", "fsync=off"]);
  project.provide("serverUrl", cluster.url("postgres"));
  return () => {
    cluster.stop();
    rmSync(folder, { recursive: true, force: true });
  };
}
