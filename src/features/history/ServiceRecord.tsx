import {
  describe,
  describeSetup,
  MOD_STATE_WORDS,
  modificationsOf,
  ofKind,
  standsIn,
  type Section as Place,
  type Settled,
} from "@/core/kinds";
import { openPoints, type VisitOfTimeline } from "@/core/history";
import { POLICY_NAMES } from "@/core/policy";
import { doneText } from "@/core/alignment";
import { modelName, type Sheet } from "@/core/model";
import { format } from "@/core/quantity";
import { cellText, runTable } from "@/core/sheets";
import {
  alignedSteps,
  baselineWarning,
  compareVisit,
  drawnBy,
  OUTCOME_WORDS,
  runPair,
  setupsOf,
  sheetRuns,
  workSummary,
} from "@/core/visit";
import { printMeasured } from "@/core/readings";
import type { SetRecord } from "@/db/sets";
import { RunTable, Sums } from "@/ui/runs";
import { Time } from "@/ui/Time";

type RecordProps = {
  record: SetRecord;
  visit: VisitOfTimeline;
  settled: readonly Settled[];
  now: string;
  shop?: string | undefined;
};

/** Runs of test sheets of the visit: the last of each sheet, and that of the baseline where there is one. */
function Runs({ settled, visitId }: { settled: readonly Settled[]; visitId: string }) {
  const runs = sheetRuns(settled);
  const keys = [...new Set(runs.filter((run) => run.visitId === visitId).map(({ sheet }) => sheet.key))];
  return keys.flatMap((key) => {
    const { before, after } = runPair(runs, visitId, key);
    return [before, after].flatMap((run) => {
      if (!run) return [];
      const table = runTable(drawnBy(run), run.rows);
      const when = before && after ? (run === before ? ", before" : ", after") : "";
      return (
        <Section key={run.id} title={`${run.sheet.name}${when}`}>
          {run.given.length > 0 ? <p>{run.given.map((cell) => `${cell.name} ${cellText(cell)}`).join(", ")}</p> : null}
          <RunTable table={table} label={`${run.sheet.name}${when}`} />
          <Sums sums={table.sums} />
        </Section>
      );
    });
  });
}

