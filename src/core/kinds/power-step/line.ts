import {
  bestTap,
  DANGERS,
  looksLikeMilliamps,
  METHODS,
  powerPlan,
  STAGES,
  type Method,
  type PowerExpectation,
  type Stage,
} from "../../power";
import { format, parseQuantity, type Quantity } from "../../quantity";
import {
  clause,
  clauses,
  list,
  notUnderstood,
  payloadOf,
  readAs,
  type Clause,
  type LineContext,
  type LineQuestion,
  type LineReading,
  type Piece,
} from "../../shorthand";
import type { KindLine } from "../kind";
import type { PowerStep } from "./payload";
import { LAMPS } from "./values";

/** Clauses that carry a value, with what it is. */
const VALUES: Record<string, [key: "lineVolts" | "amps" | "endAmps" | "bplus" | "heaters", quantity: Quantity]> = {
  line: ["lineVolts", "voltage"],
  amps: ["amps", "current"],
  then: ["endAmps", "current"],
  "b+": ["bplus", "voltage"],
  heaters: ["heaters", "voltage"],
};

/** What a step of this set is held against, by its plan; a correction keeps what it was held against. */
export function expectationFor(context: LineContext, method: Method, stage: Stage, tap?: number): PowerExpectation {
  const { sheet, bench, policy } = context;
  const plan = powerPlan({
    sheet,
    policy,
    method,
    tap: tap ?? context.tap ?? bestTap(sheet, bench.volts),
    line: bench,
  });
  return (plan.steps.find((step) => step.stage === stage) ?? plan.steps[0])?.expected ?? { fullVolts: sheet.lineVolts };
}

/** Asks whether milliamperes were meant, where the figure cannot be amperes. */
function askMilliamps(rest: Piece, { value, at }: Clause): LineQuestion {
  const choices = ["mA", "A"].map((unit) => ({
    label: `${value} ${unit}`,
    text: rest.line.slice(0, at) + rest.line.slice(at).replace(value, `${value} ${unit}`),
  }));
  return { kind: "question", question: `${value} A is far more than this set can draw. Which is it?`, choices };
}

const BARE = /^[\d.,]+$/;

