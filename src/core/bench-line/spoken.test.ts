import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { lineContext, parseCorrection, parseLine } from ".";
import { settle, writeLine, type Content } from "../kinds";
import { atOf, entry, SHEET, VISIT } from "../fixtures";
import type { Sheet } from "../model";

/** Lines as technicians say them, in other words than those of the help sheet. */

const volts = (point: string, expected: number) => ({ point, quantity: "voltage" as const, expected, withLine: false });
const sheet: Sheet = {
  ...SHEET,
  tubes: [
    { position: "V1", type: "6K7", work: "IF" },
    { position: "V4", type: "6V6", work: "output" },
  ],
  windings: [
    { winding: "T1 primary", from: "1", to: "4", ohms: 21 },
    { winding: "T1 HT", from: "a", to: "centre", ohms: 138 },
    { winding: "T1 HT", from: "centre", to: "b", ohms: 145 },
    { winding: "T2 output primary", from: "plate", to: "C2", ohms: 330 },
    { winding: "L1 choke", from: "C1", to: "C2", ohms: 400 },
  ],
  points: [
    volts("B+", 250),
    volts("V4 plate", 245),
    volts("V4 cathode", 12.5),
    volts("V1 screen", 95),
    { point: "Heaters", quantity: "voltage", expected: 6.3 },
    { point: "Line current", quantity: "current", expected: 0.32 },
  ],
};
const SAFE: Content = {
  kind: "step",
  payload: { v: 1, step: "make-safe", state: "overridden", reason: "done by eye" },
};
const context = lineContext(
  {
    sheet,
    year: 1937,
    settled: settle([entry(1, SAFE)]).settled,
    visitId: VISIT,
    now: atOf(999),
  },
  undefined,
  "baseline",
);
const read = (line: string) => parseLine(line, context);
/** The line as the log would write it; a question's answers. */
function understood(line: string): string | string[] {
  const result = read(line);
  if (result.kind === "question" || (result.kind === "not-understood" && result.choices))
    return (result.choices ?? []).flatMap(({ text, then = [] }) => [text, ...then]);
  if (result.kind === "draft" && result.draft.type === "content") return writeLine(result.draft.content);
  throw new Error(`${line}: ${JSON.stringify(result)}`);
}

describe("a point by another name", () => {
  it.each([
    ["V4 k 12.1", "V4 cathode 12.1 baseline"],
    ["V4 a 240", "V4 plate 240 baseline"],
    ["V4 anode 240", "V4 plate 240 baseline"],
    ["V1 g2 92", "V1 screen 92 baseline"],
    ["plate of V4 240", "V4 plate 240 baseline"],
    ["cathode on V4 12.1", "V4 cathode 12.1 baseline"],
    ["V5 p 151V", "V5 plate 151V baseline"],
    ["Q1 c 6.2", "Q1 collector 6.2 baseline"],
    ["pin 3 of V2 210", "V2 pin 3 210 baseline"],
    ["V2/3 210", "V2 pin 3 210 baseline"],
    ["heater of V1 6.2 V", "V1 heater 6.2 V baseline"],
    ["filaments 6.2", "Heaters 6.2 baseline"],
    ["HT 255", "B+ 255 baseline"],
    ["B plus 255", "B+ 255 baseline"],
    ["HT to ground 180k", "B+ to chassis 180k cold"],
    ["B+ to B- 180k", "B+ to B- 180k cold"],
    ["B+ to B- open", "B+ to B- open cold"],
    ["HT to chassis inf", "B+ to chassis inf cold"],
    ["T2 primary O.L", "T2 output primary, plate to C2 O.L cold"],
    ["mains 0.28 A", "Line current 0.28 A baseline"],
    ["draws 62 W", "line power 62 W baseline"],
    ["T1 primary 22", "T1 primary, 1 to 4 22 cold"],
    ["T2 primary open", "T2 output primary, plate to C2 open cold"],
    ["output transformer primary 331 ohms", "T2 output primary, plate to C2 331 ohms cold"],
    // Where a test's name is only a part of the point's.
    ["output tube plate 240 V", "V4 plate 240 V baseline"],
    ["output cathode 12.1", "V4 cathode 12.1 baseline"],
    ["IF stage screen 92", "V1 screen 92 baseline"],
    ["driver plate 190 V", "driver plate 190 V baseline"],
    ["B+ voltage 255", "B+ 255 baseline"],
    ["heater volts 6.2", "Heaters 6.2 baseline"],
    ["filament voltage 6.2", "Heaters 6.2 baseline"],
    ["screen voltage of V1 92", "V1 screen 92 baseline"],
    ["V4 plate volts 240", "V4 plate 240 baseline"],
    ["grid current 3 mA on 20 m", "grid current 3 mA baseline: on 20 m"],
    ["B+ after choke 240 V", "B+ after choke 240 V baseline"],
    ["T1 primary to chassis 200 Mohm", "T1 primary to chassis 200 Mohm cold"],
    ["T3 secondary 310 ohm", "T3 secondary 310 ohm cold"],
    // Volts are none of a winding's row.
    ["HT secondary 300 V AC", "HT secondary 300 V AC baseline"],
  ])("%s", (line, written) => expect(understood(line)).toBe(written));

  it("that two rows go by is asked, and each answer reads", () => {
    expect(understood("HT secondary 140")).toEqual(["T1 HT, a to centre 140", "T1 HT, centre to b 140"]);
    for (const answer of understood("T1 HT 140")) expect(read(answer).kind).toBe("draft");
  });

  it.each([
    ["V4 cathode 12.5 ok", "V4 cathode 12.5 baseline: ok"],
    ["B+ 248 V at 117 V line", "B+ 248 V @ 117 V baseline"],
    ["B+ 248 V at 230V mains", "B+ 248 V @ 230 V baseline"],
    ["B+ 248 V at 117 V", ["B+ 248 V @ 117", "B+ 248 V: at 117 V", "note B+ 248 V at 117 V"]],
    [
      "V4 plate 47 (should be 245)",
      ["V4 plate 47 for 245", "V4 plate 47: should be 245", "note V4 plate 47 (should be 245)"],
    ],
    ["V4 plate nothing", ["V4 plate 0 V", "? V4 plate nothing", "todo V4 plate nothing", "note V4 plate nothing"]],
  ])("with words behind it, or words alone: %s", (line, said) => expect(understood(line)).toEqual(said));

  it.each([
    ["V4 g2 = 251 V", "V4 screen 251 V baseline"],
    ["V4 plate = 240", "V4 plate 240 baseline"],
    ["HT = 255", "B+ 255 baseline"],
    ["resistance B+ to ground 22 kilohms", "B+ to chassis 22 kilohms cold"],
    ["voltage at V4 plate 240", "V4 plate 240 baseline"],
    ["ripple on B+ 1.2Vrms", "B+ ripple 1.2Vrms baseline"],
    ["ripple 3 Vac on B+", "B+ ripple 3 Vac baseline"],
    ["V4 grid positive 2 V", "V4 grid 2 V baseline: positive"],
    ["V4 grid 2 V", "V4 grid 2 V baseline"],
    ["V4 grid 2 251", "V4 screen 251 baseline"],
    ["V4 grid negative 8 V", "V4 grid -8 V baseline"],
    ["B+ 248 V=", "B+ 248 V baseline"],
    ["heaters 6.3 V~", "Heaters 6.3 V ac baseline"],
    ["V1 screen low 60", "V1 screen 60 baseline: low"],
    ["line 231 V", "line voltage 231 V baseline"],
    ["current draw 210 mA", "Line current 210 mA baseline"],
    ["V4 grid bias -12 V", "V4 grid -12 V baseline"],
    ["V4 plate: 240 V", "V4 plate 240 V baseline"],
    ["IF2 = 110.2 kHz", "second IF 110.2 kHz baseline"],
    ["IF 1 peaked at 1650 kHz", "first IF 1650 kHz baseline"],
    ["V1 screen 95 with 100 mV at the antenna", "V1 screen 95 baseline: with 100 mV at the antenna"],
    ["B+ 248 with 1000 V probe", "B+ 248 with 1000 V probe baseline"],
    ["mains draw 0.3 A", "Line current 0.3 A baseline"],
  ])("with more words or signs than it needs: %s", (line, written) => expect(understood(line)).toBe(written));

  it.each([
    "new bulb 6.3 V",
    "B+ drops to 180 V",
    "IF aligned to 455 kHz",
    "need 6V6",
    "took the chassis out",
    "ran 3 hours, no fault",
    "soaked 2 h without fault",
    "brought up to 230 V",
    "added fuse 500 mA T in the primary",
    "oscillator trimmer at 1500 kHz",
  ])("is no sentence: %s", (line) => expect(understood(line)).toContain(`note ${line}`));

  it.each(["HT", "V4 anode", "hum", "new fuse"])("%s stays what it was when its reading is corrected", (point) => {
    const before: Content = {
      kind: "reading",
      payload: { v: 1, phase: "baseline", point, quantity: "voltage", measured: { text: "3 V", value: 3 } },
    };
    expect(parseCorrection(`${point} 4 V baseline`, before, context)).toMatchObject({
      draft: { content: { kind: "reading", payload: { point, measured: { value: 4 } } } },
    });
  });

  it("is no other name where no figure follows", () => {
    expect(understood("heaters glow brightly")).toContain("? heaters glow brightly");
  });
});

