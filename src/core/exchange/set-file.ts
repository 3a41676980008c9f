import { z } from "zod";
import { ALL_STORED, readBody, type StoredForms } from "../kinds";
import { sheetSchema } from "../model";
import { canonical, hashText } from "./canonical";
import { brokenAt, brokenFileAt, headOf } from "./chain";
import { LARGEST_DOCUMENT, tooDeep, tooMany } from "./limits";
import { fromVersion1, type Carried } from "./set-file-1";

export const SET_FILE_FORMAT = "jumelle-set-file";
/** Version 1 carried the bytes of files inside, in base64; since version 2 they lie beside the document. */
export const SET_FILE_VERSION = 2;

/** Instants that a logbook can have: from 1900, and in this century. */
const instant = z.iso
  .datetime()
  .refine((text) => text >= "1900" && text < "2200", "That is no date of a logbook: check the year.");
const hash = z.string().regex(/^[0-9a-f]{64}$/);
const shopId = z.uuid().nullable().optional().describe("The id of that shop, whatever it is called");

/** Job numbers have up to seven digits. */
const HIGHEST_JOB = 9_999_999;

/** A set's file as a document of its own: everything that a shop knows of one set. */
export const setFileSchema = z
  .object({
    format: z.literal(SET_FILE_FORMAT),
    version: z.literal(SET_FILE_VERSION),
    exportedAt: instant.describe("When it was written; not sealed"),
    exportedBy: z.string().max(200).describe("The shop that wrote it; not sealed"),
    set: z.object({ id: z.uuid(), serial: z.string().max(200) }),
    owner: z.object({
      id: z.uuid(),
      name: z.string().min(1).max(200),
      contact: z.string().max(1000),
      remarks: z.string().max(10_000),
    }),
    model: z.object({
      id: z.uuid(),
      maker: z.string().min(1).max(200),
      designation: z.string().min(1).max(200),
      nickname: z.string().max(200).nullable(),
      year: z.number().int().min(1880).max(2100).nullable(),
      shop: z.string().max(200).describe("The shop whose sheet it is"),
      shopId,
      sheet: z
        .record(z.string(), z.unknown())
        .describe("The reference sheet: supply, tubes, components, charts, stages"),
    }),
    people: z.array(
      z.object({
        id: z.uuid(),
        name: z.string().min(1).max(200),
        role: z.string().max(200),
        shop: z.string().max(200),
        shopId,
      }),
    ),
    visits: z.array(
      z.object({
        id: z.uuid(),
        job: z.number().int().positive().max(HIGHEST_JOB),
        openedAt: instant,
        shop: z.string().max(200),
        shopId,
      }),
    ),
    entries: z
      .array(
        z.object({
          id: z.uuid(),
          visitId: z.uuid(),
          kind: z.string().min(1).max(80),
          payload: z.record(z.string(), z.unknown()).describe("By its kind; a kind that is not known is kept"),
          at: instant,
          recordedAt: instant,
          by: z.uuid(),
          amends: z.uuid().nullable(),
          hash: hash.describe(
            "SHA-256 of the hash before it, a line feed, and this entry with its set in canonical form",
          ),
        }),
      )
      .describe("The logbook, in the order of its chain"),
    attachments: z
      .array(
        z.object({
          id: z.uuid(),
          entryId: z.uuid(),
          name: z
            .string()
            .min(1)
            .max(300)
            .regex(/^[^/\\\p{Cc}]+$/u, "A file has a plain name, without a path."),
          type: z.string().min(1).max(200),
          size: z.number().int().positive(),
          sha256: hash.describe("SHA-256 of its content, which lies beside this document as files/<id>"),
          by: z.uuid(),
          at: instant,
          hidden: z.boolean().describe("Taken out of sight; not sealed by the chain"),
          thumb: z.boolean().describe("Is there a small picture of it, as thumbs/<id>?"),
          hash: hash.describe(
            "SHA-256 of the hash before it, a line feed, and this file with its set in canonical form",
          ),
        }),
      )
      .describe("Photos and files, in the order of their chain"),
    chain: z.object({
      algorithm: z.literal("sha256"),
      length: z.number().int().min(0),
      head: hash,
      files: z.object({ length: z.number().int().min(0), head: hash }),
    }),
    digest: hash.describe("SHA-256 of the canonical form of all but exportedAt, exportedBy and digest"),
  })
  .describe("A set's file: its logbook with its chain, and all that the logbook refers to");
export type SetFileDocument = z.infer<typeof setFileSchema>;

type Undigested = Omit<SetFileDocument, "digest" | "chain" | "format" | "version">;

/** What is sealed of a document: the same for the same file, whoever writes it out and when. */
export function normalised({ exportedAt: _at, exportedBy: _by, ...rest }: Omit<SetFileDocument, "digest">): string {
  const { digest: _digest, ...sealed } = rest as SetFileDocument;
  return canonical(sealed);
}

/** Puts a document together: its chain's head, and the digest over all of it. */
export function writeSetFile(parts: Undigested): SetFileDocument {
  const document = {
    format: SET_FILE_FORMAT,
    version: SET_FILE_VERSION,
    ...parts,
    chain: {
      algorithm: "sha256",
      length: parts.entries.length,
      head: headOf(parts.entries),
      files: { length: parts.attachments.length, head: headOf(parts.attachments) },
    },
  } as const;
  return { ...document, digest: hashText(normalised(document)) };
}

