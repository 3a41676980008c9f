"use client";

import { useRouter } from "next/navigation";
import { useState } from "react";
import { ErrorText } from "@/ui/form";

/** Lays an archive into a database that is still empty. */
export function RestoreForm() {
  const router = useRouter();
  const [file, setFile] = useState<File>();
  const [busy, setBusy] = useState(false);
  const [message, setMessage] = useState<string>();
  const restore = async () => {
    // The button stays alive, so that the keyboard keeps its place.
    if (busy) return undefined;
    if (!file) return setMessage("Choose the archive first: a file that ends in .ndjson.gz.");
    setMessage(undefined);
    setBusy(true);
    const answer = await fetch("/api/archive", { method: "POST", body: file }).catch(() => undefined);
    const body = (await answer?.json().catch(() => undefined)) as { problems?: { message: string }[] } | undefined;
    setBusy(false);
    if (answer?.ok) return router.refresh();
    return setMessage(body?.problems?.[0]?.message ?? "The server cannot be reached: nothing was restored.");
  };
  return (
    <form
      className="flex flex-col items-start gap-3"
      onSubmit={(event) => {
        event.preventDefault();
        void restore();
      }}
    >
      <input
        type="file"
        accept=".gz,application/gzip"
        className="file-input h-11 w-full"
        aria-label="Archive"
        onChange={(event) => {
          setMessage(undefined);
          setFile(event.target.files?.[0]);
        }}
      />
      <button className="btn btn-outline h-11" aria-disabled={busy}>
        Restore it
      </button>
      {busy ? <p role="status">It is being restored and checked…</p> : null}
      {message ? <ErrorText>{message}</ErrorText> : null}
    </form>
  );
}
