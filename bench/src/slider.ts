/**
 * Prints whether the opening of a control valve is turned as fast as a screen shows it, beside a slider that moves
 * nothing in the same browser: `npm run bench:slider`.
 */
import { chromium, type Page } from "@playwright/test";
import { served } from "./http/served.ts";
import { shown } from "./measure.ts";

const steps = 600;
const goalMs = 1000 / 60;

/** Moves the page's slider once a frame; returns the time of each frame, and of each step in it. */
const drag = (page: Page) =>
  page.getByRole("slider").evaluate(async (slider: HTMLInputElement, count) => {
    const write = Object.getOwnPropertyDescriptor(HTMLInputElement.prototype, "value")!.set!;
    const [frames, work]: [number[], number[]] = [[], []];
    let last = await new Promise<number>(requestAnimationFrame);
    for (let i = 0; i < count; i++) {
      const began = performance.now();
      write.call(slider, String(i % 101));
      slider.dispatchEvent(new Event("input", { bubbles: true }));
      // Styles and layout of the changes, which a frame would compute by itself.
      document.body.getBoundingClientRect();
      work.push(performance.now() - began);
      const now = await new Promise<number>(requestAnimationFrame);
      frames.push(now - last);
      last = now;
    }
    return { frames, work };
  }, steps);

const quantile = (times: readonly number[], share: number) =>
  [...times].sort((a, b) => a - b)[Math.min(times.length - 1, Math.floor(times.length * share))]!;

const app = await served("slider");
const browser = await chromium.launch({
  executablePath: "/usr/bin/chromium-headless-shell",
  args: ["--no-sandbox"],
});
try {
  const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
  const get = async <T>(path: string) => (await (await fetch(app.url + path)).json()) as T;
  const [project] = await get<{ id: string }[]>("/api/projects");
  const rows = await get<{ id: string; number: string }[]>(`/api/projects/${project!.id}/tags`);
  await page.goto(`${app.url}/tags/${rows.find(({ number }) => number === "TV-4021")!.id}/flow`);
  await page.getByRole("tab", { name: "Along the stroke" }).click();
  await page.getByRole("slider").waitFor();
  const bare = await browser.newPage({ viewport: { width: 1280, height: 800 } });
  await bare.setContent("<input type=range min=0 max=100>");

  console.log(`a slider over ${steps} frames          median ms   p95 ms  longest`);
  for (const [name, tab] of [
    ["its opening, turned", page],
    ["nothing", bare],
  ] as const) {
    await tab.bringToFront();
    await drag(tab);
    const { frames, work } = await drag(tab);
    const row = (what: string, times: readonly number[]) =>
      console.log(
        `  ${`${name}, ${what}`.padEnd(31)}${[0.5, 0.95, 1].map((s) => shown(quantile(times, s))).join(" ")}`,
      );
    row("a step", work);
    row("a frame", frames);
    const seconds = frames.reduce((sum, ms) => sum + ms, 0) / 1000;
    const late = frames.filter((ms) => ms > 1.5 * goalMs).length;
    console.log(`  ${name}: ${(steps / seconds).toFixed(1)} frames a second, ${late} came late   goal: 60`);
  }
} finally {
  await browser.close();
  await app.end();
}
