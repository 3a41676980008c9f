import type { AsyncLocalStorage } from "node:async_hooks";

/** What is noted of the request at hand, between the server in front and the application behind it. */
export type Call = {
  /** the status that a failure is to be answered with, where it is not the server's own fault */
  status?: 400 | 503;
};

// The application is bundled, the server in front of it is not: they meet here.
const global = globalThis as typeof globalThis & { jumelleCalls?: AsyncLocalStorage<Call> };

export const callsAre = (calls: AsyncLocalStorage<Call>): void => void (global.jumelleCalls = calls);

/** What the call at hand fails with: 400 where no page of ours makes such a call, 503 where the database is away. */
export function callFails(status: 400 | 503): void {
  const call = global.jumelleCalls?.getStore();
  if (call) call.status = status;
}
