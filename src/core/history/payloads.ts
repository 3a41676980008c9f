import { z } from "zod";
import { STEPS, ROLES } from "../model";
import { DANGERS, METHODS, STAGES, TOUCH_LIMIT_VOLTS } from "../power";
import { format, QUANTITIES } from "../quantity";
import { PHASES, RULES } from "../readings";
import { GAS, SHORTS } from "../tubes";
import { GRADES, POLICIES, switchesSchema } from "../policy";
import { designator, fitted, id, items, money, optionalText, short, text, typed, v1 } from "./payload-pieces";

export const takeIn = z.object({
  v: v1,
  complaint: text("The complaint"),
  since: optionalText("Since when"),
  wants: optionalText("What the owner wants"),
  policy: z.enum(POLICIES),
  received: items.default([]),
  missing: items.default([]),
  earlierWork: optionalText("Traces of earlier work"),
  loose: optionalText("Loose things"),
  cosmetic: optionalText("Cosmetic state"),
  /** parts of the outside with their grades */
  grades: z
    .array(z.object({ part: short("The part"), grade: z.enum(GRADES) }))
    .max(20)
    .optional(),
  dateCodes: optionalText("Date codes"),
  provenance: optionalText("Provenance"),
  /** the owner is asked before it costs more; minor units */
  costLimit: z
    .object({
      minor: z.number().int().positive("A limit of cost is above zero.").max(1e9, "That limit is beyond any repair."),
      currency: z.string().regex(/^[A-Z]{3}$/, "A currency is three letters, like EUR."),
    })
    .optional(),
  /** the visit's own choices where schools disagree */
  switches: switchesSchema.optional(),
});

export const SYMPTOM_STATES = ["present", "changed", "gone"] as const;

export const symptom = z.object({
  v: v1,
  what: text("The symptom"),
  state: z.enum(SYMPTOM_STATES),
  /** the entry of the symptom that changed or is gone */
  about: id.optional(),
});

const lineVolts = z
  .number()
  .positive("The line voltage is above zero.")
  .max(480, "A line above 480 V is not a bench supply.");
const ohms = z.number().positive("A meter's resistance is above zero.").max(1e12);

export const reading = z.object({
  v: v1,
  phase: z.enum(PHASES),
  point: short("The point"),
  /** set when the point is a component */
  designator: designator.optional(),
  quantity: z.enum(QUANTITIES),
  measured: typed,
  /** what it was judged against: kept with the reading, whatever the model says later */
  expected: typed
    .extend({
      tolerance: z.number().positive().max(1),
      lineVolts: z.number().positive().optional(),
      tapVolts: z.number().positive().optional(),
      sourceOhms: z.number().positive().optional(),
      chartOhms: z.number().positive().optional(),
      asFound: z.boolean().optional(),
      rule: z.enum(RULES).optional(),
    })
    .optional(),
  lineVolts: lineVolts.optional(),
  tapVolts: lineVolts.optional(),
  meter: short("The meter").optional(),
  /** what the meter was to the circuit on its range, Ω */
  meterOhms: ohms.optional(),
  /** the entry of the set-up that it was taken with */
  setup: id.optional(),
  inCircuit: z.boolean().optional(),
  remark: short("The remark").optional(),
});

export const ACTIONS = [
  "replaced",
  "restuffed",
  "reflowed",
  "cleaned",
  "lubricated",
  "adjusted",
  "repaired",
  "left",
  "removed",
  "disconnected",
  /** found with something else in its place, put there by an earlier hand */
  "substituted",
] as const;
export type Action = (typeof ACTIONS)[number];

export const PUTS_IN: readonly Action[] = ["replaced", "restuffed", "substituted"];
/** The reason of a substitution is what it takes to put the original back. */
export const NEEDS_REASON: readonly Action[] = ["left", "disconnected", "substituted"];

/** Actions that record what is there and change nothing in the set. */
export const CHANGES_NOTHING: readonly Action[] = ["left", "substituted"];

export const OLD_PARTS = ["bag", "kept", "in-shell", "discarded"] as const;
export type OldPart = (typeof OLD_PARTS)[number];
export const OLD_PART_NAMES: Record<OldPart, string> = {
  bag: "in the owner's bag",
  kept: "kept in the shop",
  "in-shell": "its shell holds the new part",
  discarded: "discarded",
};

