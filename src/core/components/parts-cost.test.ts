import { describe, expect, it } from "vitest";
import { stockItem } from "../fixtures";
import type { Offer } from "../stock";
import type { PlanNeed } from "./needs";
import { partsCost } from "./parts-cost";

const need = (designator: string, farads: number): PlanNeed => ({
  designator,
  quantity: "capacitance",
  value: farads,
  window: [farads * 0.8, farads * 1.2],
  volts: 400,
  kind: "film",
  orientation: "",
  mains: false,
});
const offer = (marking: string, priceMinor: number, currency = "EUR"): Offer => ({
  supplier: "Eastholm Parts",
  orderNumber: marking,
  kind: "film",
  marking,
  maker: "",
  priceMinor,
  currency,
  pack: 1,
});
const stocked = (marking: string, priceMinor: number | null, onHand = 1) =>
  stockItem({ kind: "film", marking, priceMinor, currency: "EUR", onHand });
const WITH = { year: 2026, currency: "EUR" };

describe("what the parts of a plan cost", () => {
  it("by hand: one out of stock, one by a price list, one that nobody has", () => {
    const needs = [need("C1", 47e-9), need("C2", 100e-9), need("C3", 10e-6)];
    const cost = partsCost(needs, [stocked("47 nF 630 V", 80)], [offer("100 nF 630 V", 120)], WITH);
    expect(cost).toEqual({ minor: 200, priced: 2, unpriced: ["C3"] });
  });

  it("leaves out a part without a price, and a price in another currency", () => {
    const needs = [need("C1", 47e-9), need("C2", 100e-9)];
    const cost = partsCost(needs, [stocked("47 nF 630 V", null)], [offer("100 nF 630 V", 120, "USD")], WITH);
    expect(cost).toEqual({ minor: 0, priced: 0, unpriced: ["C1", "C2"] });
  });
});
