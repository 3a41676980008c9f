import { readOutput, readTurns } from "@/core/alignment";
import type { Aligned } from "@/core/kinds";
import type { AlignmentRow } from "@/core/model";
import { parseQuantity } from "@/core/quantity";

/** What is typed at a step. */
export type Typed = { before: string; after: string; turned: string; loudest: string; end: boolean; remark: string };
/** Nothing typed yet. */
export const NOTHING: Typed = { before: "", after: "", turned: "", loudest: "", end: false, remark: "" };

/** What is typed at a step as an entry, or what is wrong with a field of it. */
export function readStep(
  row: AlignmentRow,
  outcome: Aligned["outcome"],
  typed: Typed,
  reason?: string,
): { ok: true; payload: Omit<Aligned, "v" | "preflight"> } | { ok: false; field: keyof Typed; message: string } {
  const bad = (field: keyof Typed, message: string) => ({ ok: false as const, field, message });
  const like = [typed.before, typed.after]
    .flatMap((text) => readOutput(text)?.scale ?? [])
    .find((one) => one !== "number");
  const before = readOutput(typed.before, like);
  const after = readOutput(typed.after, like ?? before?.scale);
  if (typed.before.trim() && !before)
    return bad("before", `“${typed.before}” is no output: V, A, W, dB, S units or Hz.`);
  if (typed.after.trim() && !after) return bad("after", `“${typed.after}” is no output: V, A, W, dB, S units or Hz.`);
  const turned = typed.turned.trim();
  const eighths = turned === "" ? undefined : readTurns(turned);
  if (turned !== "" && eighths === undefined)
    return bad("turned", `“${turned}” is no turn in eighths: 3/8 in, 1/4 out, 1 1/8 in.`);
  const kilohertz = typed.loudest.trim();
  const there = parseQuantity(/[a-z]/i.test(kilohertz) ? kilohertz : `${kilohertz} kHz`, "frequency");
  const loudest = kilohertz !== "" && there.ok ? there.value : undefined;
  if (kilohertz !== "" && !(loudest && loudest > 0))
    return bad("loudest", "Where it is loudest is a frequency in kHz: 467.5.");
  if (outcome === "moved" && eighths === undefined && after === undefined)
    return bad(
      "after",
      "Type the output after it, or how far it was turned. If it was right, press “Was right: left”.",
    );
  const { group, adjust, hertz, aim, end: ends } = row;
  return {
    ok: true,
    payload: {
      ...{ group, adjust, aim, outcome },
      ...(hertz === undefined ? {} : { hertz }),
      ...(ends ? { ends } : {}),
      ...(before ? { before } : {}),
      ...(after && outcome === "moved" ? { after } : {}),
      ...(outcome === "moved" && eighths !== undefined ? { eighths } : {}),
      ...(typed.end ? { end: true } : {}),
      ...(loudest === undefined ? {} : { loudest }),
      ...(reason ? { reason } : {}),
      ...(typed.remark.trim() ? { remark: typed.remark.trim() } : {}),
    },
  };
}
