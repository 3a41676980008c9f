import { describe, expect, it } from "vitest";
import { barredByStays } from ".";
import { amend, atOf, entry, idOf, note, replace, withdraw } from "../fixtures";
import { settle, type Content, type Entry } from "../kinds";

const takeIn: Content = { kind: "take-in", payload: { v: 1, complaint: "hums" } } as Content;
const handBack: Content = { kind: "hand-back", payload: { v: 1, summary: "Plays.", oldParts: "none" } };
const OTHER = idOf(700);
const of = (visitId: string, one: Entry): Entry => ({ ...one, visitId });
const barred = (one: Entry, log: Entry[]) => barredByStays(one as Entry & Content, settle(log).settled);

describe("the comings and goings of a set", () => {
  const stay = [entry(1, takeIn), entry(5, handBack)];

  it("a visit is handed back once, until that is withdrawn", () => {
    expect(barred(entry(6, handBack), stay)).toContain("correct that entry");
    expect(barred(entry(6, handBack), [...stay, amend(7, idOf(5), withdraw())])).toBeUndefined();
    expect(barred(entry(5, handBack), stay)).toBeUndefined();
  });

  it("nothing is done to a set that has gone; what was done before is written later", () => {
    expect(barred(entry(6, replace("C14", "47n")), stay)).toContain("handed back on 2026-01-01");
    expect(barred({ ...entry(6, replace("C14", "47n")), at: atOf(4) }, stay)).toBeUndefined();
    expect(barred(entry(6, note("the owner calls: it plays")), stay)).toBeUndefined();
    expect(barred(of(OTHER, entry(6, replace("C14", "47n"))), stay)).toBeUndefined();
  });

  it("a set that is here is not taken in", () => {
    expect(barred(of(OTHER, entry(6, takeIn)), stay)).toBeUndefined();
    expect(barred(of(OTHER, entry(6, takeIn)), stay.slice(0, 1))).toContain("is in the shop");
    expect(barred(entry(6, takeIn), stay)).toContain("was handed back");
    expect(barred(entry(6, takeIn), stay.slice(0, 1))).toBeUndefined();
    expect(barred(of(OTHER, entry(6, takeIn)), [entry(1, takeIn), amend(2, idOf(1), withdraw())])).toBeUndefined();
  });
});
