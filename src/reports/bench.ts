import type { Content } from "pdfmake/interfaces";
import { asBuilt, openPoints, originality } from "@/core/history";
import {
  describe,
  describeSetup,
  modificationsOf,
  MOD_STATE_WORDS,
  ofKind,
  printMinutes,
  printPart,
  standsIn,
  type Section,
  type Settled,
} from "@/core/kinds";
import { STEP_NAMES } from "@/core/model";
import { format, formatDeviation } from "@/core/quantity";
import { printMeasured } from "@/core/readings";
import { baselineWarning, setupsOf, soakOf, tubeRows } from "@/core/visit";
import { driftLines } from "./charts";
import { circuitSections } from "./circuit";
import { alignmentInFull } from "./alignment";
import type { Folded } from "./facts";
import { comparisonTable, testsOf, testTables } from "./before-after";
import { pictureSections } from "./picture";
import { para, section, sentence, table } from "./pieces";
import { runSections } from "./runs";

const clock = (iso: string) => iso.slice(11, 16);

function readings(folded: Folded): Content[] {
  const { settled, visit } = folded;
  const warning = baselineWarning(settled, visit.id);
  return [
    ...section(
      "Readings, before and after",
      warning ? para(warning, "strong") : undefined,
      ...setupsOf(settled, visit.id).map(({ payload }) =>
        para(`Set-up “${payload.name}”: ${describeSetup(payload)}.`, "dim"),
      ),
      comparisonTable(folded),
    ),
    ...section("Tests, before and after", ...testTables(testsOf(folded)), ...runSections(folded)),
  ];
}

function lines(items: readonly Settled[], folded: Folded): string[][] {
  return items.flatMap(({ content, at, entry }) => {
    if (!content) return [];
    const { subject, text, verdict } = describe(content);
    return [
      [
        `${folded.day(at)} ${clock(at)}`,
        subject,
        verdict === "bad" ? `${text} (out)` : text,
        folded.nameOf(entry.by).split(" ")[0] ?? "",
      ],
    ];
  });
}

const LOG_COLUMNS = [
  { title: "When (UTC)", width: 84 },
  { title: "What", width: 84 },
  { title: "Said", width: "*" },
  { title: "By", width: 42 },
] as const;

function modifications({ settled, day }: Folded): Content[] {
  return section(
    "Modifications of this set",
    ...modificationsOf(settled).flatMap((one): Content[] => {
      const { payload, state, ticks } = one;
      const ticked = [...ticks.values()].map((tick) => [
        { prerequisite: "before", read: "read", step: "step", verify: "verify", recalibrate: "recalibrate" }[tick.list],
        tick.text,
        [
          tick.state === "done" ? "" : tick.state,
          tick.saw,
          tick.why,
          tick.out === undefined ? "" : `${tick.out} screws out`,
          tick.back === undefined ? "" : `${tick.back} back`,
        ]
          .filter(Boolean)
          .join("; "),
      ]);
      return [
        para(
          `${payload.name}: ${one.changes.map((change) => `${MOD_STATE_WORDS[change.state]} ${day(change.at)}`).join(", ")}`,
          "strong",
        ),
        para(
          `${payload.what}. ${payload.undo ? `To put it back: ${payload.undo}.` : "It cannot be put back."}${state === "dropped" && payload.remark ? ` ${payload.remark}` : ""}`,
        ),
        ...[
          table(
            [
              { title: "List", width: 60 },
              { title: "Line", width: "*" },
              { title: "Seen, measured, why", width: 190 },
            ],
            ticked,
          ),
        ].filter((content): content is Content => content !== undefined),
      ];
    }),
  );
}

