import { execFileSync } from "node:child_process";
import { mkdtempSync, writeFileSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { fileURLToPath } from "node:url";
import { Worker } from "node:worker_threads";
import { describe, expect, it } from "vitest";

const root = fileURLToPath(new URL("../..", import.meta.url));

describe("core in a bare worker", () => {
  it("loads and proves without Node and without a DOM", async () => {
    const folder = mkdtempSync(join(tmpdir(), "core-"));
    const entry = join(folder, "entry.ts");
    writeFileSync(
      entry,
      `import { prove } from "${root}/core/src/judgement/proof/prove.ts";
       import { calculations } from "${root}/core/src/basis/calc/contract.ts";
       import { readCatalogueDocument } from "${root}/core/src/equipment/catalogue/check.ts";
       import { compileShelf } from "${root}/core/src/equipment/catalogue/shelf.ts";
       import { defaultHouseRules } from "${root}/core/src/basis/house/house-rules.ts";
       import { gridOfText } from "${root}/core/src/duty/line-list/grid.ts";
       import { findTable } from "${root}/core/src/duty/line-list/table.ts";
       import { catalogueDocument, dutyWith } from "${root}/core/test/fixture.ts";
       const { catalogue } = readCatalogueDocument(catalogueDocument);
       const proof = prove(dutyWith(), compileShelf(catalogue), defaultHouseRules());
       globalThis.result = { candidates: proof.candidates.length, calculations: calculations.length, rows: findTable(gridOfText("Tag,DN\\nX,50")).rows.length };`,
    );
    const script = execFileSync(
      join(root, "node_modules/.bin/esbuild"),
      [entry, "--bundle", "--format=iife", "--platform=browser", "--conditions=source"],
      {
        cwd: root,
        encoding: "utf8",
        maxBuffer: 1e8,
      },
    );
    // A bare realm has the language and nothing of its host: no process, no window, no require, no clock of ours.
    const host = `const vm = require("node:vm"); const { parentPort, workerData } = require("node:worker_threads");
      const realm = vm.createContext({ TextEncoder, TextDecoder, console: { warn() {}, log() {} } });
      vm.runInContext(workerData, realm); parentPort.postMessage(JSON.stringify(realm.result));`;
    const answer = await new Promise<string>((resolve, reject) => {
      new Worker(host, { eval: true, workerData: script }).once("message", resolve).once("error", reject);
    });
    expect(JSON.parse(answer)).toEqual({ candidates: 4, calculations: 25, rows: 1 });
  });
});
