import { readFileSync } from "node:fs";
import { expect, test } from "../support/app.ts";

test("the first visit explains what is open, and how to start a project", async ({ page, app }) => {
  await page.goto(app.url);
  const where = page.getByRole("complementary", { name: "Getting started" });
  await expect(where).toContainText("an invented plant");
  await where.getByRole("link", { name: /import your line list into My plant/ }).click();
  await expect(page).toHaveURL(/\/import$/);
  await expect(page.getByRole("banner").getByLabel("Project")).toHaveText(/My plant/);
  await page.goto(app.url);
  await expect(page).toHaveURL(/\/line-up$/);
});

test("a project is exported and imported beside itself, proved the same", async ({ page, app }) => {
  await page.goto(await app.tagUrl("XV-2011", "envelope"));
  await page.getByRole("button", { name: "Choose this valve" }).click();
  await page.getByRole("button", { name: "Go to the sheet" }).click();
  await page.getByRole("button", { name: "Issue revision A" }).click();
  await expect(page.getByRole("region", { name: "Issued sheets" })).toContainText("revision A");

  await page.goto(`${app.url}/projects`);
  const [file] = await Promise.all([
    page.waitForEvent("download"),
    page.getByRole("link", { name: "Export project" }).click(),
  ]);
  expect(file.suggestedFilename()).toBe("Tarn_Ness.project.jsonl.gz");
  await page.getByLabel("project file").setInputFiles(await file.path());
  await expect(page.getByRole("alert")).toContainText("Project Tarn Ness already exists");
  await page.getByLabel("import as").fill("Tarn Ness again");
  await page.keyboard.press("Enter");
  await expect(page).toHaveURL(/\/line-up$/);
  await expect(page.getByRole("banner").getByLabel("Project")).toContainText("Tarn Ness again");
  // Its list is proved by the workers, and its sheet is there.
  await page.getByRole("searchbox").fill("XV-2011");
  await expect(page.getByRole("row", { name: /XV-2011/ }).getByText("A", { exact: true })).toBeVisible();
  await expect(
    page
      .getByRole("row", { name: /XV-2011/ })
      .getByRole("img", { name: "holds" })
      .first(),
  ).toBeVisible();
  await page.getByRole("link", { name: "XV-2011" }).click();
  await expect(page.getByText(/candidates proved in/)).toBeVisible();
  await page.keyboard.press("8");
  await page.getByRole("button", { name: "prove again" }).click();
  await expect(page.getByText("same", { exact: true })).toBeVisible();

  const broken = Buffer.from(readFileSync(await file.path()));
  broken[broken.length >> 1]! ^= 1;
  await page.goto(`${app.url}/projects`);
  await page
    .getByLabel("project file")
    .setInputFiles({ name: "broken.gz", mimeType: "application/gzip", buffer: broken });
  await expect(page.getByRole("alert")).toContainText("Nothing was imported");
});
