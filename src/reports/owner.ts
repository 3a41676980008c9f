import type { Content } from "pdfmake/interfaces";
import { describe, MOD_STATE_WORDS, ofKind, printMinutes, standsIn, type Section } from "@/core/kinds";
import { openPoints } from "@/core/history";
import { priceOf } from "@/core/handback";
import { formatMoney, format } from "@/core/quantity";
import { workSummary } from "@/core/visit";
import { alignmentSection } from "./alignment";
import { comparisonTable, testsOf, testTables } from "./before-after";
import { handBackOf, takeInOf, type Folded } from "./facts";
import { para, section, sentence, table } from "./pieces";
import { runSections } from "./runs";

const OLD_PARTS = { returned: "returned in a bag", kept: "kept in the shop", none: "there are none" } as const;

function priceTable(folded: Folded): Content | undefined {
  const { input, settled, visit } = folded;
  const price = priceOf(settled, visit.id, input.terms, input.shop.currency);
  if (price.totalMinor === 0) return undefined;
  const money = (minor: number) => formatMoney({ minor, currency: price.currency });
  return table(
    [
      { title: "", width: "*" },
      { title: price.currency, width: 90, right: true },
    ],
    [
      [`Labour, ${printMinutes(price.labourMinutes)}`, money(price.labourMinor)],
      ["Parts", money(price.partsMinor)],
      [`${input.terms.taxName} ${format(input.terms.tax, "percent")}`, money(price.taxMinor)],
      ["Total", money(price.totalMinor)],
    ],
  );
}

/** What the owner wants to know: what was wrong, what was done, how to use it, what to watch. */
export function ownerReport(folded: Folded): Content[] {
  const { mine, settled, visit, changed, moment } = folded;
  const takeIn = takeInOf(folded);
  const handBack = handBackOf(folded);
  const drafted = workSummary(settled, visit.id);
  const findings = ofKind(mine, "finding").filter(({ content }) => content.payload.state === "found");
  const causes = [...new Map(findings.map(({ content }) => [content.payload.fault, content.payload])).values()];
  const listed = (of: Section) =>
    mine.flatMap(({ content }) => {
      if (!content || !standsIn(of, content)) return [];
      const { subject, text } = describe(content);
      return [[subject, text]];
    });
  const left = openPoints(settled, moment).filter(({ kind }) => kind !== "modification");
  return [
    ...section(
      "What was wrong",
      para(sentence(takeIn?.complaint ?? "Not written down")),
      takeIn?.wants ? para(`You asked for: ${takeIn.wants}.`) : undefined,
      ...causes.map(({ cause, mended }) => para(`Found: ${cause}.${mended ? ` Mended: ${mended}.` : ""}`)),
    ),
    ...section("What was done", para(handBack?.summary ?? (drafted.done || "Nothing yet."))),
    ...section(
      "Parts and places",
      table(
        [
          { title: "Place", width: 90 },
          { title: "What was done", width: "*" },
        ],
        listed("parts"),
      ),
    ),
    ...section("Notes", ...listed("notes").map(([subject, text]) => para(sentence(`${subject}: ${text}`)))),
    ...section(
      "Before and after",
      comparisonTable(folded, true),
      ...testTables(testsOf(folded)),
      ...runSections(folded),
    ),
    ...alignmentSection(folded),
    ...section(
      "Modifications",
      ...changed.map(({ payload, state }) =>
        para(
          [
            `${payload.name}: ${MOD_STATE_WORDS[state]}. ${payload.what}.`,
            payload.instructions ? `How to use it: ${payload.instructions}` : "",
            payload.undo ? `It can be put back: ${payload.undo}.` : "",
          ]
            .filter(Boolean)
            .join(" "),
        ),
      ),
    ),
    ...section(
      "For you",
      handBack?.instructions ? para(handBack.instructions) : undefined,
      handBack?.watch ? para(`Watch: ${handBack.watch}`) : undefined,
      handBack?.left || left.length > 0
        ? para(`Left as it is: ${handBack?.left ?? left.map(({ text }) => text.replace(/\.$/, "")).join("; ")}.`)
        : undefined,
      handBack ? para(`Old parts: ${OLD_PARTS[handBack.oldParts]}.`) : undefined,
      handBack?.warrantyMonths ? para(`Warranty on this work: ${handBack.warrantyMonths} months.`) : undefined,
      handBack?.nextService ? para(`Next service: ${folded.day(handBack.nextService)}.`) : undefined,
    ),
    ...section("Price", priceTable(folded)),
  ];
}
