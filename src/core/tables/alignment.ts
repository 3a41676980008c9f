import { ADJUSTER, AIM_WORDS, AIMS, alignmentSchema, ENDS, type AlignmentRow } from "../model";
import { stepKey } from "../alignment";
import { format } from "../quantity";
import { Row } from "./cells";
import type { Table } from "./types";

const AIM_NAMES = AIMS.map((aim) => AIM_WORDS[aim]);
/** Words by which lists name an aim. */
const ALSO: Record<string, string> = {
  max: "maximum",
  peak: "maximum",
  min: "minimum",
  dip: "minimum",
  null: "zero",
  "zero beat": "zero beat",
  set: "the figure",
  figure: "the figure",
};

/** `t3 TOP` as `T3 top`. */
const adjuster = (text: string) => {
  const [part = "", ...core] = text.trim().split(/\s+/);
  return [part.toUpperCase(), ...core.map((word) => word.toLowerCase())].join(" ");
};

const WORDS = ["generator", "through", "modulation", "dial", "figure", "measure", "level", "remark"] as const;

/** The steps of an alignment, in working order. */
export const ALIGNMENT: Table<AlignmentRow> = {
  name: "alignment",
  title: "Alignment",
  one: "step",
  columns: [
    { key: "group", title: "part of", also: ["group", "stage", "section"], required: true, hint: "IF" },
    { key: "generator", title: "generator to", also: ["generator", "connect to", "input"], hint: "grid of V1" },
    { key: "through", title: "through", also: ["dummy antenna", "dummy"], hint: "0.1 µF" },
    { key: "hertz", title: "frequency", also: ["generator frequency", "signal"], hint: "465 kHz" },
    { key: "modulation", title: "modulation", also: ["mod"], hint: "400 Hz, 30 %" },
    { key: "dial", title: "dial at", also: ["dial", "tuning"], hint: "1500 kHz" },
    { key: "adjust", title: "adjust", also: ["adjuster", "turn", "trimmer"], required: true, hint: "T3 top" },
    { key: "aim", title: "for", also: ["aim", "goal", "peak"], required: true, hint: "maximum", choices: AIM_NAMES },
    { key: "figure", title: "figure", also: ["set to", "value"], hint: "100 W" },
    { key: "measure", title: "measured at", also: ["measure", "meter", "indicator"], hint: "V across the speaker" },
    { key: "level", title: "level not above", also: ["level", "max level"], hint: "0.5 V" },
    { key: "end", title: "end of band", also: ["end"], hint: "high", choices: ENDS },
    { key: "remark", title: "remark", also: ["note", "notes"], hint: "rock the dial" },
  ],
  read(raw) {
    const row = new Row(raw);
    const group = row.text("group");
    if (group === "") row.problem("group", "Say what the step is part of: IF, MW oscillator.");
    const hertz = row.value("hertz", "frequency");
    const adjust = adjuster(row.text("adjust"));
    if (adjust === "") row.problem("adjust", "Say what is turned: T3 top, C12.");
    else if (!ADJUSTER.test(adjust))
      row.problem("adjust", "What is turned is a part, and which core of it: T3 top, C12.");
    else row.shown("adjust", adjust);
    const said = row.text("aim").toLowerCase();
    const name = ALSO[said] ?? said.replace(/[-_]/g, " ");
    const aim = AIMS.find((one) => AIM_WORDS[one] === name);
    if (said === "") row.problem("aim", `Say what it is turned for: ${AIM_NAMES.join(", ")}.`);
    else if (!aim) row.problem("aim", `“${said}” is none of: ${AIM_NAMES.join(", ")}.`);
    else row.shown("aim", AIM_WORDS[aim]);
    const end = row.choice("end", ENDS);
    const words = Object.fromEntries(
      WORDS.flatMap((key) => {
        const text = row.text(key);
        return text === "" ? [] : [[key, text]];
      }),
    );
    return row.finish(alignmentSchema, {
      ...words,
      ...{ group, adjust, aim },
      ...(hertz === undefined ? {} : { hertz }),
      ...(end ? { end } : {}),
    });
  },
  write: ({ hertz, aim, ...row }) => ({
    ...row,
    hertz: hertz === undefined ? "" : format(hertz, "frequency", 12),
    aim: AIM_WORDS[aim],
  }),
  keyOf: stepKey,
};
