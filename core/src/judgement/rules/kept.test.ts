import { readFileSync } from "node:fs";
import { describe, expect, it } from "vitest";
import { demoShelf, demoTags } from "../../../test/demo.ts";
import { findingOf } from "../../../test/one-rule.ts";
import { findChoice } from "../proof/choice.ts";
import { engineVersion } from "../proof/engine.ts";
import { rules } from "./rules.ts";

interface Kept {
  readonly rule: string;
  readonly tag: string;
  readonly valve: string;
  readonly drive: string | null;
  readonly finding: { readonly verdict: string };
}

const [{ engine }, ...findings] = readFileSync(
  new URL("../../../test/kept/findings.jsonl", import.meta.url),
  "utf8",
)
  .trimEnd()
  .split("\n")
  .map((line) => JSON.parse(line)) as [{ readonly engine: string }, ...Kept[]];

// A sheet issued by this engine must prove the same tomorrow: findings change with the engine's number only, and are
// then kept again by `npm run findings:keep`.
describe("kept findings of this engine", () => {
  it("were made by this engine", () => expect(engine).toBe(engineVersion));
  it("exist for every rule", () => {
    const known = new Set(findings.map((f) => f.rule));
    expect(rules.filter((r) => !known.has(r.id)).map((r) => r.id)).toEqual([]);
  });
  it.each(findings.map((f) => [f.rule, f.finding.verdict, f] as const))(
    "%s, %s, is the same",
    (_rule, _verdict, f) => {
      const { duty } = demoTags.find((t) => t.number === f.tag)!;
      const { valve, drive } = findChoice(duty, demoShelf, f)!;
      expect(findingOf(f.rule, duty, valve, drive)).toEqual(f.finding);
    },
  );
});
