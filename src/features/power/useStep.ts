"use client";

import { z } from "zod";
import { useKept } from "@/ui/kept";
import { EMPTY, type TypedStep } from "./fields";

const text = z.string();
const keptStep = z.object({
  step: text,
  typed: z.object({
    lineVolts: text,
    amps: text,
    bplus: text,
    heaters: text,
    endAmps: text,
    lamp: z.enum(["", "dark", "dim", "bright"]),
    remark: text,
    rails: z.record(text, text).default({}),
  }),
  /** when the hold began, ms since 1970 */
  startedAt: z.number().optional(),
});
type KeptStep = z.infer<typeof keptStep>;
const NONE: KeptStep = { step: "", typed: EMPTY };

/** How long a hold has lasted, whole seconds; undefined when none was begun. */
export const heldFor = (startedAt: number | undefined): number | undefined =>
  startedAt === undefined ? undefined : Math.round((Date.now() - startedAt) / 1000);

/** What is typed at a step, and when its hold began. It outlives a reload of the page. */
export function useStep(visitId: string, step: string | undefined) {
  const { value, set } = useKept(`power ${visitId}`, keptStep, NONE);
  const key = step ?? "";
  const at = (now: KeptStep): KeptStep => (now.step === key ? now : { step: key, typed: EMPTY });
  const mine = at(value);
  return {
    typed: mine.typed,
    startedAt: mine.startedAt,
    change: (part: Partial<TypedStep>) => set((now) => ({ ...at(now), typed: { ...at(now).typed, ...part } })),
    start: () => set((now) => ({ ...at(now), startedAt: at(now).startedAt ?? Date.now() })),
    /** Forgets a step that is written; what is typed at the next one by then stays. */
    clear: (written: string) => set((now) => (now.step === written ? NONE : now)),
  };
}
