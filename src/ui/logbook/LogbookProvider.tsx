"use client";

import { useCallback, useEffect, useMemo, useRef } from "react";
import { notForRole } from "@/core/access";
import type { LineState } from "@/core/bench-line";
import { rulesOf } from "@/core/components";
import { partsTaken, settle, type Body, type Content, type Draft, type Entry } from "@/core/kinds";
import { currentStep, runSheet, type VisitInput } from "@/core/visit";
import type { Attachment } from "@/db/attachments";
import { deviceOutbox, makeDraft } from "../outbox";
import { LogbookContext, type Logbook, type LogbookData, type Outcome } from "./context";
import { problemsOf } from "./check";
import { hideFile, sendFile, showFile, type FileSent } from "./files";
import { useOutbox, useSaved } from "./useEntries";
import { useStepInView } from "./useStepInView";
import { useStock } from "./useStock";

/** May the shelf look different once this was taken? Work takes parts, an amendment gives them back. */
const movesStock = (draft: Draft): boolean =>
  draft.kind === "amendment" || partsTaken(draft as Content).some(({ stock }) => stock !== undefined);

/** The present by the server's clock, told by a clock that nobody can set. */
function useClock(now: string): () => string {
  const came = useRef<number>(undefined);
  useEffect(() => {
    came.current = performance.now();
  }, [now]);
  return useCallback(
    () => new Date(Date.parse(now) + performance.now() - (came.current ?? performance.now())).toISOString(),
    [now],
  );
}

/** Holds a set's entries in the page: folds them, and appends to them through the device's outbox. */
export function LogbookProvider({ data, children }: { data: LogbookData; children: React.ReactNode }) {
  const { setId, visit, personId, access, entries: known } = data;
  const { saved, attachments, setAttachments } = useSaved(setId, data.entries, data.attachments);
  const { stock, refreshStock } = useStock(visit.id, data.stock, data.stockComes);
  const outbox = useOutbox();
  const clock = useClock(data.now);

  const append = useCallback(
    async (body: Body, extra?: { at?: string; amends?: string }): Promise<Outcome> => {
      const draft = makeDraft(setId, visit.id, body, extra);
      // What the log would refuse is said here, also without a network, and never waits in the outbox.
      const problems = problemsOf(draft);
      if (problems.length > 0) return { ok: false, problems };
      const refusal = notForRole(access, draft, known);
      if (refusal) return { ok: false, problems: [{ path: "", message: refusal }] };
      const delivery = await deviceOutbox().add(draft);
      if (movesStock(draft)) void refreshStock();
      return delivery.kind === "refused" ? { ok: false, problems: delivery.problems } : { ok: true, id: draft.id };
    },
    [setId, visit.id, refreshStock, access, known],
  );
  const forget = useCallback((id: string) => void deviceOutbox().forget(id), []);

  const attach = useCallback(
    async (entryId: string, file: File): Promise<FileSent> => {
      const sent = await sendFile(entryId, file);
      if (sent.ok) setAttachments((known) => [...known.filter(({ id }) => id !== sent.attachment.id), sent.attachment]);
      return sent;
    },
    [setAttachments],
  );
  const hide = useCallback(
    async (one: Attachment, hidden: boolean): Promise<boolean> => {
      const done = await hideFile(one.id, hidden);
      if (done) setAttachments((known) => [...known.filter(({ id }) => id !== one.id), ...(hidden ? [] : [one])]);
      return done;
    },
    [setAttachments],
  );

  const show = useCallback(
    async (one: Attachment, owner: boolean): Promise<boolean> => {
      const done = await showFile(one.id, owner);
      if (done) setAttachments((known) => known.map((file) => (file.id === one.id ? { ...file, owner } : file)));
      return done;
    },
    [setAttachments],
  );

  const log = useMemo(() => {
    const waiting = outbox.waiting.filter(
      ({ draft }) => draft.setId === setId && !saved.some((entry) => entry.id === draft.id),
    );
    const entries: Entry[] = [
      ...saved,
      ...waiting.map(({ draft }) => ({ ...draft, recordedAt: draft.at, by: personId })),
    ];
    const { settled } = settle(entries);
    const now = entries.reduce(
      (latest, entry) => (Date.parse(entry.at) > Date.parse(latest) ? entry.at : latest),
      data.now,
    );
    const numbers = new Map(settled.map((item, index) => [item.entry.id, index + 1]));
    return {
      entries,
      settled,
      now,
      pending: new Map(waiting.map(({ draft, since }) => [draft.id, since])),
      numberOf: (id: string) => numbers.get(id),
    };
  }, [outbox.waiting, saved, setId, personId, data.now]);

  const input = useMemo(
    (): VisitInput => ({
      sheet: data.model.sheet,
      year: data.model.year,
      settled: log.settled,
      visitId: visit.id,
      now: log.now,
      line: { volts: data.shop.lineVolts, hz: data.shop.lineHz },
      rules: rulesOf(data.partRules),
      stock,
    }),
    [data.model, data.shop, data.partRules, log.settled, log.now, visit.id, stock],
  );

  const [step, look] = useStepInView(() => currentStep(runSheet(input)));
  const lineState = useMemo(
    (): LineState => ({
      input,
      works: { terms: data.terms, currency: data.shop.currency, sheets: data.sheets },
      step,
    }),
    [input, data.terms, data.shop.currency, data.sheets, step],
  );

  const logbook = useMemo((): Logbook => {
    return {
      ...data,
      entries: log.entries,
      settled: log.settled,
      input,
      lineState,
      step,
      look,
      pending: log.pending,
      offline: outbox.offline,
      refused: outbox.refused
        .filter(({ draft }) => draft.setId === setId)
        .map(({ draft, problems }) => ({ draft, message: problems[0]?.message ?? "The server did not take it." })),
      forget,
      attachments,
      stock,
      append,
      attach,
      hide,
      show,
      refreshStock,
      clock,
      nameOf: (id) => data.people.find((person) => person.id === id)?.name ?? "unknown",
    };
  }, [
    data,
    log,
    input,
    lineState,
    step,
    look,
    outbox.offline,
    outbox.refused,
    setId,
    forget,
    attachments,
    stock,
    append,
    attach,
    hide,
    show,
    refreshStock,
    clock,
  ]);

  return <LogbookContext value={logbook}>{children}</LogbookContext>;
}
