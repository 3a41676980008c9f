import { describe, expect, it } from "vitest";
import { stockItem, CONTEXT } from "../fixtures";
import { labelCode } from "../stock";
import { parseLine } from ".";
import { writeLine } from "../kinds";
import type { LineContext } from "../shorthand";

const CODE = labelCode(7);
const STOCK = [
  stockItem({
    id: "0193e0a0-0000-7000-8000-000000000001",
    code: CODE,
    bin: "B-14",
    batch: "2411",
    priceMinor: 60,
    warrantyMonths: 24,
  }),
];
const context: LineContext = {
  ...CONTEXT,
  stock: STOCK,
  sheet: {
    ...CONTEXT.sheet,
    tubes: [
      { position: "V3", type: "6Q7", work: "first audio" },
      { position: "V4", type: "6V6", work: "output" },
    ],
    components: [
      { designator: "C14", role: "coupling", drawn: ".05/400", stage: "output" },
      { designator: "R7", role: "anode-load", drawn: "470k", stage: "first audio" },
      { designator: "R8", role: "grid-leak", drawn: "470k", stage: "output" },
    ],
    points: [
      { point: "B+", quantity: "voltage", expected: 260 },
      { point: "V3 plate", quantity: "voltage", expected: 85 },
      { point: "V4 cathode", quantity: "voltage", expected: 12.5 },
    ],
  },
  known: new Set(["C14", "R7", "R8", "V3", "V4"]),
};

function content(line: string) {
  const read = parseLine(line, context);
  if (read.kind !== "draft" || read.draft.type !== "content") throw new Error(JSON.stringify(read));
  return { content: read.draft.content, said: read.line, hints: read.hints };
}
const trouble = (line: string) => {
  const read = parseLine(line, context);
  return read.kind === "not-understood" ? read.message : read.kind;
};

describe("a measured part", () => {
  it("is judged by the stage that it feeds: 8.5 µA at 85 V puts 3.8 V on a grid with 12.5 V of bias", () => {
    const { said, content: entry } = content("measure C14 52 nF; leak 8.5 µA at 85 V; out");
    expect(said.verdict).toBe("bad");
    expect(said.text).toContain("lifts the grid of V4 by 3.82 V, 31 % of its 12.5 V bias");
    expect(entry.kind === "component-test" && entry.payload.against?.next).toMatchObject({
      plateVolts: 85,
      gridOhms: 470e3,
    });
  });
  it("in circuit proves a resistor's drift only upwards", () => {
    expect(content("measure R7 612k").said.verdict).toBe("watch");
    expect(content("measure R7 900k").said.verdict).toBe("bad");
    expect(content("measure R7 220k").said.verdict).toBeUndefined();
    expect(content("measure R7 220k; lifted").said.verdict).toBe("bad");
  });
  it("needs a voltage for its leakage, and something that was measured", () => {
    expect(trouble("measure C14 52 nF; leak 8.5 µA")).toContain("At which voltage");
    expect(trouble("measure C14")).toContain("Nothing was measured");
    expect(trouble("measure C14 0 nF")).toContain("above zero");
    expect(trouble("measure R7 470k; esr 2")).toContain("belong to a capacitor");
    expect(trouble("measure V4 3")).toContain("neither a capacitor nor a resistor");
    expect(trouble("measure C14 52 nF; colour red")).toContain("not known here");
  });
  it("that the set does not have is asked about", () => {
    expect(trouble("measure C77 52 nF")).toBe("question");
  });
});

describe("figures that can be misread", () => {
  const open = { ...context, sheet: { ...context.sheet, dialect: undefined } };
  it("1.5 M is a question on a drawing whose M nobody has explained, never 1.5 Ω", () => {
    const read = parseLine("R7 = 1.5 M", open);
    expect(read).toMatchObject({ kind: "question" });
    expect(read.kind === "question" ? read.choices.map(({ label }) => label) : []).toEqual(["1.5 kΩ", "1.5 MΩ"]);
    expect(parseLine("R7 = 1.5 M in circuit", open).kind).toBe("question");
  });
  it.each([
    ["R7 M47 -> 470k 1W", "470"],
    ["R7 k47 -> 470k 1W", ""],
    ["C14 u05 leaky -> 0.047/630", ""],
  ])("%s reads as in the parser", (line) => expect(parseLine(line, open).kind).toBe("draft"));
  it("1,450 of 1600 µmho is thousands, since 1.45 is no share of 1600; the unit has one name", () => {
    expect(content("V3 gm 1,450/1600 µmho").content).toMatchObject({
      payload: { measured: { value: 1450 }, nominal: { value: 1600 }, unit: "µS" },
    });
    expect(parseLine("V3 gm 1,450/1,600 µmho", context)).toMatchObject({ kind: "question" });
  });
});

