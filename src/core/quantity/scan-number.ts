/** One way to read a stretch of text, and where it ended. Several of them for one text are an ambiguity. */
export type Scan<T> = { value: T; end: number };

const FRACTIONS: Record<string, number> = { "½": 1 / 2, "¼": 1 / 4, "¾": 3 / 4, "⅓": 1 / 3, "⅔": 2 / 3, "⅛": 1 / 8 };

/** Signs of full width, as some keyboards have them, lie so far above the common ones. */
const FULL_WIDTH = 0xfee0;

/**
 * One spelling of mu and omega, of which keyboards and drawings have two each, common signs for those of full width, and
 * a common blank for those that do not break. Positions in the text stay the same.
 */
export const normalise = (text: string): string =>
  text
    .replace(/\u03bc/g, "µ")
    .replace(/\u2126/g, "Ω")
    .replace(/[\t\u00a0\u2009\u202f]/g, " ")
    .replace(/[\uff01-\uff5e]/g, (sign) => String.fromCharCode(sign.charCodeAt(0) - FULL_WIDTH));

export const skipSpace = (text: string, at: number): number => {
  while (at < text.length && /\s/.test(text[at] ?? "")) at += 1;
  return at;
};

/** A pattern made once that is then tried at any place of a text. Making one costs more than trying it. */
export const sticky = (pattern: RegExp) => new RegExp(pattern, `${pattern.flags}y`);

export const match = (pattern: RegExp, text: string, at: number): RegExpExecArray | null => {
  pattern.lastIndex = at;
  return pattern.exec(text);
};

const SIGN = sticky(/[-−+]/);
const NUMBER = sticky(/\d+(?:[.,]\d+)?|[.,]\d+/);
/** `1/2 meg`, `1 1/2 watt`: a common fraction before a unit. `.05/400` and `8/450` are a value and its rating. */
const FRACTION = sticky(/(?:(\d{1,2})\s+)?([1-9])\/(2|3|4|5|8|10)(?=\s*[a-zµΩ])/i);
/** `1½ W`: whole and a fraction in one sign. */
const VULGAR = sticky(/(\d{1,2})?\s*([½¼¾⅓⅔⅛])/);
/** Groups of three digits, twice or more, can only be thousands: `1,500,000`, `1.500.000`. */
const MILLIONS = sticky(/[1-9]\d{0,2}(?:(?:,\d{3}){2,}(?:\.\d+)?|(?:\.\d{3}){2,}(?:,\d+)?)(?![\d.,])/);
/** One group of three digits behind a sign: a decimal, or thousands. */
const ONE_GROUP = /^[1-9]\d{0,2}[.,]\d{3}$/;
/** `50 000`: groups with a space between them. */
const SPACED = sticky(/[1-9]\d{0,2}(?: \d{3})+(?![\d.,])/);

/** A number as it was read: a group of three digits behind a point is thousands on continental drawings. */
export type ScannedNumber = Scan<number> & { thousands?: "comma" | "point" | "space" };

/**
 * Reads a number with decimal point or comma. `1,000` and `1.000` have two readings, `50 000` is 50 or 50 000: the
 * caller decides which of them its quantity can have. Everything else has one.
 * @returns no reading when there is no number at this place
 */
export function scanNumber(text: string, at: number): ScannedNumber[] {
  const sign = match(SIGN, text, at);
  const start = sign ? at + 1 : at;
  const factor = sign && sign[0] !== "+" ? -1 : 1;
  const vulgar = match(VULGAR, text, start);
  if (vulgar)
    return [
      {
        value: factor * (Number(vulgar[1] ?? 0) + (FRACTIONS[vulgar[2] ?? ""] ?? 0)),
        end: start + vulgar[0].length,
      },
    ];
  const common = match(FRACTION, text, start);
  if (common && Number(common[2]) < Number(common[3]))
    return [
      {
        value: factor * (Number(common[1] ?? 0) + Number(common[2]) / Number(common[3])),
        end: start + common[0].length,
      },
    ];
  const millions = match(MILLIONS, text, start);
  if (millions) {
    const [whole] = millions;
    const byComma = (whole.match(/,/g) ?? []).length > 1;
    const digits = byComma ? whole.replaceAll(",", "") : whole.replaceAll(".", "").replace(",", ".");
    return [{ value: factor * Number(digits), end: start + whole.length }];
  }
  const found = match(NUMBER, text, start);
  if (!found) return [];
  const end = start + found[0].length;
  const readings: ScannedNumber[] = [{ value: factor * Number(found[0].replace(",", ".")), end }];
  if (ONE_GROUP.test(found[0])) {
    const thousands = found[0].includes(",") ? "comma" : "point";
    readings.push({ value: factor * Number(found[0].replace(/[.,]/, "")), end, thousands });
  }
  const spaced = match(SPACED, text, start);
  if (spaced)
    readings.push({
      value: factor * Number(spaced[0].replace(/\D/g, "")),
      end: start + spaced[0].length,
      thousands: "space",
    });
  return readings;
}
