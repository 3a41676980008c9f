import { Check, Circle, Gauge, PackageOpen, Replace, type LucideIcon } from "lucide-react";
import { PLAN_ACTION_WORDS, type PlanAction } from "@/core/components";

const MARKS: Record<PlanAction, { icon: LucideIcon; tone: string }> = {
  keep: { icon: Circle, tone: "" },
  test: { icon: Gauge, tone: "text-info" },
  replace: { icon: Replace, tone: "text-primary" },
  restuff: { icon: PackageOpen, tone: "text-primary" },
  done: { icon: Check, tone: "text-success" },
};

/** What is proposed for a part: a shape and a word for each. */
export function ActionMark({ action }: { action: PlanAction }) {
  const { icon: Icon, tone } = MARKS[action];
  return (
    <span className={`inline-flex items-center gap-1.5 font-semibold whitespace-nowrap ${tone}`}>
      <Icon size={18} aria-hidden="true" />
      {PLAN_ACTION_WORDS[action]}
    </span>
  );
}
