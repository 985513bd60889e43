import { createServer } from "node:http";
import type { AddressInfo } from "node:net";
import { chromium } from "@playwright/test";
import { expect, test } from "../support/app.ts";

const stranger = "stranger.example";

test("a page of another site neither reads nor writes anything here, whatever name it gives this machine", async ({
  app,
}) => {
  const pages = createServer((_request, response) =>
    response.setHeader("content-type", "text/html").end("<!doctype html><title>stranger</title>"),
  );
  await new Promise<void>((done) => pages.listen(0, "127.0.0.1", done));
  const { port } = pages.address() as AddressInfo;
  const { port: appPort } = new URL(app.url);
  // As after DNS rebinding: the foreign host name leads to this machine.
  const browser = await chromium.launch({
    executablePath: "/usr/bin/chromium-headless-shell",
    args: ["--no-sandbox", "--disable-gpu", `--host-resolver-rules=MAP ${stranger} 127.0.0.1`],
  });
  try {
    const page = await browser.newPage();
    const [project] = (await (await fetch(`${app.url}/api/projects`)).json()) as { id: string }[];
    const before = (await app.rows()).length;

    // Rebound: the page's own origin is this server by another name.
    const answer = await page.goto(`http://${stranger}:${appPort}/`);
    expect(answer!.status()).toBe(403);
    const rebound = await page.evaluate(async (id) => {
      const asked = await fetch(`/api/projects/${id}/tags`, {
        method: "POST",
        headers: { "content-type": "application/json" },
        body: JSON.stringify({ number: "XV-EVIL", duty: {} }),
      });
      return { read: (await fetch("/api/projects")).status, wrote: asked.status };
    }, project!.id);
    expect(rebound).toEqual({ read: 403, wrote: 403 });

    // Across sites: a write that needs no permission to be sent.
    await page.goto(`http://${stranger}:${port}/`);
    await page.evaluate(
      ([url, id]) =>
        fetch(`${url}/api/projects/${id}/tags`, {
          method: "POST",
          mode: "no-cors",
          body: JSON.stringify({ number: "XV-EVIL", duty: {} }),
        }).catch(() => null),
      [app.url, project!.id] as const,
    );
    expect((await app.rows()).length).toBe(before);
  } finally {
    await browser.close();
    pages.close();
  }
});

test("a sheet requested twice over a broken connection is issued once", async ({ page, app, context }) => {
  await page.goto(await app.tagUrl("XV-3017", "body"));
  const tag = await app.tag("XV-3017");
  await page.getByRole("button", { name: "Choose this valve" }).click();
  await expect(page.getByText(/^saved/)).toBeVisible();
  await page.goto(await app.tagUrl("XV-3017", "sheet"));
  const issue = page.getByRole("button", { name: "Issue revision A" });
  await expect(issue).toBeEnabled();
  let lost = false;
  // The answer is lost on its way back: the server has issued, the browser does not know.
  await context.route(
    (url) => url.pathname === `/api/tags/${tag.id}/sheets`,
    async (route) => {
      if (lost || route.request().method() !== "POST") return route.continue();
      lost = true;
      await route.fetch();
      await route.abort("connectionreset");
    },
  );
  await issue.click();
  await expect(page.getByRole("alert")).toContainText("cannot be reached");
  await issue.click();
  await expect(page.getByRole("button", { name: "Issue revision B" })).toBeVisible();
  const sheets = (await (await fetch(`${app.url}/api/tags/${tag.id}/sheets`)).json()) as unknown[];
  expect(sheets).toHaveLength(1);
});
