import { describe as group, expect, it } from "vitest";
import { FULL } from "../fixtures";
import type { Content, ContentKind } from "./entries";
import { changeOf, csvRowOf, describe, designatorsIn, partsTaken, standsIn } from "./words";

/**
 * What the shop reads of each kind of entry when every field is filled: on the tape, in the tables of a set's file, in the
 * service record, and in the stock.
 */
const sample = (kind: ContentKind, at: number): Content => {
  const payload = FULL[kind][at];
  if (!payload) throw new Error(`${kind} ${at}`);
  return { kind, payload } as Content;
};

group("on the tape", () => {
  const SAYS: readonly (readonly [kind: ContentKind, at: number, line: string, verdict: string])[] = [
    ["take-in", 0, "Take in | fades; then hums", ""],
    ["note", 0, "Note for the record | washer found inside", ""],
    ["note", 1, "Settled | both leads are new", ""],
    ["check", 0, "Make safe | Measured: 300 mV by the meter (twice)", "good"],
    ["check", 1, "Before it goes out | The fuse as it stood then: wrong (T 2 A)", "bad"],
    [
      "power-step",
      0,
      "Series lamp, 50 % | 115 V, 150 mA, then 140 mA, B+ 120 V, heaters 3.1 V, rectifier 2.5 V, lamp dim, held 2 min, a little warm. Stop: Seen: a smell of burning.",
      "bad",
    ],
    ["symptom", 0, "Symptom changed | hum only when cold", ""],
    [
      "reading",
      0,
      "V4 plate | 248 V ac at 229 V line, at least 240 V, range 250 V, by the instrument itself, after ten minutes",
      "good",
    ],
    ["reading", 1, "R7 | 612 kΩ, expected 470 kΩ (+30 %), in circuit, noisy at 40 °C", "bad"],
    ["test-result", 0, "Test | output at 80 m 62 W / 50 W. Meets its limit: 24 % above the limit.", "good"],
    ["test-result", 1, "V4 | gm at 250 V 3700 µS / 4100 µS. 90 % of nominal.", "good"],
    [
      "aligned",
      0,
      "Align C14 top | MW oscillator: 3/8 in, 0.8 V → 1.2 V, +3.5 dB, loudest at 1.502 MHz, at the end of its travel, in the cabinet, after the second round; warm",
      "",
    ],
    ["aligned", 1, "Align C14 | IF: skipped: the wax is not to be broken; museum", ""],
    [
      "measured-row",
      0,
      "Transmitter per band | 80 m, CW, low: Drive 6 W, Output 62 W, Seen plates dark; out of sight, Gain 10.1 dB. Void: wrong socket. after ten minutes; warm",
      "",
    ],
    [
      "component-test",
      0,
      "C14 | 52 nF, ESR 2.1 Ω, tan δ 0.02, leaks 8.5 µA at 85 V, out, warm; from the chassis. 10 MΩ of leakage lifts the grid of V4 by 4.04 V, 32 % of its 12.5 V bias. 52 nF is +4 %. tan δ 0.02, limit 0.02.",
      "bad",
    ],
    [
      "tube-test",
      0,
      "V4 | 6V6GT, no shorts, a trace of gas, gm 3700 / 4100 µS, on bench tester; 250 V, slow to warm. A trace of gas: not where the grid leak is large. 90 % of nominal.",
      "watch",
    ],
    [
      "tube-test",
      1,
      "V3 | shorted h-k, g1-g2. Shorted: replace. It is not tested further, and never put back into a set.",
      "bad",
    ],
    ["fault-test", 0, "Search | C14 as it was called then: it is bad, not to be relied on (only once)", ""],
    ["finding", 0, "Found | leaks; mended: C14 replaced; shown gone", ""],
    ["finding", 1, "Reopened | leaks; mended: C14 replaced; hum is still there", ""],
    ["confirmed", 0, "Confirmed | 2 entries of an apprentice (looked at both)", "good"],
    ["holds", 0, "Still holds | the switch is not in its path", ""],
    ["loan", 0, "On loan | spare board, at AF socket, from the test box", ""],
    ["loan", 1, "Taken out again | spare board as it was called, at AF socket", ""],
    [
      "modification",
      0,
      "Modification fitted | Audio outlet: a socket at the volume control; J901 phono socket + R901 10 kΩ 0.5 W; uses an existing hole; reversible; fitted on the bench",
      "",
    ],
    ["tick", 0, "Step | the bottom plate, as the step stood: six screws; 6 out, 6 back in", ""],
    ["tick", 1, "Prerequisite | a spare hole: does not apply; no panel; no hole", ""],
    ["soak", 0, "Soak | started, for 4.5 h, at 229 V, on the shelf", ""],
    ["plan-line", 0, "Plan, C14 | keep: new in 2019", ""],
    ["plan-line", 1, "Plan, C14 | replace with 22 nF: chosen by ear", ""],
    [
      "part-work",
      0,
      "C14 | restuffed: 50 nF 400 V → 47 nF 630 V from the owner (leaky at 85 V, measured 52 nF): it leaks",
      "",
    ],
    ["part-work", 1, "C1 | replaced: 2 × 16 µF 450 V → C1A 22 µF 450 V + C1B 22 µF 450 V", ""],
    [
      "place-work",
      0,
      "Tuning drive | cleaned and lubricated (gummed up; poor → good; with damping grease): it jumps back; the ball drive is dry",
      "",
    ],
    ["place-work", 1, "V3 socket | left: sound enough", ""],
    ["sent-back", 0, "Sent back to the supplier | AF board (JP00001A7): one is fitted already", ""],
    ["step", 0, "Baseline | passed without: it does not power up", ""],
    [
      "setup",
      0,
      "Set-up “as found” | Grey analogue (20 kΩ/V), line 231.3 V 50 Hz tap 230 V, load loudspeaker, signal none, controls volume full, 2 looked at",
      "",
    ],
    ["labour", 0, "Labour | Make safe: 46 min, looking", ""],
    [
      "estimate",
      0,
      "Estimate | 310 EUR to 360 EUR: 4 h of labour, parts 18.50 EUR, travel 20 EUR, reserve 30 EUR, deposit 100 EUR, tubes not counted",
      "",
    ],
    ["approval", 0, "Approved | up to 340 EUR by Marguerite Osei, letter, by return", ""],
    ["told", 0, "Told | Marguerite Osei that it is ready, letter, comes on Friday", ""],
    ["collected", 0, "Collected | by Marguerite Osei, with her neighbour", ""],
    ["warranty", 0, "Under warranty | of job 1102: the same capacitor", ""],
    ["promised", 0, "Promised | for 2026-12-04 to Marguerite Osei, phone, after noon", ""],
    ["hand-back", 0, "Hand back | plays; all bands", ""],
    [
      "unknown",
      0,
      "“hologram” | This entry cannot be shown: It has no payload. It is kept as it came; withdraw it, and write it anew if it is needed.",
      "",
    ],
  ];
  it.each(SAYS)("%s %i: %s", (kind, at, line, verdict) => {
    const said = describe(sample(kind, at));
    expect(`${said.subject} | ${said.text}`).toBe(line);
    expect(said.verdict ?? "").toBe(verdict);
  });

  it("has a line for every sample that there is", () => {
    const counted = Object.values(FULL).reduce((sum, payloads) => sum + payloads.length, 0);
    expect(SAYS).toHaveLength(counted);
  });
});

