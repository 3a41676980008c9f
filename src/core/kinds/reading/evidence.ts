import { SHORT_BELOW, type System } from "../../diagnosis";
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

/** Windings by their words: the stage that each is in, and the fault that it is when it is open. */
const WINDINGS: [words: RegExp, kind: string, fault: string][] = [
  [/field coil|choke/i, "reservoir", "choke-open"],
  [/output (primary|secondary)|output transformer/i, "output", "output-transformer"],
  [/voice coil/i, "speaker", "coil-open"],
  [/^\S+ primary|mains primary/i, "mains", "primary-open"],
  [/\bht\b/i, "rectifier", "ht-winding"],
];

/** Supplies that are measured to chassis with the power off: less than a few kilohms is a short. */
const SUPPLY_OHMS: [RegExp, readonly string[]][] = [
  [/^(b ?\+|ht\b|reservoir|high tension)/i, ["ohms:reservoir", "ohms:high-voltage"]],
  [/^high voltage/i, ["ohms:high-voltage", "ohms:reservoir"]],
  [/rail/i, ["ohms:rails"]],
  [/^(line|mains) (input|plug|cord|lead)/i, ["ohms:mains"]],
];

/** A winding that was measured cold: the check of its stage. */
function windingTest(point: string, { circuit, system, stageNamed }: Searched): string | undefined {
  const [, kind, fault] = WINDINGS.find(([words]) => words.test(point)) ?? [];
  const stage = kind ? circuit.stages.find((one) => one.kind === kind) : stageNamed(point.replace(/^\S+\s/, ""));
  if (!stage) return undefined;
  const own = `check:${stage.id}:${fault ?? ""}`;
  // Where it is not said which winding, it is one of them.
  return system.testById.has(own) ? own : `check:${stage.id}:winding`;
}

/** What a reading says to the search, by its verdict. */
export function evidenceOf(reading: Reading, set: Searched, { verdict, ratio }: Judgement): Says {
  const { system, circuit } = set;
  const { quantity, designator, measured, point } = reading;
  const outcome = (test: string | undefined, is: string): Says =>
    test && system.testById.has(test) ? { outcomes: [{ test, outcome: is }], mends: [] } : SAYS_NOTHING;
  if (quantity === "resistance") {
    const supply = designator
      ? undefined
      : SUPPLY_OHMS.find(([words]) => words.test(point))?.[1].find((id) => system.testById.has(id));
    // What belongs there is known best by the chart; without one, kilohms are expected of a supply of tubes, not of 9 V.
    if (supply && verdict !== "none" && verdict !== "no-proof")
      return outcome(supply, verdict === "low" ? "low" : "normal");
    if (supply && system.faults.some(({ stage }) => stage.device === "tube"))
      return outcome(supply, measured.value < SHORT_BELOW ? "low" : "normal");
    if (supply) return SAYS_NOTHING;
    if (measured.value >= OPEN_OHMS && !designator) return outcome(windingTest(point, set), "bad");
    if (verdict === "none" || verdict === "no-proof") return SAYS_NOTHING;
    const is = verdict === "good" ? "good" : "bad";
    return outcome(
      designator && system.testById.has(`check:${designator}`) ? `check:${designator}` : windingTest(point, set),
      is,
    );
  }
  if (verdict === "none" || verdict === "no-proof") return SAYS_NOTHING;
  const test = testOfPoint(point, system, circuit);
  const gone = ratio !== undefined && Math.abs(ratio) < GONE && test !== "line";
  return outcome(test, verdict === "good" ? "normal" : gone ? "none" : verdict);
}
