import { parseQuantity, type Quantity } from "@/core/quantity";

/** A figure of a tool as it was typed: above zero, or a sentence. */
export function figure(text: string, quantity: Quantity): { value?: number; problem?: string } {
  const parsed = parseQuantity(text, quantity);
  if (!parsed.ok) return { problem: parsed.kind === "ambiguous" ? parsed.question : parsed.message };
  return parsed.value > 0 ? { value: parsed.value } : { problem: "It is above zero." };
}
