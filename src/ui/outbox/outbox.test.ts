import "fake-indexeddb/auto";
import { describe, expect, it } from "vitest";
import { note, VISIT } from "@/core/fixtures";
import type { Draft, Entry } from "@/core/kinds";
import { pauses } from "./device";
import { makeOutbox, type Channel, type Message } from "./outbox";
import { makeDraft, type Sent } from "./send";
import { deviceStore, type OutboxStore } from "./store";

const SETS = ["01890000-0000-7000-8000-00000000000a", "01890000-0000-7000-8000-00000000000b"] as const;
const entryOf = (draft: Draft): Entry => ({ ...draft, recordedAt: draft.at, by: VISIT });

/** A device: one store, one lock and one line between its tabs; and a server that answers as it is told. */
function device(name: string) {
  const hears = new Set<(message: Message) => void>();
  let turn: Promise<void> = Promise.resolve();
  const taken: string[] = [];
  const server = {
    taken,
    answer: (draft: Draft): Sent => ({ kind: "saved", entry: entryOf(draft) }),
    delay: 0,
  };
  const send = async (draft: Draft): Promise<Sent> => {
    if (server.delay > 0) await new Promise((resolve) => setTimeout(resolve, server.delay));
    const sent = server.answer(draft);
    // The server has it also when its answer is lost; with the same id once more it is still one entry.
    if (sent.kind === "saved" && !taken.includes(draft.id)) taken.push(draft.id);
    return sent;
  };
  const store: OutboxStore = deviceStore(name);
  const tab = () => {
    let open = true;
    const own = new Set<(message: Message) => void>();
    // As with the channel of a browser, a tab does not hear itself.
    const channel: Channel = {
      post: (message) =>
        [...hears].filter((hear) => !own.has(hear)).forEach((hear) => setTimeout(() => hear(message), 0)),
      listen: (hear) => {
        const listener = (message: Message) => open && hear(message);
        own.add(listener);
        hears.add(listener);
      },
    };
    const { pause, wake } = pauses();
    const outbox = makeOutbox({
      store,
      send,
      channel,
      // Tries come quickly here, so that nothing waits for seconds.
      pause: (ms) => pause(ms / 100),
      wake,
      now: () => 1000,
      inTurn: (work) => {
        const mine = turn.then(() => (open ? work() : undefined));
        turn = mine.catch(() => {});
        return mine;
      },
    });
    return { ...outbox, close: () => (open = false) };
  };
  return { server, tab, store };
}

const draft = (text: string, set: 0 | 1 = 0, amends?: string) =>
  amends
    ? makeDraft(
        SETS[set],
        VISIT,
        { kind: "amendment", payload: { v: 1, action: "withdraw", reason: text } },
        { amends },
      )
    : makeDraft(SETS[set], VISIT, note(text));
const until = async (done: () => boolean) => {
  for (let n = 0; n < 400 && !done(); n += 1) await new Promise((resolve) => setTimeout(resolve, 5));
  expect(done()).toBe(true);
};

