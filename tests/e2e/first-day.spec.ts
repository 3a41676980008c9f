import { readFileSync } from "node:fs";
import type { Download, Page } from "@playwright/test";
import { openContainer } from "@/container";
import { normalised } from "@/core/exchange";
import { DEMO_PASSWORD } from "../../scripts/demo-data/story-lines";
import { violationsOf } from "./axe";
import { expect, test } from "./bench";

const download = async (page: Page, name: string): Promise<Download> => {
  const [file] = await Promise.all([page.waitForEvent("download"), page.getByRole("link", { name }).click()]);
  return file;
};

/** What a set's file says, whoever wrote it out and when. */
const says = async (packed: Buffer): Promise<string> => {
  const { read } = await openContainer(new Blob([new Uint8Array(packed)]));
  if (!read.ok) throw new Error(read.problems.join("; "));
  return normalised(read.document);
};

test("an empty shop is opened, and a set's file from another shop is the same in it", async ({
  page,
  baseURL,
  openShop,
}) => {
  // The file goes out of the demo's shop.
  await page.goto("/sets?q=CR-1174");
  const set = await page
    .getByRole("row", { name: /CR-1174/ })
    .getByRole("link")
    .first()
    .getAttribute("href");
  await page.goto(`${set}?tab=out`);
  const file = await (await download(page, "Set file, with its photos")).path();
  const before = readFileSync(file);

  const empty = await openShop("empty");
  await page.goto(`${empty}/sets`);
  await expect(page.getByRole("heading", { name: "Jumelle: this shop is empty" })).toBeVisible();
  expect(await violationsOf(page)).toEqual([]);
  const open = page.getByRole("region", { name: "Open a shop" });
  await open.getByLabel("Line at the bench, V").fill("12");
  await open.getByRole("button", { name: "Open the shop" }).click();
  await expect(open.getByText("Say who is at the bench")).toBeVisible();
  await expect(open.getByText("lies between 90 and 480 V")).toBeVisible();
  await open.getByLabel("Line at the bench, V").fill("240");
  await open.getByLabel("Who is at the bench").fill("Ines Marchetti");
  await open.getByLabel("Your password").fill("three grey geese going north");
  await open.getByRole("button", { name: "Open the shop" }).click();
  await expect(page.getByRole("link", { name: "Board" })).toBeVisible();
  await expect(page.getByRole("combobox", { name: /bench/i })).toContainText("Ines Marchetti");

  // Somebody else is taken on, once.
  await page.goto(`${empty}/shop`);
  await expect(page.getByLabel("Line at the bench, V")).toHaveValue("240");
  const people = page.getByRole("region", { name: "People" });
  for (const said of [/^Password for Tomasz Bielak, shown this once/, "Tomasz Bielak works here already."]) {
    await people.getByLabel("Somebody new").fill("Tomasz Bielak");
    await people.getByRole("button", { name: "Take on" }).click();
    await expect(people.getByText(said)).toBeVisible();
  }
  await expect(people.getByRole("listitem")).toHaveCount(2);

  await page.goto(`${empty}/sets/import`);
  await page.getByLabel("Set file").setInputFiles(file);
  await expect(page.getByText("As it was written: the chain and the digest hold.")).toBeVisible();
  await page.getByRole("button", { name: "Take it in" }).click();
  await page.getByRole("link", { name: "Open the set’s file" }).click();
  await expect(page.getByRole("heading", { name: /Tidewell CR-21/ })).toBeVisible();
  const id = page.url().split("/sets/")[1] ?? "";
  const after = await (await page.request.get(`${empty}/api/sets/${id}/file`)).body();
  expect(after.equals(before)).toBe(false);
  expect(await says(after)).toBe(await says(before));
  expect(baseURL).not.toBe(empty);
});

test("an archive is laid down in an empty shop, and everything is there", async ({ page, openShop, expectTrouble }) => {
  // A refused file answers 422, which the console reports.
  expectTrouble.allowed = true;
  await page.goto("/api/demo?as=owner&to=/shop");
  const archive = await download(page, "Archive of everything");
  expect(archive.suggestedFilename()).toMatch(/^jumelle-archive-\d{4}-\d\d-\d\d\.ndjson\.gz$/);
  const calendar = await download(page, "Calendar of due dates (iCalendar)");
  expect(readFileSync(await calendar.path(), "utf8")).toContain("BEGIN:VEVENT");
  await page.goto("/");
  const jobs = await page.getByRole("link", { name: /^Job \d+/ }).count();

  await page.goto(await openShop("empty"));
  const bring = page.getByRole("region", { name: "Bring everything back" });
  await bring.getByRole("button", { name: "Restore it" }).click();
  await expect(bring.getByRole("alert")).toContainText("Choose the archive first");
  await bring
    .getByLabel("Archive")
    .setInputFiles({ name: "a.ndjson.gz", mimeType: "application/gzip", buffer: Buffer.from("no archive") });
  await bring.getByRole("button", { name: "Restore it" }).click();
  await expect(bring.getByRole("alert")).toContainText("This is not an archive, or it is cut off");
  await bring.getByLabel("Archive").setInputFiles(await archive.path());
  await bring.getByRole("button", { name: "Restore it" }).click();
  // Its people come with their passwords, and nobody is signed in.
  await expect(page.getByRole("heading", { name: "Jumelle: sign in" })).toBeVisible({ timeout: 60_000 });
  await page.getByLabel("Name").fill("wren okafor");
  await page.getByLabel("Password").fill(DEMO_PASSWORD);
  await page.getByRole("button", { name: "Sign in" }).click();
  await expect(page.getByRole("link", { name: "Board" })).toBeVisible();
  await expect(page.getByRole("link", { name: /^Job \d+/ })).toHaveCount(jobs);
});
