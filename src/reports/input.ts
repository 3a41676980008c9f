import type { Drawing } from "@/core/drawing";
import type { Terms } from "@/core/handback";
import type { Entry } from "@/core/kinds";
import type { Visit } from "@/core/history";
import type { Model, View } from "@/core/model";
import type { TestSheet } from "@/core/sheets";

export const REPORT_KINDS = ["owner", "bench", "card"] as const;
export type ReportKind = (typeof REPORT_KINDS)[number];
export const REPORT_NAMES: Record<ReportKind, string> = {
  owner: "Report for the owner",
  bench: "Report for the bench",
  card: "Card for inside the cabinet",
};

/** A photo of the model, as JPEG in base64. */
export type ReportPicture = { view: View; width: number; height: number; content: string };

/** Everything that a report is made of: plain data, so that it can be made in a process of its own. */
export type ReportInput = {
  kind: ReportKind;
  set: { id: string; serial: string };
  owner: string;
  model: Model;
  visits: Visit[];
  entries: Entry[];
  /** the visit that it is about */
  visitId: string;
  people: { id: string; name: string }[];
  shop: { name: string; currency: string };
  terms: Terms;
  /** test sheets of the shop beside those that ship; without them its runs have no curve */
  sheets?: TestSheet[];
  /** photos of the model; the report for the bench shows them with its parts */
  pictures?: ReportPicture[];
  /** the circuit of the model, laid out; in the report for the bench */
  drawing?: Drawing;
  /** the seal of the logbook as it stood */
  head: string;
  /** where the set's file is found */
  url: string;
  now: string;
};
