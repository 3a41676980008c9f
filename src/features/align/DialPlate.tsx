"use client";

import Link from "next/link";
import { Plus } from "lucide-react";
import { useState } from "react";
import { format } from "@/core/quantity";
import { circuitNow, gangAt, oscillatorFor, signalFor, tunes } from "@/core/tracking";
import { PHASE_NAMES } from "@/core/readings";
import { ErrorText, SelectField, TextField } from "@/ui/form";
import { TROUBLE_TEXTS } from "@/ui/tracking-words";
import { SideBySide } from "@/ui/SideBySide";
import { day } from "@/ui/dates";
import { useLogbook } from "@/ui/logbook";
import { useZone } from "@/ui/zone";
import { DialAnswer } from "./DialAnswer";
import { DialChart, type DialCurve } from "./DialChart";
import { TYPED, useDial, type Dial } from "./useDial";

const CABINETS = ["in the cabinet", "out of the cabinet"] as const;

/** Places along the band at which a curve is drawn. */
const DRAWN = 31;

function curvesOf({ fit, made, answer, advice }: Dial): DialCurve[] {
  if (!fit || !made?.ok) return [];
  const { tuned, band } = made.drawn;
  const measured: DialCurve = { name: "measured", dash: "", points: fit.points };
  if (!answer) return [measured];
  const now = circuitNow(tuned, answer);
  const points = Array.from({ length: DRAWN }, (_, n) => band.from + ((band.to - band.from) * n) / (DRAWN - 1)).flatMap(
    (dial) => {
      const gang = gangAt(tuned, oscillatorFor(dial, band));
      if (gang === undefined) return [];
      const truth = signalFor(tunes(now, gang), band);
      return [{ dial, error: (dial - truth) / truth }];
    },
  );
  const remains = advice ? fit.points.map(({ dial }, n) => ({ dial, error: advice.remains[n] ?? 0 })) : [];
  return [
    measured,
    { name: "as explained", dash: "7 4", plain: true, points },
    ...(advice ? [{ name: "what will remain", dash: "2 4", points: remains }] : []),
  ];
}

