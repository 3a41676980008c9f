"use client";

import { useMemo, useRef, useState } from "react";
import { marginsOf, rulesOf } from "@/core/components";
import { substitutePlace, tubePlaces, type TubePlace } from "@/core/visit";
import { MATCH_WITHIN } from "@/core/tubes";
import { Empty } from "@/ui/Empty";
import { useLogbook } from "@/ui/logbook";
import { PartStateMark } from "@/ui/PartStateMark";
import { Tabs } from "@/ui/Tabs";
import { Time } from "@/ui/Time";
import { VerdictMark } from "@/ui/VerdictMark";
import { BiasPanel } from "./BiasPanel";
import { FitFromStock } from "./FitFromStock";
import { HistoryChart } from "./HistoryChart";
import { InItsCircuit } from "./InItsCircuit";
import { Substitutes } from "./Substitutes";
import { TestForm } from "./TestForm";

/** Positions that work together and whose tubes have drifted apart. */
function pairTrouble(places: readonly TubePlace[]): string[] {
  const groups = new Map<string, TubePlace[]>();
  for (const place of places) {
    const key = `${place.work} ${place.drawn}`;
    if (place.work) groups.set(key, [...(groups.get(key) ?? []), place]);
  }
  return [...groups.values()].flatMap((group) => {
    const shares = group.flatMap(({ position, records }) => {
      const ratio = records.findLast((record) => record.current && record.ratio !== undefined)?.ratio;
      return ratio === undefined ? [] : [{ position, ratio }];
    });
    const top = Math.max(...shares.map(({ ratio }) => ratio));
    const low = Math.min(...shares.map(({ ratio }) => ratio));
    if (shares.length < 2 || 1 - low / top <= MATCH_WITHIN) return [];
    const list = shares.map(({ position, ratio }) => `${position} ${Math.round(ratio * 100)} %`).join(", ");
    return [`${list}: they work together and are more than ${MATCH_WITHIN * 100} % apart.`];
  });
}

function OnePosition({ place }: { place: TubePlace }) {
  const { input } = useLogbook();
  const target = useMemo(() => substitutePlace(input, place.position), [input, place.position]);
  const type = place.type;
  const ratio = place.records.findLast((record) => record.current && record.ratio !== undefined)?.ratio;
  const tabs = [
    {
      key: "test",
      name: "Test",
      body: (
        <div className="flex flex-col gap-3">
          <TestForm key={`${place.position} ${place.fitted}`} place={place} />
          <HistoryChart records={place.records} position={place.position} />
          {place.records.length === 0 ? <p className="dim">No test of this position is on record.</p> : null}
          <ul>
            {place.records.toReversed().map((record) => (
              <li key={record.id} className="grid grid-cols-[7rem_6rem_1fr] gap-2 border-b border-base-300 py-1">
                <Time iso={record.at} as="day" />
                <span className="font-mono">
                  {record.ratio === undefined ? "–" : `${Math.round(record.ratio * 100)} %`}
                </span>
                <span>
                  {record.verdict === "none" ? null : <VerdictMark mark={record.verdict} />} {record.what}.{" "}
                  {record.text}{" "}
                  <span className="dim">
                    {record.tester ? `on ${record.tester}` : ""}
                    {record.current ? "" : " (the tube before this one)"}
                  </span>
                </span>
              </li>
            ))}
          </ul>
        </div>
      ),
    },
    {
      key: "substitutes",
      name: "Substitutes",
      body: target ? (
        <Substitutes place={target} />
      ) : (
        <p className="dim">“{place.drawn}” is not in the tube table, so nothing can be compared with it.</p>
      ),
    },
    {
      key: "bias",
      name: "Bias",
      body: type ? (
        <>
          <BiasPanel
            margins={marginsOf(input.rules ?? rulesOf())}
            key={type.type}
            type={type}
            plateVolts={target?.plateVolts}
            supplyVolts={target?.bplus}
            cathodeOhms={target?.cathodeOhms}
          />
          <InItsCircuit position={place.position} ratio={ratio} />
        </>
      ) : (
        <p className="dim">The table does not know “{place.fitted}”.</p>
      ),
    },
    ...(type
      ? [{ key: "stock", name: "From stock", body: <FitFromStock position={place.position} type={type} /> }]
      : []),
  ];
  return (
    <section aria-label={place.position} className="flex flex-col gap-2 rounded-box border-2 border-primary p-3">
      <h2 className="flex flex-wrap items-baseline gap-x-3">
        <strong className="font-mono text-2xl">{place.position}</strong>
        <span className="font-mono text-lg">{place.fitted}</span>
        <span className="dim">
          {place.work}
          {place.fitted === place.drawn ? "" : `, drawn as ${place.drawn}`}
        </span>
        {type && type.heaters[0] ? (
          <span className="dim ml-auto">
            {type.kind}, {type.pinout.base},{" "}
            {type.heaters.map(({ volts, amps }) => `${volts} V ${amps} A`).join(" or ")}
          </span>
        ) : null}
      </h2>
      {place.state === "substituted" ? (
        <p className="border-l-4 border-warning pl-2">
          <strong>Found substituted.</strong> To put it back: {place.why}
        </p>
      ) : null}
      {type?.traits.map((trait) => (
        <p key={trait} className="dim">
          {trait}.
        </p>
      ))}
      <Tabs label={`About ${place.position}`} tabs={tabs} />
    </section>
  );
}

