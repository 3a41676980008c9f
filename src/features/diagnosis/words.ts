import { format } from "@/core/quantity";
import type { Hazard, TestNeed } from "@/core/diagnosis";
import type { Sheet } from "@/core/model";

/** A share in whole percent; below one in a hundred it says so. */
export const percent = (share: number): string =>
  share > 0 && share < 0.01 ? "< 1 %" : share > 0.99 && share < 1 ? "> 99 %" : format(share, "percent", 2);

/** How a test is done without being hurt, from the set it is done on. It never stands for a measurement of safety. */
export function caution(
  hazard: Hazard,
  { supply, highestVolts }: Pick<Sheet, "supply" | "highestVolts">,
  needs: readonly TestNeed[] = [],
): string {
  const volts = format(highestVolts, "voltage");
  const isolated = supply === "live-chassis" ? " On an isolation transformer only: the chassis is live." : "";
  switch (hazard) {
    case 0:
      return supply === "battery" || supply === "low-voltage"
        ? "Nothing here to be hurt by."
        : "With the cabinet closed or unplugged. Inside: discharged and measured first.";
    case 1:
      return `Covered or low voltage, but up to ${volts} is near: look where your other hand is.${isolated}`;
    case 2:
      return `Up to ${volts} under the probe: one hand, clip the meter on with the power off.${isolated}`;
    case 3:
      // With the cage open an interlock does not keep anybody: nobody is told that it does.
      return needs.includes("open")
        ? `Up to ${volts} and RF inside: power off, discharged and measured before a clip goes on; hands out, then power. Dummy load on.${isolated}`
        : `Up to ${volts} and RF: interlocks stay, dummy load on, hands off while it is keyed.${isolated}`;
  }
}
