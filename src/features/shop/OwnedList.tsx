"use client";

import { useState } from "react";
import { v7 } from "uuid";
import { addressText, type Link } from "@/core/instruments";
import { calibrationOf } from "@/core/readings";
import { Time } from "@/ui/Time";
import { VerdictMark, type Mark } from "@/ui/VerdictMark";

/** What the shop owns and keeps calibrated: a meter, or another instrument. */
type Owned = {
  id: string;
  name: string;
  version: number;
  retired: boolean;
  calibratedOn: string | null;
  everyMonths: number;
  link: Link | null;
};

const MARKS: Record<string, { mark: Mark; word: string }> = {
  good: { mark: "good", word: "calibrated" },
  soon: { mark: "watch", word: "due soon" },
  overdue: { mark: "bad", word: "overdue" },
  never: { mark: "none", word: "never calibrated" },
};

function Calibration({ one, today }: { one: Owned; today: string }) {
  if (one.retired) return "no longer in use";
  const { state, due } = calibrationOf(one.calibratedOn, one.everyMonths, today);
  const { mark, word } = MARKS[state] ?? { mark: "none", word: state };
  return (
    <>
      <VerdictMark mark={mark} note={word} />{" "}
      {due ? (
        <span className="dim">
          due <Time iso={due} as="day" />
        </span>
      ) : null}
    </>
  );
}

type OwnedListProps<T extends Owned> = {
  all: readonly T[];
  today: string;
  /** what stands in a row behind the name */
  facts: (one: T) => React.ReactNode;
  /** the form of one, or of a new one */
  form: (one: T | undefined, id: string, onDone: () => void) => React.ReactNode;
  /** what is said while there is none */
  none: React.ReactNode;
  add: string;
};

/** A list whose rows are changed in their place; a new one is made below it. */
export function OwnedList<T extends Owned>({ all, today, facts, form, none, add }: OwnedListProps<T>) {
  const [editing, setEditing] = useState<string>();
  const [fresh, setFresh] = useState<string>();
  return (
    <div className="flex flex-col gap-3">
      {all.length === 0 && !fresh ? none : null}
      <ul className="flex flex-col gap-2">
        {all.map((one) =>
          editing === one.id ? (
            <li key={one.id}>{form(one, one.id, () => setEditing(undefined))}</li>
          ) : (
            <li
              key={one.id}
              className={`flex min-h-14 flex-wrap items-center gap-x-5 rounded-box border border-base-300 px-3 py-1 ${one.retired ? "dim" : ""}`}
            >
              <strong className="min-w-52 grow">{one.name}</strong>
              {facts(one)}
              {one.link ? (
                <span className="font-mono">
                  {addressText(one.link)}
                  {one.link.standIn ? <span className="dim font-sans"> stand-in</span> : null}
                </span>
              ) : null}
              <span className="w-72">
                <Calibration one={one} today={today} />
              </span>
              <button
                type="button"
                className="btn btn-outline h-10"
                aria-label={`Change ${one.name}`}
                onClick={() => setEditing(one.id)}
              >
                Change
              </button>
            </li>
          ),
        )}
      </ul>
      {fresh ? (
        form(undefined, fresh, () => setFresh(undefined))
      ) : (
        <button type="button" className="btn btn-outline h-11 self-start" onClick={() => setFresh(v7())}>
          {add}
        </button>
      )}
    </div>
  );
}
