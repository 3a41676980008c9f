import sharp from "sharp";
import { describe, expect, it } from "vitest";
import type { Content } from "@/core/kinds";
import { proposeNet } from "@/core/circuit";
import type { Panel } from "@/core/drawing";
import { AMPLIFIER, entry, note, replace, symptom, voltage, work } from "@/core/fixtures";
import { reportDocument } from "./document";
import { inputOf, longLog } from "./fixtures";
import { renderReport } from "./render";

/** Every text of a document, in order. */
function texts(node: unknown): string[] {
  if (typeof node === "string") return [node];
  if (Array.isArray(node)) return node.flatMap(texts);
  if (typeof node !== "object" || node === null) return [];
  const { text, stack, columns, table, qr, svg } = node as Record<string, unknown>;
  const body = (table as { body?: unknown } | undefined)?.body;
  const drawn = typeof svg === "string" ? [...svg.matchAll(/<text[^>]*>([^<]*)</g)].map((match) => match[1] ?? "") : [];
  return [
    ...texts(text),
    ...texts(stack),
    ...texts(columns),
    ...texts(body),
    ...(qr ? [`QR ${String(qr)}`] : []),
    ...drawn,
  ];
}
const said = (kind: "owner" | "bench" | "card", contents: Content[]) =>
  texts(
    reportDocument(
      inputOf(
        kind,
        contents.map((content, index) => entry(index + 1, content)),
      ),
    ).content,
  ).join("\n");

const TAKE_IN: Content = {
  kind: "take-in",
  payload: { v: 1, complaint: "hums", policy: "original", wants: "to play again", received: [], missing: [] },
};
const MOD: Content = {
  kind: "modification",
  payload: {
    v: 1,
    name: "Audio outlet",
    state: "fitted",
    what: "a socket at the back",
    needs: [],
    parts: [],
    taps: [],
    chassis: "none",
    steps: [],
    verify: ["level at the outlet"],
    recalibrate: [],
    reversible: true,
    undo: "take it out",
    instructions: "into a line input",
  },
};
const OUT: Content = {
  kind: "hand-back",
  payload: {
    v: 1,
    summary: "Capacitor renewed, plays",
    oldParts: "returned",
    warrantyMonths: 6,
    nextService: "2029-11-01",
    watch: "the dial lamp",
  },
};
const test = (phase: "baseline" | "prove", condition: string, value: number): Content => ({
  kind: "test-result",
  payload: {
    v: 1,
    phase,
    test: "output",
    condition,
    measured: { text: String(value), value },
    unit: "W",
    nominal: { text: "50", value: 50 },
    sense: "at-least",
  },
});

describe("the report for the owner", () => {
  it("says what was wrong, what was done, how to use it, and what it comes to", () => {
    const text = said("owner", [
      TAKE_IN,
      symptom("hum"),
      replace("C14", "47n/630"),
      { kind: "labour", payload: { v: 1, step: "fix", minutes: 60 } },
      MOD,
      OUT,
    ]);
    for (const words of [
      "Hums.",
      "You asked for: to play again.",
      "Capacitor renewed, plays",
      "How to use it: into a line input",
      "It can be put back: take it out",
      "Watch: the dial lamp",
      "Old parts: returned in a bag.",
      "Warranty on this work: 6 months.",
      "Next service: 1 Nov 2029.",
      "54.45 EUR",
    ])
      expect(text).toContain(words);
  });

  it("draws tests under three conditions or more as bars, with their limit", () => {
    const bands = ["80 m", "40 m", "20 m"];
    const text = said("owner", [
      ...bands.map((band) => test("baseline", band, 40)),
      ...bands.map((band) => test("prove", band, 60)),
    ]);
    expect(text).toContain("output, before and after");
    expect(text.match(/^before$/gm)).toHaveLength(1);
    expect(text).toContain("output at 80 m\n≥ 50 W\n40 W\n60 W\nmended");
  });

  it("can be made of a visit where nothing was done yet", () => expect(said("owner", [])).toContain("Nothing yet."));
});

