import { pinSchema, VIEW_WORDS, VIEWS, type Pin } from "../model";
import { Row } from "./cells";
import type { Table } from "./types";

const PERCENT = /^(\d+(?:[.,]\d+)?)\s*%?$/;

/** Places of parts, adjusters and points in the pictures of a model. */
export const PINS: Table<Pin> = {
  name: "pins",
  title: "Places",
  one: "place",
  columns: [
    { key: "view", title: "picture", also: ["view", "side"], required: true, hint: "top", choices: VIEWS },
    { key: "name", title: "place", also: ["designator", "part", "point"], required: true, hint: "T3 top" },
    { key: "x", title: "from the left", also: ["x", "left"], required: true, hint: "42 %" },
    { key: "y", title: "from the top", also: ["y", "top"], required: true, hint: "17.5 %" },
  ],
  read(raw) {
    const row = new Row(raw);
    const view = row.choice("view", VIEWS);
    if (!row.cells.view?.raw)
      row.problem("view", `Say which picture: ${VIEWS.map((one) => VIEW_WORDS[one]).join(", ")}.`);
    const name = row.text("name");
    if (name === "") row.problem("name", "The place has no name.");
    const share = (key: "x" | "y") => {
      const found = PERCENT.exec(row.text(key));
      const percent = Number((found?.[1] ?? "").replace(",", "."));
      if (!found || percent > 100) return row.problem(key, "A share of the picture: 0 to 100 %.");
      return percent / 100;
    };
    return row.finish(pinSchema, { view, name, x: share("x"), y: share("y") });
  },
  write: ({ view, name, x, y }) => ({
    view,
    name,
    x: `${Number((x * 100).toFixed(2))} %`,
    y: `${Number((y * 100).toFixed(2))} %`,
  }),
  keyOf: ({ view, name }) => `${view} ${name.toLowerCase()}`,
};
