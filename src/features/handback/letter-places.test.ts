import { describe, expect, it } from "vitest";
import { USUAL_TERMS, priceOf } from "@/core/handback";
import { entry, SHEET, VISIT } from "@/core/fixtures";
import { settle } from "@/core/kinds";
import { placesFor } from "./letter-places";

const entries = [
  entry(1, { kind: "labour", payload: { v: 1, step: "fix", minutes: 60 } }),
  entry(2, {
    kind: "estimate",
    payload: {
      v: 2,
      labourMinutes: 60,
      parts: { minor: 0, currency: "EUR" },
      total: { minor: 5000, currency: "EUR" },
      upTo: { minor: 7000, currency: "EUR" },
    },
  }),
  entry(3, {
    kind: "hand-back",
    payload: { v: 1, summary: "plays", oldParts: "none", warrantyMonths: 6, nextService: "2027-05-01" },
  }),
];
const { settled } = settle(entries);
const from = {
  settled,
  visit: { id: VISIT, job: 1187 },
  owner: "Marguerite Osei",
  model: {
    id: "m",
    maker: "Halvane",
    designation: "537",
    nickname: "Lantern",
    year: 1937,
    sheet: SHEET,
    version: 1,
  } as never,
  shop: { name: "Saltmarsh Wireless Repair" },
  price: priceOf(settled, VISIT, USUAL_TERMS, "EUR"),
};

describe("what a letter says of a visit", () => {
  it("comes from its record", () => {
    expect(placesFor(from, "en")).toMatchObject({
      owner: "Marguerite Osei",
      job: "1187",
      done: "plays",
      // An hour at 45.00 and 21 % tax.
      price: "54.45 EUR",
      estimate: "50 EUR",
      most: "70 EUR",
      watch: "",
    });
  });

  it("has its days as the language writes them", () => {
    expect(placesFor(from, "en").due).toBe("1 May 2027");
    expect(placesFor(from, "de").due).toBe("1. Mai 2027");
    expect(placesFor(from, "fr").due).toBe("1 mai 2027");
    expect(placesFor(from, "nl").due).toBe("1 mei 2027");
  });

  it("leaves out what nobody has said", () => {
    const bare = { ...from, settled: [], price: priceOf([], VISIT, USUAL_TERMS, "EUR") };
    expect(placesFor(bare, "en")).toMatchObject({ price: "", warranty: "", told: "", due: "", deposit: "" });
  });
});
