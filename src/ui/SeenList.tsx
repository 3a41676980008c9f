"use client";

const ANSWERS = [
  ["so", "so"],
  ["not", "not so"],
] as const;
export type Seen = (typeof ANSWERS)[number][0];

type SeenListProps = {
  title: string;
  items: readonly { key: string; text: string; note?: string | undefined }[];
  seen: Readonly<Record<string, string | undefined>>;
  onSee: (change: Record<string, Seen>) => void;
  /** every line is answered, and the list is put away */
  onClose: () => void;
};

/** Lines that are looked at before something counts: each is so, or it is not. */
export function SeenList({ title, items, seen, onSee, onClose }: SeenListProps) {
  const open = items.some(({ key }) => !seen[key]);
  return (
    <fieldset className="mb-3 rounded-box bg-base-200 p-3">
      <legend className="sr-only">{title}</legend>
      <p className="mb-1 font-bold" aria-hidden="true">
        {title}
      </p>
      <ul className="flex flex-col gap-1">
        {items.map(({ key, text, note }) => (
          <li key={key} className="flex items-center gap-x-3">
            <span className="join shrink-0" role="group" aria-label={text}>
              {ANSWERS.map(([answer, word]) => (
                <button
                  key={answer}
                  type="button"
                  className={`btn join-item h-10 ${seen[key] === answer ? (answer === "so" ? "btn-primary" : "btn-warning") : "btn-outline"}`}
                  aria-pressed={seen[key] === answer}
                  onClick={() => onSee({ [key]: answer })}
                >
                  {word}
                </button>
              ))}
            </span>
            <span>
              {text}
              {note ? <span className="dim"> {note}</span> : null}
            </span>
          </li>
        ))}
      </ul>
      <div className="mt-2 flex gap-2">
        {open ? (
          <button
            type="button"
            className="btn btn-primary h-11"
            onClick={() => {
              onSee(Object.fromEntries(items.map(({ key }) => [key, (seen[key] || "so") as Seen])));
              onClose();
            }}
          >
            All of it is so
          </button>
        ) : (
          <button type="button" className="btn btn-outline h-11" onClick={onClose}>
            Done
          </button>
        )}
      </div>
    </fieldset>
  );
}
