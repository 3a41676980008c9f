import { isPlace, PLACES } from "../kinds";

/**
 * Lines that begin with what was done, turned around: the part or place comes first on the line, so that one grammar
 * reads both.
 */

const ONE = "[A-Za-z]{1,3}\\d{1,3}[A-Za-z]?!?";
const PART = `(${ONE})`;
/** One part or several: `C8 and C9`. */
const PARTS = `(${ONE}(?:(?:\\s*[,&+]\\s*|\\s+and\\s+)${ONE})*)`;
const THE = "(?:the\\s+)?";
const WORK =
  "(cleaned|lubricated|greased|oiled|adjusted|repaired|mended|removed|reflowed|disconnected|restuffed|replaced|renewed|glued|painted|lacquered|tightened)";

const NEW_PART = new RegExp(
  `^(?:replaced|renewed|changed|exchanged)\\s+${THE}${PARTS}\\s+(?:with|by|to|for)\\s+(\\S.*)$`,
  "i",
);
const MEASURED = new RegExp(`^measured\\s+${THE}${PART}\\s+(?:at\\s+|as\\s+|=\\s*)?([\\d.,].*|open)$`, "i");
const WORKED = new RegExp(`^${WORK}\\s+${THE}(\\S.*)$`, "i");
const NEW_PLACE = /^(?:fitted\s+)?(?:an?\s+)?new\s+(\S.*?)(?:\s+fitted)?$/i;

/**
 * @returns the line with the part or place first; undefined where it does not begin with what was done to one
 * @example turnedAround("cleaned the volume control") // "volume control cleaned"
 */
export function turnedAround(line: string): string | undefined {
  const text = line.trim();
  const part = NEW_PART.exec(text);
  if (part) return `${part[1]} -> ${part[2]}`;
  const measured = MEASURED.exec(text);
  if (measured) return `${measured[1]} = ${measured[2]}`;
  const [, work = "", object = ""] = WORKED.exec(text) ?? [];
  const [, one, rest = ""] = new RegExp(`^${PARTS}(?=\\s|$|:|;)\\s*(.*)$`).exec(object) ?? [];
  if (one) return `${one} ${work}${behind(rest)}`;
  const place = placeIn(object);
  if (place !== undefined) return `${place} ${work}${behind(object.slice(place.length))}`;
  const fresh = NEW_PLACE.exec(text)?.[1] ?? "";
  const renewed = placeIn(fresh);
  if (renewed === undefined) return undefined;
  const what = fresh.slice(renewed.length).trim();
  return what === "" || what.startsWith(":") ? `${renewed} replaced${what}` : `${renewed} -> ${what}`;
}

const behind = (rest: string): string => {
  const text = rest.trim();
  return text === "" || /^[:;,]/.test(text) ? text : ` ${text}`;
};

/** The longest known place that a text begins with. */
const placeIn = (text: string): string | undefined =>
  PLACES.filter((place) => isPlace(text, place)).sort((a, b) => b.length - a.length)[0];
