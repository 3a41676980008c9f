import type { Draft, Entry } from "@/core/kinds";
import type { Problem, Sent } from "./send";
import type { Signed } from "./sign";
import type { OutboxStore, Refused, Waiting } from "./store";

/** Taken by the server, refused with its reasons, or kept on the device to be sent again. */
export type Delivery = { kind: "saved"; entry: Entry } | { kind: "refused"; problems: Problem[] } | { kind: "kept" };

export type OutboxState = {
  waiting: readonly Waiting[];
  refused: readonly Refused[];
  /** the last try reached no server */
  offline: boolean;
};

/** What the tabs of a device tell one another. */
export type Message =
  { type: "changed"; offline: boolean } | { type: "wake" } | { type: "delivered"; id: string; delivery: Delivery };

/** A line to the other tabs. */
export type Channel = { post: (message: Message) => void; listen: (hear: (message: Message) => void) => void };

type Parts = {
  store: OutboxStore;
  send: (draft: Draft, signed?: Signed) => Promise<Sent>;
  /** signs what is written as that of whoever is here */
  sign?: (draft: Draft) => Signed | undefined;
  /** lets one tab of the device send at a time; calls back when it is this one's turn */
  inTurn: (work: () => Promise<void>) => Promise<void>;
  channel: Channel;
  /** waits so long, or until it is woken */
  pause: (ms: number) => Promise<void>;
  wake: () => void;
  now: () => number;
};

export type Outbox = {
  state: () => OutboxState;
  subscribe: (listener: () => void) => () => void;
  /** hears every entry that the server took, whichever tab sent it */
  onSaved: (listener: (entry: Entry) => void) => () => void;
  /** keeps a draft and sends it in its turn; answers when it is taken, refused, or kept for another try */
  add: (draft: Draft) => Promise<Delivery>;
  /** tries again now */
  retry: () => void;
  /** a refused entry is written anew, or given up */
  forget: (id: string) => Promise<void>;
};

/** Pauses between tries, ms: the last one repeats. */
const PAUSES = [1000, 2000, 4000, 8000];
/** A form waits no longer than this for another tab's answer, ms. */
const LONGEST_WAIT = 25_000;

/**
 * The queue of entries on their way to the server. It lives outside any page's components: entries are kept first, sent
 * one after the other in the order in which they were written, and told to every tab of the device. Of a set whose entry
 * the server stumbles over, the later ones wait, since they may build on it; those of other sets go on.
 */
export function makeOutbox({ store, send, sign, inTurn, channel, pause, wake, now }: Parts): Outbox {
  let state: OutboxState = { waiting: [], refused: [], offline: false };
  const listeners = new Set<() => void>();
  const savedListeners = new Set<(entry: Entry) => void>();
  const asking = new Map<string, (delivery: Delivery) => void>();

  let looks = 0;
  let shown = 0;
  const look = async (offline: boolean) => {
    const mine = (looks += 1);
    const [waiting, refused] = await Promise.all([store.waiting(), store.refused()]);
    // Looks overlap, and one begun earlier may end later: it must not put back what has left the queue since.
    if (mine < shown) return;
    shown = mine;
    state = { waiting, refused, offline };
    for (const listener of listeners) listener();
  };
  const changed = async (offline: boolean) => {
    await look(offline);
    channel.post({ type: "changed", offline });
  };
  const answer = (id: string, delivery: Delivery) => asking.get(id)?.(delivery);
  const tell = (delivery: Delivery) => {
    if (delivery.kind === "saved") for (const listener of savedListeners) listener(delivery.entry);
  };
  /** The page has the entry before the queue lets go of it, and its writer hears of it last: nothing flickers. */
  const delivered = async (id: string, delivery: Delivery, offline: boolean) => {
    tell(delivery);
    channel.post({ type: "delivered", id, delivery });
    await changed(offline);
    answer(id, delivery);
  };

  /** Sends what waits, once each, in order. @returns whether anything is left, and whether the server was reached */
  const round = async (): Promise<{ left: boolean; offline: boolean }> => {
    const stuck = new Set<string>();
    let offline = false;
    for (const { draft, signed } of await store.waiting()) {
      if (offline || stuck.has(draft.setId)) {
        await delivered(draft.id, { kind: "kept" }, offline);
        continue;
      }
      const sent = await send(draft, signed);
      if (sent.kind === "saved") {
        await store.remove(draft.id);
        await delivered(draft.id, sent, false);
      } else if (sent.kind === "refused") {
        // A form that waits for it shows why, and has what was typed; else it stays in sight until its writer's word.
        if (asking.has(draft.id)) await store.remove(draft.id);
        else await store.refuse(draft, sent.problems);
        await delivered(draft.id, sent, false);
      } else {
        await store.tried(draft.id);
        stuck.add(draft.setId);
        offline = sent.kind === "unreachable";
        await delivered(draft.id, { kind: "kept" }, offline);
      }
    }
    return { left: stuck.size > 0, offline };
  };

  let sending = false;
  const sendAll = async (): Promise<void> => {
    if (sending) return wake();
    sending = true;
    await inTurn(async () => {
      for (let vain = 0; ;) {
        const { left } = await round();
        if (!left && (await store.waiting()).length === 0) return;
        if (!left) continue;
        await pause(PAUSES[Math.min(vain, PAUSES.length - 1)] ?? 0);
        vain += 1;
      }
    }).finally(() => {
      sending = false;
    });
    // What was added between the last look and the end of the turn.
    if ((await store.waiting()).length > 0) void sendAll();
  };

  channel.listen((message) => {
    if (message.type === "changed") void look(message.offline);
    else if (message.type === "wake") wake();
    else {
      tell(message.delivery);
      answer(message.id, message.delivery);
    }
  });

  const start = async () => {
    await look(false);
    if (state.waiting.length > 0) await sendAll();
  };
  void start();

  return {
    state: () => state,
    subscribe(listener) {
      listeners.add(listener);
      return () => listeners.delete(listener);
    },
    onSaved(listener) {
      savedListeners.add(listener);
      return () => savedListeners.delete(listener);
    },
    async add(draft) {
      const answer = new Promise<Delivery>((resolve) => {
        const give = (delivery: Delivery) => {
          clearTimeout(timer);
          asking.delete(draft.id);
          // Another tab sent it: the form here shows why.
          if (delivery.kind === "refused") void store.forget(draft.id).then(() => changed(state.offline));
          resolve(delivery);
        };
        const timer = setTimeout(() => give({ kind: "kept" }), LONGEST_WAIT);
        asking.set(draft.id, give);
      });
      await store.add(draft, now(), sign?.(draft));
      await changed(state.offline);
      channel.post({ type: "wake" });
      void sendAll();
      return answer;
    },
    retry() {
      channel.post({ type: "wake" });
      void sendAll();
    },
    async forget(id) {
      await store.forget(id);
      await changed(state.offline);
    },
  };
}
