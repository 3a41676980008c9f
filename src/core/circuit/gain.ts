import { acAt, sizeOf } from "./ac";
import { compile } from "./compile";
import type { Solved } from "./expect";
import type { SetState } from "./from-sheet";
import { GROUND, type Net } from "./net";

/** Where sound is measured by custom, Hz. */
export const GAIN_HZ = 400;

/** Signal at the output of a stage over that at its input. */
export type StageGain = { stage: string; hertz: number; gain: number };

/** What a stage takes its signal in at, and gives it out at. */
function stagesOf(net: Net): { stage: string; input: string; output: string }[] {
  return net.flatMap((element) => {
    if (element.kind === "triode" || element.kind === "pentode")
      return [{ stage: element.name, input: element.grid, output: element.plate }];
    return element.kind === "transistor"
      ? [{ stage: element.name, input: element.base, output: element.collector }]
      : [];
  });
}

/**
 * Gain of the resistance-coupled stages at small signals, with all that hangs on them. A stage with a coil or a transformer
 * in its output has no figure: its load is not in the net.
 */
export function gainsOf(
  { net, x }: Pick<Solved, "net" | "x">,
  conditions: SetState["conditions"] = {},
  hertz = GAIN_HZ,
): StageGain[] {
  const at = (node: string, kind: "resistor" | "inductor") =>
    net.some((element) => element.kind === kind && (element.a === node || element.b === node));
  return stagesOf(net).flatMap(({ stage, input, output }): StageGain[] => {
    if (input === GROUND || output === GROUND || !at(output, "resistor") || at(output, "inductor")) return [];
    // A current into the input moves both of them; their ratio is the gain.
    const driven = compile(
      [...net, { kind: "amps", name: "signal", a: GROUND, b: input, amps: 0, ac: 1e-6 }],
      conditions,
    );
    const signal = acAt(driven, x, hertz);
    const into = signal ? sizeOf(signal(input)) : 0;
    return signal && into > 0 ? [{ stage, hertz, gain: sizeOf(signal(output)) / into }] : [];
  });
}
