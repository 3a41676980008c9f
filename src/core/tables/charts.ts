import { pointSchema, windingName, windingSchema, type ChartPoint, type Winding } from "../model";
import { format, parseQuantity, QUANTITIES, type Quantity } from "../quantity";
import { Row } from "./cells";
import type { Table } from "./types";

const YES = ["yes", "no"] as const;

/** The quantity of a chart's figure by its unit; a bare number is volts. */
function quantityOf(text: string): Quantity {
  if (/^[-−+]?[\d.,]+$/.test(text)) return "voltage";
  return QUANTITIES.find((quantity) => parseQuantity(text, quantity).ok) ?? "voltage";
}

const NOTE = { key: "note", title: "note", also: ["notes", "remark", "remarks", "how"], hint: "" };

/** The voltage chart (currents too), a row each. */
export const VOLTAGES: Table<ChartPoint> = {
  name: "voltages",
  title: "Chart",
  one: "point",
  columns: [
    { key: "point", title: "point", also: ["test point", "pin", "where"], required: true, hint: "V4 plate" },
    {
      key: "expected",
      title: "expected",
      also: ["volts", "voltage", "value", "v", "reading", "nominal"],
      required: true,
      hint: "245 V",
    },
    { key: "tolerance", title: "tolerance", also: ["tol"], hint: "10 %" },
    { key: "line", title: "with line", also: ["line", "withline", "moves with the line"], hint: "yes", choices: YES },
    { key: "range", title: "range", also: ["meter range"], hint: "250 V" },
    { key: "source", title: "source", also: ["source resistance", "fed through"], hint: "470 k" },
    NOTE,
  ],
  read(raw, _context) {
    const row = new Row(raw);
    const point = row.text("point");
    if (point === "") row.problem("point", "The point is missing.");
    const text = row.text("expected");
    const quantity = quantityOf(text);
    const expected = row.value("expected", quantity);
    if (text === "") row.problem("expected", "What is expected there is missing.");
    const tolerance = row.value("tolerance", "percent");
    const line = row.choice("line", YES);
    const range = row.value("range", "voltage");
    const sourceOhms = row.value("source", "resistance", { dialect: "m-is-million" });
    if (sourceOhms !== undefined && sourceOhms <= 0) row.problem("source", "No resistance is zero or negative.");
    const note = row.text("note");
    return row.finish(
      pointSchema,
      {
        point,
        quantity,
        expected,
        text,
        ...(tolerance !== undefined ? { tolerance } : {}),
        ...(line === "yes" ? { withLine: true } : {}),
        ...(range !== undefined ? { range } : {}),
        ...(sourceOhms !== undefined ? { sourceOhms } : {}),
        ...(note ? { note } : {}),
      },
      (path) => ({ withLine: "line", sourceOhms: "source" })[path] ?? path,
    );
  },
  write: ({ point, quantity, expected, text, tolerance, withLine, range, sourceOhms, note }) => ({
    point,
    expected: text ?? format(expected, quantity, 12),
    tolerance: tolerance === undefined ? "" : format(tolerance, "percent", 12),
    line: withLine ? "yes" : "",
    range: range === undefined ? "" : format(range, "voltage", 12),
    source: sourceOhms === undefined ? "" : format(sourceOhms, "resistance", 12),
    note: note ?? "",
  }),
  keyOf: ({ point }) => point.toLowerCase(),
};

/** Windings with their DC resistance, a row each. */
export const RESISTANCES: Table<Winding> = {
  name: "resistances",
  title: "Windings",
  one: "winding",
  columns: [
    {
      key: "winding",
      title: "winding",
      also: ["coil", "part", "transformer", "what"],
      required: true,
      hint: "T1 primary",
    },
    { key: "from", title: "from", also: ["a", "start"], required: true, hint: "1" },
    { key: "to", title: "to", also: ["b", "end"], required: true, hint: "2" },
    { key: "ohms", title: "ohms", also: ["resistance", "r", "dc resistance", "value"], required: true, hint: "24 Ω" },
    { key: "tolerance", title: "tolerance", also: ["tol"], hint: "15 %" },
    { key: "group", title: "alike", also: ["group", "sisters"], hint: "HT halves" },
    NOTE,
  ],
  read(raw) {
    const row = new Row(raw);
    const named = (key: string, what: string) => {
      const text = row.text(key);
      if (text === "") row.problem(key, `${what} is missing.`);
      return text;
    };
    const winding = named("winding", "The winding");
    const from = named("from", "Where it is measured from");
    const to = named("to", "Where it is measured to");
    const text = named("ohms", "Its resistance");
    const ohms = text === "" ? undefined : row.value("ohms", "resistance", { dialect: "m-is-million" });
    if (ohms !== undefined && ohms <= 0) row.problem("ohms", `“${text}”: a winding's resistance is above zero.`);
    const tolerance = row.value("tolerance", "percent");
    const group = row.text("group");
    const note = row.text("note");
    return row.finish(windingSchema, {
      winding,
      from,
      to,
      ohms,
      text,
      ...(tolerance !== undefined ? { tolerance } : {}),
      ...(group ? { group } : {}),
      ...(note ? { note } : {}),
    });
  },
  write: ({ winding, from, to, ohms, text, tolerance, group, note }) => ({
    winding,
    from,
    to,
    ohms: text ?? format(ohms, "resistance", 12),
    tolerance: tolerance === undefined ? "" : format(tolerance, "percent", 12),
    group: group ?? "",
    note: note ?? "",
  }),
  keyOf: (one) => windingName(one).toLowerCase(),
};
