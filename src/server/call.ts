import type { AsyncLocalStorage } from "node:async_hooks";

/** What is noted of the request at hand, between the server in front and the application behind it. */
export type Call = { malformed: boolean };

// The application is bundled, the server in front of it is not: they meet here.
const global = globalThis as typeof globalThis & { jumelleCalls?: AsyncLocalStorage<Call> };

export const callsAre = (calls: AsyncLocalStorage<Call>): void => void (global.jumelleCalls = calls);

/** The call at hand was none that a page of ours makes: it is answered as a bad request. */
export function callTrouble(): void {
  const call = global.jumelleCalls?.getStore();
  if (call) call.malformed = true;
}
