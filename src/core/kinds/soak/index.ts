import { format } from "../../quantity";
import { noRow, nothing, silent, unchanged, unjudged, type KindOf } from "../kind";
import type { OpenPoint } from "../open";
import type { Soak } from "./payload";

const STATE_WORDS = { start: "started", pause: "paused", resume: "goes on", end: "ended" } as const;

/** The set left running: the clock is in the log, not in a page. */
export const soak: KindOf<"soak", Soak, undefined> = {
  kind: "soak",
  fields: { state: "state", hours: "hours", lineVolts: "line voltage", remark: "remark" },
  about: () => "the set",
  tied: [],
  judge: unjudged,
  describe: ({ state, hours, lineVolts, remark }) => ({
    subject: "Soak",
    text: [
      STATE_WORDS[state],
      hours !== undefined && `for ${hours} h`,
      lineVolts !== undefined && `at ${format(lineVolts, "voltage")}`,
      remark,
    ]
      .filter(Boolean)
      .join(", "),
  }),
  designators: nothing,
  works: nothing,
  changes: unchanged,
  handsInside: false,
  afterHandBack: "refused",
  takes: nothing,
  lane: "tests",
  inFile: "shown",
  csv: noRow,
  sections: nothing,
  open: (mine) => {
    // In the order of writing: a clock that was set back must not put the end before the start.
    const written = [...mine].sort((a, b) => (a.entry.id < b.entry.id ? -1 : 1));
    const last = new Map(written.map((item) => [item.entry.visitId, item]));
    return [...last.values()].flatMap(({ entry, content }): OpenPoint[] =>
      content.payload.state === "end"
        ? []
        : [{ id: entry.id, visitId: entry.visitId, kind: "soak", text: "The soak is not ended", blocks: true }],
    );
  },
  evidence: silent,
};
