import { attachmentsOf, storedFile } from "@/db/attachments";
import { database } from "@/db/client";
import { openLink } from "./access/owner-link";
import { count, waitWords } from "./access/limits";
import { givenOut } from "./attach-handler";
import { isId } from "./ids";
import { nameOf, originOf } from "./report-handlers";
import { reportInput } from "./report-input";
import { reportFile, reportsBusy, reportStatus, startReport } from "./report-jobs";
import { refuse } from "./request";

const pause = (ms: number) => new Promise((resolve) => setTimeout(resolve, ms));
/** How often it is looked whether the report is made, and for how long, ms. */
const LOOK_MS = 200;
const LONGEST_MS = 60_000;

/** The report for the owner of a set, made when it is asked for. */
export async function handleOwnersReport(request: Request, token: string): Promise<Response> {
  const opened = await openLink(request.headers, token);
  if (!opened.ok) return refuse(404, opened.message);
  const wait = await count("link-report", opened.link.id);
  if (wait !== undefined) return refuse(429, `The report was made several times: wait ${waitWords(wait)}.`);
  const busy = reportsBusy();
  if (busy) return refuse(429, busy);
  const { setId, visitId } = opened.link;
  const id = await startReport(async () => {
    const input = await reportInput(database(), { setId, visitId, kind: "owner", origin: originOf(request) });
    return input && { input, name: nameOf(input) };
  });
  if (!id) return refuse(404, "There is nothing to report on.");
  for (let waited = 0; waited < LONGEST_MS && reportStatus(id)?.state === "working"; waited += LOOK_MS)
    await pause(LOOK_MS);
  const made = reportFile(id);
  if (!made) return refuse(503, "The report could not be made just now: try again in a while.");
  return new Response(new Uint8Array(made.pdf), {
    headers: {
      "content-type": "application/pdf",
      "content-disposition": `inline; filename="${made.name}"`,
      "cache-control": "no-store",
    },
  });
}

/** A photo that was marked for the owner of the set; no other is given out. */
export async function handleOwnersPhoto(request: Request, token: string, id: string): Promise<Response> {
  const opened = await openLink(request.headers, token);
  if (!opened.ok || !isId(id)) return refuse(404, opened.ok ? "There is no such photo." : opened.message);
  const small = new URL(request.url).searchParams.has("small");
  const shown = (await attachmentsOf(database(), opened.link.setId)).some((file) => file.id === id && file.owner);
  return givenOut(request, shown ? await storedFile(database(), id, small) : undefined, id, small);
}
