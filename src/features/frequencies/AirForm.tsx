"use client";

import { useState } from "react";
import { ALLOCATIONS, ALLOCATIONS_SOURCE, SERVICES, type Air, type Region } from "@/core/frequencies";
import { ErrorText, ReadAlone, SelectField } from "@/ui/form";
import { TextGrid } from "@/ui/TextGrid";
import { useRefusal } from "@/ui/role";
import { changeAir } from "./actions";
import { readAllocations, typedAllocation, type TypedAllocation } from "./typed-air";
import { LICENCE } from "./words";

const COLUMNS = [
  { key: "service", name: "Service", choices: SERVICES },
  { key: "name", name: "Name" },
  { key: "regions", name: "Regions" },
  { key: "from", name: "From, kHz" },
  { key: "to", name: "To, kHz" },
] as const;
const FRESH: TypedAllocation = { service: "amateur", name: "", regions: "1 2 3", from: "", to: "" };
const UNREACHABLE = { ok: false, message: "The server cannot be reached; what you typed is still here." } as const;

/** The shop's ITU region and the table of allocations, which it may change. */
export function AirForm({ air, own, version }: { air: Air; own: boolean; version: number }) {
  const refusal = useRefusal("change allocations");
  const [region, setRegion] = useState<string>(String(air.region));
  const [rows, setRows] = useState<TypedAllocation[]>(() => air.allocations.map(typedAllocation));
  const [changed, setChanged] = useState(own);
  const [seen, setSeen] = useState(version);
  const [said, setSaid] = useState<{ error?: string; saved?: boolean }>({});
  const save = async () => {
    const read = readAllocations(rows);
    if (!read.ok) return setSaid({ error: read.message });
    const answer = await changeAir(
      { region: Number(region) as Region, ...(changed ? { allocations: read.allocations } : {}) },
      seen,
    ).catch(() => UNREACHABLE);
    if (!answer.ok) return setSaid({ error: answer.message });
    setSeen(answer.version);
    return setSaid({ saved: true });
  };
  return (
    <ReadAlone refusal={refusal}>
      <form
        className="flex flex-col gap-3"
        aria-label="Region and allocations"
        onSubmit={(event) => {
          event.preventDefault();
          void save();
        }}
      >
        <p>
          {changed ? "The shop's own table." : `${ALLOCATIONS_SOURCE}.`} <strong>{LICENCE}</strong>
        </p>
        <div className="flex flex-wrap items-end gap-3">
          <SelectField
            label="ITU region of the shop"
            value={region}
            options={
              [
                ["1", "1: Europe, Africa, Middle East"],
                ["2", "2: Americas"],
                ["3", "3: Asia and Pacific"],
              ] as const
            }
            onChange={setRegion}
          />
          {refusal ? null : (
            <>
              <button className="btn btn-primary h-11">Save</button>
              {changed ? (
                <button
                  type="button"
                  className="btn btn-ghost h-11"
                  onClick={() => {
                    setRows(ALLOCATIONS.map(typedAllocation));
                    setChanged(false);
                  }}
                >
                  Back to the table that ships
                </button>
              ) : null}
            </>
          )}
          {said.saved ? <span role="status">Saved.</span> : null}
        </div>
        {said.error ? <ErrorText>{said.error}</ErrorText> : null}
        <TextGrid
          one="allocation"
          columns={COLUMNS}
          rows={rows}
          fresh={FRESH}
          onChange={(next) => {
            setChanged(true);
            setSaid({});
            setRows(next as TypedAllocation[]);
          }}
        />
      </form>
    </ReadAlone>
  );
}
