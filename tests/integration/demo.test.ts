import { afterAll, beforeAll, expect, it } from "vitest";
import { seedWhenEmpty } from "../../scripts/demo-data/seed";
import { searchSets } from "@/db/search";
import { setFiles } from "@/db/sets";
import { setsInShop } from "@/db/summaries";
import { closedAt, timeline } from "@/core/history";
import { settle } from "@/core/kinds";
import type { Sheet } from "@/core/model";
import { calibrationOf } from "@/core/readings";
import {
  boardState,
  compareVisit,
  fittedHeaters,
  poweredUp,
  powerRecords,
  recapOf,
  stoppedAt,
  tubePlaces,
} from "@/core/visit";
import { STOCK_TABLE } from "@/core/stock";
import { readRows, writeRows } from "@/core/tables";
import { strangers } from "@/core/tubes";
import { offers } from "@/db/offers";
import { importStock, movesOf, stockItems } from "@/db/stock";
import { usesOf } from "@/db/uses";
import { attachmentsOf } from "@/db/attachments";
import { meters } from "@/db/shop";
import { demoDatabase, freshDatabase } from "./shop";

let held: Awaited<ReturnType<typeof freshDatabase>>;
const now = new Date();
const find = async (query: string) =>
  (await searchSets(held.db, query, now.toISOString())).hits.map(({ serial }) => serial);
/** The first set that is found, with its log. */
const fileOf = async (query: string) => {
  const { hits } = await searchSets(held.db, query, now.toISOString());
  return (await setFiles(held.db, hits[0] ? [hits[0].id] : []))[0];
};

beforeAll(async () => {
  held = await demoDatabase();
});
afterAll(() => held.close());

it("loads once", async () => {
  expect(await seedWhenEmpty(held.url, now)).toBe(false);
});

it("fills the board with sets at different steps, some of them waiting", async () => {
  const files = await setsInShop(held.db);
  const states = files.flatMap((file) => {
    const { settled } = settle(file.entries);
    return file.visits
      .filter((visit) => !closedAt(settled, visit.id))
      .map((visit) =>
        boardState({
          sheet: file.model.sheet,
          year: file.model.year,
          settled,
          visitId: visit.id,
          now: now.toISOString(),
        }),
      );
  });
  expect(states).toHaveLength(9);
  expect(new Set(states.map((state) => state.step)).size).toBeGreaterThan(3);
  expect(new Set(states.flatMap((state) => state.waits.map((wait) => wait.for)))).toEqual(
    new Set(["parts", "owner", "process"]),
  );
});

it("tells the first set's two visits, nine years apart", async () => {
  const file = await fileOf("H-20417");
  const visits = timeline(settle(file?.entries ?? []).settled, file?.visits ?? []);
  expect(visits.map((visit) => [visit.job, Boolean(visit.closedAt)])).toEqual([
    [214, true],
    [1187, false],
  ]);
  const [first, second] = visits;
  const years = (Date.parse(second?.openedAt ?? "") - Date.parse(first?.openedAt ?? "")) / (365.25 * 86_400_000);
  expect(years).toBeGreaterThan(8.9);
});

it("finds sets by tag, model, owner, serial and designator, all words together", async () => {
  expect(await find("1190")).toEqual(["N48-3316"]);
  expect(await find("#214")).toEqual(["H-20417"]);
  expect(await find("lantern")).toEqual(["H-20417"]);
  expect((await find("osei")).sort()).toEqual(["7-08811", "H-20417"]);
  expect(await find("osei halvane")).toEqual(["H-20417"]);
  expect(await find("c31")).toEqual(["CR-1174"]);
  expect(await find("chirps")).toEqual(["T60-338"]);
  expect(await find("100%")).toEqual([]);
  expect(await find("' or 1=1 --")).toEqual([]);
  const hit = (await searchSets(held.db, "halvane C14", now.toISOString())).hits[0];
  expect(hit?.position).toMatchObject({ state: "restuffed" });
  expect(hit?.lastWork).toContain("47 nF 630 V");
});

