import { modeOf } from "./modes";
import { CHECK, SOUND } from "./outcomes";
import type { Fault, System, Test } from "./types";

/** Small systems for tests: faults with given priors, and tests with given effects. */
type SketchOfTest = {
  id: string;
  slip: number;
  effects: Record<number, [outcome: number, share: number]>;
  sound?: boolean;
};

export function tiny(priors: readonly number[], sketches: readonly SketchOfTest[]): System {
  const mode = modeOf("tube-weak");
  if (!mode) throw new Error("the table has no weak tube");
  const stage = { id: "if", kind: "if", name: "IF stage", device: "tube", tubes: [] } as const;
  const faults = priors.map((prior, index): Fault => ({
    id: `if.tube-weak@V${index + 1}`,
    mode,
    stage: { ...stage, tubes: [] },
    seat: "if",
    designator: `V${index + 1}`,
    prior,
    because: [],
  }));
  const tests = sketches.map(({ id, slip, effects, sound }): Test => {
    const outcomes = sound ? SOUND : CHECK;
    const list: Test["effects"][number][] = [outcomes.map(() => 0)];
    const response = Uint8Array.from(faults, (_, index) => {
      const effect = effects[index];
      return effect ? list.push(outcomes.map((_, at) => (at === effect[0] ? effect[1] : 0))) - 1 : 0;
    });
    return {
      id,
      act: sound ? "play" : "check",
      name: id,
      how: "",
      needs: [],
      minutes: 2,
      hazard: 0,
      outcomes,
      slip,
      response,
      effects: list,
    };
  });
  return {
    stages: [{ ...stage, tubes: [] }],
    faults,
    tests,
    testById: new Map(tests.map((test) => [test.id, test])),
    faultIndex: new Map(faults.map(({ id }, index) => [id, index])),
  };
}
