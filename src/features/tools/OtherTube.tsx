"use client";

import { Fragment, useState } from "react";
import { tubeType, tubeTypes } from "@/core/tubes";
import { CLASS_WORDS, otherTube, type StageClass } from "@/core/transmit";
import { SelectField, TextField } from "@/ui/form";
import { Link } from "@/ui/Link";
import { figure } from "./typed";
import { ResultTable } from "@/ui/ResultTable";
import { readWhole } from "@/core/quantity";

const START = { now: "811A", nowCount: "4", then: "813", thenCount: "1", volts: "1500 V", amps: "500 mA" };

/** Another tube in an amplifier: both beside one another, and what must be built for it. */
export function OtherTube() {
  const [typed, setTyped] = useState(START);
  const [stage, setStage] = useState<StageClass>("AB");
  const put = (key: keyof typeof START) => (text: string) => setTyped({ ...typed, [key]: text });
  const [now, then] = [tubeType(typed.now.trim()), tubeType(typed.then.trim())];
  const counts = { now: readWhole(typed.nowCount) ?? 0, then: readWhole(typed.thenCount) ?? 0 };
  const whole = (n: number) => (n > 0 && n < 20 ? undefined : "1 to 19.");
  const volts = figure(typed.volts, "voltage");
  const amps = figure(typed.amps, "current");
  const unknown = (text: string, type: unknown) => (type ? undefined : `“${text.trim()}” is not in the tube table.`);
  const types = tubeTypes()
    .filter(({ limits }) => (limits.plateWatts ?? 0) >= 20)
    .map(({ type }) => type);
  const found =
    now && then && volts.value && amps.value && !whole(counts.now) && !whole(counts.then)
      ? otherTube(now, then, counts, { volts: volts.value, amps: amps.value }, stage)
      : undefined;
  const begin = new URLSearchParams({
    name: `${typed.then} in place of ${typed.now}`,
    what: `${typed.thenCount} × ${typed.then} in place of ${typed.nowCount} × ${typed.now}`,
    steps: (found?.lines ?? []).flatMap(({ build }) => build ?? []).join("\n"),
    verify: (found?.first ?? []).join("\n"),
  }).toString();
  return (
    <section aria-label="Another tube" className="rounded-box border border-base-300 p-4">
      <h2 className="mb-2 text-lg font-bold">Another tube in an amplifier</h2>
      <div className="grid grid-cols-2 items-start gap-3 sm:grid-cols-3">
        {(
          [
            ["There now", "now", now, "How many", "nowCount", counts.now],
            ["In its place", "then", then, "How many then", "thenCount", counts.then],
          ] as const
        ).map(([label, key, type, many, count, number]) => (
          <Fragment key={key}>
            <TextField
              label={label}
              value={typed[key]}
              error={unknown(typed[key], type)}
              choices={types}
              onChange={put(key)}
            />
            <TextField label={many} numeric value={typed[count]} error={whole(number)} onChange={put(count)} />
            {key === "now" ? (
              <TextField label="Plate supply" value={typed.volts} error={volts.problem} onChange={put("volts")} />
            ) : (
              <TextField label="It gives at most" value={typed.amps} error={amps.problem} onChange={put("amps")} />
            )}
          </Fragment>
        ))}
        <SelectField
          label="Class"
          value={stage}
          options={Object.entries(CLASS_WORDS) as [StageClass, string][]}
          onChange={setStage}
        />
      </div>
      {found ? (
        <>
          <ResultTable
            className="mt-2"
            tight
            rows={found.lines}
            keyOf={({ what }) => what}
            columns={[
              { head: "What", names: true, cell: ({ what }) => what },
              { head: typed.now, cell: ({ now }) => now },
              { head: typed.then, cell: ({ then }) => then },
              { head: "To be built", cell: ({ build }) => build ?? "" },
            ]}
          />
          <p className="mt-2">Measure first: {found.first.join(" ")}</p>
          <Link href={`/reference/modifications/new?${begin}`} className="btn btn-outline mt-2 h-11">
            Begin a recipe with this
          </Link>
          <p className="dim mt-2 text-sm">
            Bias, drive, cooling and output capacitance come from the data sheet of the type. The recipe of the
            modification is written under Reference, Modifications.
          </p>
        </>
      ) : null}
    </section>
  );
}
