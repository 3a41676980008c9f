"use client";

import { useState } from "react";
import { measureTrace, waveformCsv, waveformFromCsv, type TraceFigures, type Waveform } from "@/core/instruments";
import { format } from "@/core/quantity";
import { ErrorText, TextField } from "@/ui/form";
import { captureOf } from "@/ui/instruments/ask";
import { useLogbook } from "@/ui/logbook";
import { TraceDrawing, type Cursors } from "./TraceDrawing";

/** A list of more than this is no export of a trace. */
const LARGEST = 8e6;
/** What the list of a trace is called beside its entry. */
const TRACE = "trace.csv";
const share = (value: number) => `${(100 * value).toPrecision(3)} %`;

/** What a trace measures, in words. */
function wordsOf({ rms, rmsAll, peakToPeak, mean, ripple, hertz, rise, modulation }: TraceFigures): [string, string][] {
  return [
    ["RMS, alternating", format(rms, "voltage", 3)],
    ["Peak to peak", format(peakToPeak, "voltage", 3)],
    ...(Math.abs(mean) > 0.02 * peakToPeak
      ? ([
          ["Mean", format(mean, "voltage", 3)],
          ["RMS, all of it", format(rmsAll, "voltage", 3)],
        ] as [string, string][])
      : []),
    ...(hertz === undefined ? [] : ([["Frequency", format(hertz, "frequency", 4)]] as [string, string][])),
    ...(ripple === undefined ? [] : ([["Ripple, peak to peak over mean", share(ripple)]] as [string, string][])),
    ...(rise === undefined ? [] : ([["Rise, 10 to 90 %", format(rise, "time", 3)]] as [string, string][])),
    ...(modulation === undefined ? [] : ([["Depth of the envelope", share(modulation)]] as [string, string][])),
  ];
}

/** A trace that was captured or read from a list: drawn, measured between its cursors, and kept with an entry. */
export function Oscilloscope() {
  const { instruments, attachments, settled, visit, append, attach } = useLogbook();
  const [waveform, setWaveform] = useState<Waveform>();
  const [cursors, setCursors] = useState<Cursors>([0, 0]);
  const [where, setWhere] = useState("");
  const [error, setError] = useState<string>();
  const [said, setSaid] = useState<string>();
  const [busy, setBusy] = useState(false);
  const scopes = instruments.filter(({ kind, link, retired }) => kind === "oscilloscope" && link !== null && !retired);

  const show = (read: { ok: true; waveform: Waveform } | { ok: false; message: string }) => {
    setSaid(undefined);
    setError(read.ok ? undefined : read.message);
    if (!read.ok) return;
    setWaveform(read.waveform);
    setCursors([0, read.waveform.volts.length - 1]);
  };
  const take = async (file: File | undefined) => {
    if (!file) return;
    if (file.size > LARGEST) return setError("This list is too long for a trace: export one screen of it.");
    return show(waveformFromCsv(await file.text()));
  };
  /** A trace that was kept is drawn again. */
  const again = async (id: string) => {
    const answer = await fetch(`/api/attachments/${id}`).catch(() => undefined);
    if (!answer?.ok) return setError("The trace could not be fetched: try again in a moment.");
    return show(waveformFromCsv(await answer.text()));
  };
  const kept = attachments.flatMap(({ id, entryId, name }) => {
    const note = name === TRACE ? settled.find(({ entry }) => entry.id === entryId) : undefined;
    return note?.entry.visitId === visit.id && note.content?.kind === "note"
      ? [{ id, words: note.content.payload.text.split(":")[0] ?? "" }]
      : [];
  });
  const [from, to] = [Math.min(...cursors), Math.max(...cursors)];
  const whole = !waveform || to - from < 8;
  const figures = waveform && (whole ? measureTrace(waveform) : measureTrace(waveform, from, to + 1));
  const keep = async () => {
    if (!waveform || !figures || busy) return;
    if (!where.trim()) return setError("Say where it was taken: V4 plate, B+, the voice coil.");
    setBusy(true);
    const words = wordsOf(figures)
      .map(([name, value]) => `${name} ${value}`)
      .join(", ");
    const done = await append({
      kind: "note",
      payload: { v: 1, text: `Trace at ${where.trim()}: ${words}`, open: false, closes: [] },
    });
    const sent = done.ok
      ? await attach(done.id, new File([waveformCsv(waveform)], TRACE, { type: "text/csv" }))
      : undefined;
    setBusy(false);
    if (!done.ok) return setError(done.problems[0]?.message ?? "It could not be written.");
    setError(
      sent && !sent.ok ? `The figures are written, but the trace could not be kept: ${sent.message}` : undefined,
    );
    return setSaid("Kept: the figures on the tape, the trace with them.");
  };
  return (
    <details className="mt-2 rounded-box border border-base-300 p-2">
      <summary className="min-h-10 cursor-pointer py-1 font-bold">Oscilloscope: a trace, drawn and measured</summary>
      <div className="flex flex-col gap-2 pt-2">
        <div className="flex flex-wrap items-center gap-3">
          {scopes.map((one) => (
            <button
              key={one.id}
              type="button"
              className="btn btn-primary h-11"
              disabled={busy}
              onClick={() => {
                setBusy(true);
                void captureOf(one).then((read) => {
                  setBusy(false);
                  show(read);
                });
              }}
            >
              Capture from {one.name}
            </button>
          ))}
          <label className="btn btn-outline h-11">
            From a list (CSV: seconds, volts)
            <input
              type="file"
              className="sr-only"
              accept=".csv,.txt,text/csv,text/plain"
              onChange={({ target }) => {
                void take(target.files?.[0]);
                target.value = "";
              }}
            />
          </label>
        </div>
        {kept.length > 0 ? (
          <div className="flex flex-wrap items-center gap-2">
            <span className="dim">Kept in this visit:</span>
            {kept.map(({ id, words }) => (
              <button key={id} type="button" className="btn btn-outline h-10" onClick={() => void again(id)}>
                {words}
              </button>
            ))}
          </div>
        ) : null}
        {error ? <ErrorText>{error}</ErrorText> : null}
        {waveform && figures ? (
          <>
            <TraceDrawing waveform={waveform} cursors={cursors} onCursors={setCursors} />
            <p className="dim text-sm">
              Between the cursors:{" "}
              <span className="font-mono">
                {format((to - from) * waveform.step, "time", 3)}
                {to > from ? ` (${format(1 / ((to - from) * waveform.step), "frequency", 3)})` : ""},{" "}
                {format((waveform.volts[to] ?? 0) - (waveform.volts[from] ?? 0), "voltage", 3)}
              </span>
              . Drag them, or move them by the arrow keys.{whole ? " The figures are of the whole trace." : ""}
            </p>
            <dl className="grid grid-cols-2 gap-x-6 gap-y-1 sm:grid-cols-4" aria-label="What the trace measures">
              {wordsOf(figures).map(([name, value]) => (
                <div key={name}>
                  <dt className="dim text-sm">{name}</dt>
                  <dd className="font-mono text-lg">{value}</dd>
                </div>
              ))}
            </dl>
            <div className="flex flex-wrap items-end gap-3">
              <TextField label="Taken at" value={where} onChange={setWhere} placeholder="V4 plate" />
              <button type="button" className="btn btn-primary h-11" disabled={busy} onClick={() => void keep()}>
                Keep it with an entry
              </button>
              {said ? <span role="status">{said}</span> : null}
            </div>
          </>
        ) : null}
      </div>
    </details>
  );
}
