import path from "node:path";
import { chromium, type Page } from "@playwright/test";
import { CHROMIUM } from "./chromium";

/** `npm run screenshots -- [URL]` takes the pictures of docs/screenshots anew, from a demo that is running. */
const [url = "http://127.0.0.1:3000"] = process.argv.slice(2);
const FOLDER = path.resolve(import.meta.dirname, "../docs/screenshots");

type Picture = { view: string; size?: [number, number]; theme?: "cellar"; before?: (page: Page) => Promise<void> };

const hrefOn = async (page: Page, view: string, name: RegExp): Promise<string> => {
  await page.goto(url + view);
  return (await page.getByRole("link", { name }).first().getAttribute("href")) ?? "";
};

const browser = await chromium.launch(CHROMIUM);
try {
  const start = await browser.newPage({ viewport: { width: 1280, height: 800 } });
  const lantern = await hrefOn(start, "/sets?q=H-20417", /Lantern/);
  const sheet = await hrefOn(start, "/reference", /Lantern/);
  await start.close();

  const pictures: Record<string, Picture> = {
    bench: { view: "/bench/1187?step=prove" },
    board: {
      view: "/",
      before: (page) => page.getByText("Planning…").waitFor({ state: "detached" }),
    },
    week: {
      view: "/week?view=sets",
      before: async (page) => {
        await page.getByRole("button", { name: "What would save it?" }).click();
        await page.getByText("Saves it:").first().waitFor();
      },
    },
    desk: {
      view: "/desk",
      before: async (page) => {
        await page.getByLabel("Which set").fill("Ironbridge T-60");
        await page.getByText("Looking through").waitFor({ state: "detached" });
      },
    },
    practice: {
      view: "/practice",
      before: async (page) => {
        await page.getByLabel("Who is at the bench").selectOption({ label: "Tomasz Bielak" });
        await page.getByRole("table", { name: "Your practices" }).getByRole("link").last().click();
        await page.getByTestId("points").waitFor();
        await page.getByRole("list", { name: "Steps" }).evaluate((one) => one.scrollTo({ top: 0 }));
      },
    },
    baseline: {
      view: "/bench/1187?step=baseline",
      before: (page) => page.getByRole("textbox", { name: "Bench line" }).fill("C14 .05/400 leaky -> 0.047/630"),
    },
    fix: { view: "/bench/1187?step=fix" },
    tubes: {
      view: "/bench/1183?step=fix&tab=tubes",
      before: (page) => page.getByRole("button", { name: /^V5/ }).click(),
    },
    align: { view: "/bench/1183?step=align&tab=dial" },
    parts: { view: "/parts" },
    orders: { view: "/parts/orders" },
    "set-file": { view: lantern },
    model: {
      view: `${sheet}?table=drawing`,
      before: async (page) => {
        await page.getByRole("button", { name: /^R10,/ }).click();
        await page.getByRole("status").filter({ hasText: "R10" }).waitFor();
      },
    },
    "new-job": { view: "/sets/new" },
    search: {
      view: "/bench/1192?step=find",
      before: (page) => page.getByRole("region", { name: "Likely causes" }).waitFor(),
    },
    "make-safe": { view: "/bench/1187?step=make-safe" },
    "first-power": { view: "/bench/1176?step=first-power" },
    measuring: {
      view: "/bench/1187?step=prove&tab=sheets",
      before: async (page) => {
        await page.getByLabel("Test sheet", { exact: true }).selectOption({ label: "Audio response ✓" });
        await page.getByRole("button", { name: "New run" }).evaluate((one) => one.scrollIntoView({ block: "start" }));
      },
    },
  };
  for (const [name, { view, size: [width, height] = [1280, 800], theme = "paper", before }] of Object.entries(
    pictures,
  )) {
    const page = await browser.newPage({ viewport: { width, height }, reducedMotion: "reduce" });
    await page.context().addCookies([{ name: "jumelle-theme", value: theme, url }]);
    await page.goto(url + view);
    await page.locator("[data-alive]").waitFor({ state: "attached" });
    await before?.(page);
    await page.waitForTimeout(400);
    await page.screenshot({ path: path.join(FOLDER, `${name}.png`) });
    await page.close();
    console.log(name);
  }
} finally {
  await browser.close();
}