describe("a part", () => {
  it.each([
    ["R7 470k measured 612k", "R7 470k = 612k"],
    ["R7 reads open", "R7 470k = open"],
    ["C14 leak 5 µA at 200 V", "measure C14; leak 5 µA at 200 V; out"],
    ["C14 leakage 5 µA 200 V", "measure C14; leak 5 µA at 200 V; out"],
    ["C1 esr 12", "measure C1; esr 12; out"],
    ["C1 16uF 450V esr 12 ohms", "measure C1; esr 12 ohms; out; note marked 16uF 450V"],
    ["V4 6V6 weak -> 6V6GT", "V4 6V6 weak -> 6V6GT"],
    ["C14 replaced with 47n/630", "C14 -> 47n/630"],
    ["R7 470k burnt, changed for a 470k 1W", "R7 470k burnt -> 470k 1W"],
    ["R7 new 470k 1W", "R7 -> 470k 1W"],
    ["replaced C14 by 47n/630", "C14 -> 47n/630"],
    ["changed V4 to 6V6GT", "V4 -> 6V6GT"],
    ["measured R7 at 612k", "R7 470k = 612k"],
    ["C14 0.05 µF/400V leaking 20 µA @ 200 V", "measure C14; leak 20 µA at 200 V; out; note marked 0.05 µF/400V"],
    ["C1 esr 0.8 in circuit", "measure C1; esr 0.8; in circuit"],
    ["R7 1.5 kohm => 1.5 kohm", "R7 1.5 kohm -> 1.5 kohm"],
    ["V4 shorts none gas none gm 3700/4100 µS", "tube V4 shorts none; gas none; gm 3700/4100 µS"],
    ["removed C14: it shorts", "C14 removed: it shorts"],
    ["C1 swollen -> 10u/450V 105C", "C1 swollen -> 10u/450V 105C"],
  ])("%s", (line, written) => expect(understood(line)).toBe(written));

  it.each([
    ["C14 and R7 cleaned", "C14+R7 cleaned"],
    ["C14, R7 & R9 left: within tolerance", "C14+R7+R9 left: within tolerance"],
    ["C14 R7 reflowed", "C14+R7 reflowed"],
    ["cleaned C14 and R7", "C14+R7 cleaned"],
    ["cleaned C14+R7: green spots", "C14+R7 cleaned: green spots"],
  ])("stands with others where the same was done to all of them: %s", (line, written) =>
    expect(understood(line)).toBe(written),
  );

  it.each([
    ["C14 and C1 -> 47n/630", "C14+C1 -> C14 47n/630 + C1 47n/630", "C14+C1 -> 47n/630"],
    ["C14, C1 -> 47n/630", "C14+C1 -> C14 47n/630 + C1 47n/630", "C14+C1 -> 47n/630"],
    [
      "C14 & C1 .05/400 leaky -> 47n/630: both old in bag",
      "C14+C1 .05/400 leaky -> C14 47n/630 + C1 47n/630: both old in bag",
      "C14+C1 .05/400 leaky -> 47n/630: both old in bag",
    ],
    ["replaced C14 and C1 with film 47n", "C14+C1 -> C14 film 47n + C1 film 47n", "C14+C1 -> film 47n"],
  ])("stands with others that get a new part: one at each, or one in place of all? %s", (line, each, all) => {
    const asked = read(line);
    expect(asked).toMatchObject({ kind: "question", choices: [{ text: each }, { text: all }] });
    expect(read(each)).toMatchObject({
      draft: {
        content: { payload: { designators: ["C14", "C1"], now: [{ designator: "C14" }, { designator: "C1" }] } },
      },
    });
    expect(read(all)).toMatchObject({
      draft: { content: { payload: { designators: ["C14", "C1"], now: [{ designator: "C14" }] } } },
    });
  });

  it("that the set lacks is asked about where it stands behind another one, and is no word", () => {
    for (const line of ["C14 and C99 cleaned", "C14, C99 -> 47n/630"])
      expect([line, JSON.stringify(read(line))]).toEqual([line, expect.stringMatching(/C99/)]);
    expect(read("C14 and C99 cleaned")).toMatchObject({ kind: "question", question: expect.stringContaining("C99") });
    // A tube's type behind it is no part.
    expect(read("V4, EL84 weak -> 6V6GT").kind).not.toBe("not-understood");
  });

  it("has a figure of its own: what was measured on several is not taken for one of them", () => {
    for (const line of ["R7+R9 = 470k", "R7, R9 470k = 612k", "R7 and R9 470k = 612k"])
      expect([line, read(line)]).toMatchObject([
        line,
        {
          kind: "not-understood",
          message: expect.stringMatching(/^\w+, \w+: a figure or a fault belongs to one part/),
        },
      ]);
    for (const line of ["C14 and C1 esr 2", "C14+C1 leak 2 µA at 100 V", "V4+V5 gm 4000/4100"])
      expect([line, read(line).kind]).not.toEqual([line, "draft"]);
  });

  it("is named in every answer that is offered for several", () => {
    const asked = read("C14, R7 and R9 leaky");
    expect(asked).toMatchObject({ kind: "question" });
    if (asked.kind !== "question") return;
    expect(asked.choices.length).toBeGreaterThan(0);
    for (const { text } of asked.choices) expect(text).toMatch(/C14\+R7\+R9/);
  });

  it("that a tube's type stands before: it was there, and the words behind it were found", () => {
    expect(read("V4 6V6 weak -> 6V6GT")).toMatchObject({
      draft: { content: { payload: { was: "6V6", found: "weak", now: [{ text: "6V6GT" }] } } },
    });
  });

  it.each([
    ["R7 open", ["R7 = open", "found R7: open", "todo R7 open", "note R7 open"]],
    ["R7 ok", ["R7 left: ok", "note R7 ok"]],
    ["R7 470k", ["R7 = 470k", "R7 -> 470k", "note R7 470k"]],
    ["C14 .05/400", ["C14 -> .05/400", "note C14 .05/400"]],
    ["V4 shorted", ["tube V4 shorts found", "found V4: shorted", "todo V4 shorted", "note V4 shorted"]],
    ["V4 gm 2900", ["V4 gm 2900/4100 µS", "found V4: gm 2900", "todo V4 gm 2900", "note V4 gm 2900"]],
    ["V4 62 %", ["V4 emission 62/100 %", "note V4 62 %"]],
    ["R7! resoldered at the lug", ["R7! repaired: resoldered at the lug", "note R7 resoldered at the lug"]],
    ["R7 470k now 612k", ["R7 470k = 612k", "R7 470k -> 612k", "note R7 470k now 612k"]],
    ["C14 changed to 47n", ["C14 = 47n", "C14 -> 47n", "note C14 changed to 47n"]],
    [
      "V4 tested as new 95%",
      ["V4 emission 95/100 %", "found V4: tested as new 95%", "todo V4 tested as new 95%", "note V4 tested as new 95%"],
    ],
    ["C14 replaced", ["C14 replaced -> .05/400"]],
    ["C14 new", ["C14 -> .05/400", "note C14 new"]],
  ])("whose state is told, and not what was done, is asked about: %s", (line, answers) => {
    expect(understood(line)).toEqual(answers);
    for (const answer of answers.filter((one) => !one.startsWith("found"))) expect(read(answer).kind).toBe("draft");
  });
});

