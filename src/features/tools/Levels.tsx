"use client";

import { useState } from "react";
import { readLevel } from "@/core/levels";
import { levelText } from "@/core/sheets";
import { SelectField, TextField } from "@/ui/form";
import { figure } from "./typed";

/** One level in every unit: dBm, dBµV, volts, watts; terminated and open. */
export function Levels() {
  const [text, setText] = useState("1 µV");
  const [ohmsText, setOhms] = useState("50 Ω");
  const [dial, setDial] = useState<"terminated" | "emf">("terminated");
  const ohms = figure(ohmsText, "resistance");
  const read = ohms.value ? readLevel(text, { ohms: ohms.value, dial }) : undefined;
  const problem = read && !read.ok ? (read.kind === "ambiguous" ? read.question : read.message) : undefined;
  return (
    <section aria-label="Levels" className="rounded-box border border-base-300 p-4">
      <h2 className="mb-2 text-lg font-bold">A level in other units</h2>
      <div className="grid grid-cols-2 items-start gap-3 sm:grid-cols-3">
        <TextField label="Level" hint="1 µV, −107 dBm, 60 dBµV" value={text} error={problem} onChange={setText} />
        <TextField label="Across" value={ohmsText} error={ohms.problem} onChange={setOhms} />
        <SelectField
          label="The dial shows"
          value={dial}
          options={[
            ["terminated", "terminated"],
            ["emf", "open (EMF)"],
          ]}
          onChange={setDial}
        />
      </div>
      {read?.ok && ohms.value ? (
        <p className="mt-2 flex flex-wrap gap-x-5 font-mono font-bold">
          {(["V", "dBµV", "dBm", ...(read.value ** 2 / ohms.value > 1e-9 ? (["W"] as const) : [])] as const).map(
            (unit) => (
              <span key={unit}>{levelText(read.value, unit, ohms.value ?? 50)}</span>
            ),
          )}
          <span className="font-sans font-normal">open: {levelText(read.value * 2, "V", ohms.value)}</span>
        </p>
      ) : null}
    </section>
  );
}
