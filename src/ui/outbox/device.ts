import type { Draft } from "@/core/kinds";
import { makeOutbox, type Channel, type Message, type Outbox } from "./outbox";
import { send, type Problem } from "./send";
import { sign } from "./sign";
import { deviceStore, pageStore, type OutboxStore } from "./store";

const NAME = "jumelle-outbox";

/** A pause that can be cut short. */
export function pauses() {
  let end: (() => void) | undefined;
  // Who was woken before the pause began does not sleep.
  let woken = false;
  return {
    pause: (ms: number) =>
      new Promise<void>((resolve) => {
        const timer = setTimeout(() => end?.(), ms);
        end = () => {
          clearTimeout(timer);
          end = undefined;
          woken = false;
          resolve();
        };
        if (woken) end();
      }),
    wake: () => {
      woken = true;
      end?.();
    },
  };
}

function tabs(): Channel {
  if (typeof BroadcastChannel === "undefined") return { post: () => {}, listen: () => {} };
  const channel = new BroadcastChannel(NAME);
  return {
    post: (message) => channel.postMessage(message),
    listen: (hear) => channel.addEventListener("message", ({ data }) => hear(data as Message)),
  };
}

/**
 * One sender for the device. Without Web Locks (a page that came over plain HTTP from another machine has none) every tab
 * sends what is kept: the ids make that harmless.
 */
const inTurn = async (work: () => Promise<void>): Promise<void> => {
  if ("locks" in navigator) await navigator.locks.request(NAME, work);
  else await work();
};

type KeptBefore = { draft: Draft; problems?: Problem[] };

/** Lists that earlier versions kept, one for each set. */
function keptBefore(list: "outbox" | "refused"): { key: string; items: KeptBefore[] }[] {
  return Object.keys(window.localStorage)
    .filter((key) => key.startsWith(`jumelle-${list}-`))
    .map((key) => {
      try {
        const items = JSON.parse(window.localStorage.getItem(key) ?? "[]") as (Draft | KeptBefore)[];
        return { key, items: items.map((item) => ("draft" in item ? item : { draft: item })) };
      } catch {
        return { key, items: [] };
      }
    });
}

/** Takes over what an earlier version of the page kept and could not send. */
async function takeOver(store: OutboxStore): Promise<void> {
  for (const { key, items } of keptBefore("outbox")) {
    for (const { draft } of items) await store.add(draft, Date.parse(draft.at));
    window.localStorage.removeItem(key);
  }
  for (const { key, items } of keptBefore("refused")) {
    for (const { draft, problems } of items) await store.refuse(draft, problems ?? []);
    window.localStorage.removeItem(key);
  }
}

let outbox: Outbox | undefined;

/** The outbox of this device, as this page sees it. */
export function deviceOutbox(): Outbox {
  if (outbox) return outbox;
  const store = typeof indexedDB === "undefined" ? pageStore() : deviceStore();
  const made = makeOutbox({ store, send, sign, inTurn, channel: tabs(), ...pauses(), now: () => Date.now() });
  void takeOver(store).then(() => made.retry());
  window.addEventListener("online", () => made.retry());
  outbox = made;
  return made;
}
