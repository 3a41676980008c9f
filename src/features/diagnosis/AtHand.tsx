"use client";

import { NEED_NAMES, type TestNeed } from "@/core/diagnosis";
import { useRefusal } from "@/ui/role";
import { changeAtHand } from "./actions";

const INSTRUMENTS: readonly TestNeed[] = [
  "meter",
  "limiter",
  "generator",
  "tracer",
  "tube-tester",
  "bridge",
  "spare",
  "dummy-load",
];

type AtHandProps = { lacking: readonly TestNeed[]; onChange: (lacking: readonly TestNeed[]) => void };

/** Instruments and spares: what is not at hand is not asked for. Kept with the shop. */
export function AtHand({ lacking, onChange }: AtHandProps) {
  const refusal = useRefusal("change what is at hand");
  return (
    <fieldset>
      <legend className="font-bold">At hand in this shop</legend>
      <div className="flex flex-wrap gap-x-4">
        {INSTRUMENTS.map((need) => (
          <label key={need} className="flex min-h-11 items-center gap-2">
            <input
              type="checkbox"
              className="checkbox"
              checked={!lacking.includes(need)}
              onChange={(event) => {
                const next = event.target.checked ? lacking.filter((one) => one !== need) : [...lacking, need];
                onChange(next);
                // Without the server, and for those who may not keep it with the shop, it holds for this sitting alone.
                if (!refusal) void changeAtHand(next).catch(() => undefined);
              }}
            />
            {NEED_NAMES[need]}
          </label>
        ))}
      </div>
    </fieldset>
  );
}
