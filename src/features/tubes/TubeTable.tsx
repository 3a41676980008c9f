"use client";

import { Search } from "lucide-react";
import { useState } from "react";
import { format } from "@/core/quantity";
import { nearestTypes, TUBE_KINDS, tubeType, tubeTypes, type TubeType } from "@/core/tubes";
import { later } from "@/ui/later";
import { PinDiagram } from "./PinDiagram";

/* The solver and its models come when a type is looked at. */
const PlateCurves = later(async () => (await import("./PlateCurves")).PlateCurves);

const milli = (value: number | undefined, unit: string) =>
  value === undefined ? "–" : `${Number((value * 1e3).toPrecision(3))} ${unit}`;

function matches(tube: TubeType, query: string, kind: string): boolean {
  const words = query.trim().toLowerCase().split(/\s+/);
  const text = [tube.type, ...tube.names, tube.kind, tube.pinout.base, tube.pinout.name, tube.family]
    .join(" ")
    .toLowerCase();
  return (!kind || tube.kind === kind) && words.every((word) => text.includes(word));
}

function Sheet({ tube }: { tube: TubeType }) {
  const { limits, rectifier, regulator } = tube;
  const facts: [string, string][] = [
    ...(limits.plate ? [["plate", `${format(limits.plate, "voltage")} at most`] as [string, string]] : []),
    ...(limits.plateWatts ? [["plate dissipation", format(limits.plateWatts, "power")] as [string, string]] : []),
    ...(limits.screen ? [["screen", `${format(limits.screen, "voltage")} at most`] as [string, string]] : []),
    ...(limits.screenWatts ? [["screen dissipation", format(limits.screenWatts, "power")] as [string, string]] : []),
    ...(limits.mhz ? [["full ratings up to", `${limits.mhz} MHz`] as [string, string]] : []),
    ...(rectifier
      ? ([
          ["current", format(rectifier.amps, "current")],
          ["peak inverse", format(rectifier.peakInverse, "voltage")],
          ...(rectifier.rms ? [["each plate", `${format(rectifier.rms, "voltage")} rms`]] : []),
          ...(rectifier.largestCapacitor
            ? [["first capacitor", `${format(rectifier.largestCapacitor, "capacitance")} at most`]]
            : []),
          ...(rectifier.drop
            ? [["drop", `${format(rectifier.drop.volts, "voltage")} at ${format(rectifier.drop.amps, "current")}`]]
            : []),
        ] as [string, string][])
      : []),
    ...(regulator
      ? ([
          ["holds", format(regulator.volts, "voltage")],
          ["current", `${format(regulator.least, "current")} to ${format(regulator.most, "current")}`],
        ] as [string, string][])
      : []),
  ];
  return (
    <article
      aria-label={tube.type}
      className="grid gap-4 rounded-box border-2 border-primary p-4 lg:grid-cols-[14rem_1fr]"
    >
      <PinDiagram pinout={tube.pinout} />
      <div className="flex flex-col gap-3">
        <h2 className="flex flex-wrap items-baseline gap-x-4">
          <strong className="font-mono text-2xl">{tube.type}</strong>
          <span>{tube.kind}</span>
          {tube.names.length > 0 ? <span className="dim">also {tube.names.join(", ")}</span> : null}
        </h2>
        <p>
          Heater{" "}
          <span className="font-mono">
            {tube.heaters.length > 0
              ? tube.heaters
                  .map(({ volts, amps }) => `${format(volts, "voltage")} ${format(amps, "current")}`)
                  .join(" or ")
              : "none"}
          </span>
        </p>
        <dl className="flex flex-wrap gap-x-8 gap-y-1">
          {facts.map(([name, text]) => (
            <div key={name}>
              <dt className="dim text-sm">{name}</dt>
              <dd className="font-mono">{text}</dd>
            </div>
          ))}
        </dl>
        {tube.points.length > 0 ? (
          <table className="table">
            <thead>
              <tr className="text-base text-base-content">
                <th scope="col">Typical operation</th>
                <th scope="col">plate</th>
                <th scope="col">screen</th>
                <th scope="col">grid</th>
                <th scope="col">plate current</th>
                <th scope="col">screen current</th>
                <th scope="col">gm</th>
                <th scope="col">µ</th>
              </tr>
            </thead>
            <tbody>
              {tube.points.map((point) => (
                <tr key={`${point.plate} ${point.grid} ${point.classC}`} className="text-base">
                  <th scope="row" className="font-normal">
                    {point.classC ? "class C" : tube.kind === "converter" ? "converter" : "class A"}
                  </th>
                  <td className="font-mono">{format(point.plate, "voltage")}</td>
                  <td className="font-mono">{point.screen === undefined ? "–" : format(point.screen, "voltage")}</td>
                  <td className="font-mono">{format(point.grid, "voltage")}</td>
                  <td className="font-mono">{point.amps === undefined ? "–" : format(point.amps, "current")}</td>
                  <td className="font-mono">
                    {point.screenAmps === undefined ? "–" : format(point.screenAmps, "current")}
                  </td>
                  <td className="font-mono">{milli(point.gm, "mA/V")}</td>
                  <td className="font-mono">{point.mu ?? "–"}</td>
                </tr>
              ))}
            </tbody>
          </table>
        ) : null}
        {tube.traits.map((trait) => (
          <p key={trait}>{trait}.</p>
        ))}
        <p className="dim text-sm">
          Source: {tube.source}. Check a figure with its data sheet before something depends on it.
        </p>
      </div>
      <PlateCurves key={tube.type} tube={tube} />
    </article>
  );
}

