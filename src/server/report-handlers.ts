import { z } from "zod";
import { modelName } from "@/core/model";
import { database } from "@/db/client";
import { REPORT_KINDS } from "@/reports/input";
import { isId } from "./ids";
import { logFailure } from "./log";
import { reportInput } from "./report-input";
import { reportFile, reportStatus, startReport } from "./report-jobs";
import { bodyUpTo, foreign, refuse } from "./request";

const askedSchema = z.object({ setId: z.uuid(), visitId: z.uuid().optional(), kind: z.enum(REPORT_KINDS) });

/** Where this application is reached, as the browser sees it. */
export const originOf = (request: Request): string => {
  const scheme = request.headers.get("x-forwarded-proto") ?? "http";
  return `${scheme}://${request.headers.get("host") ?? "127.0.0.1"}`;
};

/** Begins a report; its name is asked for again until it is made. */
export async function handleReport(request: Request): Promise<Response> {
  if (foreign(request)) return refuse(403, "This request came from another site.");
  try {
    const body = await bodyUpTo(request, 10_000);
    const asked = askedSchema.safeParse(JSON.parse(Buffer.from(body ?? []).toString("utf8") || "{}"));
    if (!asked.success) return refuse(400, "Say which set, and which report.");
    const input = await reportInput(database(), { ...asked.data, origin: originOf(request) });
    if (!input) return refuse(404, "There is no such set, or it was never here.");
    const job = input.visits.find(({ id }) => id === input.visitId)?.job ?? "";
    const name = `${modelName(input.model)} ${input.kind} ${job}`
      .normalize("NFKD")
      .replaceAll(/[^A-Za-z0-9]+/g, "-")
      .toLowerCase();
    const started = startReport(input, `${name}.pdf`);
    return started.ok ? Response.json({ id: started.id }, { status: 202 }) : refuse(429, started.message);
  } catch (error) {
    return refuse(500, `The report could not be begun. Reference ${logFailure("report", error)}.`);
  }
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