it("a sentence that begins like a test of the search is asked about", () => {
  expect(understood("works now")).toEqual(["? works now", "todo works now", "note works now"]);
});

it("a counter's digits are shown as they were typed", () => {
  expect(read("crystal oscillator 10.0012 MHz")).toMatchObject({ line: { text: "10.0012 MHz" } });
});

describe("a part in other words", () => {
  it.each([
    ["R7 up to 612k", "R7 470k = 612k"],
    ["R7 went high, 612k", "R7 470k = 612k"],
    ["R7 has drifted to 612k", "R7 470k = 612k"],
    ["R7 is 612k", "R7 470k = 612k"],
    ["R7 470k drifted to 612k", "R7 470k = 612k"],
    ["R7 is 612k, should be 470k", "R7 470k = 612k"],
    ["R7 612k instead of 470k", "R7 470k = 612k"],
    ["R7 is open", "R7 470k = open"],
    ["C14 low 35n", "C14 .05/400 = 35n"],
    ["fitted a 6V6GT in V4", "V4 -> 6V6GT"],
    ["put 47n/630 in C14", "C14 -> 47n/630"],
    ["new C14 .047 uF 630V", "C14 -> .047 uF 630V"],
    ["V4 replaced by NOS 6V6GT", "V4 -> 6V6GT NOS"],
    ["V4 replaced with solid state", "V4 -> solid state"],
    ["6V6 weak -> 6V6GT", "V4 weak -> 6V6GT"],
    ["6v6 replaced with 6V6GT", "V4 -> 6V6GT"],
    ["V4 replaced with a used 6V6", "V4 -> 6V6 used"],
    ["V1 emission 68%", "V1 emission 68/100 %"],
    ["V1 tests weak 40 of 100", "V1 emission 40/100"],
    ["R7 cooked, 47k 5 W fitted", "R7 cooked -> 47k 5 W"],
    ["R7 470k 1W from owner", "R7 -> 470k 1W from owner"],
    ["plate resistor R7 = 612k", "R7 470k = 612k"],
    ["the output tube V4 replaced with 6V6GT", "V4 -> 6V6GT"],
    ["coupling capacitor C14 leaks, 2 µA at 250 V", "measure C14; leak 2 µA at 250 V; out"],
    ["V1 tested at 85/100", "V1 emission 85/100"],
  ])("%s", (line, written) => expect(understood(line)).toBe(written));

  it.each([
    ["V4 swapped", ["V4 swapped -> 6V6"]],
    ["R7 replaced 470k 1W", ["R7 -> 470k 1W", "R7 replaced 470k 1W -> 470k"]],
  ])("%s asks what went in", (line, answers) => expect(understood(line)).toEqual(answers));
});

