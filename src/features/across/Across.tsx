import { Link } from "@/ui/Link";
import { HELD, type Wanted } from "@/core/across";
import type { AcrossAll, Asked } from "@/db/across";
import { BehindHand } from "@/ui/BehindHand";
import { Time } from "@/ui/Time";

type AcrossProps = { all: AcrossAll; asked: Asked };

const KIND_WORDS: Record<Wanted["kind"], string> = { batch: "Batch", tube: "Tube", modification: "Modification" };

const plural = (count: number, word: string) => `${count} ${word}${count === 1 ? "" : "s"}`;

/** Names that are offered to begin with. */
const OFFERED = 24;

/** Before anything is asked: what the shop's sets hold, each a question by itself. */
function KnownNames({ names, asked }: { names: readonly string[]; asked: Asked }) {
  if (names.length === 0) return <p className="dim">No set holds any of these yet.</p>;
  const about = (text: string) =>
    `/sets/across?${new URLSearchParams({ kind: asked.kind, text, months: String(asked.months), model: asked.modelId })}`;
  return (
    <div>
      <p className="dim">In the sets of this shop:</p>
      <ul className="flex flex-wrap gap-x-4">
        {names.slice(0, OFFERED).map((name) => (
          <li key={name}>
            <Link href={about(name)} className="inline-flex min-h-10 items-center font-mono underline">
              {name}
            </Link>
          </li>
        ))}
      </ul>
      {names.length > OFFERED ? <p className="dim">and {names.length - OFFERED} more</p> : null}
    </div>
  );
}

