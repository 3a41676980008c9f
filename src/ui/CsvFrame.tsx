"use client";

import { Upload } from "lucide-react";
import { useId, useState } from "react";
import { ErrorText } from "./form";

type CsvFrameProps = {
  title: string;
  /** of the text, for who does not see it: `The list as text` */
  label: string;
  placeholder: string;
  /** characters that are taken at most */
  largest: number;
  text: string;
  onText: (text: string) => void;
  error: string | undefined;
  onError: (error: string | undefined) => void;
  onClose: () => void;
  /** takes a list that is too long to be shown as text; without it such a list is refused */
  onLong?: (text: string, name: string) => void;
  /** fields that belong to the list as a whole */
  fields?: React.ReactNode;
  /** what was understood, and the button that saves it */
  children: React.ReactNode;
};

/** Rows that a list may have, with its headings and an empty end. */
const MOST_LINES = 20_002;

/** Older spreadsheets write a code page of their own; µ and Ω are then to be looked at in the preview. */
function decoded(bytes: ArrayBuffer): string {
  try {
    return new TextDecoder("utf-8", { fatal: true }).decode(bytes);
  } catch {
    return new TextDecoder("windows-1252").decode(bytes);
  }
}

/** A table that is pasted, dropped or chosen as a file. Nothing is saved before what was understood has been seen. */
export function CsvFrame(props: CsvFrameProps) {
  const { title, label, placeholder, largest, text, onText, error, onError, onClose, onLong, fields, children } = props;
  const [over, setOver] = useState(false);
  const id = useId();
  const change = (next: string, name = "list.csv") => {
    // Counted before anything is read: a far longer list would hold the page for seconds.
    const lines = next.split("\n", MOST_LINES + 1).length;
    if (lines > MOST_LINES && onLong && next.length <= largest) {
      onError(undefined);
      return onLong(next, name);
    }
    if (lines > MOST_LINES)
      return onError("That is more than 20,000 rows: split the list, and take one part after the other.");
    if (next.length > largest) return onError("That is far more than such a table holds: split it.");
    onError(undefined);
    return onText(next);
  };
  const take = async (file: File | undefined) => {
    if (!file) return;
    if (file.size > largest) return onError(`“${file.name}” is far larger than such a table: split the file.`);
    return change(decoded(await file.arrayBuffer()), file.name);
  };
  return (
    <section
      aria-label={title}
      className={`flex flex-col gap-3 rounded-box border-2 p-3 ${over ? "border-primary bg-base-200" : "border-base-300"}`}
      onDragOver={(event) => {
        event.preventDefault();
        setOver(true);
      }}
      onDragLeave={() => setOver(false)}
      onDrop={(event) => {
        event.preventDefault();
        setOver(false);
        void take(event.dataTransfer.files[0]);
      }}
    >
      <div className="flex flex-wrap items-center gap-3">
        <h2 className="text-lg font-bold">{title}</h2>
        <label htmlFor={id} className="btn btn-outline h-11">
          <Upload size={16} aria-hidden="true" /> Choose a file
        </label>
        <input
          id={id}
          type="file"
          accept=".csv,.tsv,.txt,text/csv,text/plain"
          className="sr-only"
          onChange={(event) => void take(event.target.files?.[0])}
        />
        <button type="button" className="btn btn-ghost ml-auto h-11" onClick={onClose}>
          Leave it
        </button>
      </div>
      {fields}
      <textarea
        className="textarea min-h-28 w-full font-mono"
        aria-label={label}
        spellCheck={false}
        value={text}
        placeholder={placeholder}
        onChange={(event) => change(event.target.value)}
      />
      {children}
      {error ? <ErrorText>{error}</ErrorText> : null}
    </section>
  );
}

/** The first lines of a table, to show how it is written. */
export const csvExample = (columns: readonly { title: string; hint?: string | undefined }[]): string =>
  `${columns.map(({ title }) => title).join(", ")}\n${columns.map(({ hint }) => hint).join(", ")}`;
