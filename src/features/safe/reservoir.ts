import { drawnSpec, type Sheet } from "@/core/model";

/**
 * What can hold charge behind the rectifier, by the parts list: reservoir and smoothing capacitors together, F.
 * @returns undefined when the list has none whose value reads
 */
export function reservoirOf(sheet: Sheet): number | undefined {
  const sums = sheet.components
    .filter(({ role }) => role === "reservoir" || role === "smoothing")
    .flatMap((component) => {
      const spec = drawnSpec(sheet, component);
      return spec?.quantity === "capacitance" ? [spec.sections.reduce((sum, value) => sum + value, 0)] : [];
    });
  return sums.length > 0 ? sums.reduce((sum, value) => sum + value, 0) : undefined;
}
