"use client";

import { wrap } from "comlink";
import { ShieldAlert, ShieldCheck } from "lucide-react";
import { Link } from "@/ui/Link";
import { useState } from "react";
import type { FileChecked, FileWorker } from "@/workers/file.worker";
import { ErrorText } from "@/ui/form";

/** Above this the file is not even read here; the server refuses it too. */
const LARGEST = 2048 * 1024 * 1024;

type Imported = { setId: string; added: number; kept: string[]; unknown: { kind: string; count: number }[] };

async function checkFile(file: File): Promise<FileChecked> {
  const raw = new Worker(new URL("../../workers/file.worker.ts", import.meta.url), { type: "module" });
  try {
    return await wrap<FileWorker>(raw).check(file);
  } finally {
    raw.terminate();
  }
}

/** Checks a set's file where it lies, says whether it was altered, and takes it in when asked. */
export function ImportForm() {
  const [file, setFile] = useState<File>();
  const [checked, setChecked] = useState<FileChecked>();
  const [busy, setBusy] = useState<"checking" | "taking">();
  const [problems, setProblems] = useState<string[]>([]);
  const [done, setDone] = useState<Imported>();

  const choose = async (chosen: File | undefined) => {
    setChecked(undefined);
    setDone(undefined);
    setProblems([]);
    setFile(chosen);
    if (!chosen) return undefined;
    if (chosen.size > LARGEST)
      return setProblems([
        `${chosen.name} has ${Math.round(chosen.size / 1048576)} MB: no set's file is that large. Is it the archive of a whole shop? That one is restored into an empty database.`,
      ]);
    setBusy("checking");
    setChecked(
      await checkFile(chosen).catch((): FileChecked => ({
        ok: false,
        problems: ["The file could not be read: is it still there?"],
      })),
    );
    setBusy(undefined);
    return undefined;
  };

  const take = async () => {
    if (!file) return;
    setBusy("taking");
    const answer = await fetch("/api/sets/import", { method: "POST", body: file }).catch(() => undefined);
    const body = (await answer?.json().catch(() => undefined)) as
      (Imported & { problems?: { message: string }[] }) | undefined;
    setBusy(undefined);
    if (answer?.ok && body) setDone(body);
    else
      setProblems(
        body?.problems?.map(({ message }) => message) ?? ["The server cannot be reached: nothing was taken in."],
      );
  };

  return (
    <div className="flex max-w-3xl flex-col gap-4">
      <label
        className="flex min-h-28 cursor-pointer flex-col items-center justify-center gap-1 rounded-box border-2 border-dashed border-base-content/40 p-4 text-center hover:border-primary"
        onDragOver={(event) => event.preventDefault()}
        onDrop={(event) => {
          event.preventDefault();
          void choose(event.dataTransfer.files[0]);
        }}
      >
        <span className="font-semibold">Choose a set&rsquo;s file, or drop it here</span>
        <span className="dim">It is checked on this device first; nothing is sent before you say so.</span>
        <input
          type="file"
          accept=".zip,.json,application/zip,application/json"
          className="file-input mt-2"
          aria-label="Set file"
          onChange={(event) => void choose(event.target.files?.[0])}
        />
      </label>
      {busy ? (
        <p role="status">
          {busy === "checking"
            ? "The seals are being checked…"
            : "It is being taken in… If another file is being taken in, this one waits for it."}
        </p>
      ) : null}
      {checked?.ok ? (
        <div className="rounded-box border border-success p-3">
          <p className="flex items-center gap-2 text-lg font-bold text-success">
            <ShieldCheck aria-hidden="true" /> As it was written: the chain and the digest hold.
          </p>
          <p>
            <strong>{checked.name}</strong>, No. {checked.serial || "unknown"}, of {checked.owner}; written out by{" "}
            {checked.from || "a shop without a name"}. {checked.entries} entries in {checked.visits} visits,{" "}
            {checked.files} files.
          </p>
          {checked.unknown.map(({ kind, count }) => (
            <p key={kind} className="border-l-4 border-warning pl-2">
              {count} {count === 1 ? "entry is" : "entries are"} of a kind that this version does not know (“{kind}”):
              kept as they are, and shown as such.
            </p>
          ))}
          <p className="dim text-sm break-all">
            Seal of the last entry: <span className="font-mono">{checked.head}</span>
          </p>
          {done ? null : (
            <button
              type="button"
              className="btn btn-primary mt-2 h-11"
              disabled={busy !== undefined}
              onClick={() => void take()}
            >
              Take it in
            </button>
          )}
        </div>
      ) : null}
      {checked && !checked.ok ? (
        <div role="alert" className="rounded-box border-2 border-warning p-3">
          <p className="flex items-center gap-2 text-lg font-bold text-warning">
            <ShieldAlert aria-hidden="true" /> Not taken in: this file is not as it was written.
          </p>
          <ul className="list-disc pl-6">
            {checked.problems.slice(0, 12).map((problem) => (
              <li key={problem}>{problem}</li>
            ))}
          </ul>
        </div>
      ) : null}
      {problems.map((problem) => (
        <ErrorText key={problem}>{problem}</ErrorText>
      ))}
      {done ? (
        <div role="status" className="rounded-box border border-success p-3">
          <p className="font-bold">
            {done.added === 0 ? "This file is here already: nothing was new." : `${done.added} entries are in.`}
          </p>
          {done.kept.map((text) => (
            <p key={text}>{text}</p>
          ))}
          <Link href={`/sets/${done.setId}`} className="btn btn-primary mt-2 h-11">
            Open the set&rsquo;s file
          </Link>
        </div>
      ) : null}
    </div>
  );
}
