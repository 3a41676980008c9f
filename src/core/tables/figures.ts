import { figureSchema, type ModelFigure } from "../model";
import { givesOf, readCell, SHIPPED, type Column, type TestSheet } from "../sheets";
import { Row } from "./cells";
import type { Table } from "./types";

const SENSES = ["at least", "at most"] as const;

const plain = (text: string) => text.trim().toLowerCase();

/** A column of a sheet, measured or worked out, as a figure of the model is read for it. */
function columnOf(sheet: TestSheet, text: string): Column | undefined {
  const wanted = plain(text);
  const measured = sheet.columns.find(({ key, name, word }) => [key, name, word].map(plain).includes(wanted));
  if (measured) return measured;
  const worked = sheet.worked.find(({ key, name }) => [key, name].map(plain).includes(wanted));
  const unit = { decibel: "dB", percent: "%", power: "W", level: "µV" } as Partial<Record<string, string>>;
  return worked
    ? {
        ...{ key: worked.key, name: worked.name, word: worked.key, signed: true },
        ...{ quantity: givesOf(worked.by), unit: unit[givesOf(worked.by)] ?? "" },
      }
    : undefined;
}

/** Published figures of the model for test sheets: rows and limits, a line each. */
export const FIGURES: Table<ModelFigure> = {
  name: "figures",
  title: "Figures",
  one: "figure",
  columns: [
    {
      key: "sheet",
      title: "sheet",
      also: ["test sheet", "test"],
      required: true,
      hint: "Sensitivity",
      choices: SHIPPED.map(({ name }) => name),
    },
    { key: "row", title: "row", also: ["band", "at"], required: true, hint: "MW, 1 MHz" },
    { key: "column", title: "figure", also: ["column", "what"], hint: "For 10 dB" },
    { key: "sense", title: "limit", also: ["is", "sense"], hint: "at most", choices: SENSES },
    { key: "text", title: "value", also: ["limit value", "published"], hint: "20 µV" },
  ],
  read(raw) {
    const row = new Row(raw);
    const name = row.text("sheet");
    const sheet = SHIPPED.find((one) => [one.name, one.key].map(plain).includes(plain(name)));
    if (!sheet) row.problem("sheet", name === "" ? "Name the test sheet." : `There is no sheet “${name}”.`);
    const at = row.text("row");
    if (at === "") row.problem("row", "Say which row: the band, the frequency, the level.");
    const what = row.text("column");
    const text = row.text("text");
    const sense = row.choice("sense", SENSES);
    const column = sheet && what !== "" ? columnOf(sheet, what) : undefined;
    if (sheet && what !== "" && !column)
      row.problem(
        "column",
        `${sheet.name} has: ${[...sheet.columns, ...sheet.worked].map((one) => one.name).join(", ")}.`,
      );
    if (text !== "" && what === "") row.problem("column", "Say which figure is limited.");
    if (column && text === "") row.problem("text", "The limit is missing.");
    const read = column && text !== "" ? readCell(column, text, { ohms: 50, dial: "terminated" }) : undefined;
    if (read && !read.ok) row.problem("text", read.message);
    return row.finish(figureSchema, {
      sheet: sheet?.key ?? "",
      row: at,
      ...(column && read?.ok && read.value !== undefined
        ? {
            column: column.key,
            sense: sense === "at most" ? "at-most" : "at-least",
            text: read.text,
            value: read.value,
          }
        : {}),
    });
  },
  write: ({ sheet: key, row, column, sense, text }) => {
    const sheet = SHIPPED.find((one) => one.key === key);
    const named = [...(sheet?.columns ?? []), ...(sheet?.worked ?? [])].find((one) => one.key === column);
    return {
      sheet: sheet?.name ?? key,
      row,
      column: named?.name ?? column ?? "",
      sense: sense === undefined ? "" : sense === "at-most" ? "at most" : "at least",
      text: text ?? "",
    };
  },
  keyOf: ({ sheet, row, column = "", sense = "" }) => plain([sheet, row, column, sense].join(" ")),
};