/** What is wrong with a document's seals; empty when all hold. */
export function sealTroubles(document: SetFileDocument): string[] {
  const { entries, attachments, set, chain, digest } = document;
  const broken = brokenAt(entries.map((entry) => ({ ...entry, setId: set.id })));
  const brokenFile = brokenFileAt(attachments.map((file) => ({ ...file, setId: set.id })));
  return [
    ...(broken ? [broken.message] : []),
    ...(brokenFile ? [brokenFile.message] : []),
    ...(chain.files.length !== attachments.length || chain.files.head !== headOf(attachments)
      ? ["The chain of the photos and files does not end as it says: some are missing or were added."]
      : []),
    ...(chain.length !== entries.length
      ? [`The chain counts ${chain.length} entries and the file has ${entries.length}: some are missing or were added.`]
      : []),
    ...(chain.head !== headOf(entries) ? ["The head of the chain is not that of its last entry."] : []),
    ...(hashText(normalised(document)) !== digest
      ? ["The digest of the whole file is wrong: something in it was changed."]
      : []),
  ];
}

/** Where a document does not hang together: references that lead nowhere. */
function looseEnds({ entries, visits, people, attachments }: SetFileDocument): string[] {
  const known = (list: readonly { id: string }[]) => new Set(list.map(({ id }) => id));
  const [ofVisits, ofPeople, ofEntries] = [known(visits), known(people), known(entries)];
  const lost = (count: number, what: string) => (count > 0 ? [`${count} ${what} the file does not have.`] : []);
  const ids = new Set(entries.map(({ id }) => id));
  return [
    ...(ids.size < entries.length ? ["An entry stands in it twice."] : []),
    ...(known(attachments).size < attachments.length ? ["A file stands in it twice."] : []),
    ...lost(entries.filter(({ visitId }) => !ofVisits.has(visitId)).length, "entries name a visit that"),
    ...lost(
      [...entries, ...attachments].filter(({ by }) => !ofPeople.has(by)).length,
      "entries or files name a writer that",
    ),
    ...lost(attachments.filter(({ entryId }) => !ofEntries.has(entryId)).length, "attachments name an entry that"),
    ...lost(entries.filter(({ amends }) => amends && !ofEntries.has(amends)).length, "amendments name an entry that"),
  ];
}

export type ReadFile =
  | {
      ok: true;
      document: SetFileDocument;
      /** bytes that a file of version 1 had inside, by the file's id */
      carried: Carried;
      /** kinds that this program does not know, with how often: they are kept and shown as such */
      unknown: { kind: string; count: number }[];
    }
  | { ok: false; problems: string[] };

const wrong = (...problems: string[]): ReadFile => ({ ok: false, problems });

/**
 * Reads a set's file and says whether it may come in: its form, its seals, and that every entry reads.
 * @param text JSON as it was written out, by any version of the format up to this one
 * @param forms the kinds of entries that this program knows, as they are stored
 */
export function readSetFile(text: string, forms: StoredForms = ALL_STORED): ReadFile {
  if (text.length > LARGEST_DOCUMENT) return wrong("This file is far larger than any set's file.");
  if (tooDeep(new TextEncoder().encode(text)))
    return wrong("This is not a set's file: it nests far deeper than one does.");
  let parsed: unknown;
  try {
    parsed = JSON.parse(text);
  } catch {
    return wrong("This is not a set's file: it is not JSON, or it was cut off.");
  }
  const head = z.object({ format: z.string(), version: z.number() }).safeParse(parsed);
  if (!head.success || head.data.format !== SET_FILE_FORMAT)
    return wrong(`This is not a set's file: it does not begin with the format “${SET_FILE_FORMAT}”.`);
  const { version } = head.data;
  if (version > SET_FILE_VERSION)
    return wrong(`This file is of version ${version}; this program reads up to ${SET_FILE_VERSION}. Update it first.`);
  const many = tooMany(parsed as Record<string, unknown>);
  if (many) return wrong(many);
  const old = version === 1 ? fromVersion1(parsed) : undefined;
  if (old && !old.ok) return wrong(...old.problems);
  const read = setFileSchema.safeParse(old ? writeSetFile(old.parts as Undigested) : parsed);
  if (!read.success) {
    const [issue] = read.error.issues;
    return wrong(`The file is not complete at “${issue?.path.join(".") ?? ""}”: ${issue?.message ?? ""}`);
  }
  const document = read.data;
  const problems = [
    ...(old?.broken ?? []),
    ...sealTroubles(document),
    ...looseEnds(document),
    ...sheetTrouble(document),
  ];
  const unknown = new Map<string, number>();
  for (const [index, { kind, payload }] of document.entries.entries()) {
    const body = readBody(kind, payload, forms);
    if (!body.ok) problems.push(`Entry ${index + 1} (${kind}) cannot be read: ${body.message}`);
    else if (body.body.kind === "unknown") unknown.set(kind, (unknown.get(kind) ?? 0) + 1);
  }
  if (problems.length > 0) return { ok: false, problems };
  return {
    ok: true,
    document,
    carried: old?.carried ?? new Map(),
    unknown: [...unknown].map(([kind, count]) => ({ kind, count })),
  };
}

function sheetTrouble({ model }: SetFileDocument): string[] {
  const sheet = sheetSchema.safeParse(model.sheet);
  return sheet.success ? [] : [`The model's sheet cannot be read: ${sheet.error.issues[0]?.message ?? ""}`];
}

/** The published schema of the format, JSON Schema 2020-12. */
export const setFileJsonSchema = (): unknown => ({
  $id: "jumelle-set-file-2",
  title: "Set file",
  ...z.toJSONSchema(setFileSchema),
});
