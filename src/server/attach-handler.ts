import { LARGEST_FILE } from "@/core/log";
import { database } from "@/db/client";
import { attach, hideAttachment, showToOwner, storedFile, type Stored } from "@/db/attachments";
import { thumbnail, typeOf } from "./file-type";
import { bodyUpTo } from "./body";
import { isId } from "./ids";
import type { Here } from "./access/standing";
import { failed, refuse } from "./request";

const MEGABYTE = 1024 * 1024;
const LONGEST_NAME = 120;

/** A name without a path and without control characters. */
const plainName = (name: string): string =>
  [...(name.split(/[/\\]/).at(-1) ?? "")]
    .filter((letter) => letter >= " ")
    .join("")
    .slice(0, LONGEST_NAME)
    .trim() || "file";

/** Takes a file for an entry: the body is its content, the address says its id and its name. */
export async function handleAttach(request: Request, entryId: string, here: Here): Promise<Response> {
  const address = new URL(request.url);
  const id = address.searchParams.get("id") ?? "";
  const name = plainName(address.searchParams.get("name") ?? "");
  if (!isId(entryId) || !isId(id)) return refuse(400, "That was not a file for an entry.");
  try {
    const content = await bodyUpTo(request, LARGEST_FILE);
    if (!content)
      return refuse(
        413,
        `“${name}” is larger than ${LARGEST_FILE / MEGABYTE} MB: save the photo smaller and try again.`,
      );
    return await take({ id, entryId, name }, content, here);
  } catch (error) {
    return failed("attach", error, `“${name}” could not be saved.`);
  }
}

/** Looks at the content of a file, and keeps it with its entry. */
async function take(
  { id, entryId, name }: { id: string; entryId: string; name: string },
  content: Uint8Array,
  here: Here,
): Promise<Response> {
  if (content.length === 0) return refuse(422, `“${name}” is empty.`);
  const type = await typeOf(content);
  if (!type) return refuse(422, `“${name}” is not a photo, a PDF or a text, whatever its name says: it was not taken.`);
  let thumb: Uint8Array | null;
  try {
    thumb = await thumbnail(content, type);
  } catch {
    return refuse(422, `“${name}” begins like a picture but does not open: it may be damaged.`);
  }
  const saved = await attach(database(), {
    id,
    entryId,
    name,
    type,
    size: content.length,
    content,
    thumb,
    by: here.person.id,
  });
  if (saved.ok) return Response.json({ attachment: saved.attachment });
  return saved.why === "no-entry"
    ? refuse(404, "The entry is not in the log yet: try again.")
    : refuse(409, `“${name}” was not taken: another file came under its number. Choose it once more.`);
}

/** Gives a file out. Nothing that is not a picture is ever shown inside the application. */
export async function handleFile(request: Request, id: string, small: boolean): Promise<Response> {
  const file = isId(id) ? await storedFile(database(), id, small) : undefined;
  return givenOut(request, file, id, small);
}

/** A stored file as an answer. */
export function givenOut(request: Request, file: Stored | undefined, id: string, small: boolean): Response {
  if (!file) return new Response("Not found", { status: 404 });
  const picture = file.type.startsWith("image/");
  // The content of a number never changes.
  const etag = `"${id}${small ? "-small" : ""}"`;
  if (request.headers.get("if-none-match") === etag) return new Response(null, { status: 304, headers: { etag } });
  return new Response(Buffer.from(file.content), {
    headers: {
      "content-type": file.type === "text/plain" ? "text/plain; charset=utf-8" : file.type,
      "content-disposition": `${picture ? "inline" : "attachment"}; filename*=UTF-8''${encodeURIComponent(file.name)}`,
      "content-security-policy": "default-src 'none'; sandbox",
      "x-content-type-options": "nosniff",
      // Asked for anew each time: a file that was taken away must not come out of a browser's store.
      "cache-control": "private, no-cache",
      etag,
    },
  });
}

/** Takes a file away or brings it back (`hidden`), or shows it to the owner of the set (`owner`). */
export async function handleMark(request: Request, id: string, here: Here): Promise<Response> {
  const asked = new URL(request.url).searchParams;
  const owner = asked.get("owner");
  const hidden = asked.get("hidden") !== "no";
  const done =
    isId(id) &&
    (owner === null
      ? await hideAttachment(database(), id, hidden)
      : await showToOwner(database(), id, owner === "yes", here.person.id));
  return done ? Response.json({ hidden, owner: owner === "yes" }) : refuse(404, "That file is not here.");
}
