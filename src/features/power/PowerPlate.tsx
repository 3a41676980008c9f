"use client";

import { useMemo, useState } from "react";
import { tapsOf } from "@/core/model";
import { bestTap, methodsFor, powerPlan, type Method } from "@/core/power";
import {
  poweredUp,
  powerProgress,
  powerRecords,
  stoppedAt,
  tapInForce,
  visitPolicy,
  type PowerRecord,
} from "@/core/visit";
import { format } from "@/core/quantity";
import { useCircuitFacts } from "@/ui/circuit/useCircuit";
import { useLogbook } from "@/ui/logbook";
import { ToConfirm } from "@/ui/ToConfirm";
import { readCell } from "./fields";
import { PlanHead } from "./PlanHead";
import { PowerChart, type RisePoint } from "./PowerChart";
import { riseAt } from "./rise";
import { RiseTable } from "./RiseTable";
import { StepLadder } from "./StepLadder";
import { StepPanel } from "./StepPanel";
import { StopPanel } from "./StopPanel";
import { useStep } from "./useStep";

const pointOf = (record: PowerRecord, faint: boolean): RisePoint => {
  const { payload, judgement } = record;
  return {
    key: record.id,
    volts: payload.lineVolts?.value ?? payload.fraction * payload.expected.fullVolts,
    amps: payload.endAmps?.value ?? payload.amps?.value,
    bplus: payload.bplus?.value,
    out: payload.stage === "rectifier-out" || payload.stage === "filaments",
    stopped: judgement.verdict === "stop",
    faint,
  };
};

/** First power: a plan made for this set and policy, and the rise itself, step by step, with the figures that stop it. */
export function PowerPlate() {
  const { model, settled, visit, shop } = useLogbook();
  const { sheet } = model;
  const wanted = visitPolicy(settled, visit.id);
  const records = powerRecords(settled, visit.id);
  const taps = tapsOf(sheet);
  const last = records.at(-1)?.payload;
  const [chosen, setChosen] = useState<{ method?: Method; tap?: number }>({});
  const [resumed, setResumed] = useState<string>();
  const [selected, setSelected] = useState<string>();
  const [goesOn, setGoesOn] = useState(false);
  const tap = chosen.tap ?? tapInForce(settled, visit.id, sheet) ?? bestTap(sheet, shop.lineVolts);
  const mains = sheet.supply !== "battery" && sheet.supply !== "low-voltage";
  const line = mains ? { volts: shop.lineVolts, hz: shop.lineHz } : { volts: tap, hz: shop.lineHz };
  const methods = methodsFor(sheet.supply, wanted.policy);
  const plan = powerPlan({
    sheet,
    policy: wanted.policy,
    method: chosen.method ?? last?.method ?? wanted.method,
    tap: taps.includes(tap) ? tap : bestTap(sheet, shop.lineVolts),
    line,
    lamps: shop.lamps,
  });
  const { steps, next } = powerProgress(plan, settled, visit.id);
  const step = steps.find((one) => one.key === selected) ?? next;
  const fractions = [...new Set(plan.steps.map(({ fraction }) => fraction))].join(" ");
  const asked = useMemo(() => ({ fractions: fractions.split(" ").map(Number) }), [fractions]);
  const facts = useCircuitFacts(sheet, asked);
  const stop = stoppedAt(settled, visit.id);
  const halted = stop && stop.id !== resumed ? stop : undefined;
  const { typed, startedAt, change, start, clear } = useStep(visit.id, step?.key);
  const lastStop = records.findLastIndex((record) => record.judgement.verdict === "stop");
  const points = records.map((record, index) =>
    pointOf(record, index < lastStop && record.payload.stage === records[lastStop]?.payload.stage),
  );
  const value = (key: "amps" | "bplus" | "lineVolts") => {
    const cell = step ? readCell(key, typed[key], step) : undefined;
    return cell?.kind === "value" ? cell.value : undefined;
  };
  const typing: RisePoint[] =
    step && value("amps") !== undefined
      ? [
          {
            key: "typing",
            volts: value("lineVolts") ?? step.volts,
            amps: value("amps"),
            bplus: value("bplus"),
            out: step.stage === "rectifier-out" || step.stage === "filaments",
            stopped: false,
            faint: true,
          },
        ]
      : [];
  const expected = (step ?? steps.at(-1))?.expected;
  const through = poweredUp(settled, visit.id);

  return (
    <div className="@container flex flex-col gap-3">
      {halted ? null : (
        <PlanHead
          plan={plan}
          facts={facts}
          methods={methods}
          taps={taps}
          tap={tap}
          bench={mains ? `bench ${format(shop.lineVolts, "voltage")} ${format(shop.lineHz, "frequency")}` : ""}
          open={records.length === 0}
          onChoose={(part) => {
            setSelected(undefined);
            setChosen({ ...chosen, ...part });
          }}
        />
      )}
      {plan.remarks.map((remark) => (
        <p key={remark} className="border-l-4 border-warning pl-2 font-semibold">
          {remark}
        </p>
      ))}
      <ToConfirm kind="power-step" />
      <StepLadder steps={steps} current={halted ? undefined : step?.key} onSelect={setSelected} />
      {through && !step ? (
        <p className="rounded-box border border-success p-2">
          <strong className="text-success">Full line reached.</strong> Every step can be taken again: choose it above.
        </p>
      ) : null}
      <div className="grid items-start gap-4 @xl:grid-cols-[minmax(0,1fr)_18.5rem]">
        {halted ? (
          <StopPanel
            record={halted}
            onResume={() => {
              setSelected(undefined);
              setResumed(halted.id);
            }}
          />
        ) : step ? (
          <StepPanel
            key={step.key}
            step={step}
            rise={riseAt(facts, step)}
            method={plan.method}
            typed={typed}
            startedAt={startedAt}
            onChange={change}
            onStart={start}
            goesOn={goesOn}
            onWrite={() => setGoesOn(true)}
            onDone={() => {
              clear(step.key);
              setSelected((current) => (current === step.key ? undefined : current));
            }}
          />
        ) : (
          <RiseTable steps={steps} />
        )}
        {expected ? <PowerChart expected={expected} points={[...points, ...typing]} /> : null}
      </div>
    </div>
  );
}