describe("a test of the set", () => {
  it.each([
    ["S9 = 50 µV", "test S-meter at S9 50 µV"],
    ["audio 1.8W into 4 ohm", "test audio output 1.8 W into 4 ohm"],
    ["55W out on 40 m", "test output at 40 m 55 W"],
    ["RF out 40 m 55 W", "test output at 40 m 55 W"],
    ["40m = 55W", "test output at 40m 55 W"],
    ["mod 95% on peaks", "test modulation 95 % on peaks"],
    ["drift 300 Hz in 10 min", "test drift at 10 min 300 Hz"],
    ["temperature of T1 62 C", "test T1 temperature 62 °C"],
    ["T1 gets 62 °C", "test T1 temperature 62 °C"],
    ["T1 62 C", "test T1 temperature 62 °C"],
    ["hum 3 mV", "test hum 3 mV"],
    ["3 W at 5 % distortion", "test output at 5 % distortion 3 W"],
    ["T1 62 C after 1 h", "test T1 temperature at 1 h 62 °C"],
    ["AM 1.4 microvolt max 2", "test AM 1.4 µV max 2"],
    ["power output 3.1 W", "test power output 3.1 W"],
    ["80m 62 W", "test output at 80m 62 W"],
    ["power 62 W on 80 m", "test output at 80 m 62 W"],
    ["MDS -130 dBm", "test MDS -130 dBm"],
    ["S/N 10 dB at 5 µV", "test S/N at 5 µV 10 dB"],
    ["distortion 4% at 1 W", "test distortion at 1 W 4 %"],
    ["test sensitivity 35 µV at 1 MHz for 50 mW max 50", "test sensitivity at 1 MHz, 50 mW 35 µV max 50"],
    ["output 62 W into 50 ohm min 50", "test output 62 W min 50 into 50 ohm"],
    ["output 62 W min 50 on high power, dummy load", "test output at high power 62 W min 50 on dummy load"],
  ])("%s", (line, written) => {
    expect(understood(line)).toBe(written);
    expect(understood(written)).toBe(written);
  });
});

describe("a test on a band or in a mode", () => {
  it.each([
    ["SSB output 80 W PEP", "test output at SSB PEP 80 W"],
    ["PEP 80 W on 80 m", "test output at PEP 80 m 80 W"],
    ["CW output 95 watts", "test output at CW 95 W"],
    ["40 m: 58 watts", "test output at 40 m 58 W"],
    ["sensitivity MW 30 uV", "test sensitivity at MW 30 µV"],
    ["SW1 sensitivity: 12 uV max 20", "test sensitivity at SW1 12 µV max 20"],
    ["FM sensitivity 3 uV for 26 dB", "test sensitivity at FM, 26 dB 3 µV"],
    ["hum on AM 4 mV", "test hum at AM 4 mV"],
    ["hum 4 mV with volume down", "test hum at volume down 4 mV"],
  ])("%s", (line, written) => expect(understood(line)).toBe(written));

  it.each(["IF 455 kHz peaked", "SW 9.5 MHz dead", "FM 98 MHz"])("%s: what was there is asked", (line) => {
    const answers = understood(line);
    expect(answers).toContain(`note ${line}`);
    expect(answers).toContain(`? ${line}`);
    for (const answer of answers) expect(read(answer).kind).toBe("draft");
  });
});

describe("what went in, told in another order", () => {
  it.each([
    ["C1 replaced: 22uF 450V", "C1 -> 22uF 450V"],
    ["new 6V6 in V4", "V4 -> 6V6"],
    ["put a new 6V6GT in V4: noisy", "V4 -> 6V6GT: noisy"],
    ["V4 6V6GT fitted, NOS", "V4 -> 6V6GT: NOS"],
    ["resoldered R7", "R7 reflowed"],
    ["R7 was resoldered", "R7 reflowed"],
    ["cabinet polished with wax", "cabinet cleaned; with wax"],
    ["cabinet polished", "cabinet cleaned; with polish"],
    ["dial cord slipping, restrung", "dial cord slipping, repaired"],
  ])("%s", (line, written) => expect(understood(line)).toBe(written));
  it("a fault alone is asked, whatever its verb", () =>
    expect(understood("C14 was open")).toContain("found C14: open"));
});

describe("work on a place", () => {
  it.each([
    ["speaker cone repaired with tissue", "speaker cone repaired; with tissue"],
    [
      "tuning drive washed in alcohol and oiled with damping oil",
      "tuning drive cleaned and lubricated; with alcohol; with damping oil",
    ],
    ["pilot lamp blown -> 6.3V 0.15A", "pilot lamp blown, replaced; with 6.3V 0.15A"],
    ["selenium rectifier -> 1N4007 + 33 ohm 5W", "selenium rectifier replaced; with 1N4007 + 33 ohm 5W"],
    ["cabinet lacquered", "cabinet painted; with lacquer"],
    ["cleaned the volume control", "volume control cleaned"],
    ["oiled tuning drive with damping oil", "tuning drive lubricated; with damping oil"],
    ["new dial cord fitted", "dial cord replaced"],
    ["new fuse 1 A slow", "fuse replaced; with 1 A slow"],
    ["volume control scratchy, cleaned", "volume control scratchy, cleaned"],
  ])("%s", (line, written) => expect(understood(line)).toBe(written));

  it.each([
    ["cleaned the volume pot with contact cleaner", "volume pot cleaned; with contact cleaner"],
    ["lubricated tuning shaft", "tuning shaft lubricated"],
    ["fitted 3-core mains lead", "mains lead replaced; with 3-core mains lead"],
    ["fitted fuse 1 A slow", "fuse replaced; with 1 A slow"],
  ])("may begin with what was done: %s", (line, written) => expect(understood(line)).toBe(written));

  it("is none where the word stands behind a colon", () =>
    expect(understood("cabinet: scratches on the left side")).toContain("note cabinet: scratches on the left side"));

  it("drops no word that stands behind what was done: what it is is asked", () => {
    expect(understood("dial cord replaced, too loose before")).toEqual([
      "dial cord replaced; with too loose before",
      "dial cord too loose before, replaced",
      "dial cord replaced: too loose before",
      "note dial cord replaced, too loose before",
    ]);
  });

  it("keeps every word, whatever is typed", () => {
    const word = fc.constantFrom("twice", "worn", "with", "and", "grease", "by", "hand", "cleaned", "then", "soft");
    fc.assert(
      fc.property(fc.array(word, { maxLength: 6 }), (words) => {
        const said = understood(`dial cord cleaned ${words.join(" ")}`.trim());
        for (const text of typeof said === "string" ? [said] : said)
          for (const one of words.filter((some) => !["with", "and", "by", "then"].includes(some)))
            expect(text).toContain(one);
      }),
    );
  });
});

