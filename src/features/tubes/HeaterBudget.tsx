"use client";

import { useState } from "react";
import { format, parseQuantity } from "@/core/quantity";
import { heaterBudget, type TubePlace } from "@/core/visit";
import { ErrorText, TextField } from "@/ui/form";
import { useLogbook } from "@/ui/logbook";
import { VerdictMark } from "@/ui/VerdictMark";

/** What the tubes take from each heater winding, against what it gives. */
export function HeaterBudget({ places }: { places: readonly TubePlace[] }) {
  const { model } = useLogbook();
  const [rating, setRating] = useState(model.sheet.heaterAmps ? format(model.sheet.heaterAmps, "current") : "");
  const [lamps, setLamps] = useState("");
  const groups = heaterBudget(places, model.sheet);
  const rated = rating.trim()
    ? parseQuantity(/a$/i.test(rating.trim()) ? rating : `${rating} A`, "current")
    : undefined;
  const lamp = lamps.trim() ? parseQuantity(/a$/i.test(lamps.trim()) ? lamps : `${lamps} A`, "current") : undefined;
  const lampAmps = lamp?.ok && lamp.value > 0 ? lamp.value : 0;
  const [main] = groups;
  return (
    <div className="flex flex-col gap-3">
      <div className="grid grid-cols-2 gap-3">
        <TextField
          label={`The ${main ? format(main.volts, "voltage") : ""} winding gives`}
          hint="from the transformer’s data; without it the original line-up stands for it"
          error={rated && (!rated.ok || rated.value <= 0) ? "A current above zero, like 3 A." : undefined}
          value={rating}
          placeholder="3 A"
          onChange={setRating}
        />
        <TextField
          label="Dial lamps on it"
          hint="all of them together"
          error={lamp && !lamp.ok ? "A current, like 0.3 A." : undefined}
          value={lamps}
          placeholder="0.3 A"
          onChange={setLamps}
        />
      </div>
      {groups.map((group) => {
        const extra = group === main ? lampAmps : 0;
        const load = group.now + extra;
        const limit = group === main && rated?.ok ? rated.value : group.drawn + extra;
        const over = load > limit * 1.001;
        return (
          <section key={group.volts} aria-label={`Heaters at ${group.volts} V`}>
            <h2 className="flex items-baseline gap-3 border-b-2 border-base-300 font-bold">
              {format(group.volts, "voltage")}
              <span className="ml-auto font-mono">
                {format(load, "current")} of {format(limit, "current")}
              </span>
              <VerdictMark mark={over ? "bad" : "good"} note={over ? "too much" : "carries it"} />
            </h2>
            <progress
              className={`progress h-3 w-full ${over ? "progress-warning" : "progress-primary"}`}
              value={Math.min(load, limit)}
              max={limit}
              aria-label="Load of the winding"
            />
            <ul>
              {group.members.map(({ position, type, amps }) => (
                <li key={position} className="grid grid-cols-[4rem_1fr_6rem] gap-2 border-b border-base-300 py-1">
                  <span className="font-mono font-bold">{position}</span>
                  <span className="font-mono">{type}</span>
                  <span className="text-right font-mono">{format(amps, "current")}</span>
                </li>
              ))}
            </ul>
            <p className="dim">
              {format(load * group.volts, "power")} in all.
              {load !== group.drawn ? ` The drawn line-up takes ${format(group.drawn, "current")}.` : ""}
            </p>
          </section>
        );
      })}
      {rated && !rated.ok ? <ErrorText>{`“${rating}” is not a current.`}</ErrorText> : null}
    </div>
  );
}
