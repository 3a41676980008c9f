import type { PartState } from "@/core/components";

const SHAPES: Record<PartState, { path: React.ReactNode; word: string; tone: string }> = {
  original: {
    path: <circle cx="8" cy="8" r="5" fill="none" strokeWidth="2" />,
    word: "original",
    tone: "text-base-content",
  },
  serviced: {
    path: <path d="M3 8.5 6.5 12 13 4.5" fill="none" strokeWidth="2.5" />,
    word: "serviced",
    tone: "text-success",
  },
  left: { path: <path d="M8 2.5v7M8 12.2v1.3" fill="none" strokeWidth="2.8" />, word: "left", tone: "text-warning" },
  replaced: {
    path: <rect x="3" y="3" width="10" height="10" fill="currentColor" />,
    word: "replaced",
    tone: "text-primary",
  },
  restuffed: {
    path: (
      <>
        <circle cx="8" cy="8" r="6" fill="none" strokeWidth="2" />
        <rect x="5.5" y="5.5" width="5" height="5" fill="currentColor" />
      </>
    ),
    word: "restuffed",
    tone: "text-primary",
  },
  substituted: {
    path: <path d="M2 10c3-6 4 2 6-2s3 2 6-2M8 2v2M8 13v1" fill="none" strokeWidth="2.2" />,
    word: "substituted",
    tone: "text-warning",
  },
  disconnected: {
    path: <path d="M1 8h4M11 8h4M6 5v6M10 5v6" fill="none" strokeWidth="2" />,
    word: "disconnected",
    tone: "text-info",
  },
  modified: {
    path: <path d="M8 2.5 14 13H2Z" fill="none" strokeWidth="2.2" />,
    word: "modified",
    tone: "text-secondary",
  },
  removed: { path: <path d="M4 4l8 8M12 4l-8 8" fill="none" strokeWidth="2.4" />, word: "removed", tone: "text-info" },
};

/** The words of the states, for a list of what the shapes mean. */
export const PART_STATE_WORDS = Object.fromEntries(
  Object.entries(SHAPES).map(([state, { word }]) => [state, word]),
) as Record<PartState, string>;

/** The shape of a state alone; whoever shows it says the word as well. */
export function PartShape({ state }: { state: PartState }) {
  const { path, tone } = SHAPES[state];
  return (
    <svg
      width="16"
      height="16"
      viewBox="0 0 16 16"
      stroke="currentColor"
      className={`shrink-0 ${tone}`}
      aria-hidden="true"
    >
      {path}
    </svg>
  );
}

/** What became of a part: a shape of its own for each state, with its word. */
export function PartStateMark({ state }: { state: PartState }) {
  const { path, word, tone } = SHAPES[state];
  return (
    <span className={`inline-flex items-center gap-1.5 font-semibold whitespace-nowrap ${tone}`}>
      <svg width="16" height="16" viewBox="0 0 16 16" stroke="currentColor" aria-hidden="true">
        {path}
      </svg>
      {word}
    </span>
  );
}