describe("the report for the bench", () => {
  it("has the log with who said it, what is open, and the seal", () => {
    const text = said("bench", [
      TAKE_IN,
      symptom("hum"),
      work(["R7"], "left", { why: "within tolerance" }),
      note("x", { open: true }),
      MOD,
    ]);
    for (const words of [
      "The log of this visit",
      "Wren",
      "R7 left: within tolerance.",
      "Audio outlet: level at the outlet.",
      "Modifications of this set",
      "The logbook had 5 entries",
      "0".repeat(64),
    ])
      expect(text).toContain(words);
  });
});

describe("the card for inside the cabinet", () => {
  it("says what the set is, what can hurt, what was modified, and where its file is", () => {
    const text = said("card", [TAKE_IN, MOD, OUT]);
    for (const words of [
      "Halvane 537",
      "stays after unplugging",
      "Audio outlet. into a line input To put it back: take it out.",
      "QR http://127.0.0.1/sets/1",
      "Next service: 1 Nov 2029.",
    ])
      expect(text).toContain(words);
  });

  it("stays one page, however long the history", async () => {
    const many = Array.from({ length: 60 }, (_, index) =>
      entry(index + 1, work([`C${index + 1}`], "left", { why: "x".repeat(300) })),
    );
    const pdf = (await renderReport(inputOf("card", many))).toString("latin1");
    expect(pdf.match(/\/Type \/Page\b/g)).toHaveLength(1);
  });
});

it("makes a report of 3,000 entries, and tells how far it is", async () => {
  const shares: number[] = [];
  const pdf = (await renderReport(inputOf("bench", longLog(3000)), (share) => shares.push(share))).toString("latin1");
  expect(pdf.match(/\/Type \/Page\b/g)?.length).toBeGreaterThan(60);
  expect(shares.length).toBeGreaterThan(10);
  expect([...shares].sort((a, b) => a - b)).toEqual(shares);
}, 120_000);

describe("runs of test sheets in a report", () => {
  const SHEET_KEY = "response";
  const row = (phase: "baseline" | "prove", hertz: number, volts: number, extra: object = {}): Content =>
    ({
      kind: "measured-row",
      payload: {
        v: 1,
        phase,
        sheet: { key: SHEET_KEY, version: 1, name: "Audio response" },
        at: [
          {
            key: "frequency",
            name: "Frequency",
            word: "f",
            quantity: "frequency",
            unit: "Hz",
            text: `${hertz} Hz`,
            value: hertz,
          },
        ],
        cells: [
          {
            key: "volts",
            name: "Output volts",
            word: "v",
            quantity: "ac-voltage",
            unit: "V",
            text: String(volts),
            value: volts,
          },
        ],
        given: [
          {
            key: "tone",
            name: "Tone capacitor",
            word: "tone",
            quantity: "capacitance",
            unit: "nF",
            text: phase === "prove" ? "22 nF" : "47 nF",
            value: 1e-9 * (phase === "prove" ? 22 : 47),
          },
        ],
        worked: [
          { key: "level-db", name: "Level", by: "voltage-decibels", from: { volts: "volts", against: "@volts" } },
        ],
        limits: [{ column: "volts", sense: "at-least", text: "0.5 V", value: 0.5 }],
        preflight: [],
        ...extra,
      },
    }) as Content;
  // The rows of a run follow its first one.
  const of = (run: number) => ({ run: entry(run, note("x")).id });
  const before = [
    row("baseline", 400, 1),
    row("baseline", 4000, 0.4, of(1)),
    row("baseline", 9000, 9, { ...of(1), void: "clipped" }),
  ];

  it("stand before and after with their change, their curve as vectors and what differs in the set-up", () => {
    for (const kind of ["owner", "bench"] as const) {
      const text = said(kind, [...before, row("prove", 400, 1), row("prove", 4000, 0.8, of(4))]);
      expect(text).toContain("Audio response, before and after");
      expect(text).toContain("The set-up differs: Tone capacitor: 47 nF before, 22 nF now.");
      // 20·log(0.8/0.4) = 6.0 dB.
      expect(text).toContain("400 → 800 mV AC\n+6.0 dB");
      expect(text).toContain("before\n");
    }
  });
  it("stand alone with what is missed and what is void", () => {
    const text = said("bench", before);
    expect(text).toContain("400 mV AC\nunder 0.5 V");
    expect(text).toContain("9000 Hz\nvoid: clipped");
    expect(text).toContain("−8.0 dB");
  });
  it("are made into a PDF", async () => {
    const pdf = await renderReport(
      inputOf(
        "owner",
        before.map((content, index) => entry(index + 1, content)),
      ),
    );
    expect(Buffer.from(pdf).subarray(0, 5).toString()).toBe("%PDF-");
  });
});

