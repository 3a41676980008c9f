import { z } from "zod";
import { canonical, hashBytes, hashText } from "./canonical";
import { GENESIS, sealFile } from "./chain";

/** Bytes of files, by the file's id. */
export type Carried = ReadonlyMap<string, { content: Uint8Array; thumb: Uint8Array | undefined }>;

const hash = z.string().regex(/^[0-9a-f]{64}$/);

/** What version 1 had otherwise; all else is held against the schema of today, after it is lifted. */
const version1 = z.looseObject({
  set: z.looseObject({ id: z.uuid() }),
  attachments: z.array(
    z.looseObject({
      id: z.uuid(),
      entryId: z.uuid(),
      name: z.string(),
      type: z.string(),
      size: z.number(),
      by: z.uuid(),
      at: z.string(),
      hidden: z.boolean(),
      content: z.base64(),
      thumb: z.base64().nullable(),
    }),
  ),
  entries: z.array(z.unknown()),
  chain: z.object({ algorithm: z.literal("sha256"), length: z.number(), head: hash }),
  digest: hash,
});

const bytesOf = (text: string): Uint8Array => Uint8Array.from(atob(text), (letter) => letter.charCodeAt(0));

type Lifted =
  { ok: true; parts: Record<string, unknown>; carried: Carried; broken: string[] } | { ok: false; problems: string[] };

/**
 * Lifts a file of version 1 to the form of today: the bytes of its files come out of the document, and the files get a
 * chain of their own. Its own digest is checked first, as it was written.
 */
export function fromVersion1(parsed: unknown): Lifted {
  const read = version1.safeParse(parsed);
  if (!read.success) {
    const [issue] = read.error.issues;
    return {
      ok: false,
      problems: [`The file is not complete at “${issue?.path.join(".") ?? ""}”: ${issue?.message ?? ""}`],
    };
  }
  const { digest, chain, attachments, exportedAt, exportedBy, format: _f, version: _v, ...rest } = read.data;
  const sealed = { ...(parsed as Record<string, unknown>) };
  for (const unsealed of ["digest", "exportedAt", "exportedBy"]) delete sealed[unsealed];
  const last = rest.entries.at(-1) as { hash?: unknown } | undefined;
  const broken = [
    ...(hashText(canonical(sealed)) !== digest
      ? ["The digest of the whole file is wrong: something in it was changed."]
      : []),
    ...(chain.length !== rest.entries.length
      ? [
          `The chain counts ${chain.length} entries and the file has ${rest.entries.length}: some are missing or were added.`,
        ]
      : []),
    ...(chain.head !== (last?.hash ?? GENESIS) ? ["The head of the chain is not that of its last entry."] : []),
  ];
  const carried = new Map<string, { content: Uint8Array; thumb: Uint8Array | undefined }>();
  let before = GENESIS;
  const files = attachments.map(({ content, thumb, ...file }) => {
    const bytes = bytesOf(content);
    carried.set(file.id, { content: bytes, thumb: thumb === null ? undefined : bytesOf(thumb) });
    const { id, entryId, name, type, size, by, at, hidden } = file;
    const said = { id, entryId, name, type, size, by, at, sha256: hashBytes(bytes) };
    before = sealFile(before, { ...said, setId: rest.set.id });
    return { ...said, hidden, thumb: thumb !== null, hash: before };
  });
  const parts = { ...rest, exportedAt, exportedBy, attachments: files };
  return { ok: true, parts, carried, broken };
}