describe("what is expected, as it is typed", () => {
  const onLine = {
    ...context,
    sheet: { ...context.sheet, supply: "transformer" as const, lineVolts: 120, chart: { lineVolts: 120 } },
    points: [],
  };
  const payload = (line: string, where: LineContext = onLine) => {
    const read = parseLine(line, where);
    if (read.kind !== "draft" || read.draft.type !== "content") throw new Error(JSON.stringify(read));
    return read.draft.content.payload as Record<string, unknown>;
  };
  it("moves with the line as the chart's figure does: 180 V for 120 V is 135 V at 90 V, and 134 V is good", () => {
    const read = parseLine("B+ 134 @ 90 for 180", onLine);
    expect(read.kind === "draft" ? read.hints.join(" ") : "").toContain("becomes 135 V");
    expect(payload("B+ 134 @ 90 for 180")).toMatchObject({ expected: { value: 180, lineVolts: 120 } });
    // a plate behind a stage of its own is not known to move
    expect(payload("V9 plate 80 for 90")).not.toHaveProperty("expected.lineVolts");
  });
  it("takes the conditions of the chart's own row", () => {
    const row = {
      point: "B+",
      quantity: "voltage" as const,
      expected: { text: "260 V", value: 260, tolerance: 0.2, lineVolts: 117, tapVolts: 117 },
    };
    expect(payload("B+ 149 @ 120 for 180", { ...onLine, points: [row] })).toMatchObject({
      expected: { value: 180, tolerance: 0.2, lineVolts: 117, tapVolts: 117 },
    });
  });
  it("alternating volts are a quantity of their own, and on a rail they are its ripple", () => {
    const row = { point: "B+", quantity: "voltage" as const, expected: { text: "260 V", value: 260, tolerance: 0.1 } };
    const ripple = payload("B+ 3 V ac", { ...onLine, points: [row] });
    expect(ripple).toMatchObject({ point: "B+ AC", quantity: "ac-voltage", measured: { value: 3 } });
    expect(ripple).not.toHaveProperty("expected");
    expect(payload("HT secondary 300 V AC")).toMatchObject({ quantity: "ac-voltage", measured: { value: 300 } });
  });
  it("two power levels of one band are two tests", () => {
    const low = payload("test output at 80 m 12 W min 10 on low power, dummy load");
    expect(low).toMatchObject({ condition: "80 m, low power", setup: "dummy load" });
    expect(payload("test output at 80 m 62 W min 50 on high power")).toMatchObject({ condition: "80 m, high power" });
    expect(payload("test output at 80 m 62 W min 50 on dummy load")).toMatchObject({
      condition: "80 m",
      setup: "dummy load",
    });
  });
});

describe("a tube's test", () => {
  it("names the electrodes between which it is shorted", () => {
    expect(content("tube V4 shorts heater to cathode, g1-g2").content).toMatchObject({
      payload: { shorts: "found", between: ["h-k", "g1-g2"] },
    });
    expect(parseLine("tube V4 shorts here and there", context).kind).toBe("not-understood");
  });
  it("asks for shorts first", () => {
    expect(trouble("tube V4 gm 3700/4100 µS")).toContain("Shorts first");
    expect(content("tube V4 shorts none; gm 3700/4100 µS").hints.join(" ")).toContain("Gas and leakage come before");
  });
  it("is judged by its percent of nominal, and goes no further with a short", () => {
    expect(content("tube V4 shorts none; gas none; gm 2200/4100 µS; on bench tester, bias −12.5 V").said).toMatchObject(
      {
        subject: "V4",
        verdict: "bad",
      },
    );
    expect(trouble("tube V4 shorts found; gm 3700/4100")).toContain("not tested further");
  });
  it("of a type that is not in the table offers the nearest names", () => {
    expect(content("tube V4 shorts none; type 6V7").hints.join(" ")).toContain("6V6");
  });
});