/** Tubes: each position with what sits there and how it tested; the one chosen in detail. */
export function TubesPlate() {
  const { input } = useLogbook();
  const places = useMemo(() => tubePlaces(input), [input]);
  const [chosen, setChosen] = useState<string>();
  const detail = useRef<HTMLDivElement>(null);
  if (places.length === 0)
    return (
      <Empty title="This model has no tubes on its sheet.">
        Transistor sets have none; else enter the line-up in Reference.
      </Empty>
    );
  const place = places.find(({ position }) => position === chosen);
  return (
    <div className="flex flex-col gap-3">
      {pairTrouble(places).map((text) => (
        <p key={text} className="border-l-4 border-warning pl-2 font-semibold">
          {text}
        </p>
      ))}
      <ul className="grid gap-x-4 sm:grid-cols-2">
        {places.map((one) => {
          const last = one.records.findLast(({ current, ratio }) => current && ratio !== undefined);
          return (
            <li key={one.position} className="border-b border-base-300">
              <button
                type="button"
                aria-pressed={one.position === chosen}
                className="grid min-h-12 w-full grid-cols-[3rem_5rem_minmax(0,1fr)_auto] items-center gap-2 px-1 text-left hover:bg-base-200 aria-pressed:bg-base-200"
                onClick={() => {
                  setChosen(one.position === chosen ? undefined : one.position);
                  requestAnimationFrame(() => detail.current?.scrollIntoView({ block: "nearest" }));
                }}
              >
                <span className="font-mono font-bold">{one.position}</span>
                <span className="truncate font-mono">{one.fitted}</span>
                <span className="dim min-w-0">
                  {one.work}
                  {one.state === "original" ? null : (
                    <span className="block">
                      <PartStateMark state={one.state} />
                    </span>
                  )}
                </span>
                {last?.ratio === undefined || last.verdict === "none" ? (
                  <span className="dim">not tested</span>
                ) : (
                  <VerdictMark mark={last.verdict} note={`${Math.round(last.ratio * 100)} %`} />
                )}
              </button>
            </li>
          );
        })}
      </ul>
      <div ref={detail} className="scroll-mt-3">
        {place ? (
          <OnePosition key={place.position} place={place} />
        ) : (
          <p className="dim">Choose a position: its test, its substitutes, its bias, what the stock has.</p>
        )}
      </div>
    </div>
  );
}