function Holders({ all, asked }: AcrossProps) {
  const { holders: found, names } = all;
  return (
    <section aria-label="Where it sits" className="flex flex-col gap-2">
      <h2 className="text-xl font-bold">Where a batch, a tube or a modification sits</h2>
      <form className="flex flex-wrap items-end gap-3" action="/sets/across">
        <input type="hidden" name="months" value={asked.months} />
        <input type="hidden" name="model" value={asked.modelId} />
        <label className="flex flex-col gap-1 font-semibold">
          What
          <select name="kind" defaultValue={asked.kind} className="select h-11 w-40">
            {HELD.map((kind) => (
              <option key={kind} value={kind}>
                {KIND_WORDS[kind]}
              </option>
            ))}
          </select>
        </label>
        <label className="flex flex-col gap-1 font-semibold">
          Its name
          <input
            name="text"
            defaultValue={asked.text}
            className="input h-11 w-72"
            list="across-names"
            placeholder="6AQ5, a batch, a modification"
            autoComplete="off"
          />
        </label>
        <datalist id="across-names">
          {[...new Set(Object.values(names).flat())].map((name) => (
            <option key={name} value={name} />
          ))}
        </datalist>
        <button className="btn btn-primary h-11">Look</button>
      </form>
      {asked.text ? null : <KnownNames names={names[asked.kind]} asked={asked} />}
      {asked.text ? (
        <p role="status">
          {found.length === 0
            ? `No set holds “${asked.text}” today.`
            : `${plural(found.length, "place")} in ${plural(new Set(found.map(({ setId }) => setId)).size, "set")}.`}
        </p>
      ) : null}
      {found.length > 0 ? (
        <table className="table">
          <thead>
            <tr className="text-base text-base-content">
              <th scope="col">Set</th>
              <th scope="col">Place</th>
              <th scope="col">What</th>
              <th scope="col">Since</th>
            </tr>
          </thead>
          <tbody>
            {found.map((one, index) => (
              <tr key={`${one.setId} ${one.where} ${index}`} className="text-base">
                <th scope="row" className="py-1 font-normal">
                  <Link href={`/sets/${one.setId}`} className="inline-flex min-h-10 items-center underline">
                    {one.set}
                  </Link>
                </th>
                <td className="py-1 font-mono">{one.where}</td>
                <td className="py-1">{one.what}</td>
                <td className="py-1 whitespace-nowrap">
                  {one.since ? <Time iso={one.since} as="day" /> : <span className="dim">as it left the works</span>}
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      ) : null}
    </section>
  );
}

function Comebacks({ all, asked }: AcrossProps) {
  const found = all.comebacks;
  return (
    <section aria-label="Comebacks" className="flex flex-col gap-2">
      <h2 className="text-xl font-bold">What came back</h2>
      <form className="flex flex-wrap items-end gap-3" action="/sets/across">
        <input type="hidden" name="kind" value={asked.kind} />
        <input type="hidden" name="text" value={asked.text} />
        <input type="hidden" name="model" value={asked.modelId} />
        <label className="flex flex-col gap-1 font-semibold">
          Within, months
          <input
            name="months"
            type="number"
            min={1}
            max={600}
            defaultValue={asked.months}
            className="input h-11 w-28 text-right font-mono"
          />
        </label>
        <button className="btn btn-outline h-11">Look</button>
      </form>
      {found.length === 0 ? (
        <p className="dim" role="status">
          No set was back within {asked.months} months of its hand-back.
        </p>
      ) : null}
      <ul>
        {found.map((one) => (
          <li key={`${one.setId} ${one.job}`} className="border-b border-base-300 py-1.5">
            <Link
              href={`/sets/${one.setId}?tab=life`}
              className="inline-flex min-h-10 items-center font-semibold underline"
            >
              {one.set}
            </Link>{" "}
            job <span className="font-mono">{one.before}</span>, back as <span className="font-mono">{one.job}</span>{" "}
            after <strong>{one.days} days</strong>: {one.complaint}
            {one.again.map((text) => (
              <span key={text} className="block text-sm text-warning">
                worked on both times: {text}
              </span>
            ))}
          </li>
        ))}
      </ul>
    </section>
  );
}

function Failures({ all, asked }: AcrossProps) {
  const { models, chosen, failures: found } = all;
  return (
    <section aria-label="What fails most" className="flex flex-col gap-2">
      <h2 className="text-xl font-bold">What fails most on a model</h2>
      <form className="flex flex-wrap items-end gap-3" action="/sets/across">
        <input type="hidden" name="kind" value={asked.kind} />
        <input type="hidden" name="text" value={asked.text} />
        <input type="hidden" name="months" value={asked.months} />
        <label className="flex flex-col gap-1 font-semibold">
          Model
          <select name="model" defaultValue={chosen} className="select h-11 w-72">
            {models.map(({ id, name }) => (
              <option key={id} value={id}>
                {name}
              </option>
            ))}
          </select>
        </label>
        <button className="btn btn-outline h-11">Look</button>
      </form>
      {found.length === 0 ? <p className="dim">Nothing of this model has failed here yet.</p> : null}
      {found.length > 0 ? (
        <table className="table">
          <thead>
            <tr className="text-base text-base-content">
              <th scope="col">Part</th>
              <th scope="col">Stage, role</th>
              <th scope="col" className="text-right">
                Sets
              </th>
              <th scope="col" className="text-right">
                Times
              </th>
              <th scope="col">What was found</th>
            </tr>
          </thead>
          <tbody>
            {found.slice(0, 40).map((one) => (
              <tr key={one.designator} className="text-base">
                <th scope="row" className="py-1 font-mono">
                  {one.designator}
                </th>
                <td className="dim py-1">{[one.stage, one.role?.replaceAll("-", " ")].filter(Boolean).join(", ")}</td>
                <td className="py-1 text-right font-mono">
                  {one.sets} of {one.of}
                </td>
                <td className="py-1 text-right font-mono">{one.times}</td>
                <td className="py-1">{one.found.join("; ")}</td>
              </tr>
            ))}
          </tbody>
        </table>
      ) : null}
    </section>
  );
}

/** Questions over all the sets that were ever here. */
export function Across(props: AcrossProps) {
  return (
    <div className="grid items-start gap-8 xl:grid-cols-2">
      <BehindHand sets={props.all.behindHand} className="xl:col-span-2" />
      <Holders {...props} />
      <Comebacks {...props} />
      <div className="xl:col-span-2">
        <Failures {...props} />
      </div>
    </div>
  );
}
