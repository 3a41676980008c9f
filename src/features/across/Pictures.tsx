"use client";

import { scaleLinear, scaleSqrt } from "d3";
import {
  AGES,
  LEAST_CASES,
  shareOf,
  type CameBack,
  type Cause,
  type ClassHours,
  type MakeAges,
  type Pictures as PicturesOf,
  type YearOriginal,
} from "@/core/across";
import { Chart, WidthAxis } from "@/ui/chart";

const CAUSE_WORDS: Record<Cause, string> = {
  "same part": "a part that was worked on before",
  "same complaint": "the same complaint, another part",
  "another matter": "another matter",
  "not known": "not written down",
};

const percent = (share: number): string => `${Math.round(share * 100)} %`;
const plural = (count: number, word: string) => `${count} ${word}${count === 1 ? "" : "s"}`;
const hoursText = (hours: number): string => `${Number(hours.toPrecision(2))} h`;

/** A strip of cases: each a mark of its own, so that few look like few. */
function Strip({
  values,
  x,
  y,
  text,
}: {
  values: readonly number[];
  x: (value: number) => number;
  y: number;
  text: (value: number) => string;
}) {
  return values.map((value, index) => (
    <circle key={index} cx={x(value)} cy={y} r={6} className="fill-primary/50 stroke-primary">
      <title>{text(value)}</title>
    </circle>
  ));
}

function CausesPicture({ cameBack: { handedBack, back, causes }, months }: { cameBack: CameBack; months: number }) {
  const share = shareOf(back, handedBack);
  const most = Math.max(1, ...causes.map(({ count }) => count));
  const [width, row] = [560, 34];
  const x = scaleLinear([0, most], [0, 220]);
  return (
    <section aria-label="Comebacks by cause" className="flex flex-col gap-1">
      <h2 className="text-xl font-bold">Comebacks by cause</h2>
      <p>
        {back} of {plural(handedBack, "hand-back")} came back within {months} months
        {share === undefined ? "" : `, ${percent(share)}`}.
      </p>
      <Chart
        paper={{ width, height: causes.length * row + 4 }}
        label={causes.map(({ cause, count }) => `${CAUSE_WORDS[cause]}: ${count}`).join("; ")}
      >
        {causes.map(({ cause, count }, index) => (
          <g key={cause} transform={`translate(0 ${index * row})`}>
            <text x={270} y={22} textAnchor="end" className="fill-base-content text-[15px]">
              {CAUSE_WORDS[cause]}
            </text>
            <rect x={280} y={5} width={x(count)} height={24} rx={3} className="fill-primary" />
            <text x={288 + x(count)} y={22} className="fill-base-content font-mono text-[15px]">
              {count}
            </text>
          </g>
        ))}
      </Chart>
    </section>
  );
}

function HoursPicture({ hours }: { hours: readonly ClassHours[] }) {
  const most = Math.max(1, ...hours.flatMap((one) => one.hours));
  const [width, row, left] = [560, 40, 190];
  const x = scaleLinear([0, most], [left, width - 80]).nice();
  const height = hours.length * row + 28;
  return (
    <section aria-label="Hours by kind of set" className="flex flex-col gap-1">
      <h2 className="text-xl font-bold">Hours by kind of set</h2>
      {hours.length === 0 ? <p className="dim">No visit with labour is over yet.</p> : null}
      {hours.length > 0 ? (
        <>
          <p className="dim">Each mark is a visit that is over; the line is their middle, from ten visits on.</p>
          <Chart
            paper={{ width, height }}
            label={hours
              .map(
                ({ setClass, hours: all, median }) =>
                  `${setClass}: ${plural(all.length, "visit")}, ${hoursText(all[0] ?? 0)} to ${hoursText(all.at(-1) ?? 0)}${median === undefined ? "" : `, middle ${hoursText(median)}`}`,
              )
              .join("; ")}
          >
            {hours.map(({ setClass, hours: all, median }, index) => (
              <g key={setClass}>
                <text x={left - 12} y={index * row + 25} textAnchor="end" className="fill-base-content text-[15px]">
                  {setClass}
                </text>
                <line
                  x1={left}
                  x2={width - 80}
                  y1={index * row + 20}
                  y2={index * row + 20}
                  className="stroke-base-300"
                />
                <Strip values={all} x={x} y={index * row + 20} text={hoursText} />
                {median === undefined ? null : (
                  <line
                    x1={x(median)}
                    x2={x(median)}
                    y1={index * row + 6}
                    y2={index * row + 34}
                    strokeWidth={3}
                    className="stroke-base-content"
                  />
                )}
                <text x={width - 70} y={index * row + 25} className="fill-base-content font-mono text-[14px]">
                  {all.length}
                  {median === undefined ? "" : `, ${hoursText(median)}`}
                </text>
              </g>
            ))}
            <WidthAxis
              paper={{ width, height, left, right: 80, top: 0, bottom: 0 }}
              ticks={x.ticks(5).map((value) => ({ key: value, at: x(value), text: `${value} h` }))}
            />
          </Chart>
        </>
      ) : null}
    </section>
  );
}

