import type { Job, JobRow } from "@proven-seat/contract";
import { expect, test } from "../support/app.ts";
import type { RunningApp } from "../support/running-app.ts";

test.use({ serviceWorkers: "allow" });

const ticksOf = async (app: RunningApp, number: string): Promise<string[]> => {
  const tag = await app.tag(number);
  const rows: JobRow[] = await (await fetch(`${app.url}/api/projects/${tag.projectId}/jobs`)).json();
  const mine = rows.filter(({ tagId, kind }) => tagId === tag.id && kind === "strip");
  const jobs = await Promise.all(
    mine.map(
      async ({ id }) => (await fetch(`${app.url}/api/tags/${tag.id}/jobs/${id}`)).json() as Promise<Job>,
    ),
  );
  return jobs.flatMap(({ events }) => events.map(({ said }) => said.kind));
};

test("a shop page that was open once opens without a server, is worked on, and sends later", async ({
  page,
  app,
  context,
}) => {
  const address = await app.tagUrl("XV-3052", "shop/strip");
  const other = await app.tagUrl("XV-3017", "shop/strip");
  await page.goto(address);
  await page.getByLabel("technician").fill("Day shift");
  await page.getByLabel("technician").blur();
  await expect(page.getByText(/Opens offline/)).toBeVisible();
  const whole = page.url();
  await page.close();
  await app.kill();

  // Without its project in the address, as a code on paper may give it, and with.
  for (const url of [address, whole]) {
    const again = await context.newPage();
    await again.goto(url);
    await expect(again.getByRole("article")).toHaveAccessibleName(/^Step 1 of/);
    await expect(again.getByText("The server cannot be reached.")).toBeVisible();
    await again.close();
  }
  const away = await context.newPage();
  await away.goto(whole);
  await expect(away.getByRole("article")).toBeVisible();
  await away.keyboard.press("d");
  await away.keyboard.press("d");
  await expect(away.getByRole("article")).toHaveAccessibleName(/^Step 3 of/);
  await away.reload();
  await expect(away.getByRole("article")).toHaveAccessibleName(/^Step 3 of/);
  await expect(away.getByText(/2 on this device: sent when there is a connection/)).toBeVisible();
  // Other plans of the same valve are made here, by the stored program.
  await away.getByRole("link", { name: "Reassemble" }).click();
  await expect(away.getByRole("article")).toHaveAccessibleName(/^Step 1 of/);
  // The bench uses no stored data.
  await away.getByRole("link", { name: "go to the bench" }).click();
  await expect(away.getByText("The tag could not be loaded")).toBeVisible();
  await expect(away.getByLabel("service", { exact: true })).toBeHidden();
  // A page that was never open says so, and a room that does not work offline shows nothing old.
  await away.goto(other);
  await expect(away.getByText(/This device has not opened the tag before/)).toBeVisible();
  await away.goto(`${app.url}/line-up`);
  await expect(away.getByText(/could not be loaded/)).toBeVisible();
  await away.goto(whole);
  await expect(away.getByRole("article")).toHaveAccessibleName(/^Step 3 of/);

  await app.revive();
  await expect(away.getByText("The server cannot be reached.")).toBeHidden();
  await expect(away.getByText(/all sent/)).toBeVisible();
  expect(await ticksOf(app, "XV-3052")).toEqual(["tick", "tick"]);
});

test("a tag changed while its plan was offline is reported, and read again on request", async ({
  page,
  app,
  context,
  browser,
}) => {
  await page.goto(await app.tagUrl("XV-1048", "shop/strip"));
  await expect(page.getByText(/Opens offline/)).toBeVisible();
  const url = page.url();
  await page.close();
  await app.kill();
  const away = await context.newPage();
  await away.goto(url);
  await expect(away.getByText("The server cannot be reached.")).toBeVisible();
  // The other answer arrives before this one.
  await context.setOffline(true);
  await app.revive();
  const other = await (await browser.newContext()).newPage();
  await other.goto(await app.tagUrl("XV-1048", "duty"));
  await other.getByLabel("service", { exact: true }).fill("changed meanwhile");
  await expect.poll(async () => (await app.tag("XV-1048")).service).toBe("changed meanwhile");
  await other.context().close();
  await context.setOffline(false);
  await away.getByRole("button", { name: "Reload" }).click();
  await expect(away.getByText("changed meanwhile")).toBeVisible();
  await expect(away.getByRole("button", { name: "Reload" })).toBeHidden();
});
