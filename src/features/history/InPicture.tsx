"use client";

import { useState } from "react";
import type { Position } from "@/core/history";
import type { Sheet } from "@/core/model";
import { meant, PictureView, shownOf, type Picture } from "@/ui/picture";

type InPictureProps = {
  sheet: Sheet;
  pictures: readonly Picture[];
  onPart: (designator: string) => void;
  places: readonly Position[];
  out: ReadonlySet<string>;
};

/** The chassis as a photo, or as a plan by its stages: every part by the mark of its state, where it sits. */
export function InPicture({ sheet, pictures, places, out, onPart }: InPictureProps) {
  const all = shownOf(sheet, pictures);
  const [view, setView] = useState<string>(all[0]?.view ?? "plan");
  const shown = all.find((one) => one.view === view) ?? all[0];
  if (!shown) return null;
  const states = new Map(places.map(({ designator, state }) => [designator, state]));
  const spots = shown.pins.map(({ name, x, y }) => {
    const [place] = meant(
      [name],
      [...states.keys()].map((one) => ({ name: one })),
    );
    const known = states.has(name) ? name : place;
    const state = known ? states.get(known) : undefined;
    return { name, x, y, named: true, doubtful: known !== undefined && out.has(known), ...(state ? { state } : {}) };
  });
  return (
    <details open={pictures.length > 0} className="rounded-box border border-base-300 p-2">
      <summary className="min-h-10 cursor-pointer font-bold">
        Where they sit: {shown.name.toLowerCase()}
        {shown.src ? "" : " (a drawing of the circuit, not of the chassis)"}
      </summary>
      {all.length > 1 ? (
        <div className="join mb-2" role="group" aria-label="Picture">
          {all.map((one) => (
            <button
              key={one.view}
              type="button"
              aria-pressed={one.view === shown.view}
              className={`btn join-item h-10 ${one.view === shown.view ? "btn-primary" : "btn-outline"}`}
              onClick={() => setView(one.view)}
            >
              {one.name}
            </button>
          ))}
        </div>
      ) : null}
      <div className="max-w-2xl">
        <PictureView
          label={`${shown.name}: ${spots.length} places`}
          aspect={shown.aspect}
          src={shown.src}
          blocks={shown.blocks}
          spots={spots}
          zooms
          onSpot={(name) => onPart(name.split(" ")[0] ?? name)}
        />
      </div>
    </details>
  );
}
