"use client";

import { ClipboardPaste, Download, Plus } from "lucide-react";
import Papa from "papaparse";
import { useMemo, useState } from "react";
import { format } from "@/core/quantity";
import { GROUP_WORDS, GROUPS, runLines, runTable, sheetsFor, type TestSheet } from "@/core/sheets";
import { guard } from "@/core/tables";
import { writeLine } from "@/core/kinds";
import { PHASE_NAMES } from "@/core/readings";
import { sheetRuns, testRuns } from "@/core/visit";
import { download } from "@/ui/download";
import { Field } from "@/ui/form";
import { shapeOf, useKept } from "@/ui/kept";
import { LineHint } from "@/ui/LineHint";
import { SideBySide } from "@/ui/SideBySide";
import { useLogbook } from "@/ui/logbook";
import { RunTable, Sums } from "@/ui/runs";
import { Compare, RunCurve, useBeside } from "./Compare";
import { Hum } from "./Hum";
import { KeyDown } from "./KeyDown";
import { InstrumentsHere } from "./InstrumentsHere";
import { ModulationDrawing } from "./ModulationDrawing";
import { Oscilloscope } from "./Oscilloscope";
import { PasteRows } from "./PasteRows";
import { Preflight } from "./Preflight";
import { RunGrid } from "./RunGrid";
import { RunSetUp } from "./RunSetUp";
import { StepAndRead } from "./StepAndRead";
import { Sweep } from "./Sweep";
import { Tone } from "./Tone";
import { useRun, type RunInView } from "./useRun";

type Phase = "baseline" | "prove";

/** The run as a list for a spreadsheet. */
function save(run: RunInView): void {
  const csv = Papa.unparse(
    runLines(run.table).map((cells) => cells.map(guard)),
    { newline: "\r\n" },
  );
  download(`\ufeff${csv}\r\n`, "text/csv", `${run.sheet.key}-run.csv`);
}

/** Frequencies that a response is held against. Trade use. */
const REFERENCES = [400, 1000];

/** Tests of this visit that were written down one by one and belong to this sheet: they stand in its table too. */
function SingleTests({ sheet }: { sheet: TestSheet }) {
  const { settled, visit } = useLogbook();
  const runs = testRuns(settled, sheet).filter(({ visitId }) => visitId === visit.id);
  if (runs.length === 0) return null;
  return (
    <details className="mt-2 rounded-box border border-base-300 p-2">
      <summary className="min-h-10 cursor-pointer font-bold">
        Written down as single tests: {runs.reduce((sum, { rows }) => sum + rows.length, 0)}
      </summary>
      {runs.map((run) => {
        const name = `${sheet.name}, single tests, ${PHASE_NAMES[run.phase].toLowerCase()}`;
        return (
          <div key={run.id} className="mt-1">
            <p className="dim">{PHASE_NAMES[run.phase]}</p>
            <RunTable table={runTable({ ...sheet, sums: [] }, run.rows)} label={name} />
          </div>
        );
      })}
    </details>
  );
}

