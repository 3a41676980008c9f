import { describe, expect, it } from "vitest";
import { lineContext, parseLine } from ".";
import { atOf, VISIT } from "../fixtures";
import { writeLine } from "../kinds";
import { MADE_UP_SETS } from "../practice";

const made = (designation: string) => {
  const set = Object.values(MADE_UP_SETS).find((one) => one.designation === designation);
  if (!set) throw new Error(designation);
  return set;
};
const read = (line: string, designation = "537", step: "make-safe" | "baseline" = "make-safe") => {
  const { sheet, year } = made(designation);
  return parseLine(line, lineContext({ sheet, year, settled: [], visitId: VISIT, now: atOf(1) }, undefined, step));
};
/** The entries of a line, as the log would write them. */
function ticks(line: string, designation?: string): string[] {
  const result = read(line, designation);
  if (result.kind === "draft" && result.draft.type === "content") return [writeLine(result.draft.content)];
  const [first] = result.kind === "question" ? result.choices : [];
  return first ? [first.text, ...(first.then ?? [])] : [];
}

describe("with Make safe open, what was looked at", () => {
  it.each([
    ["unplugged", "safe unplugged ok"],
    ["mains plug is pulled", "safe unplugged ok"],
    ["discharged", "safe discharged ok"],
    ["caps are discharged through 10k", "safe discharged ok: 10k"],
    ["discharged the filter caps", "safe discharged ok"],
    ["0.4 V left", "safe residual 0.4 V"],
    ["residual 2 V after a minute", "safe residual 2 V: after a minute"],
    ["0 V", "safe residual 0 V"],
    ["mains lead and plug ok", "safe lead ok"],
    ["line cord perished at the plug", "safe lead wrong: perished at the plug"],
    ["fuse 1A ok", "safe fuse ok: 1A"],
    ["fuse is 5 A, too big", "safe fuse wrong: 5 A, too big"],
    ["fuse not bridged", "safe fuse ok"],
    ["fuse present, not bridged", "safe fuse ok"],
    ["mains lead is not cracked", "safe lead ok"],
    ["speaker connected", "safe speaker ok"],
    ["all tubes in place", "safe tubes ok"],
    ["nothing burnt", "safe burnt ok"],
    ["nothing loose inside", "safe foreign ok"],
  ])("is a line of the list: %s", (line, tick) => expect(ticks(line)).toEqual([tick]));

  it("may be several lines of it, each an entry of its own", () => {
    expect(ticks("unplugged and discharged, 0.4 V")).toEqual([
      "safe unplugged ok",
      "safe discharged ok",
      "safe residual 0.4 V",
    ]);
    for (const tick of ticks("unplugged, discharged")) expect(read(tick).kind).toBe("draft");
  });

  it("is a line only where this set's list has it", () => {
    expect(ticks("set is on an isolation transformer", "U48")).toEqual(["safe isolation ok"]);
    expect(ticks("knob grub screws covered", "U48")).toEqual(["safe knobs ok"]);
    expect(ticks("set is on an isolation transformer")).toContain("? set is on an isolation transformer");
  });

  it("is no line of it where a part of the line is something else", () =>
    expect(ticks("unplugged, dial glass off")[0]).toBe("? unplugged, dial glass off"));

  it.each(["not discharged", "speaker not connected", "lead without loose strands", "fuse not quite the wrong one"])(
    "is asked about where a “not” may turn it round: %s",
    (line) => expect(ticks(line)[0]).not.toMatch(/^safe /),
  );

  it("is asked about where another step is open", () =>
    expect(read("unplugged", "537", "baseline").kind).toBe("question"));
});
