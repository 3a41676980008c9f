"use client";

import { useMemo } from "react";
import { shapeOf, useKept } from "../kept";
import { useLogbook } from "../logbook";
import { meant, shownOf } from "./pictures";
import { PictureView } from "./PictureView";

/** Where on the chassis it is that is spoken of now: lit in the photo, or in the plan where no photo has it. */
export function Where({ names, className = "" }: { names: readonly string[]; className?: string }) {
  const { model, pictures } = useLogbook();
  const { value: hidden, set } = useKept("picture hidden", shapeOf(false), false);
  const all = useMemo(() => shownOf(model.sheet, pictures), [model.sheet, pictures]);
  const key = names.join("|");
  const found = useMemo(() => {
    for (const shown of all) {
      const lit = meant(key.split("|"), shown.pins);
      if (lit.length > 0) return { shown, lit: new Set(lit) };
    }
    return undefined;
  }, [all, key]);
  if (!found) return null;
  const { shown, lit } = found;
  const said = [...lit].join(", ");
  return (
    <div className={`min-w-0 ${className}`}>
      <button type="button" className="link text-sm" aria-expanded={!hidden} onClick={() => set(!hidden)}>
        {hidden ? `Show where ${said} is` : `Where ${said} is (${shown.name.toLowerCase()})`}
      </button>
      {hidden ? null : (
        <PictureView
          label={`${shown.name} view: ${said} is lit`}
          aspect={shown.aspect}
          small
          src={shown.src}
          blocks={shown.blocks}
          spots={shown.pins
            .map(({ name, x, y }) => ({ name, x, y, lit: lit.has(name) }))
            .sort((a, b) => Number(a.lit) - Number(b.lit))}
        />
      )}
    </div>
  );
}
