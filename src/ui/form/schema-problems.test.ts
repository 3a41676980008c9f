import { expect, it } from "vitest";
import { z } from "zod";
import { schemaProblems } from "./schema-problems";

const schema = z.object({
  name: z.string().min(2, "Too short.").regex(/^a/, "Begins with a."),
  group: z.object({ volts: z.number("A number.") }),
});

it("gives the first sentence of each field, fields of a group by their path", () => {
  expect(schemaProblems(schema, { name: "b", group: { volts: "?" } })).toEqual({
    name: "Too short.",
    "group.volts": "A number.",
  });
  expect(schemaProblems(schema, { name: "ab", group: { volts: 1 } })).toEqual({});
});