export const partWork = z
  .object({
    v: v1,
    /** several originals may give way to one part */
    designators: z.array(designator).min(1, "Say which part, by its designator.").max(20),
    action: z.enum(ACTIONS),
    was: short("What it was").optional(),
    found: short("What was found").optional(),
    measured: typed.extend({ quantity: z.enum(QUANTITIES) }).optional(),
    /** one original may give way to several parts */
    now: z.array(fitted).max(20).default([]),
    why: optionalText("The reason"),
    oldPart: z.enum(OLD_PARTS).optional(),
  })
  .superRefine((work, context) => {
    const putsIn = PUTS_IN.includes(work.action);
    if (putsIn && work.now.length === 0)
      context.addIssue({ code: "custom", path: ["now"], message: "Say what was put in: value and rating." });
    if (!putsIn && work.now.length > 0)
      context.addIssue({ code: "custom", path: ["now"], message: `Nothing goes in when a part is ${work.action}.` });
    if (NEEDS_REASON.includes(work.action) && !work.why)
      context.addIssue({
        code: "custom",
        path: ["why"],
        message:
          work.action === "substituted"
            ? "Say what it takes to put the original back."
            : `A part that is ${work.action} needs the reason why.`,
      });
  });

export const SENSES = ["share", "at-least", "at-most"] as const;

export const testResult = z.object({
  v: v1,
  phase: z.enum(PHASES),
  /** the tube or part that was tested; without it the test is of the whole set */
  designator: designator.optional(),
  test: short("The test"),
  measured: typed,
  unit: z.string().trim().max(20).optional(),
  nominal: typed.optional(),
  sense: z.enum(SENSES),
  /** band, frequency, level or mode that the figure belongs to: the same test under another one is another line */
  condition: short("The condition").optional(),
  setup: short("The set-up").optional(),
});

/** Where a component was measured. */
export const WHERES = ["in-circuit", "lifted", "out"] as const;
export type Where = (typeof WHERES)[number];

const fraction = z.number().min(-1).max(10);
const above = (what: string) => typed.refine(({ value }) => value > 0, `${what} is above zero.`);

/** A capacitor or resistor as it measured, with what it was judged against: kept, whatever the sheet says later. */
export const componentTest = z
  .object({
    v: v1,
    designator,
    where: z.enum(WHERES),
    quantity: z.enum(["capacitance", "resistance"]),
    value: above("The value").optional(),
    esr: above("The ESR").optional(),
    tan: z.number().positive("tan δ is above zero.").max(10).optional(),
    hertz: z.number().positive("The frequency is above zero.").max(1e7).optional(),
    /** A, at `atVolts` */
    leakage: typed.refine(({ value }) => value >= 0, "A leakage is not below zero.").optional(),
    atVolts: above("The voltage of the leakage test").optional(),
    against: z
      .object({
        role: z.enum(ROLES),
        nominal: z.number().positive().optional(),
        low: fraction,
        high: fraction,
        electrolytic: z.boolean(),
        ratedVolts: z.number().positive().optional(),
        workingVolts: z.number().positive().optional(),
        next: z
          .object({
            plateVolts: z.number().positive(),
            gridOhms: z.number().positive(),
            bias: z.number().positive(),
            name: z.string().max(80),
          })
          .optional(),
        school: z.enum(["nominal", "twice", "keep"]).optional(),
      })
      .optional(),
    remark: short("The remark").optional(),
  })
  .superRefine((test, context) => {
    const say = (path: string, message: string) => context.addIssue({ code: "custom", path: [path], message });
    if (!test.value && !test.esr && test.tan === undefined && !test.leakage)
      say("value", "Nothing was measured: give a value, an ESR, tan δ or a leakage.");
    if (test.leakage && !test.atVolts) say("atVolts", "At which voltage was the leakage measured?");
    if (test.quantity === "resistance" && (test.esr || test.tan !== undefined || test.leakage))
      say("esr", "ESR, tan δ and leakage belong to a capacitor.");
  });

