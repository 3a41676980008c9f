"use client";

import { useMemo, useState } from "react";
import type { CircuitAnswer, CircuitQuestion } from "@/core/circuit";
import { electrodeNode, type Sheet } from "@/core/model";
import { format } from "@/core/quantity";
import { TextField } from "@/ui/form";
import { useCircuit } from "./useCircuit";
import { imagine } from "./what-if";
import { nodeText } from "./words";

type Answered = Extract<CircuitAnswer, { ok: true }>;

/** A change below this share is within any meter’s error. */
const WORTH_SAYING = 0.02;
const LEAST_VOLTS = 0.1;

/** Electrodes and rails; inner nodes are nobody’s reading. */
const isPoint = (node: string) => electrodeNode(node) !== undefined || /^(b ?\+|reservoir)/i.test(node);

function Changes({ before, after }: { before: Answered; after: Answered }) {
  const was = new Map(before.nodes.map(({ node, volts }) => [node, volts]));
  const changed = after.nodes.filter(({ node, volts }) => {
    const old = was.get(node);
    return (
      isPoint(node) && old !== undefined && Math.abs(volts - old) > Math.max(LEAST_VOLTS, WORTH_SAYING * Math.abs(old))
    );
  });
  const gains = after.gains.flatMap(({ stage, hertz, gain }) => {
    const old = before.gains.find((one) => one.stage === stage)?.gain;
    return old !== undefined && Math.abs(gain / old - 1) > WORTH_SAYING ? [{ stage, hertz, gain, old }] : [];
  });
  const watts = after.tubes.filter(({ plateWatts, plateLimit }) => plateLimit !== undefined && plateWatts > 0);
  return (
    <>
      {changed.length === 0 ? (
        <p className="mt-1">No point changes by more than a meter’s error.</p>
      ) : (
        <ul className="mt-1 grid grid-cols-[repeat(auto-fill,minmax(15rem,1fr))] gap-x-4">
          {changed.map(({ node, volts }) => (
            <li key={node} className="flex items-baseline gap-2 border-t border-base-300 py-0.5">
              <strong className="grow whitespace-nowrap">{nodeText(node)}</strong>
              <span className="font-mono whitespace-nowrap">
                <span className="dim">{format(was.get(node) ?? 0, "voltage", 3)} →</span> {format(volts, "voltage", 3)}
              </span>
            </li>
          ))}
        </ul>
      )}
      {gains.map(({ stage, hertz, gain, old }) => (
        <p key={stage}>
          {stage}: gain at {format(hertz, "frequency")} <span className="dim">{old.toPrecision(3)} →</span>{" "}
          <strong className="font-mono">{gain.toPrecision(3)}</strong>
        </p>
      ))}
      {watts.map(({ tube, plateWatts, plateLimit = 0, screenWatts, screenLimit }) => {
        const over = plateWatts > plateLimit || (screenLimit !== undefined && screenWatts > screenLimit);
        return (
          <p key={tube} className={over ? "border-l-4 border-warning pl-2 font-semibold" : "dim"}>
            {tube}: plate {format(plateWatts, "power", 2)} of {format(plateLimit, "power", 2)}
            {screenLimit ? `, screen ${format(screenWatts, "power", 2)} of ${format(screenLimit, "power", 2)}` : ""}
            {over ? ": above what its sheet allows" : ""}
          </p>
        );
      })}
    </>
  );
}

/** What a change of one part or tube would do to the volts and the dissipation of a set, before the iron is warm. */
export function WhatIf({ base, sheet }: { base: CircuitQuestion; sheet: Sheet }) {
  const [part, setPart] = useState("");
  const [becomes, setBecomes] = useState("");
  const imagined = useMemo(() => imagine(base, sheet, part, becomes), [base, sheet, part, becomes]);
  const asked = imagined.kind === "question" ? imagined.question : undefined;
  const before = useCircuit(asked && base);
  const after = useCircuit(asked);
  const failed = after.failed ?? (after.answer && !after.answer.ok ? after.answer.why : undefined);
  const choices = [
    ...sheet.tubes.map(({ position, type }) => ({ value: position, text: type })),
    ...sheet.components.map(({ designator, drawn }) => ({ value: designator, text: drawn })),
  ];
  return (
    <section aria-label="What if" className="rounded-box border border-base-300 p-3" aria-busy={after.thinking}>
      <div className="flex flex-wrap items-end gap-3">
        <h2 className="self-center font-bold">What if</h2>
        <TextField
          label="Part or tube"
          value={part}
          onChange={setPart}
          placeholder="R10"
          choices={choices}
          inputClass="w-28 font-mono"
        />
        <TextField
          label="becomes"
          value={becomes}
          onChange={setBecomes}
          placeholder="330 Ω, or 6L6"
          inputClass="w-44 font-mono"
          error={imagined.kind === "problem" ? imagined.message : undefined}
        />
        <span className="dim text-sm" role="status">
          {after.thinking ? "the circuit is being solved…" : imagined.kind === "question" ? imagined.says : ""}
        </span>
      </div>
      {asked && failed ? <p className="mt-1 font-semibold text-warning">{failed}</p> : null}
      {asked && !after.thinking && before.answer?.ok && after.answer?.ok ? (
        <Changes before={before.answer} after={after.answer} />
      ) : null}
    </section>
  );
}
