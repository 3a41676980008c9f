import type { CircuitSheet } from "../circuit";
import { SOURCE, SUPPLY, WIRE } from "../circuit";
import { ELECTROLYTIC_ROLES, windingName, type Join } from "../model";
import { format } from "../quantity";
import type { SymbolName } from "./symbols";

/** A row of the net as it is drawn. */
export type DrawnPart = {
  part: string;
  symbol: SymbolName;
  /** designator, value; what it is where it is a winding */
  lines: string[];
  a: string;
  b: string;
  tap?: string;
};

const IRON = /choke|field|output|transformer|primary$|secondary$/i;
const RADIO = /\bif\b|aerial|antenna|osc|\brf\b|loop|discriminator/i;

function windingLines(part: string, ohms: number): string[] {
  const [, designator, rest] = /^([A-Z]{1,3}\d{1,3})\s+(.+)$/.exec(part) ?? [];
  return [...(designator && rest ? [designator, rest] : [part]), format(ohms, "resistance", 3)];
}

function capacitorSymbol(sheet: CircuitSheet, electrolytic: boolean, { from }: Join): SymbolName {
  if (!electrolytic) return "capacitor";
  const supply = sheet.net?.find(({ part }) => part === SUPPLY);
  const plusIsChassis = supply?.to === "gnd";
  // The plus lies at the end that is not chassis, or at chassis where plus is chassis.
  return (from === "gnd") === plusIsChassis ? "polarised" : "polarised down";
}

/** A row of the net with its symbol and the words beside it. */
export function drawnPart(sheet: CircuitSheet, join: Join): DrawnPart {
  const { part, from: a, to: b, tap, at } = join;
  const ends = { part, a, b, ...(tap && tap !== a && tap !== b ? { tap } : {}) };
  if (WIRE.test(part)) return { ...ends, symbol: "wire", lines: [] };
  if (SOURCE.test(part)) return { ...ends, symbol: "source", lines: [part.replace(/^source\s+/i, "")] };
  const winding =
    sheet.windings.find((one) => one.winding === part) ?? sheet.windings.find((one) => windingName(one) === part);
  if (winding)
    return {
      ...ends,
      symbol: IRON.test(part) && !RADIO.test(part) ? "iron coil" : "coil",
      lines: windingLines(part, winding.ohms),
    };
  const [designator = part, section] = part.split("/");
  const component = sheet.components.find((one) => one.designator === designator);
  const drawn = section ? component?.sections?.[Number(section) - 1] : component;
  const lines = [part, ...(drawn?.drawn ? [drawn.drawn] : [])];
  const role = drawn?.role ?? component?.role;
  const electrolytic = role !== undefined && (ELECTROLYTIC_ROLES as readonly string[]).includes(role);
  const symbolOf = (): SymbolName => {
    if (/^C/.test(part)) return capacitorSymbol(sheet, electrolytic, join);
    if (/^[LT]\d/.test(part)) return "coil";
    if (/^D\d/.test(part)) return "diode";
    if (/^S\d/.test(part)) return at === 0 ? "open switch" : "closed switch";
    if (/^(LP|PL)\d/.test(part)) return "lamp";
    return tap ? "potentiometer" : "resistor";
  };
  return { ...ends, symbol: symbolOf(), lines };
}
