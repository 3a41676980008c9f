"use client";

import { createContext, useContext } from "react";
import type { LineState } from "@/core/bench-line";
import type { ShopRules } from "@/core/components";
import type { Role } from "@/core/access";
import type { Figures } from "@/core/diagnosis";
import type { Terms } from "@/core/handback";
import type { Visit } from "@/core/history";
import type { Body, Draft, Entry, Settled } from "@/core/kinds";
import type { Model, Step } from "@/core/model";
import type { Recipe } from "@/core/modifications";
import type { TestSheet } from "@/core/sheets";
import type { StockItem } from "@/core/stock";
import type { FoundOnce, VisitInput } from "@/core/visit";
import type { Attachment } from "@/db/attachments";
import type { ModelPicture } from "@/db/pictures";
import type { Instrument } from "@/db/instruments";
import type { Meter, Shop } from "@/db/shop";
import type { SaveAnswer } from "../form";
import type { Problem } from "../outbox";
import type { FileSent } from "./files";

/** What the bench page is given by the server. */
export type LogbookData = {
  setId: string;
  serial: string;
  owner: string;
  model: Model;
  visit: Visit;
  /** all visits of the set */
  visits: Visit[];
  entries: Entry[];
  attachments: Attachment[];
  shop: Shop;
  meters: Meter[];
  /** generators, counters and the like, where the shop has listed them */
  instruments: Instrument[];
  /** the shop's stock, with what is reserved for this visit */
  stock: StockItem[];
  /** the stock is large, and is asked for once the page is there */
  stockComes: boolean;
  /** what the shop has changed of the rules for parts */
  partRules: ShopRules;
  /** the shop's own figures for faults */
  figures: Figures;
  /** faults that the shop has found and shown gone, on all sets */
  found: FoundOnce[];
  /** the shop's recipes for modifications, and what it works by */
  recipes: Recipe[];
  /** test sheets: those that ship and the shop's own */
  sheets: TestSheet[];
  /** photos of the model, one for each view */
  pictures: ModelPicture[];
  terms: Terms;
  people: { id: string; name: string }[];
  personId: string;
  /** what this person may do */
  access: Role;
  /** may this person confirm what an apprentice did for safety? */
  mayConfirm: boolean;
  now: string;
};

/** Saved, or kept on this device to be sent again; with the id that the entry has in either case. */
export type Outcome = { ok: true; id: string } | { ok: false; problems: Problem[] };

/** What became of an entry, as a form says it. */
export const saying = (outcome: Outcome): SaveAnswer =>
  outcome.ok ? { ok: true } : { ok: false, message: outcome.problems[0]?.message ?? "It could not be written." };

export type Logbook = LogbookData & {
  settled: Settled[];
  input: VisitInput;
  /** what a line is read against is worked out from it (useLineContext) */
  lineState: LineState;
  /** the step whose plate is in sight: what is read there belongs to it */
  step: Step;
  look: (step: Step) => void;
  /** entries of this set that are not acknowledged yet: since when, ms since 1970 */
  pending: ReadonlyMap<string, number>;
  offline: boolean;
  /** entries that were kept for a retry and then not taken */
  refused: readonly { draft: Draft; message: string }[];
  /** a refused entry is written anew, or given up */
  forget: (id: string) => void;
  /** appends an entry; resolves when it is saved, kept for a retry, or refused */
  append: (body: Body, extra?: { at?: string; amends?: string }) => Promise<Outcome>;
  /** adds a photo or file to an entry that is saved */
  attach: (entryId: string, file: File) => Promise<FileSent>;
  /** takes a file away from sight, or brings it back */
  hide: (attachment: Attachment, hidden: boolean) => Promise<boolean>;
  /** shows a photo to the owner of the set on their page, or no more */
  show: (attachment: Attachment, owner: boolean) => Promise<boolean>;
  /** looks at the stock again: something was taken, reserved or refused */
  refreshStock: () => Promise<void>;
  /** the present by the server's clock: a device whose clock is changed meanwhile keeps the right time */
  clock: () => string;
  nameOf: (personId: string) => string;
};

export const LogbookContext = createContext<Logbook | undefined>(undefined);

export function useLogbook(): Logbook {
  const logbook = useContext(LogbookContext);
  if (!logbook) throw new Error("useLogbook needs a LogbookProvider above it");
  return logbook;
}
