import AxeBuilder from "@axe-core/playwright";
import type { Page } from "@playwright/test";
import { expect, test } from "../support/app.ts";
import { visit } from "../support/visit.ts";

const namesOf = (violations: Awaited<ReturnType<AxeBuilder["analyze"]>>["violations"]) =>
  violations.map(
    (v) =>
      `${v.id}: ${v.nodes
        .map((n) => n.target.join(" "))
        .slice(0, 3)
        .join(" | ")}`,
  );

/** The same page in another theme: every colour is a token that depends on it. */
const turn = (page: Page, theme: "light" | "dark") =>
  page.evaluate((name) => {
    document.documentElement.dataset.theme = name;
  }, theme);

/** Every rule in the light theme; then, on the same page, what the dark theme changes. */
async function expectNoFindings(page: Page, what: string, part?: string): Promise<void> {
  // The checker has types of another version of the browser driver, hence the cast.
  const axe = () => {
    const builder = new AxeBuilder({ page: page as never })
      .setLegacyMode()
      // Passing results are not collected: on the long tables of the bench that took as long as the check.
      .options({ resultTypes: ["violations"] });
    return part === undefined ? builder : builder.include(part);
  };
  expect(namesOf((await axe().analyze()).violations), `${what}, light`).toEqual([]);
  await turn(page, "dark");
  const dark = await axe().withRules(["color-contrast"]).analyze();
  expect(namesOf(dark.violations), `${what}, dark`).toEqual([]);
  await turn(page, "light");
}

/** Checks only the dialog. The page behind it was checked before. */
async function expectNoFindingsInDialog(page: Page, name: string): Promise<void> {
  await expect(page.getByRole("dialog", { name })).toBeVisible();
  await expectNoFindings(page, name, "[role=dialog]");
}

const onTheBench = [
  ["XV-3052", "duty"],
  ["XV-3052", "body"],
  ["XV-3052", "drive"],
  ["XV-3017", "envelope"],
  ["XV-3017", "sheet"],
  ["TV-4021", "flow"],
  ["XV-4020", "envelope"],
  ["XV-9001", "duty"],
] as const;
for (const half of [onTheBench.slice(0, 4), onTheBench.slice(4)])
  test(`axe finds nothing on ${half.map(([tag, station]) => `${station} of ${tag}`).join(", ")}`, async ({
    page,
    app,
  }) => {
    await page.goto(await app.tagUrl(half[0]![0]));
    for (const [tag, station] of half) {
      await visit(page, await app.tagUrl(tag, station));
      await expect(page.getByRole("heading", { level: 1, name: tag })).toBeAttached();
      await expect(page.locator("[aria-current=step]")).toContainText(
        new RegExp(station === "drive" ? "actuation" : station, "i"),
      );
      await expect(page.getByText(/candidates proved in/)).toBeVisible();
      await page.waitForTimeout(400);
      await expectNoFindings(page, `${station} of ${tag}`);
    }
  });

test("axe finds nothing on the rooms", async ({ page, app }) => {
  await page.goto(`${app.url}/line-up`);
  // The address without a project leads on to one; a visit made before that would be undone.
  await expect(page).toHaveURL(/\/projects\/.+\/line-up$/);
  await expect(page.getByRole("heading", { level: 1, name: "Line-up" })).toBeAttached();
  for (const [room, ready] of [
    ["house-rules", "Limits and preferences of this organisation"],
    ["shelf", "Import a catalogue"],
    ["rules", "Size offered"],
    ["drift", "Sheets in force"],
    ["projects", "Import project"],
  ] as const) {
    await visit(page, `${app.url}/${room}`);
    await expect(page.getByText(ready).first()).toBeVisible();
    await expectNoFindings(page, room);
  }
});

test("axe finds nothing on the lists below the picture and the dialogs of the bench", async ({
  page,
  app,
}) => {
  await page.goto(await app.tagUrl("XV-5001", "envelope"));
  await page.getByRole("tab", { name: "Permitted range" }).click();
  await expect(page.getByText(/\d+ values searched/)).toHaveCount(1);
  await expectNoFindings(page, "how far it may move", "[role=tabpanel]");
  await page.getByRole("tab", { name: "Seats" }).click();
  await page.keyboard.press("k");
  await page.getByRole("tab", { name: "Compare 1" }).click();
  await expect(page.getByRole("table", { name: "Comparison" })).toBeVisible();
  await expectNoFindings(page, "comparison", "[role=tabpanel]");
  await page.keyboard.press("a");
  await expectNoFindingsInDialog(page, "Add a case");
  await page.keyboard.press("Escape");
  await page.getByRole("button", { name: /^Units/ }).click();
  await expectNoFindingsInDialog(page, "Units");
});

test("axe finds nothing on line-up, import, command bar, shortcuts, legend and override", async ({
  page,
  app,
}) => {
  await page.goto(`${app.url}/line-up`);
  await expect(page.getByRole("row", { name: /PV-3081/ })).toContainText("No suitable candidate");
  await expectNoFindings(page, "line-up");
  await page.keyboard.press("/");
  await expect(page.getByPlaceholder("Tag, station or action")).toBeVisible();
  await expectNoFindingsInDialog(page, "Search or run a command");
  await page.getByPlaceholder("Tag, station or action").fill("keyboard");
  await page.keyboard.press("Enter");
  await expectNoFindingsInDialog(page, "Keyboard shortcuts");
  await page.keyboard.press("Escape");
  await page.keyboard.press("?");
  await expectNoFindingsInDialog(page, "Legend");
  await page.keyboard.press("Escape");
  await visit(page, `${app.url}/import`);
  await page.locator("input[type=file]").setInputFiles({
    name: "list.csv",
    mimeType: "text/csv",
    buffer: Buffer.from("Tag,DN,Colour\nXV-A,51,red\n"),
  });
  await expect(page.getByRole("heading", { name: /1 fault/ })).toBeVisible();
  await expectNoFindings(page, "import");
  await visit(page, await app.tagUrl("XV-4020", "body"));
  await page.getByRole("button", { name: "Choose against the proof" }).click();
  await expectNoFindingsInDialog(page, "");
});
