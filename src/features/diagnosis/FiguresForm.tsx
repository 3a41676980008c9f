"use client";

import { useRouter } from "next/navigation";
import { useState } from "react";
import { AGEING, KINDS, MODES, RECORD, TOPOLOGIES, type Figures } from "@/core/diagnosis";
import type { FoundOnce } from "@/core/visit";
import { ErrorText, Field } from "@/ui/Field";
import { changeFigures } from "./actions";
import { readFigures, typedFigures } from "./typed-figures";

const STAGES = TOPOLOGIES.flatMap(({ circuit }) => circuit.stages);
/** Where each fault is found, over all topologies. */
const KIND_NAMES = new Map(
  MODES.map((mode) => [
    mode.key,
    [...new Set(STAGES.filter((stage) => mode.fits(stage)).map(({ kind }) => KINDS[kind].name))],
  ]),
);

type FiguresFormProps = { figures: Figures; version: number; found: readonly FoundOnce[]; find?: string | undefined };

/** What fails how often: the table's figures, the shop's own over them, and what the shop has found. */
export function FiguresForm({ figures, version, found, find }: FiguresFormProps) {
  const router = useRouter();
  const [typed, setTyped] = useState(() => typedFigures(figures));
  const [learns, setLearns] = useState(figures.learns);
  const [search, setSearch] = useState(find ?? "");
  const [message, setMessage] = useState<{ ok: boolean; text: string }>();
  const read = readFigures(typed);
  const words = search.trim().toLowerCase();
  const shown = MODES.filter(
    (mode) =>
      !words || `${mode.name} ${mode.part} ${(KIND_NAMES.get(mode.key) ?? []).join(" ")}`.toLowerCase().includes(words),
  );
  const counts = new Map<string, number>();
  for (const { mode } of found) counts.set(mode, (counts.get(mode) ?? 0) + 1);
  const save = async () => {
    if (!read.ok) return;
    const answer = await changeFigures({ often: read.often, learns }, version).catch(
      () => ({ ok: false, message: "The server cannot be reached; the figures are still here." }) as const,
    );
    setMessage(
      answer.ok ? { ok: true, text: "Kept: every search follows them now." } : { ok: false, text: answer.message },
    );
    if (answer.ok) router.refresh();
  };
  return (
    <form
      className="flex flex-col gap-3"
      onSubmit={(event) => {
        event.preventDefault();
        void save();
      }}
    >
      <p className="dim max-w-4xl">
        {MODES.length} faults. Each figure is how often the fault is found in one stage, in a thousand faults: the
        shop’s estimate, to be changed where you know better. Age counts as a factor (
        {AGEING.slice(0, 3)
          .map(({ part, from, factor }) => `${part.replace(":", " ")} from ${from} years × ${factor}`)
          .join(", ")}{" "}
        …), a part changed in the last year × {RECORD.fresh}, one left with a reason × {RECORD.left}.
      </p>
      <div className="flex flex-wrap items-end gap-4">
        <Field label="Find a fault">
          {(props) => (
            <input
              {...props}
              type="search"
              className="input h-11 w-72"
              value={search}
              placeholder="coupling, output, relay"
              onChange={(event) => setSearch(event.target.value)}
            />
          )}
        </Field>
        <label className="flex min-h-11 items-center gap-2">
          <input
            type="checkbox"
            className="checkbox"
            checked={learns}
            onChange={(event) => setLearns(event.target.checked)}
          />
          Learn from what was found: {found.length} confirmed so far
        </label>
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
                      onChange={(event) => {
                        setMessage(undefined);
                        setTyped({ ...typed, [mode.key]: event.target.value });
                      }}
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
      {read.ok ? null : <ErrorText>{read.message}</ErrorText>}
      <div className="flex flex-wrap gap-3">
        <button className="btn btn-primary h-11" disabled={!read.ok}>
          Keep these figures
        </button>
        <button
          type="button"
          className="btn btn-ghost h-11"
          onClick={() => {
            setMessage(undefined);
            setTyped(typedFigures({ often: {}, learns }));
          }}
        >
          Back to the table’s figures
        </button>
      </div>
      {message?.ok ? <p role="status">{message.text}</p> : null}
      {message && !message.ok ? <ErrorText>{message.text}</ErrorText> : null}
    </form>
  );
}
