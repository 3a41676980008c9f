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
import { Form, FormEnd, schemaProblems, SelectField, useForm } from "@/ui/form";
import { changeCircuit } from "./actions";
import { StageJoins } from "./StageJoins";

type StagesEditorProps = { model: Model; version: number; onSaved: (version: number) => void };

/** The stages of a model: a proposal from its tubes until somebody has looked at it, then its own. */
export function StagesEditor({ model, version, onSaved }: StagesEditorProps) {
  const start = circuitOf(model.sheet);
  const form = useForm<{ circuit: Circuit }>({
    asks: "change model",
    initial: { circuit: start.circuit },
    check: (typed) => {
      const [problem] = Object.values(schemaProblems(circuitSchema, typed.circuit));
      return problem ? { "": problem } : {};
    },
    save: async (typed) => {
      const answer = await changeCircuit({ id: model.id, version }, typed.circuit);
      if (answer.ok) onSaved(answer.version);
      return answer;
    },
  });
  const { circuit } = form.fields;
  const [kind, setKind] = useState<StageKind>("if");
  const [behind, setBehind] = useState("");
  const change = (next: Circuit) => form.change({ circuit: next });
  const edit = (id: string, part: Partial<Stage>) =>
    change({ ...circuit, stages: circuit.stages.map((stage) => (stage.id === id ? { ...stage, ...part } : stage)) });
  const add = () => {
    const id = freeId(circuit, kind);
    const name = id === kind ? KINDS[kind].name : `${KINDS[kind].name} ${id.slice(kind.length + 1)}`;
    const device = model.sheet.tubes.every(({ position }) => /^Q/.test(position)) ? "solid" : "tube";
    change(addStage(circuit, { id, kind, name, device, tubes: [] }, behind || undefined));
  };
  const chain = circuit.paths.flatMap((path) => path.chain);
  return (
    <Form form={form} className="flex flex-col gap-3">
      {start.proposed ? (
        <p className="border-l-4 border-warning pl-2">
          A proposal from the tubes and the words of the sheet: {nearestTopology(model.sheet).name}. Take out what this
          model does not have, rename, add, and keep it.
        </p>
      ) : null}
      <div className="flex flex-wrap items-end gap-3">
        <SelectField
          label="Begin with"
          inputClass="w-80"
          options={TOPOLOGIES.map(({ key, name }) => [key, name])}
          value={circuit.topology}
          onChange={(topology) => change(circuitFrom(topology, model.sheet) ?? circuit)}
        />
        <SelectField
          label="Add a stage"
          inputClass="w-56"
          options={STAGE_KINDS.map((one) => [one, KINDS[one].name])}
          value={kind}
          onChange={setKind}
        />
        <SelectField
          label="after"
          inputClass="w-56"
          options={[
            ["", "beside the signal"],
            ...circuit.stages.filter(({ id }) => chain.includes(id)).map(({ id, name }) => [id, name] as const),
          ]}
          value={behind}
          onChange={setBehind}
        />
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
                <td className="py-1">
                  <StageJoins circuit={circuit} stage={stage} onChange={change} />
                </td>
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
      <FormEnd form={form} save="Keep these stages" saved="Kept with the model." />
    </Form>
  );
}
