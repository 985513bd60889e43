/** Writes demo/catalogue from the stated geometry. Run after changing scripts/demo; a test fails when the two differ. */
import { mkdirSync, rmSync, writeFileSync } from "node:fs";
import { dirname, join } from "node:path";
import { fileURLToPath } from "node:url";
import { demoAccessories } from "./demo/accessories.ts";
import { demoDrives } from "./demo/drives/index.ts";
import { demoLines } from "./demo/lines/index.ts";

const head = {
  format: "proven-seat-catalogue/9",
  name: "Demonstration shelf",
  revision: 1,
  status: "demonstration: invented makers, figures generated from stated geometry, not for use",
  currency: "EUR",
};

/** File name below demo/catalogue and its text. */
export function demoCatalogueFiles(): Map<string, string> {
  const text = (content: unknown) => `${JSON.stringify(content, null, 1)}\n`;
  return new Map([
    ["catalogue.json", text(head)],
    ...demoLines().map((line) => [`lines/${line.id}.json`, text(line)] as const),
    ...demoDrives().map((family) => [`drives/${family.id}.json`, text(family)] as const),
    ...demoAccessories().map((family) => [`accessories/${family.id}.json`, text(family)] as const),
  ]);
}

if (process.argv[1] === fileURLToPath(import.meta.url)) {
  const folder = join(dirname(fileURLToPath(import.meta.url)), "../demo/catalogue");
  // Generated completely before the old one is removed.
  const files = demoCatalogueFiles();
  rmSync(folder, { recursive: true, force: true });
  for (const [name, content] of files) {
    mkdirSync(dirname(join(folder, name)), { recursive: true });
    writeFileSync(join(folder, name), content);
  }
}
