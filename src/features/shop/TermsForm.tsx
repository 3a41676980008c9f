"use client";

import type { Terms } from "@/core/handback";
import { SettingsForm } from "@/ui/form";
import { changeTerms } from "./actions";
import { readTerms, typedTerms } from "./terms-typed";
import { problemsOf } from "./form-read";

/** What the shop works by: labour, tax, warranty, service, soak. Each is a rule of the shop. */
export function TermsForm({ terms, version, currency }: { terms: Terms; version: number; currency: string }) {
  return (
    <SettingsForm
      asks="change terms"
      label="What the shop works by"
      initial={typedTerms(terms)}
      settings={[
        { key: "hourMinor", label: `An hour of labour, ${currency}` },
        { key: "partsMarkup", label: "On the price of a part, %" },
        { key: "taxName", label: "Name of the tax", words: true },
        { key: "tax", label: "Tax, %" },
        { key: "warrantyMonths", label: "Warranty, months" },
        { key: "serviceMonths", label: "Next service after, months" },
        { key: "comebackMonths", label: "A comeback is within, months" },
        { key: "soakHours", label: "Soak, hours" },
        { key: "warmMinutes", label: "Warm after, min" },
        { key: "driftVolts", label: "Voltages drift at most, %" },
        { key: "driftAmps", label: "Currents drift at most, %" },
        { key: "driftOther", label: "Other readings drift at most, %" },
      ]}
      check={(typed) => problemsOf(readTerms(typed, currency))}
      onSave={async (typed) => {
        const read = readTerms(typed, currency);
        return read.ok ? changeTerms(read.value, version) : { ok: false, message: "", problems: read.problems };
      }}
      save="Save these rules"
      saved="Saved."
      className="grid-cols-2 md:grid-cols-4"
    />
  );
}
