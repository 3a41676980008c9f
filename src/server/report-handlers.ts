import { z } from "zod";
import { modelName } from "@/core/model";
import { database } from "@/db/client";
import { REPORT_KINDS, type ReportInput } from "@/reports/input";
import { bodyUpTo, jsonIn } from "./body";
import { isId } from "./ids";
import { reportInput } from "./report-input";
import { reportFile, reportsBusy, reportStatus, startReport } from "./report-jobs";
import type { Here } from "./access/standing";
import { count, waitWords } from "./access/limits";
import { failed, refuse } from "./request";

const askedSchema = z.object({ setId: z.uuid(), visitId: z.uuid().optional(), kind: z.enum(REPORT_KINDS) });

/** Where this application is reached, as the browser sees it. */
export const originOf = (request: Request): string => {
  const scheme = request.headers.get("x-forwarded-proto") === "https" ? "https" : "http";
  return `${scheme}://${request.headers.get("host") ?? "127.0.0.1"}`;
};

/** Begins a report; its name is asked for again until it is made. */
export async function handleReport(request: Request, here: Here): Promise<Response> {
  const wait = await count("report", here.person.id);
  if (wait !== undefined) return refuse(429, `Many reports in a short time: wait ${waitWords(wait)}.`);
  const busy = reportsBusy();
  if (busy) return refuse(429, busy);
  try {
    const body = await bodyUpTo(request, 10_000);
    const asked = askedSchema.safeParse(jsonIn(body));
    if (!asked.success) return refuse(400, "Say which set, and which report.");
    const id = await startReport(async () => {
      const input = await reportInput(database(), { ...asked.data, origin: originOf(request) });
      return input && { input, name: nameOf(input) };
    });
    return id ? Response.json({ id }, { status: 202 }) : refuse(404, "There is no such set, or it was never here.");
  } catch (error) {
    return failed("report", error, "The report could not be begun.");
  }
}

export function nameOf({ model, kind, visits, visitId }: ReportInput): string {
  const job = visits.find(({ id }) => id === visitId)?.job ?? "";
  const name = `${modelName(model)} ${kind} ${job}`.normalize("NFKD").replaceAll(/[^A-Za-z0-9]+/g, "-");
  return `${name.toLowerCase()}.pdf`;
}

export function handleReportStatus(id: string): Response {
  const status = isId(id) ? reportStatus(id) : undefined;
  return status
    ? Response.json(status, { headers: { "cache-control": "no-store" } })
    : refuse(404, "This report is not kept any more: make it again.");
}

export function handleReportFile(id: string): Response {
  const made = isId(id) ? reportFile(id) : undefined;
  if (!made) return refuse(404, "This report is not kept any more: make it again.");
  return new Response(new Uint8Array(made.pdf), {
    headers: { "content-type": "application/pdf", "content-disposition": `inline; filename="${made.name}"` },
  });
}