const ageText = (index: number): string => {
  const [from, to] = [AGES[index] ?? 0, AGES[index + 1]];
  if (index === 0) return "under 1 year";
  return to === undefined ? `${from} years and more` : `${from} to ${to} years`;
};

function AgesPicture({ ages }: { ages: readonly MakeAges[] }) {
  const most = Math.max(1, ...ages.flatMap(({ cells }) => cells.map(({ judged }) => judged)));
  const radius = scaleSqrt([0, most], [0, 16]);
  return (
    <section aria-label="Parts that failed, by make and age" className="flex flex-col gap-1">
      <h2 className="text-xl font-bold">Parts that failed, by make and age</h2>
      {ages.length === 0 ? <p className="dim">No part was tested or found bad yet.</p> : null}
      {ages.length > 0 ? (
        <>
          <p className="dim">
            Of the parts that were tested or found bad. The ring is how many, the disc in it how many had failed. A
            share is said from {LEAST_CASES} parts on.
          </p>
          <div className="overflow-x-auto">
            <table className="table">
              <thead>
                <tr className="text-base text-base-content">
                  <th scope="col">Make</th>
                  {AGES.map((_from, index) => (
                    <th key={index} scope="col">
                      {ageText(index)}
                    </th>
                  ))}
                  <th scope="col">All</th>
                </tr>
              </thead>
              <tbody>
                {ages.map(({ make, cells, all }) => (
                  <tr key={make} className="text-base">
                    <th scope="row" className="py-1">
                      {make}
                    </th>
                    {cells.map(({ judged, bad }, index) => {
                      const share = shareOf(bad, judged);
                      return (
                        <td key={index} className="py-1">
                          {judged === 0 ? null : (
                            <span className="flex items-center gap-1.5">
                              <svg width={34} height={34} viewBox="-17 -17 34 34" aria-hidden="true">
                                <circle r={radius(judged)} className="fill-none stroke-primary" strokeWidth={1.5} />
                                <circle r={radius(bad)} className="fill-primary" />
                              </svg>
                              <span className="font-mono whitespace-nowrap">
                                {bad} of {judged}
                                {share === undefined ? "" : `, ${percent(share)}`}
                              </span>
                            </span>
                          )}
                        </td>
                      );
                    })}
                    <td className="py-1 font-mono whitespace-nowrap">
                      {all.bad} of {all.judged}
                    </td>
                  </tr>
                ))}
              </tbody>
            </table>
          </div>
        </>
      ) : null}
    </section>
  );
}

function OriginalPicture({ original }: { original: readonly YearOriginal[] }) {
  const [width, row, left] = [560, 36, 60];
  const x = scaleLinear([0, 1], [left, width - 70]);
  const height = original.length * row + 28;
  return (
    <section aria-label="Originality over the years" className="flex flex-col gap-1">
      <h2 className="text-xl font-bold">Originality over the years</h2>
      {original.length === 0 ? <p className="dim">No set was handed back yet.</p> : null}
      {original.length > 0 ? (
        <>
          <p className="dim">
            Places with their original part when a set went out, each set a mark. The line is their middle, from ten
            sets on.
          </p>
          <Chart
            paper={{ width, height }}
            label={original
              .map(({ year, shares }) => `${year}: ${plural(shares.length, "set")}, ${shares.map(percent).join(", ")}`)
              .join("; ")}
          >
            {original.map(({ year, shares, median }, index) => (
              <g key={year}>
                <text
                  x={left - 12}
                  y={index * row + 23}
                  textAnchor="end"
                  className="fill-base-content font-mono text-[15px]"
                >
                  {year}
                </text>
                <line
                  x1={left}
                  x2={width - 70}
                  y1={index * row + 18}
                  y2={index * row + 18}
                  className="stroke-base-300"
                />
                <Strip values={shares} x={x} y={index * row + 18} text={percent} />
                {median === undefined ? null : (
                  <line
                    x1={x(median)}
                    x2={x(median)}
                    y1={index * row + 5}
                    y2={index * row + 31}
                    strokeWidth={3}
                    className="stroke-base-content"
                  />
                )}
                <text x={width - 52} y={index * row + 23} className="fill-base-content font-mono text-[14px]">
                  {shares.length}
                  {median === undefined ? "" : `, ${percent(median)}`}
                </text>
              </g>
            ))}
            <WidthAxis
              paper={{ width, height, left, right: 70, top: 0, bottom: 0 }}
              ticks={[0, 0.25, 0.5, 0.75, 1].map((value) => ({ key: value, at: x(value), text: percent(value) }))}
            />
          </Chart>
        </>
      ) : null}
    </section>
  );
}

/** What the shop's years look like: comebacks, hours, failures, originality, always with the number of cases. */
export function Pictures({ pictures, months }: { pictures: PicturesOf; months: number }) {
  return (
    <div className="grid grid-cols-1 items-start gap-8 lg:grid-cols-2">
      <CausesPicture cameBack={pictures.cameBack} months={months} />
      <OriginalPicture original={pictures.original} />
      <HoursPicture hours={pictures.hours} />
      <div className="min-w-0 lg:col-span-2">
        <AgesPicture ages={pictures.ages} />
      </div>
    </div>
  );
}
