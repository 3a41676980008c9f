"use client";

import { useMemo } from "react";
import type { Cause, CircuitAnswer, CircuitQuestion } from "@/core/circuit";
import { format } from "@/core/quantity";
import type { Phase } from "@/core/readings";
import { circuitQuestion } from "@/core/visit";
import { Link } from "@/ui/Link";
import { useLogbook } from "@/ui/logbook";
import { NextByProbe } from "./NextByProbe";
import { causeText, keyText, nodeText } from "./words";
import { useCircuit } from "./useCircuit";

type Explained = NonNullable<Extract<CircuitAnswer, { ok: true }>["explained"]>;

const SHOWN = 4;
/** Less likely than this is not worth a line. */
const WORTH_A_LINE = 0.02;
/** Beyond so many standard deviations a reading does not fit. */
const FITS = 2.5;

const ofHundred = (share: number) => `${Math.round(100 * share)} of 100`;
/** Hundredths of a volt are nobody’s business here. */
const volts = (value: number) => format(Math.abs(value) < 0.05 ? 0 : value, "voltage", 3);

/** How well a cause fits each reading: the needle in the middle is what it would give, the field is what is usual. */
function FitBar({ off }: { off: number }) {
  const at = 44 + Math.max(-40, Math.min(40, off * 8));
  const fits = Math.abs(off) < FITS;
  return (
    <svg width="88" height="14" viewBox="0 0 88 14" aria-hidden="true" className="shrink-0">
      <rect x={44 - 8 * FITS} y="2" width={16 * FITS} height="10" rx="2" className="fill-base-300" />
      <line x1="44" x2="44" y1="1" y2="13" className="stroke-base-content" strokeWidth="1.5" />
      {fits ? (
        <circle cx={at} cy="7" r="4" className="fill-success" />
      ) : (
        <path d={`M${at} 2l4.5 9h-9z`} className="fill-warning" />
      )}
    </svg>
  );
}

function Fits({ cause, question }: { cause: Cause; question: CircuitQuestion }) {
  return (
    <table className="table-sm mt-1 table w-auto" aria-label={`How ${causeText(cause)} fits the readings`}>
      <thead>
        <tr className="text-base-content">
          <th scope="col">Point</th>
          <th scope="col" className="text-right">
            Read
          </th>
          <th scope="col" className="text-right">
            With it
          </th>
          <th scope="col">Fit</th>
        </tr>
      </thead>
      <tbody>
        {cause.fits.map(({ id, volts: would, off }) => {
          const reading = question.readings.find((one) => one.id === id);
          if (!reading) return null;
          return (
            <tr key={id}>
              <th scope="row" className="font-semibold whitespace-nowrap">
                {nodeText(reading.node)}
              </th>
              <td className="text-right font-mono whitespace-nowrap">{volts(reading.volts)}</td>
              <td className="text-right font-mono whitespace-nowrap">{volts(would)}</td>
              <td>
                <span className="flex items-center gap-2">
                  <FitBar off={off} />
                  <span className={Math.abs(off) < FITS ? "dim text-sm" : "text-sm font-semibold text-warning"}>
                    {Math.abs(off) < FITS ? "fits" : off > 0 ? "read too high" : "read too low"}
                  </span>
                </span>
              </td>
            </tr>
          );
        })}
      </tbody>
    </table>
  );
}

/** What to measure next: a point under power, or ohms with the power off. */
function Next({ explained, question, phase }: { explained: Explained; question: CircuitQuestion; phase: Phase }) {
  const { causes, next, ohms } = explained;
  const telling = next && next.bits > 0.15 ? next : undefined;
  if (!telling && !ohms) return null;
  const says = (list: readonly { key: string; text: string }[]) =>
    list.slice(0, 3).map(({ key, text }) => (
      <li key={key}>
        <span className="font-mono">{text}</span>: {keyText(key, causes)}
      </li>
    ));
  return (
    <div className="mt-2 grid gap-2 sm:grid-cols-2">
      {telling ? (
        <div className="border-l-4 border-info pl-2">
          <p>
            <strong>Measure {nodeText(telling.node)} next.</strong>{" "}
            <span className="dim text-sm">It tells the most.</span>
          </p>
          <ul>{says(telling.says.map(({ key, volts: value }) => ({ key, text: volts(value) })))}</ul>
          <NextByProbe
            key={telling.node}
            point={nodeText(telling.node)}
            volts={Math.max(...telling.says.map(({ volts: value }) => Math.abs(value)))}
            phase={phase}
          />
        </div>
      ) : null}
      {ohms ? (
        <div className="border-l-4 border-info pl-2">
          <p>
            <strong>
              {telling ? "Or ohms" : "Ohms"} from {nodeText(ohms.node)} to{" "}
              {question.sheet.supply === "live-chassis" ? "B−" : "chassis"}.
            </strong>{" "}
            <span className="dim text-sm">Unplugged, discharged and measured first.</span>
          </p>
          <ul>
            {says(
              ohms.says.map(({ key, ohms: value }) => ({
                key,
                text: value > 1e9 ? "endless" : format(value, "resistance", 2),
              })),
            )}
          </ul>
        </div>
      ) : null}
    </div>
  );
}

