import { expect, test } from "../support/app.ts";

test("the whole path by keyboard", async ({ page, app }) => {
  await page.goto(`${app.url}/line-up`);
  await expect(page.getByRole("link", { name: "FV-5010" })).toBeVisible();
  await page.keyboard.press("f");
  await page.keyboard.type("amine");
  await page.keyboard.press("Enter");
  await expect(page.getByRole("link", { name: "FV-5010" })).toBeFocused();
  await page.keyboard.press("ArrowDown");
  await expect(page.getByRole("link", { name: "FV-5011" })).toBeFocused();
  await page.keyboard.press("ArrowDown");
  await expect(page.getByRole("link", { name: "XV-5001" })).toBeFocused();
  await page.keyboard.press("Enter");
  await expect(page.getByText(/candidates proved in/)).toBeVisible();

  await page.keyboard.press("a");
  await expect(page.getByRole("dialog", { name: "Add a case" })).toBeVisible();
  await page.keyboard.press("ArrowDown");
  await page.keyboard.press("Enter");
  await expect(page.getByLabel(/^name of case/)).toHaveCount(3);
  await page.getByLabel("name of case 3").focus();
  await page.keyboard.press("Control+a");
  await page.keyboard.type("upset");
  await page.keyboard.press("Tab");
  await page.keyboard.type("8");
  await page.keyboard.press("Tab");
  await page.keyboard.press("Tab");
  await page.keyboard.type("90");
  await expect(page.getByText(/^saved/)).toBeVisible();

  await page.getByRole("row", { selected: true }).last().focus();
  await page.keyboard.press("ArrowDown");
  await page.keyboard.press("c");
  await expect(page.getByText("Chosen", { exact: true })).toBeVisible();
  await page.keyboard.press("/");
  await page.keyboard.type("station: sheet");
  await page.keyboard.press("Enter");
  await expect(page).toHaveURL(/sheet$/);
  const issue = page.getByRole("button", { name: /Issue revision/ });
  await expect(issue).toBeEnabled();
  await page.getByLabel("Notes on the sheet").focus();
  await page.keyboard.press("Shift+Tab");
  await expect(issue).toBeFocused();
  await page.keyboard.press("Enter");
  await expect(page.getByRole("region", { name: "Issued sheets" }).getByText("revision A")).toBeVisible();
  await page.keyboard.press("[");
  await expect(page).toHaveURL(/fit-up$/);
});

test("the command bar finds tags and actions, and Escape gives the focus back", async ({ page, app }) => {
  await page.goto(`${app.url}/line-up`);
  await page.getByRole("button", { name: /search or run a command/ }).focus();
  await page.keyboard.press("/");
  await page.keyboard.type("no such thing at all");
  await expect(page.getByText(/No match/)).toBeVisible();
  await page.keyboard.press("Escape");
  await expect(page.getByRole("button", { name: /search or run a command/ })).toBeFocused();
  await page.keyboard.press("/");
  await page.keyboard.type("dark theme");
  await page.keyboard.press("Enter");
  await expect(page.locator("html")).toHaveAttribute("data-theme", "dark");
  await page.keyboard.press("/");
  await page.keyboard.type("XV-4002");
  await page.keyboard.press("Enter");
  await expect(page.getByLabel("tag number")).toHaveValue("XV-4002");
  await page.keyboard.press("?");
  await expect(page.getByRole("dialog", { name: "Legend" })).toBeVisible();
});

test("a tag is added by key and removed again", async ({ page, app }) => {
  await page.goto(`${app.url}/line-up`);
  await expect(page.getByRole("link", { name: "XV-3017" })).toBeVisible();
  await page.keyboard.press("n");
  await expect(page.getByLabel("tag number")).toHaveValue(/^NEW-/);
  await expect(page.getByText("No candidates yet")).toBeVisible();
  const number = await page.getByLabel("tag number").inputValue();
  // The cursor is in the number: a slash would be part of it.
  await expect(page.getByLabel("tag number")).toBeFocused();
  await page.keyboard.press("Control+k");
  await page.keyboard.type("remove this");
  await page.keyboard.press("Enter");
  await page.getByRole("button", { name: "Remove the tag" }).click();
  await expect(page).toHaveURL(/line-up$/);
  await expect(page.getByRole("link", { name: number })).toHaveCount(0);
});

