import { Check, CircleAlert, CircleDashed, MinusCircle } from "lucide-react";

/** How a line of a list was answered, by shape and word. */
export const ANSWER_MARKS = {
  done: { icon: Check, tone: "text-success", word: "in order" },
  na: { icon: MinusCircle, tone: "text-info", word: "does not apply" },
  skipped: { icon: MinusCircle, tone: "text-info", word: "skipped" },
  trouble: { icon: CircleAlert, tone: "text-warning", word: "wrong" },
  unmet: { icon: CircleAlert, tone: "text-warning", word: "not met" },
  open: { icon: CircleDashed, tone: "dim", word: "not looked at" },
} as const;

export function AnswerMark({ state }: { state: keyof typeof ANSWER_MARKS }) {
  const { icon: Icon, tone, word } = ANSWER_MARKS[state];
  return <Icon size={20} className={`shrink-0 ${tone}`} role="img" aria-label={word} />;
}
