import { AsyncLocalStorage } from "node:async_hooks";
import type { Here } from "./standing";

const acting = new AsyncLocalStorage<Here | undefined>();

/** Runs the work of an action in the name of somebody. */
export const inNameOf = <T>(here: Here | undefined, work: () => Promise<T>): Promise<T> => acting.run(here, work);

/** Who does what is being done. */
export function actor(): Here {
  const here = acting.getStore();
  if (!here) throw new Error("nobody is signed in where somebody is needed");
  return here;
}
