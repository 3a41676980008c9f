import { randomBytes } from "node:crypto";
import { existsSync, mkdirSync, readFileSync, writeFileSync } from "node:fs";
import path from "node:path";

export const freshSecret = (): string => randomBytes(32).toString("hex");

/**
 * The secret that signs cookies and PINs: made once, kept beside the data and not in the database, readable by whoever
 * starts the application alone. When it is lost, everybody signs in anew and sets a new PIN; nothing else is.
 */
export function secretIn(folder: string): string {
  const given = process.env.JUMELLE_SECRET;
  if (given) return given;
  const file = path.join(folder, "secret");
  if (existsSync(file)) return readFileSync(file, "utf8").trim();
  mkdirSync(folder, { recursive: true, mode: 0o755 });
  const secret = freshSecret();
  writeFileSync(file, `${secret}\n`, { mode: 0o600 });
  return secret;
}
