import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { answering, switchedOn, type Device, type Powered } from "./device";
import { eventBit } from "./errors";
import { matches, patternOf } from "./header";
import { readMessage } from "./message";
import { scaleOf } from "./suffix";
import { blockText, numberIn, numberText, onOff, OVERLOAD } from "./values";

/** A generator of one setting, enough to hold the rules of IEEE 488.2 and SCPI-1999 against. */
type State = { hertz: number; on: boolean };
const DEVICE: Device<State> = {
  identity: "Jumelle,Test,0,1",
  initial: { hertz: 1000, on: false },
  commands: [
    {
      header: "[SOURce]:FREQuency[:CW]",
      takes: [1, 1],
      run: (state, [parameter]) => {
        const read = numberIn(parameter, "HZ", { least: 10, most: 1e6, usual: 1000 });
        return "error" in read ? read : { state: { ...state, hertz: read.value } };
      },
    },
    { header: "[SOURce]:FREQuency[:CW]?", run: (state) => ({ state, answer: numberText(state.hertz) }) },
    {
      header: "OUTPut<n>[:STATe]",
      takes: [1, 1],
      run: (state, [parameter], [output]) => {
        const read = onOff(parameter);
        if ("error" in read) return read;
        return output === 1 ? { state: { ...state, on: read.value } } : { error: -222 };
      },
    },
    { header: "OUTPut<n>[:STATe]?", run: (state) => ({ state, answer: state.on ? "1" : "0" }) },
  ],
};
const speak = answering(DEVICE);

/** Says lines one after the other. @returns the instrument then, and every answer */
function said(...lines: string[]): { now: Powered<State>; answers: (string | undefined)[] } {
  let now = switchedOn(DEVICE);
  const answers = lines.map((line) => {
    const done = speak(now, line);
    now = done.now;
    return done.answer;
  });
  return { now, answers };
}
const last = (...lines: string[]) => said(...lines).answers.at(-1);

describe("a header", () => {
  it.each([
    ["FREQ?", true],
    ["frequency?", true],
    ["SOUR:FREQ:CW?", true],
    ["SOURCE:FREQUENCY?", true],
    [":FREQ?", true],
    ["FREQU?", false],
    ["FRE?", false],
    ["FREQ:CW:CW?", false],
    ["SOUR?", false],
  ])("%s", (header, known) => {
    const [unit] = readMessage(header).units;
    const found = matches(patternOf("[SOURce]:FREQuency[:CW]?"), unit?.path ?? [], true);
    expect(found !== undefined).toBe(known);
  });

  it("has a number where it may have one, 1 where none is written", () => {
    expect(matches(patternOf("OUTPut<n>[:STATe]"), ["OUTP2"], false)).toEqual([2]);
    expect(matches(patternOf("OUTPut<n>[:STATe]"), ["output", "stat"], false)).toEqual([1]);
    expect(matches(patternOf("FREQuency"), ["FREQ2"], false)).toBeUndefined();
  });
});

describe("a message", () => {
  it("goes on from the path of the unit before; a colon begins at the root, a common command changes nothing", () => {
    const paths = (line: string) => readMessage(line).units.map(({ path }) => path.join(":"));
    expect(paths("SOUR:FREQ 1E3;VOLT 2")).toEqual(["SOUR:FREQ", "SOUR:VOLT"]);
    expect(paths("SOUR:FREQ 1E3;:VOLT 2")).toEqual(["SOUR:FREQ", "VOLT"]);
    expect(paths("SOUR:FREQ 1E3;*CLS;VOLT 2")).toEqual(["SOUR:FREQ", "*CLS", "SOUR:VOLT"]);
  });

  it("has numbers in every form, words, texts with their quotes, and blocks with anything in them", () => {
    const parameters = (text: string) => readMessage(`X ${text}`).units[0]?.parameters;
    expect(parameters("1.5, -.5E-3, 2 kHz, #HFF, #B101")).toEqual([
      { kind: "number", value: 1.5, suffix: "" },
      { kind: "number", value: -0.0005, suffix: "" },
      { kind: "number", value: 2, suffix: "KHZ" },
      { kind: "number", value: 255, suffix: "" },
      { kind: "number", value: 5, suffix: "" },
    ]);
    expect(parameters(`"he said ""B+; now"", so", on`)).toEqual([
      { kind: "string", text: 'he said "B+; now", so' },
      { kind: "word", text: "ON" },
    ]);
    expect(parameters("#15a;b,c,1")).toEqual([
      { kind: "block", text: "a;b,c" },
      { kind: "number", value: 1, suffix: "" },
    ]);
  });

  it.each([
    ["X 1,", -109],
    ['X "open', -151],
    ["X #29", -161],
    ["X 1.2.3", -120],
    ["X @", -101],
    ["1X", -102],
    ["FREQ&", -102],
  ])("%s is refused by its number", (line, number) => {
    expect(readMessage(line).error?.number).toBe(number);
  });

  it("knows that M is milli, and mega before HZ and OHM", () => {
    expect(scaleOf("MV", "V")).toBe(1e-3);
    expect(scaleOf("MHZ", "HZ")).toBe(1e6);
    expect(scaleOf("MAHZ", "HZ")).toBe(1e6);
    expect(scaleOf("MOHM", "OHM")).toBe(1e6);
    expect(scaleOf("KV", "HZ")).toBeUndefined();
  });
});

