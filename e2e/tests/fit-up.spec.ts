import { readFileSync } from "node:fs";
import DxfParser from "dxf-parser";
import { expect, test } from "../support/app.ts";

test("a workshop downloads bracket and template of an actuator as files at 1:1", async ({
  page,
  app,
  context,
}) => {
  await page.goto(await app.tagUrl("XV-3052", "fit-up"));
  await expect(page.getByRole("img", { name: /^Side view: pad .*bracket/ })).toBeVisible();
  await expect(page.getByText("weakest part")).toHaveCount(1);
  const save = async (name: RegExp) => {
    const [file] = await Promise.all([
      page.waitForEvent("download"),
      page.getByRole("button", { name }).click(),
    ]);
    return file;
  };
  const dxf = await save(/Drilling template F30 as DXF/);
  expect(dxf.suggestedFilename()).toBe("drilling-template-F30.dxf");
  const drawn = new DxfParser().parseSync(readFileSync(await dxf.path(), "utf8"))!;
  const holes = drawn.entities.filter((e) => e.type === "CIRCLE" && e.layer === "holes");
  // Eight screws and the stem.
  expect(holes).toHaveLength(9);
  expect(drawn.header.$INSUNITS).toBe(4);

  const svg = await save(/Bracket as SVG/);
  const other = await context.newPage();
  await other.setContent(readFileSync(await svg.path(), "utf8"));
  const box = await other.locator("svg").boundingBox();
  const [, wide] = /width="([\d.]+)mm"/.exec(await other.content())!;
  // A millimetre of CSS is 96/25.4 pixels.
  expect(box!.width).toBeCloseTo((Number(wide) * 96) / 25.4, 0);
  await expect(other.locator("circle")).not.toHaveCount(0);
});

test("the mounting steps are read by keyboard, in the reader's units", async ({ page, app }) => {
  await page.goto(await app.tagUrl("XV-3052", "fit-up"));
  await page.getByRole("tab", { name: "Mounting" }).focus();
  await page.keyboard.press("Enter");
  const steps = page.getByRole("region", { name: "Mounting" }).getByRole("listitem");
  await expect(steps.first()).toContainText("Caution");
  await expect(steps.filter({ hasText: "torque, lubricated" }).first()).toContainText("N·m");
});

test("the air arrangement of an actuator follows the time asked for", async ({ page, app }) => {
  await page.goto(await app.tagUrl("XV-1044", "drive"));
  await page.getByRole("tab", { name: "Air" }).click();
  const ways = page.getByRole("table", { name: /Longest stroking time/ });
  // The cheapest arrangement comes first; a quick exhaust is used when it is too slow.
  const plain = ways.getByRole("row", { name: /solenoid valve and tube/ }).first();
  await expect(plain.getByRole("img", { name: "fails" })).toHaveCount(1);
  await expect(ways.getByRole("row", { name: /with quick exhaust/ }).first()).toHaveAttribute(
    "aria-current",
    "true",
  );
  await page.getByLabel(/^closes within/i).fill("60");
  await expect(plain.getByRole("img", { name: "fails" })).toHaveCount(0);
  await expect(plain.getByRole("img", { name: "holds" })).toHaveCount(2);
  await expect(plain).toHaveAttribute("aria-current", "true");
});
