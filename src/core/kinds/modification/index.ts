import { noRow, nothing, silent, unjudged, type KindOf } from "../kind";
import type { OpenPoint } from "../open";
import { printPart } from "../print";
import { CHASSIS_WORDS, MOD_STATE_WORDS } from "./values";
import type { ModPayload } from "./payload";
import { modificationsOf, pendingLines } from "./state";

/** A modification of this set, described in full at every change of its state. */
export const modification: KindOf<"modification", ModPayload, undefined> = {
  kind: "modification",
  fields: {
    name: "name",
    state: "state",
    what: "what it is",
    why: "why",
    askedBy: "asked for by",
    needs: "prerequisites",
    parts: "parts",
    taps: "tap points",
    chassis: "chassis",
    steps: "steps",
    verify: "to verify",
    recalibrate: "to recalibrate",
    reversible: "reversible",
    undo: "how to put it back",
    instructions: "how to use it",
    minutes: "minutes",
    recipe: "recipe",
    about: "which modification",
    remark: "remark",
  },
  about: ({ name }) => name,
  tied: [],
  judge: unjudged,
  describe: ({ name, state, what, parts, chassis, reversible, remark }) => ({
    subject: `Modification ${MOD_STATE_WORDS[state]}`,
    text: `${name}: ${[
      what,
      parts.map((part) => `${part.designator} ${printPart(part.text, part.designator)}`).join(" + "),
      CHASSIS_WORDS[chassis],
      reversible ? "reversible" : "not reversible",
      remark,
    ]
      .filter(Boolean)
      .join("; ")}`,
  }),
  designators: ({ parts }) => parts.map((part) => part.designator),
  works: nothing,
  changes: ({ state, name }) =>
    state === "fitted" || state === "undone" ? `${name} was ${MOD_STATE_WORDS[state]}` : undefined,
  handsInside: true,
  afterHandBack: "refused",
  // It takes its parts when it is fitted; its other states only describe it.
  takes: ({ state, parts }) => (state === "fitted" ? parts : []),
  lane: "modifications",
  inFile: "shown",
  csv: noRow,
  sections: nothing,
  // One begun and not finished, what a fitted one made necessary, a found one that nobody has decided on.
  open: (_mine, { settled }) =>
    modificationsOf(settled).flatMap((one): OpenPoint[] => {
      const { id, visitId } = one;
      const { name } = one.payload;
      if (one.state === "planned")
        return [{ id, visitId, kind: "modification", text: `${name} is begun: fit it, or say why not`, blocks: true }];
      if (one.state === "found")
        return [{ id, visitId, kind: "found", text: `${name} was found: keep it or put it back`, blocks: false }];
      return pendingLines(one).map((line) => ({
        id,
        visitId,
        kind: "modification",
        text: `${name}: ${line.text}`,
        blocks: true,
        line,
      }));
    }),
  evidence: silent,
};