function Causes({ explained, question, phase }: { explained: Explained; question: CircuitQuestion; phase: Phase }) {
  const { causes, nothing, twins, strange } = explained;
  const shown = causes.filter(({ probability }) => probability > WORTH_A_LINE).slice(0, SHOWN);
  const [first] = shown;
  if (!first || nothing > first.probability)
    return (
      <p className="mt-1">
        Nothing is wrong that these volts could show: {ofHundred(nothing)}. They lie where the parts’ tolerances put
        them.
      </p>
    );
  return (
    <>
      <ol className="mt-1 flex flex-col gap-1">
        {shown.map((cause, at) => (
          <li key={cause.key}>
            <details open={at === 0}>
              <summary className="flex min-h-10 cursor-pointer items-center gap-2">
                <span className="h-2.5 w-24 shrink-0 overflow-hidden rounded-full bg-base-300" aria-hidden="true">
                  <span
                    className="block h-full bg-primary"
                    style={{ width: `${Math.max(3, 100 * cause.probability)}%` }}
                  />
                </span>
                <span className={at === 0 ? "font-semibold" : ""}>{causeText(cause)}</span>
                <span className="dim ml-auto shrink-0 text-sm whitespace-nowrap">{ofHundred(cause.probability)}</span>
              </summary>
              <Fits cause={cause} question={question} />
            </details>
          </li>
        ))}
      </ol>
      {twins.length > 0 ? (
        <p className="mt-1 border-l-4 border-warning pl-2">
          These volts cannot tell {causeText(first)} from: {twins.map((key) => keyText(key, causes)).join("; ")}.
        </p>
      ) : null}
      {strange.length > 0 ? (
        <p className="mt-1 border-l-4 border-warning pl-2">
          {strange.map((id) => nodeText(question.readings.find((one) => one.id === id)?.node ?? "")).join(", ")}: no
          cause explains that with the rest. Read it once more, or something else is wrong too.
        </p>
      ) : null}
      <Next explained={explained} question={question} phase={phase} />
    </>
  );
}

/**
 * What explains the volts of this visit, by the set’s own circuit.
 * @param phase of the readings; without one the last that were taken
 * @param quiet says nothing where there is no net, or nothing was read
 */
export function Explains({ quiet, phase }: { quiet?: boolean; phase?: Phase }) {
  const { model, settled, visit } = useLogbook();
  const question = useMemo(
    () => circuitQuestion({ sheet: model.sheet, settled, visitId: visit.id, ...(phase ? { phase } : {}) }),
    [model.sheet, settled, visit.id, phase],
  );
  const { answer, thinking, failed } = useCircuit(question && question.readings.length > 0 ? question : undefined);
  if (quiet && (question?.readings.length ?? 0) === 0) return null;
  if (!question)
    return (
      <section aria-label="What explains these volts" className="mt-3 text-sm">
        <p className="dim">
          With the net of this model, the volts would be explained part by part.{" "}
          <Link href={`/reference/${model.id}?table=net`} className="link">
            Its net is proposed from its parts
          </Link>
          .
        </p>
      </section>
    );
  return (
    <section
      aria-label="What explains these volts"
      className="mt-3 rounded-box border border-base-300 p-3"
      aria-busy={thinking}
    >
      <h2 className="flex flex-wrap items-baseline gap-x-2 font-bold">
        What explains these volts
        <span className="dim text-sm font-normal" role="status">
          {question.readings.length === 0
            ? ""
            : thinking
              ? "the circuit is being solved…"
              : `${question.readings.length} ${question.readings.length === 1 ? "reading" : "readings"}, each part tried in the circuit`}
        </span>
      </h2>
      {question.readings.length === 0 ? (
        <p className="dim mt-1">
          Read two or three points: each part of the circuit is then tried for what it would do to them.
        </p>
      ) : failed ? (
        <p className="mt-1 font-semibold text-warning">The circuit could not be solved: {failed}</p>
      ) : answer && !answer.ok ? (
        <p className="mt-1 font-semibold text-warning">{answer.why}</p>
      ) : answer?.explained ? (
        <Causes explained={answer.explained} question={question} phase={phase ?? "check"} />
      ) : null}
      {answer?.ok ? (
        <p className="dim mt-2 text-sm">
          Computed from the net of the model and one fault at a time. It measures nothing: what is dead is measured.
        </p>
      ) : null}
    </section>
  );
}
