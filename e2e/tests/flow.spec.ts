import AxeBuilder from "@axe-core/playwright";
import { expect, test } from "../support/app.ts";

test("a control tag is shown on its curve, and the slider turns it", async ({ page, app }) => {
  await page.goto(await app.tagUrl("TV-4021", "flow"));
  await expect(page.getByRole("img", { name: /Flow coefficient of the trim over travel/ })).toBeVisible();
  await page.getByRole("tab", { name: "Over the travel" }).focus();
  await page.keyboard.press("Enter");
  const along = page.getByRole("region", { name: "Over the travel" });
  await expect(along.getByText(/authority/)).toBeVisible();
  const slider = along.getByRole("slider");
  const flow = along.locator("dd").first();
  const before = Number.parseFloat((await flow.textContent()) ?? "");
  await slider.focus();
  for (let i = 0; i < 20; i++) await page.keyboard.press("ArrowRight");
  await expect
    .poll(async () => Number.parseFloat((await flow.textContent()) ?? ""))
    .toBeGreaterThan(before * 1.3);
  // The checker has types of another version of the browser driver, hence the cast.
  const found = await new AxeBuilder({ page: page as never }).setLegacyMode().analyze();
  expect(found.violations.map((v) => v.id)).toEqual([]);
});

test("trims are compared side by side, and another flow selects another one", async ({ page, app }) => {
  await page.goto(await app.tagUrl("TV-4021", "flow"));
  await page.getByRole("tab", { name: "Trims" }).click();
  const trims = page.getByRole("table", { name: "Trims for the selected body" });
  await expect(trims.getByRole("row", { name: /Segment 60 %/ })).toHaveAttribute("aria-current", "true");
  // Half as much again is beyond its range at once.
  await page.getByRole("button", { name: /^maximum: .*details of this case/ }).click();
  await page.getByLabel(/^flow, maximum/).fill("110");
  await expect(trims.getByRole("row", { name: /Segment 60 %/ })).not.toHaveAttribute("aria-current", "true");
});

test("an open valve shows its pressure drop, and needs no flow", async ({ page, app }) => {
  await page.goto(await app.tagUrl("XV-1021", "flow"));
  const cases = page.getByRole("table", { name: "Flow in every case" }).first();
  await expect(cases.getByRole("row", { name: /normal/ })).toContainText(/0\.0\d+ bar/);
  await expect(page.getByText("maximum: The flow is not stated.").first()).toBeVisible();
  await page.getByRole("tab", { name: "Over the travel" }).click();
  await expect(page.getByRole("slider")).toBeVisible();
});

test("readers of US units get Cv and feet", async ({ page, app }) => {
  await page.goto(await app.tagUrl("PV-8061", "flow"));
  await expect(page.getByText(/\d Kv fully open/)).toBeVisible();
  await page.keyboard.press("/");
  await page.keyboard.type("US units");
  await page.keyboard.press("Enter");
  await expect(page.getByText(/\d Cv fully open/)).toBeVisible();
  await expect(page.getByText(/ft\/s/).first()).toBeVisible();
});
