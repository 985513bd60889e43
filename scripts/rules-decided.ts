/**
 * Prints every rule that neither a demo tag nor a border test decides to *holds*, *tight* or *fails*; exits with 1
 * where there is one.
 */
import { readdirSync, readFileSync } from "node:fs";
import { defaultHouseRules } from "@proven-seat/core/basis/house";
import { prove } from "@proven-seat/core/judgement/proof";
import { ruleStations, rules } from "@proven-seat/core/judgement/rules";
import { demoShelf, demoTags, differentFindings } from "../core/test/demo.ts";

const deciding = new Set(["holds", "tight", "fails"]);
const byTag = new Map<string, string>();
for (const { number, duty } of demoTags)
  for (const f of differentFindings(prove(duty, demoShelf, defaultHouseRules())))
    if (deciding.has(f.verdict) && !byTag.has(f.rule)) byTag.set(f.rule, number);

const inTests = new Set<string>();
for (const station of ruleStations) {
  const folder = new URL(`../core/src/judgement/rules/${station}/`, import.meta.url);
  for (const file of readdirSync(folder).filter((name) => name.endsWith(".test.ts")))
    for (const [, name, verdict] of readFileSync(new URL(file, folder), "utf8").matchAll(
      /\["([\w-]+)", "(\w+)"/g,
    ))
      if (deciding.has(verdict!)) inTests.add(`${station}/${name}`);
}

const open = rules.filter((r) => !byTag.has(r.id) && !inTests.has(r.id));
const testsOnly = rules.filter((r) => !byTag.has(r.id) && inTests.has(r.id));
console.log(
  `${rules.length} rules: ${byTag.size} decided on a demo tag, ${testsOnly.length} by a border test alone.`,
);
for (const r of testsOnly) console.log(`border test only: ${r.id}`);
for (const r of open) console.log(`decided by nothing: ${r.id}`);
process.exitCode = open.length === 0 ? 0 : 1;