test("tags from paper are typed in a row without leaving the keyboard", async ({ page, app }) => {
  await page.goto(`${app.url}/line-up`);
  await expect(page.getByRole("link", { name: "XV-3017" })).toBeVisible();
  await page.keyboard.press("n");
  for (const number of ["PAPER-1a", "PAPER-2ok"]) {
    await expect(page.getByLabel("tag number")).toHaveValue(/^NEW-/);
    await expect(page.getByLabel("tag number")).toBeFocused();
    await page.keyboard.type(number);
    await page.keyboard.press("Enter");
    await page.keyboard.type("Wash water, to and/or from");
    await page.keyboard.press("Enter");
    await expect(page.getByLabel("size", { exact: true })).toBeFocused();
    await page.keyboard.type("80");
    await page.keyboard.press("Enter");
    await expect(page.getByLabel("line class", { exact: true })).toBeFocused();
    await page.keyboard.type("300");
    await page.keyboard.press("Enter");
    await expect(page.getByLabel("family", { exact: true })).toBeFocused();
    await page.keyboard.type("water");
    await page.keyboard.press("Enter");
    await expect(page.locator('[data-field="onSupplyLoss"] select')).toBeFocused();
    await page.keyboard.type("close");
    await page.keyboard.press("Enter");
    await expect(page.getByRole("button", { name: "Add the first case" })).toBeFocused();
    await page.keyboard.press("Enter");
    await expect(page.getByRole("dialog")).toBeVisible();
    await page.keyboard.press("Enter");
    await expect(page.getByLabel(/^upstream, normal/)).toBeFocused();
    await page.keyboard.type("145 psi");
    await page.keyboard.press("Enter");
    await expect(page.getByLabel(/^temperature, normal/)).toBeFocused();
    await page.keyboard.type("40");
    await expect(page.getByText(/candidates proved/)).toBeVisible();
    await expect(page.getByText("must be known")).toHaveCount(0);
    await page.keyboard.press("Control+Enter");
  }
  await expect(page.getByLabel("tag number")).toHaveValue(/^NEW-/);
  await page.goto(`${app.url}/line-up`);
  const row = page.getByRole("row", { name: /PAPER-2ok/ });
  await expect(row).toContainText("Wash water, to and/or from");
  await expect(row).toContainText("80");
  await expect(row).toContainText("class 300");
});

test("a missing value that is pressed puts the cursor into its field", async ({ page, app }) => {
  await page.goto(await app.tagUrl("XV-9001", "duty"));
  await page.getByRole("button", { name: "Line class", exact: true }).click();
  await expect(page.getByLabel("line class", { exact: true })).toBeFocused();
});

test("filters show how many tags match and are cleared in place", async ({ page, app }) => {
  await page.goto(`${app.url}/line-up`);
  await expect(page.getByRole("row", { name: /PV-3081/ })).toContainText("No suitable candidate");
  // Other tests share the server and change tags of their own; these four are left alone.
  await page.getByRole("searchbox").fill("XV-4");
  await expect(page.getByRole("row", { name: /XV-/ })).toHaveCount(4);
  await page.getByLabel("show verdict").selectOption("fails");
  await expect(page.getByRole("row", { name: /XV-/ })).toHaveCount(1);
  await page.getByLabel("at station").selectOption("fit-up");
  await expect(page.getByText("No tag matches the filter")).toBeVisible();
  await page.getByRole("button", { name: "Show all" }).click();
  await expect(page.getByRole("row", { name: /XV-1004/ })).toBeVisible();
});
