import { mkdtempSync, rmSync, writeFileSync } from "node:fs";
import { tmpdir } from "node:os";
import path from "node:path";
import { afterAll, afterEach, describe, expect, it, vi } from "vitest";
import { ChildFailed, runChild } from "./child";

const folder = mkdtempSync(path.join(tmpdir(), "child-"));
afterAll(() => rmSync(folder, { recursive: true, force: true }));

function script(text: string): string {
  const file = path.join(folder, `${Math.random().toString(36).slice(2)}.mts`);
  writeFileSync(file, text);
  return path.relative(path.join(process.cwd(), "src"), file);
}
afterEach(() => vi.unstubAllEnvs());

const limits = { memoryMb: 64, longestMs: 20_000 };

describe("heavy work in a process of its own", () => {
  it("gives back what it wrote, and gives way to pages when it takes long", async () => {
    const said = await runChild({
      ...limits,
      script: script(`
        import { getPriority } from "node:os";
        for (let tries = 0; getPriority() === 0 && tries < 800; tries += 1) await new Promise((go) => setTimeout(go, 10));
        process.stdout.write(String(getPriority()));
      `),
    });
    expect(Number(said.toString())).toBeGreaterThan(0);
  });

  it("is taken from where the build laid it down", async () => {
    writeFileSync(path.join(folder, "laid-down.mjs"), "process.stdout.write(process.argv.slice(2).join(' '));");
    vi.stubEnv("JUMELLE_CHILDREN", folder);
    const said = await runChild({ ...limits, script: "laid-down.mts", args: ["two", "words"] });
    expect(said.toString()).toBe("two words");
  });

  it("is ended when it takes too long, and says what it said when it fails", async () => {
    const endless = runChild({ ...limits, longestMs: 500, script: script("setInterval(() => {}, 1000)") });
    await expect(endless).rejects.toMatchObject({ why: "time" });
    const broken = runChild({ ...limits, script: script("throw new Error('no such file')") });
    await expect(broken).rejects.toThrow(ChildFailed);
    await expect(broken).rejects.toThrow(/no such file/);
  });
});
