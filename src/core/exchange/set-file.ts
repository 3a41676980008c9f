import { z } from "zod";
import { ALL_KINDS, readBody, type Kinds } from "../kinds";
import { sheetSchema } from "../model";
import { canonical, hashText } from "./canonical";
import { brokenAt, headOf } from "./chain";

export const SET_FILE_FORMAT = "jumelle-set-file";
export const SET_FILE_VERSION = 1;

const instant = z.iso.datetime();
const hash = z.string().regex(/^[0-9a-f]{64}$/);

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
      }),
    ),
    visits: z.array(
      z.object({ id: z.uuid(), job: z.number().int().positive(), openedAt: instant, shop: z.string().max(200) }),
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
    attachments: z.array(
      z.object({
        id: z.uuid(),
        entryId: z.uuid(),
        name: z.string().min(1).max(300),
        type: z.string().min(1).max(200),
        size: z.number().int().positive(),
        by: z.uuid(),
        at: instant,
        hidden: z.boolean(),
        content: z.base64().describe("The file itself, base64"),
        thumb: z.base64().nullable(),
      }),
    ),
    chain: z.object({ algorithm: z.literal("sha256"), length: z.number().int().min(0), head: hash }),
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
    chain: { algorithm: "sha256", length: parts.entries.length, head: headOf(parts.entries) },
  } as const;
  return { ...document, digest: hashText(normalised(document)) };
}

/** What is wrong with a document's seals; empty when all hold. */
export function sealTroubles(document: SetFileDocument): string[] {
  const { entries, set, chain, digest } = document;
  const broken = brokenAt(entries.map((entry) => ({ ...entry, setId: set.id })));
  return [
    ...(broken ? [broken.message] : []),
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
    ...lost(entries.filter(({ visitId }) => !ofVisits.has(visitId)).length, "entries name a visit that"),
    ...lost(
      [...entries, ...attachments].filter(({ by }) => !ofPeople.has(by)).length,
      "entries or files name a writer that",
    ),
    ...lost(attachments.filter(({ entryId }) => !ofEntries.has(entryId)).length, "attachments name an entry that"),
    ...lost(entries.filter(({ amends }) => amends && !ofEntries.has(amends)).length, "amendments name an entry that"),
  ];
}

type Upgrade = (document: Record<string, unknown>) => Record<string, unknown>;
/** Readers of older versions of the format, by the version that each lifts by one. None yet: this is the first. */
const UPGRADES: Record<number, Upgrade> = {};

export type ReadFile =
  | {
      ok: true;
      document: SetFileDocument;
      /** kinds that this program does not know, with how often: they are kept and shown as such */
      unknown: { kind: string; count: number }[];
    }
  | { ok: false; problems: string[] };

/**
 * Reads a set's file and says whether it may come in: its form, its seals, and that every entry reads.
 * @param text JSON as it was written out, by any version of the format up to this one
 * @param kinds the kinds of entries that this program knows
 */
export function readSetFile(text: string, kinds: Kinds = ALL_KINDS): ReadFile {
  let parsed: unknown;
  try {
    parsed = JSON.parse(text);
  } catch {
    return { ok: false, problems: ["This is not a set's file: it is not JSON, or it was cut off."] };
  }
  const head = z.object({ format: z.string(), version: z.number() }).safeParse(parsed);
  if (!head.success || head.data.format !== SET_FILE_FORMAT)
    return {
      ok: false,
      problems: [`This is not a set's file: it does not begin with the format “${SET_FILE_FORMAT}”.`],
    };
  if (head.data.version > SET_FILE_VERSION)
    return {
      ok: false,
      problems: [
        `This file is of version ${head.data.version}; this program reads up to ${SET_FILE_VERSION}. Update it first.`,
      ],
    };
  let lifted = parsed as Record<string, unknown>;
  for (let lift = UPGRADES[Number(lifted.version)]; lift; lift = UPGRADES[Number(lifted.version)])
    lifted = lift(lifted);
  const read = setFileSchema.safeParse(lifted);
  if (!read.success) {
    const [issue] = read.error.issues;
    return {
      ok: false,
      problems: [`The file is not complete at “${issue?.path.join(".") ?? ""}”: ${issue?.message ?? ""}`],
    };
  }
  const document = read.data;
  const problems = [...sealTroubles(document), ...looseEnds(document), ...sheetTrouble(document)];
  const unknown = new Map<string, number>();
  for (const [index, { kind, payload }] of document.entries.entries()) {
    const body = readBody(kind, payload, kinds);
    if (!body.ok) problems.push(`Entry ${index + 1} (${kind}) cannot be read: ${body.message}`);
    else if (body.body.kind === "unknown") unknown.set(kind, (unknown.get(kind) ?? 0) + 1);
  }
  if (problems.length > 0) return { ok: false, problems };
  return { ok: true, document, unknown: [...unknown].map(([kind, count]) => ({ kind, count })) };
}

function sheetTrouble({ model }: SetFileDocument): string[] {
  const sheet = sheetSchema.safeParse(model.sheet);
  return sheet.success ? [] : [`The model's sheet cannot be read: ${sheet.error.issues[0]?.message ?? ""}`];
}

/** The published schema of the format, JSON Schema 2020-12. */
export const setFileJsonSchema = (): unknown => ({
  $id: "jumelle-set-file-1",
  title: "Set file",
  ...z.toJSONSchema(setFileSchema),
});
