import { chmodSync, mkdtempSync, rmSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { expect, it } from "vitest";
import { tries } from "../../core/test/effort.ts";
import { build } from "../build.ts";
import { faultRound } from "./round.ts";

const seconds = tries(15, 1800);
const atLeast = { kills: 3, saves: 30, lists: 2, sheets: 2, copies: 1 };

it("everything acknowledged is stored, and nothing half, whatever is killed", {
  timeout: tries(1_800_000, 7_200_000),
}, async () => {
  build();
  const data = mkdtempSync(join(tmpdir(), "faults-test-"));
  chmodSync(data, 0o755);
  try {
    const { wrong, said, kills, acknowledged } = await faultRound({ seconds, atLeast, data, seed: 4180 });
    expect(wrong, said).toEqual([]);
    const happened = { ...acknowledged, kills: Object.values(kills).reduce((sum, n) => sum + n, 0) };
    for (const [what, count] of Object.entries(atLeast))
      expect(happened[what as keyof typeof atLeast], what).toBeGreaterThanOrEqual(count);
  } finally {
    rmSync(data, { recursive: true, force: true });
  }
});