describe("time and waiting", () => {
  it.each([
    ["labour 1h30 alignment", "labour baseline 90 min: alignment"],
    ["spent 1 h on recapping", "labour baseline 60 min: recapping"],
    ["labour fix 45 minutes for the dial", "labour fix 45 min: the dial"],
    ["waiting for the owner: new cloth or old?", "wait owner new cloth or old?"],
    ["waiting for glue to dry", "wait process glue to dry"],
  ])("%s", (line, written) => expect(understood(line)).toBe(written));

  it("that went into another step than the one in view stays there when it is corrected", () => {
    const before: Content = { kind: "labour", payload: { v: 1, step: "fix", minutes: 45 } };
    expect(parseCorrection("labour 50 min", before, context)).toMatchObject({
      draft: { content: { payload: { step: "fix", minutes: 50 } } },
    });
  });

  it.each([
    ["labour fix 1:30", 90],
    ["labour 1:05: recapping", 65],
    ["took 0:45", 45],
  ])("hours and minutes may have a colon between them: %s", (line, minutes) =>
    expect(read(line)).toMatchObject({ draft: { content: { payload: { minutes } } } }),
  );

  it("a small figure without a unit is asked about, and what was taken out is no time", () => {
    expect(understood("labour 1.5")).toEqual(["labour 1.5 h", "labour 1.5 min"]);
    expect(understood("labour fix 2 recapping")).toEqual(["labour fix 2 h recapping", "labour fix 2 min recapping"]);
    expect(read("labour 45")).toMatchObject({ draft: { content: { payload: { minutes: 45 } } } });
    expect(understood("took 2 tubes out")).toContain("note took 2 tubes out");
  });

  it("that says no kind of waiting is asked about", () => {
    expect(understood("waits for tube 6V6")).toEqual([
      "wait parts tube 6V6",
      "wait owner tube 6V6",
      "wait process tube 6V6",
    ]);
    expect(understood("45 min")).toEqual(["labour 45 min", "todo 45 min", "note 45 min"]);
  });
});

describe("a name that looks like a designator", () => {
  it("is asked about as the tube of that type", () => {
    const regulated = { ...sheet, tubes: [...(sheet.tubes ?? []), { position: "V9", type: "OA2", work: "regulator" }] };
    const line = lineContext(
      { sheet: regulated, year: 1953, settled: [], visitId: VISIT, now: atOf(999) },
      undefined,
      "baseline",
    );
    const result = parseLine("OA2 replaced", line);
    expect(result.kind === "question" && result.choices.map(({ text }) => text)).toContain("V9 replaced -> OA2");
  });

  it("is in the set where one of its windings has it", () => expect(understood("L1 hums")).toContain("note L1 hums"));
});

describe("several at once", () => {
  it.each([
    ["V4 plate 240, screen 250, cathode 12.5", ["V4 plate 240", "V4 screen 250", "V4 cathode 12.5"]],
    ["V4 a 240 g2 250 k 12.5", ["V4 a 240", "V4 g2 250", "V4 k 12.5"]],
    ["Q1 emitter 1.2, base 1.4, collector 6", ["Q1 emitter 1.2", "Q1 base 1.4", "Q1 collector 6"]],
    ["V1: plate = 250 V and cathode = 3 V", ["V1 plate 250 V", "V1 cathode 3 V"]],
    ["V4 pins 3 240 4 250 8 12.5", ["V4 pin 3 240", "V4 pin 4 250", "V4 pin 8 12.5"]],
    ["V4 3: 240, 4: 250", ["V4 pin 3 240", "V4 pin 4 250"]],
    ["T2 primary 330, secondary 0.4 ohms", ["T2 primary 330 ohms", "T2 secondary 0.4 ohms"]],
    ["tubes: 6K7 95, 6V6 62", ["V1 emission 95/100 %", "V4 emission 62/100 %"]],
    ["V1 95 %, V4 62 %", ["V1 emission 95/100 %", "V4 emission 62/100 %"]],
    ["emission V1 95 V4 62", ["V1 emission 95/100 %", "V4 emission 62/100 %"]],
    ["R7 612k, R9 560k", ["R7 = 612k", "R9 = 560k"]],
    ["80m 58 W, 40m 56, 20 m 50", ["test output at 80m 58 W", "test output at 40m 56 W", "test output at 20 m 50 W"]],
    ["mains 236 V, 0.19 A, 41 W", ["line current 0.19 A @ 236", "line power 41 W @ 236"]],
    ["230 V mains, 43 W", ["line power 43 W @ 230"]],
    ["mains 236 V, 0.19 A", ["line current 0.19 A @ 236"]],
    ["B+ 245, V4 cathode 12", ["B+ 245", "V4 cathode 12"]],
    ["C14 -> 47n/630; R7 -> 470k", ["C14 -> 47n/630", "R7 -> 470k"]],
    ["dial lamps replaced, dial glass cleaned", ["dial lamps replaced", "dial glass cleaned"]],
  ])("are offered one after the other: %s", (line, readings) => {
    expect(understood(line)).toEqual([...readings, `note ${line}`]);
    for (const one of readings) expect(read(one).kind).toBe("draft");
  });

  it.each([
    "C14 .05/400 leaky, replaced with 47n/630",
    "tuning drive gummed, cleaned and lubricated",
    "R7 470k = 612k, in circuit",
    "V4 plate 240, after an hour",
  ])("are no more than one where a part of the line is no entry by itself: %s", (line) => {
    const result = read(line);
    expect(result.kind === "question" && result.choices.some(({ then }) => then !== undefined)).toBe(false);
  });

  it("results on several bands are offered one by one", () => {
    expect(understood("80m 62W, 40 m: 58 W and 14.2 MHz 55 watts")).toEqual([
      "test output at 80m 62 W",
      "test output at 40 m 58 W",
      "test output at 14.2 MHz 55 W",
      "note 80m 62W, 40 m: 58 W and 14.2 MHz 55 watts",
    ]);
    expect(read("test output at 40 m 58 W")).toMatchObject({
      draft: { content: { payload: { test: "output", condition: "40 m", measured: { value: 58 } } } },
    });
  });

  it("tubes of one type are asked about", () => {
    const tubes = ["V2", "V3"].map((position) => ({ position, type: "6BA6", work: `IF ${position}` }));
    const line = lineContext(
      { sheet: { ...sheet, tubes }, year: 1953, settled: [], visitId: VISIT, now: atOf(999) },
      undefined,
      "baseline",
    );
    const result = parseLine("6BA6 weak -> 6BA6", line);
    expect(result.kind === "question" && result.choices.map(({ text }) => text)).toEqual([
      "V2 weak -> 6BA6",
      "V3 weak -> 6BA6",
    ]);
  });
});

