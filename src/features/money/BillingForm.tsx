"use client";

import type { Billing } from "@/core/invoice";
import { SettingsForm } from "@/ui/form";
import { changeBilling } from "./actions";
import { readBilling, typedBilling } from "./typed";

/** What the invoices say of the shop. */
export function BillingForm({ billing, version, currency }: { billing: Billing; version: number; currency: string }) {
  return (
    <SettingsForm
      asks="change billing"
      label="What invoices say"
      initial={typedBilling(billing)}
      settings={[
        { key: "street", label: "Street and number", words: true },
        { key: "postcode", label: "Postcode" },
        { key: "city", label: "Town", words: true },
        { key: "country", label: "Country, two letters" },
        { key: "vatId", label: "Tax number, with its country" },
        { key: "registration", label: "Register or tax office number", words: true },
        { key: "iban", label: "Account (IBAN)" },
        { key: "payDays", label: "To be paid within, days" },
        { key: "untaxed", label: "Where the tax is 0: the reason", words: true },
        { key: "rates", label: "New rates of tax", example: "2027-01-01 22 %" },
        { key: "storageWeeks", label: "Storage is free for, weeks" },
        { key: "storage", label: `After that, a week, ${currency}` },
      ]}
      check={(typed) => {
        const read = readBilling(typed, currency);
        return read.ok ? {} : read.problems;
      }}
      onSave={async (typed) => {
        const read = readBilling(typed, currency);
        return read.ok ? changeBilling(read.value, version) : { ok: false, message: "", problems: read.problems };
      }}
      save="Save"
      saved="Saved."
      className="grid-cols-2 md:grid-cols-4"
    />
  );
}
