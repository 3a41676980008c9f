"use client";

import { useState } from "react";
import { levelled, candidates, fitSource, predict, TONE_FIT_POOR } from "@/core/response";
import { format, parseQuantity } from "@/core/quantity";
import { responseRun } from "@/core/sheets";
import type { Run } from "@/core/visit";
import { ErrorText, TextField } from "@/ui/form";
import { useLogbook } from "@/ui/logbook";
import { RunChart } from "@/ui/runs";
import type { RunInView } from "./useRun";

/** Up to so many predicted curves stand on the chart. */
const MOST = 3;

/** The tone capacitor that a run was measured with, from its set-up. */
const toneOf = (run: Run): number | undefined => run.given.find(({ key }) => key === "tone")?.value;

/** Capacitors of the stock that could be fitted: farads. */
function useDrawer(): number[] {
  const { stock } = useLogbook();
  return stock.flatMap(({ kind, marking }) => {
    if (!/film|paper|mica|ceramic/.test(kind)) return [];
    const read = parseQuantity(marking.split(/\s+\d+\s*V/i)[0] ?? "", "capacitance");
    return read.ok ? [read.value] : [];
  });
}

/**
 * Choosing the tone capacitor before it is soldered: two runs with two capacitors tell the source resistance; from it the
 * response with any other value is predicted. The ear chooses, and the reason is kept.
 */
