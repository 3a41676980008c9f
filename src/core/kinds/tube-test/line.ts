import { electrodePairs } from "../../model";
import { unitName } from "../../quantity";
import {
  clause,
  clauses,
  figuresOfTest,
  headOf,
  notUnderstood,
  piece,
  readAs,
  unknownDesignator,
  type LineContext,
  type LineReading,
  type Piece,
} from "../../shorthand";
import { GAS, judgeTube, nearestTypes, nextTest, tubeType } from "../../tubes";
import type { KindLine } from "../kind";
import { phaseInView } from "../reading/phase";
import type { TubeTest } from "./payload";

const EXAMPLE = "A tube's test reads like: tube V4 shorts none; gas none; gm 3700/4100 µS; on the bench tester.";
const STRENGTH = /^(\d+(?:[.,]\d+)*|[.,]\d+)\s*(?:\/|of)\s*(\d+(?:[.,]\d+)*|[.,]\d+)\s*(.{0,20})$/;

/** None, found, or the electrodes between which they are. */
function readShorts(text: string): Pick<TubeTest, "shorts" | "between"> | undefined {
  if (/^(none|no)$/i.test(text)) return { shorts: "none" };
  if (/^(found|yes)$/i.test(text)) return { shorts: "found" };
  const between = electrodePairs(text.replace(/^found\s+/i, ""));
  return between ? { shorts: "found", between } : undefined;
}

/** `V4 shorts none; gas none; gm 3700/4100 µS; on tester, settings`: a tube on the tester. */
export function readTube(rest: Piece, context: LineContext): LineReading {
  const { line } = rest;
  const head = headOf(line.slice(rest.start));
  const [designator] = head?.designators ?? [];
  if (!head || !designator || head.designators.length > 1) return notUnderstood(rest.start, EXAMPLE);
  const stranger = unknownDesignator(rest, head, context);
  if (stranger) return stranger;
  const { first, named } = clauses(rest);
  // What stands behind the position belongs to the first clause.
  const opening = first.slice(head.end).trim();
  const [word = "", ...others] = opening.split(/\s+/);
  const all = opening
    ? [{ word: word.toLowerCase(), value: others.join(" "), at: rest.start + head.end }, ...named]
    : named;
  const payload: Record<string, unknown> = {
    v: 1,
    phase: phaseInView(context),
    designator,
  };
  const hints: string[] = [];
  for (const { word: name, value, at } of all) {
    if (name === "shorts" || name === "short") {
      const shorts = readShorts(value);
      if (!shorts)
        return notUnderstood(at, "Shorts are none, found, or the electrodes between which they are: g1-k, h-k.");
      Object.assign(payload, shorts);
    } else if (name === "gas") {
      const gas = GAS.find((one) => one === value.toLowerCase());
      if (!gas) return notUnderstood(at, `Gas is ${GAS.join(", ")}.`);
      payload.gas = gas;
    } else if (name === "type") {
      payload.type = value;
      if (!tubeType(value)) {
        const near = nearestTypes(value);
        hints.push(`“${value}” is not in the tube table.${near.length > 0 ? ` Near it: ${near.join(", ")}.` : ""}`);
      }
    } else if (name === "on") payload.tester = value;
    else if (name === "note") payload.remark = value;
    else if (STRENGTH.test(value)) {
      const [, measured = "", nominal = "", unit = ""] = STRENGTH.exec(value) ?? [];
      const where = piece(line, at, at + line.slice(at).search(/;|$/));
      const figures = figuresOfTest(where, [measured, nominal]);
      if (!figures.ok) return figures.result;
      const [one = 0, of = 0] = figures.value;
      payload.strength = {
        test: name,
        measured: { text: measured, value: one },
        nominal: { text: nominal, value: of },
        unit: unitName(unit),
      };
    } else return notUnderstood(at, `“${name}” is not known here. ${EXAMPLE}`);
  }
  if (!payload.shorts)
    return notUnderstood(
      rest.end,
      "Shorts first: say “shorts none” or “shorts found”. Only a tube without shorts is tested further.",
    );
  const test = payload as unknown as TubeTest;
  const strength = test.strength;
  const next = nextTest({ shorts: test.shorts, gas: test.gas, measured: strength?.measured.value });
  if (next === "gas") hints.push("Gas and leakage come before strength.");
  hints.push(
    ...judgeTube({
      shorts: test.shorts,
      gas: test.gas,
      measured: strength?.measured.value,
      nominal: strength?.nominal.value,
    }).reasons,
  );
  return readAs(payload, rest.end, hints);
}

/** Writes what `readTube` reads. */
export function writeTube({ designator, type, shorts, between, gas, strength, tester, remark }: TubeTest): string {
  return (
    `tube ${designator} shorts ${between?.join(", ") ?? shorts}` +
    clause("gas", gas) +
    (strength
      ? `; ${strength.test} ${strength.measured.text}/${strength.nominal.text} ${strength.unit}`.trimEnd()
      : "") +
    clause("type", type) +
    clause("on", tester) +
    clause("note", remark)
  );
}

export const line: KindLine<TubeTest> = {
  words: [{ begins: /^(tube)(?=\s|$)\s*/i, read: readTube }],
  write: writeTube,
  examples: [
    {
      line: "tube V4 shorts none; gas none; gm 3700/4100 µS",
      says: "a tube on the tester, in the order of testing",
    },
  ],
};
