"use client";

import { lineCurrent, STOP_AT_FULL_LINE, STOP_AT_STEP } from "@/core/power";
import { useLogbook } from "@/ui/logbook";
import { ValueText } from "@/ui/ValueText";
import { DoneForm } from "./DoneForm";

const FRACTIONS = [0.25, 0.5, 0.75, 1];

/** First power: what the set should draw on the way up, and where to stop. */
export function FirstPowerPlate() {
  const { model } = useLogbook();
  const { watts, lineVolts, supply } = model.sheet;
  const mains = supply !== "battery" && supply !== "low-voltage";
  return (
    <div>
      {watts && mains ? (
        <>
          <table className="table w-auto">
            <caption className="dim pb-1 text-left">
              From {watts} W on the plate: expected current is watts over 0.9 of the line; stop at {STOP_AT_STEP} times
              a step, or {STOP_AT_FULL_LINE} times full line.
            </caption>
            <thead>
              <tr className="text-base text-base-content">
                <th scope="col">Line</th>
                <th scope="col">Volts</th>
                <th scope="col">Should draw</th>
                <th scope="col">Stop above</th>
              </tr>
            </thead>
            <tbody>
              {FRACTIONS.map((fraction) => {
                const { expected, stop } = lineCurrent(watts, lineVolts, fraction);
                return (
                  <tr key={fraction} className="text-base">
                    <th scope="row">{fraction * 100} %</th>
                    <td>
                      <ValueText value={lineVolts * fraction} quantity="voltage" />
                    </td>
                    <td>
                      <ValueText value={expected} quantity="current" digits={2} />
                    </td>
                    <td className="font-bold">
                      <ValueText value={stop} quantity="current" digits={2} />
                    </td>
                  </tr>
                );
              })}
            </tbody>
          </table>
          <p className="mt-3">
            <strong>Stop at once</strong> on smoke, smell, a red plate, a current that grows during a hold, or no B+ at
            three quarters of the line.
          </p>
        </>
      ) : (
        <p>
          {mains
            ? "The model has no nameplate watts yet: write them into Reference, and the currents to expect stand here."
            : "Bench supply with its current limit set low, never a variac. Check the polarity before the clips go on."}
        </p>
      )}
      <DoneForm
        step="first-power"
        label="How it went"
        placeholder="variac in steps, 0.34 A at 230 V"
        button="It came up as it should"
      />
    </div>
  );
}
