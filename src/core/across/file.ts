import type { Settled } from "../kinds";
import type { Visit } from "../history";
import type { Model } from "../model";

/** A set's file, folded. */
export type FileOf = {
  id: string;
  serial: string;
  model: Model;
  owner: { name: string };
  visits: readonly Visit[];
  settled: readonly Settled[];
};
