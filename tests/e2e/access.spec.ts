import { lookAt } from "./axe";
import { expect, test } from "./bench";

const VIEWS = [
  "/",
  "/sets",
  "/sets?q=c14",
  "/sets?q=nothing-like-it",
  "/sets/new",
  "/reference",
  "/tools",
  "/shop",
  "/parts",
  "/parts/prices",
  "/reference/tubes?type=12AX7",
  "/reference/rules",
  "/reference/faults?find=coupling",
  "/reference/modifications",
  "/reference/modifications/new",
  "/sets/across?kind=tube&text=6BA6",
  "/sets/import",
  "/nowhere",
];

test("no axe violations on any place, in both themes", async ({ page, expectTrouble }) => {
  // The view for an address that leads nowhere answers 404, which the console reports.
  expectTrouble.allowed = true;
  await lookAt(page, VIEWS);
});

test("no axe violations on a set's file, a part and a reference sheet, in both themes", async ({ page }) => {
  const linkOn = async (view: string, name: RegExp) => {
    await page.goto(view);
    const link = page.getByRole("link", { name }).first();
    await expect(link).toBeVisible();
    return (await link.getAttribute("href")) ?? "";
  };
  const file = await linkOn("/sets?q=H-20417", /Lantern/);
  const part = await linkOn("/parts", /µF 500 V/);
  const model = await linkOn("/reference", /Lantern/);
  await lookAt(page, [
    file,
    ...["chassis", "life", "between", "years", "out"].map((tab) => `${file}?tab=${tab}`),
    `${file}/record`,
    part,
    `/parts/labels?codes=${part.split("/").at(-1)}`,
    model,
    ...["parts", "versions", "stages"].map((table) => `${model}?table=${table}`),
  ]);
});
