/**
 * Codes on labels: `JP` and seven letters and digits for a stock line. A reader that types what it scans ends with
 * Enter; letters that are mistaken for digits are left out, and the last one is a check.
 */
const ALPHABET = "0123456789ABCDEFGHJKMNPQRSTVWXYZ";
const LENGTH = 6;

const check = (body: string): string =>
  ALPHABET[[...body].reduce((sum, letter, index) => sum + (index + 1) * ALPHABET.indexOf(letter), 0) % 31] ?? "0";

/** The code of a number: short, and different from any other number's up to 32⁶. */
export function labelCode(number: number): string {
  if (!Number.isInteger(number) || number < 0 || number >= 32 ** LENGTH)
    throw new RangeError("a label's number is whole");
  let body = "";
  for (let rest = number, at = 0; at < LENGTH; at += 1, rest = Math.floor(rest / 32))
    body = `${ALPHABET[rest % 32]}${body}`;
  return `JP${body}${check(body)}`;
}

/** The number of a code; undefined where it is none. */
export function labelNumber(code: string): number | undefined {
  const scan = readScan(code);
  if (scan.kind !== "part") return undefined;
  return [...scan.code.slice(2, 2 + LENGTH)].reduce((sum, letter) => sum * 32 + ALPHABET.indexOf(letter), 0);
}

export type Scan =
  | { kind: "part"; code: string }
  | { kind: "job"; job: number }
  | { kind: "damaged"; message: string }
  | { kind: "other"; message: string };

/**
 * What a scan or a typed code is: a stock line, a job's tag, or something else.
 * @example readScan("JP00001A7")
 */
export function readScan(text: string): Scan {
  const plain = text.trim().toUpperCase().replaceAll("O", "0").replaceAll("I", "1").replaceAll("L", "1");
  const part = /(?:^|\/)JP([0-9A-Z]{7})$/.exec(plain);
  if (part?.[1]) {
    const body = part[1].slice(0, LENGTH);
    return check(body) === part[1][LENGTH]
      ? { kind: "part", code: `JP${part[1]}` }
      : {
          kind: "damaged",
          message: `“${text.trim()}” looks like one of our labels, but a letter of it is wrong: scan it again, or type it from the label.`,
        };
  }
  const job = /(?:^|\/)JT(\d{1,9})$/.exec(plain);
  if (job) return { kind: "job", job: Number(job[1]) };
  return {
    kind: "other",
    message: /^\d{8,14}$/.test(plain)
      ? "That is a maker’s barcode, not one of our labels: find the part by its maker’s number below."
      : `“${text.trim().slice(0, 40)}” is not a label of this shop: ours begin with JP (a part) or JT (a set’s tag).`,
  };
}
