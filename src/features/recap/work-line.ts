import { PLAN_ACTION_WORDS, type FilledLine } from "@/core/components";
import { printMarking } from "@/core/stock";

/** What is typed where the stock had nothing, by place. */
export type TypedWork = Readonly<Record<string, string>>;

/** One part that goes in, as the bench line has it. */
function pieces(line: FilledLine, typed: TypedWork): string[] | undefined {
  const found = line.filled.map(({ need, chosen }) => {
    const text = typed[need.designator]?.trim();
    if (text) return [{ name: need.designator, text }];
    if (!chosen) return undefined;
    const { items, pair } = chosen;
    return items.map((item, index) => ({
      name: items.length > 1 ? `${need.designator}${"AB"[index]}` : need.designator,
      text: `${printMarking(item)}${pair ? ` in ${pair.way}` : ""} from ${item.code}`,
    }));
  });
  if (found.some((one) => one === undefined)) return undefined;
  const all = found.flatMap((one) => one ?? []);
  const several = all.length > 1;
  return all.map(({ name, text }) => (several || name !== line.designator ? `${name} ${text}` : text));
}

/**
 * The bench line that does a line of the plan: what comes out, what goes in and from which label, where the old part
 * goes. Undefined while it is not known what goes in.
 */
export function workLine(
  line: FilledLine,
  typed: TypedWork = {},
  old: "bag" | "kept" | "discarded" = "bag",
): string | undefined {
  if (line.action !== "replace" && line.action !== "restuff") return undefined;
  const now = pieces(line, typed);
  if (!now || now.length === 0) return undefined;
  const restuff = line.action === "restuff";
  return [
    line.designator,
    line.spec ? line.drawn : "",
    restuff ? "restuffed" : "",
    `-> ${now.join(" + ")}`,
    `old ${restuff ? "in shell" : old === "bag" ? "in bag" : old}`,
  ]
    .filter(Boolean)
    .join(" ");
}

/** Can this line be done now? Kept, tested and done lines have nothing to do. */
export const isWork = (line: Pick<FilledLine, "action">): boolean =>
  line.action === "replace" || line.action === "restuff";

/** How many lines are proposed to be what, in words. */
export function tally(lines: readonly Pick<FilledLine, "action">[]): string {
  const actions = ["replace", "restuff", "test", "keep", "done"] as const;
  return actions
    .flatMap((action) => {
      const count = lines.filter((line) => line.action === action).length;
      return count > 0 ? [`${count} ${PLAN_ACTION_WORDS[action]}`] : [];
    })
    .join(", ");
}
