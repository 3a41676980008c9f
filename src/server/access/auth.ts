import { createHash, createHmac, randomBytes } from "node:crypto";
import { AsyncLocalStorage } from "node:async_hooks";
import { betterAuth } from "better-auth/minimal";
import { drizzleAdapter } from "better-auth/adapters/drizzle";
import { createAuthEndpoint } from "better-auth/api";
import { setSessionCookie } from "better-auth/cookies";
import { username } from "better-auth/plugins/username";
import { v7 } from "uuid";
import { z } from "zod";
import { PASSWORD_LENGTH, signInName } from "@/core/access";
import { signInAccount, signInCheck, signInSession, signInUser } from "@/db/access-schema";
import { database } from "@/db/client";
import { forgetEnded } from "@/db/sessions";
import { beginTurn } from "@/db/turns";
import { addressOf } from "./address";

/** So long after a sign-in, by password or PIN, a device is known to somebody, days. After that the password is asked for. */
const KNOWN_DAYS = 30;
const DAY_S = 24 * 3600;

/** Signs cookies and PINs. It lies outside the database, so that whoever reads that alone can forge neither. */
export function secret(): string {
  const given = process.env.JUMELLE_SECRET;
  if (!given || given.length < 32)
    throw new Error("JUMELLE_SECRET is not set: bin/demo makes one; elsewhere set 32 random characters or more.");
  return given;
}

/**
 * What is hashed of a PIN. So few digits would be found by trying: with the secret of this machine in them, nobody can
 * try who has the database alone.
 */
export const pinToHash = (personId: string, pin: string): string =>
  createHmac("sha256", secret()).update(`pin ${personId} ${pin}`).digest("hex");

/** A person of the shop takes over a device that is known: the caller has looked at the PIN. */
const byPin = () => ({
  id: "by-pin",
  endpoints: {
    takeOver: createAuthEndpoint(
      "/take-over",
      // Called from here and never over the network: no route leads to the library.
      {
        method: "POST",
        body: z.object({ personId: z.uuid(), endsToken: z.string().nullable() }),
        requireHeaders: true,
      },
      async (ctx) => {
        const user = await ctx.context.internalAdapter.findUserById(ctx.body.personId);
        if (!user) throw new Error("nobody signs in by this id");
        const session = await ctx.context.internalAdapter.createSession(user.id);
        await setSessionCookie(ctx, { session, user });
        if (ctx.body.endsToken) await ctx.context.internalAdapter.deleteSession(ctx.body.endsToken);
        return ctx.json({ token: session.token });
      },
    ),
  },
});

// Pages and routes are bundled apart and share one library: what it tells has to reach either.
const shared = globalThis as typeof globalThis & { jumelleCauses?: AsyncLocalStorage<{ cause?: Error }> };
const causes = (shared.jumelleCauses ??= new AsyncLocalStorage());

/** Asks the library, and throws what failed behind it: a database that is away is to be known as one. */
export function withCause<T>(ask: () => Promise<T>): Promise<T> {
  const told: { cause?: Error } = {};
  return causes.run(told, ask).catch((error: unknown) => {
    throw told.cause ?? error;
  });
}

/** The library that signs people in: hashes of passwords, sessions, their cookies. */
function make() {
  const key = secret();
  return betterAuth({
    appName: "Jumelle",
    // Links of the library are not used; it wants an address all the same.
    baseURL: "http://127.0.0.1",
    secret: key,
    telemetry: { enabled: false },
    // It says of every failure that a session cannot be read; what failed is passed on by `withCause`.
    logger: {
      level: "error",
      log: (_level, _message, ...details) => {
        const told = causes.getStore();
        const cause = details.find((one) => one instanceof Error);
        if (told && cause) told.cause ??= cause;
      },
    },
    database: drizzleAdapter(database(), {
      provider: "pg",
      schema: { user: signInUser, session: signInSession, account: signInAccount, verification: signInCheck },
    }),
    emailAndPassword: {
      enabled: true,
      disableSignUp: true,
      minPasswordLength: PASSWORD_LENGTH.least,
      maxPasswordLength: PASSWORD_LENGTH.most,
    },
    session: {
      expiresIn: KNOWN_DAYS * DAY_S,
      // Who is known for thirty days is known for thirty days: use alone prolongs nothing, and reading writes nothing.
      disableSessionRefresh: true,
      additionalFields: {
        locked: { type: "boolean", input: false, defaultValue: false },
        turnId: { type: "string", input: false, required: false },
      },
    },
    user: {
      additionalFields: {
        mustChange: { type: "boolean", input: false, defaultValue: false },
      },
    },
    advanced: {
      database: { generateId: "uuid" },
      // Two shops on one machine differ in their port alone, which cookies do not heed.
      cookiePrefix: `jumelle-${createHash("sha256").update(`cookie ${key}`).digest("hex").slice(0, 8)}`,
      useSecureCookies: process.env.JUMELLE_TLS === "yes",
    },
    databaseHooks: {
      session: {
        create: {
          before: async (session, context) => {
            await forgetEnded(database());
            const turnId = v7();
            const ipAddress = context?.headers ? addressOf(context.headers) : "";
            await beginTurn(database(), { id: turnId, personId: session.userId, key: randomBytes(32).toString("hex") });
            return { data: { ...session, turnId, ipAddress } };
          },
        },
      },
    },
    plugins: [
      username({
        minUsernameLength: 1,
        maxUsernameLength: 80,
        usernameNormalization: signInName,
        usernameValidator: () => true,
        displayUsername: false,
      }),
      byPin(),
    ],
  });
}

type Auth = ReturnType<typeof make>;
// The development server loads modules again on every change.
const global = globalThis as typeof globalThis & { jumelleAuth?: { url: string | undefined; auth: Auth } };

/** The library, for the database of today: tests have several one after the other. */
export function auth(): Auth {
  const url = process.env.DATABASE_URL;
  if (global.jumelleAuth?.url !== url) global.jumelleAuth = { url, auth: make() };
  return (global.jumelleAuth as { auth: Auth }).auth;
}
