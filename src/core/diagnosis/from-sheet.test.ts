import { describe, expect, it } from "vitest";
import { sheetSchema, type Sheet } from "../model";
import { circuitOf, nearestTopology, placedParts, stageNamed } from "./from-sheet";

const sheet = (kind: string, supply: Sheet["supply"], tubes: string): Sheet =>
  sheetSchema.parse({
    kind,
    supply,
    lineVolts: 230,
    highestVolts: 300,
    tubes: tubes
      .split(",")
      .filter(Boolean)
      .map((line) => {
        const [position = "", type = "", ...work] = line.trim().split(" ");
        return { position, type, work: work.join(" ") };
      }),
    components: [],
    points: [],
    cautions: [],
  });

const LANTERN = sheet(
  "AC table superhet",
  "transformer",
  "V1 6K8 mixer, V2 6K7 IF, V3 6Q7 detector and first audio, V4 6V6 output, V5 5Y3 rectifier, V6 6U5 tuning indicator",
);

describe("a model without a topology", () => {
  it.each([
    ["superhet", LANTERN],
    ["transformerless", sheet("AC/DC set", "live-chassis", "V1 UCH42 mixer")],
    ["portable", sheet("Battery portable", "battery", "V1 DK96 converter")],
    ["trf", sheet("TRF, three ganged stages", "transformer", "V1 35 first RF, V2 35 second RF, V3 24A detector")],
    ["dual-conversion", sheet("Communications receiver, IFs 1.65 MHz and 110 kHz", "transformer", "V3 6BA6 first IF")],
    ["dual-conversion", sheet("Receiver", "transformer", "V2 6BE6 mixer, V4 6BE6 second mixer")],
    ["single-conversion", sheet("Communications receiver", "transformer", "V3 6BA6 first IF, V5 6BA6 second IF")],
    ["am-fm", sheet("Table set, AM and FM", "transformer", "V1 12AT7 FM front end, V5 6AL5 ratio detector")],
    ["solid-receiver", sheet("Tuner amplifier with FM", "transformer", "Q1 2N3819 FM front end, Q9 2N3055 output")],
    ["audio-amplifier", sheet("Hi-fi amplifier", "transformer", "V1 12AX7 preamplifier, V3 6V6 output")],
    ["audio-amplifier", sheet("Stereo power amplifier", "transformer", "V1 12AX7 phase splitter")],
    ["solid-amplifier", sheet("Hi-fi amplifier", "transformer", "Q1 BC109 preamplifier, Q8 2N3055 output")],
    ["linear", sheet("RF power amplifier, grounded grid", "high-voltage", "V1 811A PA")],
    ["vibrator", sheet("Car radio", "low-voltage", "V1 6K8 mixer, V5 6X5 rectifier")],
    ["dynamotor", sheet("Military receiver with dynamotor", "low-voltage", "V1 6K8 mixer")],
    [
      "converter-transceiver",
      sheet("Mobile SSB transceiver, DC-DC converter", "low-voltage", "V1 6146 PA, Q1 2N3055 switching transistor"),
    ],
    ["solid-transceiver", sheet("SSB transceiver", "low-voltage", "Q1 2N3866 driver")],
    ["solid-transmitter", sheet("FM transmitter", "low-voltage", "Q1 2N3866 driver")],
    ["reflex", sheet("Reflex set", "transformer", "V1 6B8 reflex stage")],
    ["regenerative", sheet("One-tube set with reaction", "battery", "V1 30 detector")],
    ["transistor", sheet("Seven-transistor portable", "low-voltage", "Q1 germanium mixer")],
    ["transmitter", sheet("AM/CW transmitter", "high-voltage", "V2 807 PA, V5 6L6 modulator")],
    ["transceiver", sheet("Hybrid SSB transceiver", "high-voltage", "V2 6146 PA")],
    ["linear", sheet("Linear amplifier, 80–10 m", "high-voltage", "V1 811A PA")],
  ])("comes nearest to %s", (key, one) => {
    expect(nearestTopology(one).key).toBe(key);
    expect(circuitOf(one).proposed).toBe(true);
  });

  it("has something to offer even when the sheet says nothing", () => {
    const { circuit } = circuitOf(sheet("a wireless", "transformer", ""));
    expect(circuit.paths[0]?.chain.length).toBeGreaterThan(3);
  });

  it("puts the tubes where they work, and takes out what no tube does", () => {
    const { circuit } = circuitOf(LANTERN);
    const tubes = (id: string) => circuit.stages.find((stage) => stage.id === id)?.tubes;
    expect(tubes("mixer")).toEqual(["V1"]);
    expect(tubes("oscillator")).toEqual(["V1"]);
    expect(tubes("af")).toEqual(["V3"]);
    expect(tubes("detector")).toEqual(["V3"]);
    expect(tubes("indicator")).toEqual(["V6"]);
    expect(tubes("rf")).toBeUndefined();
    expect(tubes("phase")).toBeUndefined();
  });

  it("gives the amplifier's tubes to its bank, and two of a kind by their ordinal", () => {
    const { circuit } = circuitOf(sheet("Linear amplifier", "high-voltage", "V1 811A PA, V2 811A PA"));
    expect(circuit.stages.find(({ id }) => id === "amplifier")?.tubes).toEqual(["V1", "V2"]);
    const receiver = circuitOf(
      sheet("Communications receiver", "transformer", "V3 6BA6 first IF, V5 6BA6 second IF"),
    ).circuit;
    expect(receiver.stages.find(({ id }) => id === "if2")?.tubes).toEqual(["V5"]);
  });

  it("keeps a circuit that somebody has looked at", () => {
    const { circuit } = circuitOf(LANTERN);
    expect(circuitOf({ ...LANTERN, circuit })).toEqual({ circuit, proposed: false });
  });
});

describe("names", () => {
  const { circuit } = circuitOf(LANTERN);
  it.each([
    ["AF", "af"],
    ["first audio", "af"],
    ["IF", "if"],
    ["det", "detector"],
    ["output", "output"],
    ["osc", "oscillator"],
    ["Reservoir and smoothing", "reservoir"],
    ["speaker", "speaker"],
    ["aerial", "antenna"],
  ])("%s is %s", (words, id) => {
    expect(stageNamed(circuit, words)?.id).toBe(id);
  });

  it("no stage is named by what the set lacks", () => {
    expect(stageNamed(circuit, "BFO")).toBeUndefined();
    expect(stageNamed(circuit, "")).toBeUndefined();
  });

  it("components go to their stage by its name, else by their role", () => {
    const parts = placedParts(circuit, [
      { designator: "C1", role: "reservoir", drawn: "16/450", stage: "power" },
      { designator: "C14", role: "coupling", drawn: ".05/400", stage: "output" },
      { designator: "C6", role: "avc", drawn: ".05/200" },
      { designator: "C99", role: "other", drawn: "1n" },
    ]);
    expect(parts.map(({ designator, stage }) => `${designator} ${stage}`)).toEqual([
      "C1 reservoir",
      "C14 output",
      "C6 agc",
    ]);
  });
});
