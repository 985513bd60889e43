import { readFileSync } from "node:fs";
import { gzipSync } from "node:zlib";
import { expect, test } from "../support/app.ts";

const list = `Tag No;Service;Size (NPS);Rating;Ends;Fluid;Service family;Phase;Direction;Fail action;Operator;Air min (barg);Air max (barg);Oper press (psig);Oper temp (°F);Design press (psig);Design temp (°F)
XV-J1;Flash gas, second stage;6;300#;flanged RF;Flash gas;sweet hydrocarbon gas;gas;both ways;closes;pneumatic;5;7,5;290;104;362,6;140
`;

test("import, prove, choose, issue, reload, prove the same", async ({ page, app }) => {
  await page.goto(`${app.url}/import`);
  await page
    .locator("input[type=file]")
    .setInputFiles({ name: "list.csv", mimeType: "text/csv", buffer: Buffer.from(list, "utf8") });
  await expect(page.getByText("decimal comma")).toBeVisible();
  await page.getByRole("button", { name: "Store 1 tag" }).click();
  // Four dozen tags precede it: it is found by its number.
  await page.getByRole("searchbox").fill("XV-J1");
  await expect(page.getByRole("link", { name: "XV-J1" })).toBeVisible();

  await page.getByRole("link", { name: "XV-J1" }).click();
  await expect(page.getByText(/candidates proved in/)).toBeVisible();
  await expect(page.getByRole("row", { name: /Trunnion|Floating/ }).first()).toBeVisible();
  await page.getByRole("button", { name: "Choose this valve" }).click();
  await page.getByRole("button", { name: "Go to the sheet" }).click();
  await page.getByLabel("Notes on the sheet").fill("First of its kind here.");
  await page.getByRole("button", { name: "Issue revision A" }).click();
  await expect(page.getByRole("region", { name: "Issued sheets" }).getByText("revision A")).toBeVisible();

  await page.reload();
  await page.getByRole("button", { name: "prove again" }).click();
  await expect(page.getByText("same", { exact: true })).toBeVisible();

  const [pdf] = await Promise.all([
    page.waitForEvent("download"),
    page.getByRole("link", { name: "PDF" }).click(),
  ]);
  expect(pdf.suggestedFilename()).toBe("XV-J1-A.pdf");
  expect(
    readFileSync(await pdf.path())
      .subarray(0, 5)
      .toString(),
  ).toBe("%PDF-");
  const [json] = await Promise.all([
    page.waitForEvent("download"),
    page.getByRole("link", { name: "JSON" }).click(),
  ]);
  const sheet = JSON.parse(readFileSync(await json.path(), "utf8"));
  expect(sheet).toMatchObject({ revision: "A", notes: "First of its kind here.", tag: { number: "XV-J1" } });
  expect(sheet.inputs.duty.cases[1].upstreamBarG).toBeCloseTo(25, 1);

  // An issued sheet stays as it is; a duty that moves on is shown beside it.
  await expect(page.getByText("revision A", { exact: true }).first()).toBeVisible();
  await page.getByLabel(/^temperature, normal/).fill("41");
  await expect(page.getByText("revision A, changed since")).toBeVisible();
  await expect(page.getByText(/^saved/)).toBeVisible();
  await page.getByRole("button", { name: "prove again" }).click();
  await expect(page.getByText("same", { exact: true })).toBeVisible();

  await page.goto(`${app.url}/line-up`);
  await page.getByRole("searchbox").fill("XV-J1");
  await expect(page.getByRole("row", { name: /XV-J1/ })).toContainText("A");
});

test("a first visit opens on a tag with a problem, without loading charts", async ({ page, app }) => {
  const scripts: { url: string; gzip: number }[] = [];
  page.on("response", async (response) => {
    if (!response.url().endsWith(".js")) return;
    const url = response.url();
    const { responseBodySize } = await response.request().sizes();
    // Chromium reports no size for the files of a worker.
    const gzip = responseBodySize || gzipSync(await (await fetch(url)).arrayBuffer()).length;
    scripts.push({ url, gzip });
  });
  await page.goto(app.url);
  await expect(page).toHaveURL(/\/tags\/.+\/duty$/);
  await expect(page.getByText(/candidates proved in/)).toBeVisible();
  await expect(
    page.getByRole("navigation", { name: "Stations" }).locator("[data-verdict=tight]"),
  ).toHaveCount(1);
  await page.waitForLoadState("networkidle");
  const total = scripts.reduce((sum, s) => sum + s.gzip, 0);
  expect(scripts.some((s) => s.url.includes("charts"))).toBe(false);
  const prover = scripts.find((s) => s.url.includes("prover.worker"))!.gzip;
  expect(prover).toBeGreaterThan(100_000);
  expect(prover).toBeLessThan(170_000);
  expect(total).toBeGreaterThan(prover + 50_000);
  expect(total).toBeLessThan(460_000);
  // Scripts named in the page itself: the first screen needs only these.
  const first = [...(await (await fetch(app.url)).text()).matchAll(/assets\/[\w-]+\.js/g)].map(
    ([path]) => path,
  );
  expect(first.length).toBeGreaterThan(0);
  const sizes = await Promise.all(
    [...new Set(first)].map(
      async (path) => gzipSync(await (await fetch(`${app.url}/${path}`)).arrayBuffer()).length,
    ),
  );
  expect(sizes.reduce((sum, size) => sum + size, 0)).toBeLessThan(150_000);
  await page.getByRole("link", { name: /Actuation/ }).click();
  await expect(page.getByRole("img", { name: /Torque demand/ })).toBeVisible();
});

