import { onMains, type Sheet } from "../model";
import { format } from "../quantity";
import { FUSE_MOST, type SafeItem } from "./make-safe";
import { lineCurrent } from "./first-power";

/**
 * What is looked at before exactly this set goes out. What is measured is measured with an instrument and written down;
 * where the local code asks for a qualified person, that person does it.
 * @param sheet of the model
 */
export function finalList(sheet: Pick<Sheet, "supply" | "lineVolts" | "watts" | "highestVolts">): SafeItem[] {
  const { supply, watts, lineVolts } = sheet;
  const mains = onMains(supply);
  const amps = watts && mains ? lineCurrent(watts, lineVolts).full : undefined;
  const items: (SafeItem | false)[] = [
    mains && { key: "lead", text: "Mains lead, plug and strain relief sound, earth connected where there is one" },
    mains && {
      key: "fuse",
      text: amps
        ? `The fuse that is in it read and written down: the set draws about ${format(amps, "current", 2)}, one above ${format(amps * FUSE_MOST, "current", 2)} does not protect it`
        : "The fuse that is in it read and written down, of the rating on the plate",
      seen: true,
    },
    mains &&
      supply !== "live-chassis" && {
        key: "isolation",
        text: "Insulation from mains to chassis measured as the local code asks, by whom it asks",
        seen: true,
      },
    supply === "live-chassis" && {
      key: "knobs",
      text: "Knobs on, grub screws and chassis screws covered: nothing of the chassis can be touched",
    },
    supply === "live-chassis" && {
      key: "back",
      text: "Back cover on, aerial and earth sockets isolated by their capacitors",
    },
    supply === "live-chassis" && { key: "polarity", text: "The owner is shown which way round the plug goes" },
    supply === "high-voltage" && { key: "interlock", text: "Interlocks and covers back, none bridged" },
    supply === "battery" && {
      key: "plugs",
      text: "Plugs of the batteries marked, so that they cannot be changed over",
    },
    { key: "screws", text: "All screws back in their places, nothing left inside, nothing rattles" },
    { key: "accessories", text: "What came with it goes back with it" },
  ];
  return items.filter((item): item is SafeItem => item !== false);
}
