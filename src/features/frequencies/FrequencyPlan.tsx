"use client";

import { useMemo, useState } from "react";
import { gapsOf, planOf, readKilohertz, scaleDoubts, whistlesAt, type Air, type BandPlan } from "@/core/frequencies";
import type { ModelBand } from "@/core/model";
import { Empty } from "@/ui/Empty";
import { SelectField, TextField } from "@/ui/form";
import { CrystalBox } from "./Crystals";
import { PlanDrawing } from "./PlanDrawing";
import { hz, LICENCE, overlapText, rangeText, whistleText } from "./words";
import { ResultTable } from "@/ui/ResultTable";

/** Highest whistle that is listed at once; the rest behind a button. */
const SHOWN = 12;

function Whistles({ plan }: { plan: BandPlan }) {
  const [all, setAll] = useState(false);
  const { whistles } = plan;
  if (whistles.length === 0) return <p>No whistle up to the fifth harmonic lies in {plan.band.name}.</p>;
  return (
    <>
      <ResultTable
        label={`Whistles of ${plan.band.name}`}
        className="w-auto"
        tight
        rows={all ? whistles : whistles.slice(0, SHOWN)}
        keyOf={(one) => one.at}
        columns={[
          { head: "Tuned to", className: "font-mono whitespace-nowrap", cell: (one) => hz(one.at) },
          { head: "Order", cell: (one) => one.order },
          { head: "What comes together", cell: whistleText },
        ]}
      />
      {whistles.length > SHOWN && !all ? (
        <button type="button" className="btn btn-outline mt-1 h-10" onClick={() => setAll(true)}>
          All {whistles.length}
        </button>
      ) : null}
    </>
  );
}

/** Which whistle of this set a complaint is. */
function AskWhistle({ bands }: { bands: readonly ModelBand[] }) {
  const [text, setText] = useState("");
  const hertz = readKilohertz(/\d[\d.,]*(?:\s*[mk](?:hz|c))?/i.exec(text)?.[0] ?? "");
  const found = hertz === undefined ? [] : whistlesAt(bands, hertz).slice(0, 4);
  return (
    <div className="rounded-box border border-base-300 p-3">
      <TextField label="A complaint: it whistles at, kHz" value={text} placeholder="930" onChange={setText} />
      {hertz === undefined ? null : found.length === 0 ? (
        <p>
          No whistle of its own lies within 1 % of {hz(hertz)}: look outside (another set, a switching supply) or at
          oscillation that should not be.
        </p>
      ) : (
        <ul>
          {found.map((one) => (
            <li key={`${one.band} ${one.at}`}>
              <strong className="font-mono">{hz(one.at)}</strong> on {one.band}: {whistleText(one)}, order {one.order}.{" "}
              {one.m === 0 && one.n > 1
                ? "A whistle of every set with this IF; stronger where the detector radiates or the IF is off."
                : "Of the mixer: weaker with less signal."}
            </li>
          ))}
        </ul>
      )}
    </div>
  );
}

/** The frequencies of a model: drawn, with its whistles, and what it cannot receive. */
export function FrequencyPlan({ bands, air }: { bands: readonly ModelBand[]; air: Air }) {
  const plans = useMemo(() => bands.map((band) => planOf(band, air.allocations, air.region)), [bands, air]);
  const [chosen, setChosen] = useState("");
  const plan = plans.find(({ band }) => band.name === chosen) ?? plans[0];
  if (!plan)
    return (
      <Empty title="No bands yet">
        Enter the bands of this model in the table Bands: range, IF, side of the oscillator. The plan is drawn from
        them.
      </Empty>
    );
  // A crystal of this set is mixed with its intermediate frequency: a tuned one, or one that stands still.
  const { mid, midTo } = plan.band;
  const mixed = mid === undefined ? undefined : { from: mid, to: midTo ?? mid };
  const gaps = gapsOf(bands);
  const doubts = scaleDoubts(bands);
  return (
    <div className="flex flex-col gap-3">
      {doubts.map(({ name, from, to }) => (
        <p key={name} className="font-semibold text-warning">
          {name}: {rangeText({ from, to })} looks off by a thousand. Are kHz and MHz right?
        </p>
      ))}
      <PlanDrawing plans={plans} />
      <div className="grid items-start gap-4 lg:grid-cols-2">
        <section aria-label="Whistles">
          <SelectField
            label="Band"
            value={plan.band.name}
            options={plans.map(({ band }) => [band.name, band.name] as const)}
            onChange={setChosen}
            className="max-w-60"
          />
          <Whistles plan={plan} />
        </section>
        <section aria-label="What it cannot receive" className="flex flex-col gap-2">
          <h2 className="text-lg font-bold">What it cannot receive</h2>
          <ul className="ml-5 list-disc">
            {plans.flatMap(({ band, blocked }) =>
              blocked.map((one) => (
                <li key={`${band.name} ${one.from}`}>
                  {rangeText(one)} on {band.name}: its own IF and a guard about it
                </li>
              )),
            )}
            {gaps.map((one) => (
              <li key={one.from}>{rangeText(one)}: between its bands</li>
            ))}
            {plans.every(({ blocked }) => blocked.length === 0) && gaps.length === 0 ? (
              <li>
                Nothing between{" "}
                {rangeText({
                  from: Math.min(...bands.map(({ from }) => from)),
                  to: Math.max(...bands.map(({ to }) => to)),
                })}
              </li>
            ) : null}
          </ul>
          {plan.imageOn.length > 0 ? (
            <p>
              Images on {plan.band.name} fall on{" "}
              {plan.imageOn.map(({ name, from, to }) => `${name} (${rangeText({ from, to })})`).join(", ")}.
            </p>
          ) : null}
          <p>
            In {plan.band.name}, region {air.region}:{" "}
            {plan.allocations.map(overlapText).join("; ") || "no amateur or broadcasting band"}.{" "}
            <span className="dim">{LICENCE}</span>
          </p>
          <AskWhistle bands={bands} />
          {mixed ? <CrystalBox tuning={mixed} air={air} /> : null}
        </section>
      </div>
    </div>
  );
}