describe("an instrument by IEEE 488.2 and SCPI-1999", () => {
  it("says who it is, tests itself, and has completed what it was told", () => {
    expect(last("*IDN?")?.split(",")).toHaveLength(4);
    expect(last("*TST?")).toBe("0");
    expect(last("*OPC?")).toBe("1");
    expect(last("SYST:VERS?")).toBe("1999.0");
  });

  it("has the power-on bit set once, and reading the event status clears it", () => {
    expect(said("*ESR?", "*ESR?").answers).toEqual(["128", "0"]);
  });

  it("takes settings with units, MIN and MAX, and goes back by *RST", () => {
    expect(last("FREQ 2.5 kHz;:FREQ?")).toBe("+2.500000E+03");
    expect(last("FREQ MAX;FREQ?")).toBe("+1.000000E+06");
    expect(last("FREQ 5 kHz", "*RST;FREQ?")).toBe("+1.000000E+03");
    expect(last("OUTP ON;:OUTP1:STAT?")).toBe("1");
  });

  it.each([
    ["FREQUENZ 1", '-113,"Undefined header;FREQUENZ"', 32],
    ["FREQ", '-109,"Missing parameter;FREQ"', 32],
    ["FREQ 1,2", '-108,"Parameter not allowed;FREQ"', 32],
    ["FREQ 1 V", '-131,"Invalid suffix;FREQ"', 32],
    ["FREQ 1E9", '-222,"Data out of range;FREQ"', 16],
    ['FREQ "1"', '-104,"Data type error;FREQ"', 32],
    ["OUTP MAYBE", '-224,"Illegal parameter value;OUTP"', 16],
    ["*ESE 256", '-222,"Data out of range;*ESE"', 16],
  ])("%s stands in the queue by its number and sets its bit", (line, text, bit) => {
    const { answers } = said("*CLS", line, "*ESR?", "SYST:ERR?", "SYST:ERR?");
    expect(answers.slice(2)).toEqual([String(bit), text, '0,"No error"']);
  });

  it("does what stands before an error, and nothing behind it; the setting is kept", () => {
    const { now, answers } = said("FREQ 2 kHz;NONSENSE;FREQ 3 kHz", "FREQ?");
    expect(answers[1]).toBe("+2.000000E+03");
    expect(now.status.errors).toHaveLength(1);
  });

  it("keeps the first twenty errors and says that there were more", () => {
    const lines = Array.from({ length: 30 }, () => "NONSENSE");
    const { now, answers } = said(...lines, "SYST:ERR:COUN?");
    expect(answers.at(-1)).toBe("20");
    expect(now.status.errors.at(-1)?.number).toBe(-350);
    expect(last(...lines, "*CLS", "SYST:ERR:COUN?")).toBe("0");
  });

  it("sums its status byte up from queue, message, events and service request, each behind its mask", () => {
    // Power-on bit masked in, error queue empty: event summary alone.
    expect(last("*ESE 128;*STB?")).toBe("32");
    expect(last("*ESE 128;*SRE 32;*STB?")).toBe("96");
    expect(last("*CLS;*STB?")).toBe("0");
    expect(last("*CLS", "NONSENSE", "*STB?")).toBe("4");
    // An answer is waiting already.
    expect(last("*CLS;*IDN?;*STB?")?.endsWith(";16")).toBe(true);
    // The service request bit itself cannot be masked in.
    expect(last("*SRE 255;*SRE?")).toBe("191");
    expect(last("*CLS;*OPC;*ESR?")).toBe("1");
  });

  it("answers several questions in one line between semicolons", () => {
    expect(last("FREQ?;*OPC?;:OUTP?")).toBe("+1.000000E+03;1;0");
  });

  it("bears 10,000 lines of any signs: it neither falls nor hangs, and every one that is wrong is told", () => {
    const sign = fc.constantFrom(...'FREQ?*:; ,"#019.ekHz+-\\\u0000\u00e9');
    const line = fc.oneof(
      fc.string({ maxLength: 60 }),
      fc.array(sign, { maxLength: 40 }).map((all) => all.join("")),
    );
    let now = switchedOn(DEVICE);
    fc.assert(
      fc.property(line, (text) => {
        const before = now.status.errors.length;
        const parsed = readMessage(text);
        const done = speak(now, text);
        if (parsed.error) expect(done.now.status.esr & eventBit(parsed.error.number)).not.toBe(0);
        expect(done.now.status.errors.length).toBeLessThanOrEqual(Math.max(before + 1, 20));
        now = { ...done.now, status: { ...done.now.status, errors: [] } };
      }),
      { numRuns: 10_000 },
    );
    expect(speak(now, "*RST;FREQ?").answer).toBe("+1.000000E+03");
  });

  it("writes numbers that read as what they were, and overload as the standard has it", () => {
    expect(numberText(OVERLOAD)).toBe("+9.900000E+37");
    expect(numberText(Number.NaN)).toBe("+9.910000E+37");
    fc.assert(
      fc.property(fc.double({ min: -1e9, max: 1e9, noNaN: true }), (value) => {
        expect(numberText(value)).toMatch(/^[+-]\d\.\d{6}E[+-]\d\d$/);
        expect(Math.abs(Number(numberText(value)) - value)).toBeLessThanOrEqual(Math.abs(value) * 1e-6 + 1e-98);
      }),
    );
    expect(blockText(new Uint8Array([65, 66, 67]))).toBe("#13ABC");
  });
});
