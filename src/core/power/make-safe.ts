import { format } from "../quantity";
import { onMains, type Sheet } from "../model";
import { dischargeStick } from "./discharge";
import { LAST_OLD_MATERIALS_YEAR, TOUCH_LIMIT_VOLTS } from "./hazards";
import { lineCurrent } from "./first-power";
import { storedCharge, type Stored } from "./stored";

/** One line of the make-safe list: ticked, or measured in volts. */
export type SafeItem = {
  key: string;
  text: string;
  /** what is measured, and must not be above the limit, V */
  limitVolts?: number;
  /** a caution of the model */
  learnt?: boolean;
  /** what was seen or measured is written down with the tick */
  seen?: boolean;
};

/** A fuse above this multiple of the set's current protects the wiring of the house, not the set. Shop rule. */
export const FUSE_MOST = 3;

const article = (count: number, word: string) => `${count} ${word}${count === 1 ? "" : "s"}`;

/** How this set is discharged: from what, through what, how long. */
function dischargeText(charge: Stored): string {
  const { ohms, inSeries, watts, seconds, holdSeconds } = dischargeStick(charge.volts, charge.farads);
  const row = inSeries > 1 ? ` as ${inSeries} equal ones in series` : "";
  const farads = `${format(charge.farads, "capacitance")}${charge.known ? "" : " taken, since the sheet does not say,"}`;
  const time = seconds < 1 ? "less than a second" : format(seconds, "time", 2);
  return `Discharged from ${format(charge.volts, "voltage")} through ${format(ohms, "resistance")}${row}, ${watts} W wire-wound, well insulated: ${farads} to ${TOUCH_LIMIT_VOLTS} V in ${time}, held on for ${holdSeconds} s`;
}

/**
 * The make-safe list of exactly this set, in working order. What is left on the reservoir is measured; a list of
 * ticks or a calculated time never replaces that.
 * @param sheet of the model, @param year of make, when known
 */
export function makeSafeList(
  sheet: Parameters<typeof storedCharge>[0] & Pick<Sheet, "watts" | "tubes" | "cautions">,
  year: number | null,
): SafeItem[] {
  const { supply, watts, tubes } = sheet;
  const mains = onMains(supply);
  const charge = storedCharge(sheet);
  const stored = charge.volts > TOUCH_LIMIT_VOLTS;
  const amps = watts && mains ? lineCurrent(watts, sheet.lineVolts).full : undefined;
  const items: (SafeItem | false)[] = [
    mains
      ? { key: "unplugged", text: "Unplugged, the plug in sight" }
      : { key: "unplugged", text: "Batteries out, contacts looked at" },
    supply === "high-voltage" && {
      key: "interlock",
      text: "Interlocks in place and working; nobody else near the switch",
    },
    stored && {
      key: "discharged",
      text: dischargeText(charge),
    },
    stored && {
      key: "residual",
      text: "Measured on the reservoir after discharging",
      limitVolts: TOUCH_LIMIT_VOLTS,
    },
    mains && { key: "lead", text: "Mains lead, plug and strain relief sound; a cracked lead is replaced before power" },
    mains && {
      key: "fuse",
      text: amps
        ? `Fuse present, not bridged: the set draws about ${format(amps, "current", 2)}, a fuse above ${format(amps * FUSE_MOST, "current", 2)} does not protect it`
        : "Fuse present, not bridged, of the rating on the plate",
    },
    supply === "live-chassis" && {
      key: "isolation",
      text: "Isolation transformer ready; no grounded test gear on the chassis",
    },
    supply === "live-chassis" && { key: "knobs", text: "Knobs on, grub screws and fixing screws covered" },
    supply === "live-chassis" && {
      key: "polarity",
      text: "Which way round the plug goes, so that the chassis is on the neutral side",
    },
    supply === "battery" && { key: "plugs", text: "Plugs of the two batteries cannot be changed over; leads marked" },
    { key: "foreign", text: "Nothing foreign or loose inside; what rattled is out" },
    { key: "burnt", text: "No burnt parts, leaking capacitors, cracked insulation" },
    tubes.length > 0 && {
      key: "tubes",
      text: `${article(tubes.length, /^V/i.test(tubes[0]?.position ?? "") ? "tube" : "transistor")} as the line-up has them: ${tubes.map(({ position, type }) => `${position} ${type}`).join(", ")}`,
    },
    (supply === "transformer" || supply === "live-chassis") && {
      key: "speaker",
      text: "Loudspeaker connected, its field coil too where it has one: an output stage is never run without",
    },
    supply === "high-voltage" && { key: "load", text: "Dummy load ready that can take the power for that long" },
    year !== null &&
      year <= LAST_OLD_MATERIALS_YEAR &&
      supply !== "low-voltage" && {
        key: "materials",
        text: "Old materials looked for: asbestos sheet, PCB capacitors, selenium, radium dial",
      },
  ];
  const own = sheet.cautions
    .filter(({ step }) => step === "make-safe")
    .map(({ text }, index): SafeItem => ({ key: `caution-${index + 1}`, text, learnt: true }));
  return [...items.filter((item): item is SafeItem => item !== false), ...own];
}