/** The tube table: found by any name, with base, limits, operation and what is known of its family. */
export function TubeTable({ initial }: { initial: string }) {
  const [query, setQuery] = useState(initial);
  const [kind, setKind] = useState("");
  const [chosen, setChosen] = useState<string | undefined>(() => tubeType(initial)?.type);
  const shown = tubeTypes().filter((tube) => matches(tube, query, kind));
  const near = query.trim() && shown.length === 0 ? nearestTypes(query) : [];
  const tube = chosen ? tubeType(chosen) : undefined;
  return (
    <div className="flex flex-col gap-3">
      <div className="flex flex-wrap items-center gap-3">
        <label className="input h-11 w-80">
          <Search size={18} aria-hidden="true" />
          <span className="sr-only">Find a tube</span>
          <input
            value={query}
            autoFocus
            placeholder="6V6, ECC83, rimlock, converter"
            className="font-mono"
            onChange={(event) => {
              setQuery(event.target.value);
              setChosen(tubeType(event.target.value)?.type ?? chosen);
            }}
          />
        </label>
        <select
          className="select h-11 w-52"
          aria-label="Kind of tube"
          value={kind}
          onChange={(event) => setKind(event.target.value)}
        >
          <option value="">every kind</option>
          {TUBE_KINDS.map((one) => (
            <option key={one}>{one}</option>
          ))}
        </select>
        <p className="dim" role="status">
          {shown.length} of {tubeTypes().length} types
        </p>
      </div>
      {near.length > 0 ? (
        <p>
          “{query}” is not in the table. Near it:{" "}
          {near.map((name) => (
            <button
              key={name}
              type="button"
              className="btn btn-outline mr-1.5 h-10 font-mono"
              onClick={() => {
                setQuery(name);
                setChosen(tubeType(name)?.type);
              }}
            >
              {name}
            </button>
          ))}
        </p>
      ) : null}
      {tube ? <Sheet tube={tube} /> : null}
      <ul className="grid grid-cols-[repeat(auto-fill,minmax(15rem,1fr))] gap-x-4">
        {shown.map((one) => (
          <li key={one.type} className="border-b border-base-300">
            <button
              type="button"
              aria-pressed={one.type === tube?.type}
              className="grid min-h-11 w-full grid-cols-[5.5rem_1fr] items-center gap-2 px-1 text-left hover:bg-base-200 aria-pressed:bg-base-200"
              onClick={() => {
                setChosen(one.type);
                window.scrollTo({ top: 0 });
              }}
            >
              <span className="font-mono font-bold">{one.type}</span>
              <span>
                {one.kind}
                <span className="dim block text-sm">{one.names.slice(0, 3).join(", ") || one.pinout.base}</span>
              </span>
            </button>
          </li>
        ))}
      </ul>
    </div>
  );
}
