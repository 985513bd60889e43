import { readFileSync } from "node:fs";
import { expect, test } from "../support/app.ts";

test("constructions show why they are not suitable, and one that nobody offers is selected by construction", async ({
  page,
  app,
}) => {
  await page.goto(await app.tagUrl("XV-3040", "body"));
  const list = page.getByRole("region", { name: "Constructions" });
  await expect(list.getByRole("button", { name: /Trunnion ball, side entry/ })).toContainText(
    /[\d\s]+ suitable, [\d\s]+ cannot tell, [\d\s]+ ruled out/,
  );
  await expect(list.getByRole("button", { name: /Tilt-away/ })).toContainText(
    "only one seat holds at a time",
  );
  const section = page.getByRole("img", { name: /^Section along the stem, 0° open/ });
  await expect(section).toBeVisible();
  await page.getByLabel("opening angle").fill("45");
  await expect(page.getByRole("img", { name: /45° open/ })).toBeVisible();
  await page.getByRole("button", { name: "from above" }).click();
  await expect(page.getByRole("img", { name: /^Section from above/ })).toBeVisible();
  // The welded body is not on the shelf in this class; the rules would allow it.
  await list.getByRole("button", { name: "by construction" }).first().click();
  await expect(page.getByText("Not offered by any maker")).toBeVisible();
  await expect(page.getByRole("button", { name: /Choose/ })).toHaveCount(0);
  await page.keyboard.press("c");
  await expect(page.getByText("Chosen", { exact: true })).toHaveCount(0);
});

test("the range of a value is found while nothing else waits, and forgotten at the next edit", async ({
  page,
  app,
}) => {
  await page.goto(await app.tagUrl("XV-1050", "envelope"));
  // Selected by hand, the same valve is judged before and after the edit.
  await page.getByRole("grid", { name: "Candidates" }).getByRole("row").nth(1).click();
  await page.getByRole("tab", { name: "Permitted range" }).click();
  const table = page.getByRole("table", { name: /Range of each value/ });
  await expect(table.getByRole("row", { name: /upstream/ }).first()).toContainText(/\d/);
  await expect(page.getByText(/\d+ values searched/)).toHaveCount(1);
  await expect(page.getByRole("img", { name: /temperature against upstream/ })).toBeVisible();
  // The range of one value depends on another: the range before the edit of the temperature does not apply after it.
  const pressure = table
    .getByRole("row", { name: /^normal, upstream/ })
    .getByRole("cell")
    .nth(2);
  const upTo = async () => Number(await pressure.locator(".figures").first().textContent());
  const before = await upTo();
  expect(before).toBeGreaterThan(0);
  await page.getByLabel(/^temperature, normal/).fill("120");
  await expect(table.getByRole("row", { name: /^normal, temperature/ })).toContainText("120 °C");
  await expect.poll(upTo).not.toBe(before);
  expect(await upTo()).toBeGreaterThan(0);
});

test("a dragged case changes the marks and comes back in one step", async ({ page, app }) => {
  await page.goto(await app.tagUrl("XV-1050", "envelope"));
  const chart = page.getByRole("img", { name: /^Envelope of/ });
  await expect(chart).toBeVisible();
  const upstream = page.getByLabel(/^upstream, maximum/);
  const was = await upstream.inputValue();
  const label = chart.locator("text", { hasText: /^maximum/ });
  const box = (await label.boundingBox())!;
  await page.mouse.move(box.x - 8, box.y + box.height / 2);
  await page.mouse.down();
  await page.mouse.move(box.x + 40, box.y - 30, { steps: 4 });
  await page.mouse.move(box.x + 120, box.y - 60, { steps: 4 });
  await page.mouse.up();
  await expect(upstream).not.toHaveValue(was);
  await page.keyboard.press("Control+z");
  await expect(upstream).toHaveValue(was);
});

test("candidates are compared, differences first", async ({ page, app }) => {
  await page.goto(await app.tagUrl("XV-2011", "envelope"));
  await expect(page.getByText(/candidates proved in/)).toBeVisible();
  await page.keyboard.press("k");
  const rows = page.getByRole("grid", { name: "Candidates" }).getByRole("row", { name: /Trunnion/ });
  // The first is compared already.
  await rows.nth(2).click();
  await expect(page.getByRole("region", { name: "Findings" })).toContainText("Trunnion");
  await page.keyboard.press("k");
  await page.getByRole("tab", { name: "Compare 2" }).click();
  const table = page.getByRole("table", { name: "Comparison" });
  await expect(table.getByRole("columnheader")).toHaveCount(3);
  await expect(table.getByRole("rowheader", { name: "construction" })).toBeVisible();
  await expect(table.getByRole("rowheader", { name: "class", exact: true })).toHaveCount(0);
  await page.getByRole("button", { name: "all rows" }).click();
  await expect(table.getByRole("rowheader", { name: "class", exact: true })).toHaveCount(1);
  await table
    .getByRole("button", { name: /^remove/ })
    .first()
    .click();
  await expect(table.getByRole("columnheader")).toHaveCount(2);
});

test("the ladder of seats shows the cost of each step", async ({ page, app }) => {
  await page.goto(await app.tagUrl("XV-3061", "envelope"));
  await page.getByRole("tab", { name: "Seats" }).click();
  const rows = page.getByRole("table", { name: /Seats offered/ }).getByRole("row");
  await expect(rows.filter({ hasText: "PEEK" })).toContainText("N·m");
  expect(await rows.count()).toBeGreaterThan(2);
});

test("a house rule shows its effect before it is saved", async ({ page, app }) => {
  await page.goto(`${app.url}/house-rules`);
  const margin = page.getByLabel("Pressure margin");
  await margin.fill("200");
  await expect(page.getByText("From 0 to 50 %.")).toBeVisible();
  await expect(page.getByRole("button", { name: /in force/ })).toBeDisabled();
  await margin.fill("50");
  await expect(page.getByText(/\d+ of \d+ tags change\./)).toBeVisible();
  await page.getByRole("button", { name: "discard changes" }).click();
  await expect(margin).toHaveValue("10");
});

test("a catalogue is exported, imported unchanged, and refused by row when it is broken", async ({
  page,
  app,
}) => {
  await page.goto(`${app.url}/shelf`);
  const [json] = await Promise.all([
    page.waitForEvent("download"),
    page.getByRole("button", { name: "JSON document" }).click(),
  ]);
  const document = JSON.parse(readFileSync(await json.path(), "utf8"));
  const [zip] = await Promise.all([
    page.waitForEvent("download"),
    page.getByRole("button", { name: /CSV tables/ }).click(),
  ]);
  const picker = page.getByLabel("catalogue files");
  await picker.setInputFiles({
    name: "c.zip",
    mimeType: "application/zip",
    buffer: readFileSync(await zip.path()),
  });
  await expect(page.getByText("No product line and no actuator differs.")).toBeVisible();

  document.lines[0].sizes[2].pad = "F99";
  await picker.setInputFiles({
    name: "c.json",
    mimeType: "application/json",
    buffer: Buffer.from(JSON.stringify(document)),
  });
  const fault = page.getByRole("row", { name: /F99/ });
  await expect(fault).toContainText(`lines/${document.lines[0].id}`);
  await expect(fault).toContainText("sizes.2.pad");
  await expect(page.getByRole("button", { name: /Put revision/ })).toHaveCount(0);
  await picker.setInputFiles({
    name: "c.json",
    mimeType: "application/json",
    buffer: Buffer.from("{ not json"),
  });
  await expect(page.getByText(/not JSON/)).toBeVisible();
});
