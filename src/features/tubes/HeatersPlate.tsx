"use client";

import { Empty } from "@/ui/Empty";
import { useLogbook } from "@/ui/logbook";
import { fittedHeaters, inSeries, tubePlaces } from "@/core/visit";
import { HeaterBudget } from "./HeaterBudget";
import { HeaterString } from "./HeaterString";

/** Heaters: the budget of a transformer's windings, or the series string as it settles. */
export function HeatersPlate() {
  const { input } = useLogbook();
  const places = tubePlaces(input);
  const heaters = fittedHeaters(places, input.sheet);
  if (heaters.length === 0)
    return <Empty title="No heaters here.">The sheet names no tube whose heater is known.</Empty>;
  return inSeries(input.sheet) ? (
    <HeaterString key={places.map(({ fitted }) => fitted).join()} places={places} />
  ) : (
    <HeaterBudget places={places} />
  );
}
