import AxeBuilder from "@axe-core/playwright";
import type { Page } from "@playwright/test";
import type { Job, JobRow } from "@proven-seat/contract";
import { pdfText } from "../../server/test/pdf-text.ts";
import { pictureOf } from "../../server/test/shop-work.ts";
import { expect, test } from "../support/app.ts";
import type { RunningApp } from "../support/running-app.ts";

const violations = async (page: Page) =>
  // The checker has types of another version of the browser driver, hence the cast.
  (await new AxeBuilder({ page: page as never }).setLegacyMode().analyze()).violations.map((v) => v.id);
const step = (page: Page) => page.getByRole("article");
const steps = (page: Page) => page.getByRole("navigation", { name: "Steps" });
const work = async (page: Page, app: RunningApp, number: string, who: string) => {
  await page.goto(await app.tagUrl(number, "shop/strip"));
  await expect(step(page)).toBeVisible();
  await page.getByLabel("technician").fill(who);
  await page.getByLabel("technician").blur();
};
const jobsOf = async (app: RunningApp, number: string): Promise<Job[]> => {
  const tag = await app.tag(number);
  const rows: JobRow[] = await (await fetch(`${app.url}/api/projects/${tag.projectId}/jobs`)).json();
  const mine = rows.filter(({ tagId }) => tagId === tag.id);
  return Promise.all(
    mine.map(
      async ({ id }) => (await fetch(`${app.url}/api/tags/${tag.id}/jobs/${id}`)).json() as Promise<Job>,
    ),
  );
};

test("a job done without a connection is sent later, completely and once", async ({ page, app, context }) => {
  await work(page, app, "XV-2003", "Day shift");
  await context.setOffline(true);
  for (const place of [2, 3, 4]) {
    await page.keyboard.press("d");
    await expect(step(page)).toHaveAccessibleName(new RegExp(`^Step ${place} of`));
  }
  await page.getByLabel("Remark", { exact: true }).fill("seat pitted");
  await page.getByRole("button", { name: "Add note" }).click();
  await expect(page.getByText(/4 on this device: sent when there is a connection/)).toBeVisible();
  expect(await jobsOf(app, "XV-2003")).toEqual([]);
  // The first answer is lost on its way back: the device does not know that its events were stored.
  let lost = 0;
  await page.route("**/jobs/*", async (route) => {
    if (route.request().method() !== "POST" || lost++ > 0) return route.continue();
    await route.fetch();
    await route.abort("connectionreset");
  });
  await context.setOffline(false);
  await expect(page.getByText(/all sent/)).toBeVisible();
  expect(lost).toBeGreaterThan(1);
  const [job, ...others] = await jobsOf(app, "XV-2003");
  expect(others).toEqual([]);
  expect(job!.events.map(({ said }) => said.kind)).toEqual(["tick", "tick", "tick", "note"]);
  expect(job!.events.every(({ who }) => who === "Day shift")).toBe(true);
});

test("waiting entries outlive the page, and are sent from the list of jobs", async ({ page, app }) => {
  await work(page, app, "XV-2011", "Day shift");
  await page.route("**/api/tags/*/jobs/*", (route) => route.abort("connectionrefused"));
  await page.keyboard.press("d");
  await expect(page.getByText(/1 on this device: sent when/)).toBeVisible();
  await page.unroute("**/api/tags/*/jobs/*");
  await page.goto(`${app.url}/projects/${(await app.tag("XV-2011")).projectId}/shop`);
  await expect.poll(async () => (await jobsOf(app, "XV-2011"))[0]?.events.length).toBe(1);
  await page.reload();
  await expect(page.getByRole("link", { name: "XV-2011" })).toBeVisible();
  expect(await violations(page)).toEqual([]);
});

test("two technicians on one job see each other's ticks", async ({ page, app, browser }) => {
  await work(page, app, "XV-1034", "Day shift");
  await page.keyboard.press("d");
  await expect(page.getByText(/all sent/)).toBeVisible();
  const other = await (await browser.newContext({ baseURL: app.url })).newPage();
  await work(other, app, "XV-1034", "Night shift");
  // The second device joins the job in progress at its present step.
  await expect(step(other)).toHaveAccessibleName(/^Step 2 of/);
  await expect(steps(other).getByTitle("done by Day shift")).toHaveCount(1);
  await other.keyboard.press("d");
  await expect(steps(page).getByTitle("done by Night shift")).toHaveCount(1);
  await expect(page.getByText(/^2 of \d+ done/)).toBeVisible();
  expect(await jobsOf(app, "XV-1034")).toHaveLength(1);
  await other.context().close();
});

test("a picture is attached, reduced, and shown to the other", async ({ page, app, browser }) => {
  await work(page, app, "XV-2040", "Day shift");
  await page
    .locator("input[type=file]")
    .setInputFiles({ name: "marks.jpg", mimeType: "image/jpeg", buffer: await pictureOf() });
  await expect(page.getByRole("img", { name: "marks.jpg" })).toBeVisible();
  await expect(page.getByText(/all sent/)).toBeVisible();
  const other = await (await browser.newContext({ baseURL: app.url })).newPage();
  await other.goto(await app.tagUrl("XV-2040", "shop/strip"));
  const shown = other.getByRole("img", { name: "marks.jpg" });
  await expect(shown).toBeVisible();
  expect(await shown.evaluate((img: HTMLImageElement) => img.naturalWidth)).toBe(1600);
  await other.context().close();
  await page
    .locator("input[type=file]")
    .setInputFiles({ name: "notes.txt", mimeType: "text/plain", buffer: Buffer.from("no picture") });
  await expect(page.getByRole("alert")).toHaveText(/This device cannot open the picture/);
});

test("a job is measured, judged, finished, and printed", async ({ page, app }) => {
  await page.goto(await app.tagUrl("XV-1030", "shop/together"));
  await page.getByLabel("technician").fill("Day shift");
  await steps(page).getByRole("button").last().click();
  const torque = page.getByLabel(/^measured, N·m/);
  await torque.fill("99999");
  await torque.press("Enter");
  await expect(page.getByText("above the limit: do not use the part as it is")).toBeVisible();
  await page.getByLabel("Remark", { exact: true }).fill("a borrowed wrench");
  await page.getByRole("button", { name: "deviations" }).click();
  await page.getByRole("button", { name: "Finish the job" }).click();
  await expect(page.getByText(/^Finished by Day shift/)).toBeVisible();
  await expect(page.getByRole("button", { name: /^Done/ })).toBeDisabled();
  await expect(page.getByText(/all sent/)).toBeVisible();
  const [paper] = await Promise.all([
    page.waitForEvent("download"),
    page.getByRole("link", { name: "PDF of the job" }).click(),
  ]);
  const { readFile } = await import("node:fs/promises");
  const text = pdfText(new Uint8Array(await readFile(await paper.path())).buffer);
  for (const words of ["Job: Reassemble", "ABOVE ITS LIMIT", "a borrowed wrench", "Day shift"])
    expect(text).toContain(words);
  expect(await violations(page)).toEqual([]);
  // Opened by its own address it is left as well.
  const [done] = await jobsOf(app, "XV-1030");
  await page.goto(`${await app.tagUrl("XV-1030", "shop/together")}?job=${done!.id}`);
  await page.getByRole("button", { name: "start another" }).click();
  await expect(page.getByText(/Ticking a step starts the job/)).toBeVisible();
});
