import AxeBuilder from "@axe-core/playwright";
import type { Page } from "@playwright/test";
import { expect, test } from "../support/app.ts";

const violations = async (page: Page) =>
  // The checker has types of another version of the browser driver, hence the cast.
  (await new AxeBuilder({ page: page as never }).setLegacyMode().analyze()).violations.map((v) => v.id);

test("a valve is stripped down from the bench, one step at a time, and the job is stored", async ({
  page,
  app,
}) => {
  await page.goto(await app.tagUrl("XV-4007", "body"));
  await page.getByRole("link", { name: "Go to the shop" }).click();
  await page.getByLabel("technician").fill("Day shift");
  const step = page.getByRole("article");
  await expect(step).toHaveAccessibleName(/^Step 1 of \d+/);
  await expect(step).toContainText("Caution");
  await page.getByRole("button", { name: "Done, next →" }).click();
  await expect(step).toHaveAccessibleName(/^Step 2 of/);
  await page.keyboard.press("d");
  await expect(step).toHaveAccessibleName(/^Step 3 of/);
  await expect(page.getByText(/^2 of \d+ done/)).toBeVisible();
  await page.reload();
  await expect(step).toHaveAccessibleName(/^Step 3 of/);
  await page
    .getByRole("navigation", { name: "Steps" })
    .getByRole("button", { name: /^\d+ ball$/ })
    .click();
  await expect(page.getByRole("img", { name: "Section: ball removed along the bore" })).toBeVisible();
  expect(await violations(page)).toEqual([]);
  await page.getByRole("link", { name: "go to the bench" }).click();
  await expect(page).toHaveURL(/\/body$/);
});

test("every plan exists for a valve, or explains why it does not", async ({ page, app }) => {
  await page.goto(await app.tagUrl("XV-1004", "shop"));
  const plans = page.getByRole("navigation", { name: "Plans" });
  await plans.getByRole("link", { name: "Reassemble" }).click();
  await page
    .getByRole("navigation", { name: "Steps" })
    .getByRole("button", { name: /closure studs/ })
    .click();
  await expect(page.getByRole("article")).toContainText(/torque, lubricated, friction 0\.12, calculated/);
  await plans.getByRole("link", { name: "Renew the seats" }).click();
  await expect(
    page.getByRole("navigation", { name: "Steps" }).getByRole("button", { name: /^\d+ body gaskets/ }),
  ).toHaveCount(2);
  await plans.getByRole("link", { name: "Mount the actuator" }).click();
  await expect(page.getByRole("article")).toContainText(/Depressurise, drain and vent the line/);
  await page.goto(await app.tagUrl("XV-2030", "shop/reseat"));
  await expect(page.getByText(/The seats of this valve cannot be renewed alone/)).toBeVisible();
});

test("a leak is traced by answers, its reasoning opened, an answer taken back", async ({ page, app }) => {
  await page.goto(await app.tagUrl("XV-1004", "shop/leak"));
  await page.getByLabel("technician").fill("Day shift");
  // At its place on the drawing, as well as by its name.
  await page
    .getByRole("group", { name: "Section: select where it leaks" })
    .getByRole("button", { name: /past the upstream seat/ })
    .click();
  await expect(page.getByRole("img", { name: "Section with possible leak paths" })).toBeVisible();
  const next = page.getByRole("region", { name: "Next check" }).first();
  const causes = page.getByRole("region", { name: "Possible causes" }).getByRole("listitem");
  const before = await causes.first().textContent();
  await next.getByRole("button").last().click();
  await expect(causes.first()).not.toHaveText(before ?? "");
  await page.getByText("Effect of each answer").click();
  await expect(page.getByText(/→/).first()).toBeVisible();
  await page.reload();
  await expect(page.getByText("Effect of each answer")).toBeVisible();
  expect(await violations(page)).toEqual([]);
  await page.getByRole("button", { name: "Undo the last answer" }).click();
  await expect(causes.first()).toHaveText(before ?? "");
  // Closed, it stays in progress in the list and is not joined again automatically.
  await expect(page.getByText(/all sent/)).toBeVisible();
  await page.getByRole("button", { name: "another leak" }).click();
  await expect(page.getByText("Where does the leak show?")).toBeVisible();
  await page.reload();
  await expect(page.getByText("Where does the leak show?")).toBeVisible();
  await page.waitForLoadState("networkidle");
  await expect(page.getByText("Where does the leak show?")).toBeVisible();
});

test("on a tablet in a workshop every control is large, and nothing overflows the page", async ({
  page,
  app,
}) => {
  await page.setViewportSize({ width: 820, height: 1180 });
  await page.goto(await app.tagUrl("XV-1004", "shop"));
  await expect(page.getByRole("article")).toBeVisible();
  for (const name of ["← Back", "Done, next →", "tick", "Add note", "Finish the job"]) {
    const box = await page.getByRole("button", { name, exact: true }).boundingBox();
    expect(box!.height, name).toBeGreaterThanOrEqual(44);
    expect(box!.x + box!.width, name).toBeLessThanOrEqual(820);
  }
  const bench = await page.getByRole("link", { name: "go to the bench" }).boundingBox();
  expect(bench!.x + bench!.width).toBeLessThanOrEqual(820);
  const [first] = await page.getByRole("navigation", { name: "Steps" }).getByRole("button").all();
  expect((await first!.boundingBox())!.height).toBeGreaterThanOrEqual(44);
  expect(await page.evaluate(() => document.documentElement.scrollWidth <= window.innerWidth)).toBe(true);
});

test("a seat stack takes measured values, reports unreadable ones, and goes back to the estimate", async ({
  page,
  app,
}) => {
  await page.goto(await app.tagUrl("XV-2030", "shop/stack"));
  const loose = page
    .locator("dt", { hasText: "probability of a loose seat" })
    .locator("xpath=following-sibling::dd[1]");
  await expect(loose).toBeVisible();
  const depth = page.getByLabel("depth between the seat pockets, measured");
  await depth.fill("900");
  await expect(loose).toHaveText("100.0 %");
  await depth.fill("many");
  await expect(depth).toHaveAttribute("aria-invalid", "true");
  await page.getByLabel(/stock sizes/).fill("0.4 x");
  await expect(page.getByText("Sizes in millimetres, separated by spaces.")).toBeVisible();
  await page.getByRole("button", { name: "use the estimate" }).click();
  await expect(loose).not.toHaveText("100.0 %");
  expect(await violations(page)).toEqual([]);
});

test("readings of a job are taken into a seat stack, and removed again", async ({ page, app }) => {
  await page.goto(await app.tagUrl("HV-1012", "shop/stack"));
  await expect(page.getByText(/On a job (\d+) of \1 links were measured, last by/)).toBeVisible();
  const measured = page.getByLabel(/, measured$/);
  const values = () =>
    measured.evaluateAll((inputs) => inputs.map((input) => (input as HTMLInputElement).value));
  expect((await values()).join("")).toBe("");
  await page.getByRole("button", { name: "Use these values" }).click();
  await expect(page.getByText("These values are used in the chain.")).toBeVisible();
  for (const value of await values()) expect(Number(value)).toBeGreaterThan(0);
  await page.reload();
  await expect(page.getByText("These values are used in the chain.")).toBeVisible();
  await page.getByRole("button", { name: "use the estimate" }).click();
  await page.getByRole("button", { name: "Use these values" }).click();
  await page.getByRole("button", { name: "restore the previous values" }).click();
  expect((await values()).join("")).toBe("");
  expect(await violations(page)).toEqual([]);
});
