import { Link } from "@/ui/Link";
import { HELD, type Wanted } from "@/core/across";
import type { AcrossAll, Asked } from "@/db/across";
import { BehindHand } from "@/ui/BehindHand";
import { Time } from "@/ui/Time";
import { ResultTable } from "@/ui/ResultTable";

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
        <ResultTable
          tight
          rows={found}
          keyOf={(one, at) => `${one.setId} ${one.where} ${at}`}
          columns={[
            {
              head: "Set",
              names: true,
              className: "font-normal",
              cell: (one) => (
                <Link href={`/sets/${one.setId}`} className="inline-flex min-h-10 items-center underline">
                  {one.set}
                </Link>
              ),
            },
            { head: "Place", className: "font-mono", cell: (one) => one.where },
            { head: "What", cell: (one) => one.what },
            {
              head: "Since",
              className: "whitespace-nowrap",
              cell: ({ since }) =>
                since ? <Time iso={since} as="day" /> : <span className="dim">as it left the works</span>,
            },
          ]}
        />
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
        <ResultTable
          tight
          rows={found.slice(0, 40)}
          keyOf={({ designator }) => designator}
          columns={[
            { head: "Part", names: true, className: "font-mono", cell: ({ designator }) => designator },
            {
              head: "Stage, role",
              className: "dim",
              cell: ({ stage, role }) => [stage, role?.replaceAll("-", " ")].filter(Boolean).join(", "),
            },
            { head: "Sets", figure: true, cell: ({ sets, of }) => `${sets} of ${of}` },
            { head: "Times", figure: true, cell: ({ times }) => times },
            { head: "What was found", cell: (one) => one.found.join("; ") },
          ]}
        />
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
