"use client";

import { useState } from "react";
import type { ModelBand } from "@/core/model";
import { format, parseQuantity, type Quantity } from "@/core/quantity";
import { dialWithCoil, drawnCircuit, gangAt, trimmedFor, tunes } from "@/core/tracking";
import { ErrorText, TextField } from "@/ui/form";
import { ResultTable } from "@/ui/ResultTable";

/** How far a signal is from where the dial says. */
const off = (truth: number, dial: number): string =>
  `${truth - dial < 0 ? "−" : "+"}${Math.abs((truth - dial) / 1e3).toFixed(1)} kHz`;

const START = { from: "550 kHz", to: "1600 kHz", gangMin: "12 pF", gangMax: "450 pF", coil: "180 µH", other: "171 µH" };
/** Places of the dial that are worked out, as shares of the band. */
const PLACES = [0, 0.25, 0.5, 0.75, 1];

/** Another loop or a jumper across it: what a change of inductance does to every point of the dial. */
export function LoopChange() {
  const [typed, setTyped] = useState(START);
  const put = (key: keyof typeof START) => (text: string) => setTyped((now) => ({ ...now, [key]: text }));
  const read = (key: keyof typeof START, quantity: Quantity) => {
    const parsed = parseQuantity(typed[key], quantity);
    return parsed.ok && parsed.value > 0 ? parsed.value : undefined;
  };
  const wrong = (value: number | undefined) => (value === undefined ? "A figure with its unit." : undefined);
  const [from, to] = [read("from", "frequency"), read("to", "frequency")];
  const [gangMin, gangMax] = [read("gangMin", "capacitance"), read("gangMax", "capacitance")];
  const [coil, other] = [read("coil", "inductance"), read("other", "inductance")];
  const band: ModelBand | undefined =
    from && to && from < to
      ? { name: "loop", from, to, side: "none", ...(gangMin && gangMax ? { gangMin, gangMax } : {}) }
      : undefined;
  const made = band ? drawnCircuit(band) : undefined;
  const factor = coil && other ? other / coil : undefined;
  const places = from && to ? PLACES.map((share) => from + share * (to - from)) : [];
  const moved = made?.ok && factor ? dialWithCoil(made.drawn.tuned, made.drawn.band, places, factor) : [];
  // The trimmer that brings the high end back.
  const trimmed = made?.ok && factor && to ? trimmedFor(made.drawn.tuned, factor, to) : undefined;
  return (
    <section aria-label="Another loop or a jumper" className="rounded-box border border-base-300 p-4">
      <h2 className="mb-2 text-lg font-bold">Another loop, or a jumper across it</h2>
      <div className="grid grid-cols-2 items-start gap-3 sm:grid-cols-3">
        <TextField label="Band from" value={typed.from} error={wrong(from)} onChange={put("from")} />
        <TextField label="Band to" value={typed.to} error={wrong(to)} onChange={put("to")} />
        <TextField label="Loop it was made for" value={typed.coil} error={wrong(coil)} onChange={put("coil")} />
        <TextField label="Gang, least" value={typed.gangMin} error={wrong(gangMin)} onChange={put("gangMin")} />
        <TextField label="Gang, most" value={typed.gangMax} error={wrong(gangMax)} onChange={put("gangMax")} />
        <TextField label="Loop as it is now" value={typed.other} error={wrong(other)} onChange={put("other")} />
      </div>
      {from && to && from >= to ? <ErrorText>The band is upside down: its lower end comes first.</ErrorText> : null}
      {made && !made.ok ? (
        <ErrorText>This gang cannot cover the band: it needs a larger span of capacity.</ErrorText>
      ) : null}
      {moved.length > 0 && made?.ok ? (
        <ResultTable
          label="What the other loop does to the dial"
          className="mt-2 w-auto [&_td]:whitespace-nowrap"
          tight
          rows={moved}
          keyOf={({ dial }) => dial}
          columns={[
            { head: "Dial", className: "font-mono", cell: ({ dial }) => format(dial, "frequency", 5) },
            { head: "Tunes to", className: "font-mono", cell: ({ truth }) => format(truth, "frequency", 5) },
            {
              head: "Moved",
              className: "font-mono",
              cell: ({ dial, truth }) =>
                `${off(truth, dial)}, ${(((truth - dial) / dial) * 100).toFixed(1).replace("-", "−")} %`,
            },
            {
              head: "Trimmed at the high end",
              className: "font-mono",
              cell: ({ dial }) => {
                const gang = gangAt(made.drawn.tuned, dial);
                const then = trimmed && gang !== undefined ? tunes(trimmed, gang) : undefined;
                return then === undefined ? "out of reach" : off(then, dial);
              },
            },
          ]}
        />
      ) : null}
      <p className="dim mt-1 text-sm">
        A signal circuit moved so peaks beside the dial; where the loop belongs to the only tuned circuit, the dial
        itself moves. A trimmer cures the high end alone: the rest wants the right inductance.
      </p>
    </section>
  );
}
