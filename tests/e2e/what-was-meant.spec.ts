import { ALL_LINES } from "@/core/kinds";
import type { Page } from "@playwright/test";
import { expect, lastLook, line, madeSafe, plate, step, takeIn, tape, test, write } from "./bench";

const entry = (page: Page, n: number) => tape(page).getByRole("button", { name: new RegExp(`^Entry ${n}: `) });

/** The number of the newest entry on the tape. */
async function newest(page: Page): Promise<number> {
  const name = await tape(page)
    .getByRole("button", { name: /^Entry \d+: / })
    .last()
    .getAttribute("aria-label");
  return Number(/^Entry (\d+):/.exec(name ?? "")?.[1]);
}

async function enter(page: Page, text: string): Promise<void> {
  await line(page).fill(text);
  await line(page).press("Enter");
  await expect(line(page)).toHaveValue("");
  await expect(tape(page).getByText("not saved yet")).toHaveCount(0);
}

/** Writes a line; @returns the number of its entry */
async function entered(page: Page, text: string): Promise<number> {
  const before = await newest(page);
  await enter(page, text);
  await expect(entry(page, before + 1)).toBeVisible();
  return before + 1;
}

/** What an entry says, sent or not. */
const said = async (page: Page, n: number) => (await entry(page, n).innerText()).replace(/^not saved yet.*\n/m, "");

/** An entry is corrected, withdrawn, and brought back; then it reads as the correction said. */
async function correctWithdrawUndo(page: Page, n: number, text: string): Promise<void> {
  await enter(page, `amend #${n} ${text} because looked at again`);
  await expect(entry(page, n)).toContainText("corrected: looked at again");
  const corrected = await said(page, n);
  await enter(page, `withdraw #${n} because written twice`);
  await expect(entry(page, n)).toContainText("withdrawn: written twice");
  await entry(page, n).click();
  await page.getByRole("dialog").getByRole("button", { name: "Undo this withdrawal" }).click();
  await expect(page.getByRole("dialog")).toHaveCount(0);
  await expect(entry(page, n)).toContainText("corrected: looked at again");
  expect(await said(page, n)).toBe(corrected);
}

