"use client";

import { createContext, useCallback, useContext, useEffect, useMemo, useRef, useState } from "react";
import { lineContext } from "@/core/bench-line";
import {
  writeAmendment,
  writeLine,
  draftSchema,
  sentences,
  settle,
  type Body,
  type Content,
  type Draft,
  type Entry,
  type Settled,
} from "@/core/kinds";
import type { LineContext } from "@/core/shorthand";
import type { Visit } from "@/core/history";
import { rulesOf, type ShopRules } from "@/core/components";
import type { Terms } from "@/core/handback";
import type { Model } from "@/core/model";
import type { Recipe } from "@/core/modifications";
import type { StockItem } from "@/core/stock";
import type { FoundOnce, VisitInput } from "@/core/visit";
import type { Figures } from "@/core/diagnosis";
import type { Attachment } from "@/db/attachments";
import type { Meter, Shop } from "@/db/shop";
import { hideFile, sendFile, type FileSent } from "./files";
import { makeDraft, outbox as waitingBox, refusals, send, type Problem, type Refused } from "./outbox";

/** What the bench page is given by the server. */
export type LogbookData = {
  setId: string;
  serial: string;
  owner: string;
  model: Model;
  visit: Visit;
  entries: Entry[];
  attachments: Attachment[];
  shop: Shop;
  meters: Meter[];
  /** the shop's stock, with what is reserved for this visit */
  stock: StockItem[];
  /** what the shop has changed of the rules for parts */
  partRules: ShopRules;
  /** the shop's own figures for faults */
  figures: Figures;
  /** faults that the shop has found and shown gone, on all sets */
  found: FoundOnce[];
  /** the shop's recipes for modifications, and what it works by */
  recipes: Recipe[];
  terms: Terms;
  people: { id: string; name: string }[];
  personId: string;
  now: string;
};

/** Saved, or kept on this device to be sent again; with the id that the entry has in either case. */
export type Outcome = { ok: true; id: string } | { ok: false; problems: Problem[] };

export type Logbook = LogbookData & {
  settled: Settled[];
  input: VisitInput;
  context: LineContext;
  /** ids of entries that are not acknowledged yet */
  pending: ReadonlySet<string>;
  offline: boolean;
  /** entries that were kept for a retry and then not taken, as the lines that make them again */
  refused: readonly { id: string; at: string; line: string; message: string }[];
  /** a refused entry is written anew, or given up */
  forget: (id: string) => void;
  /** appends an entry; resolves when it is saved, kept for a retry, or refused */
  append: (body: Body, extra?: { at?: string; amends?: string }) => Promise<Outcome>;
  /** adds a photo or file to an entry that is saved */
  attach: (entryId: string, file: File) => Promise<FileSent>;
  /** takes a file away from sight, or brings it back */
  hide: (attachment: Attachment, hidden: boolean) => Promise<boolean>;
  /** looks at the stock again: something was taken, reserved or refused */
  refreshStock: () => Promise<void>;
  /** the present by the server's clock: a device whose clock is changed meanwhile keeps the right time */
  clock: () => string;
  lineOf: (content: Content) => string;
  nameOf: (personId: string) => string;
};

const Context = createContext<Logbook | undefined>(undefined);

export function useLogbook(): Logbook {
  const logbook = useContext(Context);
  if (!logbook) throw new Error("useLogbook needs a LogbookProvider above it");
  return logbook;
}

const RETRY_MS = 4000;
const REFRESH_MS = 15_000;

