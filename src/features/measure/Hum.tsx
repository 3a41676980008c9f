"use client";

import { Mic, Square } from "lucide-react";
import { useEffect, useRef, useState } from "react";
import { HUM_WORDS, SAMPLE_NAMES, type SampleName } from "@/core/sound";
import type { HumRead } from "@/workers/sound.worker";
import { ErrorText } from "@/ui/form";
import { useLogbook } from "@/ui/logbook";
import { HumChart } from "./HumChart";
import type { RunInView } from "./useRun";
import { WavFile } from "./WavFile";
import { bytesOf, LARGEST_WAV, useSound } from "./useSound";

/** What is recorded by the microphone, s. */
const SECONDS = 4;

type Listening = { stop: () => void };

/** Which hum it is: from a recording or the microphone. What it points to is evidence, once somebody writes it down. */
export function Hum({ run }: { run: RunInView }) {
  const { shop, append } = useLogbook();
  const { ask, busy, error, setError } = useSound();
  const [read, setRead] = useState<Extract<HumRead, { ok: true }>>();
  const [line, setLine] = useState(shop.lineHz);
  const [last, setLast] = useState<ArrayBuffer>();
  const [listening, setListening] = useState<Listening>();
  const [said, setSaid] = useState<string>();
  const [sample, setSample] = useState<SampleName>();
  const alive = useRef(true);
  useEffect(() => () => void (alive.current = false), []);

  const weigh = async (bytes: ArrayBuffer, at: number) => {
    setSaid(undefined);
    setSample(undefined);
    const copy = bytes.slice(0);
    const found = await ask<Extract<HumRead, { ok: true }>>(async (api) => await api.hum(copy, at));
    setLast(bytes);
    setRead(found);
  };
  const take = async (file: File | undefined) => {
    if (!file) return;
    if (file.size > LARGEST_WAV)
      return setError("That recording is longer than ten minutes: cut out some seconds of the hum.");
    return weigh(await bytesOf(file), line);
  };
  const listen = async () => {
    setError(undefined);
    let stream: MediaStream;
    try {
      stream = await navigator.mediaDevices.getUserMedia({
        audio: { echoCancellation: false, noiseSuppression: false, autoGainControl: false },
      });
    } catch {
      return setError("The microphone is not to be had: it was refused, or there is none. Take a WAV file instead.");
    }
    const context = new AudioContext();
    const source = context.createMediaStreamSource(stream);
    const analyser = context.createAnalyser();
    analyser.fftSize = 32_768;
    source.connect(analyser);
    const pieces: Float32Array[] = [];
    const every = (analyser.fftSize / context.sampleRate) * 1000;
    const timer = setInterval(() => {
      const piece = new Float32Array(analyser.fftSize);
      analyser.getFloatTimeDomainData(piece);
      pieces.push(piece);
    }, every);
    const stop = () => {
      clearInterval(timer);
      clearTimeout(end);
      for (const track of stream.getTracks()) track.stop();
      void context.close();
      if (!alive.current) return;
      setListening(undefined);
      const samples = Float64Array.from(pieces.flatMap((piece) => [...piece]));
      void (async () => {
        const packed = await ask(async (api) => ({
          ok: true as const,
          bytes: await api.pack(samples, context.sampleRate),
        }));
        if (packed) await weigh(packed.bytes, line);
      })();
    };
    const end = setTimeout(stop, SECONDS * 1000 + every);
    return setListening({ stop });
  };
  const trial = async (name: SampleName) => {
    const made = await ask(async (api) => ({ ok: true as const, bytes: await api.sample(name, line) }));
    if (!made) return;
    await weigh(made.bytes, line);
    setSample(name);
  };
  const write = async () => {
    if (!read) return;
    const { hum } = read;
    const words = { line: "hum", twice: "hum", buzz: "buzz", none: "" }[hum.kind];
    const outcome = await append({
      kind: "symptom",
      payload: {
        v: 1,
        state: "present",
        what: `${words}: ${HUM_WORDS[hum.kind].toLowerCase()} (${hum.line} Hz line), ${hum.multiples
          .filter(({ db }) => db > -30)
          .map(({ n, db }) => `${n}× ${db.toFixed(0)} dB`)
          .join(", ")}`,
      },
    });
    setSaid(outcome.ok ? "It is on the tape, and the search reads it." : outcome.problems[0]?.message);
  };
  return (
    <section aria-label="Which hum it is" className="mt-4 border-t border-base-300 pt-3">
      <h2 className="text-lg font-bold">Which hum it is</h2>
      <div className="mt-1 flex flex-wrap items-center gap-2">
        <WavFile label="A recording (WAV)" onFile={(file) => void take(file)} />
        {listening ? (
          <button type="button" className="btn btn-primary h-11" onClick={listening.stop}>
            <Square size={16} aria-hidden="true" /> Stop listening
          </button>
        ) : (
          <button type="button" className="btn btn-outline h-11" disabled={busy} onClick={() => void listen()}>
            <Mic size={16} aria-hidden="true" /> Listen for {SECONDS} s
          </button>
        )}
        <label className="flex items-center gap-2">
          Line
          <select
            className="select h-11"
            value={line}
            onChange={(event) => {
              const next = Number(event.target.value);
              setLine(next);
              if (last) void weigh(last, next);
            }}
          >
            {[...new Set([50, 60, shop.lineHz])].map((hz) => (
              <option key={hz} value={hz}>
                {hz} Hz
              </option>
            ))}
          </select>
        </label>
        {busy ? <span role="status">Working it out…</span> : null}
      </div>
      <div className="mt-2 flex flex-wrap items-center gap-2">
        <span className="dim">To try it, made-up recordings:</span>
        {SAMPLE_NAMES.map((name) => (
          <button
            key={name}
            type="button"
            className="btn btn-ghost h-10 px-2 underline"
            disabled={busy}
            onClick={() => void trial(name)}
          >
            {name}
          </button>
        ))}
      </div>
      {error ? <ErrorText>{error}</ErrorText> : null}
      {read ? (
        <div className="mt-2">
          <p className="text-lg font-bold">{HUM_WORDS[read.hum.kind]}</p>
          {read.hum.asks ? <p className="border-l-4 border-warning pl-2 font-semibold">{read.hum.asks}</p> : null}
          <HumChart points={read.spectrum} hum={read.hum} />
          <p className="dim text-sm">
            {read.seconds.toFixed(1)} s at {(read.rate / 1000).toFixed(1)} kHz, spectrum by stretches of 2 s under a
            Hann window. Levels are of full scale: how loud it is in volts is what the table above says.
          </p>
          {read.hum.reasons.length > 0 ? (
            <>
              <p className="mt-1">Usual causes:</p>
              <ul className="list-disc pl-6">
                {read.hum.reasons.map((reason) => (
                  <li key={reason}>{reason}</li>
                ))}
              </ul>
              {sample ? (
                <p className="mt-2 font-semibold">This is the made-up sample “{sample}”, not the set.</p>
              ) : (
                <button type="button" className="btn btn-primary mt-2 h-11" onClick={() => void write()}>
                  Write it down as a symptom
                </button>
              )}
            </>
          ) : null}
          {said ? <p role="status">{said}</p> : null}
        </div>
      ) : null}
      {run.lines.length === 0 ? <p className="dim">Levels of the hum are typed in the table above.</p> : null}
    </section>
  );
}
