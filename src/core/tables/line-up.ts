import { cautionSchema, STEPS, tubeSchema, type Caution, type Tube } from "../model";
import { heaterOf, nearestTypes, tubeType } from "../tubes";
import { format } from "../quantity";
import { Row } from "./cells";
import type { Table } from "./types";

/** Tubes and transistors by their positions. */
export const TUBES: Table<Tube> = {
  name: "tubes",
  title: "Tubes",
  one: "tube",
  columns: [
    { key: "position", title: "position", also: ["designator", "ref", "no"], required: true, hint: "V4" },
    { key: "type", title: "type", also: ["tube", "valve", "transistor"], required: true, hint: "6V6" },
    { key: "work", title: "work", also: ["function", "use", "stage"], hint: "output" },
    { key: "heaterVolts", title: "heater V", also: ["heater volts", "vf", "heatervolts"], hint: "6.3 V" },
    { key: "heaterAmps", title: "heater A", also: ["heater amps", "if", "heateramps"], hint: "0.45 A" },
  ],
  read(raw) {
    const row = new Row(raw);
    const position = row.text("position").toUpperCase();
    if (position === "") row.problem("position", "The position is missing.");
    const type = row.text("type");
    if (type === "") row.problem("type", "The type is missing.");
    const work = row.text("work");
    const heaterVolts = row.value("heaterVolts", "voltage");
    const heaterAmps = row.value("heaterAmps", "current");
    const known = heaterOf({ type });
    if (type !== "" && /^V\d/.test(position) && !tubeType(type)) {
      const near = nearestTypes(type);
      const names = near.length > 0 ? ` Near it: ${near.join(", ")}.` : "";
      row.remark("type", `“${type}” is not in the tube table: it stays, with nothing known of it.${names}`);
    }
    if (known && heaterVolts === undefined) row.shown("heaterVolts", format(known.volts, "voltage"));
    if (known && heaterAmps === undefined) row.shown("heaterAmps", format(known.amps, "current"));
    return row.finish(tubeSchema, {
      position,
      type,
      work,
      ...(heaterVolts !== undefined ? { heaterVolts } : {}),
      ...(heaterAmps !== undefined ? { heaterAmps } : {}),
    });
  },
  write: ({ position, type, work, heaterVolts, heaterAmps }) => ({
    position,
    type,
    work,
    heaterVolts: heaterVolts === undefined ? "" : format(heaterVolts, "voltage", 12),
    heaterAmps: heaterAmps === undefined ? "" : format(heaterAmps, "current", 12),
  }),
  keyOf: ({ position }) => position,
};

/** Cautions and lessons, each tied to the step where it is shown. */
export const CAUTIONS: Table<Caution> = {
  name: "cautions",
  title: "Cautions and lessons",
  one: "caution",
  columns: [
    { key: "step", title: "step", also: ["at", "when"], required: true, hint: "fix", choices: STEPS },
    {
      key: "text",
      title: "text",
      also: ["caution", "lesson", "note"],
      required: true,
      hint: "unplug the indicator first",
    },
    { key: "job", title: "job", also: ["from job"], hint: "1187" },
  ],
  read(raw) {
    const row = new Row(raw);
    const step = row.choice("step", STEPS);
    if (row.cells.step?.raw === "") row.problem("step", "Say at which step it is shown.");
    const text = row.text("text");
    if (text === "") row.problem("text", "The caution is missing.");
    const job = row.text("job");
    if (job && !/^\d{1,9}$/.test(job)) row.problem("job", "A job is its number.");
    return row.finish(cautionSchema, { step, text, ...(job ? { job: Number(job) } : {}) });
  },
  write: ({ step, text, job }) => ({ step, text, job: job === undefined ? "" : String(job) }),
  keyOf: ({ step, text }) => `${step} ${text.toLowerCase()}`,
};
