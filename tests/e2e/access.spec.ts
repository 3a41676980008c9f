import { violationsOf } from "./axe";
import { expect, line, test } from "./bench";

const STEPS = ["take-in", "make-safe", "first-power", "baseline", "find", "fix", "modify", "prove", "hand-back"];
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
  ...STEPS.map((step) => `/bench/1187?step=${step}`),
  "/bench/1187?step=fix&tab=tubes",
  "/bench/1187?step=fix&tab=part",
  "/bench/1183?step=fix&tab=heaters",
  "/bench/1190?step=fix&tab=heaters",
  "/bench/1191?step=make-safe",
  "/bench/1176?step=first-power",
  "/bench/1176?step=find",
  "/bench/1185?step=find",
  "/bench/1185?step=modify",
  "/bench/1191?step=baseline&tab=tests",
  "/bench/1191?step=prove&tab=tests",
  "/bench/1187?step=prove&tab=soak",
  "/bench/1187?step=hand-back&tab=look",
  "/bench/1187?step=hand-back&tab=price",
];

const VIEWS_IN_THE_CELLAR = [
  "/",
  "/sets?q=c14",
  "/parts",
  "/reference/tubes?type=12AX7",
  "/reference/rules",
  "/shop",
  "/bench/1187?step=make-safe",
  "/bench/1187?step=fix",
  "/bench/1187?step=fix&tab=tubes",
  "/bench/1187?step=prove",
  "/bench/1185?step=find",
  "/reference/faults?find=coupling",
  "/bench/1190?step=fix&tab=heaters",
  "/bench/1176?step=first-power",
  "/bench/1185?step=modify",
  "/bench/1191?step=prove&tab=tests",
  "/bench/1187?step=prove&tab=soak",
];

const onBench = (view: string) => view.startsWith("/bench/");
const ROUNDS = [
  { name: "paper theme", theme: "paper", views: VIEWS.filter((view) => !onBench(view)), files: true },
  { name: "paper theme, the bench", theme: "paper", views: VIEWS.filter(onBench), files: false },
  // Between the themes nothing differs but colour, and every component's colours stand on one of these.
  { name: "cellar theme", theme: "cellar", views: VIEWS_IN_THE_CELLAR, files: true },
] as const;

for (const { name, theme, views, files } of ROUNDS) {
  test(`no axe violations on any main view, ${name}`, async ({ page, context, baseURL, expectTrouble }) => {
    test.setTimeout(240_000);
    // The view for an address that leads nowhere answers 404, which the console reports.
    expectTrouble.allowed = true;
    await context.addCookies([{ name: "jumelle-theme", value: theme, url: baseURL ?? "" }]);
    await page.goto("/sets?q=H-20417");
    const file = await page.getByRole("link", { name: /Lantern/ }).getAttribute("href");
    await page.goto("/parts");
    const part = await page
      .getByRole("link", { name: /µF 500 V/ })
      .first()
      .getAttribute("href");
    await page.goto("/reference");
    const model = await page.getByRole("link", { name: /Lantern/ }).getAttribute("href");
    let benched = false;
    const ofFiles = [
      file ?? "",
      ...["chassis", "life", "between", "years", "out"].map((tab) => `${file}?tab=${tab}`),
      `${file}/record`,
      part ?? "",
      `/parts/labels?codes=${part?.split("/").at(-1)}`,
      model ?? "",
      `${model}?table=parts`,
      `${model}?table=versions`,
      `${model}?table=stages`,
    ];
    for (const view of [...views, ...(files ? ofFiles : [])]) {
      await page.goto(view);
      await expect(page.locator("main")).toBeVisible();
      // Tape, tag and run sheet are the same at every step: after the first bench they are looked at no more.
      const within = onBench(view) && benched ? 'section[aria-label="Work plate"]' : undefined;
      benched ||= onBench(view);
      const rules = theme === "cellar" ? ["color-contrast"] : undefined;
      expect(await violationsOf(page, { within, rules }), view).toEqual([]);
    }
  });
}

test("the draft chip, a question and the amend dialog have no axe violations", async ({ page }) => {
  await page.goto("/bench/1187");
  for (const text of ["C14 leaky -> 0.1/250", "C99 leaky -> 0.1/630", "nonsense"]) {
    await line(page).fill(text);
    await expect(line(page)).toHaveValue(text);
    expect(await violationsOf(page), text).toEqual([]);
  }
  await page.getByRole("button", { name: /^Entry .*VR1/ }).click();
  expect(await violationsOf(page)).toEqual([]);
});

test("what is pressed at the bench is at least 40 px high", async ({ page }) => {
  for (const step of STEPS) {
    await page.goto(`/bench/1187?step=${step}`);
    const small = await page
      .locator("main button:visible, main a:visible, main select:visible, main summary:visible")
      .evaluateAll((elements) =>
        elements
          .filter((element) => !element.closest(".repair-tag"))
          .map((element) => ({ height: element.getBoundingClientRect().height, text: element.textContent }))
          .filter(({ height }) => height < 40),
      );
    expect(small).toEqual([]);
  }
});