/** What was aligned, round by round. */
function Alignment({ sheet, settled, visitId }: { sheet: Sheet; settled: readonly Settled[]; visitId: string }) {
  const steps = alignedSteps(sheet, settled, visitId);
  if (steps.length === 0) return null;
  return (
    <Section title="Alignment">
      <table className="w-full">
        <tbody>
          {steps.map(({ group, adjust, hertz, rounds }) => (
            <tr key={`${group} ${adjust} ${hertz}`} className="align-top">
              <th scope="row" className="w-52 py-0.5 pr-3 text-left">
                {group}, {adjust}
                {hertz === undefined ? "" : ` at ${format(hertz, "frequency", 5)}`}
              </th>
              <td className="py-0.5">{rounds.map((done, n) => `${n + 1}: ${doneText(done)}`).join("; ")}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </Section>
  );
}

const Section = ({ title, children }: { title: string; children: React.ReactNode }) => (
  <section className="mt-5">
    <h2 className="border-b border-base-content text-lg font-bold">{title}</h2>
    <div className="mt-1.5">{children}</div>
  </section>
);

/** Entries of a section, one line each. */
function Lines({ title, of, items, days }: { title: string; of: Place; items: readonly Settled[]; days?: boolean }) {
  const listed = items.flatMap(({ entry, at, content }) =>
    content && standsIn(of, content) ? [{ id: entry.id, at, line: describe(content) }] : [],
  );
  if (listed.length === 0) return null;
  return (
    <Section title={title}>
      <table className="w-full">
        <tbody>
          {listed.map(({ id, at, line }) => (
            <tr key={id} className="align-top">
              <th scope="row" className="w-36 py-0.5 pr-3 text-left">
                {line.subject}
              </th>
              <td className="py-0.5">{line.text}</td>
              {days ? (
                <td className="py-0.5 pl-3 text-right whitespace-nowrap">
                  <Time iso={at} as="day" />
                </td>
              ) : null}
            </tr>
          ))}
        </tbody>
      </table>
    </Section>
  );
}

/** What the owner takes home and the next technician reads: one visit on paper. */
export function ServiceRecord({ record, visit, settled, now, shop }: RecordProps) {
  const { model, owner, serial } = record;
  const mine = visit.items;
  const takeIn = ofKind(mine, "take-in").at(-1)?.content.payload;
  const handBack = ofKind(mine, "hand-back").at(-1)?.content.payload;
  const symptoms = ofKind(mine, "symptom").filter(({ content }) => content.payload.state !== "gone");
  const rows = compareVisit(model.sheet, model.year, settled, visit.id).filter((row) => row.before || row.after);
  const moment = visit.closedAt ?? now;
  const open = openPoints(settled, moment);
  const setups = setupsOf(settled, visit.id);
  const warning = baselineWarning(settled, visit.id);
  const drafted = workSummary(settled, visit.id);
  const mods = modificationsOf(settled).filter(({ changes }) => changes.some(({ visitId }) => visitId === visit.id));
  return (
    <article className="print-page mx-auto max-w-4xl rounded-box border border-base-300 bg-base-100 p-8">
      <header className="flex items-start justify-between gap-6">
        <div>
          {shop ? <p className="font-bold">{shop}</p> : null}
          <h1 className="mt-2 text-2xl font-bold">Service record, job {visit.job}</h1>
          <p className="text-lg">
            {modelName(model)}
            {model.year ? ` (${model.year})` : ""}, No. {serial || "unknown"}
          </p>
          <p>{model.sheet.kind}</p>
        </div>
        <dl className="grid grid-cols-[auto_auto] gap-x-3 text-right">
          <dt>Owner</dt>
          <dd className="font-bold">{owner.name}</dd>
          <dt>Taken in</dt>
          <dd>
            <Time iso={visit.openedAt} as="day" />
          </dd>
          <dt>Handed back</dt>
          <dd>{visit.closedAt ? <Time iso={visit.closedAt} as="day" /> : "still in the shop"}</dd>
          {takeIn ? (
            <>
              <dt>Policy</dt>
              <dd>{POLICY_NAMES[takeIn.policy]}</dd>
            </>
          ) : null}
        </dl>
      </header>
      <Section title="Complaint">
        <p>{takeIn?.complaint ?? "Not written down."}</p>
        {takeIn?.wants ? <p>The owner wanted: {takeIn.wants}.</p> : null}
        {takeIn && takeIn.received.length > 0 ? <p>Came with: {takeIn.received.join(", ")}.</p> : null}
        {takeIn && takeIn.missing.length > 0 ? <p>Missing: {takeIn.missing.join(", ")}.</p> : null}
        {symptoms.length > 0 ? (
          <p>Seen in the shop: {symptoms.map(({ content }) => content.payload.what).join("; ")}.</p>
        ) : null}
      </Section>
      <Section title="What was done">
        <p>{handBack?.summary ?? (drafted.done || "Nothing yet.")}</p>
      </Section>
      <Lines title="Parts and places" of="parts" items={mine} days />
      <Lines title="First power" of="first-power" items={mine} />
      <Lines title="Notes" of="notes" items={mine} />
      {warning && rows.length === 0 ? <p className="mt-4 font-semibold">{warning}</p> : null}
      {rows.length > 0 ? (
        <Section title="Readings, before and after">
          {warning ? <p className="font-semibold">{warning}</p> : null}
          {setups.map(({ id, payload }) => (
            <p key={id} className="text-sm">
              Set-up “{payload.name}”: {describeSetup(payload)}.
            </p>
          ))}
          <table className="w-full">
            <thead>
              <tr className="text-left">
                <th scope="col">Point</th>
                <th scope="col" className="text-right">
                  Expected
                </th>
                <th scope="col" className="text-right">
                  Before
                </th>
                <th scope="col" className="text-right">
                  After
                </th>
                <th scope="col" className="pl-4">
                  Outcome
                </th>
              </tr>
            </thead>
            <tbody>
              {rows.map((row) => {
                const print = (value: number | undefined) =>
                  value === undefined ? "–" : printMeasured(value, row.quantity);
                return (
                  <tr key={row.point}>
                    <th scope="row" className="text-left font-semibold">
                      {row.point}
                    </th>
                    <td className="text-right">
                      {print((row.after ?? row.before)?.judgement.corrected ?? row.expected?.value)}
                    </td>
                    <td className="text-right">{print(row.before?.payload.measured.value)}</td>
                    <td className="text-right">{print(row.after?.payload.measured.value)}</td>
                    <td className="pl-4">
                      {[row.mark, OUTCOME_WORDS[row.outcome]].filter(Boolean).join("; ")}
                      {row.setup.length > 0 ? ` (${row.setup.join("; ")})` : ""}
                    </td>
                  </tr>
                );
              })}
            </tbody>
          </table>
        </Section>
      ) : null}
      {mods.length > 0 ? (
        <Section title="Modifications">
          {mods.map(({ id, payload, state }) => (
            <p key={id}>
              <strong>{payload.name}</strong> {MOD_STATE_WORDS[state]}: {payload.what}.
              {payload.instructions ? ` How to use it: ${payload.instructions}` : ""}
              {payload.undo ? ` To put it back: ${payload.undo}.` : ""}
            </p>
          ))}
        </Section>
      ) : null}
      <Lines title="Tests" of="tests" items={mine} />
      <Runs settled={settled} visitId={visit.id} />
      <Alignment sheet={model.sheet} settled={settled} visitId={visit.id} />
      {handBack?.left || drafted.left || open.length > 0 ? (
        <Section title="What was left, and why">
          <p>{handBack?.left ?? drafted.left}</p>
          {open
            .filter((point) => point.blocks)
            .map((point) => (
              <p key={point.id}>Open: {point.text}.</p>
            ))}
        </Section>
      ) : null}
      {handBack ? (
        <Section title="For the owner">
          {handBack.watch ? <p>Watch: {handBack.watch}</p> : null}
          <p>Old parts: {handBack.oldParts === "none" ? "there are none" : handBack.oldParts}.</p>
          {handBack.warrantyMonths ? <p>Warranty on this work: {handBack.warrantyMonths} months.</p> : null}
          {handBack.nextService ? (
            <p>
              Next service: <Time iso={handBack.nextService} as="day" />
            </p>
          ) : null}
        </Section>
      ) : null}
      <p className="mt-8 text-sm">
        Mains-operated sets are opened by trained people only; local electrical codes come first. Values are as measured
        with the instruments noted in the log.
      </p>
    </article>
  );
}
