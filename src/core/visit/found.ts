import { ownValue } from "../quantity";
import { circuitOf, type Learnt } from "../diagnosis";
import { ofKind, type Settled } from "../kinds";
import type { Sheet, StageKind } from "../model";
import { searchedFindings } from "./search";

/** A fault that was found, mended and shown gone: what the shop learns from. */
export type FoundOnce = {
  modelId: string;
  job: number;
  visitId: string;
  at: string;
  /** `stage.mode`, without the part: another set of the model has the same stages */
  fault: string;
  kind: StageKind | undefined;
  mode: string;
  cause: string;
};

export type FileOfSet = {
  model: { id: string; sheet: Sheet };
  visits: readonly { id: string; job: number }[];
  settled: readonly Settled[];
};

/** The confirmed findings of a set. One that was reopened, or never shown gone, teaches nothing. */
export function foundIn({ model, visits, settled }: FileOfSet): FoundOnce[] {
  const { circuit } = circuitOf(model.sheet);
  const at = new Map(ofKind(settled, "finding").map((one) => [one.entry.id, one.at]));
  return visits.flatMap(({ id, job }) =>
    searchedFindings(settled, id)
      .filter(({ state }) => state === "closed")
      .map(({ id: entry, fault, cause }): FoundOnce => {
        const [stage = "", mode = ""] = fault.replace(/@.*$/, "").split(".");
        return {
          modelId: model.id,
          job,
          visitId: id,
          at: at.get(entry) ?? "",
          fault: `${stage}.${mode}`,
          kind: circuit.stages.find((one) => one.id === stage)?.kind,
          mode,
          cause,
        };
      }),
  );
}

const count = (keys: readonly string[]): Record<string, number> => {
  const counts: Record<string, number> = {};
  for (const key of keys) counts[key] = (ownValue(counts, key) ?? 0) + 1;
  return counts;
};

/** What a search on a model learns from what was found before; the visit itself does not count. */
export function learntFrom(found: readonly FoundOnce[], modelId: string, visitId: string): Learnt {
  const past = found.filter((one) => one.visitId !== visitId);
  const own = past.filter((one) => one.modelId === modelId);
  const other = past.filter((one) => one.modelId !== modelId);
  const visits = (list: readonly FoundOnce[]) => new Set(list.map((one) => one.visitId)).size;
  return {
    visits: visits(own),
    found: count(own.map(({ fault }) => fault)),
    elsewhereVisits: visits(other),
    elsewhere: count(other.map(({ kind, mode }) => `${kind ?? ""}.${mode}`)),
  };
}
