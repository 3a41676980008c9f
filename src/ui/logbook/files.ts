import { v7 } from "uuid";
import { LARGEST_FILE } from "@/core/log";
import type { Attachment } from "@/db/attachments";

export type FileSent = { ok: true; attachment: Attachment } | { ok: false; message: string };

/** Sends a file for an entry. Its size is asked here first, so that a photo is not sent for nothing. */
export async function sendFile(entryId: string, file: File): Promise<FileSent> {
  if (file.size > LARGEST_FILE)
    return {
      ok: false,
      message: `“${file.name}” is ${Math.ceil(file.size / 1024 / 1024)} MB; at most 12 MB are taken. Save the photo smaller and try again.`,
    };
  try {
    const address = `/api/entries/${entryId}/attachments?id=${v7()}&name=${encodeURIComponent(file.name)}`;
    const answer = await fetch(address, { method: "POST", body: file });
    const body = (await answer.json()) as { attachment?: Attachment; problems?: { message: string }[] };
    if (answer.ok && body.attachment) return { ok: true, attachment: body.attachment };
    return { ok: false, message: body.problems?.[0]?.message ?? `“${file.name}” was not taken.` };
  } catch {
    return { ok: false, message: `“${file.name}” could not be sent: the server cannot be reached. Try again.` };
  }
}

/** Shows a photo to the owner of the set on their page, or no more. */
export async function showFile(id: string, owner: boolean): Promise<boolean> {
  const answer = await fetch(`/api/attachments/${id}?owner=${owner ? "yes" : "no"}`, { method: "PATCH" }).catch(
    () => undefined,
  );
  return answer?.ok ?? false;
}

export async function hideFile(id: string, hidden: boolean): Promise<boolean> {
  const answer = await fetch(`/api/attachments/${id}?hidden=${hidden ? "yes" : "no"}`, { method: "PATCH" }).catch(
    () => undefined,
  );
  return answer?.ok ?? false;
}
