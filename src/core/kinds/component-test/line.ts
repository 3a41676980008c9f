import { capacitorPlace, resistorSchool, rulesOf, toleranceOf } from "../../components";
import { drawnSpec, partRules } from "../../model";
import { format, quantityOfDesignator } from "../../quantity";
import {
  clauses,
  escaped,
  got,
  headOf,
  notUnderstood,
  numberIn,
  piece,
  quantityAt,
  readAs,
  textOf,
  unknownDesignator,
  type LineContext,
  type LineReading,
  type Piece,
  type PieceRead,
} from "../../shorthand";
import type { KindLine } from "../kind";
import type { ComponentTest } from "./payload";

const EXAMPLE = "A measurement reads like: measure C14 52 nF; leak 8.5 µA at 85 V; out.";

/** What the part is judged against, from the sheet, the policy and the shop's rules. */
function against(designator: string, context: LineContext): ComponentTest["against"] {
  const component = context.sheet.components.find((one) => one.designator === designator);
  if (!component) return undefined;
  const spec = drawnSpec(context.sheet, component);
  if (quantityOfDesignator(designator) === "resistance") {
    const [nominal] = spec?.sections ?? [];
    const tolerance = toleranceOf(spec);
    const school = context.switches?.resistors ?? resistorSchool(context.policy);
    return {
      role: component.role,
      low: -tolerance,
      high: tolerance,
      electrolytic: false,
      school,
      ...(nominal ? { nominal } : {}),
    };
  }
  const input = {
    sheet: context.sheet,
    year: context.year,
    policy: context.policy,
    switches: context.switches ?? {},
    rules: context.rules ?? rulesOf(),
  };
  const { next, nominal, workingVolts, ratedVolts, ...place } = capacitorPlace(component, input);
  return {
    ...place,
    ...(nominal ? { nominal } : {}),
    ...(ratedVolts ? { ratedVolts } : {}),
    ...(workingVolts ? { workingVolts } : {}),
    ...(next ? { next } : {}),
  };
}

const typed = (
  where: Piece,
  quantity: Parameters<typeof quantityAt>[1],
  rules = {},
): PieceRead<{ text: string; value: number }> => {
  const value = quantityAt(where, quantity, rules);
  return value.ok ? got({ text: textOf(where), value: value.value }) : value;
};

/** `C14 52 nF; esr 2.1; tan 0.02 at 1 kHz; leak 8.5 µA at 85 V; out`: a part as it measured. */
export function readMeasure(rest: Piece, context: LineContext): LineReading {
  const { line } = rest;
  const { named } = clauses(rest);
  const firstEnd = named[0] ? named[0].at - 1 : rest.end;
  const head = headOf(line.slice(rest.start, firstEnd));
  const [designator] = head?.designators ?? [];
  if (!head || !designator || head.designators.length > 1) return notUnderstood(rest.start, EXAMPLE);
  const quantity = quantityOfDesignator(designator);
  if (quantity !== "capacitance" && quantity !== "resistance")
    return notUnderstood(rest.start, `${designator} is neither a capacitor nor a resistor. ${EXAMPLE}`);
  const stranger = unknownDesignator(rest, head, context);
  if (stranger) return stranger;
  const valuePiece = piece(line, rest.start + head.end, Math.min(firstEnd, rest.end));
  const payload: Partial<ComponentTest> & { v: 1 } = {
    v: 1,
    designator,
    quantity,
    where: quantity === "resistance" ? "in-circuit" : "out",
  };
  const rules = partRules(context.sheet, designator);
  if (textOf(valuePiece) !== "") {
    const value = typed(valuePiece, quantity, rules);
    if (!value.ok) return value.result;
    payload.value = value.value;
  }
  for (const { word, value, at } of named) {
    const from = line.indexOf(value, at);
    const split = /\s+at\s+/i.exec(value);
    const main = piece(line, from, from + (split?.index ?? value.length));
    const behind = split ? piece(line, from + split.index + split[0].length, from + value.length) : undefined;
    if (
      word === "out" ||
      word === "lifted" ||
      (word === "in" && value.toLowerCase() === "circuit") ||
      word === "in-circuit"
    ) {
      payload.where = word === "out" || word === "lifted" ? word : "in-circuit";
    } else if (word === "esr") {
      const read = typed(main, "resistance");
      if (!read.ok) return read.result;
      payload.esr = read.value;
    } else if (word === "leak") {
      const read = typed(main, "current");
      if (!read.ok) return read.result;
      payload.leakage = read.value;
      const volts = behind ? typed(behind, "voltage") : undefined;
      if (volts && !volts.ok) return volts.result;
      if (volts) payload.atVolts = volts.value;
    } else if (word === "tan") {
      const tan = numberIn({ value: textOf(main), at }, "tan 0.02 at 1 kHz");
      if (!tan.ok) return tan.result;
      payload.tan = tan.value;
    } else if (word === "note") payload.remark = value;
    else
      return notUnderstood(
        at,
        `“${word}” is not known here: esr, leak … at, tan, out, lifted, in circuit, or note. ${EXAMPLE}`,
      );
    if ((word === "esr" || word === "tan") && behind) {
      const hertz = quantityAt(behind, "frequency");
      if (!hertz.ok) return hertz.result;
      payload.hertz = hertz.value;
    }
  }
  const place = against(designator, context);
  return readAs({ ...payload, ...(place ? { against: place } : {}) }, rest.end);
}

/** Writes what `readMeasure` reads. */
export function writeMeasure(test: ComponentTest): string {
  const { designator, value, esr, tan, hertz, leakage, atVolts, where, remark } = test;
  const at = hertz ? ` at ${format(hertz, "frequency", 6)}` : "";
  return [
    `measure ${designator}${value ? ` ${value.text}` : ""}`,
    esr && `esr ${esr.text}${at}`,
    tan !== undefined && `tan ${tan}${esr ? "" : at}`,
    leakage && `leak ${leakage.text}${atVolts ? ` at ${atVolts.text}` : ""}`,
    where === "in-circuit" ? "in circuit" : where,
    remark && `note ${escaped(remark)}`,
  ]
    .filter(Boolean)
    .join("; ");
}

export const line: KindLine<ComponentTest> = {
  words: [{ begins: /^(measure)(?=\s|$)\s*/i, read: readMeasure }],
  write: writeMeasure,
  examples: [
    {
      line: "measure C14 52 nF; leak 8.5 µA at 85 V; out",
      says: "a part measured: also esr, tan; in circuit, lifted, out",
    },
  ],
};
