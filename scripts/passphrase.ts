import { readFileSync } from "node:fs";

/**
 * The passphrase of backups: from JUMELLE_BACKUP_PASSPHRASE, or from the first line of the file that
 * JUMELLE_BACKUP_PASSPHRASE_FILE names. Never from the command line, where every user of the machine reads it.
 */
export function passphrase(): string | undefined {
  const { JUMELLE_BACKUP_PASSPHRASE: own, JUMELLE_BACKUP_PASSPHRASE_FILE: file } = process.env;
  const text = own ?? (file ? readFileSync(file, "utf8").split(/\r?\n/)[0] : undefined);
  return text?.trim() ? text.trim() : undefined;
}

export const NO_PASSPHRASE =
  "No passphrase is set: put it into JUMELLE_BACKUP_PASSPHRASE, or into a file that JUMELLE_BACKUP_PASSPHRASE_FILE names.";