/** `power variac rectifier-out 25 %; line 57 V; amps 0.12; then 0.11; heaters 1.6; held 2 min; seen smell`. */
export function readPower(rest: Piece, context: LineContext): LineReading {
  const { first, named } = clauses(rest);
  const [, method = "", stage = "", percent = ""] = /^(\S+)\s+(\S+)\s+([\d.]+)\s*%$/.exec(first) ?? [];
  const known = METHODS.find((one) => one === method.toLowerCase());
  const place = STAGES.find((one) => one === stage.toLowerCase());
  if (!known || !place)
    return notUnderstood(
      rest.start,
      `Begin with the way, the stage and the share: power ${METHODS.join("/")} ${STAGES.join("/")} 50 %.`,
    );
  const tap = named.find(({ word }) => word === "tap");
  const tapVolts = tap ? parseQuantity(tap.value, "voltage") : undefined;
  if (tap && !tapVolts?.ok) return notUnderstood(tap.at, "A tap is a voltage: tap 220 V.");
  const before = payloadOf<PowerStep>(context.base, "power-step");
  const same = before?.stage === place && before.method === known;
  const expected =
    same && before ? before.expected : expectationFor(context, known, place, tapVolts?.ok ? tapVolts.value : undefined);
  const payload: Record<string, unknown> = {
    v: 1,
    method: known,
    stage: place,
    fraction: Number(percent) / 100,
    expected,
    seen: [],
    ...(before?.lineHz ? { lineHz: before.lineHz } : { lineHz: context.bench.hz }),
  };
  const rails: { name: string; text: string; value: number }[] = [];
  for (const { word, value, at } of named) {
    const [key, quantity] = VALUES[word] ?? [];
    if (key && quantity) {
      const bare = quantity === "current" && BARE.test(value);
      const read = parseQuantity(bare ? `${value} A` : value, quantity);
      if (!read.ok) return notUnderstood(at, read.kind === "ambiguous" ? read.question : read.message);
      if (bare && looksLikeMilliamps(read.value, expected.fullAmps)) return askMilliamps(rest, { word, value, at });
      payload[key] = { text: value, value: read.value };
    } else if (word === "winding") {
      const [, name = "", figure = ""] = /^(\D.*?)\s+([-−\d.,].*)$/.exec(value) ?? [];
      const read = parseQuantity(figure, "voltage");
      if (!name || !read.ok) return notUnderstood(at, "A winding has its name and its volts: winding rectifier 5.1 V.");
      const known = expected.rails?.find((rail) => rail.name.toLowerCase() === name.toLowerCase());
      if (expected.rails && !known)
        return notUnderstood(
          at,
          `“${name}” is none of this set’s windings: ${expected.rails.map((rail) => rail.name).join(", ")}.`,
        );
      rails.push({ name: known?.name ?? name, text: figure, value: read.value });
    } else if (word === "held") {
      const read = parseQuantity(value, "time");
      if (!read.ok) return notUnderstood(at, "How long it was held is a time: held 2 min.");
      payload.held = read.value;
    } else if (word === "lamp") {
      const lamp = value.toLowerCase();
      if (!(LAMPS as readonly string[]).includes(lamp)) return notUnderstood(at, `A lamp is ${LAMPS.join(", ")}.`);
      payload.lamp = lamp;
    } else if (word === "seen") {
      const seen = list(value.toLowerCase());
      const unknown = seen.find((one) => !(DANGERS as readonly string[]).includes(one));
      if (unknown) return notUnderstood(at, `“${unknown}” is none of ${DANGERS.join(", ")}.`);
      payload.seen = seen;
    } else if (word === "note") payload.remark = value;
    else if (word !== "tap")
      return notUnderstood(
        at,
        `“${word}” is not known here: line, amps, then, B+, heaters, winding, held, lamp, seen, tap or note.`,
      );
  }
  return readAs({ ...payload, ...(rails.length > 0 ? { rails } : {}) }, rest.start);
}

const unit = (text: string, suffix: string) => (BARE.test(text) ? `${text} ${suffix}` : text);

export function writePower(payload: PowerStep): string {
  const {
    method,
    stage,
    fraction,
    lineVolts,
    amps,
    endAmps,
    bplus,
    heaters,
    rails = [],
    held,
    lamp,
    seen,
    remark,
    expected,
  } = payload;
  return (
    `power ${method} ${stage} ${Number((fraction * 100).toFixed(2))} %` +
    clause("tap", format(expected.fullVolts, "voltage", 4)) +
    clause("line", lineVolts && unit(lineVolts.text, "V")) +
    clause("amps", amps && unit(amps.text, "A")) +
    clause("then", endAmps && unit(endAmps.text, "A")) +
    clause("B+", bplus && unit(bplus.text, "V")) +
    clause("heaters", heaters && unit(heaters.text, "V")) +
    rails.map(({ name, text }) => clause("winding", `${name} ${unit(text, "V")}`)).join("") +
    clause("held", held === undefined ? "" : `${held} s`) +
    clause("lamp", lamp) +
    clause("seen", seen.join(", ")) +
    clause("note", remark)
  );
}

export const line: KindLine<PowerStep> = {
  words: [{ begins: /^(power)(?=\s|$)(?!\s+(?:output\b|[\d.,]+\s*k?W\b))\s*/i, read: readPower }],
  write: writePower,
  examples: [
    {
      line: "power variac rectifier-in 50 %; amps 0.15; B+ 12",
      says: "a step of a power-up; also line, then, heaters, winding (its name and volts), held, lamp, seen, note",
    },
  ],
};
