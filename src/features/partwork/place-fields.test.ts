import { expect, it } from "vitest";
import { parseLine } from "@/core/bench-line";
import { CONTEXT, SET, stockItem } from "@/core/fixtures";
import { writeLine } from "@/core/kinds";
import { EMPTY_PLACE, readPlaceFields } from "./place-fields";

const grease = stockItem({ id: SET, code: "JP00001A7" });
const context = { ...CONTEXT, stock: [grease] };
const typed = {
  ...EMPTY_PLACE,
  place: "tuning drive",
  found: "gummed",
  actions: ["cleaned", "lubricated"] as const,
  before: "poor" as const,
  after: "good" as const,
  material: "damping grease",
  code: "jp00001a7",
};

it("makes the entry that its line makes again", () => {
  const read = readPlaceFields({ ...typed, actions: [...typed.actions] }, context);
  if (!read.ok) throw new Error(read.message);
  const line = parseLine(writeLine(read.content), context);
  expect(line).toMatchObject({ kind: "draft", draft: { type: "content", content: read.content } });
});

it("says what is missing, in the order of the fields", () => {
  const message = (part: Partial<typeof EMPTY_PLACE>) => {
    const read = readPlaceFields({ ...EMPTY_PLACE, ...part }, context);
    return read.ok ? "" : read.message;
  };
  expect(message({})).toContain("which place");
  expect(message({ place: "cabinet" })).toContain("what was done");
  expect(message({ place: "cabinet", actions: ["left"] })).toContain("why it is left");
  expect(message({ place: "cabinet", actions: ["painted"], code: "JPNOSUCH9", material: "lacquer" })).toContain(
    "not a label",
  );
  expect(message({ place: "cabinet", actions: ["painted"], code: "JP00001A7" })).toContain("Name the material");
});
