import { existsSync, readFileSync } from "node:fs";
import path from "node:path";
import { Trouble } from "./cluster";
import { ROOT } from "./server";

/** Licences that a package which ships may have. What each asks is said in LICENSE. */
const ALLOWED = new Set([
  "MIT",
  "MIT-0",
  "ISC",
  "0BSD",
  "BSD-2-Clause",
  "BSD-3-Clause",
  "Apache-2.0",
  "Unlicense",
  "CC0-1.0",
  "CC-BY-4.0",
  "BlueOak-1.0.0",
  "Python-2.0",
  "OFL-1.1",
  "Zlib",
  "(MIT AND Zlib)",
  "(MIT OR CC0-1.0)",
  "(MIT AND BSD-3-Clause)",
  // elkjs, the layout library: used as it is published, its source is at its maker's.
  "EPL-2.0",
  "EPL-2.0 OR GPL-3.0-or-later",
  // libvips, used as a library of its own inside sharp.
  "LGPL-3.0-or-later",
  "Apache-2.0 AND LGPL-3.0-or-later",
  "Apache-2.0 AND LGPL-3.0-or-later AND MIT",
]);
/** Packages whose licence text is not named by a short word; each was read. */
const READ: Record<string, string> = {
  "png-js": "MIT, in its LICENSE",
  "dejavu-fonts-ttf": "Bitstream Vera, Arev: may be shipped with a program, not sold alone",
};

type Locked = { version?: string; license?: string; dev?: boolean; devOptional?: boolean; optional?: boolean };

/** The packages that ship, by name, with their licences. */
export function licences(): { name: string; version: string; licence: string }[] {
  const lock = JSON.parse(readFileSync(path.join(ROOT, "package-lock.json"), "utf8")) as {
    packages: Record<string, Locked>;
  };
  return Object.entries(lock.packages)
    .filter(([at, { dev, devOptional }]) => at !== "" && !dev && !devOptional)
    .flatMap(([at, { version = "", license }]) => {
      const file = path.join(ROOT, at, "package.json");
      // Built for another kind of machine: not installed, so not shipped from here.
      if (!existsSync(file) && !license) return [];
      const own = existsSync(file)
        ? (JSON.parse(readFileSync(file, "utf8")) as { license?: string | { type?: string } }).license
        : license;
      const licence = (typeof own === "string" ? own : own?.type) ?? license ?? "none";
      return [{ name: at.replace(/^.*node_modules\//, ""), version, licence }];
    })
    .sort((a, b) => (a.name < b.name ? -1 : 1));
}

/** Ends with a sentence when a package ships whose licence nobody has allowed. */
export async function checkLicences(): Promise<void> {
  const strange = licences().filter(({ name, licence }) => !ALLOWED.has(licence) && !(name in READ));
  if (strange.length > 0)
    throw new Trouble(
      strange
        .map(
          ({ name, version, licence }) => `${name} ${version} has the licence “${licence}”, which is not on the list.`,
        )
        .join("\n"),
    );
}

if (process.argv[1] === import.meta.filename) {
  for (const { name, version, licence } of licences())
    console.log(`${name.padEnd(44)} ${version.padEnd(14)} ${READ[name] ?? licence}`);
  await checkLicences();
}
