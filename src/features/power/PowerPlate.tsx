"use client";

import { useState } from "react";
import { tapsOf } from "@/core/model";
import { bestTap, METHOD_NAMES, methodsFor, powerPlan, type Method } from "@/core/power";
import { poweredUp, powerProgress, powerRecords, stoppedAt, visitPolicy, type PowerRecord } from "@/core/visit";
import { format } from "@/core/quantity";
import { useLogbook } from "@/ui/logbook";
import { readStep } from "./fields";
import { PowerChart, type RisePoint } from "./PowerChart";
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
  const tap = chosen.tap ?? last?.expected.fullVolts ?? bestTap(sheet, shop.lineVolts);
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
  const stop = stoppedAt(settled, visit.id);
  const halted = stop && stop.id !== resumed ? stop : undefined;
  const { typed, startedAt, change, start, clear } = useStep(visit.id, step?.key);
  const lastStop = records.findLastIndex((record) => record.judgement.verdict === "stop");
  const points = records.map((record, index) => pointOf(record, index < lastStop));
  const cells = step ? readStep(typed, step).cells : undefined;
  const value = (key: "amps" | "bplus" | "lineVolts") => {
    const cell = cells?.[key];
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
    <div className="flex flex-col gap-3">
      <div className="flex flex-wrap items-center gap-2">
        {methods.length > 1 ? (
          methods.map((method) => (
            <button
              key={method}
              type="button"
              aria-pressed={plan.method === method}
              className={`btn h-10 ${plan.method === method ? "btn-primary" : "btn-outline"}`}
              onClick={() => {
                setSelected(undefined);
                setChosen({ ...chosen, method });
              }}
            >
              {METHOD_NAMES[method]}
            </button>
          ))
        ) : (
          <strong>{METHOD_NAMES[plan.method]}</strong>
        )}
        {taps.length > 1 ? (
          <label className="flex items-center gap-1.5">
            <span>Selector at</span>
            <select
              className="select h-10 w-28"
              value={tap}
              onChange={(event) => setChosen({ ...chosen, tap: Number(event.target.value) })}
            >
              {taps.map((one) => (
                <option key={one} value={one}>
                  {one} V
                </option>
              ))}
            </select>
          </label>
        ) : null}
        {mains ? (
          <span className="dim">
            bench {format(shop.lineVolts, "voltage")} {format(shop.lineHz, "frequency")}
          </span>
        ) : null}
      </div>
      <details open={records.length === 0} className="rounded-box bg-base-200 px-3 py-1.5">
        <summary className="flex min-h-10 cursor-pointer items-center font-semibold">{plan.why}</summary>
        <ul className="list-disc pl-5">
          {plan.prepare.map((text) => (
            <li key={text}>{text}</li>
          ))}
        </ul>
        {plan.not ? <p className="mt-1">{plan.not}</p> : null}
        {plan.noWatts ? (
          <p className="mt-1 font-semibold text-warning">
            The model has no watts yet: write them into Reference, and the currents to expect and the limits stand here.
          </p>
        ) : null}
      </details>
      {plan.remarks.map((remark) => (
        <p key={remark} className="border-l-4 border-warning pl-2 font-semibold">
          {remark}
        </p>
      ))}
      <StepLadder steps={steps} current={halted ? undefined : step?.key} onSelect={setSelected} />
      {through && !step ? (
        <p className="rounded-box border border-success p-2">
          <strong className="text-success">Full line reached.</strong> Every step can be taken again: choose it above.
        </p>
      ) : null}
      <div className="grid items-start gap-4 xl:grid-cols-[minmax(0,1fr)_20rem]">
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
            method={plan.method}
            typed={typed}
            startedAt={startedAt}
            onChange={change}
            onStart={start}
            onDone={() => {
              clear();
              setSelected(undefined);
            }}
          />
        ) : (
          <div />
        )}
        {expected ? <PowerChart expected={expected} points={[...points, ...typing]} /> : null}
      </div>
    </div>
  );
}
