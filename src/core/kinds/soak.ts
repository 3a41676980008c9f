import { z } from "zod";
import { optionalText, v1 } from "../log";
import { positive, format, parseQuantity } from "../quantity";
import { headAndTail, notUnderstood, readAs, tailOf, textOf } from "../shorthand";
import { defineKind, unchanged, noRow, nothing, silent, unjudged, type Reader } from "./kind";
import type { OpenPoint } from "./open";

const payload = z
  .object({
    v: v1,
    state: z.enum(["start", "pause", "resume", "end"]),
    /** how long it should run */
    hours: positive("Enter more than 0 hours.").max(500, "That is weeks: at most 500 hours.").optional(),
    lineVolts: positive().max(480).optional(),
    remark: optionalText("The remark"),
  })
  .superRefine((value, context) => {
    if (value.state === "start" && value.hours === undefined)
      context.addIssue({ code: "custom", path: ["hours"], message: "Say how many hours it should run." });
  });

/** `soak start 4 h at 230 V`, `soak pause: shop closes`, `soak end` */
const read: Reader = (rest) => {
  const { head, tail } = headAndTail(textOf(rest));
  const found = /^(start|pause|resume|end)(?:\s+(\d+(?:[.,]\d+)?)\s*h)?(?:\s+at\s+(.+))?$/i.exec(head);
  if (!found)
    return notUnderstood(rest.start, "A soak reads like: soak start 4 h at 230 V, soak pause, soak resume, soak end.");
  const [, state = "", hours, line] = found;
  const volts = line === undefined ? undefined : parseQuantity(line, "voltage");
  if (volts && !volts.ok) return notUnderstood(rest.start, `“${line ?? ""}” is not a line voltage.`);
  return readAs(
    {
      v: 1,
      state: state.toLowerCase(),
      ...(hours ? { hours: Number(hours.replace(",", ".")) } : {}),
      ...(volts?.ok ? { lineVolts: volts.value } : {}),
      ...(tail ? { remark: tail } : {}),
    },
    rest.start,
  );
};

const STATE_WORDS = { start: "started", pause: "paused", resume: "goes on", end: "ended" } as const;

/** The set left running: the clock is in the log, not in a page. */
export const soak = defineKind({
  kind: "soak",
  version: 1,
  schema: payload,
  upgrades: {},
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
  words: [{ begins: /^(soak)(?=\s|$)\s*/i, read }],
  write: ({ state, hours, lineVolts, remark }) =>
    `soak ${state}${hours === undefined ? "" : ` ${hours} h`}${lineVolts === undefined ? "" : ` at ${format(lineVolts, "voltage", 12)}`}${tailOf(remark)}`,
  examples: [
    { line: "soak start 4 h at 230 V", says: "a soak begins; soak pause, resume, end; B+ 251 soak is a reading in it" },
  ],
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
});
