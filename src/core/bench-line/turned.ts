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
const PUT_IN = new RegExp(
  `^(?:fitted|put|installed|inserted|soldered)\\s+(?:an?\\s+|the\\s+)?(\\S*\\d.*?)\\s+(?:in|into|at|for)\\s+${THE}${PART}$`,
  "i",
);
const NEW_AT = new RegExp(`^(?:an?\\s+)?new\\s+${PART}\\s+(\\S*\\d.*)$`, "i");
/** \`R9 is 330k, should be 220k\`: what it should be stands first. */
const SHOULD_BE = new RegExp(
  `^${PART}\\s+(?:is|measures|measured|reads|=)?\\s*(\\S+?)[,;]?\\s+(?:\\(?should\\s+(?:be|read)|instead\\s+of|not|nominally)\\s+(\\d\\S*?)\\)?$`,
  "i",
);
const OF_NOMINAL =
  /^(V\d{1,2})\s+(?:tests?|tested|emission)(?:\s+(?:good|weak|fair|low|bad|ok))?(?:\s+at)?\s+([\d.,]+)(?:\s?%|\s*(?:\/|of|out of)\s*([\d.,]+))$/i;
/** \`V4 g2 = 251\` is \`V4 g2 251\`: a point needs no sign before its figure. */
const POINT_IS =
  /^((?:V|Q|TR)\d{1,2}\s+(?:pin\s+\d{1,2}|[a-z]+\d?)|b\s?\+|ht|heaters?|filaments?|bias|[a-z ]*(?:rail|supply|volts|voltage|current))\s*=\s*(?=[-−+]?[\d.,])/i;
const WHAT_IS_MEASURED =
  /^(?:the\s+)?(?:resistance|ohms|voltage|volts|potential)\s+(?:(?:at|of|on|from|between)\s+(?:the\s+)?)?(?=\S.*\s[-−+]?[\d.,])/i;
const RIPPLE_ON = /^(?:the\s+)?ripple\s+(?:on|at|of)\s+(?:the\s+)?(\S.*?)\s+(?=[\d.,])/i;
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
  const put = PUT_IN.exec(text);
  if (put) return `${put[2]} -> ${put[1]}`;
  const fresher = NEW_AT.exec(text);
  if (fresher) return `${fresher[1]} -> ${fresher[2]}`;
  const wanted = SHOULD_BE.exec(text);
  if (wanted) return `${wanted[1]} ${wanted[3]} = ${wanted[2]}`;
  const tested = OF_NOMINAL.exec(text);
  if (tested) return `${tested[1]} emission ${tested[2]}/${tested[3] ?? "100 %"}`;
  const point = asPoint(text);
  if (point !== text) return point;
  const [, work = "", object = ""] = WORKED.exec(text) ?? [];
  const [, one, rest = ""] = new RegExp(`^${PARTS}(?=\\s|$|:|;)\\s*(.*)$`).exec(object) ?? [];
  if (one) return `${one} ${work}${behind(rest)}`;
  const place = placeIn(object) ?? anyPlace(object);
  if (place !== undefined) return `${place} ${work}${behind(object.slice(place.length))}`;
  const fitted = /^fitted\s+(?:an?\s+|the\s+)?(?!new\s)(\S.*)$/i.exec(text)?.[1] ?? "";
  const before = placeIn(fitted);
  const value = fitted.slice(before?.length ?? 0).trim();
  if (before !== undefined && value !== "") return `${before} -> ${value}`;
  const at = placeAtEnd(fitted);
  if (at !== undefined && at !== fitted.toLowerCase()) return `${at} -> ${fitted}`;
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

/** A reading at a point, without the words that it does not need. */
const asPoint = (text: string): string => {
  const ripple = RIPPLE_ON.exec(text);
  if (ripple) return `${ripple[1]} ripple ${text.slice(ripple[0].length)}`;
  return text.replace(WHAT_IS_MEASURED, "").replace(POINT_IS, "$1 ");
};

/** Up to three words that no list has, where nothing but what was used follows: \`volume pot with contact cleaner\`. */
const anyPlace = (text: string): string | undefined => {
  const name = /^[a-z]+(?:[ -][a-z]+){0,2}(?=$|\s*[:;,]|\s+(?:with|using)\s)/i.exec(text)?.[0];
  return name && !/\b(?:and|or|of|from|in|on|at|to|by|for|it|all|out|up)\b/i.test(name) ? name : undefined;
};

/** The longest known place that a text ends with. */
const placeAtEnd = (text: string): string | undefined =>
  PLACES.filter((place) => text.toLowerCase().endsWith(place)).sort((a, b) => b.length - a.length)[0];

/** The longest known place that a text begins with. */
const placeIn = (text: string): string | undefined =>
  PLACES.filter((place) => isPlace(text, place)).sort((a, b) => b.length - a.length)[0];
