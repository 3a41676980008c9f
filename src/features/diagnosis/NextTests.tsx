"use client";

import { TriangleAlert, Zap } from "lucide-react";
import { useState } from "react";
import { NEED_NAMES, type NextTest } from "@/core/diagnosis";
import type { Sheet } from "@/core/model";
import { Where } from "@/ui/picture/later";
import { caution, percent } from "./words";

type NextTestsProps = {
  tests: readonly NextTest[];
  sheet: Sheet;
  onOutcome: (test: NextTest, outcome: { key: string; says: string }) => void;
  onImagine: (test?: string, outcome?: string) => void;
};

/** The next tests, the best first: why, how to do it safely, and what each outcome would mean. */
export function NextTests({ tests, sheet, onOutcome, onImagine }: NextTestsProps) {
  // On a touch screen nothing hovers: switched on, an outcome that is pressed is looked at and not written down.
  const [looking, setLooking] = useState(false);
  return (
    <>
      <label className="flex min-h-11 items-center gap-2">
        <input
          type="checkbox"
          className="toggle"
          checked={looking}
          onChange={(event) => {
            setLooking(event.target.checked);
            onImagine();
          }}
        />
        What if: look only, write nothing
      </label>
      <ol className="flex flex-col gap-2">
        {tests.map((test, index) => (
          <li key={test.id} className="rounded-box border border-base-300 p-2">
            <p className="flex items-baseline gap-2">
              <span className="dim font-mono">{index + 1}</span>
              <strong className="grow">{test.name}</strong>
              <span className="font-mono whitespace-nowrap">{Math.round(test.minutes * 2) / 2} min</span>
            </p>
            <p>{test.reason}</p>
            <details>
              <summary className="dim flex min-h-10 cursor-pointer items-center gap-1.5">
                {test.hazard > 1 ? <Zap size={16} className="text-error" aria-label="dangerous" role="img" /> : null}
                {test.hazard === 1 ? (
                  <TriangleAlert size={16} className="text-warning" aria-label="with care" role="img" />
                ) : null}
                How{test.needs.length > 0 ? `: ${test.needs.map((need) => NEED_NAMES[need]).join(", ")}` : ""}
              </summary>
              <p>{test.how}</p>
              <p className={test.hazard > 1 ? "font-semibold text-error" : "dim"}>
                {caution(test.hazard, sheet, test.needs)}
              </p>
              {test.parts.length > 0 ? <Where names={test.parts} className="max-w-60" /> : null}
              <p className="dim text-sm">
                Tells {test.bits.toFixed(2)} bit; from here about {Math.round(test.toFind)} min to the cause this way.
              </p>
            </details>
            <div role="group" aria-label={`What came of it: ${test.name}`} className="flex flex-wrap gap-1.5">
              {test.outcomes.map((outcome) => (
                <button
                  key={outcome.key}
                  type="button"
                  className={`btn h-10 min-h-10 gap-1 px-2 font-normal ${looking ? "btn-dash" : "btn-outline"}`}
                  onMouseEnter={() => onImagine(test.id, outcome.key)}
                  onMouseLeave={() => looking || onImagine()}
                  onFocus={() => onImagine(test.id, outcome.key)}
                  onBlur={() => looking || onImagine()}
                  onClick={() => (looking ? onImagine(test.id, outcome.key) : onOutcome(test, outcome))}
                >
                  {outcome.says} <span className="dim font-mono text-sm">{percent(outcome.probability)}</span>
                </button>
              ))}
            </div>
          </li>
        ))}
      </ol>
    </>
  );
}