group("in the tables of a set's file", () => {
  const ROWS: readonly (readonly [kind: ContentKind, at: number, table: string, cells: string])[] = [
    [
      "reading",
      0,
      "readings",
      "prove | V4 plate | 248 V ac | 248 | voltage | 240 V | good | 229.37 | Grey analogue | 250 V",
    ],
    ["reading", 1, "readings", "check | R7 | 612k | 612000 | resistance | 470 kΩ | high |  |  | "],
    ["test-result", 0, "tests", "prove |  | output | 80 m | 62 | W | 50 | at-least | good | dummy load"],
    ["test-result", 1, "tests", "check | V4 | gm | 250 V | 3700 | µS | 4100 | share | good | bench tester"],
    [
      "measured-row",
      0,
      "measured",
      "baseline | Transmitter per band | 1 | 80 m, CW, low | Drive 6 W; Output 62 W; Seen plates dark; out of sight | Gain 10.1 dB | Tubes in the final 2 |  | wrong socket",
    ],
    [
      "component-test",
      0,
      "tests",
      " | C14 | component | out | 52 nF; ESR 2.1 Ω; tan δ 0.02; leaks 8.5 µA at 85 V |  | 50 nF |  | bad | warm; from the chassis",
    ],
    ["tube-test", 0, "tests", "baseline | V4 | gm |  | 3700 | µS | 4100 | share | watch | bench tester; 250 V"],
    ["tube-test", 1, "tests", "check | V3 | shorts |  | found |  |  | share | bad | "],
  ];
  it.each(ROWS)("%s %i: a row of %s", (kind, at, table, cells) => {
    const row = csvRowOf(sample(kind, at));
    expect(row).toMatchObject({ table });
    expect(row === "none" ? "" : Object.values(row.cells).join(" | ")).toBe(cells);
  });

  it("nothing else has a row", () => {
    const measured = new Set(ROWS.map(([kind]) => kind));
    for (const kind of Object.keys(FULL) as ContentKind[])
      if (!measured.has(kind)) expect(csvRowOf(sample(kind, 0)), kind).toBe("none");
  });
});

