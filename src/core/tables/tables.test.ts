import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { guard, mapColumns, mergeRows, readTable, rowsOf, tableOf, TABLES, writeTable, type TableName } from ".";
import { SHEET } from "../fixtures";
import { ROLES, type Sheet } from "../model";

const read = (name: TableName, text: string, dialect?: "m-is-thousand") =>
  readTable(
    name,
    text
      .trim()
      .split("\n")
      .map((line) => line.trim().split(";")),
    { dialect },
  );

describe("reading a parts list", () => {
  it("shows what each cell was understood as", () => {
    const { rows, good } = read(
      "parts",
      "Ref;Function;Value;Voltage;Stage\nC14;coupling;.05;400 V;output\nr7;Anode load;470k;1W;",
    );
    expect(good).toBe(2);
    expect(rows[0]?.cells.value).toEqual({ raw: ".05", shown: "50 nF 400 V" });
    expect(rows[0]?.row).toMatchObject({ designator: "C14", role: "coupling", drawn: ".05", rating: "400 V" });
    expect(rows[1]?.row).toMatchObject({ designator: "R7", role: "anode-load" });
  });

  it("asks where a value has two readings, unless the dialect settles it", () => {
    const text = "designator;role;value\nR5;anode-load;250M";
    expect(read("parts", text).rows[0]?.problems[0]).toContain("250 kΩ or 250 MΩ");
    expect(read("parts", text, "m-is-thousand").rows[0]?.cells.value?.shown).toBe("250 kΩ");
    expect(read("parts", "designator;value\nC1;1,000 pF").rows[0]?.problems[0]).toContain("Which is it?");
  });

  it("takes a bare rating for volts at a capacitor and for watts at a resistor", () => {
    const { rows } = read("parts", "designator;value;rating\nC5;.1;400\nR6;12k;5");
    expect(rows.map((row) => row.cells.value?.shown)).toEqual(["100 nF 400 V", "12 kΩ 5 W"]);
  });

  it("reads decimal commas", () => {
    expect(read("parts", "designator;value\nC9;0,047µ").rows[0]?.cells.value?.shown).toBe("47 nF");
  });

  it("points at the line of a designator that stands there twice", () => {
    const { rows, good, bad } = read("parts", "designator;value\nC1;16\n\nC1;8");
    expect([good, bad]).toEqual([1, 1]);
    expect(rows[1]).toMatchObject({ line: 4, problems: ["The same part stands in line 2 already."] });
  });

  it("says what is not a designator, no role, too long", () => {
    const problems = (line: string) => read("parts", `designator;role;value;note\n${line}`).rows[0]?.problems.join(" ");
    expect(problems("the big one;coupling;.1")).toContain("is not a designator");
    expect(problems("C1;decoration;.1")).toContain("none of: mains");
    expect(problems("C1;coupling;")).toContain("value is missing");
    expect(problems(`C1;coupling;.1;${"x".repeat(300)}`)).toContain("Longer than 200 characters.");
  });

  it("raises the question of sections, and lets the row be saved", () => {
    const line = "C8;coupling;2x.1;.1/400 coupling | .1/400 decoupling;chassis";
    const [row] = read("parts", `designator;role;value;sections;common\n${line}`).rows;
    expect(row?.row).toBeDefined();
    expect(row?.remarks[0]).toContain("cannot be chassis");
  });
});

