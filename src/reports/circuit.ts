import type { Content } from "pdfmake/interfaces";
import { answerCircuit } from "@/core/circuit";
import { nodeLines, STATE_SIGNS, svgOfPanel, type AtNode } from "@/core/drawing";
import { asBuilt } from "@/core/history";
import { nodeOfPoint } from "@/core/model";
import { PHASES } from "@/core/readings";
import { circuitQuestion, takenIn } from "@/core/visit";
import type { Folded } from "./facts";
import { para, section } from "./pieces";

const WIDTH = 500;
/** A panel that is narrower is not drawn larger than the letters around it. */
const LARGEST = 0.8;

/** What each node reads by the net, and what was read there last in this visit. */
function volts({ input, settled, visit }: Folded): Map<string, AtNode> {
  const { sheet } = input.model;
  const at = new Map<string, AtNode>();
  const question = circuitQuestion({ sheet, settled, visitId: visit.id });
  const answer = question && answerCircuit({ ...question, readings: [] });
  if (answer?.ok) for (const { node, volts: net } of [...answer.nodes, ...answer.points]) at.set(node, { net });
  for (const phase of PHASES.filter((one) => one !== "cold"))
    for (const [point, { payload, judgement }] of takenIn(settled, visit.id, phase))
      if (payload.quantity === "voltage" && !payload.designator)
        at.set(nodeOfPoint(point), {
          ...at.get(nodeOfPoint(point)),
          read: payload.measured.value,
          ...(judgement.verdict === "none" ? {} : { fits: !["high", "low"].includes(judgement.verdict) }),
        });
  return at;
}

/** The circuit, stage by stage, with its volts and the state of its parts. */
export function circuitSections(folded: Folded): Content[] {
  const { drawing, model } = folded.input;
  if (!drawing || drawing.panels.length === 0) return [];
  const known = volts(folded);
  const states = new Map(
    asBuilt(folded.settled, model.sheet, folded.moment).map(({ designator, state }) => [designator, state]),
  );
  const words = {
    node: (node: string) => nodeLines(known.get(node) ?? {}),
    part: (part: string) => STATE_SIGNS[states.get(part.split(/[/ ]/)[0] ?? part) ?? "original"],
    live: model.sheet.supply === "live-chassis",
  };
  return section(
    "The circuit",
    para(
      "Net: computed from the circuit, for parts as they are. Read: the last reading of this visit, ● within the chart, ▲ out of it. ■ replaced or restuffed, ✓ serviced, △ modified, ~ substituted, × removed or disconnected, ! left.",
      "dim",
    ),
    ...drawing.panels.map((panel): Content => {
      const scale = Math.min(LARGEST, WIDTH / panel.width);
      return {
        unbreakable: true,
        stack: [
          para(panel.title, "strong"),
          { svg: svgOfPanel(panel, words), width: panel.width * scale, font: "Text", margin: [0, 0, 0, 8] },
        ],
      };
    }),
  );
}
