import { cellText, figureText, labelOf, rowVerdict, showRow } from "../../sheets";
import { DIAL_GOAL } from "../../tracking";
import { nothing, SAYS_NOTHING, unchanged, type KindOf } from "../kind";
import type { MeasuredRow } from "./payload";

const judge = (row: MeasuredRow) => {
  const shown = showRow(row);
  return { shown, verdict: row.void === undefined ? rowVerdict(shown) : ("none" as const) };
};
type Judged = ReturnType<typeof judge>;

const said = ({ name, value, text, quantity, unit, worked }: Judged["shown"][number]) =>
  `${name} ${worked && value !== undefined ? figureText(value, quantity, unit) : cellText({ text: text ?? "", unit, quantity })}`;

const missed = ({ shown }: Judged): string[] =>
  shown.flatMap(({ name, verdict, limit }) =>
    verdict === "bad" && limit ? [`${name} ${limit.sense === "at-least" ? "below" : "above"} ${limit.text}.`] : [],
  );

/** A row of a run of a test sheet: what was measured, what follows from it, and its limits. */
export const measuredRow: KindOf<"measured-row", MeasuredRow, ReturnType<typeof judge>> = {
  kind: "measured-row",
  fields: {
    phase: "phase",
    run: "run",
    sheet: "sheet",
    at: "row",
    cells: "figures",
    given: "set-up",
    worked: "worked out",
    limits: "limits",
    preflight: "pre-flight",
    void: "void",
    remark: "remark",
  },
  about: (row) => `${row.sheet.name} ${labelOf(row)}`,
  tied: [],
  judge,
  describe: (row, judged) => {
    const figures = judged.shown.map(said).join(", ");
    const tail = row.void === undefined ? missed(judged).join(" ") : `Void: ${row.void}.`;
    const text = `${labelOf(row)}: ${figures}. ${tail}${row.remark ? ` ${row.remark}` : ""}`.trim();
    return { subject: row.sheet.name, text, ...(judged.verdict === "none" ? {} : { verdict: judged.verdict }) };
  },
  designators: nothing,
  works: nothing,
  changes: unchanged,
  handsInside: false,
  afterHandBack: "refused",
  takes: nothing,
  lane: "tests",
  inFile: "shown",
  csv: (row, { shown, verdict }) => ({
    table: "measured",
    cells: {
      phase: row.phase,
      sheet: row.sheet.name,
      version: String(row.sheet.version),
      row: labelOf(row),
      figures: shown
        .filter(({ worked }) => !worked)
        .map(said)
        .join("; "),
      "worked out": shown
        .filter(({ worked }) => worked)
        .map(said)
        .join("; "),
      "set-up": row.given.map((cell) => `${cell.name} ${cellText(cell)}`).join("; "),
      verdict: verdict === "none" ? "" : verdict,
      void: row.void ?? "",
    },
  }),
  // Record and reports set runs as tables of their own.
  sections: nothing,
  open: nothing,
  evidence: (row, { system }, { shown, verdict }) => {
    if (row.sheet.key === "dial" && row.void === undefined && system.testById.has("dial")) {
      const off = Math.abs(shown.find(({ key }) => key === "error")?.value ?? 0);
      return { outcomes: [{ test: "dial", outcome: off > DIAL_GOAL ? "off" : "right" }], mends: [] };
    }
    // Output and sensitivity are what the set does as a whole; the rest says nothing to the search yet.
    const whole = ["play-tx", "play"].find((id) => system.testById.has(id));
    if (
      !whole ||
      row.void !== undefined ||
      verdict === "none" ||
      !["transmitter", "sensitivity", "output"].includes(row.sheet.key)
    )
      return SAYS_NOTHING;
    return { outcomes: [{ test: whole, outcome: verdict === "good" ? "fine" : "weak" }], mends: [] };
  },
};