it("has a finished power-up with a stop in it, one that waits, and a proof under the baseline's own set-up", async () => {
  const lantern = await fileOf("H-20417");
  const settled = settle(lantern?.entries ?? []).settled;
  const visit = (job: number) => lantern?.visits.find((one) => one.job === job)?.id ?? "";
  const verdicts = powerRecords(settled, visit(214)).map((record) => record.judgement.verdict);
  expect(verdicts.filter((verdict) => verdict === "stop")).toHaveLength(1);
  expect(verdicts.at(-1)).toBe("go");
  expect(poweredUp(settled, visit(214))).toBe(true);
  expect(powerRecords(settled, visit(1187)).map((record) => record.judgement.verdict)).not.toContain("stop");
  const proof = compareVisit(lantern?.model.sheet as Sheet, 1937, settled, visit(1187));
  expect(proof.filter((row) => row.outcome === "mended").map((row) => row.point)).toEqual([
    "V2 screen",
    "V3 plate",
    "V4 cathode",
  ]);
  expect(proof.flatMap((row) => row.setup)).toEqual([]);
  const regent = await fileOf("R31-0457");
  const stop = stoppedAt(settle(regent?.entries ?? []).settled, regent?.visits.at(-1)?.id ?? "");
  expect(stop?.judgement.reasons[0]?.rule).toBe("no-bplus");
});

it("ships drawings of its own making, and the shop's meters, one of them overdue", async () => {
  const lantern = await fileOf("H-20417");
  const files = await attachmentsOf(held.db, lantern?.id ?? "");
  expect(files.map(({ type, thumb }) => [type, thumb])).toEqual([
    ["image/png", true],
    ["image/png", true],
  ]);
  const states = (await meters(held.db)).map((one) =>
    calibrationOf(one.calibratedOn, one.everyMonths, now.toISOString()),
  );
  expect(states.map(({ state }) => state).sort()).toEqual(["good", "never", "overdue"]);
});

/** A visit of the demo as the screens see it. */
async function visitOf(serial: string) {
  const file = await fileOf(serial);
  if (!file) throw new Error(`no set ${serial}`);
  const { settled } = settle(file.entries);
  const visit = file.visits.at(-1);
  return { sheet: file.model.sheet, year: file.model.year, settled, visitId: visit?.id ?? "", now: now.toISOString() };
}

it("fills the drawers, with moves that tell how what is left came to be", async () => {
  const items = await stockItems(held.db);
  expect(items.length).toBeGreaterThanOrEqual(240);
  for (const item of items) {
    const moves = await movesOf(held.db, item.id);
    expect(moves.reduce((sum, { quantity }) => sum + quantity, 0)).toBe(item.onHand);
    expect(item.onHand).toBeGreaterThanOrEqual(0);
  }
  const film = items.find(({ bin }) => bin === "B-13");
  expect(
    (await usesOf(held.db, [film?.id ?? ""])).map(({ serial, designators }) => [serial, designators]).sort(),
  ).toEqual([
    ["CR-1174", "C31"],
    ["H-20417", "C5"],
    ["H-20417", "C7"],
  ]);
  expect(new Set((await offers(held.db)).map(({ supplier }) => supplier)).size).toBe(2);
}, 120_000);

it("has a plan of the Lantern that is half worked through", async () => {
  const plan = recapOf(await visitOf("H-20417"));
  const at = (designator: string) => plan.find((line) => line.designator === designator);
  expect(plan.length).toBeGreaterThan(25);
  expect(at("C3")).toMatchObject({ action: "done", reason: "A safety-rated part of the right class sits there." });
  expect(at("C5")?.action).toBe("done");
  expect(at("C9")?.action).toBe("replace");
  expect(at("R11")?.action).toBe("replace");
  expect(at("C13")).toMatchObject({ action: "keep", override: expect.stringContaining("mica") as string });
  expect(plan.filter(({ action }) => action === "test").length).toBeGreaterThan(3);
});

it("has a tube of the wrong current in the Fjord, and tubes over the years in the communications receiver", async () => {
  const fjord = await visitOf("N48-3316");
  expect(
    strangers(fittedHeaters(tubePlaces(fjord), fjord.sheet)).map(({ position, type }) => `${position} ${type}`),
  ).toEqual(["V2 26A6 on an adapter"]);
  const v5 = tubePlaces(await visitOf("CR-1174")).find(({ position }) => position === "V5");
  expect(v5?.records.map(({ ratio }) => Math.round((ratio ?? 0) * 100))).toEqual([98, 85, 71]);
});

it("gives its stock out as a list that comes in again and changes nothing", async () => {
  const before = await stockItems(held.db);
  const read = readRows(STOCK_TABLE, writeRows(STOCK_TABLE, before), {});
  expect(read.bad).toBe(0);
  const rows = read.rows.flatMap(({ row }) => row ?? []);
  expect(await importStock(held.db, rows, null)).toMatchObject({ made: 0, counted: 0 });
  const plain = (items: typeof before) => items.map(({ version: _version, ...item }) => item);
  expect(plain(await stockItems(held.db))).toEqual(plain(before));
}, 120_000);
