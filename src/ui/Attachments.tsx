"use client";

import { Eye, EyeOff, FileText, Paperclip, X } from "lucide-react";
import { useId, useRef, useState } from "react";
import type { Attachment } from "@/db/attachments";
import { ErrorText } from "./form";
import { useLogbook } from "./logbook";

const size = (bytes: number) =>
  bytes >= 1024 * 1024 ? `${(bytes / 1024 / 1024).toFixed(1)} MB` : `${Math.max(1, Math.round(bytes / 1024))} kB`;

/** A file as a small picture, or its name; opens in a tab of its own. */
export function FileThumb({ file, side = 72 }: { file: Attachment; side?: number }) {
  return (
    <a
      href={`/api/attachments/${file.id}`}
      target="_blank"
      rel="noreferrer"
      className="flex items-center justify-center overflow-hidden rounded-field border border-base-300 bg-base-100"
      style={{ width: side, height: side }}
      title={`${file.name}, ${size(file.size)}`}
    >
      {file.thumb ? (
        // The server made the small picture; there is nothing left to optimise.
        // eslint-disable-next-line @next/next/no-img-element
        <img src={`/api/attachments/${file.id}/thumb`} alt={file.name} className="h-full w-full object-cover" />
      ) : (
        <span className="flex flex-col items-center px-1 text-center text-xs">
          <FileText size={20} aria-hidden="true" />
          <span className="line-clamp-2 break-all">{file.name}</span>
        </span>
      )}
    </a>
  );
}

/** Photos and files of an entry, and the way to add one: chosen, or dropped here. */
export function Attachments({ entryId }: { entryId: string }) {
  const { attachments, attach, hide, show, pending } = useLogbook();
  const [problems, setProblems] = useState<string[]>([]);
  const [sending, setSending] = useState(false);
  const [gone, setGone] = useState<Attachment>();
  const [over, setOver] = useState(false);
  const input = useRef<HTMLInputElement>(null);
  const id = useId();
  const mine = attachments.filter((file) => file.entryId === entryId);
  const waiting = pending.has(entryId);

  const add = async (files: readonly File[]) => {
    setSending(true);
    setProblems([]);
    for (const file of files) {
      const sent = await attach(entryId, file);
      if (!sent.ok) setProblems((all) => [...all, sent.message]);
    }
    setSending(false);
    if (input.current) input.current.value = "";
  };

  return (
    <section
      aria-label="Photos and files"
      className={`rounded-box border border-dashed p-2 ${over ? "border-primary bg-base-200" : "border-base-300"}`}
      onDragOver={(event) => {
        event.preventDefault();
        setOver(true);
      }}
      onDragLeave={() => setOver(false)}
      onDrop={(event) => {
        event.preventDefault();
        setOver(false);
        void add([...event.dataTransfer.files]);
      }}
    >
      <ul className="flex flex-wrap items-center gap-2">
        {mine.map((file) => (
          <li key={file.id} className="flex items-start">
            <FileThumb file={file} />
            {file.thumb ? (
              <button
                type="button"
                className="btn btn-ghost btn-square h-10 w-10 aria-pressed:bg-base-300"
                aria-pressed={file.owner}
                aria-label={`Show ${file.name} to the owner`}
                title={file.owner ? "On the owner’s page" : "Not on the owner’s page"}
                onClick={() => void show(file, !file.owner)}
              >
                {file.owner ? <Eye size={16} aria-hidden="true" /> : <EyeOff size={16} aria-hidden="true" />}
              </button>
            ) : null}
            <button
              type="button"
              className="btn btn-ghost btn-square h-10 w-10"
              aria-label={`Take ${file.name} away`}
              onClick={() => void hide(file, true).then((done) => setGone(done ? file : undefined))}
            >
              <X size={16} aria-hidden="true" />
            </button>
          </li>
        ))}
        <li>
          <label htmlFor={id} className={`btn btn-outline h-11 ${waiting || sending ? "btn-disabled" : ""}`}>
            <Paperclip size={16} aria-hidden="true" />
            {sending ? "Sending…" : "Photo or file"}
          </label>
          <input
            ref={input}
            id={id}
            type="file"
            multiple
            accept="image/*,application/pdf,text/plain,text/csv"
            className="sr-only"
            disabled={waiting || sending}
            onChange={(event) => void add([...(event.target.files ?? [])])}
          />
        </li>
        {mine.length === 0 ? (
          <li className="dim text-sm">
            {waiting ? "Files can be added once the entry is saved." : "or drop it here; 12 MB at most"}
          </li>
        ) : null}
      </ul>
      {gone ? (
        <p className="mt-1 text-sm" role="status">
          {gone.name} is taken away.{" "}
          <button
            type="button"
            className="link min-h-10"
            onClick={() => void hide(gone, false).then(() => setGone(undefined))}
          >
            Bring it back
          </button>
        </p>
      ) : null}
      {problems.map((problem) => (
        <ErrorText key={problem}>{problem}</ErrorText>
      ))}
    </section>
  );
}