describe("an alignment in a report", () => {
  const aligned = (adjust: string, before: number, after: number, eighths: number): Content => ({
    kind: "aligned",
    payload: {
      v: 1,
      ...{ group: "IF", adjust, hertz: 465e3, aim: "maximum", outcome: "moved", eighths, preflight: [] },
      before: { text: `${before} V`, value: before, scale: "V" },
      after: { text: `${after} V`, value: after, scale: "V" },
    },
  });
  it("stands step by step, each round with what it brought", () => {
    for (const kind of ["owner", "bench"] as const) {
      const text = said(kind, [aligned("T2 top", 0.3, 0.6, 2), aligned("T2 top", 0.6, 0.63, -1)]);
      expect(text).toContain("T2 top");
      expect(text).toContain("465 kHz");
      // 20·log 2 = 6.0 dB, 20·log 1.05 = 0.4 dB.
      expect(text).toContain("1: 1/4 in, +6.0 dB; 2: 1/8 out, +0.4 dB");
    }
  });
});

describe("the picture of a model in the report for the bench", () => {
  it("has its parts where they sit, by the state of each, and is set as a page", async () => {
    const photo = await sharp({ create: { width: 80, height: 50, channels: 3, background: "#d8c7a0" } })
      .jpeg()
      .toBuffer();
    const input = inputOf("bench", [entry(1, replace("C14", "47n/630"))]);
    const pins = [
      { view: "top" as const, name: "C14", x: 0.5, y: 0.5 },
      { view: "top" as const, name: "T2 top", x: 0.9, y: 0.2 },
    ];
    const withPins = {
      ...input,
      model: { ...input.model, sheet: { ...input.model.sheet, pins } },
      pictures: [{ view: "top" as const, width: 80, height: 50, content: photo.toString("base64") }],
    };
    const document = JSON.stringify(reportDocument(withPins));
    expect(document).toContain("Where the parts sit");
    expect(document).toContain("data:image/jpeg;base64,");
    expect(document).toContain(">C14</text>");
    const pdf = (await renderReport(withPins)).toString("latin1");
    expect(pdf.startsWith("%PDF-")).toBe(true);
    // The photo is an image of the file, not left out.
    expect(pdf).toContain("/Subtype /Image");
  });
});

describe("the circuit in the report for the bench", () => {
  it("is drawn with the volts that were read last and the state of its parts", async () => {
    const contents = [voltage("V1 plate", 60, 130), voltage("V1 plate", 131, 130), replace("R3", "47k")];
    const net = proposeNet(AMPLIFIER).rows.map(({ reason: _, ...row }) => row);
    const panel: Panel = {
      id: "V1",
      title: "V1 6J5, first audio",
      width: 400,
      height: 200,
      shapes: [
        { kind: "symbol", symbol: "resistor", x: 100, y: 60, lying: false, part: "R3" },
        { kind: "part", x: 120, y: 90, anchor: "start", part: "R3", lines: ["R3", "47k"] },
        { kind: "node", x: 90, y: 110, anchor: "end", node: "V1.plate", below: false },
        { kind: "rail", x: 100, y: 180, node: "gnd", up: false },
      ],
    };
    const input = inputOf(
      "bench",
      contents.map((content, index) => entry(index + 1, content)),
    );
    const drawn = {
      ...input,
      model: { ...input.model, sheet: { ...AMPLIFIER, net } },
      drawing: { panels: [panel], left: [] },
    };
    const words = texts(reportDocument(drawn).content);
    expect(words).toContain("■ R3");
    expect(words).toContain("● read 131 V");
    expect(words.some((one) => /^net 1\d\d V$/.test(one))).toBe(true);
    expect(words.join()).not.toContain("read 60 V");
    expect((await renderReport(drawn)).toString("latin1").startsWith("%PDF-")).toBe(true);
  });
});
