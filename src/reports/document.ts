import type { Content, TDocumentDefinitions } from "pdfmake/interfaces";
import { asBuilt, openPoints, originality } from "@/core/history";
import { isThere, modificationsOf, ofKind } from "@/core/kinds";
import { POLICY_NAMES } from "@/core/policy";
import { modelName, setName, SUPPLY_WORDS } from "@/core/model";
import { hazards } from "@/core/power";
import { BASE, INK } from "./base";
import { benchReport } from "./bench";
import { fold, printDay, takeInOf, type Folded } from "./facts";
import { REPORT_NAMES, type ReportInput } from "./input";
import { ownerReport } from "./owner";
import { facts, para, section } from "./pieces";

/** A heading is never the last thing on a page. */
const LEAST_BELOW_HEADING = 90;

function head(folded: Folded): Content[] {
  const { input, visit } = folded;
  const { model, set, owner, shop } = input;
  const takeIn = takeInOf(folded);
  return [
    {
      columns: [
        [
          { text: shop.name || "Service report", style: "dim" },
          { text: `${REPORT_NAMES[input.kind]}, job ${visit.job}`, style: "title" },
          {
            text: `${modelName(model)}${model.year ? ` (${model.year})` : ""}, No. ${set.serial || "unknown"}`,
            fontSize: 12,
          },
          { text: model.sheet.kind, style: "dim" },
        ],
        {
          width: 200,
          stack: [
            facts([
              ["Owner", owner],
              ["Taken in", printDay(visit.openedAt)],
              ["Handed back", visit.closedAt ? printDay(visit.closedAt) : "still in the shop"],
              ["Policy", takeIn ? POLICY_NAMES[takeIn.policy] : undefined],
              ["Earlier visits", String(folded.visits.indexOf(visit))],
            ]),
          ],
        },
      ],
      margin: [0, 0, 0, 6],
    },
    { canvas: [{ type: "line", x1: 0, y1: 0, x2: 515, y2: 0, lineWidth: 1, lineColor: INK }] },
  ];
}

const CAUTION =
  "Mains-operated sets are opened by trained people only; the local electrical code comes first. Values are as measured with the instruments noted in the log; no computed figure stands for a measurement of safety.";

function pages(input: ReportInput): TDocumentDefinitions {
  const folded = fold(input);
  const body = input.kind === "owner" ? ownerReport(folded) : benchReport(folded);
  return {
    ...BASE,
    info: {
      title: `${REPORT_NAMES[input.kind]}, job ${folded.visit.job}`,
      author: input.shop.name,
      creationDate: new Date(input.now),
    },
    pageSize: "A4",
    pageMargins: [40, 44, 40, 52],
    content: [...head(folded), ...body, para(CAUTION, "dim")],
    pageBreakBefore: (node, around) =>
      node.headlineLevel === 1 &&
      (node.startPosition.pageInnerHeight - node.startPosition.top < LEAST_BELOW_HEADING ||
        around.getFollowingNodesOnPage().length === 0),
    footer: (page, count) => ({
      margin: [40, 14, 40, 0],
      columns: [
        {
          text: `${setName(input.model, input.set.serial)}, job ${folded.visit.job}`,
          style: "dim",
        },
        { text: `Page ${page} of ${count}`, style: "dim", alignment: "right" },
      ],
    }),
  };
}

/** One page to leave inside the cabinet: what the set is, what was done to it and when, and the way to its file. */
function card(input: ReportInput): TDocumentDefinitions {
  const folded = fold(input);
  const { model, set, shop } = input;
  const places = asBuilt(folded.settled, model.sheet, folded.moment);
  const mods = modificationsOf(folded.settled).filter(isThere);
  const handBack = ofKind(folded.settled, "hand-back").at(-1)?.content.payload;
  const left = openPoints(folded.settled, folded.moment).filter(({ kind }) => kind === "left");
  const dangers = hazards(model.sheet, model.year).filter(({ level }) => level === "danger");
  const cut = (text: string, most: number) => (text.length > most ? `${text.slice(0, most - 1)}…` : text);
  const some = <T>(list: readonly T[], most: number, print: (one: T) => string): Content[] => [
    ...list.slice(0, most).map((one) => para(cut(print(one), 170))),
    ...(list.length > most ? [para(`and ${list.length - most} more, in the file.`, "dim")] : []),
  ];
  return {
    ...BASE,
    defaultStyle: { ...BASE.defaultStyle, fontSize: 8.5 },
    info: { title: `Card, ${modelName(model)}`, author: shop.name, creationDate: new Date(input.now) },
    pageSize: "A5",
    pageMargins: [26, 26, 26, 26],
    content: [
      {
        columns: [
          [
            { text: shop.name, style: "dim" },
            { text: modelName(model), fontSize: 15, bold: true },
            { text: `${model.year ?? ""} No. ${set.serial || "unknown"}`.trim() },
            { text: `${SUPPLY_WORDS[model.sheet.supply]}, ${model.sheet.lineVolts} V` },
            ...dangers.map((danger): Content => ({
              text: `${danger.short}: ${danger.detail}`,
              bold: true,
              margin: [0, 3, 8, 0],
            })),
          ],
          {
            width: 96,
            stack: [
              { qr: input.url, fit: 92 },
              { text: "the set's file", style: "dim", alignment: "center", margin: [0, 3, 0, 0] },
            ],
          },
        ],
      },
      ...section(
        "Here so far",
        ...some(folded.visits.toReversed(), 5, (visit) => {
          const back = ofKind(visit.items, "hand-back").at(-1)?.content.payload;
          const taken = ofKind(visit.items, "take-in").at(-1)?.content.payload;
          return `${printDay(visit.openedAt)}, job ${visit.job}: ${back?.summary ?? taken?.complaint ?? ""}`;
        }),
      ),
      ...section(
        "Modified",
        ...some(
          mods,
          4,
          ({ payload }) =>
            `${payload.name}. ${payload.instructions ?? ""} ${payload.undo ? `To put it back: ${payload.undo}.` : "It cannot be put back."}`,
        ),
      ),
      ...section("Left as they are, and why", ...some(left, 5, ({ text }) => text)),
      ...section("How original", para(`${originality(places).text}.`)),
      ...section(
        "To watch",
        handBack?.watch ? para(cut(handBack.watch, 200)) : undefined,
        handBack?.nextService ? para(`Next service: ${printDay(handBack.nextService)}.`) : undefined,
      ),
      para(cut(CAUTION, 220), "dim"),
    ],
  };
}

/** The pages of a report as data: what they say can be tested without setting them. */
export const reportDocument = (input: ReportInput): TDocumentDefinitions =>
  input.kind === "card" ? card(input) : pages(input);
