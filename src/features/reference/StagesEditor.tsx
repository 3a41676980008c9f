"use client";

import { Plus, Trash2 } from "lucide-react";
import { useState } from "react";
import {
  addStage,
  circuitFrom,
  circuitOf,
  freeId,
  KINDS,
  nearestTopology,
  removeStage,
  TOPOLOGIES,
} from "@/core/diagnosis";
import { circuitSchema, STAGE_KINDS, type Circuit, type Model, type Stage, type StageKind } from "@/core/model";
import { ErrorText, Field } from "@/ui/Field";
import { changeCircuit } from "./actions";

type StagesEditorProps = { model: Model; version: number; onSaved: (version: number) => void };

/** Where a stage stands: its place in the signal, or what it does beside it. */
function placeOf(circuit: Circuit, id: string): string {
  const at = circuit.paths.flatMap(({ key, chain }) => (chain.includes(id) ? [`${key} ${chain.indexOf(id) + 1}`] : []));
  if (at.length > 0) return at.join(", ");
  const feeds = circuit.feeds.find(({ from }) => from === id);
  return feeds?.kind ?? "by itself";
}

/** The stages of a model: a proposal from its tubes until somebody has looked at it, then its own. */
export function StagesEditor({ model, version, onSaved }: StagesEditorProps) {
  const start = circuitOf(model.sheet);
  const [circuit, setCircuit] = useState(start.circuit);
  const [kind, setKind] = useState<StageKind>("if");
  const [behind, setBehind] = useState("");
  const [message, setMessage] = useState<{ ok: boolean; text: string }>();
  const change = (next: Circuit) => {
    setMessage(undefined);
    setCircuit(next);
  };
  const edit = (id: string, part: Partial<Stage>) =>
    change({ ...circuit, stages: circuit.stages.map((stage) => (stage.id === id ? { ...stage, ...part } : stage)) });
  const add = () => {
    const id = freeId(circuit, kind);
    const name = id === kind ? KINDS[kind].name : `${KINDS[kind].name} ${id.slice(kind.length + 1)}`;
    const device = model.sheet.tubes.every(({ position }) => /^Q/.test(position)) ? "solid" : "tube";
    change(addStage(circuit, { id, kind, name, device, tubes: [] }, behind || undefined));
  };
  const save = async () => {
    const read = circuitSchema.safeParse(circuit);
    if (!read.success) return setMessage({ ok: false, text: read.error.issues[0]?.message ?? "That is no circuit." });
    const saved = await changeCircuit({ id: model.id, version }, read.data).catch(
      () => ({ ok: false, message: "The server cannot be reached; the stages are still here." }) as const,
    );
    setMessage(saved.ok ? { ok: true, text: "Kept with the model." } : { ok: false, text: saved.message });
    if (saved.ok) onSaved(saved.version);
    return undefined;
  };
  const chain = circuit.paths.flatMap((path) => path.chain);
  return (
    <form
      className="flex flex-col gap-3"
      onSubmit={(event) => {
        event.preventDefault();
        void save();
      }}
    >
      {start.proposed ? (
        <p className="border-l-4 border-warning pl-2">
          A proposal from the tubes and the words of the sheet: {nearestTopology(model.sheet).name}. Take out what this
          model does not have, rename, add, and keep it.
        </p>
      ) : null}
      <div className="flex flex-wrap items-end gap-3">
        <Field label="Begin with">
          {(props) => (
            <select
              {...props}
              className="select h-11 w-80"
              value={circuit.topology}
              onChange={(event) => change(circuitFrom(event.target.value, model.sheet) ?? circuit)}
            >
              {TOPOLOGIES.map(({ key, name }) => (
                <option key={key} value={key}>
                  {name}
                </option>
              ))}
            </select>
          )}
        </Field>
        <Field label="Add a stage">
          {(props) => (
            <select
              {...props}
              className="select h-11 w-56"
              value={kind}
              onChange={(event) => setKind(event.target.value as StageKind)}
            >
              {STAGE_KINDS.map((one) => (
                <option key={one} value={one}>
                  {KINDS[one].name}
                </option>
              ))}
            </select>
          )}
        </Field>
        <Field label="behind">
          {(props) => (
            <select
              {...props}
              className="select h-11 w-56"
              value={behind}
              onChange={(event) => setBehind(event.target.value)}
            >
              <option value="">beside the signal</option>
              {circuit.stages
                .filter(({ id }) => chain.includes(id))
                .map(({ id, name }) => (
                  <option key={id} value={id}>
                    {name}
                  </option>
                ))}
            </select>
          )}
        </Field>
        <button type="button" className="btn btn-outline h-11" onClick={add}>
          <Plus size={18} aria-hidden="true" /> Add
        </button>
      </div>
      <div className="overflow-x-auto rounded-box border border-base-300">
        <table className="table">
          <thead>
            <tr className="text-base text-base-content">
              <th scope="col">Stage</th>
              <th scope="col">Kind</th>
              <th scope="col">Place</th>
              <th scope="col">Works with</th>
              <th scope="col">Tubes or transistors</th>
              <th scope="col">Plug-in board</th>
              <th scope="col">
                <span className="sr-only">Take out</span>
              </th>
            </tr>
          </thead>
          <tbody>
            {circuit.stages.map((stage) => (
              <tr key={stage.id} className="text-base">
                <td className="py-1">
                  <input
                    className="input h-10 w-52"
                    aria-label={`Name of ${stage.id}`}
                    value={stage.name}
                    onChange={(event) => edit(stage.id, { name: event.target.value })}
                  />
                </td>
                <td className="py-1">{KINDS[stage.kind].name}</td>
                <td className="dim py-1">{placeOf(circuit, stage.id)}</td>
                <td className="py-1">
                  <select
                    className="select h-10 w-36"
                    aria-label={`${stage.name} works with`}
                    value={stage.device}
                    onChange={(event) => edit(stage.id, { device: event.target.value as Stage["device"] })}
                  >
                    <option value="tube">tube</option>
                    <option value="solid">transistor</option>
                    <option value="none">neither</option>
                  </select>
                </td>
                <td className="py-1">
                  <input
                    className="input h-10 w-32 font-mono"
                    aria-label={`Tubes of ${stage.name}`}
                    value={stage.tubes.join(", ")}
                    onChange={(event) =>
                      edit(stage.id, {
                        tubes: event.target.value
                          .toUpperCase()
                          .split(/[\s,]+/)
                          .filter(Boolean),
                      })
                    }
                  />
                </td>
                <td className="py-1">
                  <input
                    className="input h-10 w-36"
                    aria-label={`Board of ${stage.name}`}
                    value={stage.board ?? ""}
                    onChange={(event) => edit(stage.id, { board: event.target.value || undefined })}
                  />
                </td>
                <td className="py-1">
                  <button
                    type="button"
                    className="btn btn-ghost btn-square h-10"
                    aria-label={`Take out ${stage.name}`}
                    onClick={() => change(removeStage(circuit, stage.id))}
                  >
                    <Trash2 size={18} aria-hidden="true" />
                  </button>
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      </div>
      {message?.ok ? <p role="status">{message.text}</p> : null}
      {message && !message.ok ? <ErrorText>{message.text}</ErrorText> : null}
      <button className="btn btn-primary h-11 self-start">Keep these stages</button>
    </form>
  );
}
