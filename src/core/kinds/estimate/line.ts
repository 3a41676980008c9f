import { STEP_NAMES, STEPS, type Step } from "../../model";
import { formatMoney, parseSum, type Money } from "../../quantity";
import { clause, clauses, notUnderstood, readAs, type Clause } from "../../shorthand";
import type { KindLine, Reader } from "../kind";
import { readMinutes } from "../minutes";
import type { Estimate } from "./payload";

const SUMS = ["parts", "travel", "reserve", "deposit"] as const;
const WORDS = "labour or a step and a time, parts, travel, reserve, deposit, up to and a sum, remark";

/** `make safe 25 min`: a step and its time. */
function stepIn({ word, value }: Clause): { step: Step; minutes: number } | undefined {
  const text = `${word} ${value}`.toLowerCase();
  const step = STEPS.find((one) => text.startsWith(`${STEP_NAMES[one].toLowerCase()} `) || text.startsWith(`${one} `));
  const minutes = step ? readMinutes(text.slice(step.length)) : undefined;
  return step && minutes ? { step, minutes } : undefined;
}

/** `estimate 180 EUR; up to 220 EUR; find 1 h; fix 2 h; parts 40 EUR; deposit 50 EUR; remark tubes not counted` */
const read: Reader = (rest, { currency }) => {
  const { first, named } = clauses(rest);
  const total = parseSum(first, currency);
  if (!total)
    return notUnderstood(
      rest.start,
      "An estimate begins with its sum, tax included: estimate 180 EUR; labour 2 h; parts 40 EUR.",
    );
  const steps: { step: Step; minutes: number }[] = [];
  const said: Record<string, unknown> = { v: 2, total, parts: { ...total, minor: 0 } };
  for (const one of named) {
    const { word, value, at } = one;
    const minutes = word === "labour" ? readMinutes(value) : undefined;
    const sum = SUMS.find((key) => key === word);
    const money: Money | undefined = sum ? parseSum(value, total.currency) : undefined;
    const most = word === "up" ? parseSum(value.replace(/^to\s+/i, ""), total.currency) : undefined;
    const step = stepIn(one);
    if (minutes !== undefined) said.labourMinutes = minutes;
    else if ((money ?? most) && (money ?? most)?.currency !== total.currency)
      return notUnderstood(at, `“${word} ${value}” is not in ${total.currency}: an estimate has one currency.`);
    else if (sum && money) said[sum] = money;
    else if (most) said.upTo = most;
    else if (step) steps.push(step);
    else if (word === "remark") said.remark = value;
    else return notUnderstood(at, `“${word} ${value}” is not known here: ${WORDS}.`);
  }
  said.labourMinutes ??= steps.reduce((all, { minutes }) => all + minutes, 0);
  if (steps.length > 0) said.steps = steps;
  return readAs(said, rest.start);
};

const sumClause = (word: string, sum: Money | undefined): string => (sum ? `; ${word} ${formatMoney(sum)}` : "");

export const line: KindLine<Estimate> = {
  words: [{ begins: /^(estimate)(?=\s|$)\s*/i, read }],
  write: ({ total, upTo, labourMinutes, steps = [], parts, travel, reserve, deposit, remark }) =>
    `estimate ${formatMoney(total)}${sumClause("up to", upTo)}; labour ${labourMinutes} min` +
    steps.map(({ step, minutes }) => `; ${STEP_NAMES[step].toLowerCase()} ${minutes} min`).join("") +
    `; parts ${formatMoney(parts)}` +
    sumClause("travel", travel) +
    sumClause("reserve", reserve) +
    sumClause("deposit", deposit) +
    clause("remark", remark),
  examples: [
    { line: "estimate 310 EUR; labour 4 h; parts 18 EUR", says: "what the owner was told" },
    {
      line: "estimate 310 EUR; up to 360 EUR; find 1 h; fix 3 h; parts 18 EUR; deposit 100 EUR",
      says: "before work: a range, the time by step; also travel, reserve, remark",
    },
  ],
};
