import { expect, test as base, type Page } from "@playwright/test";

/**
 * A page is used once it is alive: what is typed before its scripts run would be lost to a form. It is left once what
 * was written is saved, as somebody who looks at the tape would: the tests look at the next page at once.
 */
function waitUntilAlive(page: Page): void {
  const goto = page.goto.bind(page);
  const reload = page.reload.bind(page);
  const alive = () => page.locator("html[data-alive]").waitFor({ state: "attached" });
  page.goto = async (url, options) => {
    const waiting = tape(page).getByText("not saved yet");
    await waiting.first().waitFor({ state: "detached" });
    const answer = await goto(url, options);
    if (answer?.headers()["content-type"]?.includes("html") && answer.ok()) await alive();
    return answer;
  };
  page.reload = async (options) => {
    const answer = await reload(options);
    await alive();
    return answer;
  };
}

/** The addresses of the lanes' shops; by hand, that of a demo that is running. */
export const shops = (process.env.SHOPS ?? "http://127.0.0.1:3000").split(" ");

async function ask(method: "POST" | "DELETE", what: string): Promise<string> {
  const opener = process.env.SHOP_OPENER;
  if (!opener) throw new Error("This test needs a shop of its own: bin/test opens it.");
  const answer = await fetch(`${opener}/${what}`, { method });
  if (!answer.ok) throw new Error(`A shop could not be opened or closed: ${await answer.text()}`);
  return answer.text();
}

/** Opens a shop that nobody has been in: the demo's as it was laid down, or an empty one. Answers its address. */
type OpenShop = (kind: "demo" | "empty") => Promise<string>;

/** Every test fails on an error in the console or an exception on the page. Tests that break things on purpose say so. */
export const test = base.extend<{ expectTrouble: { allowed: boolean }; openShop: OpenShop; fresh: boolean }>({
  openShop: async ({}, give) => {
    const opened: string[] = [];
    await give(async (kind) => {
      const address = await ask("POST", kind);
      opened.push(new URL(address).port);
      return address;
    });
    for (const port of opened) await ask("DELETE", port);
  },
  /** Is the test one of the demo's sets alone, without those of the tests before it? */
  fresh: [false, { option: true }],
  // Every lane has a shop of its own. What a test left half done is not in its way the second time.
  baseURL: async ({ fresh, openShop }, give, { parallelIndex, retry }) => {
    const ownShop = fresh || (retry > 0 && process.env.SHOP_OPENER);
    await give(ownShop ? await openShop("demo") : shops[parallelIndex % shops.length]);
  },
  expectTrouble: [
    async ({ page }, use) => {
      const trouble = { allowed: false };
      const seen: string[] = [];
      waitUntilAlive(page);
      page.on(
        "console",
        (message) => message.type() === "error" && seen.push(`${message.text()} ${message.location().url}`),
      );
      page.on("pageerror", (error) => seen.push(String(error)));
      await use(trouble);
      if (!trouble.allowed) expect(seen).toEqual([]);
    },
    { auto: true },
  ],
});

export { expect };

export const line = (page: Page) => page.getByRole("textbox", { name: "Bench line" });
export const tape = (page: Page) => page.getByRole("region", { name: "Tape" });
export const plate = (page: Page) => page.getByRole("region", { name: "Work plate" });
export const step = (page: Page, name: string) =>
  page.getByRole("navigation", { name: "Run sheet" }).getByRole("button", { name });

/** Types a bench line and waits for its entry on the tape. */
export async function write(page: Page, text: string, shows: string | RegExp): Promise<void> {
  await line(page).fill(text);
  await line(page).press("Enter");
  await expect(tape(page).getByText(shows).last()).toBeVisible();
  await expect(tape(page).getByText("not saved yet")).toHaveCount(0);
}

/** Waits until what reads the line has come behind the page. From then on it is there without a network, too. */
export async function readsLines(page: Page): Promise<void> {
  await line(page).fill("note is it read?");
  await expect(page.locator("#draft-chip")).toContainText("is it read?");
  await line(page).fill("");
}

/** Make safe was done before this test begins: nothing is asked about power. */
export const madeSafe = (page: Page) => write(page, "pass make safe: done before this test", "done before this test");

/** Goes through the last look of a set, line by line, and comes back to the hand-back. */
export async function lastLook(page: Page): Promise<void> {
  await plate(page).getByRole("tab", { name: "The last look" }).click();
  const open = plate(page).getByRole("button", { name: /^In order: / });
  await expect(open.first()).toBeVisible();
  for (let left = await open.count(); left > 0; left -= 1) {
    const asks = await open.first().getAttribute("aria-label");
    await open.first().click();
    // What is read or measured is written down; the rest is ticked.
    if (/fuse|Insulation/.test(asks ?? "")) {
      const form = plate(page).locator("form", { has: page.getByRole("button", { name: "Write it" }) });
      await form.getByRole("textbox").fill("T 0.5 A, above 20 MΩ");
      await form.getByRole("button", { name: "Write it" }).click();
      await expect(form).toHaveCount(0);
    }
    await expect(open).toHaveCount(left - 1);
  }
  await plate(page).getByRole("tab", { name: "Hand back" }).click();
}

let counter = 0;
/** A serial number that no other test uses. */
export const freshSerial = () => `T-${Date.now().toString(36)}-${(counter += 1)}`;

/** Takes a set of a known model in and stands at its bench. */
export async function takeIn(page: Page, model: string, complaint: string): Promise<void> {
  await page.goto("/sets/new");
  await page.getByLabel("Owner", { exact: true }).fill("Marguerite Osei");
  await page.getByLabel("Maker and model").fill(model);
  await page.getByLabel("Serial number").fill(freshSerial());
  await page.getByLabel("Complaint, in the owner's words").fill(complaint);
  await page.getByRole("button", { name: "Take it in" }).click();
  await expect(page.getByRole("heading", { name: /^Bench, job \d+$/ })).toBeAttached();
}