group("in the service record", () => {
  const STANDS: Partial<Record<ContentKind, readonly string[]>> = {
    note: ["notes"],
    "power-step": ["first-power"],
    symptom: ["search"],
    "test-result": ["tests"],
    "component-test": ["tests", "search"],
    "tube-test": ["tests"],
    "fault-test": ["search"],
    finding: ["search"],
    "part-work": ["parts"],
    "place-work": ["parts"],
    "sent-back": ["notes"],
    labour: ["labour"],
  };
  const SECTIONS = ["parts", "first-power", "tests", "search", "labour", "notes"] as const;
  it.each(Object.keys(FULL) as ContentKind[])("%s", (kind) =>
    expect(SECTIONS.filter((section) => standsIn(section, sample(kind, 0)))).toEqual(STANDS[kind] ?? []),
  );

  it("a resistance of a part is a finding of the search, a voltage at a point is none", () => {
    expect(standsIn("search", sample("reading", 1))).toBe(true);
    expect(standsIn("search", sample("reading", 0))).toBe(false);
  });
});

group("in the stock", () => {
  it.each<[ContentKind, number, string[]]>([
    ["modification", 0, ["J901 phono socket JP00001A7", "R901 10k 0.5W"]],
    ["part-work", 0, ["C14 0.047/630 JP00001A7"]],
    ["part-work", 1, ["C1A 22µ/450", "C1B 22µ/450 JP00001A7"]],
    ["place-work", 0, ["damping grease JP00001A7"]],
    ["sent-back", 0, ["AF board JP00001A7"]],
  ])("%s %i takes %j", (kind, at, parts) =>
    expect(
      partsTaken(sample(kind, at)).map((part) =>
        [part.designator, part.text, part.stock?.code].filter(Boolean).join(" "),
      ),
    ).toEqual(parts),
  );

  it("nothing else takes a part", () => {
    const takers: ContentKind[] = ["modification", "part-work", "place-work", "sent-back"];
    for (const kind of Object.keys(FULL) as ContentKind[])
      if (!takers.includes(kind)) expect(partsTaken(sample(kind, 0)), kind).toEqual([]);
  });
});

group("in the set", () => {
  it.each<[ContentKind, number, string]>([
    ["modification", 0, "Audio outlet was fitted"],
    ["part-work", 0, "C14 was restuffed"],
    ["part-work", 1, "C1 was replaced"],
    ["place-work", 0, "tuning drive was cleaned and lubricated"],
  ])("%s %i: %s", (kind, at, change) => expect(changeOf(sample(kind, at))).toBe(change));

  it("nothing is changed by what is left as it is, measured, told or planned", () => {
    expect(changeOf(sample("place-work", 1))).toBeUndefined();
    for (const kind of ["reading", "note", "plan-line", "estimate", "told", "symptom"] as const)
      expect(changeOf(sample(kind, 0)), kind).toBeUndefined();
  });

  it("every part that stands in place of another is spoken of", () => {
    expect([...new Set(designatorsIn(sample("part-work", 1)))]).toEqual(["C1", "C1A", "C1B"]);
    expect(designatorsIn(sample("modification", 0))).toEqual(["J901", "R901"]);
  });
});
