import type { Stage, StageKind } from "../model";
import type { Hazard, TestNeed } from "./data/parts";
import type { Trait } from "./traits";

/** How surely an effect shows: a share of the times that one looks. */
export type Share = number;

export const SIGNAL_EFFECTS = ["weak", "distorted", "dead"] as const;
export type SignalEffect = (typeof SIGNAL_EFFECTS)[number];

export const SHOWS = [
  "hum1",
  "hum2",
  "noise",
  "unsteady",
  "off",
  "band",
  "warm",
  "tap",
  "seen",
  "own",
  "blows",
  "smells",
  "dark",
  "bright",
  "slips",
] as const;
export type Shows = (typeof SHOWS)[number];

export const ELECTRODES = ["plate", "screen", "cathode", "grid", "rail", "line"] as const;
export type Electrode = (typeof ELECTRODES)[number];
export const MOVES = { "+": "high", "-": "low", "0": "none" } as const;
export type Move = (typeof MOVES)[keyof typeof MOVES];

/** A way in which a kind of stage fails. */
export type FaultMode = {
  key: string;
  name: string;
  /** what is measured to be sure of it, e.g. `cap:coupling` */
  part: string;
  /** share of a thousand faults found, for one stage of that kind */
  often: number;
  /** does a stage of that kind have this fault? */
  fits: (stage: Pick<Stage, "kind" | "device">) => boolean;
  /** it belongs to this one kind of stage */
  kind?: StageKind;
  /** what a set must be for it: an indirectly heated tube, a transformer; see `traits` */
  only: readonly Trait[];
  signal?: Partial<Record<SignalEffect, Share>>;
  shows: Partial<Record<Shows, Share>>;
  volts: { electrode: Electrode; move: Move; share: Share }[];
};

/** A fault of one set: a mode at a stage, and at a part where the sheet names it. */
export type Fault = {
  /** e.g. `output.coupling-leaky@C14` */
  id: string;
  mode: FaultMode;
  stage: Stage;
  /** the stage whose failure it acts as, where that is another one: a heater in a string darkens all of them */
  seat: string;
  designator?: string;
  /** what the set's circuit calls it, where it has a net */
  net?: string;
  /** probability before anything was looked at */
  prior: number;
  /** what made the prior what it is, in words */
  because: string[];
};

export const TEST_ACTS = [
  "play",
  "hum",
  "noise",
  "steady",
  "dial",
  "bands",
  "warm",
  "mode",
  "inject",
  "trace",
  "volts",
  "rail",
  "line",
  "works",
  "look",
  "tap",
  "swap",
  "check",
  "fuse",
  "lamp",
  "smell",
  "glow",
  "thump",
  "knob",
  "turn",
  "aerial",
  "phono",
  "phones",
  "finger",
  "pull",
  "ground",
  "supply",
  "grid",
  "bridge",
  "agc-off",
  "freeze",
  "string",
  "ohms",
] as const;
export type TestAct = (typeof TEST_ACTS)[number];

/** An outcome in words, and what a technician may write for it. */
export type OutcomeFacts = { key: string; says: string; words: RegExp };

/** Something one can do, with what may come of it. The first outcome is that all is well. */
export type Test = {
  id: string;
  act: TestAct;
  /** the stage it is about; undefined where it is about the whole set */
  stage?: Stage;
  name: string;
  how: string;
  needs: readonly TestNeed[];
  minutes: number;
  hazard: Hazard;
  outcomes: readonly OutcomeFacts[];
  /** the share of results that are wrong however sound the set is: the ear errs, the probe slips */
  slip: number;
  /** of each fault, by its index: which effect it has here; 0 is none */
  response: Uint8Array;
  /** the effects: for each outcome, the share of times that it comes of it; the first has none */
  effects: readonly (readonly Share[])[];
  /** designators of the parts that it is about */
  parts?: readonly string[];
};

/** What was seen. `after` holds the faults that were mended before it. */
export type Evidence = {
  /** of the entry that it comes from */
  id: string;
  test: string;
  /** its key; several with `|` between them where it was not said which: `line|double` */
  outcome: string;
  /** faults that had been mended when this was seen */
  mended?: readonly string[];
  /** 1 counts in full, 0 not at all: an intermittent that did not show itself counts little */
  weight?: number;
};

/** A set as the search knows it. */
export type System = {
  stages: readonly Stage[];
  faults: readonly Fault[];
  tests: readonly Test[];
  testById: ReadonlyMap<string, Test>;
  faultIndex: ReadonlyMap<string, number>;
};
