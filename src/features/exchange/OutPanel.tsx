"use client";

import { Download, FileText } from "lucide-react";
import { useState } from "react";
import { REPORT_NAMES, type ReportKind } from "@/reports/input";
import { ErrorText, Field } from "@/ui/form";
import { useReport } from "./useReport";

const TABLES = [
  ["entries", "the log"],
  ["parts", "parts record"],
  ["readings", "readings"],
  ["tests", "tests"],
  ["measured", "test sheets"],
] as const;

const SAID: Record<ReportKind, string> = {
  owner: "what was wrong, what was done, how to use it, the price",
  bench: "set-ups, readings, tests, search, modifications, soak, parts, and the log",
  card: "one page to leave inside: what it is, what was done, with the way to this file",
};

type OutPanelProps = {
  setId: string;
  visits: readonly { id: string; job: number }[];
  sealed: number;
  head: string;
  /** may the whole file be given out by this person? */
  mayRead: boolean;
};

/** The ways out of a set's file: reports to print, the file itself, and its tables. */
export function OutPanel({ setId, visits, sealed, head, mayRead }: OutPanelProps) {
  const { making, make } = useReport(setId);
  const [visitId, setVisitId] = useState(visits.at(-1)?.id);
  const kinds = Object.keys(REPORT_NAMES) as ReportKind[];
  const link = (href: string, text: string) => (
    <a href={href} download className="btn btn-outline h-11">
      <Download size={18} aria-hidden="true" /> {text}
    </a>
  );
  return (
    <div className="grid items-start gap-6 lg:grid-cols-2">
      <section aria-label="Reports" className="flex flex-col gap-3">
        <h2 className="text-xl font-bold">Reports, as PDF</h2>
        <Field label="Of the visit">
          {(props) => (
            <select
              {...props}
              className="select h-11 w-56"
              value={visitId}
              onChange={(event) => setVisitId(event.target.value)}
            >
              {visits.map((visit) => (
                <option key={visit.id} value={visit.id}>
                  Job {visit.job}
                </option>
              ))}
            </select>
          )}
        </Field>
        {visits.length === 0 ? <p className="dim">It was never here: there is nothing to report.</p> : null}
        <ul className="flex flex-col gap-2">
          {kinds.map((kind) => (
            <li key={kind} className="flex flex-wrap items-center gap-3 border-b border-base-300 pb-2">
              <span className="min-w-60 flex-1">
                <strong>{REPORT_NAMES[kind]}</strong>
                <span className="dim block text-sm">{SAID[kind]}</span>
              </span>
              {making?.kind === kind && making.state === "done" && making.url ? (
                <a href={making.url} target="_blank" rel="noreferrer" className="btn btn-primary h-11">
                  <FileText size={18} aria-hidden="true" /> Open it
                </a>
              ) : null}
              {making?.kind === kind && making.state === "working" ? (
                <progress
                  className="progress progress-primary h-4 w-40"
                  value={making.progress}
                  max={1}
                  aria-label="Making the report"
                />
              ) : (
                <button
                  type="button"
                  className="btn btn-outline h-11"
                  disabled={visits.length === 0}
                  aria-label={`Make it: ${REPORT_NAMES[kind]}`}
                  onClick={() => void make(kind, visitId)}
                >
                  Make it
                </button>
              )}
              {making?.kind === kind && making.state === "failed" ? <ErrorText>{making.message}</ErrorText> : null}
            </li>
          ))}
        </ul>
        <p role="status" className="sr-only">
          {making?.state === "done" ? "The report is made." : ""}
        </p>
      </section>
      <section aria-label="Export" className="flex flex-col gap-3">
        <h2 className="text-xl font-bold">The file itself</h2>
        <p>
          One JSON document with everything: the log with its chain, the model&rsquo;s sheet, people, photos. Another
          shop takes it in without loss; its form is published as a JSON Schema.
        </p>
        <div className="flex flex-wrap gap-2">
          {mayRead ? link(`/api/sets/${setId}/file`, "Set file, with its photos") : null}
          {link("/api/schema", "Its schema")}
        </div>
        {mayRead ? null : <p className="dim">Your role gives no whole set files out.</p>}
        <p className="dim text-sm break-all">
          {sealed} entries are sealed, each with the one before it. The seal of the last:{" "}
          <span className="font-mono">{head}</span>
        </p>
        <h3 className="font-bold">As tables (CSV)</h3>
        <div className="flex flex-wrap gap-2">
          {TABLES.map(([key, text]) => (
            <span key={key}>{link(`/api/sets/${setId}/tables/${key}`, text)}</span>
          ))}
        </div>
      </section>
    </div>
  );
}
