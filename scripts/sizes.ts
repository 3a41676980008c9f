import { existsSync, readFileSync, writeFileSync } from "node:fs";
import path from "node:path";
import { runInNewContext } from "node:vm";
import { gzipSync } from "node:zlib";
import { Trouble } from "./cluster";
import { ROOT } from "./server";

/**
 * What a browser loads before a page is alive: the scripts that every page needs, those of the layout, and those of the
 * page itself, gzipped. What a page asks for later (a plate of the bench, the help) is not in it.
 */

const KEPT = path.join(ROOT, "docs/sizes.json");
/** A route may grow by so much over the kept figure. */
const GROWTH = 0.1;

const next = (file: string) => path.join(ROOT, ".next", file);
const readJson = <T>(file: string): T => JSON.parse(readFileSync(file, "utf8")) as T;

type Manifest = { entryJSFiles: Record<string, string[]> };

function manifestOf(name: string): Manifest {
  const script = readFileSync(next(`server/app${name}_client-reference-manifest.js`), "utf8");
  const scope: { globalThis: { __RSC_MANIFEST?: Record<string, Manifest> } } = { globalThis: {} };
  runInNewContext(script, scope);
  const manifest = scope.globalThis.__RSC_MANIFEST?.[name];
  if (!manifest) throw new Trouble(`The build has no list of scripts for ${name}.`);
  return manifest;
}

const zipped = new Map<string, number>();
function zippedBytes(file: string): number {
  const known = zipped.get(file) ?? gzipSync(readFileSync(next(file))).length;
  zipped.set(file, known);
  return known;
}

/** First load of every page, kB (1000 bytes) of gzipped scripts. */
export function firstLoads(): Record<string, number> {
  const routes = Object.entries(readJson<Record<string, string>>(next("app-path-routes-manifest.json")))
    .filter(([entry]) => entry.endsWith("/page"))
    .map(([entry, route]) => ({ entry, route }));
  const { rootMainFiles } = readJson<{ rootMainFiles: string[] }>(next("build-manifest.json"));
  return Object.fromEntries(
    routes
      .filter(({ entry }) => !entry.startsWith("/_"))
      .map(({ entry, route }): [string, number] => {
        const own = Object.entries(manifestOf(entry).entryJSFiles)
          .filter(([module]) => /\/(layout|page)$/.test(module))
          .flatMap(([, files]) => files);
        const files = new Set([...rootMainFiles, ...own]);
        return [route, Math.round([...files].reduce((sum, file) => sum + zippedBytes(file), 0) / 100) / 10];
      })
      .sort(([a], [b]) => (a < b ? -1 : 1)),
  );
}

/** The routes that have grown too much, in sentences. */
export function grown(now: Record<string, number>, kept: Record<string, number>): string[] {
  return Object.entries(now).flatMap(([route, size]) => {
    const before = kept[route];
    if (before === undefined) return [`${route} has no kept figure: run npm run sizes -- --keep.`];
    return size > before * (1 + GROWTH) ? [`${route} loads ${size} kB, ${before} kB were kept.`] : [];
  });
}

/** Prints the table; @returns what has grown too much */
export function checkSizes(): string[] {
  const kept = existsSync(KEPT) ? readJson<Record<string, number>>(KEPT) : {};
  const now = firstLoads();
  for (const [route, size] of Object.entries(now))
    console.log(`${route.padEnd(32)} ${size.toFixed(1).padStart(7)} kB  kept ${kept[route] ?? "–"}`);
  return grown(now, kept);
}

export const keepSizes = () => writeFileSync(KEPT, `${JSON.stringify(firstLoads(), null, 2)}\n`);

if (process.argv[1] === import.meta.filename) {
  if (process.argv.includes("--keep")) keepSizes();
  const trouble = checkSizes();
  for (const line of trouble) console.error(line);
  process.exitCode = trouble.length > 0 ? 1 : 0;
}
