import { sql } from "drizzle-orm";
import { bigint, boolean, check, index, integer, pgTable, text, timestamp, uuid } from "drizzle-orm/pg-core";
import { moment, now } from "./columns";
import { attachment, person, set, visit } from "./schema";

/** The library that signs people in works with dates of JavaScript. */
const instant = (name: string) => timestamp(name, { withTimezone: true, mode: "date" });

/** How one of the shop's people signs in. The names of the columns are those of the library (better-auth). */
export const signInUser = pgTable("sign_in_user", {
  /** the same as the person's */
  id: uuid("id")
    .primaryKey()
    .references(() => person.id),
  name: text("name").notNull(),
  /** the library wants one; nothing is ever sent there */
  email: text("email").notNull().unique(),
  emailVerified: boolean("email_verified").notNull().default(false),
  image: text("image"),
  createdAt: instant("created_at").notNull().default(now()),
  updatedAt: instant("updated_at").notNull().default(now()),
  /** the name as it is compared: signInName in core/access */
  username: text("username").notNull().unique(),
  displayUsername: text("display_username"),
  /** the hash of the short PIN; none where the person has none */
  pin: text("pin"),
  /** wrong PINs in a row */
  pinWrong: integer("pin_wrong").notNull().default(0),
  /** the password is one that somebody else has seen: it is changed first */
  mustChange: boolean("must_change").notNull().default(false),
});

/** Where the hash of a password lies. */
export const signInAccount = pgTable("sign_in_account", {
  id: uuid("id").primaryKey().defaultRandom(),
  accountId: text("account_id").notNull(),
  providerId: text("provider_id").notNull(),
  userId: uuid("user_id")
    .notNull()
    .references(() => signInUser.id),
  accessToken: text("access_token"),
  refreshToken: text("refresh_token"),
  idToken: text("id_token"),
  accessTokenExpiresAt: instant("access_token_expires_at"),
  refreshTokenExpiresAt: instant("refresh_token_expires_at"),
  scope: text("scope"),
  password: text("password"),
  createdAt: instant("created_at").notNull().default(now()),
  updatedAt: instant("updated_at").notNull().default(now()),
});

/** Codes from somebody's phone, asked for beside the password. */
export const secondFactor = pgTable("second_factor", {
  personId: uuid("person_id")
    .primaryKey()
    .references(() => signInUser.id),
  /** what the codes are made of, sealed with this machine's secret */
  secret: text("secret").notNull(),
  /** since when a code is asked for; null while it is being set up */
  since: instant("since"),
  /** the count of 30 s of the code that was used last: no code is taken twice */
  lastStep: bigint("last_step", { mode: "number" }).notNull().default(0),
  /** hashes of the spare codes that are left */
  spare: text("spare").array().notNull().default([]),
});

/** Who is signed in on which device. */
export const signInSession = pgTable(
  "sign_in_session",
  {
    id: uuid("id").primaryKey().defaultRandom(),
    token: text("token").notNull().unique(),
    userId: uuid("user_id")
      .notNull()
      .references(() => signInUser.id),
    expiresAt: instant("expires_at").notNull(),
    createdAt: instant("created_at").notNull().default(now()),
    updatedAt: instant("updated_at").notNull().default(now()),
    ipAddress: text("ip_address"),
    userAgent: text("user_agent"),
    /** nobody is before the screen: a PIN or a password opens it */
    locked: boolean("locked").notNull().default(false),
    /** signs what is written in it: see writing_turn */
    turnId: uuid("turn_id"),
  },
  (t) => [index("sign_in_session_user").on(t.userId)],
);

/** The library wants a place for links that it sends; nothing here sends any, and it stays empty. */
export const signInCheck = pgTable("sign_in_check", {
  id: uuid("id").primaryKey().defaultRandom(),
  identifier: text("identifier").notNull(),
  value: text("value").notNull(),
  expiresAt: instant("expires_at").notNull(),
  createdAt: instant("created_at").notNull().default(now()),
  updatedAt: instant("updated_at").notNull().default(now()),
});

/**
 * Somebody's turn at a device. What is written in it is signed with its key, so that an entry that is sent when the next
 * person is at the device still has the name of its writer.
 */
export const writingTurn = pgTable("writing_turn", {
  id: uuid("id").primaryKey(),
  personId: uuid("person_id")
    .notNull()
    .references(() => person.id),
  key: text("key").notNull(),
  beganAt: moment("began_at").notNull().default(now()),
  endedAt: moment("ended_at"),
});

/** What happened that somebody may want to look up: sign-ins, what was read out, what was changed about people. */
export const event = pgTable(
  "event",
  {
    id: bigint("id", { mode: "number" }).primaryKey().generatedAlwaysAsIdentity(),
    at: moment("at").notNull().default(now()),
    /** one of EVENTS in core/access */
    what: text("what").notNull(),
    by: uuid("by").references(() => person.id),
    /** whom or what it was about */
    about: text("about").notNull().default(""),
    /** the address that it came from */
    address: text("address").notNull().default(""),
  },
  (t) => [index("event_at").on(t.at)],
);

/** A page for the owner of a set, behind a random token of which the hash alone is kept. */
export const ownerLink = pgTable(
  "owner_link",
  {
    id: uuid("id").primaryKey(),
    tokenHash: text("token_hash").notNull().unique(),
    setId: uuid("set_id")
      .notNull()
      .references(() => set.id),
    visitId: uuid("visit_id")
      .notNull()
      .references(() => visit.id),
    madeBy: uuid("made_by")
      .notNull()
      .references(() => person.id),
    madeAt: moment("made_at").notNull().default(now()),
    expiresAt: moment("expires_at").notNull(),
    withdrawnAt: moment("withdrawn_at"),
    openedAt: moment("opened_at"),
  },
  (t) => [index("owner_link_visit").on(t.visitId), check("owner_link_hash", sql`${t.tokenHash} ~ '^[0-9a-f]{64}$'`)],
);

/** Photos that the owner of the set may see. */
export const forOwner = pgTable("for_owner", {
  attachmentId: uuid("attachment_id")
    .primaryKey()
    .references(() => attachment.id),
  by: uuid("by")
    .notNull()
    .references(() => person.id),
  at: moment("at").notNull().default(now()),
});
