import { execFileSync } from "node:child_process";
import { copyFileSync, mkdtempSync, writeFileSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { expect, test } from "../support/app.ts";

/** Lets a spreadsheet open a file and save it as a workbook of its own. */
function savedBySpreadsheet(file: string, into: string): string {
  execFileSync(
    "soffice",
    [
      `-env:UserInstallation=file://${into}/profile`,
      "--headless",
      "--convert-to",
      "xlsx",
      "--outdir",
      into,
      file,
    ],
    { stdio: "ignore", timeout: 120_000 },
  );
  return join(
    into,
    file
      .split("/")
      .at(-1)!
      .replace(/\.\w+$/, ".xlsx"),
  );
}

const list = `Valves of an invented plant,,,,,,,,,
,,,,,,,,,
Valve Tag No.,Service / Fluid,Size,ANSI Class,End Conn,Fail Pos.,Actuator,Op. Press (barg),Des. Temp (°C),Notes
XV-S1,Cooling water,DN 50,150#,RF,FC,Pneu,"4,5",-10/60,steamed out
XV-S2,Nitrogen,"2""",300#,RF,springy,Pneu,7,50,
XV-S3,Instrument air,DN 55,150#,RF,springy,Pneu,7,50,
`;

test("a spreadsheet's workbook is corrected, stored, proved, exported, opened there and imports the same", async ({
  page,
  app,
}) => {
  test.setTimeout(240_000);
  const folder = mkdtempSync(join(tmpdir(), "spreadsheet-"));
  writeFileSync(join(folder, "plant.csv"), list);
  const workbook = savedBySpreadsheet(join(folder, "plant.csv"), mkdtempSync(join(tmpdir(), "saved-")));

  await page.goto(`${app.url}/import`);
  await page.locator("input[type=file]").setInputFiles(workbook);
  await expect(page.getByText("headings in row 3")).toBeVisible();
  await page.getByLabel("springy in Fail Pos. is read as").selectOption("closes");
  const size = page.getByLabel("Size, row 6");
  await size.fill("DN 80");
  await size.press("Enter");
  await page.getByRole("region", { name: "Suggestions" }).getByRole("button", { name: "apply" }).click();
  await page.getByRole("button", { name: "Store 3 tags" }).click();
  await expect(page.getByText("imported: 3 added")).toBeVisible();
  const rows = (await app.rows()).filter(({ number }) => number.startsWith("XV-S"));
  expect(rows.map(({ number, dn }) => [number, dn])).toEqual([
    ["XV-S1", 50],
    ["XV-S2", 50],
    ["XV-S3", 80],
  ]);
  const tag = await app.tag("XV-S1");
  expect(tag.remarks).toEqual({ Notes: "steamed out" });
  expect(tag.duty.cases.map(({ kind, temperatureC }) => [kind, temperatureC])).toEqual([
    ["normal", null],
    ["maximum", 60],
    ["minimum", -10],
    ["steam-out", 148],
  ]);
  // Proved: each has a verdict, and is found by its remarks.
  await page.getByRole("searchbox").fill("steamed out");
  await expect(page.getByRole("row", { name: /XV-S1/ })).toBeVisible();
  await expect(page.getByRole("row", { name: /XV-S1/ })).toContainText(/\w+ .*\w+/);

  const [exported] = await Promise.all([
    page.waitForEvent("download"),
    page.getByRole("link", { name: "Export XLSX" }).click(),
  ]);
  const out = join(folder, "exported.xlsx");
  copyFileSync(await exported.path(), out);
  const again = savedBySpreadsheet(out, mkdtempSync(join(tmpdir(), "again-")));
  await page.goto(`${app.url}/import`);
  await page.locator("input[type=file]").setInputFiles(again);
  // Tests before this one may have left tags of their own.
  const count = (await app.rows()).length;
  await expect(
    page.getByText(new RegExp(`^0 new, 0 changed, ${count} unchanged, 0 in the project`)),
  ).toBeVisible();
  await expect(page.getByRole("button", { name: "Store 0 tags" })).toBeDisabled();
});
