"use client";

import { useRef, useState } from "react";
import { partChecked, readAct } from "@/core/practice";
import { ErrorText } from "@/ui/form";
import { useShortcut } from "@/ui/keys";
import type { PanelProps } from "./hand";

/** The line of the practice bench: what is done, in a few words, without leaving the keyboard. */
export function PracticeLine({ view, act, busy }: PanelProps) {
  const [text, setText] = useState("");
  const [before, setBefore] = useState("");
  const [tried, setTried] = useState(false);
  const field = useRef<HTMLInputElement>(null);
  useShortcut((key) => {
    if (key === "/") field.current?.focus();
    return key === "/";
  });
  const read = readAct(text, { points: view.points.map(({ point }) => point), tests: view.tests });
  const change = (next: string) => {
    setTried(false);
    setText(next);
  };
  const go = () => {
    setTried(true);
    if (busy || read?.kind !== "act") return;
    setBefore(text);
    setText("");
    void act(read.act);
  };
  return (
    <form
      className="no-print sticky bottom-0 z-10 flex flex-col gap-1 border-t border-base-300 bg-base-200 p-2"
      onSubmit={(event) => {
        event.preventDefault();
        go();
      }}
    >
      <input
        ref={field}
        value={text}
        onChange={({ target }) => change(target.value)}
        onKeyDown={(event) => {
          if (event.key === "Escape") field.current?.blur();
          else if (event.key === "ArrowUp" && text === "") change(before);
        }}
        aria-label="Practice line"
        aria-describedby="practice-line-says"
        autoComplete="off"
        autoCapitalize="off"
        spellCheck={false}
        placeholder="V4 grid · B+ ohms · on lamp · off · discharge · listen · check C7 · C7 -> new"
        className="input h-12 w-full font-mono text-lg"
      />
      <div id="practice-line-says" aria-live="polite" className="flex min-h-6 flex-wrap items-center gap-2 text-sm">
        {read?.kind === "choices" ? (
          <>
            Which of them?
            {read.choices.map((choice) => (
              <button
                key={choice}
                type="button"
                className="btn btn-outline h-10"
                onClick={() => {
                  change(choice);
                  field.current?.focus();
                }}
              >
                {choice}
              </button>
            ))}
          </>
        ) : read?.kind === "problem" && tried ? (
          <ErrorText>{read.message}</ErrorText>
        ) : read?.kind === "act" ? (
          <span className="dim">Enter: {doesWhat(read.act, view)}</span>
        ) : null}
      </div>
    </form>
  );
}

/** What a line will do, before Enter. */
function doesWhat(act: Parameters<PanelProps["act"]>[0], { tests }: PanelProps["view"]): string {
  switch (act.do) {
    case "on":
      return { line: "on, from the wall", lamp: "on, lamp limiter", isolated: "on, isolated" }[act.through];
    case "off":
      return "off and unplugged";
    case "discharge":
      return "discharge and measure";
    case "volts":
      return `volts at ${act.point}${act.clip ? ", clipped on with the power off" : ", probe held by hand"}`;
    case "ohms":
      return `ohms from ${act.point} to chassis`;
    case "test":
      return tests.find(({ id }) => id === act.test)?.name ?? "";
    case "exchange":
      return `put right ${partChecked(tests.find(({ id }) => id === act.check)?.name ?? "")}`;
    case "advice":
      return "ask for advice, 3 points";
    case "give-up":
      return "give up";
  }
}