describe("the outbox", () => {
  it("sends what is written, one after the other, in the order of writing", async () => {
    const { server, tab } = device("order");
    server.delay = 2;
    const outbox = tab();
    const drafts = Array.from({ length: 200 }, (_, n) => draft(`note ${n}`));
    const deliveries = await Promise.all(drafts.map((one) => outbox.add(one)));
    expect(deliveries.every(({ kind }) => kind === "saved")).toBe(true);
    expect(server.taken).toEqual(drafts.map(({ id }) => id));
    expect(outbox.state().waiting).toEqual([]);
  });

  it("shows the later look at the queue, also when an earlier one ends after it", async () => {
    const { server, tab, store } = device("late look");
    const outbox = tab();
    await until(() => outbox.state().waiting.length === 0);
    const look = store.waiting;
    let answer: (() => void) | undefined;
    // The first look that sees the entry is answered last, with what it saw.
    store.waiting = async () => {
      const seen = await look();
      if (seen.length > 0 && !answer) await new Promise<void>((resolve) => (answer = resolve));
      return seen;
    };
    const added = outbox.add(draft("held up"));
    await until(() => answer !== undefined);
    outbox.retry();
    await until(() => server.taken.length === 1);
    answer?.();
    expect((await added).kind).toBe("saved");
    expect(outbox.state().waiting).toEqual([]);
  });

  it("keeps what cannot be sent, tells its writer so, and sends it in order once the server is back", async () => {
    const { server, tab } = device("offline");
    server.answer = () => ({ kind: "unreachable" });
    const outbox = tab();
    const first = draft("an entry");
    const amendment = draft("its correction", 0, first.id);
    const again = draft("the correction of the correction", 0, amendment.id);
    expect(await outbox.add(first)).toEqual({ kind: "kept" });
    expect(await outbox.add(amendment)).toEqual({ kind: "kept" });
    expect(await outbox.add(again)).toEqual({ kind: "kept" });
    expect(outbox.state()).toMatchObject({ offline: true, waiting: [{ since: 1000 }, {}, {}] });
    server.answer = (one) => ({ kind: "saved", entry: entryOf(one) });
    outbox.retry();
    await until(() => outbox.state().waiting.length === 0);
    expect(server.taken).toEqual([first.id, amendment.id, again.id]);
    expect(outbox.state().offline).toBe(false);
  });

  it("tries an entry that the server stumbled over again, before any later one of its set; other sets go on", async () => {
    const { server, tab } = device("stumble");
    const outbox = tab();
    const [poor, later, other] = [draft("first"), draft("second"), draft("elsewhere", 1)];
    let stumbles = 3;
    server.answer = (one) =>
      one.id === poor.id && stumbles-- > 0 ? { kind: "stumbled" } : { kind: "saved", entry: entryOf(one) };
    await Promise.all([poor, later, other].map((one) => outbox.add(one)));
    await until(() => outbox.state().waiting.length === 0);
    expect(server.taken.indexOf(poor.id)).toBeLessThan(server.taken.indexOf(later.id));
    expect(server.taken.indexOf(other.id)).toBeLessThan(server.taken.indexOf(poor.id));
  });

  it("gives a refusal to the form that waits for it; one that nobody waits for stays in sight", async () => {
    const { server, tab } = device("refused");
    const problems = [{ path: "at", message: "That lies in the future." }];
    server.answer = () => ({ kind: "refused", problems });
    const outbox = tab();
    expect(await outbox.add(draft("in the form"))).toEqual({ kind: "refused", problems });
    await until(() => outbox.state().refused.length === 0);
    server.answer = () => ({ kind: "unreachable" });
    const left = draft("left behind");
    await outbox.add(left);
    server.answer = () => ({ kind: "refused", problems });
    outbox.retry();
    await until(() => outbox.state().refused.length === 1);
    expect(outbox.state().waiting).toEqual([]);
    await outbox.forget(left.id);
    expect(outbox.state().refused).toEqual([]);
  });

  it("of two tabs that were offline and closed, all comes once and in order when one of them is opened again", async () => {
    const { server, tab } = device("tabs");
    server.answer = () => ({ kind: "unreachable" });
    const [one, two] = [tab(), tab()];
    const [a, b] = [draft("written in one tab"), draft("written in the other")];
    await one.add(a);
    await two.add(b);
    await until(() => one.state().waiting.length === 2);
    one.close();
    two.close();
    server.answer = (written) => ({ kind: "saved", entry: entryOf(written) });
    const opened = tab();
    const heard: string[] = [];
    opened.onSaved(({ id }) => heard.push(id));
    await until(() => opened.state().waiting.length === 0 && heard.length === 2);
    expect(server.taken).toEqual([a.id, b.id]);
  });

  it("tells every tab what was taken, whichever sent it, and sends nothing twice at a time", async () => {
    const { server, tab } = device("both");
    server.delay = 3;
    const [one, two] = [tab(), tab()];
    const heard: string[] = [];
    two.onSaved(({ id }) => heard.push(id));
    const drafts = Array.from({ length: 10 }, (_, n) => draft(`note ${n}`));
    await Promise.all(drafts.map((written, n) => (n % 2 ? one : two).add(written)));
    await until(() => heard.length >= 10);
    expect([...new Set(heard)].sort()).toEqual(drafts.map(({ id }) => id).sort());
    expect(server.taken).toHaveLength(10);
  });

  it("adds an entry once, however often it is given to it", async () => {
    const { store } = device("twice");
    const written = draft("once");
    await store.add(written, 1);
    await store.add(written, 2);
    expect(await store.waiting()).toMatchObject([{ since: 1, tries: 0 }]);
    await store.tried(written.id);
    await store.tried("nobody");
    expect(await store.waiting()).toMatchObject([{ tries: 1 }]);
  });
});