/** Holds a set's entries in the page: folds them, appends to them, and keeps what the server has not acknowledged. */
export function LogbookProvider({ data, children }: { data: LogbookData; children: React.ReactNode }) {
  const { setId, visit, personId } = data;
  const [saved, setSaved] = useState(data.entries);
  const [attachments, setAttachments] = useState(data.attachments);
  const [stock, setStock] = useState(data.stock);
  const [outbox, setOutbox] = useState<Draft[]>([]);
  const [refused, setRefused] = useState<Refused[]>([]);
  const [offline, setOffline] = useState(false);
  const box = useRef<Draft[]>([]);

  const changeOutbox = useCallback(
    (change: (drafts: Draft[]) => Draft[]) => {
      box.current = change(box.current);
      waitingBox.write(setId, box.current);
      setOutbox(box.current);
    },
    [setId],
  );

  // What has passed since this page came is told by a clock that nobody can set.
  const came = useRef<number>(undefined);
  useEffect(() => {
    came.current = performance.now();
  }, [data.now]);
  const clock = useCallback(
    () => new Date(Date.parse(data.now) + performance.now() - (came.current ?? performance.now())).toISOString(),
    [data.now],
  );

  const refreshStock = useCallback(async () => {
    const answer = await fetch(`/api/stock?visit=${visit.id}`).catch(() => undefined);
    if (answer?.ok) setStock(((await answer.json()) as { stock: StockItem[] }).stock);
  }, [visit.id]);

  const deliver = useCallback(
    async (draft: Draft): Promise<Outcome> => {
      const result = await send(draft);
      setOffline(result.kind === "unreachable");
      if (result.kind === "unreachable") return { ok: true, id: draft.id };
      if (result.kind === "saved")
        setSaved((entries) => [...entries.filter((entry) => entry.id !== draft.id), result.entry]);
      changeOutbox((drafts) => drafts.filter((other) => other.id !== draft.id));
      // Work takes parts and amendments give them back; a refusal means that the shelf looks different by now.
      if (draft.kind === "part-work" || draft.kind === "amendment") void refreshStock();
      return result.kind === "saved" ? { ok: true, id: draft.id } : { ok: false, problems: result.problems };
    },
    [changeOutbox, refreshStock],
  );

  const changeRefused = useCallback(
    (change: (known: Refused[]) => Refused[]) => {
      const next = change(refusals.read(setId));
      refusals.write(setId, next);
      setRefused(next);
    },
    [setId],
  );
  const forget = useCallback(
    (id: string) => changeRefused((known) => known.filter(({ draft }) => draft.id !== id)),
    [changeRefused],
  );

  /** Sends again what was kept. Nobody waits at a form for it any more: a refusal stays in sight. */
  const deliverAgain = useCallback(
    async (draft: Draft): Promise<void> => {
      const outcome = await deliver(draft);
      if (!outcome.ok)
        changeRefused((known) => [
          ...known.filter((one) => one.draft.id !== draft.id),
          { draft, problems: outcome.problems },
        ]);
    },
    [deliver, changeRefused],
  );

  const append = useCallback(
    (body: Body, extra?: { at?: string; amends?: string }): Promise<Outcome> => {
      const draft = makeDraft(setId, visit.id, body, extra);
      // What the log would refuse is said here, also without a network, and never waits in the outbox.
      const checked = draftSchema.safeParse(draft);
      if (!checked.success) return Promise.resolve({ ok: false, problems: sentences(checked.error) });
      changeOutbox((drafts) => [...drafts, draft]);
      return deliver(draft);
    },
    [setId, visit.id, changeOutbox, deliver],
  );

  const refresh = useCallback(async () => {
    const answer = await fetch(`/api/sets/${setId}/entries`).catch(() => undefined);
    if (!answer?.ok) return;
    const { entries, attachments: files } = (await answer.json()) as { entries: Entry[]; attachments: Attachment[] };
    setAttachments((known) => (JSON.stringify(known) === JSON.stringify(files) ? known : files));
    setSaved((known) => {
      const here = new Set(entries.map((entry) => entry.id));
      const missing = known.filter((entry) => !here.has(entry.id));
      return entries.length + missing.length === known.length && missing.length === 0
        ? known
        : [...entries, ...missing];
    });
  }, [setId]);

  const attach = useCallback(async (entryId: string, file: File): Promise<FileSent> => {
    const sent = await sendFile(entryId, file);
    if (sent.ok) setAttachments((known) => [...known.filter(({ id }) => id !== sent.attachment.id), sent.attachment]);
    return sent;
  }, []);

  const hide = useCallback(async (one: Attachment, hidden: boolean): Promise<boolean> => {
    const done = await hideFile(one.id, hidden);
    if (done) setAttachments((known) => [...known.filter(({ id }) => id !== one.id), ...(hidden ? [] : [one])]);
    return done;
  }, []);

  // What an earlier page could not deliver is sent again, with the same ids.
  useEffect(() => {
    // What an earlier page left behind: kept drafts are shown while they wait, refused ones until their writer says.
    // eslint-disable-next-line react-hooks/set-state-in-effect
    setRefused(refusals.read(setId));
    box.current = waitingBox.read(setId);
    if (box.current.length === 0) return;
    for (const draft of box.current) void deliverAgain(draft);
    setOutbox(box.current);
  }, [setId, deliverAgain]);

  useEffect(() => {
    const retry = () => box.current.forEach((draft) => void deliverAgain(draft));
    const timer = offline ? window.setInterval(retry, RETRY_MS) : undefined;
    window.addEventListener("online", retry);
    return () => {
      window.clearInterval(timer);
      window.removeEventListener("online", retry);
    };
  }, [offline, deliverAgain]);

  // Another tablet may write to the same set.
  useEffect(() => {
    const look = () => document.visibilityState === "visible" && void refresh();
    // Whoever comes back to this page may have been at the drawers.
    const back = () => {
      look();
      void refreshStock();
    };
    const timer = window.setInterval(look, REFRESH_MS);
    window.addEventListener("focus", back);
    return () => {
      window.clearInterval(timer);
      window.removeEventListener("focus", back);
    };
  }, [refresh, refreshStock]);

  const logbook = useMemo((): Logbook => {
    const waiting = outbox.filter((draft) => !saved.some((entry) => entry.id === draft.id));
    const entries: Entry[] = [...saved, ...waiting.map((draft) => ({ ...draft, recordedAt: draft.at, by: personId }))];
    const { settled } = settle(entries);
    const now = entries.reduce(
      (latest, entry) => (Date.parse(entry.at) > Date.parse(latest) ? entry.at : latest),
      data.now,
    );
    const line = { volts: data.shop.lineVolts, hz: data.shop.lineHz };
    const input: VisitInput = {
      sheet: data.model.sheet,
      year: data.model.year,
      settled,
      visitId: visit.id,
      now,
      line,
      rules: rulesOf(data.partRules),
      stock,
    };
    const context = lineContext(input, { terms: data.terms, currency: data.shop.currency });
    const numbers = new Map(context.tape.map((item) => [item.id, item.n]));
    const numberOf = (id: string) => numbers.get(id);
    return {
      ...data,
      entries,
      settled,
      input,
      context,
      pending: new Set(waiting.map((draft) => draft.id)),
      offline,
      refused: refused.map(({ draft, problems }) => ({
        id: draft.id,
        at: draft.at,
        line:
          draft.kind === "amendment"
            ? writeAmendment(draft.payload, numberOf(draft.amends ?? "") ?? 0, numberOf)
            : writeLine(draft, numberOf),
        message: problems[0]?.message ?? "The server did not take it.",
      })),
      forget,
      attachments,
      stock,
      append,
      attach,
      hide,
      refreshStock,
      clock,
      lineOf: (content) => writeLine(content, numberOf),
      nameOf: (id) => data.people.find((person) => person.id === id)?.name ?? "unknown",
    };
  }, [
    data,
    saved,
    attachments,
    stock,
    outbox,
    offline,
    refused,
    forget,
    append,
    attach,
    hide,
    refreshStock,
    clock,
    personId,
    visit.id,
  ]);

  return <Context value={logbook}>{children}</Context>;
}
