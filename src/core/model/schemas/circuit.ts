import { z } from "zod";
import { DEVICES, FEEDS, MOST_STAGES, PATHS, STAGE_KINDS } from "../circuit";

const stageId = z.string().regex(/^[a-z][a-z0-9-]{0,23}$/, "A stage's short word is small letters and digits.");

export const stageSchema = z.object({
  id: stageId,
  kind: z.enum(STAGE_KINDS),
  name: z.string().trim().min(1, "A stage needs a name.").max(40, "A stage's name is at most 40 characters."),
  device: z.enum(DEVICES),
  /** positions of its tubes or transistors, e.g. `V3` */
  tubes: z.array(z.string().max(20)).max(12).default([]),
  /** the plug-in board that it sits on, where it can be swapped as one */
  board: z.string().trim().max(40).optional(),
});
export type Stage = z.infer<typeof stageSchema>;

/** A model's stages, the order in which the signal goes through them, and what feeds or controls what. */
export const circuitSchema = z
  .object({
    /** the topology that it was made from */
    topology: z.string().max(40),
    stages: z.array(stageSchema).min(1, "A circuit has at least one stage.").max(MOST_STAGES),
    paths: z
      .array(z.object({ key: z.enum(PATHS), chain: z.array(stageId).min(1, "A signal path has at least one stage.") }))
      .min(1, "A circuit has a signal path.")
      .max(PATHS.length),
    /** a supply or a control voltage; `*` is every stage of every signal path */
    feeds: z
      .array(
        z.object({
          from: stageId,
          to: z.array(z.union([stageId, z.literal("*")])).max(MOST_STAGES),
          kind: z.enum(FEEDS),
        }),
      )
      .max(200),
  })
  .superRefine(({ stages, paths, feeds }, context) => {
    const say = (message: string) => context.addIssue({ code: "custom", message });
    const ids = new Set(stages.map(({ id }) => id));
    if (ids.size < stages.length) say("Two stages have the same short word.");
    const names = new Set(stages.map(({ name }) => name.toLowerCase()));
    if (names.size < stages.length)
      say("Two stages have the same name: nobody could tell them apart on the bench line.");
    for (const id of [...paths.flatMap(({ chain }) => chain), ...feeds.flatMap(({ from, to }) => [from, ...to])])
      if (id !== "*" && !ids.has(id)) say(`“${id}” is not a stage of this circuit.`);
    for (const { key, chain } of paths)
      if (new Set(chain).size < chain.length) say(`The ${key} path goes through a stage twice.`);
  });
export type Circuit = z.infer<typeof circuitSchema>;
