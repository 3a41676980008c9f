import { RateLimiterMemory, RateLimiterRes } from "rate-limiter-flexible";

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

/**
 * Counts a try before it is looked at, so that many at once are counted too.
 * @returns seconds until the next may come, where this one is already too many
 */
export async function count(limit: Limit, key: string): Promise<number | undefined> {
  try {
    await limiter(limit).consume(key);
    return undefined;
  } catch (refused) {
    if (refused instanceof RateLimiterRes) return Math.max(1, Math.ceil(refused.msBeforeNext / 1000));
    throw refused;
  }
}

/** The try was right: it does not count. Wrong ones before it still do, whoever made them. */
export const giveBack = async (limit: Limit, key: string): Promise<void> => void (await limiter(limit).reward(key));

/** How long to wait, in words. */
export const waitWords = (seconds: number): string =>
  seconds <= 90 ? `${seconds} seconds` : `${Math.ceil(seconds / 60)} minutes`;

/** What is said to somebody who tried too often. */
export const tooManyTries = (seconds: number): string =>
  `Too many tries in a short time. Wait ${waitWords(seconds)}, then try again.`;
