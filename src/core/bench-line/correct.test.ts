import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { CONTEXT, FULL, idOf, SAMPLES, SHEET, TAPE } from "../fixtures";
import { ALL_KINDS, contentSchema, writeLine, type Content, type ContentOf } from "../kinds";
import type { LineContext } from "../shorthand";
import { parseCorrection, parseLine, untouchedFields } from ".";

const onTape = (which: keyof typeof TAPE, content: Content) => ({ n: TAPE[which], id: idOf(TAPE[which]), content });
const [modification] = FULL.modification;
const { about: _about, ...firstModification } = modification ?? ({} as never);

/** A set whose stages follow from its tubes, with an entry of each kind that others refer to on the tape. */
const context: LineContext = {
  ...CONTEXT,
  sheet: {
    ...SHEET,
    tubes: [
      { position: "V1", type: "6K8", work: "mixer" },
      { position: "V2", type: "6K7", work: "IF" },
      { position: "V3", type: "6Q7", work: "detector and first audio" },
      { position: "V4", type: "6V6", work: "output" },
      { position: "V5", type: "5Y3", work: "rectifier" },
    ],
  },
  known: new Set(),
  tape: [
    onTape("symptom", { kind: "symptom", payload: { v: 1, what: "hum", state: "present" } }),
    onTape("note", { kind: "note", payload: { v: 1, text: "mains lead", open: true, closes: [] } }),
    onTape("other", { kind: "note", payload: { v: 1, text: "aerial lead", open: true, closes: [] } }),
    onTape("setup", { kind: "setup", payload: { v: 1, phase: "baseline", name: "as found", checked: [] } }),
    onTape("modification", { kind: "modification", payload: firstModification }),
    onTape("loan", { kind: "loan", payload: { v: 1, what: "spare board", state: "in" } }),
    onTape("finding", {
      kind: "finding",
      payload: {
        v: 1,
        fault: "output.coupling-leaky@C14",
        cause: "leaks",
        state: "found",
        evidence: [],
        work: [],
        gone: [],
      },
    }),
    onTape("result", { kind: "reading", payload: FULL.reading[1] as ContentOf<"reading">["payload"] }),
    onTape("test", {
      kind: "fault-test",
      payload: { v: 1, test: "check:C14", outcome: "bad", what: "C14", says: "bad" },
    }),
    onTape("check", { kind: "check", payload: FULL.check[1] as ContentOf<"check">["payload"] }),
    onTape("power", { kind: "power-step", payload: FULL["power-step"][0] as ContentOf<"power-step">["payload"] }),
  ],
};
const numberOf = (id: string) => context.tape.find((item) => item.id === id)?.n;
const lineOf = (content: Content) => writeLine(content, numberOf);

const correctedTo = (line: string, base: Content): Content => {
  const read = parseCorrection(line, base, context);
  if (read.kind !== "draft" || read.draft.type !== "content") throw new Error(`${line}: ${JSON.stringify(read)}`);
  return read.draft.content;
};

describe("samples of every kind", () => {
  it.each(Object.values(ALL_KINDS).map((kind) => [kind.kind, kind] as const))(
    "%s: every field is filled in one of them, and all of them fit",
    (name, kind) => {
      const payloads = (FULL as unknown as Record<string, Record<string, unknown>[]>)[name] ?? [];
      for (const payload of payloads)
        expect(contentSchema.safeParse({ kind: name, payload }).error?.issues ?? []).toEqual([]);
      for (const field of Object.keys(kind.fields))
        expect(
          payloads.some((payload) => payload[field] !== undefined),
          field,
        ).toBe(true);
    },
  );
});

