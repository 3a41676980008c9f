/**
 * What a set's file may come to. A shop's busiest set has some thousand entries; a file above these figures is made to
 * hurt, and is refused before anything of it is worked on.
 */
export const LARGEST_DOCUMENT = 96 * 1024 * 1024;
export const MOST_IN_FILE = { entries: 50_000, attachments: 5000, visits: 2000, people: 2000 } as const;
/** How deep a document may nest: the deepest sheet and the deepest entry stay below a dozen. */
const DEEPEST = 64;

const [QUOTE, BACKSLASH] = [0x22, 0x5c];
const OPENS = new Set([0x5b, 0x7b]);
const CLOSES = new Set([0x5d, 0x7d]);

/**
 * Does JSON nest deeper than any document of ours? Asked of its bytes, since reading it would already cost the memory
 * that is to be spared. UTF-8 has no byte of these signs inside another letter.
 */
export function tooDeep(bytes: Uint8Array): boolean {
  let depth = 0;
  let quoted = false;
  for (let at = 0; at < bytes.length; at += 1) {
    const byte = bytes[at] ?? 0;
    if (quoted) {
      if (byte === BACKSLASH) at += 1;
      else if (byte === QUOTE) quoted = false;
    } else if (byte === QUOTE) quoted = true;
    else if (OPENS.has(byte)) {
      depth += 1;
      if (depth > DEEPEST) return true;
    } else if (CLOSES.has(byte)) depth -= 1;
  }
  return false;
}

/** What there is too much of, in a sentence; undefined when it is within its bounds. */
export function tooMany(document: Record<string, unknown>): string | undefined {
  for (const [what, most] of Object.entries(MOST_IN_FILE)) {
    const list = document[what];
    if (Array.isArray(list) && list.length > most)
      return `The file has ${list.length} ${what}; a set's file has at most ${most}.`;
  }
  return undefined;
}
