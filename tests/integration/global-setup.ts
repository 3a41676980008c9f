import { chmodSync, mkdtempSync, rmSync } from "node:fs";
import os from "node:os";
import path from "node:path";
import type { TestProject } from "vitest/node";
import { bundleChildren } from "../../scripts/children";
import { startCluster } from "../../scripts/cluster";
import { ROOT } from "../../scripts/server";
import { CHILDREN } from "../../vitest.config";

declare module "vitest" {
  export interface ProvidedContext {
    serverUrl: string;
  }
}

/** Work in processes of its own as it is in production, and one throw-away PostgreSQL for the whole run; every test file makes a database of its own on it. */
export default async function setup(project: TestProject) {
  const folder = mkdtempSync(path.join(os.tmpdir(), "jumelle-test-"));
  chmodSync(folder, 0o755);
  await bundleChildren(ROOT, CHILDREN);
  const cluster = await startCluster(path.join(folder, "pg"), () => {}, ["-c", "fsync=off"]);
  project.provide("serverUrl", cluster.url("postgres"));
  return () => {
    cluster.stop();
    rmSync(folder, { recursive: true, force: true });
  };
}
