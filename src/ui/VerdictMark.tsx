import {
  ArrowDownFromLine,
  ArrowUpFromLine,
  CircleCheck,
  CircleSlash,
  Eye,
  HelpCircle,
  type LucideIcon,
} from "lucide-react";

export type Mark = "good" | "high" | "low" | "bad" | "watch" | "no-proof" | "none";

const MARKS: Record<Mark, { icon: LucideIcon; word: string; tone: string }> = {
  good: { icon: CircleCheck, word: "good", tone: "text-success" },
  high: { icon: ArrowUpFromLine, word: "high", tone: "text-warning" },
  low: { icon: ArrowDownFromLine, word: "low", tone: "text-warning" },
  bad: { icon: CircleSlash, word: "out", tone: "text-warning" },
  watch: { icon: Eye, word: "watch", tone: "text-info" },
  "no-proof": { icon: HelpCircle, word: "no proof", tone: "text-info" },
  none: { icon: HelpCircle, word: "no verdict", tone: "dim" },
};

/** A verdict by shape, word and colour; never by colour alone. */
export function VerdictMark({ mark, note, iconOnly }: { mark: Mark; note?: string | undefined; iconOnly?: boolean }) {
  const { icon: Icon, word, tone } = MARKS[mark];
  if (iconOnly) return <Icon size={18} className={`shrink-0 ${tone}`} aria-label={word} role="img" />;
  return (
    <span className={`inline-flex items-center align-bottom gap-1 font-semibold whitespace-nowrap ${tone}`}>
      <Icon size={18} aria-hidden="true" />
      {note ?? word}
    </span>
  );
}