describe("the figure first, or words between", () => {
  it.each([
    ["232 V at V4 plate", "V4 plate 232 V baseline"],
    ["245 on pin 3 of V4", "V4 pin 3 245 baseline"],
    ["262 V on the B+", "B+ 262 V baseline"],
    ["41 W at 230 V", "line power 41 W @ 230 V baseline"],
    ["0.32 A at 230 V", "Line current 0.32 A @ 230 V baseline"],
    ["V4 heater 6.1ac", "V4 heater 6.1 V ac baseline"],
    ["heater V4 6.1 ac", "V4 heater 6.1 V ac baseline"],
    ["V4 plate a bit low, 200 V", "V4 plate 200 V baseline: a bit low"],
    ["V4 plate current 32 mA", "V4 plate current 32 mA baseline"],
    ["V4 grid current 3 uA", "V4 grid current 3 uA baseline"],
    ["AGC line -4.1", "AGC line -4.1 baseline"],
    ["HV ripple 18 V", "HV ripple 18 V baseline"],
    ["25 uV at 1 MHz", "test sensitivity at 1 MHz 25 µV"],
    ["1 MHz 25 µV for 10 dB S/N", "test sensitivity at 1 MHz, 10 dB S/N 25 µV"],
    ["sensitivity 1 MHz 25 uV for 50 mW", "test sensitivity at 1 MHz, 50 mW 25 µV"],
    ["modulation 85 % 1 kHz", "test modulation at 1 kHz 85 %"],
    ["58 W on 80 meters", "test output at 80 meters 58 W"],
    ["drifts 1.2 kHz first half hour", "test drift at first half hour 1.2 kHz"],
    ["drift 300 Hz in the first 10 min", "test drift at first 10 min 300 Hz"],
    ["chirp 120 Hz", "test chirp 120 Hz"],
    ["changed R7: 470k 1W", "R7 -> 470k 1W"],
    ["C14 mica 250 pF ok, left", "C14 left: mica 250 pF ok"],
    ["C14 leaky, new 47n/630", "C14 leaky -> 47n/630"],
    ["R7 drifted to 612k, replaced with 470k 1W", "R7 = 612k -> 470k 1W"],
    ["R7 reads 530k out of circuit", "R7 470k = 530k lifted"],
    ["R7 530k (+13 %)", "R7 470k = 530k"],
    ["R7 at 530k, ok", "R7 470k = 530k ok"],
    ["V4 Ik 38 mA", "V4 cathode current 38 mA baseline"],
    ["Vk V4 13", "V4 cathode 13 baseline"],
    ["cathode of V4: 13 V", "V4 cathode 13 V baseline"],
    ["dial belt replaced", "dial belt replaced"],
    ["pilot lamp dead, new one 6.3V 0.15A", "pilot lamp dead, replaced; with 6.3V 0.15A"],
    ["line cord brittle, replaced with new 2m cord", "mains lead brittle, replaced; with new 2m cord"],
    ["owner approved 120 EUR by phone", "approved 120 EUR; by the owner; how phone"],
    ["estimate 120 EUR approved", "approved 120 EUR; by the owner; how phone"],
    ["B+ after 30 min 251", "B+ 251 baseline: after 30 min"],
    ["B+ = 251 V after 30 minutes", "B+ 251 V baseline: after 30 minutes"],
    ["V4 grid 0.2 V with C14 lifted", "V4 grid 0.2 V baseline: with C14 lifted"],
    ["plate V4 240", "V4 plate 240 baseline"],
    ["V4 plate voltage 240", "V4 plate 240 baseline"],
    ["V4 cath 12.5", "V4 cathode 12.5 baseline"],
    ["12.8 V across R14", "drop across R14 12.8 V baseline"],
    ["R14 drops 12.8 V", "drop across R14 12.8 V baseline"],
    ["dial lamp supply 6.2 ac", "dial lamp supply 6.2 V ac baseline"],
    ["T2 48C after one hour", "test T2 temperature at one hour 48 °C"],
    ["MW 1000 kHz 18 uV", "test sensitivity at MW 1000 kHz 18 µV"],
    ["V4 socket pin 4 loose, retensioned", "V4 socket pin 4 loose, adjusted"],
    ["worked 40 min on the dial", "labour baseline 40 min: the dial"],
    ["V4 heater-cathode short", "tube V4 shorts h-k"],
    ["V4 shorts grid to cathode", "tube V4 shorts g1-k"],
    ["R7 = 610k, was 470k", "R7 470k = 610k"],
    ["R7 has gone up to 610k, new 470k 1/2W", "R7 = 610k -> 470k 1/2W"],
    ["C14 fine, left", "C14 left: fine"],
    ["left C14, tests fine", "C14 left: tests fine"],
    ["C14 swapped for 22n 630", "C14 -> 22n 630"],
    ["restuffed C14 with 47n 630", "C14 restuffed -> 47n 630"],
    ["new dial lamps 6.3V 0.3A x2", "dial lamps replaced; with 6.3V 0.3A x2"],
    ["fitted new mains lead, 3 core", "mains lead replaced; with 3 core"],
    ["cleaned wave change switch contacts", "wave change switch contacts cleaned"],
    ["cleaned and lubed the dial drive", "dial drive cleaned and lubricated"],
    ["cabinet: veneer lifted on left, glued", "cabinet veneer lifted on left, glued"],
    ["C14 8uF = 11.2uF, esr 3", "measure C14 11.2uF; esr 3; out; note marked 8uF"],
  ])("%s", (line, written) => expect(understood(line)).toBe(written));

  it.each([
    ["B+ 12 V low", ["B+ 12 V: low", "B+ 238 V: 12 V low", "note B+ 12 V low"]],
    ["B+ 8 % high", ["B+ 270 V: 8 % high", "note B+ 8 % high"]],
    ["6V6 tests 92", expect.arrayContaining(["V4 emission 92/100 %"])],
    ["new V4", ["V4 -> 6V6", "note V4 new"]],
    ["R7+R9 replaced 220k", ["R7+R9 -> 220k"]],
    ["sheet says 330k for R7", expect.arrayContaining(["note sheet says 330k for R7"])],
    ["half an hour cleaning", ["labour 30 min cleaning", "todo half an hour cleaning", "note half an hour cleaning"]],
  ])("is asked about where it may mean two things: %s", (line, answers) => expect(understood(line)).toEqual(answers));

  it("is the reading where so great a difference cannot be", () =>
    expect(understood("B+ 180 V low")).toBe("B+ 180 V baseline: low"));

  it("alternates where it is ripple", () =>
    expect(read("HV ripple 18 V")).toMatchObject({ draft: { content: { payload: { quantity: "ac-voltage" } } } }));

  it("is a current where it flows at an electrode", () =>
    expect(read("V4 plate current 32 mA")).toMatchObject({ draft: { content: { payload: { quantity: "current" } } } }));

  it("may be kilohertz or kilohms", () =>
    expect(understood("crystal offset 3k")).toEqual([
      "crystal offset 3kHz",
      "crystal offset 3kΩ",
      "note crystal offset 3k",
    ]));

  it.each(["R7 burned open", "R7 o/c", "R7 blown open"])("can be no path at all: %s", (line) =>
    expect(understood(line)).toContain("R7 = open"),
  );

  it("where something was done is no material", () =>
    expect(understood("padder adjusted at 600 kHz")).not.toContain("padder adjusted; with at 600 kHz"));
});

