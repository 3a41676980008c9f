import { CAPACITOR_RULES, MAINS_ROLES, rulesOf, shopRulesSchema, type ShopRules } from "@/core/components";
import { roleWord } from "@/core/model";
import { readNumber } from "@/core/quantity";

/** A role's figures as typed: percents and factors. */
export type TypedRule = { low: string; high: string; factor: string; least: string };
export type TypedRules = { roles: Record<string, TypedRule>; wattMargin: string; resistorWindow: string };

const percent = (fraction: number) => String(Math.round(fraction * 1000) / 10).replace("-", "−");
const number = (text: string) => readNumber(text, /%/) ?? Number.NaN;

/** The rules as their form shows them. */
export function typedOf(rules: ShopRules): TypedRules {
  const { capacitors, wattMargin, resistorWindow } = rulesOf(rules);
  return {
    roles: Object.fromEntries(
      capacitors.map(({ role, low, high, factor, least }) => [
        role,
        { low: percent(low), high: percent(high), factor: String(factor), least: String(least) },
      ]),
    ),
    wattMargin: String(wattMargin),
    resistorWindow: percent(resistorWindow),
  };
}

export type ReadRules = { ok: true; value: ShopRules } | { ok: false; message: string };

/** Reads the form: only what differs from the trade's rules is kept as the shop's own. */
export function readRules(typed: TypedRules): ReadRules {
  const roles = [];
  for (const rule of CAPACITOR_RULES) {
    const fields = typed.roles[rule.role];
    if (!fields || MAINS_ROLES.includes(rule.role)) continue;
    const read = {
      low: number(fields.low) / 100,
      high: number(fields.high) / 100,
      factor: number(fields.factor),
      least: number(fields.least),
    };
    if (Object.values(read).some((value) => !Number.isFinite(value)))
      return { ok: false, message: `${roleWord(rule.role)}: a figure is missing or is no number.` };
    const differs = (["low", "high", "factor", "least"] as const).filter(
      (key) => Math.abs(read[key] - rule[key]) > 1e-9,
    );
    if (read.low > read.high)
      return { ok: false, message: `${roleWord(rule.role)}: the upper end of the window lies below its lower end.` };
    if (differs.length > 0)
      roles.push({ role: rule.role, ...Object.fromEntries(differs.map((key) => [key, read[key]])) });
  }
  const plain = rulesOf();
  const wattMargin = number(typed.wattMargin);
  const resistorWindow = number(typed.resistorWindow) / 100;
  if (!Number.isFinite(wattMargin) || !Number.isFinite(resistorWindow))
    return { ok: false, message: "A resistor’s figure is no number." };
  const parsed = shopRulesSchema.safeParse({
    roles,
    ...(wattMargin === plain.wattMargin ? {} : { wattMargin }),
    ...(Math.abs(resistorWindow - plain.resistorWindow) < 1e-9 ? {} : { resistorWindow }),
  });
  if (parsed.success) return { ok: true, value: parsed.data };
  const [issue] = parsed.error.issues;
  const at = issue?.path[0] === "roles" ? roles[Number(issue.path[1])]?.role : undefined;
  return { ok: false, message: `${at ? `${roleWord(at)}: ` : ""}${issue?.message ?? "That is not a rule."}` };
}
