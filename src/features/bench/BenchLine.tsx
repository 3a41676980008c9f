"use client";

import { useMemo, useRef, useState } from "react";
import type { LineDraft, LineResult } from "@/core/bench-line";
import { notForRole, roleRefusal } from "@/core/access";
import type { LineChoice } from "@/core/shorthand";
import { describe, type Body, type Content } from "@/core/kinds";
import { ErrorText } from "@/ui/form";
import { dateField } from "@/ui/dates";
import { useShortcut } from "@/ui/keys";
import { grammar, useGrammar, useLogbook } from "@/ui/logbook";
import { DraftChip } from "@/ui/DraftChip";
import { Time } from "@/ui/Time";
import { useTyped } from "./typed";

const bodyOf = (draft: LineDraft): { body: Body; amends?: string } =>
  draft.type === "content"
    ? { body: draft.content }
    : { body: { kind: "amendment", payload: draft.amendment }, amends: draft.amends };

const NOTHING: LineResult = { kind: "empty" };
const UNREACHABLE = "The line cannot be read yet: the server cannot be reached. What you typed stays here.";

/** What an entry says, until the words of its line have come. */
function saidBy(body: Body): string {
  if (body.kind === "amendment") return `Amendment: ${body.payload.reason}`;
  const { subject, text } = describe(body satisfies Content);
  return `${subject}: ${text}`;
}

/** Entries that were kept on this device and that the server did not take afterwards: none goes out of sight by itself. */
function Refused({ onTake }: { onTake: (line: string) => void }) {
  const { refused, forget, lineState } = useLogbook();
  const lines = useGrammar();
  if (refused.length === 0) return null;
  return (
    <ul aria-label="Not taken by the server" className="flex max-h-40 flex-col gap-1 overflow-y-auto">
      {refused.map(({ draft, message }) => {
        const line = lines?.lineAnew(draft, draft.amends, lines.contextFor(lineState));
        const said = line ?? saidBy(draft);
        return (
          <li key={draft.id} role="alert" className="rounded-field border-2 border-warning p-2">
            <p className="font-mono break-words">{said}</p>
            <p>
              Written at <Time iso={draft.at} as="clock" /> and not taken: {message}
            </p>
            <div className="mt-1 flex gap-1">
              <button
                type="button"
                className="btn btn-outline h-10"
                aria-label={`Write anew: ${said}`}
                disabled={line === undefined}
                onClick={() => {
                  forget(draft.id);
                  onTake(line ?? "");
                }}
              >
                Write it anew
              </button>
              <button
                type="button"
                className="btn btn-ghost h-10"
                aria-label={`Give up: ${said}`}
                onClick={() => forget(draft.id)}
              >
                Give it up
              </button>
            </div>
          </li>
        );
      })}
    </ul>
  );
}

/** Lines that a line was taken apart into, and that are not written yet: each comes into the field after the one before. */
function Coming({ lines, onLeaveOut }: { lines: readonly string[]; onLeaveOut: () => void }) {
  if (lines.length === 0) return null;
  return (
    <p className="flex flex-wrap items-center gap-x-2 text-sm" role="status">
      <span className="dim">Then</span>
      {lines.map((line, place) => (
        <span key={`${place} ${line}`} className="font-mono">
          {line}
          {place < lines.length - 1 ? ";" : ""}
        </span>
      ))}
      <button type="button" className="btn btn-ghost btn-sm ml-auto min-h-10" onClick={onLeaveOut}>
        Leave {lines.length === 1 ? "it" : "them"} out
      </button>
    </p>
  );
}

/** One text field that turns shorthand into entries, showing what it understood before Enter. */
export function BenchLine() {
  const { lineState, append, setId, access, entries, clock } = useLogbook();
  const { text, setText, coming, setComing, advance, remember, older, newer } = useTyped(setId);
  const [refusal, setRefusal] = useState<string>();
  const field = useRef<HTMLInputElement>(null);
  const known = useGrammar();
  const result = useMemo(
    () => known?.parseLine(text, { ...known.contextFor(lineState), today: dateField(clock()) }) ?? NOTHING,
    [known, text, lineState, clock],
  );
  // What the role may not write is said before Enter; a role that writes nothing at all is told at once.
  const refusalOf = (one: LineResult): string | undefined => {
    if (one.kind !== "draft") return roleRefusal(access, "write");
    const { body, amends } = bodyOf(one.draft);
    return notForRole(access, { kind: body.kind, amends: amends ?? null }, entries);
  };
  const mayNot = refusalOf(result);

  useShortcut((key) => {
    if (key === "/") field.current?.focus();
    return key === "/";
  });

  const change = (next: string) => {
    setRefusal(undefined);
    setText(next);
  };
  const choose = ({ text: next, then }: Pick<LineChoice, "text" | "then">) => {
    change(next);
    if (then) setComing([...then, ...coming]);
    field.current?.focus();
  };

  const write = async () => {
    const typed = text;
    // Who is faster than the grammar waits for it.
    const words = known ?? (await grammar().catch(() => undefined));
    if (!words) return setRefusal(UNREACHABLE);
    const now = words.parseLine(typed, { ...words.contextFor(lineState), today: dateField(clock()) });
    // What does not read stays in the field; it comes back with ↑ also when another line is typed over it.
    if (now.kind !== "draft" || refusalOf(now)) return typed.trim() ? remember(typed) : undefined;
    const { body, amends } = bodyOf(now.draft);
    remember(typed);
    const takeBack = advance();
    const outcome = await append(body, amends ? { amends } : {});
    if (outcome.ok) return;
    // Refused: what was typed comes back.
    takeBack();
    setRefusal(outcome.problems[0]?.message);
  };

  const onKeyDown = (event: React.KeyboardEvent) => {
    const choices = result.kind === "question" || result.kind === "not-understood" ? result.choices : undefined;
    const choice = event.altKey ? choices?.[Number(event.key) - 1] : undefined;
    if (choice) choose(choice);
    else if (event.key === "ArrowUp") older();
    else if (event.key === "ArrowDown") newer();
    else if (event.key === "Escape") field.current?.blur();
    else return;
    event.preventDefault();
  };

  return (
    <form
      className="flex flex-col gap-1.5 border-t border-base-300 bg-base-200 p-2"
      onSubmit={(event) => {
        event.preventDefault();
        void write();
      }}
    >
      <Refused
        onTake={(taken) => {
          if (text.trim()) remember(text);
          change(taken);
          field.current?.focus();
        }}
      />
      <input
        ref={field}
        value={text}
        onChange={(event) => change(event.target.value)}
        onKeyDown={onKeyDown}
        aria-label="Bench line"
        aria-describedby="draft-chip"
        autoComplete="off"
        autoCapitalize="off"
        spellCheck={false}
        placeholder="Bench line"
        className="input h-12 w-full font-mono text-lg"
      />
      <div id="draft-chip" aria-live="polite" className="max-h-72 min-h-14 overflow-y-auto">
        {(refusal ?? mayNot) ? (
          <ErrorText>{refusal ?? mayNot}</ErrorText>
        ) : (
          <DraftChip result={result} line={text} onChoose={choose} />
        )}
      </div>
      <Coming lines={coming} onLeaveOut={() => setComing([])} />
    </form>
  );
}
