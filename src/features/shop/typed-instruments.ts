import { z } from "zod";
import {
  addressIn,
  INSTRUMENT_KINDS,
  KIND_PROFILES,
  PROFILES,
  profileSchema,
  serialIn,
  serialSchema,
  socketSchema,
  type InstrumentKind,
  type Link,
  type Profile,
} from "@/core/instruments";
import type { FormRead } from "./form-read";
import { readNumber, readWhole } from "@/core/quantity";

export type TypedLink = { address: string; profile: string; standIn: boolean; own: TypedProfile };

/**
 * Reads where an instrument answers and how it is asked; what is wrong goes into `problems`.
 * @returns nothing where it cannot be asked by the program
 */
export function readLink(typed: TypedLink, problems: Record<string, string>): Link | null {
  const address = typed.address.trim();
  if (!address) return null;
  const baud = serialIn(address);
  const socket = addressIn(address);
  if (baud === undefined && !socket) {
    problems.address = "An address is like 192.168.1.40 or 192.168.1.40:5025, or serial 9600.";
    return null;
  }
  const profile = typed.profile === "own" ? profileSchema.safeParse(profileOf(typed.own)) : undefined;
  if (profile && !profile.success) {
    for (const { path, message } of profile.error.issues) problems[`own.${path.join(".")}`] ??= message;
    return null;
  }
  const known = profile?.data ?? PROFILES[typed.profile] ?? kindProfile(typed.profile) ?? PROFILES.measure;
  const read =
    baud === undefined
      ? socketSchema.safeParse({ ...socket, profile: known, standIn: typed.standIn })
      : serialSchema.safeParse({ serial: { baud }, profile: known });
  if (read.success) return read.data;
  problems.address = read.error.issues[0]?.message ?? "This address does not read.";
  return null;
}

const kindProfile = (kind: string) => INSTRUMENT_KINDS.flatMap((one) => (one === kind ? [KIND_PROFILES[one]] : []))[0];

/** A profile as it is typed: its commands by what each reads and sets. */
export type TypedProfile = {
  name: string;
  begin: string;
  answersWithin: string;
  asks: Record<string, string>;
  ranges: Record<string, string>;
  sets: Record<string, string>;
};
export const typedProfile = (one: Profile): TypedProfile => ({
  name: one.name,
  begin: one.begin,
  answersWithin: String(one.answersWithin),
  asks: { ...one.asks },
  ranges: { ...one.ranges },
  sets: { ...one.sets },
});
const said = (commands: Record<string, string>) =>
  Object.fromEntries(Object.entries(commands).filter(([, text]) => text.trim() !== ""));
const profileOf = ({ name, begin, answersWithin, asks, ranges, sets }: TypedProfile) => ({
  ...{ name, begin, asks: said(asks), ranges: said(ranges), sets: said(sets) },
  answersWithin: readNumber(answersWithin, /ms/) ?? Number.NaN,
});

/** An instrument beside the meters, as it was typed. */
export type TypedInstrument = TypedLink & {
  name: string;
  kind: string;
  place: string;
  calibratedOn: string;
  everyMonths: string;
  retired: boolean;
};

/** What meters and other instruments have alike. */
export function readCommon(
  typed: { name: string; calibratedOn: string; everyMonths: string },
  problems: Record<string, string>,
) {
  const name = typed.name.trim();
  if (!name) problems.name = "It needs a name, as it is called at the bench.";
  if (name.length > 80) problems.name = "A name is shorter than 80 characters.";
  const months = readWhole(typed.everyMonths, /months?/) ?? 0;
  if (months < 1 || months > 120) problems.everyMonths = "Months, from 1 to 120.";
  if (typed.calibratedOn && !z.iso.date().safeParse(typed.calibratedOn).success)
    problems.calibratedOn = "A date is needed, or none.";
  return { name, everyMonths: months, calibratedOn: typed.calibratedOn || null };
}

export function readInstrument(typed: TypedInstrument): FormRead<{
  name: string;
  kind: InstrumentKind;
  place: string;
  calibratedOn: string | null;
  everyMonths: number;
  retired: boolean;
  link: Link | null;
}> {
  const problems: Record<string, string> = {};
  const common = readCommon(typed, problems);
  const kind = INSTRUMENT_KINDS.find((one) => one === typed.kind);
  if (!kind) problems.kind = "Say what it is.";
  if (typed.place.trim().length > 80) problems.place = "A place is shorter than 80 characters.";
  const link = readLink(typed, problems);
  if (Object.keys(problems).length > 0 || !kind) return { ok: false, problems };
  return { ok: true, value: { ...common, kind, place: typed.place.trim(), retired: typed.retired, link } };
}
