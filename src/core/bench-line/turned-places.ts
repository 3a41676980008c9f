import { placeAt, placeAtEnd, placeOf } from "../kinds";

/** Work on a place that has no designator, where what was done stands first. */

/** Up to four words that no list has, where nothing but what was used follows: `volume pot with contact cleaner`. */
function anyPlace(text: string): string | undefined {
  const name = /^[a-z]+(?:[ -](?!with\b|using\b)[a-z]+){0,3}(?=$|\s*[:;,]|\s+(?:with|using)\s)/i.exec(text)?.[0];
  return name && !/\b(?:and|or|of|from|in|on|at|to|by|for|it|all|out|up)\b/i.test(name) ? name : undefined;
}

const WORKED_AT_END =
  /(?:^|[\s,])(?:cleaned|lubricated|greased|oiled|adjusted|repaired|mended|glued|painted|replaced)$/i;

const behind = (rest: string): string => {
  const text = rest.trim();
  return text === "" || /^[:;,]/.test(text) ? text : ` ${text}`;
};

/** `fitted fuse 1 A slow`, `fitted 3-core mains lead`: what went in at a place. */
function putIn(text: string): string | undefined {
  const fitted = /^fitted\s+(?:an?\s+|the\s+)?(?!new\s)(\S.*)$/i.exec(text)?.[1] ?? "";
  const first = placeAt(fitted);
  const value = fitted.slice(first?.length ?? 0).replace(/^[\s,]+/, "");
  if (first !== undefined && value !== "") return `${first} -> ${value}`;
  const last = placeAtEnd(fitted);
  return last !== undefined && last !== fitted.toLowerCase() ? `${last} -> ${fitted}` : undefined;
}

/** `cabinet: veneer lifted on the left, glued` */
function placeAndColon(text: string): string | undefined {
  const [, place = "", said = ""] = /^([a-z][a-z ]*):\s+(\S.*)$/i.exec(text) ?? [];
  return placeAt(place)?.length === place.length && WORKED_AT_END.test(said) ? `${place} ${said}` : undefined;
}

/** `fuse 1 A T fitted`, `fuse was 5 A, fitted 1 A`. */
function wentIn(text: string): string | undefined {
  const [, said = ""] =
    /^(\S.*?\S)[,;]?\s+(?:(?:was|is)\s+)?(?:fitted|installed|put in|soldered in)$/i.exec(text) ?? [];
  const place = placeAt(said);
  if (place !== undefined && said.length > place.length) return `${place} -> ${said.slice(place.length).trim()}`;
  const [, before = "", old = "", now = ""] =
    /^(\S.*?)\s+(?:was|had|is)\s+(\S.*?)[,;]\s+(?:now|fitted|put in|replaced\s+(?:with|by))\s+(\S.*)$/i.exec(text) ??
    [];
  return before !== "" && placeAt(before)?.length === before.length ? `${before} ${old} -> ${now}` : undefined;
}

/** `pilot lamp dead, new one 6.3 V 0.15 A`. */
function newOne(text: string): string | undefined {
  const [, before = "", now = ""] =
    /^(\S.*?)[,;]\s+(?:fitted\s+)?(?:an?\s+)?new(?:\s+one)?:?\s+(\S*\d.*)$/i.exec(text) ?? [];
  return before !== "" && placeAt(before) !== undefined ? `${before} -> ${now}` : undefined;
}

/** The mains lead by its other names, where something was done to it. */
const OTHER_NAMES: readonly (readonly [RegExp, string])[] = [
  [/^(?:power|line|mains)\s+(?:cord|cable|flex)\b/i, "mains lead"],
  [/^power\s+plug\b/i, "mains plug"],
  [/^(?:power|on[/-]off)\s+switch\b/i, "mains switch"],
  [/^power\s+transformer\b/i, "mains transformer"],
];
export const namedAsUsual = (text: string): string => {
  const [name, instead] = OTHER_NAMES.find(([one]) => one.test(text)) ?? [];
  const said = name && instead ? text.replace(name, instead) : text;
  return placeOf(said) ? said : text;
};

/** `new dial cord`, `fitted a new dial cord: it slipped`. */
function renewed(text: string): string | undefined {
  const fresh = /^(?:fitted\s+)?(?:an?\s+)?new\s+(\S.*?)(?:\s+fitted)?$/i.exec(text)?.[1] ?? "";
  const place = placeAt(fresh);
  if (place === undefined) return undefined;
  const what = fresh
    .slice(place.length)
    .replace(/^[\s,]+/, "")
    .trim();
  return what === "" || what.startsWith(":") ? `${place} replaced${what}` : `${place} -> ${what}`;
}

/**
 * @param text the whole line
 * @param work what was done, where the line begins with it, and `object` what it was done to
 */
export function turnedPlace(text: string, work: string, object: string): string | undefined {
  const place = placeAt(object) ?? anyPlace(object);
  return place === undefined
    ? (putIn(text) ?? renewed(text) ?? wentIn(text) ?? newOne(text) ?? placeAndColon(text))
    : `${place} ${work}${behind(object.slice(place.length))}`;
}
