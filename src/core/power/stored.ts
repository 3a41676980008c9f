import { drawnSpec, sectionSpecs, type Component, type Role, type Sheet } from "../model";
import { noLoadPeak } from "./peak";

/** Roles whose capacitors hold the charge of the high voltage. */
const HOLDS: readonly Role[] = ["reservoir", "smoothing"];
/** Taken for the filter of a set whose sheet does not tell it, F. Shop rule: the largest that is usual in these sets. */
export const LARGEST_FILTER = 100e-6;

/** The farads of a component that hold the high voltage; undefined where its marking does not read. */
function faradsOf(component: Component, sheet: Pick<Sheet, "dialect">): number | undefined {
  const { sections = [], role } = component;
  if (sections.length > 0) {
    const held = sectionSpecs(component).filter(({ section }) => HOLDS.includes(section.role));
    const read = held.map(({ spec }) => spec?.sections[0]);
    return read.some((one) => one === undefined) ? undefined : read.reduce<number>((sum, one) => sum + (one ?? 0), 0);
  }
  if (!HOLDS.includes(role)) return 0;
  return drawnSpec(sheet, component)?.sections.reduce((sum, one) => sum + one, 0);
}

export type Stored = { volts: number; farads: number; /** the sheet tells the capacitors */ known: boolean };

/**
 * What a set holds when it is switched off: the peak that B+ can stand at, V, and the capacitors of its filter, F, as if
 * all stood side by side. Where one of them is not known the largest usual filter is taken, if that is more.
 */
export function storedCharge(sheet: Parameters<typeof noLoadPeak>[0] & Pick<Sheet, "components" | "dialect">): Stored {
  const all = sheet.components.map((component) => faradsOf(component, sheet));
  const sum = all.reduce<number>((total, one) => total + (one ?? 0), 0);
  const known = sum > 0 && all.every((one) => one !== undefined);
  return { volts: noLoadPeak(sheet).volts, farads: known ? sum : Math.max(sum, LARGEST_FILTER), known };
}