test("a tag without a suitable valve shows the nearest misses and needs a reason to go on", async ({
  page,
  app,
}) => {
  await page.goto(await app.tagUrl("XV-4020", "envelope"));
  await expect(page.getByRole("heading", { name: "No suitable candidate in the catalogue" })).toBeVisible();
  await page.getByRole("button", { name: "Choose against the proof" }).click();
  const dialog = page.getByRole("dialog");
  await expect(dialog.getByRole("button", { name: "Choose with this reason" })).toBeDisabled();
  await dialog.getByLabel("Reason").fill("Trial for one campaign.");
  await dialog.getByRole("button", { name: "Choose with this reason" }).click();
  await expect(page.getByText("Overridden: Trial for one campaign.")).toBeVisible();
});

test("verdicts follow typing, undo and redo bring them back", async ({ page, app }) => {
  await page.goto(await app.tagUrl("XV-1021", "envelope"));
  await expect(page.getByText(/candidates proved in/)).toBeVisible();
  const envelope = page.getByRole("link", { name: /Envelope/ }).locator("[data-verdict]");
  await expect(envelope).toHaveAttribute("data-verdict", "holds");
  const upstream = page.getByLabel("upstream, maximum, bar g");
  await upstream.fill("30");
  await upstream.blur();
  await expect(envelope).toHaveAttribute("data-verdict", "fails");
  await page.keyboard.press("Control+z");
  await expect(envelope).toHaveAttribute("data-verdict", "holds");
  await page.keyboard.press("Control+Shift+z");
  await expect(upstream).toHaveValue("30");
  for (let i = 0; i < 3; i++) await page.keyboard.press("Control+z");
  await expect(upstream).toHaveValue("11");
});

test("figures are read in any unit and shown in the reader's", async ({ page, app }) => {
  await page.goto(await app.tagUrl("XV-5001", "envelope"));
  await expect(page.getByText(/candidates proved in/)).toBeVisible();
  const upstream = page.getByLabel(/^upstream, maximum/);
  await upstream.fill("750 psi");
  await upstream.blur();
  await expect(upstream).toHaveValue("51.7");
  await page.getByRole("button", { name: /^Units/ }).click();
  const units = page.getByRole("dialog", { name: "Units" });
  await units.getByLabel("US customary").check();
  await page.keyboard.press("Escape");
  await expect(upstream).toHaveValue("750");
  await page.getByRole("button", { name: "gauge" }).click();
  await expect(upstream).toHaveValue("764.7");
  await expect(page.getByLabel("upstream, maximum, psi a")).toBeVisible();
  // A quantity of the reader's own, and a single field that differs from it.
  await page.getByRole("button", { name: /^Units/ }).click();
  await units.getByLabel("pressure", { exact: true }).selectOption("MPa g");
  await units.getByLabel("lowest air supply").selectOption("kPa g");
  await page.keyboard.press("Escape");
  await expect(page.getByLabel("upstream, maximum, MPa a")).toHaveValue("5.27");
  await expect(page.getByLabel("lowest air supply, kPa g")).toHaveValue("500 kPa g");
});

test("cases are added, copied and removed", async ({ page, app }) => {
  await page.goto(await app.tagUrl("XV-8002", "duty"));
  const names = page.getByLabel(/^name of case/);
  await expect(names).toHaveCount(2);
  await page.getByRole("button", { name: /add case/ }).click();
  await page
    .getByRole("dialog")
    .getByRole("button", { name: /^steam-out/ })
    .click();
  await expect(names).toHaveCount(3);
  await expect(page.getByLabel("temperature, steam-out, °C")).toHaveValue("148");
  await names.first().click();
  await page.getByRole("button", { name: "copy" }).click();
  await expect(names).toHaveCount(4);
  await expect(names.nth(1)).toHaveValue("normal copy");
  await page.getByRole("button", { name: "remove" }).click();
  await expect(names).toHaveCount(3);
});
