import { expect, lastLook, line, plate, step, takeIn, tape, test, write } from "./bench";

test("a set comes back, and the first visit's history is there", async ({ page }) => {
  // First visit: one part replaced, one left, handed back.
  await takeIn(page, "Halvane 537", "hums, first visit");
  const firstJob = /bench\/(\d+)/.exec(page.url())?.[1] ?? "";
  await write(page, "C14 = 52n left: leakage not measured", "leakage not measured");
  await write(page, "C16 .02/600 burst -> 0.022/630", "22 nF 630 V");
  await write(page, "todo look at the mains lead next time", "look at the mains lead next time");
  await write(page, "pass prove: heard for an hour", "heard for an hour");
  await step(page, "Hand back").click();
  await lastLook(page);
  await write(
    page,
    "hand back: tone capacitor renewed; left the mains lead is old; old parts returned",
    "tone capacitor renewed",
  );
  await expect(step(page, "Hand back")).toContainText("done");

  // It left the board; it is taken in again by choosing it.
  await page.goto("/");
  await expect(page.getByText("hums, first visit")).toHaveCount(0);
  const before = page.getByLabel("Was it here before?");
  const known = page.getByRole("list", { name: "Sets that were here before" });
  const serialOf = async () => {
    await page.goto(`/sets?q=${firstJob}`);
    return (await page.getByRole("row").nth(1).getByRole("cell").first().innerText()).trim();
  };
  const serial = await serialOf();
  await page.goto("/sets/new");
  await before.fill(serial);
  await known.getByRole("button", { name: new RegExp(serial) }).click();
  await expect(page.getByText("It was here before")).toBeVisible();
  // What was chosen is still chosen after a reload.
  await page.reload();
  await expect(page.getByText("It was here before")).toBeVisible();
  await page.getByLabel("Complaint, in the owner's words").fill("distorted, second visit");
  await page.getByRole("button", { name: "Take it in" }).click();
  await expect(page.getByText("distorted, second visit").first()).toBeVisible();

  // What the first visit left is in sight: on the tape, among the parts, and as an open point.
  await tape(page)
    .getByRole("button", { name: /entries of earlier visits/ })
    .click();
  await expect(tape(page).getByText("look at the mains lead next time")).toBeVisible();
  await step(page, "Fix").click();
  await page.getByRole("tab", { name: "Any part" }).click();
  await expect(plate(page).getByRole("button", { name: /^C14 / })).toContainText("leakage not measured");
  await expect(plate(page).getByRole("button", { name: /^C16 / })).toContainText("replaced");
  await step(page, "Hand back").click();
  await plate(page).getByRole("button", { name: "Settle: look at the mains lead next time" }).click();
  await plate(page).getByRole("button", { name: "Settled" }).click();
  await expect(plate(page).getByRole("alert")).toContainText("Say how it was settled");
  await plate(page)
    .getByLabel(/How it was settled/)
    .fill("new lead fitted");
  await plate(page).getByRole("button", { name: "Settled" }).click();
  await expect(plate(page).getByText("None: nothing stands in the way.")).toBeVisible();

  // A set that is in the shop cannot be taken in twice.
  await page.goto("/sets/new");
  await before.fill(serial);
  await expect(known.getByRole("button", { name: new RegExp(`${serial}.*in the shop now`) })).toBeDisabled();
});

test("a hand-back that was too early is withdrawn, and the visit is open again", async ({ page }) => {
  await takeIn(page, "Halvane 537", "handed back too early");
  // The line hands nothing back that was not looked at.
  await line(page).fill("hand back: plays; old parts none");
  await expect(page.getByText(/Prove is not done/)).toBeVisible();
  await write(page, "pass prove: heard for an hour", "heard for an hour");
  await line(page).fill("hand back: plays; old parts none");
  await expect(page.getByText(/the last look is not through \(final lead, final fuse/)).toBeVisible();
  await line(page).fill("");
  await step(page, "Hand back").click();
  await lastLook(page);
  await write(page, "hand back: plays; old parts none", "plays");
  await expect(plate(page).getByText(/^Handed back/)).toBeVisible();
  await tape(page)
    .getByRole("button", { name: /Hand back, plays/ })
    .click();
  await page.getByRole("textbox", { name: "Why", exact: true }).fill("the soak was not over");
  await page.getByRole("dialog").getByRole("button", { name: "Withdraw it" }).click();
  await expect(plate(page).getByLabel("What was done")).toBeVisible();
  await page.goto("/");
  await expect(page.getByText("handed back too early")).toBeVisible();
});

test("forms teach the line that makes the same entry", async ({ page }) => {
  await takeIn(page, "Halvane 537", "for the lines of the forms");
  await step(page, "Fix").click();
  await page.getByRole("tab", { name: "Any part" }).click();
  await plate(page).getByRole("button", { name: /^C14 / }).click();
  await page.getByLabel("Found").fill("leaky");
  await page.getByLabel("New part 1, value and rating").fill("0.047/630");
  const taught = await plate(page).locator("code").innerText();
  expect(taught).toBe("C14 .05/400 leaky -> 0.047/630");
  await page.getByRole("button", { name: "Clear" }).click();
  await write(page, taught, "50 nF 400 V → 47 nF 630 V");
});
