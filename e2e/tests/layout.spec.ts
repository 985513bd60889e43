import type { Page } from "@playwright/test";
import { demoTemplate } from "../../server/test/demo-template.ts";
import { expect, test } from "../support/app.ts";
import { RunningApp } from "../support/running-app.ts";
import { visit } from "../support/visit.ts";

const stations = ["duty", "body", "envelope", "flow", "torque", "drive", "fit-up", "sheet"] as const;
const rooms = [
  ["line-up", "Line-up"],
  ["shelf", "Shelf"],
  ["house-rules", "House rules"],
  ["rules", "Rules"],
  ["import", "Import a line list"],
  ["drift", "Drift"],
  ["projects", "Projects"],
  ["shop", "Shop"],
] as const;
const sizes = [
  { width: 1280, height: 800 },
  { width: 1920, height: 1080 },
] as const;

/** Elements that extend beyond the window, and content that the frame cuts off silently. */
const overhanging = () => {
  const wide = document.documentElement.scrollWidth - document.documentElement.clientWidth;
  const tall = document.documentElement.scrollHeight - document.documentElement.clientHeight;
  const out = [...document.querySelectorAll("h1, h2, button, a, input, select")]
    .filter((element) => {
      const box = element.getBoundingClientRect();
      // Content that scrolls inside a region of its own may be outside of the window.
      return (
        box.width > 0 && box.left >= 0 && box.top >= 0 && box.top < innerHeight && box.right > innerWidth + 1
      );
    })
    .map((element) => element.textContent || element.getAttribute("aria-label"));
  return { wide, tall, out };
};

const fitsEverySize = async (page: Page, what: string) => {
  for (const size of sizes) {
    await page.setViewportSize(size);
    await expect
      .poll(() => page.evaluate(overhanging), `${what} at ${size.width}`)
      .toEqual({ wide: 0, tall: 0, out: [] });
  }
};

test("nothing overflows any station, small or large", async ({ page, app }) => {
  await page.goto(await app.tagUrl("XV-1034"));
  await expect(page.getByText(/candidates proved in/)).toBeVisible();
  for (const station of stations) {
    await visit(page, await app.tagUrl("XV-1034", station));
    await expect(page.locator(`[aria-current=step][href$="/${station}"]`)).toBeVisible();
    await fitsEverySize(page, station);
  }
});
test("nothing overflows any room, small or large", async ({ page, app }) => {
  await page.goto(`${app.url}/line-up`);
  await expect(page.getByRole("heading", { level: 1, name: "Line-up" })).toBeAttached();
  for (const [room, heading] of rooms) {
    await visit(page, `${app.url}/${room}`);
    await expect(page.getByRole("heading", { level: 1, name: heading })).toBeAttached();
    await fitsEverySize(page, room);
  }
});

test("rows stay where they are while the list is proved, and once it is", async ({ browser }) => {
  // An application of its own: in the others the list is proved before.
  const fresh = await RunningApp.start(demoTemplate);
  const page = await browser.newPage();
  try {
    await page.goto(`${fresh.url}/line-up`);
    const first = page.getByRole("link", { name: /^[A-Z]+-\d+$/ }).first();
    const proving = page.getByRole("progressbar", { name: "Proving" });
    await expect(proving).toBeVisible();
    await page.evaluate(async () => void (await document.fonts.ready));
    const top = (await first.boundingBox())!.y;
    await expect(proving).toBeHidden({ timeout: 180_000 });
    expect((await first.boundingBox())!.y).toBeCloseTo(top, 0);
  } finally {
    await page.close();
    await fresh.end();
  }
});

test("names of the greatest length neither push figures out nor hide a fault", async ({ page, app }) => {
  await page.goto(await app.tagUrl("XV-8050", "envelope"));
  await expect(page.getByText(/candidates proved in/)).toBeVisible();
  const long = "Shut-off differential across the boundary valve, line test W".slice(0, 60);
  await page.getByLabel("name of case 1").fill(long);
  await page.getByLabel(`upstream, ${long}, bar g`).fill("300");
  await expect(page.getByRole("region", { name: "Findings" })).toContainText(/300/);
  expect(await page.evaluate(overhanging)).toEqual({ wide: 0, tall: 0, out: [] });
  await page.keyboard.press("Control+z");
  await page.keyboard.press("Control+z");
});
