"use client";

import { useState } from "react";
import { format } from "@/core/quantity";
import { minusBias, parallelBox, seriesBox, type BoxTube } from "@/core/supplies";
import { heaterOf, tubeType } from "@/core/tubes";
import { SelectField, TextField } from "@/ui/form";
import { figure } from "./typed";

const START = { tubes: "DK96, DF96, DAF96, DL96", supply: "2 V", current: "11 mA", minus: "680 Ω", plate: "90 V" };

/** Battery sets from the bench: the resistor for the filaments, what the others get with one tube out, the bias in B−. */
export function BenchBox() {
  const [typed, setTyped] = useState(START);
  const [way, setWay] = useState<"parallel" | "series">("parallel");
  const put = (key: keyof typeof START) => (text: string) => setTyped({ ...typed, [key]: text });
  const names = typed.tubes.split(/[\s,;]+/).filter(Boolean);
  const strange = names.filter((name) => !tubeType(name));
  const tubes = names.flatMap((name, n): BoxTube[] => {
    const heater = heaterOf({ type: name });
    return heater ? [{ name: `V${n + 1} ${name}`, ...heater }] : [];
  });
  const supply = figure(typed.supply, "voltage");
  const parallel = supply.value && way === "parallel" ? parallelBox(supply.value, tubes) : undefined;
  const series = supply.value && way === "series" ? seriesBox(supply.value, tubes) : undefined;
  const box = parallel ?? series;
  const current = figure(typed.current, "current");
  const minus = figure(typed.minus, "resistance");
  const plate = figure(typed.plate, "voltage");
  const bias =
    current.value && minus.value && plate.value ? minusBias(current.value, minus.value, plate.value) : undefined;
  const worst = parallel?.out.filter(({ volts }) => volts.some((one) => one.over)) ?? [];
  return (
    <section aria-label="Bench box for batteries" className="rounded-box border border-base-300 p-4">
      <h2 className="mb-2 text-lg font-bold">A battery set from the bench</h2>
      <div className="grid grid-cols-2 items-start gap-3 sm:grid-cols-3">
        <TextField
          label="Tubes"
          className="col-span-2 sm:col-span-3"
          value={typed.tubes}
          error={strange.length > 0 ? `Not in the tube table: ${strange.join(", ")}.` : undefined}
          onChange={put("tubes")}
        />
        <TextField label="A supply" value={typed.supply} error={supply.problem} onChange={put("supply")} />
        <SelectField
          label="Filaments"
          value={way}
          options={[
            ["parallel", "in parallel"],
            ["series", "in series"],
          ]}
          onChange={setWay}
        />
        <TextField label="B current" value={typed.current} error={current.problem} onChange={put("current")} />
        <TextField label="Resistor in B−" value={typed.minus} error={minus.problem} onChange={put("minus")} />
        <TextField label="At the plates" value={typed.plate} error={plate.problem} onChange={put("plate")} />
      </div>
      {box ? (
        <p className="mt-2">
          Series resistor <strong className="font-mono">{format(box.ohms, "resistance")}</strong>, it dissipates{" "}
          {format(box.watts, "power")} at {format(box.amps, "current")}.
        </p>
      ) : strange.length === 0 ? (
        <p className="mt-2 text-warning">
          {way === "parallel"
            ? "In parallel all filaments have one voltage, and the supply is not below it."
            : "In series all filaments have one current, and the supply is not below their sum."}
        </p>
      ) : null}
      {parallel ? (
        <ul className="mt-1">
          {parallel.out.map(({ out, volts }) => (
            <li key={out}>
              {out} out: the others get <span className="font-mono">{format(volts[0]?.volts ?? 0, "voltage")}</span>
              {volts.some((one) => one.over) ? <strong className="text-warning"> above +10 %</strong> : null}
            </li>
          ))}
        </ul>
      ) : null}
      {worst.length > 0 ? (
        <p className="border-l-4 border-warning pl-2 font-semibold">
          Switch off before a tube is drawn, or use a regulated supply in place of the resistor.
        </p>
      ) : null}
      {series ? (
        <p>In series one tube out makes all others dark; a shunt across its place keeps the string alight.</p>
      ) : null}
      {bias ? (
        <p className="mt-1">
          The resistor in B− makes {format(bias.bias, "voltage")} of bias: the B supply gives{" "}
          <strong className="font-mono">{format(bias.supply, "voltage")}</strong>, and the resistor stays in its place.
        </p>
      ) : null}
    </section>
  );
}