function RunView({ sheet: shipped, phase }: { sheet: TestSheet; phase: Phase }) {
  const { value: against, set: holdAgainst } = useKept(`reference ${shipped.key}`, shapeOf(""), "");
  const chosen = shipped.curve?.log && shipped.curve.reference ? Number(against) || shipped.curve.reference : undefined;
  const sheet = useMemo(
    () => (shipped.curve && chosen ? { ...shipped, curve: { ...shipped.curve, reference: chosen } } : shipped),
    [shipped, chosen],
  );
  const run = useRun(sheet, phase);
  const beside = useBeside(run);
  // A narrow table leaves room for its curve.
  const narrow = sheet.curve !== undefined && sheet.columns.length + sheet.worked.length <= 3;
  const curve = (
    <div className={narrow ? "md:sticky md:top-2" : ""}>
      <RunCurve run={run} beside={beside} narrow={narrow} />
      <Sums sums={run.table.sums} />
    </div>
  );
  const [pasting, setPasting] = useState(false);
  const last = run.run?.rows.at(-1);
  return (
    <SideBySide narrow="below" side={<Compare run={run} beside={beside} />}>
      <p className="dim mb-1">{sheet.says}</p>
      <Preflight run={run} />
      <RunSetUp run={run} />
      {sheet.key === "modulation" ? <ModulationDrawing /> : null}
      {sheet.group === "transmit" ? <KeyDown run={run} /> : null}
      <div className="mb-1 flex flex-wrap items-center gap-2">
        {run.run ? (
          <button type="button" className="btn btn-outline h-10" onClick={run.begin}>
            <Plus size={16} aria-hidden="true" /> New run
          </button>
        ) : null}
        <button
          type="button"
          className="btn btn-outline h-10"
          aria-expanded={pasting}
          onClick={() => setPasting(!pasting)}
        >
          <ClipboardPaste size={16} aria-hidden="true" /> From a list
        </button>
        {run.run ? (
          <button type="button" className="btn btn-outline h-10" onClick={() => save(run)}>
            <Download size={16} aria-hidden="true" /> As CSV
          </button>
        ) : null}
        {chosen ? (
          <label className="flex items-center gap-2 whitespace-nowrap">
            dB against
            <select className="select h-10" value={chosen} onChange={(event) => holdAgainst(event.target.value)}>
              {REFERENCES.map((hertz) => (
                <option key={hertz} value={hertz}>
                  {format(hertz, "frequency")}
                </option>
              ))}
            </select>
          </label>
        ) : null}
        <span className="dim text-sm">
          {run.run
            ? `${run.run.rows.length} ${run.run.rows.length === 1 ? "row" : "rows"} measured in this run`
            : "A run begins with its first row"}
        </span>
      </div>
      <StepAndRead run={run} />
      {pasting ? <PasteRows run={run} onClose={() => setPasting(false)} /> : null}
      <div className={narrow ? "grid items-start gap-4 md:grid-cols-[minmax(0,1fr)_minmax(0,19rem)]" : ""}>
        <RunGrid run={run} />
        {curve}
      </div>
      <SingleTests sheet={sheet} />
      <Oscilloscope />
      <InstrumentsHere />
      <div className="mt-2">
        <LineHint
          line={
            last
              ? writeLine({ kind: "measured-row", payload: { v: 1, phase, preflight: [], ...last.row } })
              : `row ${sheet.name.toLowerCase()}: ${(run.lines[0] ? Object.values(run.lines[0].at) : ["…"]).join(", ")} ${sheet.columns[0]?.word ?? ""} …`
          }
        />
      </div>
      {sheet.key === "response" ? (
        <>
          <Sweep run={run} />
          <Tone run={run} />
        </>
      ) : null}
      {sheet.key === "hum" ? <Hum run={run} /> : null}
    </SideBySide>
  );
}

/** Test sheets: which one, and its run. Those that suit the set come first. */
export function MeasurePlate({ phase }: { phase: Phase }) {
  const { model, sheets, settled, visit } = useLogbook();
  const { suit, others } = sheetsFor(model.sheet, sheets);
  const measured = new Set(
    sheetRuns(settled)
      .filter((run) => run.visitId === visit.id)
      .map((run) => run.sheet.key),
  );
  const first = suit.find(({ key }) => measured.has(key)) ?? suit[0];
  const { value: chosen, set } = useKept(`sheet ${visit.id} ${phase}`, shapeOf(""), "");
  const sheet = sheets.find(({ key }) => key === chosen) ?? first;
  const option = ({ key, name }: TestSheet) => (
    <option key={key} value={key}>
      {name}
      {measured.has(key) ? " ✓" : ""}
    </option>
  );
  if (!sheet) return <p className="dim">There is no test sheet.</p>;
  return (
    <div>
      <Field label="Test sheet" className="mb-2 max-w-md">
        {(props) => (
          <select
            {...props}
            className="select h-11 w-full"
            value={sheet.key}
            onChange={(event) => set(event.target.value)}
          >
            {GROUPS.map((group) => {
              const mine = suit.filter((one) => one.group === group);
              return mine.length > 0 ? (
                <optgroup key={group} label={GROUP_WORDS[group]}>
                  {mine.map(option)}
                </optgroup>
              ) : null;
            })}
            {others.length > 0 ? <optgroup label="For other kinds of sets">{others.map(option)}</optgroup> : null}
          </select>
        )}
      </Field>
      <RunView key={sheet.key} sheet={sheet} phase={phase} />
    </div>
  );
}
