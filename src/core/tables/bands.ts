import { scaleDoubts } from "../frequencies";
import { bandSchema, SIDES, type ModelBand } from "../model";
import { format, type Quantity } from "../quantity";
import { Row } from "./cells";
import type { Table } from "./types";

const FREQUENCIES = ["mid", "midTo", "mid2", "second", "bfo", "crystal"] as const;
const FARADS = ["gangMin", "gangMax"] as const;
const PLACES = ["coil", "trimmer", "padder"] as const;

const written = (value: number | undefined, quantity: Quantity) =>
  value === undefined ? "" : format(value, quantity, 12);
const some = (values: readonly (readonly [string, string | number | undefined])[]) =>
  Object.fromEntries(values.filter(([, value]) => value !== undefined && value !== ""));

/** What a model receives and sends, band by band, and how it is converted. */
export const BANDS: Table<ModelBand> = {
  name: "bands",
  title: "Bands",
  one: "band",
  columns: [
    { key: "name", title: "band", also: ["name", "range"], required: true, hint: "MW" },
    { key: "from", title: "from", also: ["low", "start"], required: true, hint: "550 kHz" },
    { key: "to", title: "to", also: ["high", "end", "stop"], required: true, hint: "1600 kHz" },
    { key: "side", title: "oscillator", also: ["side", "injection"], hint: "above", choices: SIDES },
    { key: "mid", title: "IF", also: ["if 1", "first if"], hint: "465 kHz" },
    { key: "midTo", title: "IF up to", also: ["tuned if to"], hint: "where it is tuned" },
    { key: "mid2", title: "second IF", also: ["if 2"], hint: "110 kHz" },
    { key: "second", title: "second oscillator", also: ["2nd osc"], hint: "1.76 MHz" },
    { key: "bfo", title: "BFO", also: ["beat oscillator"], hint: "110 kHz" },
    { key: "crystal", title: "crystal", also: ["xtal"], hint: "9 MHz" },
    { key: "gangMin", title: "gang least", also: ["gang min"], hint: "12 pF" },
    { key: "gangMax", title: "gang most", also: ["gang max"], hint: "450 pF" },
    { key: "coil", title: "coil", also: ["osc coil"], hint: "L5" },
    { key: "trimmer", title: "trimmer", also: ["osc trimmer"], hint: "C21" },
    { key: "padder", title: "padder", also: ["padding"], hint: "C22" },
  ],
  read(raw) {
    const row = new Row(raw);
    const name = row.text("name");
    if (name === "") row.problem("name", "The band has no name.");
    // A bare figure is in kilohertz, as dials have it; megahertz where it has a decimal point.
    const frequency = (key: string) => {
      const text = (raw[key] ?? "").trim();
      const bare = /^\d+(?:[.,]\d+)?$/.test(text);
      if (!bare) return row.value(key, "frequency");
      row.text(key);
      const value = Number(text.replace(",", ".")) * (/[.,]/.test(text) ? 1e6 : 1e3);
      row.shown(key, format(value, "frequency", 6));
      return value;
    };
    const from = frequency("from");
    const to = frequency("to");
    if (!row.cells.from?.raw) row.problem("from", "The lower end is missing.");
    if (!row.cells.to?.raw) row.problem("to", "The upper end is missing.");
    if (from !== undefined && to !== undefined && from > to)
      row.problem("to", "The band is upside down: its lower end comes first.");
    const figures = some(FREQUENCIES.map((key) => [key, frequency(key)] as const));
    const farads = some(FARADS.map((key) => [key, row.value(key, "capacitance")] as const));
    const places = some(PLACES.map((key) => [key, row.text(key).toUpperCase()] as const));
    const mid = figures.mid as number | undefined;
    const side = row.choice("side", SIDES) ?? (mid === undefined ? "none" : "above");
    if (side !== "none" && mid === undefined)
      row.problem("mid", "A set that converts has an IF: or the oscillator is none.");
    if (from !== undefined && to !== undefined) {
      const [doubt] = scaleDoubts([{ name, from, to, mid }]);
      if (doubt)
        row.remark(
          "from",
          `${format(from, "frequency")} to ${format(to, "frequency")} looks off by a thousand: kHz where MHz is meant, or the other way round?`,
        );
    }
    if (
      mid !== undefined &&
      from !== undefined &&
      to !== undefined &&
      mid > from &&
      mid < to &&
      figures.midTo === undefined
    )
      row.remark("mid", `The IF lies inside the band: nothing is received about ${format(mid, "frequency")}.`);
    return row.finish(bandSchema, { name, from, to, side, ...figures, ...farads, ...places });
  },
  write: (band) => ({
    name: band.name,
    side: band.side,
    ...Object.fromEntries(
      (["from", "to", ...FREQUENCIES] as const).map((key) => [key, written(band[key], "frequency")]),
    ),
    ...Object.fromEntries(FARADS.map((key) => [key, written(band[key], "capacitance")])),
    ...Object.fromEntries(PLACES.map((key) => [key, band[key] ?? ""])),
  }),
  keyOf: ({ name }) => name.toLowerCase(),
};