describe("the headings", () => {
  it("are found under other names, an exact one first", () => {
    const { columns } = tableOf("voltages");
    expect(mapColumns(columns, ["Test point", "Volts", "Tol.", "colour"])).toEqual([
      "point",
      "expected",
      "tolerance",
      null,
    ]);
    expect(mapColumns(tableOf("parts").columns, ["part", "designator"])).toEqual([null, "designator"]);
  });
  it("say what is missing, and take a person's word", () => {
    const missing = read("parts", "designator;colour\nC1;blue");
    expect(missing).toMatchObject({ missing: ["value"], rows: [] });
    expect(missing.trouble).toContain("Missing: value");
    expect(read("parts", "C1;16").trouble).toContain("first row names the columns");
    const told = readTable(
      "parts",
      [
        ["a", "b"],
        ["C1", "16/450"],
      ],
      {},
      ["designator", "value"],
    );
    expect(told.good).toBe(1);
  });
  it("may begin with a byte order mark", () => {
    expect(
      readTable(
        "parts",
        [
          ["\ufeffdesignator", "value"],
          ["C1", "16"],
        ],
        {},
      ).good,
    ).toBe(1);
  });
});

describe("charts and windings", () => {
  it("read quantity, tolerance, line, range and source", () => {
    const text =
      "point;expected;tolerance;with line;range;source\nV3 plate;62;20 %;yes;250;235k\nLine current;0,32 A;;;;\nV4 grid;-12.5;;;;";
    expect(read("voltages", text).rows.map((row) => row.row)).toEqual([
      {
        point: "V3 plate",
        quantity: "voltage",
        expected: 62,
        text: "62",
        tolerance: 0.2,
        withLine: true,
        range: 250,
        sourceOhms: 235e3,
      },
      { point: "Line current", quantity: "current", expected: 0.32, text: "0,32 A" },
      { point: "V4 grid", quantity: "voltage", expected: -12.5, text: "-12.5" },
    ]);
  });
  it("refuse negative and missing ohms", () => {
    const problem = (ohms: string) =>
      read("resistances", `winding;from;to;ohms\nT1 primary;1;2;${ohms}`).rows[0]?.problems.join(" ");
    expect(problem("-24")).toContain("above zero");
    expect(problem("0")).toContain("above zero");
    expect(problem("")).toContain("missing");
    expect(problem("248 V")).toContain("is a voltage");
  });
});

describe("writing", () => {
  it("starts no formula, and reads back the text that it was", () => {
    expect([guard("=1+1"), guard("@x"), guard("+cmd|' /c'"), guard("-12.5"), guard("-3 V"), guard("'=x")]).toEqual([
      "'=1+1",
      "'@x",
      "'+cmd|' /c'",
      "-12.5",
      "-3 V",
      "''=x",
    ]);
    const row = { designator: "C1", role: "other" as const, drawn: "16", note: "=1+1" };
    const cells = writeTable("parts", [row]);
    expect(cells[1]).toContain("'=1+1");
    expect(readTable("parts", cells, {}).rows[0]?.row).toEqual(row);
  });

  it("loses nothing of a sheet", () => {
    const sheet: Sheet = {
      ...SHEET,
      windings: [{ winding: "T1 HT", from: "a", to: "b", ohms: 280.5, tolerance: 0.15, group: "halves", note: "cold" }],
      points: [
        ...SHEET.points,
        { point: "V3 plate", quantity: "voltage", expected: 62.5, tolerance: 0.07, sourceOhms: 235e3, range: 250 },
      ],
      cautions: [{ step: "fix", text: "mind, the; lead", job: 12 }],
    };
    for (const name of TABLES) {
      const again = readTable(name, writeTable(name, rowsOf(sheet, name)), { dialect: sheet.dialect });
      expect(again.bad).toBe(0);
      expect(
        writeTable(
          name,
          again.rows.flatMap(({ row }) => (row ? [row] : [])),
        ),
      ).toEqual(writeTable(name, rowsOf(sheet, name)));
      expect(again.rows.map(({ row }) => row)).toMatchObject(rowsOf(sheet, name).map((row) => ({ ...row })));
    }
  });

  it("reads back any part that it wrote", () => {
    const word = fc
      .string({ minLength: 1, maxLength: 20 })
      .map((text) => text.trim())
      .filter(Boolean);
    const part = fc.record({
      designator: fc
        .tuple(fc.constantFrom("C", "R", "L", "VR"), fc.integer({ min: 1, max: 999 }))
        .map((pair) => pair.join("")),
      role: fc.constantFrom(...ROLES),
      drawn: fc.constantFrom(".05/400", "470k", "16 µF", "4n7"),
      note: word,
      stage: word,
    });
    fc.assert(
      fc.property(part, (row) => {
        const again = readTable("parts", writeTable("parts", [row]), { dialect: "m-is-million" });
        // What belongs to another kind of part is kept with a remark, or refused as ambiguous; texts are never changed.
        if (again.rows[0]?.row) expect(again.rows[0].row).toEqual(row);
        else expect(again.rows[0]?.problems.length).toBeGreaterThan(0);
      }),
    );
  });
});

