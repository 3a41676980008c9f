/** Minutes of `45 min`, `2 h`, `1 h 20 min`, `1h30`, `1:30`; undefined where the text is no time. */
export function readMinutes(text: string): number | undefined {
  const [, hours, minutes] = /^\s*(\d{1,2}):([0-5]\d)(?:\s*h(?:ours?|rs?)?)?\s*$/i.exec(text) ?? [];
  if (hours !== undefined) return Number(hours) * 60 + Number(minutes);
  const found =
    /^\s*(?:(\d+(?:[.,]\d+)?)\s*h(?:ours?|rs?)?)?\s*(?:(\d+(?:[.,]\d+)?)\s*(?:min(?:ute)?s?|m)?)?\s*$/i.exec(text);
  if (!found || (found[1] === undefined && found[2] === undefined)) return undefined;
  const number = (part: string | undefined) => Number((part ?? "0").replace(",", "."));
  return number(found[1]) * 60 + number(found[2]);
}
