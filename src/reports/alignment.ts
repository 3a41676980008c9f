import type { Content } from "pdfmake/interfaces";
import { doneText, turnsText } from "@/core/alignment";
import { format } from "@/core/quantity";
import { alignedSteps, coreHistory } from "@/core/visit";
import type { Folded } from "./facts";
import { para, section, table } from "./pieces";

/** What was aligned in this visit, round by round. */
const stepsTable = ({ settled, visit, input }: Folded): Content | undefined =>
  table(
    [
      { title: "Part of", width: 90 },
      { title: "Turned", width: 80, mono: true },
      { title: "At", width: 60, right: true },
      { title: "Round by round", width: "*" },
    ],
    alignedSteps(input.model.sheet, settled, visit.id).map(({ group, adjust, hertz, rounds }) => [
      group,
      adjust,
      hertz === undefined ? "" : format(hertz, "frequency", 5),
      rounds.map((done, n) => `${n + 1}: ${doneText(done)}`).join("; "),
    ]),
  );

/** For the owner: what was turned; the dial and the sensitivity stand among the tests, before and after. */
export const alignmentSection = (folded: Folded): Content[] => section("Alignment", stepsTable(folded));

/** For the bench: with how far each core was ever moved. */
export function alignmentInFull(folded: Folded): Content[] {
  const cores = coreHistory(folded.settled);
  const moved = cores.filter(({ visits }) => visits.length > 1);
  return section(
    "Alignment",
    stepsTable(folded),
    moved.length > 0
      ? para(
          `Over all visits: ${moved.map(({ adjust, net }) => `${adjust} ${turnsText(net)}`).join(", ")}. In is clockwise.`,
        )
      : undefined,
  );
}
