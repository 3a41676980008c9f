import { createHash } from "node:crypto";
import { openContainer } from "@/container";
import type { Chance } from "./chance";
import type { Shop } from "./shop";

export type Flips = { flips: number; refused: number; harmless: number; taken: string[] };

/** What a set's file says once it is read whole, every photo held against its hash; undefined when it is refused. */
async function whatItSays(packed: Uint8Array<ArrayBuffer>): Promise<string | undefined> {
  const { read, bytes } = await openContainer(new Blob([packed]));
  if (!read.ok) return undefined;
  for (const { id, sha256 } of read.document.attachments) {
    const content = await bytes(id, false).catch(() => undefined);
    if (!content || createHash("sha256").update(content).digest("hex") !== sha256) return undefined;
  }
  return read.document.digest;
}

/** One bit at a time is turned in set files: each is refused, or says the same to the last letter. */
export async function flipBits(shop: Shop, draw: Chance, flips: number): Promise<Flips> {
  const found = await shop.db.execute<{ id: string }>(`select id from "set" order by id limit 3`);
  const files = await Promise.all(
    found.map(async ({ id }) => new Uint8Array(await (await shop.ask(`/api/sets/${id}/file`)).arrayBuffer())),
  );
  const said = await Promise.all(files.map(whatItSays));
  const done: Flips = { flips, refused: 0, harmless: 0, taken: [] };
  for (let n = 0; n < flips; n += 1) {
    const which = draw.below(files.length);
    const changed = Uint8Array.from(files[which] ?? []);
    const at = draw.below(changed.length);
    changed[at] = (changed[at] ?? 0) ^ (1 << draw.below(8));
    const now = await whatItSays(changed);
    if (now === undefined) done.refused += 1;
    else if (now === said[which]) done.harmless += 1;
    else done.taken.push(`bit of byte ${at} of file ${which}`);
  }
  return done;
}
