/** Minutes of `45 min`, `2 h`, `1 h 20 min`; undefined where the text is no time. */
export function readMinutes(text: string): number | undefined {
  const found = /^\s*(?:(\d+(?:[.,]\d+)?)\s*h)?\s*(?:(\d+(?:[.,]\d+)?)\s*(?:min|m)?)?\s*$/i.exec(text);
  if (!found || (found[1] === undefined && found[2] === undefined)) return undefined;
  const number = (part: string | undefined) => Number((part ?? "0").replace(",", "."));
  return number(found[1]) * 60 + number(found[2]);
}
