"use client";

import { joinedTo, joinTo, KINDS, PATH_FACTS, placeInPath } from "@/core/diagnosis";
import { PATHS, type Circuit, type Stage } from "@/core/model";

type StageJoinsProps = { circuit: Circuit; stage: Stage; onChange: (circuit: Circuit) => void };

/** Where a stage stands: its place in the signal, or what it does beside it. */
function placeOf(circuit: Circuit, id: string): string {
  const at = circuit.paths.flatMap(({ key, chain }) => (chain.includes(id) ? [`${key} ${chain.indexOf(id) + 1}`] : []));
  const { to, kind } = joinedTo(circuit, id);
  const beside = to.length > 0 ? [`${kind} of ${to.length}`] : [];
  return [...at, ...beside].join(", ") || "by itself";
}

/** The way of the signal that a stage is in, and what it feeds or controls: joined and parted here. */
export function StageJoins({ circuit, stage, onChange }: StageJoinsProps) {
  const { to, kind } = joinedTo(circuit, stage.id);
  const nameOf = new Map(circuit.stages.map(({ id, name }) => [id, name]));
  const lane = KINDS[stage.kind].lane === "supply" ? "supply" : kind;
  return (
    <details>
      <summary className="link flex min-h-10 cursor-pointer items-center" aria-label={`Joins of ${stage.name}`}>
        {placeOf(circuit, stage.id)}
      </summary>
      <div className="flex w-72 flex-col gap-2 py-1">
        {PATHS.map((key) => {
          const chain = circuit.paths.find((path) => path.key === key)?.chain ?? [];
          const at = chain.indexOf(stage.id);
          return (
            <label key={key} className="flex items-center gap-2">
              <span className="w-28 shrink-0">{PATH_FACTS[key].on.replace(/^(on|of the) /, "")}</span>
              <select
                className="select h-10 min-w-0 grow"
                aria-label={`${stage.name} in the way ${key}`}
                value={at < 0 ? "-" : (chain[at - 1] ?? "")}
                onChange={({ target: { value } }) =>
                  onChange(placeInPath(circuit, key, stage.id, value === "-" ? undefined : value))
                }
              >
                <option value="-">not in it</option>
                <option value="">at its beginning</option>
                {chain
                  .filter((id) => id !== stage.id)
                  .map((id) => (
                    <option key={id} value={id}>
                      after {nameOf.get(id)}
                    </option>
                  ))}
              </select>
            </label>
          );
        })}
        <fieldset className="max-h-60 overflow-y-auto">
          <legend className="font-semibold">{lane === "supply" ? "Feeds" : "Controls"}</legend>
          {circuit.stages
            .filter(({ id }) => id !== stage.id)
            .map(({ id, name }) => (
              <label key={id} className="flex min-h-9 items-center gap-2">
                <input
                  type="checkbox"
                  className="checkbox"
                  aria-label={`${stage.name} ${lane === "supply" ? "feeds" : "controls"} ${name}`}
                  checked={to.includes(id)}
                  onChange={({ target: { checked } }) =>
                    onChange(joinTo(circuit, stage.id, checked ? [...to, id] : to.filter((one) => one !== id), lane))
                  }
                />
                {name}
              </label>
            ))}
        </fieldset>
      </div>
    </details>
  );
}
