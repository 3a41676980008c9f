"use client";

import { useState } from "react";
import {
  INSTRUMENT_WORDS,
  isSerial,
  READ_NAMES,
  READS,
  SET_NAMES,
  SETS,
  type Reads,
  type Sets,
} from "@/core/instruments";
import { format, parseQuantity, readNumber, type Quantity } from "@/core/quantity";
import type { Instrument } from "@/db/instruments";
import { ErrorText, TextField } from "@/ui/form";
import { askFor, setFigure } from "@/ui/instruments/ask";
import { useLogbook } from "@/ui/logbook";

/** How what is set is typed: `1 MHz`, `10 µV`, `30` for per cent. */
const TYPED: Record<Exclude<Sets, "output">, { quantity?: Quantity; placeholder: string }> = {
  hertz: { quantity: "frequency", placeholder: "1 MHz" },
  volts: { quantity: "voltage", placeholder: "12 V" },
  am: { placeholder: "30" },
  fm: { quantity: "frequency", placeholder: "3 kHz" },
  amps: { quantity: "current", placeholder: "0.5 A" },
};
const SHOWN: Partial<Record<Reads, Quantity>> = {
  ...{ "volts-dc": "voltage", "volts-ac": "voltage", "amps-dc": "current", ohms: "resistance" },
  ...{ hertz: "frequency", watts: "power" },
};
/** A trace has its own place. */
const FIGURES = READ_NAMES.filter((one) => !one.startsWith("wave"));

function valueOf(what: Exclude<Sets, "output">, text: string): number | undefined {
  const { quantity } = TYPED[what];
  if (!quantity) {
    const value = readNumber(text, /%/);
    return value !== undefined && value >= 0 ? value : undefined;
  }
  const parsed = parseQuantity(text, quantity);
  return parsed.ok && parsed.value >= 0 ? parsed.value : undefined;
}

/** One instrument: what it can set, what it reads, and off. */
function One({ one }: { one: Instrument }) {
  const [typed, setTyped] = useState<Partial<Record<Sets, string>>>({});
  const [error, setError] = useState<string>();
  const [said, setSaid] = useState<string>();
  const profile = one.link?.profile;
  const sets = SET_NAMES.filter((what) => what !== "output" && profile?.sets?.[what]) as Exclude<Sets, "output">[];
  const asks = FIGURES.filter((what) => profile?.asks[what]);
  const tell = (done: { ok: true } | { ok: false; message: string }, words: string) => {
    setError(done.ok ? undefined : done.message);
    setSaid(done.ok ? words : undefined);
  };
  const put = async (what: Exclude<Sets, "output">) => {
    const text = typed[what] ?? "";
    const value = valueOf(what, text);
    if (value === undefined) return setError(`${SETS[what].text}: write it like ${TYPED[what].placeholder}.`);
    return tell(await setFigure(one, what, value), `${SETS[what].text} ${text} is set.`);
  };
  const ask = async (what: Reads) => {
    const answer = await askFor("instruments", one, what);
    const quantity = SHOWN[what];
    tell(
      answer,
      answer.ok
        ? `${READS[what].text}: ${quantity ? format(answer.value, quantity, 4) : Number(answer.value.toPrecision(4))}`
        : "",
    );
  };
  return (
    <section aria-label={one.name} className="border-t border-base-300 py-2">
      <h3 className="font-semibold">
        {one.name} <span className="dim font-normal">{INSTRUMENT_WORDS[one.kind]}</span>
      </h3>
      <div className="flex flex-wrap items-end gap-2">
        {sets.map((what) => (
          <form
            key={what}
            className="flex items-end gap-1"
            onSubmit={(event) => {
              event.preventDefault();
              void put(what);
            }}
          >
            <TextField
              label={`${SETS[what].text}${what === "am" ? ", %" : ""}`}
              inputClass="w-28 font-mono"
              placeholder={TYPED[what].placeholder}
              value={typed[what] ?? ""}
              onChange={(text) => setTyped((all) => ({ ...all, [what]: text }))}
            />
            <button className="btn btn-outline h-11">Set</button>
          </form>
        ))}
        {profile?.sets?.output
          ? ([1, 0] as const).map((on) => (
              <button
                key={on}
                type="button"
                className={`btn h-11 ${on ? "btn-outline" : "btn-primary"}`}
                onClick={async () =>
                  tell(await setFigure(one, "output", on), on ? "Its output is on." : "Its output is off.")
                }
              >
                {on ? "Output on" : "Output off"}
              </button>
            ))
          : null}
        {asks.map((what) => (
          <button key={what} type="button" className="btn btn-outline h-11" onClick={() => void ask(what)}>
            Read {READS[what].text}
          </button>
        ))}
        {said ? (
          <span role="status" className="font-mono text-lg">
            {said}
          </span>
        ) : null}
      </div>
      {error ? <ErrorText>{error}</ErrorText> : null}
    </section>
  );
}

/** The instruments of the shop at hand: set and read without leaving the bench. */
export function InstrumentsHere() {
  const { instruments } = useLogbook();
  const speaking = instruments.filter(
    ({ kind, link, retired }) => kind !== "oscilloscope" && link !== null && !isSerial(link) && !retired,
  );
  if (speaking.length === 0) return null;
  return (
    <details className="mt-2 rounded-box border border-base-300 p-2">
      <summary className="min-h-10 cursor-pointer py-1 font-bold">Instruments at hand</summary>
      {speaking.map((one) => (
        <One key={one.id} one={one} />
      ))}
    </details>
  );
}
