import { expect, test } from "../support/app.ts";

test("a house rule is put in force, has the predicted effect, and is taken back", async ({ page, app }) => {
  await page.goto(`${app.url}/house-rules`);
  const basis = page.getByLabel("Differential for sizing");
  await basis.selectOption("rated");
  await expect(page.getByText(/\d+ of 64 tags change\./)).toBeVisible();
  const turned = await page.getByRole("region", { name: "Effect of a change" }).getByRole("listitem").count();
  expect(turned).toBeGreaterThan(3);
  const put = page.getByRole("button", { name: "Put version 2 in force" });
  await expect(put).toBeDisabled();
  await page.getByLabel("Reason for the change").fill("price-book practice of the owner");
  await put.click();
  await expect(page.getByText("version 2 in force: price-book practice of the owner")).toBeVisible();
  await page.getByRole("button", { name: /^v2/ }).click();
  await expect(page.getByRole("region", { name: "Versions" })).toContainText("actual → rated");

  // The project keeps its basis until a user has seen the changes and decides.
  await page.getByRole("link", { name: /uses v1/ }).click();
  await page.getByRole("button", { name: /^Prove \d+ by (these|both)/ }).click();
  await expect(page.getByText("all proved with these")).toBeVisible();
  const tags = page.getByRole("region", { name: "Tags" });
  await expect(tags).toContainText("verdict changed");
  await tags.getByRole("button").nth(1).focus();
  await page.keyboard.press("Enter");
  await expect(page.getByRole("region", { name: "Old and new" })).toContainText("house rules v2");
  await page.getByRole("button", { name: "Update the project to these" }).click();
  await page.getByLabel("Reason for the update").fill("agreed with the owner");
  await page.keyboard.press("Tab");
  await page.keyboard.press("Enter");
  await expect(page.getByText("the project uses these")).toBeVisible();

  // The bench judges by the new version at once.
  await page.goto(await app.tagUrl("XV-3052", "torque"));
  await expect(page.getByText(/house rules v2/)).toBeVisible();
  await expect(page.getByRole("region", { name: "Findings" })).toContainText("Breakaway torque");

  await page.goto(`${app.url}/house-rules`);
  await page.getByRole("button", { name: /^v1/ }).click();
  await page.getByRole("button", { name: "use these values again" }).click();
  await expect(basis).toHaveValue("actual");
  await page.getByLabel("Reason for the change").fill("back to the actual differential");
  await page.getByRole("button", { name: "Put version 3 in force" }).click();
  await expect(page.getByText("version 3 in force: back to the actual differential")).toBeVisible();
  // Tests after this one need the project unchanged.
  const [project] = await (await page.request.get(`${app.url}/api/projects`)).json();
  const { id, catalogueRevision, version } = project;
  const back = { catalogueRevision, houseRuleVersion: 3, reason: "as it was", version };
  expect((await page.request.put(`${app.url}/api/projects/${id}/basis`, { data: back })).status()).toBe(200);
});

test("a missing value shows what depends on it, in the reader's units, and disappears when it is filled in", async ({
  page,
  app,
}) => {
  await page.goto(await app.tagUrl("XV-9001", "duty"));
  const missing = page.getByRole("region", { name: "Missing" });
  await expect(missing).toContainText("5 must be entered, 6 assumed for now");
  await expect(missing).toContainText(
    /Highest air supply: 8 bar g assumed\..*Otherwise \d+ valves change their verdict/,
  );
  await page.keyboard.press("/");
  await page.keyboard.type("US units");
  await page.keyboard.press("Enter");
  await expect(missing).toContainText(/Highest air supply: 116 psi g assumed/);
  await page.getByLabel(/^temperature, normal, °F/).fill("140");
  await expect(missing).toContainText("4 must be entered, 6 assumed for now");
  await expect(missing).not.toContainText("Temperature of normal");
});

test("the section is turned and looked into by keyboard", async ({ page, app }) => {
  await page.goto(await app.tagUrl("XV-1021", "body"));
  await expect(page.getByRole("img", { name: /^Section along the stem, 0° open/ })).toBeVisible();
  const turn = page.getByLabel("opening angle");
  await turn.focus();
  for (let i = 0; i < 3; i++) await page.keyboard.press("PageUp");
  await expect(page.getByText("Close it to see the forces.")).toBeVisible();
  await page.keyboard.press("Home");
  await expect(page.getByText(/^Closed at .* bar: thrust/)).toBeVisible();
  await page.keyboard.press("End");
  await expect(page.getByRole("img", { name: /90° open/ })).toBeVisible();
  await page.getByText("cavity and leak paths").focus();
  await page.keyboard.press("Enter");
  await expect(page.getByText("along the shaft").last()).toBeVisible();
  await expect(page.getByText(/Never put a hand into a bore that can turn/)).toBeVisible();
});

test("a hotter seat is selected from the ladder, and its cost is seen in the findings", async ({
  page,
  app,
}) => {
  await page.goto(await app.tagUrl("XV-4007", "envelope"));
  await expect(page.getByText(/candidates proved in/)).toBeVisible();
  await page.getByRole("tab", { name: "Seats" }).click();
  const rows = page.getByRole("table", { name: /Seats offered/ }).getByRole("row");
  const peek = rows.filter({ hasText: "PEEK" });
  await expect(peek).toBeVisible();
  await peek.getByRole("button").first().click();
  await expect(page.getByRole("region", { name: "Findings" })).toContainText("Seat temperature margin");
  await expect(peek).toContainText("1");
  await expect(page.getByRole("link", { name: /Envelope/ })).toContainText("PEEK");
});
