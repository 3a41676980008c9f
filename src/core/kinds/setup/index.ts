import { format } from "../../quantity";
import { printMeterLoad } from "../../readings";
import { noRow, nothing, silent, unchanged, unjudged, type KindOf } from "../kind";
import type { SetUp } from "./payload";

/** A set-up in one line, e.g. `grey analogue meter, line 231 V 50 Hz, no signal`. */
export function describeSetup(one: SetUp): string {
  const { instrument, lineVolts, lineHz, tapVolts, signal, controls, checked } = one;
  const load = printMeterLoad(instrument);
  const line = [
    lineVolts ? format(lineVolts, "voltage", 4) : "",
    lineHz ? format(lineHz, "frequency") : "",
    tapVolts ? `tap ${format(tapVolts, "voltage")}` : "",
  ]
    .filter(Boolean)
    .join(" ");
  return [
    instrument ? `${instrument.name}${load ? ` (${load})` : ""}` : "meter not noted",
    line && `line ${line}`,
    one.load && `load ${one.load}`,
    signal && `signal ${signal}`,
    controls && `controls ${controls}`,
    checked.length > 0 && `${checked.length} looked at`,
  ]
    .filter(Boolean)
    .join(", ");
}

/** The set-up of a pass of readings: meter, line, load, signal, controls. */
export const setup: KindOf<"setup", SetUp, undefined> = {
  kind: "setup",
  fields: {
    phase: "phase",
    name: "name",
    instrument: "meter",
    lineVolts: "line voltage",
    lineHz: "line frequency",
    tapVolts: "voltage selector at",
    load: "load",
    signal: "signal",
    controls: "controls",
    checked: "looked at",
    like: "repeats",
  },
  about: ({ phase, name }) => `${phase} ${name}`,
  tied: [],
  judge: unjudged,
  describe: (one) => ({ subject: `Set-up “${one.name}”`, text: describeSetup(one) }),
  designators: nothing,
  works: nothing,
  changes: unchanged,
  handsInside: false,
  afterHandBack: "refused",
  takes: nothing,
  lane: "none",
  inFile: "shown",
  csv: noRow,
  sections: nothing,
  open: nothing,
  evidence: silent,
};
