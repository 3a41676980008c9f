"use client";

import type { CircuitFacts } from "@/core/circuit";
import { METHOD_NAMES, STAGE_NAMES, type Method, type PlanStep, type PowerPlan } from "@/core/power";
import { format } from "@/core/quantity";
import { riseAt } from "./rise";
import { ResultTable } from "@/ui/ResultTable";

type PlanHeadProps = {
  plan: PowerPlan;
  /** what the set's circuit gives on the way up */
  facts: CircuitFacts | undefined;
  methods: readonly Method[];
  taps: readonly number[];
  tap: number;
  /** what the bench's line is, in words; empty where the set is not on it */
  bench: string;
  open: boolean;
  onChoose: (part: { method?: Method; tap?: number }) => void;
};

const MEASURES = { amps: "A", bplus: "B+", heaters: "heaters", lamp: "lamp" } as const;

/** Every step of the plan at a glance: what to set, how long, what to read, what to expect, where to stop. */
function PlanTable({ steps, facts }: { steps: readonly PlanStep[]; facts: CircuitFacts | undefined }) {
  const amps = (value: number | undefined) => (value === undefined ? "–" : format(value, "current", 2));
  const net = (step: PlanStep) => {
    const rise = riseAt(facts, step);
    return rise ? `; by the net ${format(rise.cold, "voltage", 3)}, then ${format(rise.loaded, "voltage", 3)}` : "";
  };
  return (
    <details className="mt-1">
      <summary className="min-h-10 cursor-pointer py-2">The whole plan, step by step</summary>
      <ResultTable
        tight
        rows={steps}
        keyOf={({ key }) => key}
        columns={[
          {
            head: "Stage",
            names: true,
            className: "font-normal",
            cell: ({ stage, measures }) => `${STAGE_NAMES[stage]}${measures.includes("lamp") ? ", lamp" : ""}`,
          },
          { head: "Set", className: "font-bold", cell: ({ volts }) => format(volts, "voltage", 3) },
          { head: "Hold", cell: ({ holdSeconds }) => format(holdSeconds, "time") },
          { head: "Read", cell: ({ measures }) => measures.map((measure) => MEASURES[measure]).join(", ") },
          {
            head: "Expect",
            cell: (step) =>
              `${amps(step.heatersOnlyAmps ?? step.amps)}${step.bplus ? `, B+ to ${format(step.bplus[1], "voltage", 2)}` : ""}${net(step)}`,
          },
          { head: "Stop above", className: "font-bold", cell: ({ stopAmps }) => amps(stopAmps) },
        ]}
      />
    </details>
  );
}

/** How power is brought on and why, at which tap, and what is made ready before. */
export function PlanHead({ plan, facts, methods, taps, tap, bench, open, onChoose }: PlanHeadProps) {
  const summary = [METHOD_NAMES[plan.method], taps.length > 1 ? `selector at ${tap} V` : "", bench];
  return (
    <>
      <details open={open} className="rounded-box bg-base-200 px-3">
        <summary className="min-h-10 cursor-pointer py-2">
          <strong>{summary.filter(Boolean).join(" · ")}</strong>
        </summary>
        <div className="flex flex-wrap items-center gap-2">
          {methods.length > 1
            ? methods.map((method) => (
                <button
                  key={method}
                  type="button"
                  aria-pressed={plan.method === method}
                  className={`btn h-10 ${plan.method === method ? "btn-primary" : "btn-outline"}`}
                  onClick={() => onChoose({ method })}
                >
                  {METHOD_NAMES[method]}
                </button>
              ))
            : null}
          {taps.length > 1 ? (
            <label className="flex items-center gap-1.5">
              <span>Selector at</span>
              <select
                className="select h-10 w-28"
                value={tap}
                onChange={(event) => onChoose({ tap: Number(event.target.value) })}
              >
                {taps.map((one) => (
                  <option key={one} value={one}>
                    {one} V
                  </option>
                ))}
              </select>
            </label>
          ) : null}
        </div>
        <p className="mt-1">{plan.why}</p>
        <ul className="list-disc pl-5">
          {plan.prepare.map((text) => (
            <li key={text}>{text}</li>
          ))}
        </ul>
        {plan.not ? <p className="my-1">{plan.not}</p> : null}
        <PlanTable steps={plan.steps} facts={facts} />
      </details>
      {plan.noWatts ? (
        <p className="border-l-4 border-warning pl-2 font-semibold">
          The model has no watts yet: write them into Reference, and the currents to expect and the limits stand here.
        </p>
      ) : null}
    </>
  );
}
