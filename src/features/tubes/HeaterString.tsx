"use client";

import { useState } from "react";
import { marginsOf, rulesOf } from "@/core/components";
import {
  heatersOf,
  dropper,
  openHeater,
  parseHeater,
  settleString,
  strangers,
  STRING_TOLERANCE,
  tappedDropper,
  wrongHeater,
  type Lamp,
  type StringHeater,
  type WrongHeater,
} from "@/core/tubes";
import { tapsOf } from "@/core/model";
import { format, parseQuantity } from "@/core/quantity";
import { dropperOhms, fittedHeaters, type TubePlace } from "@/core/visit";
import { ErrorText, TextField } from "@/ui/form";
import { useLogbook, useLineContext } from "@/ui/logbook";
import { VerdictMark } from "@/ui/VerdictMark";

const number = (text: string, quantity: "voltage" | "resistance") => {
  const parsed = text.trim() ? parseQuantity(text, quantity) : undefined;
  return parsed?.ok ? parsed.value : undefined;
};

/** Volts of a line and ohms of a shunt are above zero; what is not counts as not typed. */
const above = (value: number | undefined) => (value !== undefined && value > 0 ? value : undefined);

type HeaterRead = { position: string; text: string; heater?: StringHeater; problem?: string };

/** Types that are named; more are of no help. */
const NAMED = 4;

/** The wrong tube in words: which heater it has, and which types have that. */
function strangerText({ position, heater, types }: WrongHeater, drawn: readonly StringHeater[]): string {
  const right = drawn.find((one) => one.position === position);
  const list = `${types.slice(0, NAMED).join(", ")}${types.length > NAMED ? " and others" : ""}`;
  return `These volts fit a heater of ${format(heater.volts, "voltage")} ${format(heater.amps, "current")} at ${position} (${list}), not the ${right?.type ?? "tube"} that belongs there. Look at its print, and at its getter.`;
}

