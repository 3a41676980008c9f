import type { Link } from "@/core/instruments";
import { type FormRead } from "./form-read";
import { readCommon, readLink, type TypedLink } from "./typed-instruments";
import { isCurrency, parseQuantity, readNumber, readWhole, type Quantity } from "@/core/quantity";
import { parseMeterLoad } from "@/core/readings";
import { parseLoads, writeLoads, type DummyLoad } from "@/core/transmit";
import type { Shop } from "@/db/shop";

/** What a shop's page holds while it is typed. */
export type TypedShop = {
  name: string;
  lineVolts: string;
  lineHz: string;
  currency: string;
  lamps: string;
  loads: string;
  lockMinutes: string;
};
export type TypedMeter = {
  name: string;
  input: string;
  calibratedOn: string;
  everyMonths: string;
  retired: boolean;
} & TypedLink;

/** The shop as its form shows it. */
export const typedShop = ({ name, lineVolts, lineHz, currency, lamps, loads, lockMinutes }: Shop): TypedShop => ({
  name,
  lineVolts: String(lineVolts),
  lineHz: String(lineHz),
  currency,
  lamps: lamps.join(", "),
  loads: writeLoads(loads),
  lockMinutes: String(lockMinutes),
});

const valueOf = (text: string, quantity: Quantity): number | undefined => {
  const parsed = parseQuantity(
    quantity === "frequency" && /^[\d.,]+$/.test(text.trim()) ? `${text} Hz` : text,
    quantity,
  );
  return parsed.ok ? parsed.value : undefined;
};

/** Reads the shop as it was typed; every problem stands beside its field. */
export function readShop(typed: TypedShop): FormRead<{
  name: string;
  lineVolts: number;
  lineHz: number;
  currency: string;
  lamps: number[];
  loads: DummyLoad[];
  lockMinutes: number;
}> {
  const problems: Record<string, string> = {};
  const name = typed.name.trim();
  if (name.length > 80) problems.name = "A name is shorter than 80 characters.";
  const lineVolts = valueOf(typed.lineVolts, "voltage");
  if (lineVolts === undefined || lineVolts < 90 || lineVolts > 480)
    problems.lineVolts = "The line at the bench lies between 90 and 480 V.";
  const lineHz = valueOf(typed.lineHz, "frequency");
  if (lineHz === undefined || lineHz < 16 || lineHz > 400)
    problems.lineHz = "The line is 50 or 60 Hz nearly everywhere.";
  const currency = typed.currency.trim().toUpperCase();
  if (!isCurrency(currency)) problems.currency = "A currency is the three letters of one, like EUR.";
  const lamps = typed.lamps
    .split(/[,;\s]+/)
    .filter(Boolean)
    .map((text) => readNumber(text, /w/) ?? 0);
  if (lamps.some((watts) => !(watts > 0 && watts <= 2000)) || lamps.length > 30)
    problems.lamps = "Lamps are watts with commas between them: 25, 60, 100.";
  const lockMinutes = readWhole(typed.lockMinutes, /min/) ?? -1;
  if (lockMinutes < 0 || lockMinutes > 480)
    problems.lockMinutes = "Minutes from 1 to 480; 0 for a screen that is never locked.";
  const loads = parseLoads(typed.loads);
  if (!loads.ok) problems.loads = loads.message;
  if (Object.keys(problems).length > 0) return { ok: false, problems };
  return {
    ok: true,
    value: {
      loads: loads.ok ? loads.loads : [],
      lockMinutes,
      name,
      lineVolts: lineVolts ?? 0,
      lineHz: lineHz ?? 0,
      currency,
      lamps: [...new Set(lamps)].sort((a, b) => a - b),
    },
  };
}

/** Reads the name of somebody who works here. */
export function readName(typed: string): FormRead<string> {
  const name = typed.trim().replaceAll(/\s+/g, " ");
  if (!name) return { ok: false, problems: { name: "Say who is at the bench: every entry carries a name." } };
  if (name.length > 80) return { ok: false, problems: { name: "A name is shorter than 80 characters." } };
  return { ok: true, value: name };
}

/** Reads a meter as it was typed; its input is ohms per volt (`20 kΩ/V`) or ohms (`10 MΩ`). */
export function readMeter(typed: TypedMeter): FormRead<{
  name: string;
  ohmsPerVolt: number | null;
  inputOhms: number | null;
  calibratedOn: string | null;
  everyMonths: number;
  retired: boolean;
  link: Link | null;
}> {
  const problems: Record<string, string> = {};
  const common = readCommon(typed, problems);
  const load = parseMeterLoad(typed.input);
  if (!load) problems.input = "What it is to the circuit: 20 kΩ/V for a pointer meter, 10 MΩ for a digital one.";
  const link = readLink(typed, problems);
  if (Object.keys(problems).length > 0) return { ok: false, problems };
  return {
    ok: true,
    value: {
      link,
      ...common,
      ohmsPerVolt: load?.ohmsPerVolt ?? null,
      inputOhms: load?.inputOhms ?? null,
      retired: typed.retired,
    },
  };
}

export type TypedSealLine = { setId: string; of: "entries" | "files"; count: string; seal: string };

/** Fewest characters of a seal that say something: two of its groups. */
const LEAST_OF_SEAL = 16;

/** Reads a line of a printed sheet of seals. */
export function readSealLine(
  typed: TypedSealLine,
): FormRead<{ setId: string; of: "entries" | "files"; count: number; seal: string }> {
  const problems: Record<string, string> = {};
  const count = readWhole(typed.count) ?? -1;
  if (count < 0 || count > 10_000_000) problems.count = "The number beside the seal on the sheet, like 128.";
  const seal = typed.seal.replaceAll(/\s/g, "").toLowerCase();
  if (!/^[0-9a-f]*$/.test(seal)) problems.seal = "A seal has the digits 0 to 9 and the letters a to f.";
  else if (seal.length < LEAST_OF_SEAL || seal.length > 64)
    problems.seal = "A seal has 64 characters; type the first 16 at least.";
  if (Object.keys(problems).length > 0) return { ok: false, problems };
  return { ok: true, value: { setId: typed.setId, of: typed.of, count, seal } };
}