function Points({ dial }: { dial: Dial }) {
  const { lines, type, addLine, writeDown } = dial;
  const [cabinet, setCabinet] = useState<string>(CABINETS[1]);
  const [error, setError] = useState<string>();
  return (
    <div>
      <table className="table w-auto" aria-label="Points of the dial">
        <thead>
          <tr className="text-base-content">
            <th scope="col">Dial shows, kHz</th>
            <th scope="col">Received there, kHz</th>
            <th scope="col">Error</th>
          </tr>
        </thead>
        <tbody>
          {lines.map(({ dial: shown, truth, whole, trouble }, n) => (
            <tr key={n}>
              {(["dial", "truth"] as const).map((column) => (
                <td key={column} className="py-1">
                  <input
                    className="input h-11 w-32 font-mono"
                    aria-label={`${column === "dial" ? "Dial shows" : "Received there"}, point ${n + 1}, kHz`}
                    aria-invalid={trouble !== undefined}
                    value={column === "dial" ? shown : truth}
                    inputMode="decimal"
                    autoComplete="off"
                    onChange={(event) => type(n, { [column]: event.target.value })}
                    onKeyDown={(event) => {
                      if (event.key !== "Enter") return;
                      event.preventDefault();
                      const all = [...(event.currentTarget.closest("table")?.querySelectorAll("input") ?? [])];
                      all[all.indexOf(event.currentTarget) + 1]?.focus();
                    }}
                  />
                </td>
              ))}
              <td className="py-1">
                {trouble ? (
                  <span className="text-warning">{trouble}</span>
                ) : whole ? (
                  <span className="font-mono whitespace-nowrap">
                    {((whole.dial - whole.truth) / 1e3).toFixed(1).replace("-", "−")} kHz,{" "}
                    {(((whole.dial - whole.truth) / whole.truth) * 100).toFixed(2).replace("-", "−")} %
                  </span>
                ) : null}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
      <div className="flex flex-wrap items-end gap-2">
        <button type="button" className="btn btn-outline h-11" onClick={addLine}>
          <Plus size={16} aria-hidden="true" /> Another point
        </button>
        <SelectField
          label="Chassis"
          bare
          value={cabinet}
          options={CABINETS.map((one) => [one, one] as const)}
          onChange={setCabinet}
        />
        <button
          type="button"
          className="btn btn-primary h-11"
          onClick={() => void writeDown(cabinet).then((answer) => setError(answer.ok ? undefined : answer.message))}
        >
          Write the points down
        </button>
      </div>
      {error ? <ErrorText>{error}</ErrorText> : null}
    </div>
  );
}

/** The dial against the generator: which part of the oscillator makes its errors, and what turning can do. */
export function DialPlate() {
  const dial = useDial();
  const { model, visit } = useLogbook();
  const zone = useZone();
  const { runs, run, bands, band, made, fit, held } = dial;
  if (bands.length === 0)
    return (
      <p>
        The model has no bands yet: they tell IF, oscillator and gang.{" "}
        <Link className="link" href={`/reference/${model.id}?table=bands`}>
          Enter its bands
        </Link>
        .
      </p>
    );
  return (
    <SideBySide
      narrow="below"
      side={
        fit && band ? (
          <DialChart curves={curvesOf(dial)} from={band.from} to={band.to} />
        ) : (
          <p className="dim">
            Three points or more tell coil, trimmer and padder apart: one at each end, one in the middle.
          </p>
        )
      }
    >
      <div className="mb-2 grid grid-cols-2 items-end gap-3 sm:grid-cols-[1fr_1.4fr_0.7fr]">
        <SelectField
          label="Band"
          value={band?.name ?? ""}
          options={bands.map(
            ({ name, from, to }) =>
              [name, `${name}: ${format(from, "frequency")} to ${format(to, "frequency")}`] as const,
          )}
          onChange={dial.setBand}
        />
        <SelectField
          label="What was measured"
          value={run?.id ?? TYPED}
          options={[
            [TYPED, "Typed here"],
            ...runs.map(
              (one) =>
                [
                  one.id,
                  `${one.rows.length} points, ${one.visitId === visit.id ? PHASE_NAMES[one.phase].toLowerCase() : "earlier visit"}, ${day(one.at, zone)}`,
                ] as const,
            ),
          ]}
          onChange={dial.choose}
        />
        <TextField label="Read to, %" value={held.reading} onChange={dial.setReading} numeric />
      </div>
      {run ? (
        <ul className="mb-2 flex flex-wrap gap-x-6 font-mono">
          {dial.points.map(({ dial: at, truth }) => (
            <li key={at}>
              {format(at, "frequency", 5)}: {((at - truth) / 1e3).toFixed(1).replace("-", "−")} kHz
            </li>
          ))}
        </ul>
      ) : (
        <Points dial={dial} />
      )}
      {made && !made.ok ? <ErrorText>{TROUBLE_TEXTS[made.trouble]}</ErrorText> : null}
      {made?.ok && made.drawn.assumed.length > 0 ? (
        <p className="dim mt-1 text-sm">
          {made.drawn.assumed.includes("gang")
            ? "The gang is taken as 12 to 450 pF: the table Bands has a column for it. "
            : ""}
          {made.drawn.assumed.includes("padder")
            ? "The padder is the one that tracks best: no drawn value is known."
            : ""}
        </p>
      ) : null}
      {fit && fit.outside.length > 0 ? (
        <p className="text-warning">
          Left out, beyond what this circuit tunes:{" "}
          {fit.outside.map(({ dial: at }) => format(at, "frequency", 4)).join(", ")}.
        </p>
      ) : null}
      <DialAnswer dial={dial} />
    </SideBySide>
  );
}
