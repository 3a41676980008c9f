"use client";

import { useMemo, useState } from "react";
import {
  crystalRanges,
  crystalsFor,
  MOST_CRYSTALS,
  pulledBy,
  readBox,
  type Air,
  type CrystalRange,
  type Region,
} from "@/core/frequencies";
import { format, parseQuantity } from "@/core/quantity";
import { SelectField, TextField } from "@/ui/form";
import { hz, LICENCE, overlapText, rangeText, sideText } from "./words";

const frequency = (text: string): number | undefined => {
  const parsed = parseQuantity(text, "frequency");
  return parsed.ok && parsed.value > 0 ? parsed.value : undefined;
};
const farads = (text: string): number | undefined => {
  const parsed = parseQuantity(text, "capacitance");
  return parsed.ok && parsed.value > 0 ? parsed.value : undefined;
};

/** The ranges of one crystal that lie in an allocation, the widest first. */
function useful(ranges: readonly CrystalRange[]): CrystalRange[] {
  const width = ({ allocations }: CrystalRange) => Math.max(0, ...allocations.map((one) => one.width));
  return ranges.filter(({ allocations }) => allocations.length > 0).sort((a, b) => width(b) - width(a));
}

function Ranges({ ranges }: { ranges: readonly CrystalRange[] }) {
  return (
    <ul className="ml-5 list-disc">
      {ranges.map((range) => (
        <li key={`${range.harmonic} ${range.side}`}>
          <span className="font-mono">{rangeText(range)}</span>{" "}
          <span className="dim">
            ({sideText(range.harmonic, range.side)}
            {range.reversed ? ", dial reversed" : ""})
          </span>
          {range.allocations.length > 0 ? (
            <>: {range.allocations.map(overlapText).join("; ")}</>
          ) : (
            <span className="dim">: no amateur or broadcasting band</span>
          )}
        </li>
      ))}
    </ul>
  );
}

/** A box of crystals from a pasted list: what each gives, the useful ones first. */
export function CrystalBox({ tuning, air }: { tuning: { from: number; to: number }; air: Air }) {
  const [text, setText] = useState("");
  const lines = useMemo(() => readBox(text), [text]);
  const good = lines.flatMap((line) => ("hertz" in line ? [line] : []));
  return (
    <section aria-label="A box of crystals" className="rounded-box border border-base-300 p-4">
      <h2 className="mb-2 text-lg font-bold">A box of crystals</h2>
      <label className="flex flex-col gap-1">
        <span className="font-semibold">
          One a line, at most {MOST_CRYSTALS}; a bare figure is in kHz, or in MHz where it is below 200
        </span>
        <textarea
          className="textarea h-32 w-full font-mono"
          value={text}
          placeholder={"X1 8000 kHz\n7.35 MHz\n6125"}
          onChange={(event) => setText(event.target.value)}
        />
      </label>
      {lines.length > 0 ? (
        <table className="table mt-2 [&_td]:py-1" aria-label="What each crystal gives">
          <thead>
            <tr className="text-base-content">
              <th scope="col">Crystal</th>
              <th scope="col">Best use with {rangeText(tuning)}</th>
            </tr>
          </thead>
          <tbody>
            {lines.map((line, n) => {
              const [best, second] =
                "hertz" in line ? useful(crystalRanges(line.hertz, tuning, air.allocations, air.region)) : [];
              return (
                <tr key={n} className="align-top">
                  <td className="whitespace-nowrap">
                    {"hertz" in line ? (
                      <span className="font-mono">{hz(line.hertz)}</span>
                    ) : (
                      <span className="text-warning">{line.text}</span>
                    )}
                    {line.label && "hertz" in line ? <span className="dim block text-sm">{line.label}</span> : null}
                  </td>
                  <td>
                    {"problem" in line ? (
                      <span className="text-warning">{line.problem}</span>
                    ) : best ? (
                      <Ranges ranges={[best, ...(second ? [second] : [])]} />
                    ) : (
                      <span className="dim">nothing in an amateur or broadcasting band</span>
                    )}
                  </td>
                </tr>
              );
            })}
          </tbody>
        </table>
      ) : null}
      {lines.length > 0 ? (
        <p className="dim text-sm">
          {good.length} of {lines.length} lines read. {LICENCE}
        </p>
      ) : null}
    </section>
  );
}

