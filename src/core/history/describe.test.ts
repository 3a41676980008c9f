import { describe as group, expect, it } from "vitest";
import { describe, ofKind, settle, type Content, printPart, judgementOf } from "../kinds";
import { upTo } from "../log";
import { amend, atOf, entry, idOf, note, resistance, SHEET, symptom, withdraw, work } from "../fixtures";

const line = (content: Content) => {
  const { subject, text } = describe(content);
  return `${subject} | ${text}`;
};

group("one line of every kind", () => {
  it("names the take-in by its complaint", () => {
    const payload = { v: 1, complaint: "fades", policy: "museum", received: [], missing: [] } as const;
    expect(line({ kind: "take-in", payload: { ...payload, received: [], missing: [] } })).toBe("Take in | fades");
  });

  it("tells whether a symptom is there, changed or gone", () => {
    expect(line(symptom("hum"))).toBe("Symptom | hum");
    expect(line(symptom("hum less", "changed"))).toBe("Symptom changed | hum less");
    expect(line(symptom("hum", "gone"))).toBe("Symptom gone | hum");
  });

  it("tells notes, open points, waits and settlements apart", () => {
    expect(line(note("dial glass loose"))).toBe("Note | dial glass loose");
    expect(line(note("mains lead", { open: true }))).toBe("Open point | mains lead");
    expect(line(note("new lead", { closes: [idOf(1)] }))).toBe("Settled | new lead");
    const waits: Content = { kind: "note", payload: { v: 1, text: "811A", open: true, waits: "parts", closes: [] } };
    expect(line(waits)).toBe("Waits for parts | 811A");
  });

  it("tells a step that was done from one that was passed over", () => {
    expect(line({ kind: "step", payload: { v: 1, step: "make-safe", state: "passed" } })).toBe("Make safe | done");
    const passed: Content = {
      kind: "step",
      payload: { v: 1, step: "baseline", state: "overridden", reason: "no power" },
    };
    expect(line(passed)).toBe("Baseline | passed without: no power");
  });

  it("prints a test with its unit, its limit and its verdict", () => {
    const test: Content = {
      kind: "test-result",
      payload: {
        v: 1,
        phase: "prove",
        test: "output",
        measured: { text: "2.1", value: 2.1 },
        unit: "W",
        nominal: { text: "3", value: 3 },
        sense: "at-least",
      },
    };
    expect(line(test)).toBe("Test | output 2.1 W / 3 W. 30 % below the limit.");
    expect(describe(test).verdict).toBe("bad");
  });

  it("says what a reading was taken with", () => {
    const reading = resistance("R7", 612e3, 470e3);
    if (reading.kind !== "reading") throw new Error("a reading");
    const payload = { ...reading.payload, inCircuit: true, remark: "noisy", lineVolts: 230 };
    expect(line({ kind: "reading", payload })).toBe(
      "R7 | 612 kΩ at 230 V line, expected 470 kΩ (+30 %), in circuit, noisy",
    );
    expect(judgementOf({ kind: "reading", payload }).verdict).toBe("high");
    const { expected: _expected, ...bare } = payload;
    expect(describe({ kind: "reading", payload: bare }).verdict).toBeUndefined();
  });

  it("says what was done to a part, with why and what it measured", () => {
    const left = work(["R9"], "left", {
      was: "25k",
      measured: { text: "27k", value: 27e3, quantity: "resistance" },
      why: "within tolerance",
    });
    expect(line(left)).toBe("R9 | left: 25 kΩ (measured 27 kΩ): within tolerance");
    expect(line(work(["C1", "C2"], "removed"))).toBe("C1, C2 | removed");
    const several = work(["C1"], "replaced", {
      now: [
        { designator: "C1A", text: "22µ/450" },
        { designator: "C1B", text: "22µ/450" },
      ],
    });
    expect(line(several)).toBe("C1 | replaced: C1A 22 µF 450 V + C1B 22 µF 450 V");
  });

  it("prints markings by the model's rules, and leaves open what is not clear", () => {
    expect(printPart("25/25", "C14")).toBe("25/25");
    expect(printPart("16/450", "C1", { components: [{ designator: "C1", role: "reservoir", drawn: "" }] })).toBe(
      "16 µF 450 V",
    );
    expect(printPart("6V6GT", "V4", SHEET)).toBe("6V6GT");
  });
});