/** The series string: what every heater gets from this line with these tubes, and where an open one shows. */
export function HeaterString({ places }: { places: readonly TubePlace[] }) {
  const { model } = useLogbook();
  const context = useLineContext();
  const margin = marginsOf(context.rules ?? rulesOf()).watts;
  const { sheet } = model;
  const taps = tapsOf(sheet);
  const known = new Map(fittedHeaters(places, sheet).map((one) => [one.position, one]));
  const [line, setLine] = useState(String(Math.max(...taps)));
  const [ohms, setOhms] = useState(() => format(dropperOhms(sheet), "resistance", 4));
  const [lampText, setLampText] = useState("");
  const [shunt, setShunt] = useState("");
  const [types, setTypes] = useState<Record<string, string>>(() =>
    Object.fromEntries(
      places.map(({ position, fitted, type }) => {
        const heater = known.get(position)?.heater;
        return [position, type?.type ?? (heater ? `${heater.volts} V ${heater.amps} A` : fitted)];
      }),
    ),
  );
  const [across, setAcross] = useState<Record<string, string>>({});

  const reads = places.map(({ position }): HeaterRead => {
    const text = types[position] ?? "";
    const parsed = parseHeater(text);
    return parsed.ok
      ? { position, text, heater: { position, type: text, heater: parsed.value } }
      : { position, text, problem: parsed.message };
  });
  const volts = above(number(line, "voltage"));
  const typedOhms = number(ohms, "resistance");
  const resistance = typedOhms !== undefined && typedOhms >= 0 ? typedOhms : undefined;
  const lampRead = lampText.trim() ? parseHeater(lampText) : undefined;
  const shuntOhms = above(number(shunt, "resistance"));
  const lamp: Lamp | undefined = lampRead?.ok ? { ...lampRead.value, ...(shuntOhms ? { shuntOhms } : {}) } : undefined;
  const heaters = reads.flatMap(({ heater }) => heater ?? []);
  const complete = heaters.length === reads.length && volts !== undefined && resistance !== undefined;
  const settled = complete ? settleString(volts, resistance, heaters, lamp) : undefined;
  const wrong = strangers(heaters);
  const drawn = heatersOf(sheet.supply, sheet.tubes);
  const rightHeaters = drawn.wiring === "series" ? drawn.each.map(({ heater }) => heater) : [];
  const wanted = volts && rightHeaters.length > 0 ? dropper(volts, rightHeaters, lamp, margin) : undefined;
  const tapped = rightHeaters.length > 0 && taps.length > 1 ? tappedDropper(taps, rightHeaters, lamp, margin) : [];
  const measured = new Map(
    Object.entries(across).flatMap(([position, text]) => {
      const value = number(text, "voltage");
      return value === undefined ? [] : [[position, value] as const];
    }),
  );
  const drawnString =
    drawn.wiring === "series"
      ? drawn.each.map(({ position, type, heater }): StringHeater => ({ position, type, heater }))
      : [];
  const stranger =
    volts && resistance !== undefined && drawnString.length > 0
      ? wrongHeater(volts, resistance, drawnString, measured, lamp)
      : undefined;
  return (
    <div className="flex flex-col gap-3">
      <p className="border-l-4 border-error pl-2 font-semibold">
        The string hangs on the line: isolation transformer, and the meter clipped on before power.
      </p>
      <div className="grid grid-cols-4 gap-2">
        <TextField
          label="Line"
          error={volts === undefined ? "Volts above zero." : undefined}
          value={line}
          onChange={setLine}
        />
        <TextField
          label="Dropper"
          error={resistance === undefined ? "Ohms, 0 or more." : undefined}
          value={ohms}
          onChange={setOhms}
        />
        <TextField
          label="Dial lamp"
          error={lampRead && !lampRead.ok ? "Volts and amps, like 6.3 V 0.1 A." : undefined}
          value={lampText}
          placeholder="6.3 V 0.1 A"
          onChange={setLampText}
        />
        <TextField
          label="Its shunt"
          error={shunt.trim() && !shuntOhms ? "Ohms above zero, or none." : undefined}
          value={shunt}
          placeholder="none"
          onChange={setShunt}
        />
      </div>
      {wrong.map(({ position, type, heater }) => (
        <p key={position} className="border-l-4 border-warning pl-2 font-semibold">
          {position}, {type}, is a {format(heater.amps, "current")} heater in a string of another current.
          {settled
            ? ` It gets ${format(settled.each.find((one) => one.position === position)?.volts ?? 0, "voltage")} instead of ${format(heater.volts, "voltage")}, and the whole string runs at ${format(settled.amps, "current")}.`
            : ""}
        </p>
      ))}
      <table className="table table-sm">
        <thead>
          <tr className="text-base text-base-content">
            <th scope="col">Place</th>
            <th scope="col">Tube, or V and A</th>
            <th scope="col">rated</th>
            <th scope="col">gets</th>
            <th scope="col">
              <span className="sr-only">Verdict</span>
            </th>
            <th scope="col">measured</th>
          </tr>
        </thead>
        <tbody>
          {reads.map(({ position, text, heater, problem }) => {
            const got = settled?.each.find((one) => one.position === position);
            return (
              <tr key={position} className="text-base">
                <th scope="row" className="font-mono">
                  {position}
                </th>
                <td className="py-1">
                  <input
                    className="input h-10 w-28 font-mono"
                    aria-label={`Tube at ${position}`}
                    value={text}
                    onChange={(event) => setTypes({ ...types, [position]: event.target.value })}
                  />
                  {problem ? <ErrorText>{problem}</ErrorText> : null}
                </td>
                <td className="py-1 font-mono whitespace-nowrap">
                  {heater ? `${format(heater.heater.volts, "voltage")} ${format(heater.heater.amps, "current")}` : "–"}
                </td>
                <td className="py-1 font-mono whitespace-nowrap">{got ? format(got.volts, "voltage") : "–"}</td>
                <td className="py-1">
                  {got ? (
                    <VerdictMark
                      mark={got.verdict === "good" ? "good" : got.verdict === "over" ? "high" : "low"}
                      note={`${Math.round(got.ratio * 100)} %`}
                    />
                  ) : null}
                </td>
                <td className="py-1">
                  <input
                    className="input h-10 w-20 font-mono"
                    aria-label={`Measured across ${position}`}
                    value={across[position] ?? ""}
                    placeholder="V"
                    onChange={(event) => setAcross({ ...across, [position]: event.target.value })}
                  />
                </td>
              </tr>
            );
          })}
        </tbody>
      </table>
      {settled ? (
        <p>
          The string runs at <strong className="font-mono">{format(settled.amps, "current")}</strong>; the dropper takes{" "}
          {format(settled.dropperVolts, "voltage")} and gives off {format(settled.dropperWatts, "power")}.
          {settled.lamp
            ? ` The lamp gets ${format(settled.lamp.volts, "voltage")}, ${Math.round(settled.lamp.ratio * 100)} %.`
            : ""}{" "}
          In the first moment, cold, {format(settled.inrush[0], "current")} to {format(settled.inrush[1], "current")}.
        </p>
      ) : null}
      {measured.size > 0 && volts ? (
        <p className="font-semibold" role="status">
          {stranger && !openHeater(volts, measured).position
            ? strangerText(stranger, drawnString)
            : openHeater(volts, measured).text}
        </p>
      ) : (
        <p className="dim">
          A dark string: write what you measure across each heater, and the open one or the wrong tube shows.
        </p>
      )}
      {wanted ? (
        <p className="dim">
          With the drawn tubes ({format(wanted.heaterVolts, "voltage")} at {format(wanted.amps, "current")}) the dropper
          is{" "}
          {wanted.ohms > 0
            ? `${format(wanted.ohms, "resistance", 4)}, ${format(wanted.watts, "power")}: fit one of ${format(wanted.rated, "power")} or more.`
            : "not possible: the heaters want more than the line."}
          {tapped.length > 1
            ? ` Tapped: ${tapped.map(({ line: at, ohms: to }) => `${format(at, "voltage")} at ${to > 0 ? format(to, "resistance", 4) : "no resistance, the heaters want more"}`).join(", ")}.`
            : ""}{" "}
          A string shares one current within {STRING_TOLERANCE * 100} %.
        </p>
      ) : null}
    </div>
  );
}
