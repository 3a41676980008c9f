"use client";

import { useState } from "react";
import { AGEING, KINDS, MODES, RECORD, TOPOLOGIES, type Figures } from "@/core/diagnosis";
import type { FoundOnce } from "@/core/visit";
import { Form, FormEnd, TextField, TickField, useForm } from "@/ui/form";
import { changeFigures } from "./actions";
import { readFigures, typedFigures, type TypedFigures } from "./typed-figures";

const STAGES = TOPOLOGIES.flatMap(({ circuit }) => circuit.stages);
/** Where each fault is found, over all topologies. */
const KIND_NAMES = new Map(
  MODES.map((mode) => [
    mode.key,
    [...new Set(STAGES.filter((stage) => mode.fits(stage)).map(({ kind }) => KINDS[kind].name))],
  ]),
);

type Fields = { often: TypedFigures; learns: boolean };

type FiguresFormProps = { figures: Figures; version: number; found: readonly FoundOnce[]; find?: string | undefined };

/** What fails how often: the table's figures, the shop's own over them, and what the shop has found. */
export function FiguresForm({ figures, version, found, find }: FiguresFormProps) {
  const [search, setSearch] = useState(find ?? "");
  const form = useForm<Fields>({
    asks: "change figures",
    initial: { often: typedFigures(figures), learns: figures.learns },
    check: ({ often }) => {
      const read = readFigures(often);
      return read.ok ? {} : { "": read.message };
    },
    save: async ({ often, learns }) => {
      const read = readFigures(often);
      return read.ok ? changeFigures({ ...figures, often: read.often, learns }, version) : read;
    },
  });
  const { often: typed, learns } = form.fields;
  const words = search.trim().toLowerCase();
  const shown = MODES.filter(
    (mode) =>
      !words || `${mode.name} ${mode.part} ${(KIND_NAMES.get(mode.key) ?? []).join(" ")}`.toLowerCase().includes(words),
  );
  const counts = new Map<string, number>();
  for (const { mode } of found) counts.set(mode, (counts.get(mode) ?? 0) + 1);
  return (
    <Form form={form} className="flex flex-col gap-3">
      <p className="dim max-w-4xl">
        {MODES.length} faults. Each figure is how often the fault is found in one stage, in a thousand faults: the
        shop’s estimate, to be changed where you know better. Age counts as a factor (
        {AGEING.slice(0, 3)
          .map(({ part, from, factor }) => `${part.replace(":", " ")} from ${from} years × ${factor}`)
          .join(", ")}{" "}
        …), a part changed in the last year × {RECORD.fresh}, one left with a reason × {RECORD.left}.
      </p>
      <div className="flex flex-wrap items-end gap-4">
        <TextField
          label="Find a fault"
          type="search"
          inputClass="w-72"
          placeholder="coupling, output, relay"
          value={search}
          onChange={setSearch}
        />
        <TickField
          label={`Learn from what was found: ${found.length} confirmed so far`}
          value={learns}
          onChange={(on) => form.change({ learns: on })}
        />
      </div>
      <div
        className="max-h-[60vh] overflow-auto rounded-box border border-base-300"
        tabIndex={0}
        role="region"
        aria-label="Faults"
      >
        <table className="table table-pin-rows">
          <thead>
            <tr className="text-base text-base-content">
              <th scope="col">Fault</th>
              <th scope="col">In</th>
              <th scope="col">Made sure of by</th>
              <th scope="col">in 1000</th>
              <th scope="col">table</th>
              <th scope="col">found</th>
            </tr>
          </thead>
          <tbody>
            {shown.map((mode) => {
              const kinds = KIND_NAMES.get(mode.key) ?? [];
              const own = typed[mode.key] !== String(mode.often);
              return (
                <tr key={mode.key} className="text-base">
                  <th scope="row" className="py-1 font-semibold">
                    {mode.name}
                  </th>
                  <td className="dim py-1">
                    {kinds.length > 6
                      ? `${kinds.slice(0, 5).join(", ")} and ${kinds.length - 5} more`
                      : kinds.join(", ")}
                  </td>
                  <td className="py-1 whitespace-nowrap">{mode.part.replace(":", " ")}</td>
                  <td className="py-1">
                    <input
                      className={`input h-10 w-20 font-mono ${own ? "border-primary font-bold" : ""}`}
                      aria-label={`${mode.name}: in a thousand`}
                      value={typed[mode.key] ?? ""}
                      onChange={(event) => form.change({ often: { ...typed, [mode.key]: event.target.value } })}
                    />
                  </td>
                  <td className="dim py-1 font-mono">{mode.often}</td>
                  <td className="py-1 font-mono">{counts.get(mode.key) ?? ""}</td>
                </tr>
              );
            })}
          </tbody>
        </table>
      </div>
      {shown.length === 0 ? <p>No fault reads like “{search}”.</p> : null}
      <FormEnd form={form} save="Keep these figures" saved="Kept: every search follows them now.">
        <button
          type="button"
          className="btn btn-ghost h-11"
          onClick={() => form.change({ often: typedFigures({ often: {}, learns }) })}
        >
          Back to the table’s figures
        </button>
      </FormEnd>
    </Form>
  );
}
