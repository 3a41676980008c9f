import { describe, expect, it } from "vitest";
import type { Offer } from "../stock";
import { findIn } from "./find";

const offer = (orderNumber: string, kind: Offer["kind"], marking: string, priceMinor: number): Offer => ({
  ...{ supplier: "Harbour", orderNumber, kind, marking, priceMinor },
  ...{ maker: "", currency: "EUR", pack: 1 },
});
const OFFERS = [
  offer("H-1", "film", "47 nF 630 V polypropylene", 45),
  offer("H-2", "film", "0.047 µF 250 V polyester", 20),
  offer("H-3", "resistor", "47 kΩ 1 W metal film", 9),
  offer("H-4", "resistor", "100 Ω 1 W ±5% metal film", 8),
  offer("T-1", "tube", "UF41", 950),
  offer("T-2", "tube", "6V6GT", 2600),
];
const found = (text: string) => findIn(OFFERS, text, 12).map(({ orderNumber }) => orderNumber);

describe("an article in the price lists", () => {
  it.each([
    ["47n", ["H-2", "H-1"]],
    [".047/400", ["H-1"]],
    ["0.047 uF 630 V", ["H-1"]],
    ["47k", ["H-3"]],
    ["47 kohm", ["H-3"]],
    ["100 ohm", ["H-4"]],
    ["100 Ω", ["H-4"]],
    ["uf41", ["T-1"]],
    ["6v6", ["T-2"]],
    ["metal film", ["H-4", "H-3"]],
    ["h-4", ["H-4"]],
    ["47k 2 W", []],
    ["EL84", []],
    ["   ", []],
  ])("%s", (text, numbers) => {
    expect(found(text)).toEqual(numbers);
  });

  it("is one of so many at most", () => {
    expect(findIn(OFFERS, "film", 2)).toHaveLength(2);
  });
});