group("picking from the log", () => {
  const { settled } = settle([
    entry(1, note("first")),
    entry(2, symptom("hum")),
    entry(3, note("second")),
    amend(4, idOf(3), withdraw()),
  ]);

  it("takes the entries of a kind that stand", () => {
    expect(ofKind(settled, "note").map(({ content }) => content.payload.text)).toEqual(["first"]);
    expect(ofKind(settled, "hand-back")).toEqual([]);
  });

  it("takes what had happened up to a moment, that moment included", () => {
    expect(upTo(settled, atOf(0))).toHaveLength(0);
    expect(upTo(settled, atOf(2))).toHaveLength(2);
    expect(upTo(settled, atOf(99))).toHaveLength(3);
  });
});

group("the first hour on the tape", () => {
  const cold = (value: number, expected: object): string =>
    describe({
      kind: "reading",
      payload: {
        v: 1,
        phase: "cold",
        point: "x",
        quantity: "resistance",
        measured: { text: String(value), value },
        expected: { text: "", tolerance: 0.15, ...expected } as never,
      },
    }).text;
  it("says cold checks by their own rules", () => {
    expect(cold(61e3, { value: 10e3, rule: "at-least" })).toBe("61 kΩ, at least 10 kΩ");
    expect(cold(2.3, { value: 14, rule: "cold-heater" })).toBe("2.3 Ω, cold (14 Ω hot)");
    expect(cold(1e12, { value: 1800, rule: "winding" })).toBe("open, expected 1.8 kΩ");
    expect(cold(20.6, { value: 21, rule: "winding" })).toBe("20.6 Ω, expected 21 Ω (−1.9 %)");
  });
  it("says a set-up in one line, and what was not noted", () => {
    const payload = { v: 1, phase: "baseline", name: "as found", checked: [] } as const;
    const full = {
      ...payload,
      checked: ["load"],
      instrument: { name: "Grey analogue", ohmsPerVolt: 20e3 },
      lineVolts: 231,
      lineHz: 50,
      signal: "none",
    };
    expect(describe({ kind: "setup", payload: full })).toEqual({
      subject: "Set-up “as found”",
      text: "Grey analogue (20 kΩ/V), line 231 V 50 Hz, signal none, 1 looked at",
    });
    expect(describe({ kind: "setup", payload: { ...payload, checked: [] } }).text).toBe("meter not noted");
  });
  it("says a step of a power-up with its verdict, and why it was a stop", () => {
    const payload = {
      v: 1,
      method: "variac",
      stage: "rectifier-in",
      fraction: 0.75,
      amps: { text: "0.24", value: 0.24 },
      endAmps: { text: "0.31", value: 0.31 },
      held: 95,
      seen: [],
      expected: { fullVolts: 230, fullAmps: 0.33 },
    } as const;
    const line = describe({ kind: "power-step", payload: { ...payload, seen: [] } });
    expect(line.subject).toBe("Rectifier in, 75 %");
    expect(line.verdict).toBe("bad");
    expect(line.text).toBe(
      "240 mA, then 310 mA, held 95 s. Stop: The current grew from 240 mA to 310 mA during the hold.",
    );
  });
  it("says a line of the make-safe list, measured or wrong", () => {
    const payload = { v: 1, list: "make-safe", key: "lead", text: "Mains lead sound" } as const;
    expect(describe({ kind: "check", payload: { ...payload, state: "trouble", remark: "cracked" } })).toEqual({
      subject: "Make safe",
      text: "Mains lead sound: wrong (cracked)",
      verdict: "bad",
    });
  });
});
