/** Things that are easily forgotten in an addition: a function finds each, and a test shows that it does. */
import { readdirSync, readFileSync } from "node:fs";
import { dirname, join } from "node:path";
import { describe, expect, it } from "vitest";
import { calculations } from "./basis/calc/contract.ts";
import { type Concept, concepts, type Words } from "./duty/line-list/lexicon/concept.ts";
import { de } from "./duty/line-list/lexicon/de.ts";
import { en } from "./duty/line-list/lexicon/en.ts";
import { es } from "./duty/line-list/lexicon/es.ts";
import { fr } from "./duty/line-list/lexicon/fr.ts";
import { it as italian } from "./duty/line-list/lexicon/it.ts";
import { nl } from "./duty/line-list/lexicon/nl.ts";
import { pt } from "./duty/line-list/lexicon/pt.ts";
import { parts } from "./equipment/catalogue/parts/parts.ts";
import { rules } from "./judgement/rules/rules.ts";
import { causeKinds } from "./outcome/shop/leak/causes.ts";
import type { Check } from "./outcome/shop/leak/check.ts";
import { checks } from "./outcome/shop/leak/checks.ts";

const source = import.meta.dirname;

describe("a calculation", () => {
  const vectors = readdirSync(join(source, "../vectors")).map((file) => file.replace(".json", ""));
  const withoutVectors = (names: readonly string[]) => names.filter((name) => !vectors.includes(name));
  it("has worked cases", () => {
    expect(withoutVectors(calculations.map(({ name }) => name))).toEqual([]);
    expect(withoutVectors(["rating", "flange-rating"])).toEqual(["flange-rating"]);
  });
});

describe("a part of a candidate", () => {
  const idle = (paths: readonly string[]) =>
    paths.filter((path) => !rules.some(({ dependsOn }) => (dependsOn as readonly string[]).includes(path)));
  it("is used by some rule", () => {
    expect(idle(parts.map(({ path }) => path))).toEqual([]);
    expect(idle(["seat", "paint"])).toEqual(["paint"]);
  });
});

describe("a language of line lists", () => {
  /** The least words of a line-list language. */
  const least: readonly Concept[] = [
    "tag",
    "number",
    "valve",
    "line",
    "size",
    "pressure",
    "temperature",
    "class",
    "fluid",
    "service",
    "flow",
    "actuator",
    "fail",
    "position",
    "supply",
    "air",
    "leakage",
  ];
  const lacking = (words: Words) => least.filter((concept) => (words[concept] ?? "").trim() === "");
  it("has at least the basic words", () => {
    const languages = { de, en, es, fr, it: italian, nl, pt };
    for (const [language, words] of Object.entries(languages)) expect(lacking(words), language).toEqual([]);
    expect(lacking({ ...en, tag: "" })).toEqual(["tag"]);
    for (const concept of least) expect(concepts).toContain(concept);
  });
});

describe("a cause of a leak", () => {
  const seenBy = (kind: (typeof causeKinds)[number], { chances, otherwise }: Check) =>
    JSON.stringify(chances[kind] ?? otherwise);
  /** Pairs that no check of a place tells apart, although some check knows one of them. */
  const alike = (list: readonly Check[]) =>
    [...new Set(list.map(({ place }) => place))].flatMap((place) => {
      const here = list.filter((check) => check.place === place);
      const known = causeKinds.filter((kind) => here.some(({ chances }) => kind in chances));
      return known.flatMap((a, i) =>
        known
          .slice(i + 1)
          .filter((b) => here.every((check) => seenBy(a, check) === seenBy(b, check)))
          .map((b) => `${a} and ${b}`),
      );
    });
  it("is told from every other by some check", () => {
    expect(alike(checks)).toEqual([]);
    const known = causeKinds.filter((kind) => checks.some(({ chances }) => kind in chances));
    expect(known).toEqual([...causeKinds]);
    const [first] = checks;
    const [a, b] = Object.keys(first!.chances);
    const blind = [{ ...first!, chances: { [a!]: first!.otherwise, [b!]: first!.otherwise } }] as Check[];
    expect(alike(blind)).toHaveLength(1);
  });
});

describe("a step of a version", () => {
  const files = (readdirSync(source, { recursive: true }) as string[]).filter((file) =>
    /\/versions\/\d+-[^/]+\.ts$/.test(file),
  );
  const unregistered = (names: readonly string[], kindOf: (file: string) => string) =>
    names.filter((file) => !kindOf(file).includes(`"./${file.split("/").at(-1)}"`));
  it("is registered with its kind", () => {
    const kindOf = (file: string) => readFileSync(join(source, dirname(file), "kind.ts"), "utf8");
    expect(files.length).toBeGreaterThan(10);
    expect(unregistered(files, kindOf)).toEqual([]);
    expect(unregistered(["duty/versions/3-new.ts"], kindOf)).toEqual(["duty/versions/3-new.ts"]);
  });
});

describe("a printed document", () => {
  const server = join(source, "../../server/src/jobs/tasks");
  const tasks = readdirSync(server)
    .map((file) => readFileSync(join(server, file), "utf8"))
    .join("\n");
  const unprinted = (files: readonly string[]) =>
    files
      .map((file) => file.replace(/-document\.ts$/, "Document"))
      .filter((name) => !new RegExp(`\\b${name}\\(`).test(tasks));
  it("is printed by a task of the server", () => {
    const files = readdirSync(join(source, "outcome/documents")).filter((file) =>
      file.endsWith("-document.ts"),
    );
    expect(files.length).toBeGreaterThan(2);
    expect(unprinted(files)).toEqual([]);
    expect(unprinted(["label-document.ts"])).toEqual(["labelDocument"]);
  });
});
