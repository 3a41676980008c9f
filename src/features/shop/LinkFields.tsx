"use client";

import { useState } from "react";
import { addressText, READS, SETS, type Link, type Profile, type Reads, type Sets } from "@/core/instruments";
import { ActButton } from "@/ui/ActButton";
import { SelectField, TextField, TickField, type FieldProps } from "@/ui/form";
import { tryInstrument } from "./actions";
import { typedProfile, type TypedLink, type TypedProfile } from "./typed-instruments";

/** Volts, amperes and ohms are read on a range; a count is not. */
const hasRange = (what: Reads): boolean => ["V", "A", "Ω"].includes(READS[what].unit) && !what.startsWith("wave");

/** What a meter is asked for. */
export const METER_READS = ["volts-dc", "volts-ac", "amps-dc", "ohms", "hertz"] as const satisfies Reads[];

/** A link as its form has it. A profile that is none of those that ship is one of the shop's own. */
export function typedLink(link: Link | null, profiles: Record<string, Profile>): TypedLink {
  const [first = "own"] = Object.keys(profiles);
  const known = Object.entries(profiles).find(([, one]) => one.name === link?.profile.name)?.[0];
  const from = link?.profile ?? profiles[first];
  return {
    address: link ? addressText(link) : "",
    profile: known ?? (link ? "own" : first),
    standIn: link?.standIn ?? false,
    own: from ? typedProfile(from) : { name: "", begin: "", answersWithin: "3000", asks: {}, ranges: {}, sets: {} },
  };
}

type LinkForm = {
  fields: TypedLink & { name: string };
  change: (part: Partial<TypedLink>) => void;
  problem: (key: string) => string | undefined;
  field: (key: "address" | "profile") => FieldProps<string>;
};
type LinkFieldsProps = {
  form: LinkForm;
  profiles: Record<string, Profile>;
  asks: readonly Reads[];
  sets: readonly Sets[];
};

/** Asks the instrument who it is and for what it reads, before it is kept. */
function TryButton({ fields: { name, address, profile, standIn, own } }: Pick<LinkForm, "fields">) {
  const [said, setSaid] = useState<string>();
  const ask = async () => {
    const answer = await tryInstrument({ name, address, profile, standIn, own });
    setSaid(answer.ok ? answer.said : undefined);
    return answer;
  };
  return (
    <div className="flex flex-wrap items-center gap-2 self-end md:col-span-5">
      <ActButton asks="try instrument" act={ask}>
        Try it
      </ActButton>
      {said ? <span role="status">{said}</span> : null}
    </div>
  );
}

/** The commands of a profile of the shop's own: what reads and what sets each figure. */
function OwnProfile({
  own,
  asks,
  sets,
  problem,
  onChange,
}: {
  own: TypedProfile;
  asks: readonly Reads[];
  sets: readonly Sets[];
  problem: LinkForm["problem"];
  onChange: (own: TypedProfile) => void;
}) {
  const field = (
    label: string,
    key: string,
    value: string,
    put: (text: string) => TypedProfile,
    placeholder: string,
  ) => (
    <TextField
      key={key}
      label={label}
      value={value}
      error={problem(`own.${key}`)}
      placeholder={placeholder}
      onChange={(text) => onChange(put(text))}
    />
  );
  return (
    <fieldset className="grid gap-3 rounded-box border border-base-300 p-3 sm:grid-cols-2 md:col-span-5 lg:grid-cols-3">
      <legend className="px-1 font-bold">How it is spoken to; what is left empty it cannot do</legend>
      {field("Name of the profile", "name", own.name, (name) => ({ ...own, name }), "Meter of the long bench")}
      {field("Sent once at the beginning", "begin", own.begin, (begin) => ({ ...own, begin }), "SYST:REM")}
      {field(
        "Answers within, ms",
        "answersWithin",
        own.answersWithin,
        (answersWithin) => ({ ...own, answersWithin }),
        "3000",
      )}
      {asks.map((key) =>
        field(
          `Asks for ${READS[key].text}`,
          `asks.${key}`,
          own.asks[key] ?? "",
          (text) => ({ ...own, asks: { ...own.asks, [key]: text } }),
          "MEAS:…?",
        ),
      )}
      {asks
        .filter(hasRange)
        .map((key) =>
          field(
            `Asks for the range of ${READS[key].text}`,
            `ranges.${key}`,
            own.ranges[key] ?? "",
            (text) => ({ ...own, ranges: { ...own.ranges, [key]: text } }),
            "SENS:…:RANG?",
          ),
        )}
      {sets.map((key) =>
        field(
          `Sets ${SETS[key].text}`,
          `sets.${key}`,
          own.sets[key] ?? "",
          (text) => ({ ...own, sets: { ...own.sets, [key]: text } }),
          "… {}",
        ),
      )}
    </fieldset>
  );
}

/** Where an instrument answers and how it is spoken to, with a try-out. */
export function LinkFields({ form, profiles, asks, sets }: LinkFieldsProps) {
  const { fields, change, problem } = form;
  return (
    <>
      <TextField
        label="Address, where it speaks SCPI"
        placeholder="192.168.1.40:5025, or serial 9600"
        className="md:col-span-2"
        {...form.field("address")}
      />
      <SelectField
        label="How it is asked"
        className="md:col-span-2"
        options={[
          ...Object.entries(profiles).map(([key, { name }]) => [key, name] as const),
          ["own", "by a profile of one’s own"] as const,
        ]}
        {...form.field("profile")}
        onChange={(profile) => {
          // One's own begins as the one that was chosen before.
          const before = profiles[fields.profile];
          change({
            profile,
            ...(profile === "own" && before ? { own: { ...typedProfile(before), name: `${before.name}, ours` } } : {}),
          });
        }}
      />
      <TickField
        label="It is a stand-in"
        className="self-end"
        value={fields.standIn}
        onChange={(standIn) => change({ standIn })}
      />
      {fields.profile === "own" ? (
        <OwnProfile own={fields.own} asks={asks} sets={sets} problem={problem} onChange={(own) => change({ own })} />
      ) : null}
      <TryButton fields={fields} />
    </>
  );
}
