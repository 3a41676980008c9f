import { openDB, type DBSchema, type IDBPDatabase } from "idb";
import type { Draft } from "@/core/kinds";
import type { Problem } from "./send";
import type { Signed } from "./sign";

/** An entry that is written and not acknowledged yet. */
export type Waiting = {
  draft: Draft;
  /** who wrote it; nothing where an older program kept it */
  signed?: Signed;
  /** when it was written, ms since 1970 by this device */
  since: number;
  /** how often it was sent in vain */
  tries: number;
};

/** An entry that the server would not take: it waits for its writer's word. */
export type Refused = { draft: Draft; problems: Problem[] };

/** Where unsent entries are kept, in the order in which they were written. */
export type OutboxStore = {
  add: (draft: Draft, since: number, signed?: Signed) => Promise<void>;
  waiting: () => Promise<Waiting[]>;
  refused: () => Promise<Refused[]>;
  /** it was sent in vain once more */
  tried: (id: string) => Promise<void>;
  /** it is taken: it need not be kept any longer */
  remove: (id: string) => Promise<void>;
  refuse: (draft: Draft, problems: Problem[]) => Promise<void>;
  forget: (id: string) => Promise<void>;
};

interface Schema extends DBSchema {
  waiting: { key: number; value: Waiting & { seq?: number; id: string }; indexes: { id: string } };
  refused: { key: string; value: Refused & { id: string } };
}

const NAME = "jumelle-outbox";

const open = (name: string): Promise<IDBPDatabase<Schema>> =>
  openDB<Schema>(name, 1, {
    upgrade(db) {
      // The key counts up over all tabs of the device: it is the order of writing.
      db.createObjectStore("waiting", { keyPath: "seq", autoIncrement: true }).createIndex("id", "id", {
        unique: true,
      });
      db.createObjectStore("refused", { keyPath: "id" });
    },
  });

/** Unsent entries in IndexedDB: all tabs of the device share them, and they outlive every one of them. */
export function deviceStore(name = NAME): OutboxStore {
  const opened = open(name);
  const keyOf = async (id: string) => (await opened).getKeyFromIndex("waiting", "id", id);
  return {
    async add(draft, since, signed) {
      const db = await opened;
      if ((await keyOf(draft.id)) !== undefined) return;
      await db.add("waiting", { draft, since, tries: 0, id: draft.id, ...(signed ? { signed } : {}) });
    },
    async waiting() {
      return (await opened).getAll("waiting");
    },
    async refused() {
      return (await opened).getAll("refused");
    },
    async tried(id) {
      const transaction = (await opened).transaction("waiting", "readwrite");
      const key = await transaction.store.index("id").getKey(id);
      const one = key === undefined ? undefined : await transaction.store.get(key);
      if (one) await transaction.store.put({ ...one, tries: one.tries + 1 });
      await transaction.done;
    },
    async remove(id) {
      const key = await keyOf(id);
      if (key !== undefined) await (await opened).delete("waiting", key);
    },
    async refuse(draft, problems) {
      const transaction = (await opened).transaction(["waiting", "refused"], "readwrite");
      const key = await transaction.objectStore("waiting").index("id").getKey(draft.id);
      await transaction.objectStore("refused").put({ id: draft.id, draft, problems });
      if (key !== undefined) await transaction.objectStore("waiting").delete(key);
      await transaction.done;
    },
    async forget(id) {
      await (await opened).delete("refused", id);
    },
  };
}

/** For a browser that keeps nothing: unsent entries live as long as the page. */
export function pageStore(): OutboxStore {
  let waiting: Waiting[] = [];
  let refused: Refused[] = [];
  return {
    async add(draft, since, signed) {
      if (waiting.some((one) => one.draft.id === draft.id)) return;
      waiting = [...waiting, { draft, since, tries: 0, ...(signed ? { signed } : {}) }];
    },
    waiting: async () => waiting,
    refused: async () => refused,
    async tried(id) {
      waiting = waiting.map((one) => (one.draft.id === id ? { ...one, tries: one.tries + 1 } : one));
    },
    async remove(id) {
      waiting = waiting.filter((one) => one.draft.id !== id);
    },
    async refuse(draft, problems) {
      waiting = waiting.filter((one) => one.draft.id !== draft.id);
      refused = [...refused.filter((one) => one.draft.id !== draft.id), { draft, problems }];
    },
    async forget(id) {
      refused = refused.filter((one) => one.draft.id !== id);
    },
  };
}
