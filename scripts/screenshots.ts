/** Draws the current pictures of the main views from the demo data into docs/screenshots. The server must run. */
import { mkdirSync } from "node:fs";
import { join } from "node:path";
import { fileURLToPath } from "node:url";
import { chromium } from "@playwright/test";
import type { Project, TagRow } from "@proven-seat/contract";

const base = process.env.BASE_URL ?? "http://127.0.0.1:4180";
const folder = fileURLToPath(new URL("../docs/screenshots", import.meta.url));
mkdirSync(folder, { recursive: true });

const [project] = (await (await fetch(`${base}/api/projects`)).json()) as Project[];
const rows = (await (await fetch(`${base}/api/projects/${project!.id}/tags`)).json()) as TagRow[];
const tag = (number: string) => `/tags/${rows.find((r) => r.number === number)!.id}`;

/** The sheet's picture wants something chosen and issued. */
async function issueOnce(number: string): Promise<void> {
  const row = rows.find((r) => r.number === number)!;
  if (row.sheet) return;
  const send = async (method: string, path: string, body: unknown) =>
    (
      await fetch(base + path, {
        method,
        headers: { "content-type": "application/json" },
        body: JSON.stringify(body),
      })
    ).json();
  const {
    projectId: _p,
    id,
    dutyVersion: _d,
    updatedAt: _a,
    updatedBy: _b,
    ...tagContent
  } = await (await fetch(`${base}/api/tags/${row.id}`)).json();
  const { candidates } = await send("POST", "/api/prove", { duty: tagContent.duty, limit: 1 });
  const choice = {
    valve: candidates[0].valve.key,
    drive: candidates[0].drive?.key ?? null,
    notes: "Insulate to the gland; keep the indicator in sight.",
  };
  const saved = await send("PUT", `/api/tags/${id}`, { ...tagContent, choice });
  await send("POST", `/api/tags/${id}/sheets`, { version: saved.version });
}
await issueOnce("XV-3017");
await issueOnce("XV-2011");

/** The picture of drift wants something to drift by. */
async function otherRules(): Promise<void> {
  const house = await (await fetch(`${base}/api/house-rules`)).json();
  if (house.version > 1) return;
  await fetch(`${base}/api/house-rules`, {
    method: "POST",
    headers: { "content-type": "application/json" },
    body: JSON.stringify({
      values: { ...house.values, torqueMargin: 30, serviceFactor: 1.35 },
      reason: "Older actuators lose strength",
      basedOn: house.version,
    }),
  });
}

const list =
  'Valve Tag No.;Service / Fluid;Size (in);ANSI Class;End Conn;Des. Press (psig);Des. Temp (°F);Shutoff dP (psi);Fail Pos.;Insulation;Remarks\nXV-7101;Cooling water;6;300#;RF;362,6;-20/140;250;FC;none;steamed out\nXV-7102;Fuel gas;7;300#;RF;362,6;140;250;springy;none;\nXV-7103;Naphtha;4";600 RTJ;;abc;140;250;springy;50 mm;\nXV-7101;Cooling water;8;300#;RF;362,6;140;250;FC;none;\n';

const views: {
  name: string;
  path: string;
  dark?: boolean;
  list?: boolean;
  tab?: string;
  change?: boolean;
  drift?: boolean;
}[] = [
  { name: "line-up", path: "/line-up" },
  { name: "bench-duty", path: `${tag("XV-9001")}/duty` },
  { name: "bench-body", path: `${tag("XV-3052")}/body` },
  { name: "bench-envelope", path: `${tag("XV-5001")}/envelope` },
  { name: "house-rules", path: "/house-rules", change: true },
  { name: "shelf", path: "/shelf" },
  { name: "rules", path: "/rules" },
  { name: "bench-drive", path: `${tag("XV-3052")}/drive` },
  { name: "jobs", path: "/shop" },
  { name: "shop", path: `${tag("XV-1004")}/shop` },
  { name: "bench-air", path: `${tag("XV-1044")}/drive`, tab: "Air" },
  { name: "bench-flow", path: `${tag("TV-4021")}/flow`, tab: "Over the travel" },
  { name: "bench-torque", path: `${tag("XV-3052")}/torque` },
  { name: "bench-fit-up-dark", path: `${tag("XV-3052")}/fit-up`, dark: true },
  { name: "bench-nothing-stands-dark", path: `${tag("XV-4020")}/envelope`, dark: true },
  { name: "sheet", path: `${tag("XV-3017")}/sheet` },
  { name: "import", path: "/import", list: true },
  { name: "projects", path: "/projects" },
  { name: "drift", path: "/drift", drift: true },
];

const browser = await chromium.launch({
  executablePath: "/usr/bin/chromium-headless-shell",
  args: ["--no-sandbox", "--disable-gpu", "--disable-background-networking"],
});
for (const view of views) {
  if (view.drift) await otherRules();
  const context = await browser.newContext({
    viewport: { width: 1280, height: 800 },
    colorScheme: view.dark ? "dark" : "light",
  });
  const page = await context.newPage();
  await page.goto(base + view.path);
  if (view.list)
    await page
      .locator("input[type=file]")
      .setInputFiles({ name: "line-list.csv", mimeType: "text/csv", buffer: Buffer.from(list) });
  await page.getByRole("heading", { level: 1 }).waitFor({ state: "attached" });
  if (view.tab) await page.getByRole("tab", { name: view.tab }).click();
  if (view.change) await page.getByLabel("Pressure margin").fill("40");
  if (view.drift) {
    await page.getByRole("button", { name: /^Prove/ }).click();
    await page.getByText("all proved with these").waitFor({ timeout: 60_000 });
  }
  await page.waitForTimeout(view.tab || view.change ? 6000 : 2500);
  await page.screenshot({ path: join(folder, `${view.name}.png`) });
  await context.close();
}
await browser.close();