describe("a figure that means another one", () => {
  it.each([
    ["B+ ripple 1.2 Vpp", "B+ ripple 0.346 V: 1.2 V peak to peak, a sawtooth", "B+ ripple", 0.346],
    ["ripple on B+ 40 mV p-p", "ripple on B+ 0.0115 V: 40 mV peak to peak, a sawtooth", "B+ ripple", 0.0115],
    ["B+ = 1.2 V pk-pk", "B+ ripple 0.346 V: 1.2 V peak to peak, a sawtooth", "B+ ripple", 0.346],
    [
      "V4 plate 12 V peak to peak at 1 kHz",
      "V4 plate 4.24 V ac: 12 V peak to peak, a sine, at 1 kHz",
      "V4 plate AC",
      4.24,
    ],
  ])("what a scope shows from peak to peak is offered in r.m.s.: %s", (line, first, point, volts) => {
    expect(understood(line)).toContain(first);
    expect(understood(line)).toHaveLength(3);
    expect(read(first)).toMatchObject({ draft: { content: { payload: { point, measured: { value: volts } } } } });
  });

  it.each(["V4 plate AC 4.2 V ac", "V4 plate AC 4.2 V", "V4 plate 4.2 V ac"])(
    "alternating volts are read as they are written: %s",
    (line) =>
      expect(read(line)).toMatchObject({
        draft: { content: { payload: { point: "V4 plate AC", quantity: "ac-voltage", measured: { value: 4.2 } } } },
      }),
  );

  it("peak to peak in a note or a remark stays there", () => {
    expect(understood("note ripple 1.2 Vpp")).toBe("note ripple 1.2 Vpp");
    expect(read("B+ 248 V: ripple 1.2 Vpp")).toMatchObject({ draft: { content: { payload: { point: "B+" } } } });
  });

  it.each([
    ["dial 7.000 reads 7.015", "test dial error -15 kHz at 7.015 MHz", "test dial error 15 kHz at 7 MHz"],
    ["dial at 600 comes in at 612", "test dial error -12 kHz at 612 kHz", "test dial error 12 kHz at 600 kHz"],
    [
      "14,2 MHz on the dial is 14,185 MHz",
      "test dial error 15 kHz at 14.185 MHz",
      "test dial error -15 kHz at 14.2 MHz",
    ],
  ])("a dial and a frequency are told apart: %s", (line, shown, real) => {
    expect(understood(line)).toEqual([shown, real, `note ${line}`]);
    expect(read(shown)).toMatchObject({ draft: { content: { payload: { test: "dial error", unit: "kHz" } } } });
  });

  it("a dial that is right has one answer beside the note", () =>
    expect(understood("dial 7.1 is 7.1")).toEqual(["test dial error 0 kHz at 7.1 MHz", "note dial 7.1 is 7.1"]));

  it("a dial with something else than two frequencies of one place is none", () => {
    for (const line of ["dial cord is 7 mm", "dial 7.0 is 14.0", "dial lamp is 6.3"])
      expect(understood(line)).not.toContainEqual(expect.stringContaining("dial error"));
  });

  it.each([
    ["C14 reformed to 600 V, leakage 0.5 mA", 600],
    ["C14 reformed up to 450 V and leaks 0.5mA", 450],
    ["C14 reformed, leakage 0.5 mA at 450 V", 450],
  ])("leakage after reforming was measured at that voltage: %s", (line, volts) =>
    expect(read(line)).toMatchObject({
      draft: {
        content: {
          kind: "component-test",
          payload: { designator: "C14", leakage: { value: 0.0005 }, atVolts: { value: volts }, remark: "reformed" },
        },
      },
    }),
  );

  it("a capacitor that was reformed was worked on, and why is kept as it was typed", () => {
    expect(understood("C14 reformed up to 450 V")).toBe("C14 repaired: reformed up to 450 V");
    expect(understood("R7 left: went up to 490k")).toBe("R7 left: went up to 490k");
    expect(understood("C14 leaky: replaced with 47n/630")).toBe("C14 leaky -> 47n/630");
  });
});

describe("a figure of a place", () => {
  it.each([
    ["fuse 1 A", ["fuse -> 1 A", "note fuse 1 A", "fuse current 1 A"]],
    ["fuse is 2 A T", ["fuse -> 2 A T", "note fuse is 2 A T"]],
    ["pilot lamp 6.3 V 0.15 A", ["pilot lamp -> 6.3 V 0.15 A", "note pilot lamp 6.3 V 0.15 A"]],
  ])("that is marked on it is no reading: %s", (line, choices) => expect(understood(line)).toEqual(choices));
});

describe("a second figure behind the name of a phase", () => {
  it("is not lost", () => {
    expect(understood("B+ 250 cold, 240 warm")).toEqual(["B+ 250 cold: 240 warm", "note B+ 250 cold, 240 warm"]);
    expect(read("B+ 250 cold: 240 warm")).toMatchObject({
      draft: { content: { payload: { phase: "cold", remark: "240 warm" } } },
    });
    expect(read("B+ 250 prove with scope")).toMatchObject({
      draft: { content: { payload: { phase: "prove", meter: "scope" } } },
    });
  });
});

