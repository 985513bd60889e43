/**
 * Keeps findings of every rule, some of each verdict it has in the demo, in core/test/kept/findings.jsonl, one per
 * line: findings of a release may not change without a new engine number. Run after that number was raised.
 */
import { writeFileSync } from "node:fs";
import { defaultHouseRules } from "@proven-seat/core/basis/house";
import { engineVersion, prove } from "@proven-seat/core/judgement/proof";
import { demoShelf, demoTags } from "../core/test/demo.ts";
import { findingOf } from "../core/test/one-rule.ts";

const each = 3;
const kept = new Map<
  string,
  { rule: string; tag: string; valve: string; drive: string | null; finding: unknown }[]
>();
for (const { number, duty } of demoTags) {
  const { candidates } = prove(duty, demoShelf, defaultHouseRules());
  for (const [index, c] of candidates.entries()) {
    // The first ones and then a few of all kinds, because neighbours in the ranking are similar.
    if (index > 3 && index % 61 !== 0) continue;
    for (const f of c.findings) {
      const key = `${f.rule} ${f.verdict}`;
      const known = kept.get(key) ?? [];
      if (known.length >= each || known.some((k) => k.tag === number)) continue;
      const finding = findingOf(f.rule, duty, c.valve, c.drive);
      kept.set(key, [
        ...known,
        { rule: f.rule, tag: number, valve: c.valve.key, drive: c.drive?.key ?? null, finding },
      ]);
    }
  }
}
const findings = [...kept.entries()].sort(([a], [b]) => (a < b ? -1 : 1)).flatMap(([, list]) => list);
const file = new URL("../core/test/kept/findings.jsonl", import.meta.url);
writeFileSync(
  file,
  [{ engine: engineVersion }, ...findings].map((record) => `${JSON.stringify(record)}\n`).join(""),
);
process.stdout.write(`${findings.length} findings of engine ${engineVersion}\n`);
