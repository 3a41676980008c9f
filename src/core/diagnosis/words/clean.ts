import { REWRITES } from "./rewrites";
import { corrected } from "./typos";

/** A complaint in small letters and plainer words, slips of the pen put right: `doesn’t` is `does not`, `recieves` receives. */
export const plain = (text: string): string =>
  REWRITES.reduce(
    (words, [pattern, instead]) => words.replaceAll(pattern, instead),
    text.toLowerCase().replaceAll(/[a-z]+/g, corrected),
  )
    .replaceAll(/\s+/g, " ")
    .trim();

/** What stands on either side of a comma, a “but” or an “and” may be about something else. */
const BETWEEN =
  /\s*(?:[,;.!?]+(?!\d)|\bbut\b|(?<!\ba )\bwhile\b(?! (?:i|you|one|(?:it|the set|she) (?:is )?(?:warm|heat|cool)\w*)\b)|\bwhereas\b|(?<!\bas )\bthough\b|\balthough\b|\byet\b|\bhowever\b|\bexcept that\b|(?<!\bloud )(?<!\bup )(?<!\bnow )(?<!\bcomes )(?<!\bin )(?<!\bcome )(?<!\bon )(?<!\bfades in )(?<!\b(?:worse|weaker|quieter|louder|fainter) )\band\b|\bplus\b|\bor\b|\bthen\b|: | - | – )\s*/;
export const partsOf = (text: string): string[] =>
  text
    .split(BETWEEN)
    .map((part) => part.trim())
    .filter(Boolean);
