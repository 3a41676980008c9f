import path from "node:path";
import { parseArgs } from "node:util";
import { hashPassword } from "better-auth/crypto";
import { ROLE_WORDS, ROLES, signInName, type Role } from "@/core/access";
import { connect } from "@/db/client";
import { noteEvent } from "@/db/events";
import { changePerson, personByName } from "@/db/people";
import { migrateDatabase } from "@/db/migrate";
import { endSessionsOf, setPassword } from "@/db/sessions";
import { oneTimePassword } from "@/server/access/one-time";

/**
 * `npm run sign-in -- "NAME" [--role owner]`: gives one of the shop's people a password for this once, on the machine of
 * the shop: when the owner has forgotten theirs, or in a shop from before there were passwords.
 */
const { values, positionals } = parseArgs({ options: { role: { type: "string" } }, allowPositionals: true });
const [name] = positionals;
const url = process.env.DATABASE_URL;
const role = values.role as Role | undefined;
const fail = (message: string): never => {
  console.error(message);
  process.exit(2);
};
if (!name || !url) fail('Usage: DATABASE_URL=… npm run sign-in -- "NAME" [--role owner]');
if (role && !ROLES.includes(role)) fail(`A role is one of: ${ROLES.join(", ")}.`);

await migrateDatabase(url as string, path.resolve(import.meta.dirname, "../drizzle"));
const { db, close } = connect(url as string, 1);
try {
  const person = await personByName(db, name as string);
  if (!person) fail(`Nobody of this name works here: ${name}.`);
  else {
    const changed = await changePerson(db, { ...person, access: role ?? person.access, retired: false });
    if (!changed.ok) fail(changed.message);
    const password = oneTimePassword();
    await setPassword(db, { ...person, username: signInName(person.name) }, await hashPassword(password), true);
    await endSessionsOf(db, person.id);
    await noteEvent(db, "password-reset", { about: `${person.name}, on the machine of the shop` });
    console.log(
      `${person.name}, ${ROLE_WORDS[role ?? person.access].toLowerCase()}: ${password}\nIt is changed at the first sign-in.`,
    );
  }
} finally {
  await close();
}
