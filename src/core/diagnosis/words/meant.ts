import type { System } from "../types";
import type { Said } from "./types";

/**
 * What an outcome says in a set, by the names of its test and outcome. Hum of either kind is two outcomes at once.
 * @returns undefined where no test of this set has it
 */
export function meantBy(
  { test, outcome }: Said,
  system: Pick<System, "testById">,
): { key: string; name: string; says: string } | undefined {
  const known = system.testById.get(test);
  const says = outcome.split("|").flatMap((one) => known?.outcomes.find(({ key }) => key === one)?.says ?? []);
  return known && says.length > 0
    ? { key: `${test} ${outcome}`, name: known.name, says: says.join(" or ") }
    : undefined;
}
