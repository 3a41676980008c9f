import { joinSchema, nodeNamed, type Join } from "../model";
import { Row } from "./cells";
import type { Table } from "./types";

/** How the parts are joined, a row each. */
export const NET: Table<Join> = {
  name: "net",
  title: "Net",
  one: "join",
  columns: [
    {
      key: "part",
      title: "part",
      also: ["designator", "ref", "component", "winding"],
      required: true,
      hint: "R7",
    },
    { key: "from", title: "from", also: ["end 1", "a", "node 1"], required: true, hint: "B+" },
    { key: "to", title: "to", also: ["end 2", "b", "node 2"], required: true, hint: "V3.plate" },
    { key: "tap", title: "slider", also: ["tap", "wiper"], hint: "V3.grid" },
    { key: "at", title: "at", also: ["position", "set"], hint: "50 %" },
  ],
  read(raw) {
    const row = new Row(raw);
    const node = (key: string) => {
      const name = nodeNamed(row.text(key));
      if (name !== "") row.shown(key, name);
      return name;
    };
    const part = row.text("part");
    if (part === "") row.problem("part", "The part is missing: its designator, or the name of its winding.");
    const [from, to, tap] = [node("from"), node("to"), node("tap")];
    for (const [key, name] of [
      ["from", from],
      ["to", to],
    ] as const)
      if (name === "") row.problem(key, "Both ends are joined to a node: B+, gnd, V3.plate, or a name of your own.");
    const where = row.text("at");
    const share = Number(where.replace("%", "").replace(",", ".")) / (where.includes("%") ? 100 : 1);
    const at = /^open$/i.test(where) ? 0 : /^closed$/i.test(where) ? 1 : share;
    if (where !== "" && !(at >= 0 && at <= 1))
      row.problem("at", `“${where}” is not between 0 and 100 %, and not open or closed.`);
    if (tap === "" && part !== "" && from !== "" && from === to)
      row.remark("to", "Both of its ends are joined to one node: it does nothing there.");
    return row.finish(joinSchema, {
      part,
      from,
      to,
      ...(tap ? { tap } : {}),
      ...(where === "" ? {} : { at }),
    });
  },
  write: ({ part, from, to, tap, at }) => ({
    part,
    from,
    to,
    tap: tap ?? "",
    at: at === undefined ? "" : `${Math.round(at * 1000) / 10} %`,
  }),
  keyOf: ({ part }) => part,
};
