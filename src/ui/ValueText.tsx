import { printValue, type Quantity } from "@/core/quantity";

/** A value in tabular figures with its unit dimmed. */
export function ValueText({ value, quantity, digits }: { value: number; quantity: Quantity; digits?: number }) {
  const { number, unit } = printValue(value, quantity, digits);
  return (
    <span className="whitespace-nowrap">
      <span className="font-mono">{number}</span>
      <span className="dim">&#8201;{unit}</span>
    </span>
  );
}
