import { expose } from "comlink";
import { openContainer } from "@/container";
import type { ReadFile } from "@/core/exchange";

/** What a set's file says of itself once its seals are checked: small enough to hand over. */
export type FileChecked =
  | {
      ok: true;
      name: string;
      serial: string;
      owner: string;
      from: string;
      entries: number;
      visits: number;
      files: number;
      head: string;
      unknown: { kind: string; count: number }[];
    }
  | Extract<ReadFile, { ok: false }>;

/** Checks a file away from the page: hashing a long log takes a moment. */
const api = {
  check: async (file: Blob): Promise<FileChecked> => {
    const { read } = await openContainer(file);
    if (!read.ok) return read;
    const { model, set, owner, exportedBy, entries, visits, attachments, chain } = read.document;
    return {
      ok: true,
      name: `${model.maker} ${model.designation}`,
      serial: set.serial,
      owner: owner.name,
      from: exportedBy,
      entries: entries.length,
      visits: visits.length,
      files: attachments.length,
      head: chain.head,
      unknown: read.unknown,
    };
  },
};
export type FileWorker = typeof api;

expose(api);
