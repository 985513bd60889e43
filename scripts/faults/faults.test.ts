import { chmodSync, mkdtempSync, rmSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { expect, it } from "vitest";
import { build } from "../build.ts";
import { faultRound } from "./round.ts";

const seconds = 40;

it("what was acknowledged is stored, and nothing half, whatever is killed", {
  timeout: 240_000,
}, async () => {
  build();
  const data = mkdtempSync(join(tmpdir(), "faults-test-"));
  chmodSync(data, 0o755);
  try {
    const { wrong, kills, acknowledged } = await faultRound({ seconds, data, seed: 4180 });
    expect(wrong).toEqual([]);
    expect(Object.values(kills).reduce((sum, n) => sum + n, 0)).toBeGreaterThan(3);
    expect(acknowledged.saves).toBeGreaterThan(50);
    expect(acknowledged.lists).toBeGreaterThan(3);
    expect(acknowledged.sheets).toBeGreaterThan(3);
    expect(acknowledged.copies).toBeGreaterThan(0);
  } finally {
    rmSync(data, { recursive: true, force: true });
  }
});
