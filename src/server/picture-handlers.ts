import sharp from "sharp";
import { v7 } from "uuid";
import { PHOTO_VIEWS, type View } from "@/core/model";
import { database } from "@/db/client";
import { dropPicture, pictureContent, savePicture } from "@/db/pictures";
import { bodyUpTo } from "./body";
import { PICTURES, typeOf } from "./file-type";
import { isId } from "./ids";
import type { Here } from "./access/standing";
import { failed, refuse } from "./request";

/** Largest photo that is taken, bytes: one of 40 megapixels is below it. It is made smaller at once. */
const LARGEST_PHOTO = 40 * 1024 * 1024;
const MOST_PIXELS = 120_000_000;
/** Longest side of what is kept: a designator can still be read on it. */
const SIDE = 2400;

const viewOf = (request: Request): View | undefined => {
  const asked = new URL(request.url).searchParams.get("view");
  return PHOTO_VIEWS.find((view) => view === asked);
};

/** Takes a photo of a model from one side, and keeps a smaller one. */
export async function handleTakePicture(request: Request, modelId: string, here: Here): Promise<Response> {
  const view = viewOf(request);
  if (!isId(modelId) || !view) return refuse(400, "That was not a photo of a model: top, underside or front.");
  try {
    const content = await bodyUpTo(request, LARGEST_PHOTO);
    if (!content) return refuse(413, "The photo is larger than 40 MB: save it smaller and try again.");
    if (!PICTURES.includes((await typeOf(content)) ?? ""))
      return refuse(422, "That file is not a photo: JPEG, PNG, WebP, GIF or AVIF.");
    let small: { data: Buffer; info: { width: number; height: number } };
    try {
      small = await sharp(content, { limitInputPixels: MOST_PIXELS })
        .rotate()
        .resize(SIDE, SIDE, { fit: "inside", withoutEnlargement: true })
        .jpeg({ quality: 82 })
        .toBuffer({ resolveWithObject: true });
    } catch {
      return refuse(422, "That photo does not open: it may be damaged, or larger than 120 megapixels.");
    }
    const { width, height } = small.info;
    const picture = { id: v7(), modelId, view, type: "image/jpeg", width, height };
    const saved = await savePicture(database(), { ...picture, content: small.data, by: here.person.id });
    return saved
      ? Response.json({ id: picture.id, view, width, height })
      : refuse(404, "This model is not in the books any more.");
  } catch (error) {
    return failed("take picture", error, "The photo could not be saved.");
  }
}

/** Takes the photo of a view away. */
export async function handleDropPicture(request: Request, modelId: string): Promise<Response> {
  const view = viewOf(request);
  if (!isId(modelId) || !view) return refuse(400, "That was not a photo of a model: top, underside or front.");
  try {
    await dropPicture(database(), modelId, view);
    return Response.json({ ok: true });
  } catch (error) {
    return failed("drop picture", error, "The photo could not be taken away.");
  }
}

/** Gives a photo out. What lies behind an id never changes. */
export async function handlePicture(id: string): Promise<Response> {
  const picture = isId(id) ? await pictureContent(database(), id) : undefined;
  if (!picture) return new Response("Not found", { status: 404 });
  return new Response(new Uint8Array(picture.content), {
    headers: {
      "content-type": picture.type,
      "cache-control": "private, max-age=31536000, immutable",
      "x-content-type-options": "nosniff",
    },
  });
}