describe("a decision on the plan", () => {
  it("needs its reason", () => {
    expect(content("plan C14 keep: new in 2019").content).toMatchObject({
      kind: "plan-line",
      payload: { action: "keep", why: "new in 2019" },
    });
    expect(content("plan C14 test first: looks newer").content).toMatchObject({ payload: { action: "test" } });
    expect(trouble("plan C14 keep")).toContain("Say why");
    expect(trouble("plan C14 burn: it")).toContain("Say what is decided");
  });
});

describe("a part out of stock", () => {
  it("is named by its label, and the record keeps what the label said", () => {
    const { content: entry } = content(`C14 .05/400 leaky -> 0.047/630 from ${CODE.toLowerCase()}`);
    expect(entry.kind === "part-work" && entry.payload.now[0]).toMatchObject({
      text: "0.047/630",
      stock: { code: CODE, bin: "B-14", batch: "2411", price: { minor: 60, currency: "EUR" }, warrantyMonths: 24 },
    });
  });
  it("scanned by itself says what it is and how it is used", () => {
    expect(trouble(CODE)).toContain("47 nF 630 V film from bin B-14, 5 free");
    expect(trouble(labelCode(8))).toContain("not in the stock list");
    expect(trouble("JT1187")).toContain("tag of job 1187");
    expect(trouble(`${CODE.slice(0, -1)}${CODE.endsWith("5") ? "6" : "5"}`)).toContain("a letter of it is wrong");
  });
  it("with a label that is not in stock is not taken", () => {
    expect(trouble(`C14 -> 0.047/630 from ${labelCode(8)}`)).toContain("not a label of the stock");
  });
});

describe("a part in the wrong role", () => {
  const at = (role: "mains" | "mains-to-chassis" | "coupling", line: string) => {
    const [first, ...rest] = context.sheet.components;
    const sheet = { ...context.sheet, components: [{ ...first!, role }, ...rest] };
    const read = parseLine(line, { ...context, sheet });
    return read.kind === "draft" ? read.hints.join(" ") : "";
  };
  it("is flagged: an ordinary one at the mains, X where Y belongs, an electrolytic that couples", () => {
    expect(at("mains", "C14 -> 0.01/630 film")).toContain("X1 or X2, safety-rated goes in here");
    expect(at("mains", "C14 -> 0.01/275 X2")).not.toContain("class goes in");
    expect(at("mains-to-chassis", "C14 -> 4.7n/275 X2")).toContain("only Y1 or Y2 goes in here");
    expect(at("mains-to-chassis", "C14 -> 4.7n/300 Y2")).not.toContain("mains");
    expect(at("coupling", "C14 -> 1 µF 63 V electrolytic")).toContain("leaks by its nature");
  });
});

describe("a found substitution", () => {
  it("needs what it takes to put it back", () => {
    expect(content("V4 6V6 substituted -> 6F6 on 410 Ω: put back a 6V6 and 250 Ω").content).toMatchObject({
      payload: { action: "substituted", now: [{ text: "6F6 on 410 Ω" }], why: "put back a 6V6 and 250 Ω" },
    });
    expect(trouble("V4 6V6 substituted -> 6F6")).toContain("put the original back");
  });
});

describe("every line of parts and tubes", () => {
  it("is written as it is read", () => {
    for (const line of [
      "measure C14 52 nF; leak 8.5 µA at 85 V; out",
      "measure C14 52 nF; esr 2.1 at 1 kHz; tan 0.02; lifted; note wax runs",
      "measure R7 612k; in circuit",
      "tube V4 shorts none; gas slight; gm 3700/4100 µS; type 6V6; on bench tester, bias −12.5 V; note loose base",
      "tube V4 shorts found",
      "plan C14 test first: looks newer",
      `C14 .05/400 leaky -> 0.047/630 film from ${CODE}`,
      "V4 6V6 substituted -> 6F6: put back a 6V6",
    ]) {
      const first = content(line).content;
      expect(writeLine(first)).toBe(line);
      expect(content(writeLine(first)).content).toEqual(first);
    }
  });
});
