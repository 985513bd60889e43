import { expect, test } from "../support/app.ts";

test("a stale edit by a second browser is refused with both versions shown", async ({
  page,
  app,
  browser,
}) => {
  const url = await app.tagUrl("XV-6009", "duty");
  await page.goto(url);
  const other = await (await browser.newContext()).newPage();
  await other.goto(url);
  await expect(other.getByLabel("service", { exact: true })).toHaveValue("Produced water to treatment");
  await page.getByLabel("service", { exact: true }).fill("first writer");
  await expect(page.getByText(/^saved/)).toBeVisible();
  await expect.poll(async () => (await app.tag("XV-6009")).service).toBe("first writer");

  await other.getByLabel("service", { exact: true }).fill("second writer");
  const dialog = other.getByRole("dialog", { name: /changed while you edited/ });
  await expect(dialog).toBeVisible();
  await expect(dialog.getByRole("cell", { name: "second writer" })).toBeVisible();
  await expect(dialog.getByRole("cell", { name: "first writer" })).toBeVisible();
  expect((await app.tag("XV-6009")).service).toBe("first writer");

  await dialog.getByRole("button", { name: "Keep my version" }).click();
  await expect.poll(async () => (await app.tag("XV-6009")).service).toBe("second writer");
  await page.getByLabel("service", { exact: true }).fill("third");
  await page.getByRole("dialog").getByRole("button", { name: "Use their version, discard mine" }).click();
  await expect(page.getByLabel("service", { exact: true })).toHaveValue("second writer");
  await other.context().close();
});

test("a server killed during autosave loses nothing typed", async ({ page, app }) => {
  await page.goto(await app.tagUrl("XV-7003", "duty"));
  await expect(page.getByLabel("service", { exact: true })).toHaveValue("Flare knock-out drum drain");
  await app.kill();
  await page.getByLabel("service", { exact: true }).fill("typed while the server was down");
  await page.getByLabel("temperature, maximum, °C").fill("141");
  await expect(page.getByText(/kept on this device/)).toBeVisible();
  await app.revive();
  // A reload before any retry: the draft must come from the device.
  await page.reload();
  await expect(page.getByLabel("service", { exact: true })).toHaveValue("typed while the server was down");
  await expect(page.getByLabel("temperature, maximum, °C")).toHaveValue("141");
  await expect.poll(async () => (await app.tag("XV-7003")).service).toBe("typed while the server was down");
  await expect(page.getByText(/^saved/)).toBeVisible();
});

test("a lost connection is reported and saving goes on when it is back", async ({ page, app, context }) => {
  await page.goto(await app.tagUrl("XV-2030", "duty"));
  await expect(page.getByLabel("service", { exact: true })).toHaveValue("Ammonia loading arm block");
  await context.setOffline(true);
  await page.getByLabel("service", { exact: true }).fill("typed off line");
  await expect(page.getByText(/the server cannot be reached/)).toBeVisible();
  await context.setOffline(false);
  await expect(page.getByText(/^saved/)).toBeVisible();
  expect((await app.tag("XV-2030")).service).toBe("typed off line");
});

test("bad input is refused at its place, kept as typed, and not stored", async ({ page, app }) => {
  await page.goto(await app.tagUrl("XV-3040", "duty"));
  const before = await app.tag("XV-3040");
  const cases: [string | RegExp, string, RegExp][] = [
    ["size", "155", /"155" is not a nominal size/],
    ["line class", "class 700", /not a class or PN/],
    [/^upstream, normal/, "twelve", /"twelve" is not a number/],
    [/^upstream, normal/, "-5", /below full vacuum/],
    [/^upstream, normal/, "99999", /above 1000 bar g/],
    [/^temperature, normal/, "-300", /absolute zero/],
    [/^downstream, normal/, "500", /Swap the two values, or mark the case as reverse/],
    ["longest time closed", "ages", /"ages" is not a number/],
  ];
  for (const [label, text, message] of cases) {
    const field = page.getByLabel(label);
    const good = await field.inputValue();
    await field.fill(text);
    await expect(page.getByText(message).first()).toBeVisible();
    await expect(page.getByText(/kept on this device: correct \d entr/)).toBeVisible();
    await field.blur();
    await expect(field).toHaveValue(text.replace("-", "−"));
    await field.fill(good);
    await expect(page.getByText(message)).toHaveCount(0);
  }
  expect((await app.tag("XV-3040")).duty.cases).toEqual(before.duty.cases);
});

test("files that are no list get the reason", async ({ page, app }) => {
  await page.goto(`${app.url}/import`);
  const pick = (name: string, buffer: Buffer) =>
    page.locator("input[type=file]").setInputFiles({ name, mimeType: "text/csv", buffer });
  const files: [string, Buffer, RegExp][] = [
    ["empty.csv", Buffer.from(""), /file is empty/],
    ["book.csv", Buffer.from([0x50, 0x4b, 3, 4, 0, 0]), /not a workbook that can be read.*or as CSV/],
    ["binary.csv", Buffer.from("Tag,DN\nX\0,1"), /not a text file/],
    ["headings.csv", Buffer.from("Tag,DN\n"), /headings but no rows/],
  ];
  for (const [name, buffer, message] of files) {
    await pick(name, buffer);
    await expect(page.getByRole("alert")).toHaveText(message);
  }
  await page.evaluate(() => {
    const transfer = new DataTransfer();
    transfer.items.add(new File([new Uint8Array(50 * 1024 * 1024)], "huge.csv"));
    const input = document.querySelector<HTMLInputElement>("input[type=file]")!;
    input.files = transfer.files;
    input.dispatchEvent(new Event("change", { bubbles: true }));
  });
  await expect(page.getByRole("alert")).toHaveText(/50 MB\. The limit is 20 MB/);

  await pick("western.csv", Buffer.from("Tag,Service\nXV-W,Soupape \xe9t\xe9\n", "latin1"));
  await expect(page.getByText(/not UTF-8/)).toBeVisible();
  await expect(page.getByText("Soupape été")).toBeVisible();
});

test("faults in a list are shown by row, corrected by mapping, and nothing is imported meanwhile", async ({
  page,
  app,
}) => {
  const count = (await app.rows()).length;
  await page.goto(`${app.url}/import`);
  await page.locator("input[type=file]").setInputFiles({
    name: "list.csv",
    mimeType: "text/csv",
    buffer: Buffer.from("Valve,DN,Upstream (bar g),Temperature\nXV-A,50,abc,20\nXV-B,51,1,-400\n"),
  });
  await expect(page.getByText("No column is mapped to the tag number")).toBeVisible();
  await page.getByLabel("Field for column Valve").selectOption({ label: "Tag" });
  await expect(page.getByRole("heading", { name: /3 faults in 2 rows/ })).toBeVisible();
  await expect(page.getByLabel("Upstream (bar g), row 2")).toHaveValue("abc");
  await page.getByLabel("Field for column DN").selectOption("");
  await page.getByLabel("Field for column Upstream (bar g)").selectOption("");
  await page.getByLabel("Unit of column Temperature").selectOption("°F");
  await page.getByRole("button", { name: "Store 2 tags" }).click();
  await expect(page).toHaveURL(/line-up/);
  await expect(page.getByText("imported: 2 added, 0 updated, 0 unchanged")).toBeVisible();
  expect((await app.rows()).length).toBe(count + 2);
});
