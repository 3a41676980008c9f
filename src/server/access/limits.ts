import { RateLimiterMemory } from "rate-limiter-flexible";

/** How often something may be tried, in so many seconds. Shop's rules: far above what a person does by hand. */
const LIMITS = {
  /** wrong passwords by one address */
  "sign-in": { points: 10, duration: 15 * 60 },
  /** wrong passwords for one name, from wherever */
  "sign-in-name": { points: 20, duration: 60 * 60 },
  /** wrong PINs on one device */
  pin: { points: 15, duration: 60 * 60 },
  /** tokens of an owner's page that are not there, by one address */
  token: { points: 20, duration: 15 * 60 },
  /** what an owner writes through a link */
  "link-answer": { points: 10, duration: 60 * 60 },
  /** reports that one person asks for */
  report: { points: 300, duration: 10 * 60 },
  /** reports that one link asks for */
  "link-report": { points: 6, duration: 10 * 60 },
  /** set files that one person gives or takes */
  "set-file": { points: 300, duration: 10 * 60 },
} as const;
export type Limit = keyof typeof LIMITS;

const made = new Map<Limit, RateLimiterMemory>();
const limiter = (limit: Limit): RateLimiterMemory => {
  const found = made.get(limit) ?? new RateLimiterMemory({ keyPrefix: limit, ...LIMITS[limit] });
  made.set(limit, found);
  return found;
};

/** Seconds until it may be tried again; undefined when it may be tried now. */
export async function waitFor(limit: Limit, key: string): Promise<number | undefined> {
  const state = await limiter(limit).get(key);
  if (!state || state.remainingPoints > 0) return undefined;
  return Math.max(1, Math.ceil(state.msBeforeNext / 1000));
}

/** Counts a try. @returns seconds until the next may come, where this one is already too many */
export async function count(limit: Limit, key: string): Promise<number | undefined> {
  const wait = await waitFor(limit, key);
  if (wait !== undefined) return wait;
  // Counting itself refuses only what several tries at once make too many.
  await limiter(limit)
    .consume(key)
    .catch(() => undefined);
  return undefined;
}

/** Somebody did it right: earlier tries are forgotten. */
export const forgive = async (limit: Limit, key: string): Promise<void> => void (await limiter(limit).delete(key));

/** How long to wait, in words. */
export const waitWords = (seconds: number): string =>
  seconds <= 90 ? `${seconds} seconds` : `${Math.ceil(seconds / 60)} minutes`;
