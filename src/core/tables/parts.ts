import {
  COMMONS,
  componentSchema,
  DESIGNATOR,
  drawnText,
  partRules,
  readSections,
  ROLES,
  roleWord,
  sectionTrouble,
  writeSections,
  type Component,
} from "../model";
import { formatPart, parsePart } from "../quantity";
import { Row } from "./cells";
import type { Table } from "./types";

/** Components, a row each. */
export const PARTS: Table<Component> = {
  name: "parts",
  title: "Parts",
  one: "part",
  columns: [
    {
      key: "designator",
      title: "designator",
      also: ["ref", "reference", "part", "refdes", "no", "position"],
      required: true,
      hint: "C14",
    },
    { key: "role", title: "role", also: ["function", "use"], hint: "coupling", choices: ROLES },
    { key: "value", title: "value", also: ["as drawn", "drawn", "marking"], required: true, hint: ".05/400" },
    { key: "rating", title: "rating", also: ["ratings", "voltage", "volts", "wattage", "watts"], hint: "400 V" },
    { key: "stage", title: "stage", also: ["section of the set", "circuit"], hint: "output" },
    { key: "note", title: "note", also: ["notes", "remark", "remarks", "comment"], hint: "" },
    { key: "sections", title: "sections", also: ["section"], hint: "16 reservoir | 16 smoothing" },
    { key: "common", title: "common", also: ["common lead"], hint: "chassis", choices: COMMONS },
  ],
  read(raw, context) {
    const row = new Row(raw);
    const designator = row.text("designator").toUpperCase();
    if (designator === "") row.problem("designator", "The designator is missing.");
    else if (!DESIGNATOR.test(designator))
      row.problem("designator", `“${designator}” is not a designator: letters and a number, like C14 or VR2.`);
    const named = row.choice("role", ROLES);
    const role = named ?? "other";
    if (named || row.cells.role?.raw === "") row.shown("role", roleWord(role));
    const drawn = row.text("value");
    const rating = row.text("rating");
    const stage = row.text("stage");
    const note = row.text("note");
    const sections = readSections(row.text("sections"));
    if ("problem" in sections) row.problem("sections", sections.problem);
    const common = row.choice("common", COMMONS);
    const component: Component = {
      designator,
      role,
      drawn,
      ...(rating ? { rating } : {}),
      ...(stage ? { stage } : {}),
      ...(note ? { note } : {}),
      ...("sections" in sections && sections.sections.length > 0 ? { sections: sections.sections } : {}),
      ...(common ? { common } : {}),
    };
    if (drawn === "") row.problem("value", "The value is missing; a dash stands for one that is not known.");
    else if (drawn !== "-" && drawn !== "–") {
      const rules = partRules({ ...context, components: [component] }, designator);
      const parsed = parsePart(drawnText(component), rules);
      if (parsed.ok) row.shown("value", formatPart(parsed.value));
      // A part that is no resistor, capacitor or coil (a choke's name, a lamp) has a marking of its own.
      else if (rules.quantity && parsed.kind === "ambiguous") row.problem("value", parsed.question);
      else if (rules.quantity)
        row.remark("value", `Kept as it stands: ${parsed.kind === "unreadable" ? parsed.message : ""}`);
    }
    const trouble = sectionTrouble(component);
    if (trouble) row.remark("sections", trouble.text);
    return row.finish(componentSchema, component, (path) => (path === "drawn" ? "value" : path));
  },
  write: ({ designator, role, drawn, rating, stage, note, sections, common }) => ({
    designator,
    role,
    value: drawn,
    rating: rating ?? "",
    stage: stage ?? "",
    note: note ?? "",
    sections: writeSections(sections ?? []),
    common: common ?? "",
  }),
  keyOf: ({ designator }) => designator,
};
