import type { Role } from "../model";
import { BYPASS_RATING, WATT_MARGIN, type Margins } from "../thumb";
import type { ShopRules } from "./shop-rules";

/** What a replacement is made of. */
export const KINDS = ["electrolytic", "film", "X", "Y", "low-loss", "buffer", "resistor"] as const;
export type Kind = (typeof KINDS)[number];
export const KIND_WORDS: Record<Kind, string> = {
  electrolytic: "electrolytic",
  film: "film",
  X: "X1 or X2, safety-rated",
  Y: "Y1 or Y2, safety-rated",
  "low-loss": "silver mica or C0G",
  buffer: "buffer capacitor",
  resistor: "resistor",
};

/** The voltage that a rating is reckoned from. */
export type RatedFrom = "no-load" | "b-plus" | "bias" | "rail" | "original" | "mains" | "fixed";

export type RoleRule = {
  role: Role;
  /** window of the value around the drawn one, as fractions */
  low: number;
  high: number;
  ratedFrom: RatedFrom;
  /** the rating is at least this many times that voltage */
  factor: number;
  /** and never below this, V */
  least: number;
  kind: Kind;
  /** which lead goes where */
  orientation: string;
  note: string;
};

const rule = (
  role: Role,
  [low, high]: [number, number],
  ratedFrom: RatedFrom,
  [factor, least]: [number, number],
  kind: Kind,
  orientation: string,
  note: string,
): RoleRule => ({ role, low, high, ratedFrom, factor, least, kind, orientation, note });

/**
 * What may take a capacitor's place, by its role. Shop rules: the trade's usual ones, each of which a shop can change,
 * except that across the mains and from mains to chassis only safety-rated parts are ever proposed (IEC 60384-14).
 */
export const CAPACITOR_RULES: readonly RoleRule[] = [
  rule("mains", [-0.7, 0], "mains", [1, 0], "X", "", "Across the mains: X class, no larger than the original."),
  rule(
    "mains-to-chassis",
    [-0.7, 0],
    "mains",
    [1, 0],
    "Y",
    "",
    "From mains to chassis or aerial: Y class, no larger than the original. A larger one lets more current through a person.",
  ),
  rule(
    "reservoir",
    [-0.1, 0.5],
    "no-load",
    [1.1, 0],
    "electrolytic",
    "plus to the rectifier",
    "Stands at the no-load peak until the tubes draw; never larger than the rectifier allows; ripple current counts.",
  ),
  rule("smoothing", [-0.2, 1], "no-load", [1.1, 0], "electrolytic", "plus to B+", "Stands at the no-load peak too."),
  rule(
    "cathode-bypass",
    [-0.2, 1.5],
    "bias",
    [BYPASS_RATING.factor, BYPASS_RATING.least],
    "electrolytic",
    "plus to the cathode",
    "",
  ),
  rule(
    "coupling",
    [-0.2, 0.2],
    "no-load",
    [1.25, 0],
    "film",
    "outer foil to the driving plate",
    "Low leakage: it keeps the plate's volts off the next grid.",
  ),
  rule("decoupling", [-0.2, 1], "b-plus", [1.25, 0], "film", "outer foil to chassis", ""),
  rule("avc", [-0.2, 0.2], "fixed", [1, 100], "film", "outer foil to chassis", "Sets a time constant: keep the value."),
  rule(
    "tone",
    [-0.1, 0.1],
    "b-plus",
    [1.25, 0],
    "film",
    "outer foil to the lower impedance",
    "Shapes the response: keep the value, unless it is chosen by listening.",
  ),
  rule(
    "tuned",
    [-0.05, 0.05],
    "original",
    [1, 0],
    "low-loss",
    "",
    "Keep it if it is within tolerance: another one means aligning.",
  ),
  rule(
    "vibrator-buffer",
    [-0.05, 0.05],
    "fixed",
    [1, 1600],
    "buffer",
    "",
    "Never left out, never another value: vibrator and transformer die of it.",
  ),
  rule(
    "rail",
    [-0.2, 1],
    "rail",
    [1.25, 0],
    "electrolytic",
    "plus to the positive side of the rail",
    "The rail is at most 80 % of the rating.",
  ),
  rule("other", [-0.2, 0.2], "no-load", [1.25, 0], "film", "", "No role is written down: rated as if it stood on B+."),
];

export const MAINS_ROLES: readonly Role[] = ["mains", "mains-to-chassis"];

/**
 * A resistor's replacement: window of the value. Trade rule.
 * @example for 470 kΩ anything from 423 to 517 kΩ
 */
export const RESISTOR_WINDOW = 0.1;
/** From this share of its wattage a resistor is a hot spot. Follows from the margin. */
export const HOT_SHARE = 1 / WATT_MARGIN;

/**
 * An electrolytic stays so many years before it is looked at again. Shop rule.
 * @example fitted in 2010, looked at again in 2026
 */
export const ELECTROLYTIC_YEARS = 15;
/**
 * Paper capacitors were usual up to this year; later ones are plastic film, which lasts. Shop rule.
 * @example .05/400 of 1937 is paper, of 1968 film
 */
export const LAST_PAPER_YEAR = 1965;

export type Rules = {
  capacitors: readonly (RoleRule & { changed: boolean })[];
  wattMargin: number;
  resistorWindow: number;
};

/** The trade's rules with what the shop has changed. Safety classes cannot be changed. */
export function rulesOf(shop: ShopRules = { roles: [] }): Rules {
  return {
    capacitors: CAPACITOR_RULES.map((one) => {
      const change = MAINS_ROLES.includes(one.role) ? undefined : shop.roles.find(({ role }) => role === one.role);
      if (!change) return { ...one, changed: false };
      const { low = one.low, high = one.high, factor = one.factor, least = one.least } = change;
      // A window turned inside out by changing one end only is no window.
      return { ...one, low: Math.min(low, high), high: Math.max(low, high), factor, least, changed: true };
    }),
    wattMargin: shop.wattMargin ?? WATT_MARGIN,
    resistorWindow: shop.resistorWindow ?? RESISTOR_WINDOW,
  };
}

/** The rule of a capacitor's role; roles that no capacitor usually has are treated as unknown. */
export const ruleFor = (rules: Rules, role: Role): RoleRule => {
  const fallback = rules.capacitors.find((one) => one.role === "other");
  const found = rules.capacitors.find((one) => one.role === role) ?? fallback;
  if (!found) throw new RangeError("the rules have no line for unknown roles");
  return found;
};

/** The margins of the shop's rules, for what is reckoned elsewhere: bias resistors, droppers, bypasses. */
export function marginsOf(rules: Rules): Margins {
  const { factor, least } = ruleFor(rules, "cathode-bypass");
  return { watts: rules.wattMargin, bypass: { factor, least } };
}
