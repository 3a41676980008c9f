"use server";

import { headers } from "next/headers";
import { v7 } from "uuid";
import { z } from "zod";
import { database } from "@/db/client";
import { ROLES, signInName } from "@/core/access";
import { termsSchema } from "@/core/handback";
import { addressText, READ_NAMES, READS, socketOf, type Reads } from "@/core/instruments";
import { format, type Quantity } from "@/core/quantity";
import { saveInstrument } from "@/db/instruments";
import { openShop } from "@/db/first-day";
import { noteEvent } from "@/db/events";
import { addPerson, changePerson, personById } from "@/db/people";
import { factorOf } from "@/db/second-factor";
import { endSessionsOf, setPassword } from "@/db/sessions";
import { askForCodes, saveMeter, saveShop, saveTerms } from "@/db/shop";
import { hashOf, newPassword, weakness } from "@/server/access/passwords";
import { signInWith } from "@/server/access/signing";
import { action, personId, read, refuse, refuseFields } from "@/server/action";
import { readFrom } from "@/server/instruments/read";
import { talk } from "@/server/instruments/talk";
import { sealHolds } from "@/db/verify";
import { readMeter, readName, readSealLine, readShop } from "./typed";
import { readInstrument, readLink } from "./typed-instruments";

const text = z.string().max(400);
const shopSchema = z.object({
  name: text,
  lineVolts: text,
  lineHz: text,
  currency: text,
  lamps: text,
  loads: text,
  lockMinutes: text,
});
const commands = z.record(z.string().max(40), text);
const linkFields = {
  ...{ address: text, profile: text, standIn: z.boolean() },
  own: z.object({ name: text, begin: text, answersWithin: text, asks: commands, ranges: commands, sets: commands }),
};
const common = { name: text, calibratedOn: text, everyMonths: text, retired: z.boolean() };
const meterSchema = z.object({ ...common, ...linkFields, input: text });
const instrumentSchema = z.object({ ...common, ...linkFields, kind: text, place: text });
const version = z.number().int().min(0);

const fieldsOf = <T>(typed: { ok: true; value: T } | { ok: false; problems: Record<string, string> }): T =>
  typed.ok ? typed.value : refuseFields(typed.problems);

export async function changeShop(typed: unknown, seen: unknown) {
  return action(
    "change shop",
    async () => saveShop(database(), { ...fieldsOf(readShop(shopSchema.parse(typed))), version: version.parse(seen) }),
    { shownOn: "/" },
  );
}

export async function changeMeter(id: unknown, typed: unknown, seen: unknown) {
  return action(
    "change meter",
    async () => {
      const meter = fieldsOf(readMeter(meterSchema.parse(typed)));
      return saveMeter(database(), { ...meter, id: z.uuid().parse(id), version: version.parse(seen) });
    },
    { shownOn: "/" },
  );
}

/** Makes or changes an instrument beside the meters. */
export async function changeInstrument(id: unknown, typed: unknown, seen: unknown) {
  return action(
    "change instrument",
    async () => {
      const fields = fieldsOf(readInstrument(instrumentSchema.parse(typed)));
      return saveInstrument(database(), { ...fields, id: z.uuid().parse(id), version: version.parse(seen) });
    },
    { shownOn: "/" },
  );
}

const tried = z.object({ name: text, ...linkFields });

const QUANTITY_OF: Partial<Record<Reads, Quantity>> = {
  ...{ "volts-dc": "voltage", "volts-ac": "voltage", "amps-dc": "current", ohms: "resistance" },
  ...{ hertz: "frequency", watts: "power", "wave-step": "time", "wave-scale": "voltage" },
};
const figureOf = (what: Reads, value: number): string => {
  const quantity = QUANTITY_OF[what];
  return quantity ? format(value, quantity, 4) : String(Number(value.toPrecision(4)));
};

/** Asks an instrument who it is and for all that its profile reads, before it is kept: what is typed may be wrong. */
export async function tryInstrument(typed: unknown) {
  return action(
    "try instrument",
    async () => {
      const what = tried.parse(typed);
      const problems: Record<string, string> = {};
      const link = readLink(what, problems);
      if (Object.keys(problems).length > 0) return refuseFields(problems);
      if (!link) return refuseFields({ address: "Write its address first." });
      const socket = socketOf(link);
      if (!socket) return refuseFields({ address: "A serial port is tried where it is used: the browser opens it." });
      const told = await talk(socket, "*IDN?");
      if (!told.ok) return refuseFields({ address: `At ${addressText(socket)} ${told.message}.` });
      const found: string[] = [];
      for (const one of READ_NAMES) {
        // A block is no figure; what is to be set is not set by a try.
        if (!socket.profile.asks[one] || one === "wave") continue;
        const read = await readFrom(what.name, socket, one);
        found.push(
          `${READS[one].text}: ${read.ok ? figureOf(one, read.value) : read.message.replace(`${what.name}: `, "")}`,
        );
      }
      return { ok: true as const, said: [`“${told.text.slice(0, 80)}”`, ...found].join("; ") };
    },
    { failed: "It could not be tried." },
  );
}

