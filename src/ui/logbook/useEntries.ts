"use client";

import { useCallback, useEffect, useMemo, useRef, useState, useSyncExternalStore } from "react";
import type { Entry } from "@/core/kinds";
import type { Attachment } from "@/db/attachments";
import { deviceOutbox, type OutboxState } from "../outbox";

const REFRESH_MS = 15_000;
const NOTHING: OutboxState = { waiting: [], refused: [], offline: false };

/** What the outbox of this device holds; nothing until the page is alive. */
export function useOutbox(): OutboxState {
  return useSyncExternalStore(
    useCallback((listener) => deviceOutbox().subscribe(listener), []),
    () => deviceOutbox().state(),
    () => NOTHING,
  );
}

type Files = { attachments: Attachment[]; setAttachments: React.Dispatch<React.SetStateAction<Attachment[]>> };

/** The entries of a set as the server has them: what comes in from this device, from other tabs and from other tablets. */
export function useSaved(setId: string, first: Entry[], firstFiles: Attachment[]): { saved: Entry[] } & Files {
  const [saved, setSaved] = useState(first);
  const [attachments, setFiles] = useState(firstFiles);
  // What was changed here while the server was asked is newer than its answer.
  const changes = useRef(0);
  const setAttachments = useCallback<Files["setAttachments"]>((change) => {
    changes.current += 1;
    setFiles(change);
  }, []);

  useEffect(
    () =>
      deviceOutbox().onSaved((entry) => {
        if (entry.setId === setId) setSaved((entries) => [...entries.filter((other) => other.id !== entry.id), entry]);
      }),
    [setId],
  );

  // The latest that the server has taken, as far as this page knows.
  const latest = useRef("");
  useEffect(() => {
    latest.current = saved.reduce((last, { recordedAt }) => (recordedAt > last ? recordedAt : last), "");
  }, [saved]);

  const refresh = useCallback(async () => {
    const since = latest.current ? `?since=${encodeURIComponent(latest.current)}` : "";
    const before = changes.current;
    const answer = await fetch(`/api/sets/${setId}/entries${since}`).catch(() => undefined);
    if (!answer?.ok) return;
    const { entries, attachments: files } = (await answer.json()) as { entries: Entry[]; attachments: Attachment[] };
    if (changes.current === before)
      setFiles((known) => (JSON.stringify(known) === JSON.stringify(files) ? known : files));
    setSaved((known) => {
      const here = new Set(known.map((entry) => entry.id));
      const fresh = entries.filter((entry) => !here.has(entry.id));
      return fresh.length === 0 ? known : [...known, ...fresh];
    });
  }, [setId]);

  // Another tablet may write to the same set: the server says so at once, and where it cannot, the page asks.
  useEffect(() => {
    const seen = () => document.visibilityState === "visible";
    const look = () => seen() && void refresh();
    const timer = window.setInterval(look, REFRESH_MS);
    let changes: EventSource | undefined;
    // A page that nobody sees holds no line: a browser has few of them for all its tabs.
    const listen = () => {
      if (seen() === (changes !== undefined)) return;
      changes?.close();
      changes = seen() ? new EventSource(`/api/sets/${setId}/changes`) : undefined;
      if (changes) changes.onmessage = () => void refresh();
      // What happened before the line was open.
      if (changes) changes.onopen = () => void refresh();
    };
    listen();
    window.addEventListener("focus", look);
    document.addEventListener("visibilitychange", listen);
    return () => {
      window.clearInterval(timer);
      window.removeEventListener("focus", look);
      document.removeEventListener("visibilitychange", listen);
      changes?.close();
    };
  }, [refresh, setId]);

  return useMemo(() => ({ saved, attachments, setAttachments }), [saved, attachments, setAttachments]);
}
