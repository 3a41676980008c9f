"use client";

import { CornerDownLeft } from "lucide-react";
import type { LineResult } from "@/core/bench-line";
import { inWords, type Content } from "@/core/kinds";
import type { LineChoice } from "@/core/shorthand";
import { VerdictMark } from "./VerdictMark";

type DraftChipProps = { result: LineResult; line: string; onChoose: (choice: LineChoice) => void };

/** Fields that the line of the tape tells already, or that are nobody's to read. */
const TOLD = new Set(["point", "designator", "designators", "text", "what", "quantity", "sense", "meterOhms"]);

/** What the line was taken apart into, each by its name: one sees what is a value, a limit or a remark. */
function Apart({ content }: { content: Content }) {
  const fields = inWords(content).filter(({ field }) => !TOLD.has(field));
  if (fields.length < 2) return null;
  return (
    <ul aria-label="Understood as" className="mt-0.5 flex flex-wrap gap-x-3 text-sm">
      {fields.map(({ field, name, text }) => (
        <li key={field}>
          <span className="dim">{name}</span> {text.slice(0, 120)}
        </li>
      ))}
    </ul>
  );
}

function Choices({ choices, onChoose }: { choices: readonly LineChoice[]; onChoose: (choice: LineChoice) => void }) {
  return (
    <div className="mt-1 flex flex-wrap gap-1.5">
      {choices.map((choice, index) => (
        <button
          key={choice.text}
          type="button"
          className="btn btn-outline btn-primary h-auto min-h-10 max-w-full justify-start px-3 py-1 text-left whitespace-normal"
          onClick={() => onChoose(choice)}
        >
          <kbd className="kbd kbd-xs">Alt {index + 1}</kbd> {choice.label}
        </button>
      ))}
    </div>
  );
}

/** What the line was understood as, before Enter: the entry, a question with its answers, or the place that is unclear. */
export function DraftChip({ result, line, onChoose }: DraftChipProps) {
  if (result.kind === "empty")
    return (
      <p className="dim text-sm">
        <kbd className="kbd kbd-sm">/</kbd> jumps here. Try <span className="font-mono">B+ 248 @ 230</span>,{" "}
        <span className="font-mono">C14 leaky -&gt; 0.047/630</span>, <span className="font-mono">? hum</span>
      </p>
    );
  if (result.kind === "not-understood")
    return (
      <div>
        <p className="font-semibold text-warning">{result.message}</p>
        {line.trim() !== "" && line.length <= 200 ? (
          <p className="font-mono text-sm break-all" aria-hidden="true">
            <span className="dim">{line.slice(0, result.at)}</span>
            <mark className="bg-warning text-warning-content">{line.slice(result.at, result.at + 1) || "▯"}</mark>
            {line.slice(result.at + 1)}
          </p>
        ) : null}
        {result.choices ? <Choices choices={result.choices} onChoose={onChoose} /> : null}
      </div>
    );
  if (result.kind === "question")
    return (
      <div>
        <p className="font-semibold">{result.question}</p>
        <Choices choices={result.choices} onChoose={onChoose} />
      </div>
    );
  const { line: entry, hints, draft } = result;
  return (
    <div>
      <p className="flex flex-wrap items-baseline gap-x-2 rounded-field border border-primary bg-base-100 px-2 py-1">
        <span className="font-mono font-bold">{entry.subject}</span>
        <span>{entry.text}</span>
        {entry.verdict ? <VerdictMark mark={entry.verdict} /> : null}
        <CornerDownLeft size={16} className="dim ml-auto self-center" aria-label="Enter writes it" />
      </p>
      {draft.type === "content" ? <Apart content={draft.content} /> : null}
      {hints.slice(0, 2).map((hint) => (
        <p key={hint} className="dim mt-0.5 text-sm">
          {hint}
        </p>
      ))}
    </div>
  );
}
