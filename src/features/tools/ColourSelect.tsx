"use client";

import { COLOURS, type Colour } from "@/core/quantity";

type ColourSelectProps = { label: string; value: Colour | ""; onChange: (colour: Colour) => void; none?: string };

/** One painted place: its colour by name. */
export function ColourSelect({ label, value, onChange, none }: ColourSelectProps) {
  return (
    <label className="flex flex-col">
      <span className="text-sm">{label}</span>
      <select className="select h-11 w-27" value={value} onChange={(event) => onChange(event.target.value as Colour)}>
        {none ? <option value="">{none}</option> : null}
        {COLOURS.map((colour) => (
          <option key={colour}>{colour}</option>
        ))}
      </select>
    </label>
  );
}
