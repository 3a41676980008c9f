import { z } from "zod";
import { OLD_PARTS, PLACE_ACTIONS, stockAt, type ContentOf } from "@/core/kinds";
import { GRADES } from "@/core/policy";
import type { LineContext } from "@/core/shorthand";

/** The fields of work on a place without a designator, as typed. */
export const placeFields = z.object({
  place: z.string(),
  actions: z.array(z.enum(PLACE_ACTIONS)),
  found: z.string(),
  before: z.enum(["", ...GRADES]),
  after: z.enum(["", ...GRADES]),
  material: z.string(),
  /** the label of the stock line that the material comes from */
  code: z.string(),
  why: z.string(),
  oldPart: z.enum(["", ...OLD_PARTS]),
});
export type PlaceFields = z.infer<typeof placeFields>;

export const EMPTY_PLACE: PlaceFields = {
  place: "",
  actions: [],
  found: "",
  before: "",
  after: "",
  material: "",
  code: "",
  why: "",
  oldPart: "",
};

type PlaceRead =
  { ok: true; content: ContentOf<"place-work"> } | { ok: false; field: keyof PlaceFields; message: string };

/** The entry that the fields make, or what they still lack. */
export function readPlaceFields(typed: PlaceFields, context: LineContext): PlaceRead {
  const text = (key: "place" | "found" | "material" | "why") => typed[key].trim();
  const code = typed.code.trim().toUpperCase();
  const stock = code ? stockAt(code, context) : undefined;
  const lacks = (field: keyof PlaceFields, message: string): PlaceRead => ({ ok: false, field, message });
  if (!text("place")) return lacks("place", "Say which place: the tuning drive, V3 socket, the cabinet.");
  if (typed.actions.length === 0) return lacks("actions", "Say what was done: one or more of the actions.");
  if (typed.actions.includes("left") && !text("why")) return lacks("why", "Say why it is left as it is.");
  if (code && !stock) return lacks("code", `${code} is not a label of the stock: scan it again, or leave it out.`);
  if (code && !text("material")) return lacks("material", "Name the material that comes from stock.");
  const { before, after, oldPart } = typed;
  return {
    ok: true,
    content: {
      kind: "place-work",
      payload: {
        v: 1,
        place: text("place"),
        actions: typed.actions,
        materials: text("material") ? [{ text: text("material"), ...(stock ? { stock } : {}) }] : [],
        ...(text("found") ? { found: text("found") } : {}),
        ...(before ? { before } : {}),
        ...(after ? { after } : {}),
        ...(text("why") ? { why: text("why") } : {}),
        ...(oldPart ? { oldPart } : {}),
      },
    },
  };
}
