import { existsSync, mkdtempSync, rmSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { pathToFileURL } from "node:url";
import { defaultHouseRules } from "@proven-seat/core/basis/house";
import { constructions } from "@proven-seat/core/construction/bodies";
import { build } from "vite";
import { afterAll, beforeAll, expect, it } from "vitest";
import { demoCatalogue, demoDuty, demoTags } from "../core/test/demo.ts";
import { tries } from "../core/test/effort.ts";
import type { Question } from "./src/workers/asked.ts";
import * as source from "./src/workers/prover-api.ts";
import { withoutDeclarations } from "./without-declarations.ts";

const folder = mkdtempSync(join(tmpdir(), "prover-test-"));
const entry = join(import.meta.dirname, "src/workers/prover-api.ts");
let built: typeof source;

beforeAll(async () => {
  await build({
    configFile: false,
    logLevel: "silent",
    plugins: [withoutDeclarations(entry)],
    resolve: { conditions: ["source", "module", "browser", "import", "default"] },
    build: {
      outDir: folder,
      minify: false,
      target: "es2022",
      lib: { entry, formats: ["es"], fileName: "prover" },
    },
  });
  built = await import(pathToFileURL(join(folder, "prover.js")).href);
});
afterAll(() => rmSync(folder, { recursive: true, force: true }));

type Api = ReturnType<typeof source.proverApi>;
const draft = {
  revision: "A",
  project: "Tarn Ness",
  standards: "ASME",
  tag: { number: "XV-1", service: "", unit: "" },
  notes: "",
  overrideReason: "as required",
};

/** One call for each question. The compiler asks for an entry when a question is added. */
const questions: Record<Question, (api: Api, key: string) => unknown> = {
  outline: (api) => api.outline(1),
  rows: (api) => api.rows(1, "price", null, 0, 50),
  row: (api, key) => api.row(1, key),
  selected: (api, key) => api.selected(1, "price", [key]),
  details: (api, key) => api.details(1, [key]),
  variants: (api, key) => api.variants(1, key),
  drives: (api, key) => api.drives(1, key),
  kinds: (api, key) => api.kinds(1, key),
  constructions: (api) => api.constructions(1),
  byConstruction: (api) => constructions.map(({ id }) => api.byConstruction(1, id)),
  seats: (api, key) => api.seats(1, key),
  supplies: (api, key) => api.supplies(1, key),
  stall: (api, key) => api.stall(1, key),
  air: (api, key) => api.air(1, key),
  basis: (api, key) => api.basis(1, key),
  flowStroke: (api, key) => api.flowStroke(1, key),
  trims: (api, key) => api.trims(1, key),
  plan: (api, key) => api.plan(1, key, "strip"),
  fitting: (api, key) => api.fitting(1, key),
  chain: (api, key) => api.chain(1, key),
  stack: async (api, key) => {
    const chain = await api.chain(1, key);
    return chain && api.stack(1, key, chain, []);
  },
  leak: (api, key) => api.leak(1, key, "through the valve", []),
  movable: (api, key) => api.movable(1, key),
  breaking: async (api, key) => {
    const [first] = await api.movable(1, key);
    return first && api.breaking(1, key, first.path);
  },
  mapRow: async (api, key) => {
    const [first, second] = await api.movable(1, key);
    if (!first || !second) return null;
    return api.mapRow(
      1,
      key,
      { path: first.path, at: [first.value] },
      { path: second.path, at: second.value },
    );
  },
  effect: (api) => api.effect(1, "operator"),
  sheet: (api, key) => api.sheet(1, { ...draft, key }, { system: "metric" }),
};

/** Answers as text, without the computing time. */
const text = (answer: unknown) =>
  JSON.stringify(answer, (name, value) => (name === "milliseconds" ? undefined : value));

it("a prover without schemas and declarations answers like the whole one", {
  timeout: 600_000,
}, async () => {
  expect(existsSync(join(folder, "prover.js"))).toBe(true);
  const apis = [source.proverApi(), built.proverApi()] as const;
  for (const api of apis) api.setShelf(demoCatalogue, defaultHouseRules(), 1);
  for (const { number } of demoTags.filter((_, index) => index % tries(32, 1) === 0)) {
    for (const api of apis) api.prove(1, demoDuty(number));
    const [whole, less] = apis;
    const { key } = whole.rows(1, "price", null, 0, 1).rows[0]!;
    for (const [name, ask] of Object.entries(questions))
      expect(text(await ask(less, key)), `${name} of ${number}`).toBe(text(await ask(whole, key)));
  }
});
