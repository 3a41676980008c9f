import { LEAST_CASES, overShare, type AgainstEstimate, type AgeOfWork } from "@/core/across";
import type { PartsMargin } from "@/core/invoice";
import { printMinutes } from "@/core/kinds";
import { STEP_NAMES } from "@/core/model";
import { formatMoney } from "@/core/quantity";
import { Link } from "@/ui/Link";

const percent = (share: number): string => `${Math.round(share * 100)} %`;
const signed = (minutes: number): string =>
  minutes === 0 ? "0 min" : minutes < 0 ? `−${printMinutes(-minutes)}` : `+${printMinutes(minutes)}`;

function Against({ rows }: { rows: readonly AgainstEstimate[] }) {
  return (
    <section aria-label="Hours against estimate" className="flex flex-col gap-1">
      <h2 className="text-xl font-bold">Hours against estimate</h2>
      {rows.length === 0 ? (
        <p className="dim">No visit with an estimate is over yet. An estimate is told at Take in or Hand back.</p>
      ) : (
        <table className="table">
          <thead>
            <tr className="text-base text-base-content">
              <th scope="col">Kind of set</th>
              <th scope="col" className="text-right">
                Visits
              </th>
              <th scope="col" className="text-right">
                Estimated
              </th>
              <th scope="col" className="text-right">
                Spent
              </th>
              <th scope="col" className="text-right">
                Difference
              </th>
              <th scope="col" className="text-right">
                Took longer
              </th>
            </tr>
          </thead>
          <tbody>
            {rows.map((row) => {
              const share = overShare(row);
              return [
                <tr key={row.setClass} className="text-base font-bold">
                  <th scope="row" className="py-1">
                    {row.setClass}
                  </th>
                  <td className="py-1 text-right font-mono">{row.visits}</td>
                  <td className="py-1 text-right font-mono">{printMinutes(row.estimated)}</td>
                  <td className="py-1 text-right font-mono">{printMinutes(row.spent)}</td>
                  <td className="py-1 text-right font-mono">{signed(row.spent - row.estimated)}</td>
                  <td className="py-1 text-right font-mono">
                    {row.over} of {row.visits}
                    {share === undefined ? "" : `, ${percent(share)}`}
                  </td>
                </tr>,
                ...row.steps.map(({ step, visits, estimated, spent }) => (
                  <tr key={`${row.setClass} ${step}`} className="text-base">
                    <th scope="row" className="py-1 pl-8 font-normal">
                      {STEP_NAMES[step]}
                    </th>
                    <td className="py-1 text-right font-mono">{visits}</td>
                    <td className="py-1 text-right font-mono">{printMinutes(estimated)}</td>
                    <td className="py-1 text-right font-mono">{spent === 0 ? "none" : printMinutes(spent)}</td>
                    <td className="py-1 text-right font-mono">{signed(spent - estimated)}</td>
                    <td />
                  </tr>
                )),
              ];
            })}
          </tbody>
        </table>
      )}
      {rows.length > 0 ? (
        <p className="dim">A share is said from {LEAST_CASES} visits on. Steps are those that the estimates named.</p>
      ) : null}
    </section>
  );
}

function Margin({ margin, currency, days }: { margin: PartsMargin; currency: string; days: number }) {
  const money = (minor: number) => formatMoney({ minor, currency });
  const { pieces, soldMinor, costMinor, share, unknown, warrantyMinor } = margin;
  return (
    <section aria-label="Margin on parts" className="flex flex-col gap-1">
      <h2 className="text-xl font-bold">Margin on parts</h2>
      <p className="dim">On invoices of the last {days} days, before tax.</p>
      {pieces === 0 && warrantyMinor === 0 ? (
        <p>No part was sold whose cost is known.</p>
      ) : (
        <dl className="grid max-w-md grid-cols-[1fr_auto] gap-x-6 gap-y-1">
          <dt>{pieces} pc sold for</dt>
          <dd className="text-right font-mono">{money(soldMinor)}</dd>
          <dt>what they cost the shop</dt>
          <dd className="text-right font-mono">{money(costMinor)}</dd>
          <dt className="font-bold">margin</dt>
          <dd className="text-right font-mono font-bold">
            {money(soldMinor - costMinor)}
            {share === undefined ? "" : `, ${percent(share)}`}
          </dd>
          <dt>put in under warranty, at cost</dt>
          <dd className="text-right font-mono">{money(warrantyMinor)}</dd>
        </dl>
      )}
      {unknown > 0 ? (
        <p className="dim">{unknown} pc stand on invoices that do not say what they cost: they are in no sum.</p>
      ) : null}
      <p className="dim">
        What is put on the price of a part is a rule of the shop:{" "}
        <Link href="/shop" className="link">
          Shop, What the shop works by
        </Link>
      </p>
    </section>
  );
}

function Age({ age }: { age: readonly AgeOfWork[] }) {
  const most = Math.max(1, ...age.map(({ sets }) => sets.length));
  return (
    <section aria-label="Age of the work in the shop" className="flex flex-col gap-1">
      <h2 className="text-xl font-bold">Age of the work in the shop</h2>
      <table className="table">
        <thead>
          <tr className="text-base text-base-content">
            <th scope="col">Here for</th>
            <th scope="col">Sets</th>
            <th scope="col" className="text-right">
              Labour in them
            </th>
            <th scope="col">Jobs, the oldest first</th>
          </tr>
        </thead>
        <tbody>
          {age.map(({ from, sets, minutes }, index) => {
            const to = age[index + 1]?.from;
            return (
              <tr key={from} className="text-base">
                <th scope="row" className="py-1 whitespace-nowrap">
                  {to === undefined
                    ? `${from} weeks and more`
                    : index === 0
                      ? `under ${to} weeks`
                      : `${from} to ${to} weeks`}
                </th>
                <td className="py-1">
                  <span className="flex items-center gap-2">
                    <span className="w-6 text-right font-mono">{sets.length}</span>
                    <span
                      aria-hidden="true"
                      className="h-4 rounded-sm bg-primary"
                      style={{ width: `${(sets.length / most) * 8}rem` }}
                    />
                  </span>
                </td>
                <td className="py-1 text-right font-mono">{minutes === 0 ? "" : printMinutes(minutes)}</td>
                <td className="py-1">
                  <span className="flex flex-wrap gap-x-3">
                    {sets.map(({ job, name }) => (
                      <Link key={job} href={`/bench/${job}`} className="inline-flex min-h-10 items-center link">
                        {job} {name}
                      </Link>
                    ))}
                  </span>
                </td>
              </tr>
            );
          })}
        </tbody>
      </table>
    </section>
  );
}

type FiguresProps = {
  against: readonly AgainstEstimate[];
  margin: PartsMargin;
  age: readonly AgeOfWork[];
  currency: string;
  days: number;
};

/** What the shop's work came to: hours against estimates, what parts earned, and how old the open work is. */
export function Figures({ against, margin, age, currency, days }: FiguresProps) {
  return (
    <div className="flex flex-col gap-8">
      <Age age={age} />
      <Against rows={against} />
      <Margin margin={margin} currency={currency} days={days} />
    </div>
  );
}