describe("a correction", () => {
  const typable = SAMPLES.filter(({ kind }) => kind !== "unknown");

  it.each(typable.map((content) => [`${content.kind}: ${lineOf(content)}`, content] as const))(
    "that changes nothing leaves all of it: %s",
    (_name, content) => {
      // Its own line reads as its kind: without that there is nothing to correct through.
      const read = parseLine(lineOf(content), { ...context, base: content });
      expect(read).toMatchObject({ kind: "draft", draft: { content: { kind: content.kind } } });
      // A blank behind the line is an edit to the eye of the program, and none to the reader's.
      expect(correctedTo(`${lineOf(content)} `, content)).toEqual(content);
    },
  );

  it("of any words in a note, a symptom or a reason leaves the rest, whatever the words are", () => {
    const words = fc.array(
      fc.constantFrom("left", "leg", "12", "V", "C14", "->", "#3", "because", ";", ":", "=", "+"),
      {
        minLength: 1,
        maxLength: 6,
      },
    );
    fc.assert(
      fc.property(words, fc.constantFrom("note", "take-in", "labour", "part-work", "modification"), (list, kind) => {
        const text = `so ${list.join(" ")}`;
        const [payload] = FULL[kind as "note"] as unknown as [Record<string, unknown>];
        const field = {
          note: "text",
          "take-in": "complaint",
          labour: "what",
          "part-work": "why",
          modification: "what",
        }[kind];
        const content = { kind, payload: { ...payload, [field ?? ""]: text } } as unknown as Content;
        expect(correctedTo(`${lineOf(content)} `, content)).toEqual(content);
      }),
    );
  });

  it("of a modification's wording keeps its parts, stock, needs, steps, label and recipe", () => {
    const base = { kind: "modification", payload: modification } as ContentOf<"modification">;
    const line = lineOf(base).replace("a socket at the volume control", "a socket behind the volume control");
    expect(correctedTo(line, base)).toEqual({
      kind: "modification",
      payload: { ...modification, what: "a socket behind the volume control" },
    });
  });

  it("of one part's value keeps the label and note of the others, and those of its own place", () => {
    const base = { kind: "modification", payload: modification } as ContentOf<"modification">;
    const made = correctedTo(lineOf(base).replace("R901 10k 0.5W", "R901 12k 0.5W"), base);
    expect((made.payload as typeof modification)?.parts).toEqual([
      modification?.parts[0],
      { designator: "R901", text: "12k 0.5W" },
    ]);
    const can = { kind: "part-work", payload: FULL["part-work"][1] } as ContentOf<"part-work">;
    const other = correctedTo("C1 2x16µ 450V -> C1A 33µ/450 + C1B 22µ/450 from JP00001A7", can);
    expect(other.payload).toMatchObject({ now: [{ text: "33µ/450" }, { text: "22µ/450", stock: { batch: "2411" } }] });
  });

  it("takes away what was taken out of the line", () => {
    const base = { kind: "modification", payload: modification } as ContentOf<"modification">;
    const made = correctedTo(lineOf(base).replace("; use use a line input", ""), base).payload;
    expect(made).not.toHaveProperty("instructions");
    expect(made).toHaveProperty("steps", modification?.steps);
  });

  it("of a figure keeps what it was judged against, and of a point takes what belongs there", () => {
    const [plate, r7] = FULL.reading.map((payload) => ({ kind: "reading", payload }) as ContentOf<"reading">);
    const figure = correctedTo(
      "V4 plate 231 V @ 229.37 V with Grey analogue on 250 V prove: after ten minutes",
      plate as Content,
    );
    // The instrument did not read what was typed over it.
    const { came, ...rest } = plate?.payload ?? {};
    expect(came).toBe("network");
    expect(figure.payload).toEqual({ ...rest, measured: { text: "231 V", value: 231 } });
    const other = correctedTo("R9 22k = 612k noisy", r7 as Content);
    expect(other.payload).toMatchObject({ point: "R9", expected: { text: "22k", value: 22e3 } });
  });

  it("that makes it an entry of another kind says all of it anew", () => {
    const made = correctedTo("todo look at R7", { kind: "reading", payload: FULL.reading[1] } as Content);
    expect(made).toEqual({ kind: "note", payload: { v: 1, text: "look at R7", open: true, closes: [] } });
  });

  it("names what its line does not say and it leaves untouched", () => {
    const names = (content: Content) => untouchedFields(content, context).map(({ name }) => name);
    expect(names({ kind: "hand-back", payload: FULL["hand-back"][0] } as Content)).toEqual(["price"]);
    expect(names({ kind: "finding", payload: FULL.finding[0] } as Content)).toEqual(
      expect.arrayContaining(["what shows it", "work that mended it"]),
    );
    expect(names({ kind: "note", payload: { v: 1, text: "x", open: false, closes: [] } })).toEqual([]);
  });
});
