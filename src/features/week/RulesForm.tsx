"use client";

import type { PlanRules } from "@/core/plan";
import { SettingsForm } from "@/ui/form";
import { changePlanRules } from "./actions";
import { readRules, typedRules } from "./typed";

/** What the plan goes by. Each figure is a rule of the shop. */
export function RulesForm({ rules, version }: { rules: PlanRules; version: number }) {
  return (
    <SettingsForm
      asks="change plan rules"
      label="What the plan goes by"
      initial={typedRules(rules)}
      settings={[
        { key: "benches", label: "Places where a set can stand open" },
        { key: "workShare", label: "Of an hour here, work on sets, %" },
        { key: "parcelMedian", label: "A parcel: half are here after, days" },
        { key: "parcelP90", label: "A parcel: nine of ten after, days" },
        { key: "parcelSlip", label: "A parcel with a day is late by, days (one in ten)" },
        { key: "answerMedian", label: "An owner’s answer: half after, days" },
        { key: "answerP90", label: "An owner’s answer: nine of ten after, days" },
        { key: "processMedian", label: "Glue and varnish: half after, days" },
        { key: "processP90", label: "Glue and varnish: nine of ten after, days" },
      ]}
      check={(typed) => {
        const read = readRules(typed);
        return read.ok ? {} : read.problems;
      }}
      onSave={async (typed) => {
        const read = readRules(typed);
        return read.ok ? changePlanRules(read.value, version) : { ok: false, message: "", problems: read.problems };
      }}
      save="Save these rules"
      saved="Saved."
      className="grid-cols-2 md:grid-cols-3"
    />
  );
}