/** Crystals: what one gives, which one to order, and how far it is pulled. */
export function Crystals({ air: given }: { air: Air }) {
  const [typed, setTyped] = useState({
    crystal: "9 MHz",
    from: "5.0 MHz",
    to: "5.5 MHz",
    want: "28.85 MHz",
    wantTo: "29.7 MHz",
    load: "30 pF",
    series: "30 pF",
  });
  const [region, setRegion] = useState<string>(String(given.region));
  const air: Air = { ...given, region: Number(region) as Region };
  const put = (key: keyof typeof typed) => (text: string) => setTyped((now) => ({ ...now, [key]: text }));
  const crystal = frequency(typed.crystal);
  const [from, to] = [frequency(typed.from), frequency(typed.to)];
  const [want, wantTo] = [frequency(typed.want), frequency(typed.wantTo)];
  const upside = from !== undefined && to !== undefined && from > to;
  const tuning = from !== undefined && to !== undefined && !upside ? { from, to } : undefined;
  const ordered =
    want !== undefined && wantTo !== undefined && want < wantTo && tuning
      ? crystalsFor({ from: want, to: wantTo }, tuning)
      : [];
  const [load, series] = [farads(typed.load), farads(typed.series)];
  const pulled = crystal && load && series ? pulledBy(crystal, load, series) : undefined;
  const wrong = (value: number | undefined) => (value === undefined ? "A frequency with its unit: 9 MHz." : undefined);
  return (
    <div className="grid items-start gap-4 xl:grid-cols-2">
      <div className="flex flex-col gap-4">
        <section aria-label="What a crystal gives" className="rounded-box border border-base-300 p-4">
          <h2 className="mb-2 text-lg font-bold">What a crystal gives</h2>
          <div className="grid grid-cols-2 items-start gap-3 sm:grid-cols-4">
            <TextField label="Crystal" value={typed.crystal} error={wrong(crystal)} onChange={put("crystal")} />
            <TextField label="Tuned from" value={typed.from} error={wrong(from)} onChange={put("from")} />
            <TextField
              label="Tuned to"
              value={typed.to}
              error={wrong(to) ?? (upside ? "Upside down: the lower end comes first." : undefined)}
              onChange={put("to")}
            />
            <SelectField
              label="ITU region"
              value={region}
              options={
                [
                  ["1", "Region 1"],
                  ["2", "Region 2"],
                  ["3", "Region 3"],
                ] as const
              }
              onChange={setRegion}
            />
          </div>
          {crystal && tuning ? (
            <div className="mt-2">
              <Ranges ranges={crystalRanges(crystal, tuning, air.allocations, air.region)} />
            </div>
          ) : null}
          <p className="dim mt-1 text-sm">
            Tuned: the IF or VFO that it is mixed with; both ends alike for a fixed one. {LICENCE}
          </p>
        </section>
        <section aria-label="Which crystal to order" className="rounded-box border border-base-300 p-4">
          <h2 className="mb-2 text-lg font-bold">Which crystal to order</h2>
          <div className="grid grid-cols-2 items-start gap-3">
            <TextField label="Wanted from" value={typed.want} error={wrong(want)} onChange={put("want")} />
            <TextField
              label="Wanted to"
              value={typed.wantTo}
              error={
                wrong(wantTo) ??
                (want !== undefined && wantTo !== undefined && want >= wantTo
                  ? "Upside down: the lower end comes first."
                  : undefined)
              }
              onChange={put("wantTo")}
            />
          </div>
          <ul className="mt-2 ml-5 list-disc">
            {ordered.map((one) => (
              <li key={`${one.harmonic} ${one.side}`}>
                <strong className="font-mono">{hz(one.crystal)}</strong>: {sideText(one.harmonic, one.side)} gives{" "}
                {rangeText(one)}
                {one.warn.map((text) => (
                  <span key={text} className="block text-warning">
                    {text}
                  </span>
                ))}
              </li>
            ))}
          </ul>
        </section>
        <section aria-label="Pulling" className="rounded-box border border-base-300 p-4">
          <h2 className="mb-2 text-lg font-bold">How far a series capacitor pulls it</h2>
          <div className="grid grid-cols-2 items-start gap-3">
            <TextField
              label="Made for a load of"
              value={typed.load}
              error={load ? undefined : "A capacity: 30 pF."}
              onChange={put("load")}
            />
            <TextField
              label="Capacitor in series"
              value={typed.series}
              error={series ? undefined : "A capacity: 30 pF."}
              onChange={put("series")}
            />
          </div>
          {pulled === undefined || crystal === undefined ? null : (
            <p className="mt-2">
              <strong className="font-mono">+{format(Math.abs(pulled), "frequency", 3)}</strong> (
              {((pulled / crystal) * 1e6).toFixed(0)} ppm) on {hz(crystal)}, for a usual crystal on its fundamental (20
              fF, 5 pF). Each one differs: measure it.
            </p>
          )}
        </section>
      </div>
      {tuning ? <CrystalBox tuning={tuning} air={air} /> : null}
    </div>
  );
}
