"use client";

import { Download } from "lucide-react";
import { useState } from "react";
import { edgesAt } from "@/core/response";
import type { Response } from "@/core/sound";
import { figureText } from "@/core/sheets";
import { download } from "@/ui/download";
import { ErrorText } from "@/ui/form";
import { RunChart } from "@/ui/runs";
import { lineKey } from "./rows";
import type { RunInView } from "./useRun";
import { WavFile } from "./WavFile";
import { bytesOf, LARGEST_WAV, useSound } from "./useSound";

/** Against the level at this frequency, Hz. */
const REFERENCE = 400;

/** The level of a curve at a frequency, from the nearest point. */
const levelAt = (points: Response["points"], hertz: number) =>
  points.reduce((best, one) => (Math.abs(Math.log(one.x / hertz)) < Math.abs(Math.log(best.x / hertz)) ? one : best)).y;

/** A response by a sweep: the tool's own WAV is played into the set, what comes out is recorded and read back. */
export function Sweep({ run }: { run: RunInView }) {
  const { ask, busy, error, setError } = useSound();
  const [response, setResponse] = useState<Response>();
  const give = async () => {
    const made = await ask(async (api) => ({ ok: true as const, bytes: await api.sweep() }));
    if (!made) return;
    download(made.bytes, "audio/wav", "sweep-20-hz-to-16-khz.wav");
  };
  const take = async (file: File | undefined) => {
    if (!file) return;
    if (file.size > LARGEST_WAV) return setError("That recording is longer than ten minutes: cut out the sweep.");
    const bytes = await bytesOf(file);
    const read = await ask<{ ok: true; response: Response }>(async (api) => await api.response(bytes));
    return setResponse(read?.response);
  };
  const zero = response ? levelAt(response.points, REFERENCE) : 0;
  const points = response?.points.map(({ x, y }) => ({ x, y: y - zero })) ?? [];
  const floor = response?.floor.map(({ x, y }) => ({ x, y: y - zero })) ?? [];
  const edges = edgesAt(points, -3, 1000);
  const fill = () => {
    const rows = run.sheet.rows.map(([text = ""]) => {
      const hertz = Number(text.replace(/[^\d.]/g, ""));
      const volts = 10 ** (levelAt(points, hertz) / 20);
      return { frequency: text, volts: `${Number(volts.toPrecision(4))} V` };
    });
    run.fillIn(rows, (row) => lineKey(run.sheet, row));
  };
  return (
    <section aria-label="Response by a sweep" className="mt-4 border-t border-base-300 pt-3">
      <h2 className="text-lg font-bold">By a sweep</h2>
      <p className="max-w-3xl">
        Play the sweep into the set at a level that clips nothing, record what comes out of the load (not over the air),
        and give the recording back as WAV.
      </p>
      <div className="mt-2 flex flex-wrap gap-2">
        <button type="button" className="btn btn-outline h-11" disabled={busy} onClick={() => void give()}>
          <Download size={16} aria-hidden="true" /> The sweep, 10 s, as WAV
        </button>
        <WavFile label="The recording" onFile={(file) => void take(file)} />
        {busy ? <span role="status">Working it out…</span> : null}
      </div>
      {error ? <ErrorText>{error}</ErrorText> : null}
      {response ? (
        <>
          {response.clipped ? (
            <p className="mt-2 border-l-4 border-warning pl-2 font-semibold">
              The recording reaches full scale: its peaks are cut. Record it at a lower level.
            </p>
          ) : null}
          <RunChart
            x={{ name: "Frequency", quantity: "frequency", unit: "" }}
            y={{ name: "Level against 400 Hz", quantity: "decibel", unit: "" }}
            log
            runs={[
              { name: "response", points },
              { name: "noise", points: floor },
            ]}
          />
          <p>
            {edges.low || edges.high
              ? `−3 dB at ${edges.low ? figureText(edges.low, "frequency") : "below the sweep"} and ${edges.high ? figureText(edges.high, "frequency") : "above the sweep"}.`
              : "It does not fall by 3 dB within the sweep."}
          </p>
          <button type="button" className="btn btn-primary mt-1 h-11" onClick={fill}>
            Put it into the table
          </button>
        </>
      ) : null}
    </section>
  );
}
