import { describe, expect, it } from "vitest";
import { circuitSchema } from "../model";
import {
  addStage,
  fedBy,
  feedersOf,
  freeId,
  joinedTo,
  joinTo,
  placeInPath,
  removeStage,
  TOPOLOGIES,
  topologyOf,
  withFeeders,
} from "./circuit";

const superhet = topologyOf("superhet")?.circuit;
if (!superhet) throw new Error("no superhet");

describe("topologies", () => {
  it("are twenty, and each is a circuit", () => {
    expect(TOPOLOGIES.map(({ key }) => key)).toEqual([
      "superhet",
      "transformerless",
      "portable",
      "trf",
      "dual-conversion",
      "transistor",
      "transmitter",
      "transceiver",
      "linear",
      "single-conversion",
      "am-fm",
      "solid-receiver",
      "solid-transceiver",
      "solid-transmitter",
      "audio-amplifier",
      "solid-amplifier",
      "vibrator",
      "dynamotor",
      "converter-transceiver",
      "reflex",
      "regenerative",
    ]);
    for (const { circuit } of TOPOLOGIES) expect(circuitSchema.safeParse(circuit).success).toBe(true);
  });

  it("connect every stage: to the signal, or to something that it feeds or controls", () => {
    for (const { key, circuit } of TOPOLOGIES) {
      const chained = new Set(circuit.paths.flatMap(({ chain }) => chain));
      for (const { id } of circuit.stages)
        expect(
          chained.has(id) ||
            circuit.feeds.some(({ from, to }) => from === id || to.includes(id)) ||
            ["indicator", "fan", "s-meter"].includes(id),
          `${key} ${id}`,
        ).toBe(true);
    }
  });
});

describe("what feeds what", () => {
  it("is followed back to the wall", () => {
    expect([...withFeeders(superhet, ["af"])].sort()).toEqual(["af", "heaters", "mains", "rectifier", "reservoir"]);
    expect(withFeeders(superhet, ["mixer"]).has("oscillator")).toBe(true);
    expect(withFeeders(superhet, ["mixer"]).has("agc")).toBe(true);
    expect(feedersOf(superhet, "mixer").map(({ id }) => id)).toContain("agc");
  });

  it("is followed forward to every stage that goes dark with it", () => {
    expect(fedBy(superhet, "mains")).toContain("output");
    expect(fedBy(superhet, "heaters").has("reservoir")).toBe(false);
    expect(fedBy(superhet, "oscillator").size).toBe(0);
  });
});

describe("a model's own circuit", () => {
  it("closes the path where a stage is taken out", () => {
    const without = removeStage(superhet, "rf");
    expect(without.paths[0]?.chain.slice(0, 2)).toEqual(["antenna", "mixer"]);
    expect(without.feeds.some(({ to }) => to.includes("rf"))).toBe(false);
    expect(circuitSchema.safeParse(without).success).toBe(true);
  });

  it("takes a new stage behind another one, under a short word of its own", () => {
    const id = freeId(superhet, "if");
    expect(id).toBe("if-2");
    const more = addStage(superhet, { id, kind: "if", name: "Second IF", device: "tube", tubes: ["V9"] }, "if");
    const chain = more.paths[0]?.chain ?? [];
    expect(chain.indexOf("if-2")).toBe(chain.indexOf("if") + 1);
    expect(circuitSchema.safeParse(more).success).toBe(true);
  });

  it("joins a new stage beside the signal as others of its kind are joined", () => {
    const stage = (id: string, kind: "bfo" | "regulator" | "fan") => ({
      id,
      kind,
      name: id,
      device: "tube" as const,
      tubes: [],
    });
    expect(feedersOf(addStage(superhet, stage("bfo", "bfo")), "detector")).toContainEqual({
      id: "bfo",
      kind: "control",
    });
    expect(fedBy(addStage(superhet, stage("reg", "regulator")), "reg")).toContain("oscillator");
    // What has nothing to do with the signal stands by itself.
    expect(addStage(superhet, stage("fan", "fan")).feeds).toEqual(superhet.feeds);
  });

  it("is refused in a sentence when it does not hang together", () => {
    const [first] = superhet.stages;
    const say = (circuit: unknown) => circuitSchema.safeParse(circuit).error?.issues[0]?.message;
    expect(say({ ...superhet, stages: [...superhet.stages, first] })).toContain("same short word");
    expect(say({ ...superhet, paths: [{ key: "receive", chain: ["nowhere"] }] })).toContain("“nowhere” is not a stage");
    expect(say({ ...superhet, stages: [] })).toContain("at least one stage");
    expect(
      say({
        ...superhet,
        stages: superhet.stages.map((stage) => (stage.id === "af" ? { ...stage, name: "Mixer" } : stage)),
      }),
    ).toContain("same name");
  });
});

describe("stages are joined and parted", () => {
  const buffer = { id: "buffer", kind: "buffer", name: "Buffer", device: "tube", tubes: [] } as const;
  const longer = addStage(superhet, { ...buffer, tubes: [] });

  it("a stage goes into a way of the signal where it is put, and out again", () => {
    const chainOf = (circuit: typeof superhet) => circuit.paths[0]?.chain ?? [];
    expect(chainOf(placeInPath(longer, "receive", "buffer", "mixer"))).toContain("buffer");
    expect(chainOf(placeInPath(longer, "receive", "buffer", ""))[0]).toBe("buffer");
    expect(
      chainOf(placeInPath(placeInPath(longer, "receive", "buffer", "if"), "receive", "buffer", undefined)),
    ).toEqual(chainOf(superhet));
    const two = placeInPath(longer, "fm", "buffer", "");
    expect(two.paths.map(({ key }) => key)).toEqual(["receive", "fm"]);
    expect(circuitSchema.safeParse(two).success).toBe(true);
  });

  it("says what it feeds or controls, and what it is joined to then", () => {
    const joined = joinTo(longer, "buffer", ["mixer", "if"], "control");
    expect(joinedTo(joined, "buffer")).toEqual({ to: ["mixer", "if"], kind: "control" });
    expect(joinedTo(joinTo(joined, "buffer", [], "control"), "buffer").to).toEqual([]);
    // The wildcard is written out, so that one of its stages can be parted.
    expect(joinedTo(superhet, "reservoir").to).toContain("output");
  });
});
