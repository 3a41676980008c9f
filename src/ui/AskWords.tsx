"use client";

import { useState } from "react";

type AskWordsProps = {
  /** what is asked, also for who does not see the field */
  label: string;
  placeholder?: string;
  className?: string;
  /** what is typed, without blanks around it */
  onWrite: (words: string) => void;
  onCancel: () => void;
};

/** A line of words that an answer needs: a reason, what was seen. Esc leaves it. */
export function AskWords({ label, placeholder = label, className = "", onWrite, onCancel }: AskWordsProps) {
  const [words, setWords] = useState("");
  return (
    <form
      className={`flex flex-wrap gap-2 py-1 ${className}`}
      onSubmit={(event) => {
        event.preventDefault();
        onWrite(words.trim());
      }}
    >
      <input
        className="input h-11 min-w-52 flex-1"
        autoFocus
        aria-label={label}
        placeholder={placeholder}
        value={words}
        onChange={(event) => setWords(event.target.value)}
        onKeyDown={(event) => event.key === "Escape" && onCancel()}
      />
      <button className="btn btn-primary h-11">Write it</button>
      <button type="button" className="btn btn-ghost h-11" onClick={onCancel}>
        Cancel
      </button>
    </form>
  );
}
