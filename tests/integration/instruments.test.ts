import { v7 } from "uuid";
import { describe, expect, it } from "vitest";
import { KIND_PROFILES, type Link } from "@/core/instruments";
import { instrumentById, instruments, saveInstrument, type Instrument } from "@/db/instruments";
import { openedShop } from "./shop";

const opened = openedShop();
const db = () => opened.held.db;
const link: Link = { host: "10.0.0.7", port: 5025, profile: KIND_PROFILES.generator, standIn: false };
const made = (fields: Partial<Instrument> = {}): Instrument => ({
  ...{ id: v7(), name: "Signal generator", kind: "generator", place: "long bench", link },
  ...{ calibratedOn: null, everyMonths: 12, retired: false, version: 0 },
  ...fields,
});

describe("the instruments of the shop", () => {
  it("are made, changed by whoever saw the last of them, and put behind the others when they are retired", async () => {
    const generator = made();
    expect(await saveInstrument(db(), generator)).toEqual({ ok: true, version: 1 });
    expect(await instrumentById(db(), generator.id)).toMatchObject({ name: "Signal generator", link, version: 1 });
    expect(await saveInstrument(db(), made({ name: "signal GENERATOR" }))).toMatchObject({
      ok: false,
      message: expect.stringContaining("already"),
    });
    const changed = { ...generator, place: "shelf", version: 1 };
    expect(await saveInstrument(db(), changed)).toEqual({ ok: true, version: 2 });
    expect(await saveInstrument(db(), { ...changed, place: "attic" })).toMatchObject({ ok: false });
    await saveInstrument(db(), { ...generator, retired: true, version: 2 });
    await saveInstrument(db(), made({ name: "Wobbly supply", kind: "supply", link: null }));
    expect((await instruments(db())).map(({ name }) => name)).toEqual(["Wobbly supply", "Signal generator"]);
    expect(await saveInstrument(db(), made({ id: v7(), name: "Never made", version: 3 }))).toMatchObject({ ok: false });
  });

  it("are of a kind that there is, with a name and months", async () => {
    await expect(saveInstrument(db(), made({ name: " ", kind: "supply" }))).rejects.toThrow();
    await expect(saveInstrument(db(), made({ name: "Odd", kind: "kettle" as never }))).rejects.toThrow();
    await expect(saveInstrument(db(), made({ name: "Months", everyMonths: 0 }))).rejects.toThrow();
  });
});
