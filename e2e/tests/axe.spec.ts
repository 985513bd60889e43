import AxeBuilder from "@axe-core/playwright";
import type { Page } from "@playwright/test";
import { expect, test } from "../support/app.ts";

const namesOf = (violations: Awaited<ReturnType<AxeBuilder["analyze"]>>["violations"]) =>
  violations.map(
    (v) =>
      `${v.id}: ${v.nodes
        .map((n) => n.target.join(" "))
        .slice(0, 3)
        .join(" | ")}`,
  );

/** The same page in another theme: every colour is a token that hangs on it. */
const turn = (page: Page, theme: "light" | "dark") =>
  page.evaluate((name) => {
    document.documentElement.dataset.theme = name;
  }, theme);

/** Every rule in the light theme; then, on the same page, what the dark one changes. */
async function expectNoFindings(page: Page): Promise<void> {
  // The checker brings types of a sister version of the browser driver, hence the cast.
  const axe = () =>
    new AxeBuilder({ page: page as never })
      .setLegacyMode()
      // What passes is not gathered: on the long tables of the bench that took as long as looking.
      .options({ resultTypes: ["violations"] });
  expect(namesOf((await axe().analyze()).violations), "light").toEqual([]);
  await turn(page, "dark");
  const dark = await axe().withRules(["color-contrast"]).analyze();
  expect(namesOf(dark.violations), "dark").toEqual([]);
  await turn(page, "light");
}

for (const [tag, station] of [
  ["XV-3052", "duty"],
  ["XV-3052", "body"],
  ["XV-3017", "envelope"],
  ["TV-4021", "flow"],
  ["XV-3052", "drive"],
  ["XV-4020", "envelope"],
  ["XV-9001", "duty"],
  ["XV-3017", "sheet"],
] as const) {
  test(`axe finds nothing on ${station} of ${tag}`, async ({ page, app }) => {
    await page.goto(await app.tagUrl(tag, station));
    await expect(page.getByText(/candidates proved in/)).toBeVisible();
    await page.waitForTimeout(400);
    await expectNoFindings(page);
  });
}

for (const [room, ready] of [
  ["house-rules", "Numbers and choices this organisation owns"],
  ["shelf", "Bring in a catalogue"],
  ["rules", "Size offered"],
  ["drift", "Sheets in force"],
  ["projects", "Bring a project in"],
] as const) {
  test(`axe finds nothing on ${room}`, async ({ page, app }) => {
    await page.goto(`${app.url}/${room}`);
    await expect(page.getByText(ready).first()).toBeVisible();
    await expectNoFindings(page);
  });
}

test("axe finds nothing on the lists below the picture and the dialogs of the bench", async ({
  page,
  app,
}) => {
  await page.goto(await app.tagUrl("XV-5001", "envelope"));
  await page.getByRole("tab", { name: "How far it may move" }).click();
  await expect(page.getByText(/\d+ values searched/)).toHaveCount(1);
  await expectNoFindings(page);
  await page.getByRole("tab", { name: "Seats" }).click();
  await page.keyboard.press("k");
  await page.getByRole("tab", { name: "Compare 1" }).click();
  await expect(page.getByRole("table", { name: "Comparison" })).toBeVisible();
  await expectNoFindings(page);
  await page.keyboard.press("a");
  await expect(page.getByRole("dialog", { name: "Add a case" })).toBeVisible();
  await expectNoFindings(page);
  await page.keyboard.press("Escape");
  await page.getByRole("button", { name: /^Units/ }).click();
  await expect(page.getByRole("dialog", { name: "Units" })).toBeVisible();
  await expectNoFindings(page);
});

test("axe finds nothing on line-up, import, command bar, legend and override", async ({ page, app }) => {
  await page.goto(`${app.url}/line-up`);
  await expect(page.getByRole("row", { name: /PV-3081/ })).toContainText("Nothing stands");
  await expectNoFindings(page);
  await page.keyboard.press("/");
  await expect(page.getByPlaceholder("Tag, station or action")).toBeVisible();
  await expectNoFindings(page);
  await page.keyboard.press("Escape");
  await page.keyboard.press("?");
  await expect(page.getByRole("dialog", { name: "Legend" })).toBeVisible();
  await expectNoFindings(page);
  await page.goto(`${app.url}/import`);
  await page.locator("input[type=file]").setInputFiles({
    name: "list.csv",
    mimeType: "text/csv",
    buffer: Buffer.from("Tag,DN,Colour\nXV-A,51,red\n"),
  });
  await expect(page.getByRole("heading", { name: /1 fault/ })).toBeVisible();
  await expectNoFindings(page);
  await page.goto(await app.tagUrl("XV-4020", "body"));
  await page.getByRole("button", { name: "Choose against the proof" }).click();
  await expect(page.getByRole("dialog")).toBeVisible();
  await expectNoFindings(page);
});
