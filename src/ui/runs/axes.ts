import { givesOf, type TestSheet } from "@/core/sheets";
import type { Axis } from "./RunChart";

/** The axes of a sheet's curve. */
export function axesOf(sheet: TestSheet): { x: Axis; y: Axis; log: boolean } | undefined {
  const { curve } = sheet;
  if (!curve) return undefined;
  const axis = (key: string): Axis | undefined => {
    const column = [...sheet.rowBy, ...sheet.columns].find((one) => one.key === key);
    if (column) return { name: column.name, quantity: column.quantity, unit: "" };
    const worked = sheet.worked.find((one) => one.key === key);
    return worked && { name: worked.name, quantity: givesOf(worked.by), unit: "" };
  };
  const [x, y] = [axis(curve.x), axis(curve.y)];
  return x && y && { x, y, log: curve.log };
}