describe("laying rows over a sheet", () => {
  const part = (designator: string, drawn: string) => ({ designator, role: "other" as const, drawn });
  const before = [part("C1", "16"), part("C2", "8")];
  it("changes those with the same key in their place, and adds the others behind", () => {
    const { rows, states } = mergeRows("parts", before, [part("C3", "4"), part("C1", "32"), part("C2", "8")], false);
    expect(rows).toEqual([part("C1", "32"), part("C2", "8"), part("C3", "4")]);
    expect(states).toEqual(["new", "changed", "same"]);
  });
  it("may replace the table", () => {
    expect(mergeRows("parts", before, [part("C9", "1")], true).rows).toEqual([part("C9", "1")]);
  });
});

it("says so when a file holds more than a sheet", () => {
  const many = [
    ["designator", "value"],
    ...Array.from({ length: 20_000 }, (_, n) => [
      `C${n % 999}${"ABCDEFGHIJKLMNOPQRSTUVWXYZ"[Math.floor(n / 999) % 26]}`,
      "16/450",
    ]),
  ];
  const result = readTable("parts", many, {});
  expect(result.rows).toHaveLength(20_000);
  expect(result.trouble).toContain("holds 2000 rows");
});

describe("figures of a model for test sheets", () => {
  const text =
    "sheet;row;figure;limit;value\nSensitivity;MW, 1 MHz;For 10 dB;at most;20 uV\nTransmitter per band;80 m, CW;Output;at least;50\nsensitivity;LW, 200 kHz;;;";
  it("are rows and limits of the sheets that ship", () => {
    const { rows, good } = read("figures", text);
    expect(good).toBe(3);
    expect(rows[0]?.row).toEqual({
      sheet: "sensitivity",
      row: "MW, 1 MHz",
      column: "for-ten",
      sense: "at-most",
      text: "20 uV",
      value: expect.closeTo(20e-6, 12),
    });
    expect(rows[1]?.row).toMatchObject({ column: "output", sense: "at-least", value: 50 });
    // A row alone is proposed and has no limit.
    expect(rows[2]?.row).toEqual({ sheet: "sensitivity", row: "LW, 200 kHz" });
  });
  it("go out and come back as they are", () => {
    const { rows } = read("figures", text);
    const kept = rows.flatMap(({ row }) => (row ? [row] : []));
    const back = readTable("figures", writeTable("figures", kept), {});
    expect(back.rows.map(({ row }) => row)).toEqual(kept);
  });
  it.each([
    ["Loudness;A;;;", "There is no sheet"],
    ["Sensitivity;;;;", "Say which row"],
    ["Sensitivity;A;Colour;at most;5", "Sensitivity has:"],
    ["Sensitivity;A;For 10 dB;at most;", "The limit is missing"],
    ["Sensitivity;A;;at most;5", "Say which figure"],
    ["Sensitivity;A;For 10 dB;at most;-3 dB", "says nothing without its reference"],
  ])("%s: %s", (line, sentence) => {
    expect(read("figures", `sheet;row;figure;limit;value\n${line}`).rows[0]?.problems.join()).toContain(sentence);
  });
});
