"use client";

import { useMemo, useState } from "react";
import { parseLine } from "@/core/bench-line";
import { nextTest, nominalGm } from "@/core/tubes";
import type { TubePlace } from "@/core/visit";
import { DraftChip } from "@/ui/DraftChip";
import { ErrorText, TextField } from "@/ui/form";
import { LineHint } from "@/ui/LineHint";
import { shapeOf, useKept } from "@/ui/kept";
import { useLogbook, useLineContext } from "@/ui/logbook";

type Fields = {
  shorts: string;
  between: string;
  gas: string;
  test: string;
  measured: string;
  nominal: string;
  unit: string;
};

/** A tube on the tester: shorts first, then gas, then strength; each appears when its turn has come. */
export function TestForm({ place }: { place: TubePlace }) {
  const { append } = useLogbook();
  const context = useLineContext();
  const gm = place.type ? nominalGm(place.type) : undefined;
  const [fields, setFields] = useState<Fields>(() => ({
    shorts: "",
    between: "",
    gas: "",
    test: gm ? "gm" : "emission",
    measured: "",
    nominal: gm ? String(Math.round(gm * 1e6)) : "100",
    unit: gm ? "µS" : "%",
  }));
  // The tester and its settings rarely change between two tubes: they are kept on this device.
  const tester = useKept("tester", shapeOf(""), "");
  const [error, setError] = useState<string>();
  const change = (part: Partial<Fields>) => {
    setError(undefined);
    setFields({ ...fields, ...part });
  };
  const strength = fields.measured.trim() && fields.shorts === "none";
  const line = [
    `tube ${place.position} shorts ${(fields.shorts === "found" && fields.between.trim().replaceAll(";", ",")) || fields.shorts}`,
    fields.shorts === "none" && fields.gas && `gas ${fields.gas}`,
    strength &&
      `${fields.test.trim().split(/\s+/).join("-") || "gm"} ${fields.measured.trim()}/${fields.nominal.trim()} ${fields.unit.trim()}`.trim(),
    place.fitted === place.drawn ? "" : `type ${place.type?.type ?? place.fitted}`,
    tester.value.trim() && `on ${tester.value.trim()}`,
  ]
    .filter(Boolean)
    .join("; ");
  const result = useMemo(() => parseLine(line, context), [line, context]);
  const next = nextTest({
    shorts: fields.shorts === "" ? undefined : (fields.shorts as "none"),
    gas: fields.gas === "" ? undefined : (fields.gas as "none"),
    measured: strength ? 1 : undefined,
  });
  const save = async () => {
    if (result.kind !== "draft" || result.draft.type !== "content") return;
    // Free for the next tube at once; refused, what was typed comes back unless something new stands there.
    const empty = { ...fields, shorts: "", between: "", gas: "", measured: "" };
    setFields(empty);
    const outcome = await append(result.draft.content);
    if (outcome.ok) return;
    setFields((now) => (now === empty ? fields : now));
    setError(outcome.problems[0]?.message);
  };
  const choice = (key: "shorts" | "gas", label: string, answers: [string, string][], off = false) => (
    <fieldset disabled={off} className={off ? "opacity-60" : ""}>
      <legend className="font-semibold">{label}</legend>
      <div className="flex gap-1.5">
        {answers.map(([value, word]) => (
          <button
            key={value}
            type="button"
            aria-pressed={fields[key] === value}
            className={`btn h-11 ${fields[key] === value ? "btn-primary" : "btn-outline"}`}
            onClick={() => change({ [key]: value })}
          >
            {word}
          </button>
        ))}
      </div>
    </fieldset>
  );
  const stopped = fields.shorts !== "none";
  return (
    <form
      aria-label={`Test ${place.position}`}
      className="flex flex-col gap-2 rounded-box bg-base-200 p-3"
      onSubmit={(event) => {
        event.preventDefault();
        void save();
      }}
    >
      <div className="flex flex-wrap gap-x-6 gap-y-2">
        {choice("shorts", "1. Shorts", [
          ["none", "none"],
          ["found", "shorted"],
        ])}
        {fields.shorts === "found" ? (
          <TextField
            label="Between which electrodes"
            value={fields.between}
            placeholder="g1-k, heater to cathode"
            inputClass="w-56"
            onChange={(between) => change({ between })}
          />
        ) : null}
        {choice(
          "gas",
          "2. Gas, leakage",
          [
            ["none", "none"],
            ["slight", "a trace"],
            ["gassy", "gassy"],
          ],
          stopped,
        )}
        <fieldset disabled={stopped || !fields.gas} className={stopped || !fields.gas ? "opacity-60" : ""}>
          <legend className="font-semibold">3. Strength</legend>
          <div className="flex items-center gap-1.5">
            <input
              className="input h-11 w-24"
              aria-label="What is measured"
              value={fields.test}
              onChange={(event) => change({ test: event.target.value })}
            />
            <input
              className="input h-11 w-24 font-mono"
              aria-label="Measured"
              inputMode="decimal"
              value={fields.measured}
              onChange={(event) => change({ measured: event.target.value })}
            />
            of
            <input
              className="input h-11 w-24 font-mono"
              aria-label="Nominal"
              inputMode="decimal"
              value={fields.nominal}
              onChange={(event) => change({ nominal: event.target.value })}
            />
            <input
              className="input h-11 w-16"
              aria-label="Unit"
              value={fields.unit}
              onChange={(event) => change({ unit: event.target.value })}
            />
          </div>
        </fieldset>
      </div>
      <TextField
        label="Tester and its settings"
        value={tester.value}
        placeholder="bench tester, plate 250 V, bias −12.5 V"
        inputClass="w-full"
        onChange={(value) => tester.set(value.replaceAll(";", ","))}
      />
      {next === "shorts" ? (
        <p className="dim">Shorts first: a shorted tube harms the tester, and the set.</p>
      ) : (
        <DraftChip result={result} line={line} onChoose={() => undefined} />
      )}
      {error ? <ErrorText>{error}</ErrorText> : null}
      <div className="flex flex-wrap items-center gap-3">
        <button className="btn btn-primary h-11" disabled={result.kind !== "draft"}>
          Write the test
        </button>
        {fields.shorts ? <LineHint line={line} /> : null}
      </div>
    </form>
  );
}