/** What the shop works by: labour, tax, warranty, soak. */
export async function changeTerms(terms: unknown, seen: unknown) {
  return action("change terms", async () => saveTerms(database(), read(termsSchema, terms), version.parse(seen)), {
    shownOn: "/",
  });
}

/** Opens a shop in an empty database, and signs its owner in. */
export async function beginShop(typed: unknown, who: unknown) {
  return action(
    "open shop",
    async () => {
      const shop = fieldsOf(readShop(shopSchema.parse(typed)));
      const given = z.object({ name: text, password: text }).parse(who);
      const name = fieldsOf(readName(given.name));
      const weak = weakness(given.password, [name, shop.name]);
      if (weak) refuseFields({ password: weak });
      const hash = await hashOf(given.password);
      const person = { id: v7(), name };
      const opened = await openShop(database(), shop, person, (tx) =>
        setPassword(tx, { ...person, username: signInName(name) }, hash, false),
      );
      return opened.ok ? signInWith(await headers(), name, given.password) : opened;
    },
    { shownOn: "/" },
  );
}

const people = z.object({ name: text, access: z.enum(ROLES) });

/** Takes somebody on, with a password to be told to them, which they change at once. */
export async function takeOn(who: unknown) {
  return action(
    "take on",
    async () => {
      const given = people.parse(who);
      const person = { id: v7(), name: fieldsOf(readName(given.name)), access: given.access };
      const added = await addPerson(database(), person);
      if (!added.ok) return added;
      await noteEvent(database(), "taken-on", { by: personId(), about: `${person.name}, ${given.access}` });
      return { ok: true as const, password: await newPassword(person.id) };
    },
    { shownOn: "/" },
  );
}

/** Changes somebody's name and role, or says that they work here no more. */
export async function changeSomebody(id: unknown, who: unknown, retired: unknown) {
  return action(
    "change person's row",
    async () => {
      const given = people.parse(who);
      const person = {
        id: z.uuid().parse(id),
        name: fieldsOf(readName(given.name)),
        access: given.access,
        retired: z.boolean().parse(retired),
      };
      const changed = await changePerson(database(), person);
      if (!changed.ok) return changed;
      if (person.retired) await endSessionsOf(database(), person.id);
      const said = `${person.name}, ${person.access}${person.retired ? ", works here no more" : ""}`;
      await noteEvent(database(), "person-changed", { by: personId(), about: said });
      return changed;
    },
    { shownOn: "/" },
  );
}

/** Gives somebody a new password to be told to them; where they were signed in, they are no more. */
export async function resetPassword(id: unknown) {
  return action(
    "reset password",
    async () => {
      const person = await personById(database(), z.uuid().parse(id));
      if (!person || person.retired) return refuse("That person does not work here any more.");
      const password = await newPassword(person.id);
      await endSessionsOf(database(), person.id);
      await noteEvent(database(), "password-reset", { by: personId(), about: person.name });
      return { ok: true as const, password };
    },
    { shownOn: "/shop" },
  );
}

/** Whether everybody is asked for a code from a phone. Whoever asks for it has one: they would lock themselves out. */
export async function askEverybody(asked: unknown) {
  return action(
    "ask for codes",
    async () => {
      const wanted = z.boolean().parse(asked);
      if (wanted && !(await factorOf(database(), personId()))?.since)
        return refuse("Set up codes from your own phone first, on the page My sign-in.");
      const changed = await askForCodes(database(), wanted);
      if (!changed.ok) return changed;
      const about = wanted ? "everybody is asked" : "whoever wants it is asked";
      await noteEvent(database(), "codes-asked", { by: personId(), about });
      return changed;
    },
    { shownOn: "/shop" },
  );
}

const sealLineSchema = z.object({ setId: z.uuid(), of: z.enum(["entries", "files"]), count: text, seal: text });

/** Holds a line of a printed sheet of seals against the logbook of today. */
export async function compareSeal(typed: unknown) {
  return action(
    "compare seal",
    async () => sealHolds(database(), fieldsOf(readSealLine(sealLineSchema.parse(typed)))),
    { failed: "It could not be compared; what you typed is still here." },
  );
}