/** A tube on the tester: shorts first, then gas, then strength. */
export const tubeTest = z
  .object({
    v: v1,
    phase: z.enum(PHASES),
    designator,
    /** the tube that was tested, where another than the drawn type sits there */
    type: short("The type").optional(),
    shorts: z.enum(SHORTS),
    gas: z.enum(GAS).optional(),
    strength: z
      .object({
        test: short("What was measured"),
        measured: typed,
        nominal: above("The nominal"),
        unit: z.string().max(20),
      })
      .optional(),
    /** tester and its settings */
    tester: short("The tester").optional(),
    remark: short("The remark").optional(),
  })
  .superRefine((test, context) => {
    if (test.shorts === "found" && (test.strength || test.gas))
      context.addIssue({
        code: "custom",
        path: ["shorts"],
        message: "A shorted tube is not tested further: it can harm the tester.",
      });
    if (test.strength && test.strength.measured.value < 0)
      context.addIssue({ code: "custom", path: ["strength"], message: "A strength is not below zero." });
  });

/** What the technician decided for a line of the recap plan, against what the rules say. */
export const planLine = z.object({
  v: v1,
  designator,
  action: z.enum(["keep", "test", "replace", "restuff"]),
  why: text("The reason"),
});

/** A test made to find a fault: which one, and what came of it. */
export const faultTest = z.object({
  v: v1,
  /** the test as the search names it, e.g. `inject:af` or `check:C14` */
  test: z.string().regex(/^[a-z-]+(:[A-Za-z0-9:-]{1,60})?$/, "A test is named by its short word."),
  /** its outcome, as the search names it */
  outcome: z.string().regex(/^[a-z]{1,20}$/, "An outcome is one word."),
  /** both in words, as they stood on the board */
  what: short("The test"),
  says: short("The outcome"),
  /** it came and went, or the set-up is doubted: it counts little */
  doubtful: z.boolean().optional(),
  remark: short("The remark").optional(),
});

export const FINDING_STATES = ["found", "reopened"] as const;

/** A fault that was found: the cause, what showed it, what mended it, and the test that shows it gone. */
export const finding = z
  .object({
    v: v1,
    /** the fault as the search names it, e.g. `output.coupling-leaky@C14` */
    fault: z
      .string()
      .regex(/^[a-z0-9-]+\.[a-z0-9-]+(@[A-Z0-9]+)?$/, "A fault is named by its stage and its short word."),
    cause: text("The cause"),
    state: z.enum(FINDING_STATES),
    /** entries that show it */
    evidence: z.array(id).max(50).default([]),
    /** what mended it: entries of work, or words */
    work: z.array(id).max(50).default([]),
    mended: optionalText("What mended it"),
    /** entries that show it gone */
    gone: z.array(id).max(50).default([]),
    /** the finding that this one completes or reopens */
    about: id.optional(),
    why: optionalText("The reason"),
  })
  .superRefine((value, context) => {
    if (value.state === "reopened" && !value.why)
      context.addIssue({ code: "custom", path: ["why"], message: "Say why the search goes on: what is still there?" });
  });

export const WAITS = ["parts", "owner", "process"] as const;
export type Wait = (typeof WAITS)[number];
export const WAIT_NAMES: Record<Wait, string> = {
  parts: "parts",
  owner: "the owner's answer",
  process: "paint, glue or soak",
};

/** A named set-up: what stays the same while a pass of readings is taken, and has to be the same when it is repeated. */
export const setup = z.object({
  v: v1,
  phase: z.enum(PHASES),
  name: short("The name of the set-up"),
  instrument: z
    .object({ name: short("The meter"), ohmsPerVolt: ohms.optional(), inputOhms: ohms.optional() })
    .optional(),
  lineVolts: lineVolts.optional(),
  lineHz: z.number().min(16).max(400).optional(),
  tapVolts: lineVolts.optional(),
  load: short("The load").optional(),
  signal: short("The signal").optional(),
  controls: short("The controls").optional(),
  /** lines of the pre-flight list that were looked at */
  checked: z.array(short("A check")).max(20).default([]),
  /** the set-up that this one repeats */
  like: id.optional(),
});

export const CHECK_STATES = ["done", "na", "trouble"] as const;
export type CheckState = (typeof CHECK_STATES)[number];