function soak({ settled, visit, moment, input }: Folded): Content[] {
  const one = soakOf(settled, visit.id, moment, input.terms);
  if (!one) return [];
  return section(
    "Soak",
    para(
      `${printMinutes(one.elapsedMinutes)} of ${one.hours} h under power${one.lineVolts ? ` at ${format(one.lineVolts, "voltage")}` : ""}, ${one.state}.`,
    ),
    one.drifts.some(({ reference }) => reference)
      ? { svg: driftLines(one.drifts, one.hours), margin: [0, 0, 0, 6] }
      : undefined,
    table(
      [
        { title: "Point", width: "*" },
        { title: "Once warm", width: 80, right: true },
        { title: "Last", width: 80, right: true },
        { title: "Drift", width: 60, right: true },
        { title: "Verdict", width: 80 },
      ],
      one.drifts.map((drift) => [
        drift.point,
        drift.reference ? printMeasured(drift.reference.value, drift.quantity, 4) : "–",
        printMeasured(drift.taken.at(-1)?.value ?? 0, drift.quantity, 4),
        drift.worst === undefined ? "–" : formatDeviation(drift.worst),
        drift.verdict === "too-few" ? "too few readings" : drift.verdict,
      ]),
    ),
  );
}

function tubes({ settled, visit }: Folded): Content[] {
  const percent = (ratio: number | undefined) => (ratio === undefined ? "tested" : `${Math.round(ratio * 100)} %`);
  return section(
    "Tubes, share of nominal",
    table(
      [
        { title: "Tube", width: 60, mono: true },
        { title: "First test", width: "*" },
        { title: "Last test", width: "*" },
        { title: "", width: 80 },
      ],
      tubeRows(settled, visit.id).map((row) => [
        row.designator,
        row.before.text || percent(row.before.ratio),
        row.after ? row.after.text || percent(row.after.ratio) : "–",
        row.replaced ? "replaced" : "",
      ]),
    ),
  );
}

function parts(folded: Folded): Content[] {
  const { settled, input, moment } = folded;
  const places = asBuilt(settled, input.model.sheet, moment);
  const touched = places.filter(({ state }) => state !== "original");
  return section(
    "As built",
    para(`${originality(places).text}.`),
    table(
      [
        { title: "Place", width: 48, mono: true },
        { title: "Stage, role", width: 100 },
        { title: "Drawn", width: 80 },
        { title: "State", width: 60 },
        { title: "There now", width: "*" },
      ],
      touched.map((place) => [
        place.designator,
        [place.stage, place.role].filter(Boolean).join(", "),
        place.drawn ? printPart(place.drawn, place.designator, input.model.sheet) : "–",
        place.state,
        [
          place.parts.map((part) => printPart(part.text, part.designator)).join(" + "),
          ...place.parts.map(({ stock }) =>
            [stock?.maker, stock?.batch && `batch ${stock.batch}`].filter(Boolean).join(" "),
          ),
          place.why,
          place.lastWorkAt && folded.day(place.lastWorkAt),
        ]
          .filter(Boolean)
          .join("; "),
      ]),
    ),
  );
}

/** Everything that the next technician may ask: set-ups, readings, tests, search, modifications, soak, and the log itself. */
export function benchReport(folded: Folded): Content[] {
  const { mine, settled, moment } = folded;
  const labour = ofKind(mine, "labour");
  const listed = (of: Section) =>
    table(
      LOG_COLUMNS,
      lines(
        mine.filter(({ content }) => content && standsIn(of, content)),
        folded,
      ),
    );
  const open = openPoints(settled, moment);
  return [
    ...section("Cold checks and first power", listed("first-power")),
    ...section("Symptoms, search and what was found", listed("search")),
    ...readings(folded),
    ...alignmentInFull(folded),
    ...tubes(folded),
    ...modifications(folded),
    ...soak(folded),
    ...section("Work on parts and places", listed("parts")),
    ...parts(folded),
    ...pictureSections(folded),
    ...circuitSections(folded),
    ...section("Notes for the record", listed("notes")),
    ...section(
      "Labour",
      table(
        [
          { title: "Step", width: 100 },
          { title: "Time", width: 80, right: true },
          { title: "For", width: "*" },
        ],
        labour.map(({ content: { payload } }) => [
          STEP_NAMES[payload.step],
          printMinutes(payload.minutes),
          payload.what ?? "",
        ]),
      ),
    ),
    ...section("Open, and why", ...open.map(({ text }) => para(sentence(text)))),
    ...section("The log of this visit", table(LOG_COLUMNS, lines(mine, folded))),
    para(
      `The logbook had ${folded.input.entries.length} entries when this was written; the seal of the last one is ${folded.input.head}.`,
      "dim",
    ),
  ];
}
