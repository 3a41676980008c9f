import { format } from "../quantity";
import type { Sheet, Step } from "../model";

export type Hazard = { level: "danger" | "caution"; short: string; detail: string };

/**
 * Direct voltage above which a part inside can injure, V. IEC 61140 takes 60 V DC as the dry-skin limit of ELV.
 * @example a sheet of 61 V has a danger and a discharge, one of 60 V has neither
 */
export const TOUCH_LIMIT_VOLTS = 60;
/** Up to this year asbestos, PCB capacitors and selenium are to be expected. Shop rule. */
export const LAST_OLD_MATERIALS_YEAR = 1975;

const DEFER = "Local electrical codes and licensed practice come first.";

/**
 * The hazards of a set, from its supply, its highest voltage and its age; the worst first.
 * They are reminders for a trained person and stand for no measurement.
 * @param sheet supply class, highest and line voltage (V) of the model
 * @param year of make, when known
 */
export function hazards(sheet: Pick<Sheet, "supply" | "highestVolts" | "lineVolts">, year: number | null): Hazard[] {
  const { supply, highestVolts } = sheet;
  const high = format(highestVolts, "voltage");
  const list: Hazard[] = [];
  if (supply === "live-chassis")
    list.push({
      level: "danger",
      short: `Live chassis at ${format(sheet.lineVolts, "voltage")}`,
      detail:
        "The chassis can stand at line voltage. Isolation transformer; no grounded test gear on the chassis; knobs and screws insulated; check which way round the plug is.",
    });
  if (supply === "high-voltage")
    list.push({
      level: "danger",
      short: `${high} and RF`,
      detail:
        "Kilovolts and RF burn and kill. Interlocks stay in; into a dummy load only; operation only with a licence. Discharge, then measure, before a hand goes in.",
    });
  if (highestVolts > TOUCH_LIMIT_VOLTS && supply === "battery")
    list.push({
      level: "danger",
      short: `${high} while its batteries are in`,
      detail:
        "Take the batteries out. Capacitors can keep a charge: discharge them through a resistor, then measure, before a hand goes in.",
    });
  else if (highestVolts > TOUCH_LIMIT_VOLTS && supply !== "high-voltage")
    list.push({
      level: "danger",
      short: `${high} stays after unplugging`,
      detail:
        "Unplug, discharge through a resistor, then measure at the reservoir. One hand away. No calculated time is permission to touch.",
    });
  if (supply === "transformer" || supply === "live-chassis" || supply === "high-voltage")
    list.push({
      level: "caution",
      short: "Mains",
      detail: `Lead, fuse, switch and earthing are mains wiring. ${DEFER}`,
    });
  if (year !== null && year <= LAST_OLD_MATERIALS_YEAR && supply !== "low-voltage")
    list.push({
      level: "caution",
      short: "Old materials",
      detail:
        "Asbestos sheet, PCB in capacitors, selenium smoke, radium dials, lead solder: no sanding, no grinding; gloves; air.",
    });
  if (highestVolts <= TOUCH_LIMIT_VOLTS)
    list.push({
      level: "caution",
      short: `Low voltage, ${high} at most`,
      detail:
        "No shock hazard of its own. Mind the polarity of the supply and its current limit; a slipped probe still kills transistors.",
    });
  return list;
}

/** Hazards that matter with hands inside at a step; at the desk (take in, hand back) only the worst one is repeated. */
export function hazardsAt(step: Step, list: readonly Hazard[]): Hazard[] {
  return step === "take-in" || step === "hand-back" ? list.slice(0, 1) : [...list];
}