export function Tone({ run: view }: { run: RunInView }) {
  const { mine } = view;
  const { append, model } = useLogbook();
  const drawer = useDrawer();
  const runs = mine.flatMap((run) => {
    const farads = toneOf(run);
    return farads === undefined || farads <= 0 ? [] : [{ run, farads, points: responseRun(run.rows) }];
  });
  // Each value once, with its last run, in the order in which they came. From three on, the last one is the truth that
  // the two before it had predicted.
  const distinct = runs.filter(
    (one, at) => !runs.slice(at + 1).some(({ farads }) => Math.abs(farads / one.farads - 1) < 0.01),
  );
  const truth = distinct.length > 2 ? distinct.at(-1) : undefined;
  const [b, a] =
    distinct.slice(truth ? -3 : -2).length > 1 ? distinct.slice(truth ? -3 : -2) : [undefined, distinct.at(-1)];
  const fit = a && b ? fitSource(b, a) : undefined;
  const [picked, setPicked] = useState<number[]>([]);
  const [slider, setSlider] = useState(50);
  const [place, setPlace] = useState(model.sheet.components.find(({ role }) => role === "tone")?.designator ?? "");
  const [why, setWhy] = useState("");
  const [said, setSaid] = useState<string>();
  if (runs.length === 0)
    return (
      <p className="dim mt-3">
        Choosing a tone capacitor: measure the response twice, each time with another capacitor in “Tone capacitor”.
      </p>
    );
  if (!a || !b || !fit)
    return (
      <p className="dim mt-3">
        Choosing a tone capacitor: there is a run with {format(a?.farads ?? 0, "capacitance")}. Measure a second one
        with another value, at three of its frequencies at least.
      </p>
    );
  const poor = fit.rms > TONE_FIT_POOR || fit.factor > 2;
  const offered = candidates([a.farads, b.farads], drawer);
  const [low, high] = [offered[0]?.farads ?? a.farads, offered.at(-1)?.farads ?? b.farads];
  const sliding = low * (high / low) ** (slider / 100);
  const reference = view.sheet.curve?.reference ?? 400;
  // Everything is held against one level: that of the run with the smaller capacitor.
  const base = levelled(a.points, reference);
  const zero = a.points.find(({ x }) => x === base.find(({ y }) => y === 0)?.x)?.y ?? 1;
  const inDb = (points: readonly { x: number; y: number }[]) =>
    [...points].sort((p, q) => p.x - q.x).map(({ x, y }) => ({ x, y: 20 * Math.log10(y / zero) }));
  const curve = (farads: number) => inDb(predict(a, fit.ohms, farads));
  const predicted = truth ? curve(truth.farads) : [];
  const measured = truth ? inDb(truth.points) : [];
  const off = measured.flatMap(({ x, y }) => {
    const said = predicted.find((one) => one.x === x);
    return said ? [(said.y - y) ** 2] : [];
  });
  const missed = off.length > 0 ? Math.sqrt(off.reduce((sum, one) => sum + one, 0) / off.length) : undefined;
  const toggle = (farads: number) =>
    setPicked((now) => (now.includes(farads) ? now.filter((one) => one !== farads) : [...now, farads].slice(-MOST)));
  const choose = async (farads: number) => {
    if (!why.trim()) return setSaid("Say what was heard: the reason is what the next one wants to know.");
    if (!/^[A-Z]{1,3}\d{1,3}[A-Z]?$/i.test(place.trim())) return setSaid("Say which part it is, like C31.");
    const outcome = await append({
      kind: "plan-line",
      payload: {
        v: 1,
        designator: place.trim().toUpperCase(),
        action: "replace",
        value: { text: format(farads, "capacitance"), value: farads },
        why: `tone chosen by ear: ${why.trim()}`,
      },
    });
    return setSaid(
      outcome.ok
        ? `${place.toUpperCase()} is ${format(farads, "capacitance")} in the recap plan.`
        : outcome.problems[0]?.message,
    );
  };
  return (
    <section aria-label="Tone capacitor" className="mt-4 border-t border-base-300 pt-3">
      <h2 className="text-lg font-bold">Tone capacitor</h2>
      <p>
        From {format(b.farads, "capacitance")} and {format(a.farads, "capacitance")}: the source is{" "}
        <strong className="font-mono">{format(fit.ohms, "resistance")}</strong>, and this explains the difference to{" "}
        <strong className="font-mono">{fit.rms.toFixed(2)} dB</strong> (rms).
      </p>
      {poor ? (
        <p className="border-l-4 border-warning pl-2 font-semibold">
          {fit.rms > TONE_FIT_POOR
            ? "The fit is poor: something else changed between the two runs, or another part shapes the tone. Do not trust the predicted curves."
            : "The frequencies do not reach the corner of these capacitors: the resistance is uncertain. Measure higher, or take two values further apart."}
        </p>
      ) : null}
      <RunChart
        x={{ name: "Frequency", quantity: "frequency", unit: "" }}
        y={{ name: `Level against ${format(reference, "frequency")}`, quantity: "decibel", unit: "" }}
        log
        runs={[
          { name: format(a.farads, "capacitance"), points: inDb(a.points) },
          { name: format(b.farads, "capacitance"), points: inDb(b.points) },
          ...(picked.length > 0 ? picked : [sliding]).map((farads) => ({
            name: `${format(farads, "capacitance")} ?`,
            points: curve(farads),
          })),
        ]}
      />
      {truth ? (
        <div className="mt-2">
          <p>
            Measured with <strong className="font-mono">{format(truth.farads, "capacitance")}</strong> since
            {missed === undefined ? "" : `: the prediction was off by ${missed.toFixed(2)} dB (rms)`}.
          </p>
          <RunChart
            x={{ name: "Frequency", quantity: "frequency", unit: "" }}
            y={{ name: "Prediction and truth", quantity: "decibel", unit: "" }}
            log
            runs={[
              { name: "measured", points: measured },
              { name: "predicted", points: predicted },
            ]}
          />
        </div>
      ) : null}
      <label className="mt-2 flex max-w-xl items-center gap-3">
        <span className="shrink-0">
          Any value: <span className="font-mono">{format(sliding, "capacitance", 2)}</span>
        </span>
        <input
          type="range"
          className="range range-primary grow"
          min={0}
          max={100}
          value={slider}
          aria-valuetext={format(sliding, "capacitance", 2)}
          onChange={(event) => {
            setPicked([]);
            setSlider(Number(event.target.value));
          }}
        />
      </label>
      <div className="mt-2 flex flex-wrap gap-1" role="group" aria-label="Predicted curves, three at most">
        {offered.map(({ farads, inDrawer }) => (
          <button
            key={farads}
            type="button"
            className={`btn h-10 ${picked.includes(farads) ? "btn-primary" : "btn-outline"}`}
            aria-pressed={picked.includes(farads)}
            onClick={() => toggle(farads)}
          >
            {format(farads, "capacitance")}
            {inDrawer ? " in stock" : ""}
          </button>
        ))}
      </div>
      <div className="mt-2 flex flex-wrap items-end gap-3">
        <TextField label="Part" inputClass="w-24 font-mono" value={place} onChange={setPlace} />
        <TextField
          label="What was heard"
          inputClass="w-72"
          placeholder="speech clear, no hiss"
          value={why}
          onChange={setWhy}
        />
        <button
          type="button"
          className="btn btn-primary h-11"
          disabled={poor}
          onClick={() => void choose(picked.at(-1) ?? sliding)}
        >
          Choose {format(picked.at(-1) ?? sliding, "capacitance", 2)}
        </button>
      </div>
      {said ? <ErrorText>{said}</ErrorText> : null}
    </section>
  );
}