/** What a line of the help sheet refers to by #12 and #18, by how it begins. */
const REFERS: [RegExp, "symptom" | "note" | "finding" | "loan" | "mod" | "result" | "check"][] = [
  [/^gone /, "symptom"],
  [/^settled /, "note"],
  [/^(found #|reopen )/, "finding"],
  [/^back /, "loan"],
  [/^(mod |tick )/, "mod"],
  [/^holds /, "result"],
  [/^confirmed /, "check"],
];

test("every line of the help sheet is typed, corrected, withdrawn and brought back", async ({ page }) => {
  await takeIn(page, "Halvane 537", "for the lines of the help sheet");
  await madeSafe(page);
  await step(page, "Baseline").click();
  const known = {
    symptom: await entered(page, "? crackles"),
    note: await entered(page, "todo look at the lead"),
    finding: await entered(page, "found C16: leaks"),
    loan: await entered(page, "loan test speaker; at the output"),
    mod: await entered(page, "mod planned Line output: a socket at the back; reversible; undo take it out"),
    result: await entered(page, "test hum 3 mV max 5"),
    check: await entered(page, "safe lead ok"),
  };
  const lines = Object.entries(ALL_LINES).flatMap(([kind, { examples }]) =>
    kind === "hand-back" ? [] : examples.map(({ line: text }) => text),
  );
  expect(lines.length).toBeGreaterThan(40);
  for (const text of lines) {
    const refers = REFERS.find(([begins]) => begins.test(text))?.[1];
    // The lines of a modification's lists come with its recipe; this one was planned by the line, so they are said.
    const whole = text.startsWith("tick ") ? `${text}; line close it` : text;
    const typed = whole.replace("#12", `#${refers ? known[refers] : 0}`).replace("#18", `#${known.symptom}`);
    await test.step(typed, async () => {
      await correctWithdrawUndo(page, await entered(page, typed), typed);
    });
  }
});

test("a hand-back by the line is corrected, withdrawn and brought back too", async ({ page }) => {
  await takeIn(page, "Halvane 537", "for the hand-back of the help sheet");
  for (const one of ["make safe", "first power", "baseline", "fix", "prove"])
    await enter(page, `pass ${one}: for this test`);
  await step(page, "Hand back").click();
  await lastLook(page);
  const text = ALL_LINES["hand-back"]?.examples[0]?.line ?? "";
  await correctWithdrawUndo(page, await entered(page, text), text);
});

test("a modification keeps its parts, needs, steps and price when its wording is corrected", async ({ page }) => {
  await page.goto("/parts");
  const code = /JP[0-9A-Z]{7}/.exec(
    (await page.locator('a[href^="/parts/JP"]').first().getAttribute("href")) ?? "",
  )?.[0];
  const stock = async () => {
    await page.goto(`/parts/${code ?? ""}`);
    return page.locator("dt:text-is('on hand') + dd").innerText();
  };
  const before = await stock();
  await takeIn(page, "Tidewell CR-21", "for a modification with parts");
  const bench = page.url().split("?")[0] ?? "";
  await madeSafe(page);
  await step(page, "Modify").click();

  // Planned by its recipe: needs and steps come from there, and no line says them.
  await plate(page).getByRole("button", { name: "Begin: Line-level audio outlet" }).click();
  await expect(plate(page).getByRole("tab", { name: "Before ordering (2 open)" })).toBeVisible();
  await tape(page)
    .getByRole("button", { name: /Line-level audio outlet/ })
    .last()
    .click();
  await expect(page.getByRole("dialog").getByText("Stays as it is")).toBeVisible();
  const field = page.getByLabel("What it should say");
  await field.fill((await field.inputValue()).replace(/: [^;]+/, ": a socket behind the volume control"));
  await page.getByRole("textbox", { name: "Why", exact: true }).fill("said better");
  await page.getByRole("button", { name: "Correct it" }).click();
  await expect(tape(page).getByText("a socket behind the volume control").last()).toBeVisible();
  await expect(plate(page).getByRole("tab", { name: "Before ordering (2 open)" })).toBeVisible();
  await plate(page)
    .getByRole("tab", { name: /^Steps/ })
    .click();
  await expect(
    plate(page)
      .getByText(/Take the bottom plate off/)
      .first(),
  ).toBeVisible();

  // Fitted with a part from stock: it stays taken, at its price.
  const n = await entered(
    page,
    `mod fitted Recorder socket: at the volume kontrol; part J901 phono socket from ${code ?? ""}; minutes 45; undo take it out`,
  );
  const fitted = await stock();
  expect(fitted).not.toBe(before);
  const price = async () => {
    await page.goto(`${bench}?step=hand-back&tab=price`);
    await expect(plate(page).getByRole("table").first()).toBeVisible();
    return plate(page).getByRole("table").first().innerText();
  };
  const priced = await price();
  await entry(page, n).click();
  await field.fill((await field.inputValue()).replace("kontrol", "control"));
  await page.getByRole("textbox", { name: "Why", exact: true }).fill("misspelt");
  await page.getByRole("button", { name: "Correct it" }).click();
  await expect(entry(page, n)).toContainText("corrected: misspelt");
  expect(await price()).toBe(priced);
  expect(await stock()).toBe(fitted);
});

test("results stay in the proof after more work, with what was done since, until they are said to hold", async ({
  page,
}) => {
  await takeIn(page, "Halvane 537", "for the marks of a proof");
  await madeSafe(page);
  await step(page, "Baseline").click();
  for (const band of ["80 m 40", "40 m 41", "20 m 39"]) await enter(page, `test output at ${band} W min 50`);
  await write(page, "B+ 248", "248 V");
  await write(page, "C14 leaky -> 0.047/630", "47 nF 630 V");
  await step(page, "Prove").click();
  await page.getByRole("tab", { name: "Tests and tubes" }).click();
  for (const [band, watts] of [
    ["80 m", "62"],
    ["40 m", "60"],
    ["20 m", "58"],
  ] as const) {
    const cell = page.getByLabel(`Now: output at ${band}, W`);
    await cell.fill(watts);
    await cell.press("Enter");
    await expect(
      tape(page)
        .getByText(new RegExp(`${band}.*${watts} W`))
        .last(),
    ).toBeVisible();
  }
  await write(page, "B+ 250", "250 V");
  await expect(step(page, "Prove")).toHaveAccessibleName(/^done/);
  await write(page, "V3 socket loose, cleaned", "V3 socket");
  // Everything measured is still there, and says what came after it.
  for (const band of ["80 m", "40 m", "20 m"]) {
    await expect(page.getByLabel(`Now: output at ${band}, W`)).not.toHaveValue("");
    await expect(plate(page).getByRole("row", { name: new RegExp(`output at ${band}`) })).toContainText(
      "before V3 socket was cleaned",
    );
  }
  await expect(step(page, "Prove")).not.toHaveAccessibleName(/^done/);
  for (const band of ["80 m", "40 m"]) {
    await page.getByRole("button", { name: `output at ${band} still holds` }).click();
    await page.getByLabel(`Why output at ${band} still holds`).fill("the socket is not in its path");
    await page.keyboard.press("Enter");
    await expect(page.getByRole("button", { name: `output at ${band} still holds` })).toHaveCount(0);
  }
  await write(page, "test output at 20 m 59 W min 50", "59 W");
  await page.getByRole("tab", { name: "Readings" }).click();
  await page.getByRole("button", { name: "B+ still holds" }).click();
  await page.getByLabel("Why B+ still holds").fill("a socket does not load it");
  await page.keyboard.press("Enter");
  await expect(step(page, "Prove")).toHaveAccessibleName(/^done/);
});