describe("what went in at a place", () => {
  it.each([
    ["fuse 1 A T fitted", "fuse replaced; with 1 A T"],
    ["pilot lamp #47 was installed", "pilot lamp replaced; with #47"],
    ["new fuse 1 A fitted", "fuse replaced; with 1 A"],
    ["fuse was 5 A, fitted 1 A", "fuse 5 A, replaced; with 1 A"],
    ["mains lead had two cores, replaced by three-core", "mains lead two cores, replaced; with three-core"],
  ])("may stand before the word: %s", (line, written) => expect(understood(line)).toBe(written));

  it("is asked about where it is not said", () =>
    expect(understood("speaker fitted")).toContain("note speaker fitted"));
});

describe("a sentence about people", () => {
  it.each([
    "told the owner it takes two weeks",
    "told her about the transformer",
    "told Marguerite Osei that it will be late",
    "told owner to bring the cabinet",
  ])("that something else was told does not say that the set is ready: %s", (line) => {
    const [first] = understood(line);
    expect(first).toBe(`note ${line}`);
  });

  it.each([
    ["told the owner that it is ready", "told the owner; how phone"],
    ["told Marguerite Osei by letter", "told Marguerite Osei; how letter"],
    ["told the owner in person: ready", "told the owner; how in person"],
    ["told A. Brown", "told A. Brown; how phone"],
    ["told Will Osei and her son", "told Will Osei and her son; how phone"],
  ])("that the set is ready is read: %s", (line, written) =>
    expect([understood(line)].flat()).toContainEqual(expect.stringContaining(written)),
  );

  it.each(["collected two knobs from the owner", "collected parts at the post office"])(
    "parts that were collected are not the set: %s",
    (line) => expect(understood(line)).toEqual([`note ${line}`]),
  );

  it.each<Content>([
    { kind: "told", payload: { v: 1, to: "the office of the museum, ready", how: "letter" } },
    { kind: "collected", payload: { v: 1, by: "two of the museum" } },
  ])("a correction keeps the name that stands there: $kind", (before) => {
    const now = parseCorrection(`${writeLine(before)}; remark by train`, before, context);
    expect(now).toMatchObject({ draft: { content: { payload: { ...before.payload, remark: "by train" } } } });
  });

  it("who collected it, and when, are told apart", () =>
    expect(understood("collected by her son on Friday")).toEqual([
      "note collected by her son on Friday",
      "collected by her son; remark on Friday",
    ]));

  it("what is waited for needs no more words", () => {
    expect(read("waiting for parts")).toMatchObject({ draft: { content: { payload: { waits: "parts" } } } });
    expect(read("wait parts")).toMatchObject({ kind: "not-understood" });
    expect(read("wait parts")).not.toHaveProperty("choices");
  });

  it.each([
    "estimate is too low",
    "found nothing wrong",
    "found a loose wire on V3",
    "soak over night",
    "hand back the knobs to the owner",
    "promised to call back",
  ])("begins with a word of the line, and is kept: %s", (line) => expect(understood(line)).toContain(`note ${line}`));
});

describe("a tube with a number for its type", () => {
  const numbered = { ...sheet, tubes: [{ position: "V5", type: "80", work: "rectifier" }] };
  const line = lineContext(
    { sheet: numbered, year: 1931, settled: [], visitId: VISIT, now: atOf(999) },
    undefined,
    "baseline",
  );
  it("is meant where what follows is said of tubes", () =>
    expect(parseLine("80 weak -> 80", line)).toMatchObject({
      draft: { content: { payload: { designators: ["V5"] } } },
    }));
  it("is a figure elsewhere", () => {
    expect(parseLine("80 m: 62 W", line)).toMatchObject({ draft: { content: { kind: "test-result" } } });
    expect(parseLine("80 min cleaning", line)).toMatchObject({ kind: "question" });
  });
});

describe("a sentence that begins with a word of the line", () => {
  it.each([
    "power cord polarised again",
    "test the other tube first",
    "plan to refinish the cabinet",
    "check with the owner",
    "power meter reads 10% high",
    "mod bias set to 24 mA",
    "soak 2 h no trouble",
  ])("can be kept: %s", (line) => expect(understood(line)).toContain(`note ${line}`));
  it("is no reading with what was done as its remark", () =>
    expect(understood("audio outlet 600 ohm fitted")).toContain("note audio outlet 600 ohm fitted"));
});

describe("a symptom", () => {
  const hints = (line: string) => {
    const result = read(line);
    return result.kind === "draft" ? result.hints : [];
  };

  it("shows before Enter how the search reads it, and what it does not read", () =>
    expect(hints("? recieves nothing, hums at 100 Hz, the band scope is dead")).toEqual([
      "Read as: Listen for hum: hum at twice the line frequency; Listen: nothing.",
      "I did not read this: “the band scope is dead”. Find offers what it may mean.",
    ]));

  it("shows what was put right in its place", () =>
    expect(hints("? strange noises [noise noisy]")).toEqual(["Put right: Listen for crackle: crackles or hisses."]));

  it("that is gone needs no reading", () => expect(hints("gone: hum")).toEqual([]));
});

describe("words that only look like more of a line", () => {
  it.each([
    ["note supply: 12 V", "note supply: 12 V"],
    ["todo temperature of T1 62 C", "todo temperature of T1 62 C"],
  ])("stay in a note: %s", (line, written) => expect(understood(line)).toBe(written));

  it("are kept whole", () => {
    expect(understood("can V4 be used again")).toContain("note can V4 be used again");
    expect(understood("C14 is 47n/630")).toContain("note C14 is 47n/630");
    expect(JSON.stringify(read("R7 R9 fitted by the last owner"))).toContain("fitted by the last owner");
  });

  it("are no temperature where a rating stands", () =>
    expect(JSON.stringify(read("C14 105 C"))).not.toContain("temperature"));

  it("are no measured value", () => expect(read("R7 down 10 %").kind).toBe("question"));

  it("belong to a point's name", () =>
    expect(understood("voltage drop across R7 1.2 V")).toBe("voltage drop across R7 1.2 V baseline"));
});

it.each([
  `${"80m 62 ".repeat(240)}x`,
  `${"80m 62 ".repeat(240)}`,
  `V1 pins ${"3 232 ".repeat(300)}x`,
  `V1 ${"plate 1 ".repeat(200)}x`,
  `${"R7 612k, ".repeat(200)}x`,
  `${"V1 95 ".repeat(300)}x`,
  `${"6V6 92 ".repeat(250)}x`,
])("a long list is read without trying every way to take it apart: %s", (line) => expect(read(line)).toBeDefined());
