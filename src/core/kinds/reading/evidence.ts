import { stageNamed, type System } from "../../diagnosis";
import { devicePoint, type Circuit, type Electrode } from "../../model";
import { OPEN_OHMS, type Judgement } from "../../readings";
import { SAYS_NOTHING, type Says, type Searched } from "../kind";
import type { Reading } from "./payload";

/** A reading this far below what belongs there is as good as nothing. Shop's estimate. */
const GONE = 0.08;

/** What a solid device has in the place of a tube's electrode. */
const AS_TUBE: Partial<Record<Electrode, Electrode>> = {
  collector: "plate",
  drain: "plate",
  emitter: "cathode",
  source: "cathode",
  base: "grid",
  gate: "grid",
};
/** `V4 bias` is read at its grid. */
const BIAS = /^((?:V|Q|TR)\d{1,2})\s+bias\b/i;

/** The test that a point of the chart is a reading of. */
function testOfPoint(point: string, system: System, circuit: Circuit): string | undefined {
  const bias = BIAS.exec(point)?.[1]?.toUpperCase();
  const found = bias ? ({ device: bias, electrode: "grid" } as const) : devicePoint(point);
  if (found) {
    const { device, electrode } = found;
    const stages = circuit.stages.filter(({ tubes }) => tubes.includes(device));
    const ids = stages.map(({ id }) => `volts:${id}:${AS_TUBE[electrode] ?? electrode}`);
    // A tube that detects and amplifies has its volts where it amplifies.
    return ids.toReversed().find((id) => system.testById.has(id));
  }
  if (/^(line|battery|supply) current|^string current/i.test(point))
    return /^string/i.test(point) ? "rail:heaters" : "line";
  const rails: [RegExp, readonly string[]][] = [
    [/^(b\+|ht\b|reservoir)/i, ["rail:reservoir", "rail:high-voltage"]],
    [/^high voltage/i, ["rail:high-voltage", "rail:reservoir"]],
    [/^(heaters?|filaments?|lt\b|string)/i, ["rail:heaters"]],
    [/^battery/i, ["rail:battery"]],
    [/^regulated/i, ["rail:regulator", "rail:rails"]],
    [/^(avc|agc)/i, ["rail:agc"]],
    [/rail/i, ["rail:rails"]],
    [/^bias/i, ["rail:bias"]],
  ];
  return rails.find(([name]) => name.test(point))?.[1].find((id) => system.testById.has(id));
}

const WINDINGS: [RegExp, string][] = [
  [/field coil|choke/i, "reservoir"],
  [/output (primary|secondary)|output transformer/i, "output"],
  [/voice coil/i, "speaker"],
  [/^\S+ primary|mains primary/i, "mains"],
  [/\bht\b/i, "rectifier"],
];

/** A winding that was measured cold: the check of its stage. */
function windingTest(point: string, circuit: Circuit): string | undefined {
  const kind = WINDINGS.find(([words]) => words.test(point))?.[1];
  const stage = kind
    ? circuit.stages.find((one) => one.kind === kind)
    : stageNamed(circuit, point.replace(/^\S+\s/, ""));
  return stage ? `check:${stage.id}:winding` : undefined;
}

/** What a reading says to the search, by its verdict. */
export function evidenceOf(reading: Reading, { system, circuit }: Searched, { verdict, ratio }: Judgement): Says {
  const { quantity, designator, measured, point } = reading;
  const outcome = (test: string | undefined, is: string): Says =>
    test && system.testById.has(test) ? { outcomes: [{ test, outcome: is }], mends: [] } : SAYS_NOTHING;
  if (quantity === "resistance") {
    if (measured.value >= OPEN_OHMS && !designator) return outcome(windingTest(point, circuit), "bad");
    if (verdict === "none" || verdict === "no-proof") return SAYS_NOTHING;
    const is = verdict === "good" ? "good" : "bad";
    return outcome(
      designator && system.testById.has(`check:${designator}`) ? `check:${designator}` : windingTest(point, circuit),
      is,
    );
  }
  if (verdict === "none" || verdict === "no-proof") return SAYS_NOTHING;
  const test = testOfPoint(point, system, circuit);
  const gone = ratio !== undefined && Math.abs(ratio) < GONE && test !== "line";
  return outcome(test, verdict === "good" ? "normal" : gone ? "none" : verdict);
}