/** Lists that are ticked line by line: before hands go in, and before the set goes out. */
export const CHECK_LISTS = ["make-safe", "hand-back"] as const;

/** The line of the make-safe list that is measured and never ticked. */
export const RESIDUAL = "residual";

/** A line of a list that was ticked, measured, found wrong, or does not apply. */
export const check = z
  .object({
    v: v1,
    list: z.enum(CHECK_LISTS),
    key: z.string().regex(/^[a-z][a-z0-9-]{0,40}$/, "A line of the list is named by its short word."),
    /** the line as it stood on the list */
    text: z.string().trim().min(1).max(300),
    state: z.enum(CHECK_STATES),
    /** volts, where the line is measured */
    measured: typed.optional(),
    remark: optionalText("The remark"),
  })
  .superRefine((value, context) => {
    const say = (path: string, message: string) => context.addIssue({ code: "custom", path: [path], message });
    if (value.state === "trouble" && !value.remark) say("remark", "Say what is wrong.");
    if (value.state === "na" && !value.remark) say("remark", "Say why it does not apply: not fitted, done before.");
    if (value.key !== RESIDUAL || value.state === "trouble") return;
    if (value.state === "na") say("state", "What is left on the reservoir is measured, whatever the set.");
    else if (!value.measured)
      say(
        "measured",
        "Measure what is left on the reservoir and write it down: no calculated time is permission to touch.",
      );
    else if (Math.abs(value.measured.value) > TOUCH_LIMIT_VOLTS)
      say(
        "measured",
        `${format(value.measured.value, "voltage")} is still there, above ${TOUCH_LIMIT_VOLTS} V. Discharge through a resistor and measure again.`,
      );
  });

export const LAMPS = ["dark", "dim", "bright"] as const;

/** A step of a power-up as it was read, with what was expected then. A stop follows from its figures. */
export const powerStep = z.object({
  v: v1,
  method: z.enum(METHODS),
  stage: z.enum(STAGES),
  fraction: z.number().positive("The share of the line is above zero.").max(1.2, "That is far above full line."),
  lineVolts: typed.optional(),
  lineHz: z.number().min(16).max(400).optional(),
  /** settled, after warm-up */
  amps: typed.optional(),
  /** at the end of the hold */
  endAmps: typed.optional(),
  bplus: typed.optional(),
  heaters: typed.optional(),
  /** how long it was held, s */
  held: z.number().min(0).max(86_400).optional(),
  /** with a lamp in series */
  lamp: z.enum(LAMPS).optional(),
  seen: z.array(z.enum(DANGERS)).max(DANGERS.length).default([]),
  remark: optionalText("The remark"),
  expected: z.object({
    fullVolts: z.number().positive(),
    fullAmps: z.number().positive().optional(),
    bplus: z.number().optional(),
    ceiling: z.number().optional(),
    warm: z.boolean().optional(),
    heaters: z.number().positive().optional(),
  }),
});

export const note = z.object({
  v: v1,
  text: text("The note"),
  /** an open point stays on the run sheet until a later note closes it */
  open: z.boolean().default(false),
  waits: z.enum(WAITS).optional(),
  closes: z.array(id).max(50).default([]),
});

export const step = z
  .object({
    v: v1,
    step: z.enum(STEPS),
    state: z.enum(["passed", "overridden"]),
    reason: optionalText("The reason"),
  })
  .superRefine((value, context) => {
    if (value.state === "overridden" && !value.reason)
      context.addIssue({ code: "custom", path: ["reason"], message: "Passing a gate that is not met needs a reason." });
  });

export const handBack = z.object({
  v: v1,
  summary: text("What was done"),
  left: optionalText("What was left"),
  watch: optionalText("What to watch"),
  oldParts: z.enum(["returned", "kept", "none"]),
  nextService: z.iso.date("The next service is a date.").optional(),
  warrantyMonths: z.number().int().min(0).max(600).optional(),
  /** how to use what was fitted, in the owner's words */
  instructions: optionalText("The owner's instructions"),
  /** what it came to, as it stood when the set went out */
  price: z.object({ labourMinutes: z.number().min(0), total: money }).optional(),
});
