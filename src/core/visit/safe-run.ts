import { ofKind, type ContentOf, type Settled } from "../kinds";
import { makeSafeList, type SafeItem } from "../power";
import type { Sheet } from "../model";

type CheckPayload = ContentOf<"check">["payload"];
export type SafeLine = SafeItem & { record?: { id: string; at: string; payload: CheckPayload } };

/** The make-safe list of a visit, each line with what was last written about it. */
export function safeLines(sheet: Sheet, year: number | null, settled: readonly Settled[], visitId: string): SafeLine[] {
  const records = new Map(
    ofKind(settled, "check")
      .filter(({ entry }) => entry.visitId === visitId)
      .map(({ entry, at, content }) => [content.payload.key, { id: entry.id, at, payload: content.payload }]),
  );
  return makeSafeList(sheet, year).map((item) => {
    const record = records.get(item.key);
    // A caution that was reworded since is another line.
    const same = record && (!item.learnt || record.payload.text === item.text);
    return { ...item, ...(same ? { record } : {}) };
  });
}

/** What the list still asks for, in words. */
export function safeLacks(lines: readonly SafeLine[]): string[] {
  const open = lines.filter((line) => !line.record);
  const wrong = lines.filter((line) => line.record?.payload.state === "trouble");
  const measure = open.find((line) => line.limitVolts !== undefined);
  const ticks = open.length - (measure ? 1 : 0);
  return [
    ...(measure ? ["What is left on the reservoir is not measured"] : []),
    ...(ticks > 0 ? [`${ticks} of ${lines.length} lines not looked at`] : []),
    ...wrong.map((line) => `${line.record?.payload.remark ?? line.text}`),
  ];
}
